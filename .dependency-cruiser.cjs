/** The arrows of ARCHITECTURE.md: app → ui, server → formats, db, text → core. */
const TEST = '\\.(test|spec)\\.tsx?$|^src/core/tests/';
const only = (from, to) => ({
  name: `${from}-only-to-${to.join('-')}`,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: TEST },
  to: {
    path: '^src/',
    pathNot: [from, ...to].map((t) => `^src/${t}/`).concat('^src/config\\.ts$'),
  },
});

/** The rooms of the core, each above those that it may read from. */
const ROOMS = {
  kernel: [],
  model: ['kernel'],
  rules: ['kernel', 'model'],
  weather: ['kernel', 'model', 'rules'],
  geometry: ['kernel', 'model', 'rules'],
  build: ['kernel', 'model', 'rules'],
  birds: ['kernel', 'model', 'rules', 'weather'],
  stores: ['kernel', 'model', 'rules', 'weather', 'geometry', 'birds'],
  carrying: ['kernel', 'birds'],
  edit: ['kernel', 'model', 'rules', 'weather', 'geometry', 'build', 'birds', 'air', 'stores'],
  proposals: ['kernel', 'model', 'rules', 'geometry', 'birds', 'carrying', 'edit'],
  air: ['kernel', 'model', 'rules', 'weather', 'geometry', 'birds'],
  stations: [
    ...['kernel', 'model', 'rules', 'weather', 'geometry', 'build', 'stores'],
    ...['birds', 'air', 'carrying', 'edit', 'proposals'],
  ],
  compare: ['kernel', 'model', 'edit'],
  placing: ['kernel', 'model', 'rules', 'geometry', 'birds'],
  drawing: ['kernel', 'model', 'rules', 'geometry', 'birds', 'stores', 'stations'],
  layout: [
    ...['kernel', 'model', 'rules', 'weather', 'geometry', 'build', 'stores'],
    ...['birds', 'carrying', 'edit', 'proposals', 'stations', 'placing'],
  ],
  measure: ['kernel', 'model', 'rules', 'geometry', 'birds', 'edit', 'layout'],
};
const room = (from, to) => ({
  name: `core-${from}-reads-only-what-lies-below`,
  severity: 'error',
  from: { path: `^src/core/${from}/`, pathNot: TEST },
  to: {
    path: '^src/core/',
    // a fit-out is tried by the judge itself
    pathNot: [from, ...to]
      .map((t) => `^src/core/${t}/`)
      .concat(from === 'layout' ? '^src/core/((judge|assess|staves)\\.ts$|remedies/)' : [])
      .concat(from === 'measure' ? '^src/core/(judge|staves)\\.ts$' : []),
  },
});
/** Stations, each with those that it reads from; what two of them share lies beside their rooms. */
const STATIONS = {
  litter: [],
  nests: ['litter'],
  roosts: ['nests', 'litter'],
  floor: ['nests', 'litter'],
  air: ['roosts'],
  flock: ['roosts'],
  vessels: [],
  feed: ['vessels'],
  water: ['vessels'],
  shell: ['air', 'nests'],
  door: [],
  reach: [],
  brooder: [],
};
const station = (id, below) => ({
  name: `station-${id}-does-not-read-back`,
  severity: 'error',
  from: { path: `^src/core/stations/${id}/`, pathNot: TEST },
  to: {
    path: '^src/core/stations/[^/]+/',
    pathNot: [id, ...below].map((t) => `^src/core/stations/${t}/`),
  },
});

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stays-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TEST },
      to: {
        pathNot: '^src/core/|^node_modules/(zod|date-fns|immer|pure-rand|suncalc|d3-array)/',
      },
    },
    ...Object.entries(ROOMS).map(([from, to]) => room(from, to)),
    ...Object.entries(STATIONS).map(([id, below]) => station(id, below)),
    {
      name: 'core-rooms-never-read-the-assessment',
      severity: 'error',
      from: { path: '^src/core/[^/]+/', pathNot: `${TEST}|^src/core/(remedies|layout|measure)/` },
      to: { path: '^src/core/([^/]+\\.ts$|remedies/)' },
    },
    only('text', ['core']),
    only('formats', ['core', 'text']),
    only('db', ['core']),
    only('server', ['core', 'text', 'formats', 'db']),
    only('ui', ['core', 'text', 'formats', 'workers']),
    only('workers', ['core', 'formats']),
    only('cli', ['core', 'text', 'formats']),
    only('app', ['ui', 'server', 'core', 'text', 'formats']),
    {
      name: 'only-db-opens-the-database',
      severity: 'error',
      from: { pathNot: '^src/db/|^scripts/|\\.(test|spec)\\.ts$' },
      to: { path: 'node_modules/(@electric-sql|pg)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.mjs', '.js'],
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
    },
  },
};
