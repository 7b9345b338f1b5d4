const swc = (jsx) => [
  '<rootDir>/scripts/jestTransform.mjs',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: jsx },
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'es6' },
  },
];

/** Packages are left as they are, but for those that tests spend their time in. */
const UNTOUCHED = [
  '/node_modules/(?!(react|react-dom|scheduler|fast-check|pure-rand|immer|zod|aria-query|@testing-library|dom-accessibility-api)/)',
];

const shared = {
  roots: ['<rootDir>/src'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  setupFiles: ['<rootDir>/scripts/seed.mjs'],
  transformIgnorePatterns: UNTOUCHED,
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/scripts/empty.mjs',
    // one file instead of one an icon
    '^lucide-react$': '<rootDir>/node_modules/lucide-react/dist/cjs/lucide-react.js',
  },
};

export default {
  // the embedded database of a server under test is open until its process ends
  forceExit: true,
  // a guard against a test that hangs, not a measure of speed: a busy machine takes three times as long
  testTimeout: 30_000,
  // by itself it would leave one of two cores idle
  maxWorkers: '100%',
  projects: [
    {
      // without a page each file needs no globals of its own: the core is loaded once in a thread, and stays warm
      displayName: 'core',
      runner: 'jest-light-runner',
      roots: shared.roots,
      setupFiles: ['<rootDir>/scripts/typescript.mjs', ...shared.setupFiles],
      testMatch: ['**/*.test.ts'],
      testPathIgnorePatterns: ['<rootDir>/src/ui/'],
      transform: {},
    },
    {
      ...shared,
      displayName: 'node',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/src/ui/**/*.test.ts'],
      transform: { '\\.(ts|js|cjs|mjs)$': swc(false) },
    },
    {
      ...shared,
      displayName: 'dom',
      setupFiles: [...shared.setupFiles, '<rootDir>/src/ui/tests/engine.ts'],
      testEnvironment: 'jsdom',
      testMatch: ['**/*.test.tsx'],
      transform: { '\\.(tsx?|js|cjs|mjs)$': swc(true) },
    },
  ],
};
