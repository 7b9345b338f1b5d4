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

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stays-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TEST },
      to: {
        pathNot: '^src/core/|^node_modules/(zod|date-fns|fraction\\.js|immer|pure-rand|suncalc)/',
      },
    },
    only('text', ['core']),
    only('formats', ['core', 'text']),
    only('db', ['core']),
    only('server', ['core', 'text', 'formats', 'db']),
    only('ui', ['core', 'text', 'formats', 'workers']),
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
