// Unit tests, with whatever else is said to Jest: npm run unit -- <path>
import { spawnSync } from 'node:child_process';
import { JEST } from './jest.mjs';
import { root } from './root.mjs';

const how = { cwd: root, stdio: 'inherit' };
process.exit(spawnSync(process.execPath, [...JEST, ...process.argv.slice(2)], how).status ?? 1);
