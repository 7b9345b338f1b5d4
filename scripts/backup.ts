// Writes everything in the data directory to one file. `scripts/tools.mjs` bundles it.
//   npm run backup -- <file>
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { backUp } from '@/server/backup';
import { describeCopy } from '@/server/damage';
import { dataDir } from '@/server/settings';

const [typed, ...more] = process.argv.slice(2);
if (!typed || more.length > 0 || typed.startsWith('-')) {
  console.error('Say which file to write: npm run backup -- my-plans.tar.gz');
  process.exit(2);
}
const file = resolve(typed);
if (existsSync(file)) {
  console.error(`${file} is there already. Choose another name; nothing was written.`);
  process.exit(1);
}
try {
  const { contents, through } = await backUp(dataDir(), file);
  const from = through === 'server' ? 'the running server' : dataDir();
  console.log(`${file}: ${describeCopy(contents)}, from ${from}.`);
  process.exit(0);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
