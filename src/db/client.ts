import 'server-only';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import type { Db } from './db';
import { migrate } from './migrate';

const KEY = Symbol.for('wide-rafter.database');
type Holder = { [KEY]?: Promise<Db> | undefined };
const holder = globalThis as Holder;

/** Opens the embedded database in a data directory and brings its tables up to date. */
export async function openDatabase(dataDir: string): Promise<Db & { close(): Promise<void> }> {
  const dir = join(dataDir, 'database');
  await mkdir(dir, { recursive: true });
  const pglite = await PGlite.create(dir);
  const db = wrap(pglite);
  await migrate(db, join(/* turbopackIgnore: true */ process.cwd(), 'src/db/migrations'));
  return { ...db, close: () => pglite.close() };
}

/** The server's one database, opened at its start; forgotten if opening failed, so that it can be tried again. */
export function database(dataDir: string): Promise<Db> {
  const opening =
    holder[KEY] ??
    openDatabase(dataDir).catch((error: unknown) => {
      holder[KEY] = undefined;
      throw error;
    });
  holder[KEY] = opening;
  return opening;
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
