import 'server-only';
import { join } from 'node:path';
import { dayIn } from '@/core/kernel/units/day';
import { database, type OpenDatabase } from '@/db/client';
import { DatabaseDamaged } from '@/db/damage';
import { reasonOf } from '@/db/disk';
import { dumpAll, forgetCopies } from './backup';
import { copyIfDue } from './copies';
import { DataDamaged, putAside, refuseDamaged } from './damage';
import { DirectoryHeld, takeDirectory } from './lock';
import { log } from './log';
import { addSamples } from './plans';
import { dataDir, now, wantsSamples } from './settings';

const KEY = Symbol.for('wide-rafter.started');
const held = globalThis as { [KEY]?: boolean };

/** The first copy waits until the first pages have been answered; then one is looked for every hour. */
const FIRST_COPY_MS = 30_000;
const COPY_EVERY_MS = 3_600_000;

/** Takes the data directory, opens the database and fills it where asked; ends the process where it can't. */
export async function start(): Promise<void> {
  if (held[KEY]) return;
  held[KEY] = true;
  try {
    const port = process.env.PORT ?? '3000';
    await takeDirectory(dataDir(), `http://127.0.0.1:${port}`);
    await forgetCopies(dataDir());
    const db = await open();
    if (wantsSamples()) await addSamples(dayIn(now(), 'UTC'));
    keepCopies(db);
  } catch (error) {
    process.stderr.write(`${refusal(error)}\n`);
    process.exit(1);
  }
}

async function open(): Promise<OpenDatabase> {
  await refuseDamaged(dataDir());
  const template = join(/* turbopackIgnore: true */ process.cwd(), '.next/new-database.tar.gz');
  try {
    return await database(dataDir(), template);
  } catch (error) {
    if (!(error instanceof DatabaseDamaged)) throw error;
    const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
    return putAside(dataDir(), error.reason, stamp);
  }
}

function keepCopies(db: OpenDatabase): void {
  const copy = (): void => {
    copyIfDue(db, dataDir(), dayIn(now(), 'UTC'), dumpAll).then(
      (file) => file && log().info('copied'),
      (error: unknown) => log().error({ err: String(error) }, 'the nightly copy failed'),
    );
  };
  setTimeout(copy, FIRST_COPY_MS).unref();
  setInterval(copy, COPY_EVERY_MS).unref();
}

function refusal(error: unknown): string {
  if (error instanceof DirectoryHeld || error instanceof DataDamaged) return error.message;
  const why = reasonOf(error);
  return `The data directory ${dataDir()} can't be opened: ${why}.`;
}
