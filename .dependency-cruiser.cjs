/** The arrows of ARCHITECTURE.md: app → ui, server → formats, db, text → core. */
const TEST = '\\.(test|spec)\\.tsx?$|^src/core/tests/|^src/ui/tests/';
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
  tending: [
    ...['kernel', 'model', 'rules', 'weather', 'geometry', 'birds', 'stores'],
    ...['edit', 'stations'],
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
      .concat(from === 'tending' ? '^src/core/assess(ment)?\\.ts$' : [])
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

/**
 * The rooms of the interface, from the ground up: each reads from rooms above it in this table, and two on one floor
 * do not read each other. `session` is the open plan, `furniture` what every panel and screen is made of.
 */
const UI_ROOMS = {
  // ground: knows nothing of coops, or of no plan that is open
  units: [],
  theme: [],
  marks: [],
  charts: [],
  drawing: [],
  // the open plan, and how a figure, a field, a finding is shown
  session: [],
  tour: ['session'],
  figure: ['session'],
  forms: ['session', 'units'],
  furniture: ['session', 'units', 'theme', 'marks', 'figure', 'forms'],
  // what the screens of a plan are made of
  print: ['marks', 'drawing'],
  cautions: ['print'],
  staves: ['session', 'marks', 'figure'],
  rules: ['session', 'furniture'],
  history: ['session', 'drawing', 'forms', 'furniture'],
  brooder: ['session', 'drawing', 'figure'],
  flock: ['session', 'charts', 'drawing', 'figure', 'forms', 'furniture'],
  air: ['session', 'charts', 'drawing', 'figure', 'forms', 'furniture'],
  vessel: ['session', 'charts', 'drawing', 'figure', 'forms', 'furniture'],
  rain: ['session', 'charts', 'marks', 'drawing', 'forms', 'furniture', 'vessel'],
  frost: ['session', 'forms', 'furniture'],
  away: ['session', 'forms', 'furniture', 'print'],
  bench: ['session', 'drawing', 'figure', 'forms', 'furniture', 'air'],
  keys: ['session', 'tour', 'drawing', 'furniture', 'bench'],
  // the panels, a room a station, and what two of them share
  'panel/climate': ['session', 'figure', 'forms'],
  'panel/openings': ['session', 'figure', 'furniture'],
  'panel/flock': ['session', 'figure', 'forms', 'panel/climate'],
  'panel/shell': ['session', 'figure', 'forms', 'furniture', 'panel/openings'],
  'panel/floor': ['session', 'figure'],
  'panel/roosts': ['session', 'figure', 'forms', 'furniture'],
  'panel/nests': ['session', 'figure', 'forms', 'furniture'],
  'panel/air': ['session', 'furniture', 'air', 'panel/climate', 'panel/openings'],
  'panel/feed': [
    ...['session', 'figure', 'forms', 'furniture', 'vessel', 'rain', 'frost', 'away'],
    'panel/climate',
  ],
  'panel/litter': ['session', 'figure', 'furniture'],
  'panel/door': ['session', 'furniture', 'panel/openings'],
  'panel/reach': ['session', 'furniture', 'panel/openings'],
  'panel/brooder': ['session', 'figure', 'furniture'],
  panel: [
    ...['session', 'marks', 'figure', 'furniture', 'rules', 'flock', 'brooder'],
    ...['flock', 'shell', 'floor', 'roosts', 'nests', 'air', 'feed', 'litter', 'door', 'reach'].map(
      (station) => `panel/${station}`,
    ),
    'panel/brooder',
  ],
  // screens
  rough: ['session', 'units', 'drawing', 'forms', 'furniture'],
  check: ['session', 'units', 'marks', 'drawing', 'figure', 'forms', 'furniture', 'print', 'rough'],
  compare: ['marks', 'drawing', 'figure', 'furniture', 'staves'],
  home: [
    ...['session', 'units', 'theme', 'tour', 'drawing', 'figure', 'forms', 'furniture'],
    ...['rough', 'compare'],
  ],
  header: [
    ...['session', 'theme', 'tour', 'figure', 'forms', 'furniture', 'history', 'keys'],
    ...['home', 'compare'],
  ],
  plan: [
    ...['session', 'tour', 'furniture', 'staves', 'rules', 'flock', 'brooder', 'bench', 'keys'],
    ...['panel', 'header'],
  ],
};
const UI_PATHS = Object.keys(UI_ROOMS).map((room) => `^src/ui/${room}/`);
/** A room's own files: of `panel` those that lie in no room of it. */
const uiRoom = (room) => (room === 'panel' ? '^src/ui/panel/[^/]+$' : `^src/ui/${room}/`);
const screenRoom = (from, to) => ({
  name: `ui-${from.replace('/', '-')}-reads-only-what-lies-below`,
  severity: 'error',
  from: { path: uiRoom(from), pathNot: TEST },
  to: { path: '^src/ui/', pathNot: [from, ...to].map(uiRoom) },
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
      from: {
        path: '^src/core/[^/]+/',
        pathNot: `${TEST}|^src/core/(remedies|layout|measure|tending)/`,
      },
      to: { path: '^src/core/([^/]+\\.ts$|remedies/)' },
    },
    ...Object.entries(UI_ROOMS).map(([from, to]) => screenRoom(from, to)),
    {
      name: 'ui-is-all-in-rooms-of-the-table',
      severity: 'error',
      from: {},
      to: { path: '^src/ui/', pathNot: [...UI_PATHS, '^src/ui/tests/'] },
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
