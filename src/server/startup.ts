import 'server-only';
import { dayIn } from '@/core/units/day';
import { database } from '@/db/client';
import { DirectoryHeld, takeDirectory } from './lock';
import { addSamples } from './plans';
import { dataDir, now, wantsSamples } from './settings';

const KEY = Symbol.for('wide-rafter.started');
const held = globalThis as { [KEY]?: boolean };

/** Takes the data directory, opens the database and fills it where asked; ends the process where it can't. */
export async function start(): Promise<void> {
  if (held[KEY]) return;
  held[KEY] = true;
  try {
    const port = process.env.PORT ?? '3000';
    await takeDirectory(dataDir(), `http://127.0.0.1:${port}`);
    await database(dataDir());
    if (wantsSamples()) await addSamples(dayIn(now(), 'UTC'));
  } catch (error) {
    const message =
      error instanceof DirectoryHeld
        ? error.message
        : `The data directory ${dataDir()} can't be opened: ${error instanceof Error ? error.message : String(error)}`;
    process.stderr.write(`${message}\n`);
    process.exit(1);
  }
}
