import 'server-only';
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { type OpenDatabase, openDump } from '@/db/client';
import { countPlans, lastSavedAt } from '@/db/queries/plans';

/** Nightly copies kept. */
export const COPIES_KEPT = 7;
const COPY_NAME = /^\d{4}-\d{2}-\d{2}\.tar\.gz$/;

/** What a copy holds. */
export interface CopyContents {
  readonly plans: number;
  /** When its newest save was made, ISO; null without plans. */
  readonly lastSavedAt: string | null;
}

export const copiesDir = (dataDir: string): string => join(dataDir, 'copies');

/** The nightly copies, newest first, as paths. */
export async function listCopies(dataDir: string): Promise<string[]> {
  const dir = copiesDir(dataDir);
  if (!existsSync(dir)) return [];
  const names = (await readdir(dir)).filter((n) => COPY_NAME.test(n));
  return names
    .sort()
    .reverse()
    .map((n) => join(dir, n));
}

/**
 * Makes the day's copy where it is not there yet, and drops all but the last seven.
 * An empty database is not worth a copy that would push out a full one.
 * @param day  the server's day, YYYY-MM-DD
 * @param all  everything stored, as one file
 * @returns    the copy's path, or null where none was due
 */
export async function copyIfDue(
  db: OpenDatabase,
  dataDir: string,
  day: string,
  all: () => Promise<Uint8Array> = () => db.dump(),
): Promise<string | null> {
  const file = join(copiesDir(dataDir), `${day}.tar.gz`);
  if (existsSync(file) || (await countPlans(db)) === 0) return null;
  await mkdir(copiesDir(dataDir), { recursive: true });
  await writeWhole(file, await all());
  for (const old of (await listCopies(dataDir)).slice(COPIES_KEPT)) await rm(old);
  return file;
}

/** Writes a file so that it is there whole or not at all. */
export async function writeWhole(file: string, bytes: Uint8Array): Promise<void> {
  const part = `${file}.part`;
  try {
    await writeFile(part, bytes);
    await rename(part, file);
  } finally {
    await rm(part, { force: true });
  }
}

/**
 * Opens a copy in memory and says what it holds.
 * @throws Error where it can't be read, is no copy, or lacks a part
 */
export async function inspectCopy(bytes: Uint8Array<ArrayBuffer>): Promise<CopyContents> {
  const db = await openDump(bytes);
  try {
    return { plans: await countPlans(db), lastSavedAt: await lastSavedAt(db) };
  } finally {
    await db.close();
  }
}

/** The newest of the nightly copies that opens and is whole; null where none does. */
export async function newestGoodCopy(
  dataDir: string,
): Promise<{ file: string; contents: CopyContents } | null> {
  for (const file of await listCopies(dataDir)) {
    try {
      return { file, contents: await inspectCopy(new Uint8Array(await readFile(file))) };
    } catch {
      // an older one may still be good
    }
  }
  return null;
}
