// How Jest is started: ES modules in the contexts of pages, and elsewhere the server's own conditions, as where its
// routes run.
export const JEST = [
  '--experimental-vm-modules',
  '--no-warnings',
  '--conditions=react-server',
  'node_modules/jest/bin/jest.js',
];
