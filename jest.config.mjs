const swc = (jsx) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: jsx },
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'es6' },
  },
];

const shared = {
  roots: ['<rootDir>/src'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  setupFiles: ['<rootDir>/scripts/seed.mjs'],
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
      ...shared,
      displayName: 'node',
      testEnvironment: 'node',
      testMatch: ['**/*.test.ts'],
      transform: { '\\.ts$': swc(false) },
    },
    {
      ...shared,
      displayName: 'dom',
      setupFiles: [...shared.setupFiles, '<rootDir>/src/ui/tests/engine.ts'],
      testEnvironment: 'jsdom',
      testMatch: ['**/*.test.tsx'],
      transform: { '\\.tsx?$': swc(true) },
    },
  ],
};
