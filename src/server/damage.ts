import 'server-only';
import { existsSync } from 'node:fs';
import { readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod/mini';
import { databaseDir, hasDatabase } from '@/db/client';
import { type CopyContents, listCopies, newestGoodCopy } from './copies';

/** Written beside a damaged database; while it stands, the server does not start. */
const markerSchema = z.object({
  reason: z.string(),
  /** Where the damaged database is kept, or null where it was gone. */
  keptAt: z.nullable(z.string()),
});

type Marker = z.infer<typeof markerSchema>;

const markerFile = (dataDir: string): string => join(dataDir, 'damaged.json');

/** The server does not start: the database is damaged, and what to do is said. */
export class DataDamaged extends Error {}

/**
 * Refuses to go on where a damaged database awaits a decision, or where the database is gone and its
 * copies are still there: a new one in its place would hide the loss.
 * @throws DataDamaged with the ways on, in words
 */
export async function refuseDamaged(dataDir: string): Promise<void> {
  const marker = await readMarker(dataDir);
  if (marker) throw new DataDamaged(await words(dataDir, marker));
  if (!hasDatabase(dataDir) && (await listCopies(dataDir)).length > 0) {
    throw new DataDamaged(
      await words(dataDir, { reason: 'the database is gone from it', keptAt: null }),
    );
  }
}

/** Puts a damaged database aside, so that nothing writes to it any more, and says the ways on. */
export async function putAside(dataDir: string, reason: string, stamp: string): Promise<never> {
  const keptAt = await moveAside(dataDir, `database-damaged-${stamp}`);
  const marker: Marker = { reason, keptAt };
  await writeFile(markerFile(dataDir), JSON.stringify(marker));
  throw new DataDamaged(await words(dataDir, marker));
}

/** Moves the database to a name of its own; the new place, or null where there was none. */
export async function moveAside(dataDir: string, name: string): Promise<string | null> {
  if (!hasDatabase(dataDir)) return null;
  let keptAt = join(dataDir, name);
  for (let n = 2; existsSync(/* turbopackIgnore: true */ keptAt); n++)
    keptAt = join(dataDir, `${name}-${n}`);
  await rename(databaseDir(dataDir), keptAt);
  return keptAt;
}

/** The decision has been taken: the server may start again. */
export const forgetDamage = (dataDir: string): Promise<void> =>
  rm(markerFile(dataDir), { force: true });

async function readMarker(dataDir: string): Promise<Marker | null> {
  if (!existsSync(markerFile(dataDir))) return null;
  const read = markerSchema.safeParse(parsed(await readFile(markerFile(dataDir), 'utf8')));
  if (read.success) return read.data;
  return {
    reason: 'they were found damaged before, and the note of it, damaged.json, can’t be read',
    keptAt: await lastAside(dataDir),
  };
}

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
};

/** The newest of the databases that were put aside; null where there is none. */
async function lastAside(dataDir: string): Promise<string | null> {
  const kept = (await readdir(dataDir)).filter((name) => name.startsWith('database-damaged-'));
  const last = kept.sort().at(-1);
  return last === undefined ? null : join(dataDir, last);
}

async function words(dataDir: string, { reason, keptAt }: Marker): Promise<string> {
  const good = await newestGoodCopy(dataDir);
  const lines = [
    `The plans in ${dataDir} can't be opened: ${reason}.`,
    keptAt === null
      ? 'Nothing was changed.'
      : `What is left of them is kept, untouched, in ${keptAt}.`,
    good
      ? `The newest good copy is ${good.file}: ${describeCopy(good.contents)}. To take it:\n  npm run restore -- ${good.file}`
      : 'No good copy was found. A backup of your own is taken with:\n  npm run restore -- <file>',
    'To begin with no plans instead:\n  npm run restore -- --empty',
  ];
  return lines.join('\n');
}

/** "3 plans, last saved on 24 November 2026" */
export function describeCopy({ plans, lastSavedAt }: CopyContents): string {
  const count = plans === 1 ? '1 plan' : `${plans} plans`;
  if (lastSavedAt === null) return count;
  const day = new Date(lastSavedAt).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
  return `${count}, last saved on ${day}`;
}
