// The heavy counts: every property tried as often as its claim asks for, which takes longer than a test may.
//   npm run proof              all of them
//   npm run proof -- <path>    those whose path has this in it
import { spawnSync } from 'node:child_process';
import { root } from './root.mjs';

const jest = [
  '--experimental-vm-modules',
  'node_modules/jest/bin/jest.js',
  '--testTimeout=3600000',
];
const { status } = spawnSync(process.execPath, [...jest, ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, WIDE_RAFTER_PROOF: '1' },
});
process.exit(status ?? 1);
