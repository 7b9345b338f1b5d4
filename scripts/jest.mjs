// How Jest is started: ES modules in pages' contexts of their own, TypeScript read by tsx elsewhere, and there the
// server's own conditions, as where its routes run.
export const JEST = [
  '--experimental-vm-modules',
  '--no-warnings',
  '--conditions=react-server',
  '--import',
  'tsx',
  'node_modules/jest/bin/jest.js',
];
