import 'server-only';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import { DatabaseDamaged, isDamage } from './damage';
import type { Db } from './db';
import { migrate } from './migrate';
import { checkWhole } from './queries/wholeness';

/** A database that is open, and what only its opener does with it. */
export interface OpenDatabase extends Db {
  close(): Promise<void>;
  /** Everything in it as one file: PGlite's own dump, a gzipped tar. */
  dump(): Promise<Uint8Array<ArrayBuffer>>;
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
  const control = join(dir, 'global', 'pg_control');
  if (!existsSync(control)) return 'its file pg_control is missing';
  if (statSync(control).size < CONTROL_BYTES) return 'its file pg_control is cut short';
  if (!existsSync(join(dir, 'pg_wal'))) return 'its log pg_wal is missing';
  return null;
}

/**
 * Opens the embedded database in a data directory and brings its tables up to date.
 * @param template  a dump to begin a new directory with, which is quicker than making one from nothing
 * @throws DatabaseDamaged where what stands there can't be opened, or lacks a part of itself
 */
export async function openDatabase(dataDir: string, template?: string): Promise<OpenDatabase> {
  const dir = databaseDir(dataDir);
  const existing = hasDatabase(dataDir);
  const broken = existing ? brokenPart(dir) : null;
  if (broken) throw new DatabaseDamaged(broken);
  await mkdir(dir, { recursive: true });
  try {
    const start = existing ? undefined : await readTemplate(template);
    const compiled = await holder[MODULE];
    return await ready(
      await PGlite.create(dir, {
        ...(start ? { loadDataDir: start } : {}),
        ...(compiled ? { pgliteWasmModule: compiled } : {}),
      }),
    );
  } catch (error) {
    throw existing && isDamage(error) ? new DatabaseDamaged(reasonOf(error)) : error;
  }
}

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

async function ready(pglite: PGlite): Promise<OpenDatabase> {
  const db = wrap(pglite);
  await migrate(db, join(/* turbopackIgnore: true */ process.cwd(), 'src/db/migrations'));
  await checkWhole(db);
  return {
    ...db,
    close: () => pglite.close(),
    dump: async () => new Uint8Array(await (await pglite.dumpDataDir('gzip')).arrayBuffer()),
  };
}

/** PGlite would unpack it too, but breaks outside any promise where the file is cut short. */
const unpack = async (bytes: Uint8Array<ArrayBuffer>): Promise<Blob> =>
  new Blob([new Uint8Array(await promisify(gunzip)(bytes))], { type: 'application/x-tar' });

async function readTemplate(file: string | undefined): Promise<Blob | undefined> {
  if (file === undefined || !existsSync(file)) return undefined;
  return unpack(new Uint8Array(await readFile(file)));
}

const reasonOf = (error: unknown): string =>
  error instanceof Error ? error.message.replace(/\.?\s*$/, '') : String(error);

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
