// The heavy counts: every property tried as often as its claim asks for, which takes longer than a test may.
//   npm run proof              all of them
//   npm run proof -- <path>    those whose path has this in it
import { spawnSync } from 'node:child_process';
import { JEST } from './jest.mjs';
import { root } from './root.mjs';

const asked = ['--testTimeout=3600000', ...process.argv.slice(2)];
const { status } = spawnSync(process.execPath, [...JEST, ...asked], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, WIDE_RAFTER_PROOF: '1' },
});
process.exit(status ?? 1);
