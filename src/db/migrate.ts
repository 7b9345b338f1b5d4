import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Db } from './db';

/** The database was made by another version of the program: nothing is wrong with it. */
export class MigrationMismatch extends Error {}

export interface Migration {
  readonly name: string;
  readonly sql: string;
  readonly checksum: string;
}

/**
 * Runs the migrations not yet recorded, in the order of their numbers, each in a transaction.
 * @throws MigrationMismatch where a migration that has run was changed since, or is missing from the files
 */
export async function migrate(db: Db, dir: string): Promise<void> {
  await db.exec(`create table if not exists migrations (
    name text primary key,
    checksum text not null,
    run_at timestamptz not null default now()
  )`);
  const done = new Map((await db.query('select name, checksum from migrations')).map(decodeDone));
  const files = await readMigrations(dir);
  const missing = [...done.keys()].find((name) => !files.some((f) => f.name === name));
  if (missing !== undefined) {
    throw new MigrationMismatch(
      `the database was made by a newer program: it knows the migration ${missing}`,
    );
  }
  for (const file of files) {
    const recorded = done.get(file.name);
    if (recorded === file.checksum) continue;
    if (recorded !== undefined)
      throw new MigrationMismatch(`the migration ${file.name} was changed after it had run`);
    await db.transaction(async (tx) => {
      await tx.exec(file.sql);
      await tx.query('insert into migrations (name, checksum) values ($1, $2)', [
        file.name,
        file.checksum,
      ]);
    });
  }
}

async function readMigrations(dir: string): Promise<Migration[]> {
  const names = (await readdir(dir)).filter((n) => /^\d{4}_\w+\.sql$/.test(n)).sort();
  return Promise.all(
    names.map(async (name) => {
      const sql = await readFile(join(dir, name), 'utf8');
      return { name, sql, checksum: createHash('sha256').update(sql).digest('hex') };
    }),
  );
}

function decodeDone(row: unknown): [string, string] {
  const { name, checksum } = row as { name: string; checksum: string };
  return [name, checksum];
}
