import 'server-only';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { cp, mkdir, readFile, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { DATABASE_VERSION, DatabaseDamaged, DatabaseOfAnother, isDamage } from './damage';
import type { Db } from './db';
import { DiskFull, isDiskFull, isNoSpace, reasonOf } from './disk';
import { foreignIn, MOST_UNPACKED } from './dump';
import { migrate } from './migrate';
import { checkWhole } from './queries/wholeness';

/** A database that is open, and what only its opener does with it. */
export interface OpenDatabase extends Db {
  close(): Promise<void>;
  /** Everything in it as one file: PGlite's own dump, a gzipped tar. */
  dump(): Promise<Uint8Array<ArrayBuffer>>;
  /** Copies its files as they are at one moment; what is asked of it meanwhile waits for a part of a second. */
  copyTo(dir: string): Promise<void>;
}

const KEY = Symbol.for('wide-rafter.database');
/** PGlite, compiled ahead by the process that starts the server. */
const MODULE = Symbol.for('wide-rafter.database-module');
type Holder = {
  [KEY]?: Promise<OpenDatabase> | undefined;
  [MODULE]?: Promise<WebAssembly.Module | undefined>;
};
const holder = globalThis as Holder;

/** The directory of the database in a data directory. */
export const databaseDir = (dataDir: string): string => join(dataDir, 'database');

/** Whether a database has been made there, be it whole or not. */
export const hasDatabase = (dataDir: string): boolean =>
  existsSync(databaseDir(dataDir)) && readdirSync(databaseDir(dataDir)).length > 0;

/** PostgreSQL's control file is always of this length, bytes. Source: postgresql (PG_CONTROL_FILE_SIZE). */
const CONTROL_BYTES = 8192;

/** What a directory lacks that every database has; null where nothing is seen to be missing from outside. */
function brokenPart(dir: string): string | null {
  if (!existsSync(join(dir, 'PG_VERSION'))) return 'its file PG_VERSION is missing';
  if (versionOf(dir) === null) return 'its file PG_VERSION can’t be read';
  const control = join(dir, 'global', 'pg_control');
  if (!existsSync(control)) return 'its file pg_control is missing';
  if (statSync(control).size < CONTROL_BYTES) return 'its file pg_control is cut short';
  if (!existsSync(join(dir, 'pg_wal'))) return 'its log pg_wal is missing';
  return null;
}

/** The version that a directory's database is of, whole; null where its file says none. */
function versionOf(dir: string): number | null {
  const said = readFileSync(join(dir, 'PG_VERSION'), 'utf8').trim();
  return /^\d{1,3}$/.test(said) ? Number(said) : null;
}

/**
 * Opens the embedded database in a data directory and brings its tables up to date.
 * @param template  a dump to begin a new directory with, which is quicker than making one from nothing
 * A new one is made beside its place and put there whole: a start that is killed meanwhile leaves nothing behind.
 * @throws DatabaseDamaged where what stands there can't be opened, or lacks a part of itself; DatabaseOfAnother where
 *         another version of the program made it; DiskFull where there is no room
 */
export async function openDatabase(dataDir: string, template?: string): Promise<OpenDatabase> {
  const dir = databaseDir(dataDir);
  const existing = hasDatabase(dataDir);
  const broken = existing ? brokenPart(dir) : null;
  if (broken) throw new DatabaseDamaged(broken);
  const version = existing ? versionOf(dir) : null;
  if (version !== null && version !== DATABASE_VERSION) throw new DatabaseOfAnother(version);
  try {
    if (!existing) await makeBeside(dir, template);
    return await ready(await opened(dir));
  } catch (error) {
    if (isNoSpace(error) || (await isDiskFull(dataDir))) throw new DiskFull(dataDir);
    if (existing && isDamage(error)) throw new DatabaseDamaged(reasonOf(error));
    throw error instanceof Error ? error : new Error(reasonOf(error));
  }
}

/** Makes a database beside its place, of a dump or of nothing, and puts it there once it is whole. */
async function makeBeside(dir: string, template: string | undefined): Promise<void> {
  const beside = `${dir}-new`;
  await rm(beside, { recursive: true, force: true });
  await mkdir(beside, { recursive: true });
  const start = await readTemplate(template);
  const made = await opened(beside, start);
  await made.close();
  await rename(beside, dir);
}

const opened = async (dir: string, start?: Blob): Promise<PGlite> => {
  const compiled = await holder[MODULE];
  return PGlite.create(dir, {
    ...(start ? { loadDataDir: start } : {}),
    ...(compiled ? { pgliteWasmModule: compiled } : {}),
  });
};

/**
 * Opens a dump in memory, leaving every directory alone.
 * @throws whatever is wrong with it: a file that is no dump, or one that lacks a part
 */
export async function openDump(bytes: Uint8Array<ArrayBuffer>): Promise<OpenDatabase> {
  return ready(await PGlite.create({ loadDataDir: await unpack(bytes) }));
}

/** Makes a database of a dump in a directory that holds none. */
export async function writeDump(
  bytes: Uint8Array<ArrayBuffer>,
  databaseAt: string,
): Promise<OpenDatabase> {
  await mkdir(databaseAt, { recursive: true });
  return ready(await PGlite.create(databaseAt, { loadDataDir: await unpack(bytes) }));
}

/** The server's one database, opened at its start; forgotten if opening failed, so that it can be tried again. */
export function database(dataDir: string, template?: string): Promise<OpenDatabase> {
  const opening =
    holder[KEY] ??
    openDatabase(dataDir, template).catch((error: unknown) => {
      holder[KEY] = undefined;
      throw error;
    });
  holder[KEY] = opening;
  return opening;
}

/** Closes the server's database, so that another can be opened. */
export async function closeDatabase(): Promise<void> {
  const open = holder[KEY];
  holder[KEY] = undefined;
  await (await open)?.close();
}

async function ready(pglite: PGlite): Promise<OpenDatabase> {
  const db = wrap(pglite);
  await migrate(db, join(/* turbopackIgnore: true */ process.cwd(), 'src/db/migrations'));
  await checkWhole(db);
  return {
    ...db,
    close: () => pglite.close(),
    copyTo: async (dir) => {
      await pglite.exec('checkpoint');
      await pglite.runExclusive(() => cp(pglite.dataDir ?? '', dir, { recursive: true }));
    },
    dump: async () => new Uint8Array(await (await pglite.dumpDataDir('gzip')).arrayBuffer()),
  };
}

/**
 * A dump, unpacked. PGlite would unpack it too, but breaks outside any promise where the file is cut short, and takes
 * whatever is in it, however much.
 * @throws Error where it is no gzip, unpacks to more than so many bytes, or has files that no database has
 */
export async function unpack(bytes: Uint8Array<ArrayBuffer>, most = MOST_UNPACKED): Promise<Blob> {
  const tar = new Uint8Array(await promisify(gunzip)(bytes, { maxOutputLength: most }));
  const foreign = foreignIn(tar);
  if (foreign !== null) throw new Error(`it has a file that is no part of a database: ${foreign}`);
  return new Blob([tar], { type: 'application/x-tar' });
}

async function readTemplate(file: string | undefined): Promise<Blob | undefined> {
  if (file === undefined || !existsSync(file)) return undefined;
  return unpack(new Uint8Array(await readFile(file)));
}

type Queryable = Pick<PGlite, 'query' | 'exec'>;

function wrap(pglite: PGlite): Db {
  const on = (q: Queryable, transaction: Db['transaction']): Db => ({
    query: async (sql, params = []) => (await q.query(sql, [...params])).rows,
    exec: async (sql) => {
      await q.exec(sql);
    },
    transaction,
  });
  return on(pglite, (work) =>
    pglite.transaction((tx) =>
      work(
        on(tx, () => {
          throw new Error('a transaction is already open');
        }),
      ),
    ),
  );
}
