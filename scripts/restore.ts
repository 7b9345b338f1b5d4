// Puts a backup in the place of what the data directory holds, which is kept beside it.
//   npm run restore -- <file>
//   npm run restore -- --empty     begins with no plans
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { restore } from '@/server/backup';
import { describeCopy } from '@/server/damage';
import { DirectoryHeld } from '@/server/lock';
import { dataDir } from '@/server/settings';

const [typed, ...more] = process.argv.slice(2);
if (!typed || more.length > 0 || (typed.startsWith('-') && typed !== '--empty')) {
  console.error(
    'Say which backup to take: npm run restore -- my-plans.tar.gz (or --empty to begin with no plans)',
  );
  process.exit(2);
}
const file = typed === '--empty' ? null : resolve(typed);
if (file !== null && !existsSync(file)) {
  console.error(`There is no file ${file}. Nothing was changed.`);
  process.exit(1);
}
try {
  const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
  const { contents, keptAt } = await restore(dataDir(), file, stamp);
  console.log(`${dataDir()} now holds ${describeCopy(contents)}.`);
  if (keptAt) console.log(`What stood there before is kept in ${keptAt}.`);
  process.exit(0);
} catch (error) {
  if (error instanceof DirectoryHeld) console.error(error.message);
  else {
    const why = error instanceof Error ? error.message : String(error);
    console.error(`${file} is no backup that can be taken (${why}). Nothing was changed.`);
  }
  process.exit(1);
}
