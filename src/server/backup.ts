import 'server-only';
import { mkdtemp, readdir, readFile, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { database, databaseDir, openDatabase, writeDump } from '@/db/client';
import { type CopyContents, inspectCopy, writeWhole } from './copies';
import { forgetDamage, moveAside } from './damage';
import { run } from './jobs/pool';
import { DirectoryHeld, takeDirectory } from './lock';
import { dataDir as ownDataDir } from './settings';

/** Where the database's files lie while they are packed. */
const PACKING = 'database-packing-';

/**
 * Everything this server stores, as one file. The files are copied as they are at one moment and packed beside the
 * server, so that nobody waits for it but who asked.
 * @param signal  ends it: who asked has left
 * @throws Busy where too much is asked already
 */
export async function dumpAll(signal?: AbortSignal): Promise<Uint8Array<ArrayBuffer>> {
  const db = await database(ownDataDir());
  const dir = await mkdtemp(join(ownDataDir(), PACKING));
  try {
    await db.copyTo(dir);
    return new Uint8Array(await run('pack', { dir }, signal));
  } finally {
    await rm(dir, { recursive: true, force: true });
  }
}

/** Drops what a server that was ended in the middle of packing has left. */
export async function forgetCopies(dataDir: string): Promise<void> {
  for (const name of await readdir(dataDir)) {
    if (name.startsWith(PACKING)) await rm(join(dataDir, name), { recursive: true, force: true });
  }
}

/** Where a backup came from. */
export interface Backup {
  readonly contents: CopyContents;
  readonly through: 'server' | 'directory';
}

/**
 * Writes everything in a data directory to one file: through the server that holds the directory where
 * one runs, else from the directory itself.
 * @throws DirectoryHeld where another process holds it and does not answer
 */
export async function backUp(dataDir: string, file: string): Promise<Backup> {
  const { bytes, through } = await readAll(dataDir);
  const contents = await inspectCopy(bytes);
  await writeWhole(file, bytes);
  return { contents, through };
}

async function readAll(
  dataDir: string,
): Promise<{ bytes: Uint8Array<ArrayBuffer>; through: Backup['through'] }> {
  let release: () => void;
  try {
    release = await takeDirectory(dataDir, 'backup');
  } catch (error) {
    if (!(error instanceof DirectoryHeld)) throw error;
    return { bytes: await fromServer(error), through: 'server' };
  }
  try {
    const db = await openDatabase(dataDir);
    const bytes = await db.dump();
    await db.close();
    return { bytes, through: 'directory' };
  } finally {
    release();
  }
}

async function fromServer(held: DirectoryHeld): Promise<Uint8Array<ArrayBuffer>> {
  const address = held.holder?.address ?? '';
  const response = URL.canParse(address)
    ? await fetch(new URL('/api/backup', address)).catch(() => null)
    : null;
  if (!response?.ok) throw held;
  return new Uint8Array(await response.arrayBuffer());
}

/** What a restore did. */
export interface Restored {
  readonly contents: CopyContents;
  /** Where the database that stood there before is kept; null where there was none. */
  readonly keptAt: string | null;
}

/**
 * Puts a backup in the place of what a data directory holds, which is kept beside it. The backup is opened
 * and looked through first; where it is no good, nothing is changed.
 * @param file   the backup; null to begin with no plans
 * @param stamp  part of the kept database's name
 * @throws DirectoryHeld where a process holds the directory; Error where the file is no good
 */
export async function restore(
  dataDir: string,
  file: string | null,
  stamp: string,
): Promise<Restored> {
  const release = await takeDirectory(dataDir, 'restore');
  try {
    return await replaceDatabase(dataDir, file, stamp);
  } finally {
    release();
  }
}

async function replaceDatabase(
  dataDir: string,
  file: string | null,
  stamp: string,
): Promise<Restored> {
  const bytes = file === null ? null : new Uint8Array(await readFile(file));
  const contents = bytes ? await inspectCopy(bytes) : { plans: 0, lastSavedAt: null };
  const fresh = join(dataDir, 'database-restoring');
  if (bytes) {
    await rm(fresh, { recursive: true, force: true });
    await (await writeDump(bytes, fresh)).close();
  }
  const keptAt = await moveAside(dataDir, `database-before-${stamp}`);
  if (bytes) await rename(fresh, databaseDir(dataDir));
  else await (await openDatabase(dataDir)).close();
  await forgetDamage(dataDir);
  return { contents, keptAt };
}
