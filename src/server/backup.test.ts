import { truncateSync } from 'node:fs';
import { cp, mkdir, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sample } from '@/core/tests/plans';
import { openDatabase } from '@/db/client';
import { DatabaseDamaged, isDamage } from '@/db/damage';
import { MigrationMismatch } from '@/db/migrate';
import { insertPlan, insertSave, selectHeads } from '@/db/queries/plans';
import { backUp, restore } from './backup';
import { copiesDir, copyIfDue, inspectCopy, listCopies } from './copies';
import { putAside, refuseDamaged } from './damage';

let home: string;
let good: string;
let dump: Uint8Array<ArrayBuffer>;

beforeAll(async () => {
  home = await mkdtemp(join(tmpdir(), 'wide-rafter-backup-'));
  good = join(home, 'good');
  const db = await openDatabase(good, '.next/new-database.tar.gz');
  await insertPlan(db, 'pell-garth');
  await insertSave(db, 'pell-garth', 1, sample('pell-garth'));
  dump = await db.dump();
  await db.close();
}, 60_000);

afterAll(() => rm(home, { recursive: true }), 60_000);

/** A data directory of its own with one plan in it. */
async function directory(name: string): Promise<string> {
  const dir = join(home, name);
  await cp(good, dir, { recursive: true });
  return dir;
}

const stored = async (dir: string): Promise<string[]> => {
  const db = await openDatabase(dir);
  const ids = (await selectHeads(db)).map((p) => p.id);
  await db.close();
  return ids;
};

test('a backup holds every plan, and restored it stands where another database stood, which is kept', async () => {
  const dir = await directory('restored');
  const file = join(home, 'backup.tar.gz');
  const { contents, through } = await backUp(good, file);
  expect([contents.plans, through]).toEqual([1, 'directory']);
  const restored = await restore(dir, file, 'second');
  expect(restored.keptAt).toBe(join(dir, 'database-before-second'));
  expect(await stored(dir)).toEqual(['pell-garth']);
  expect((await restore(dir, null, 'second')).keptAt).toBe(join(dir, 'database-before-second-2'));
  expect(await stored(dir)).toEqual([]);
}, 120_000);

test('a file that is no backup is refused, and nothing is changed', async () => {
  const dir = await directory('unchanged');
  for (const [name, bytes] of [
    ['words.tar.gz', Buffer.from('not a backup')],
    ['cut.tar.gz', Buffer.from(dump.slice(0, dump.length / 2))],
  ] as const) {
    const file = join(home, name);
    await writeFile(file, bytes);
    await expect(restore(dir, file, 'never')).rejects.toThrow();
  }
  expect((await readdir(dir)).filter((n) => n.startsWith('database'))).toEqual(['database']);
  expect(await stored(dir)).toEqual(['pell-garth']);
}, 120_000);

test('a copy is made once a day, and the last seven are kept', async () => {
  const dir = await directory('nightly');
  const db = await openDatabase(dir);
  await mkdir(copiesDir(dir));
  for (let day = 10; day < 19; day++)
    await writeFile(join(copiesDir(dir), `2026-11-${day}.tar.gz`), '');
  expect(await copyIfDue(db, dir, '2026-11-19')).toBe(join(copiesDir(dir), '2026-11-19.tar.gz'));
  expect(await copyIfDue(db, dir, '2026-11-19')).toBeNull();
  await db.query('delete from plans');
  expect(await copyIfDue(db, dir, '2026-11-20')).toBeNull();
  await db.close();
  const kept = await listCopies(dir);
  expect(kept).toHaveLength(7);
  expect(kept[0]).toBe(join(copiesDir(dir), '2026-11-19.tar.gz'));
  const newest = await readFile(kept[0] ?? '');
  expect(await inspectCopy(new Uint8Array(newest))).toMatchObject({ plans: 1 });
}, 120_000);

describe('a damaged directory', () => {
  test.each([
    ['control', (d: string) => truncateSync(join(d, 'database/global/pg_control'), 0)],
    ['version', (d: string) => rm(join(d, 'database/PG_VERSION'))],
    ['log', (d: string) => rm(join(d, 'database/pg_wal'), { recursive: true })],
  ])(
    'is known by its broken %s, and not made anew',
    async (name, hurt) => {
      const dir = await directory(`hurt-${name}`);
      await hurt(dir);
      await expect(openDatabase(dir)).rejects.toThrow(DatabaseDamaged);
    },
    60_000,
  );

  test('is known by saves that are gone from it', async () => {
    const dir = await directory('hurt-saves');
    const db = await openDatabase(dir);
    await db.query('delete from plan_saves');
    await db.close();
    await expect(openDatabase(dir)).rejects.toThrow('the latest save of 1 of its plans is missing');
  }, 60_000);

  test('is put aside, the newest good copy is named, and the server refuses until one is chosen', async () => {
    const dir = await directory('aside');
    const db = await openDatabase(dir);
    await copyIfDue(db, dir, '2026-11-20');
    await db.close();
    await writeFile(join(copiesDir(dir), '2026-11-21.tar.gz'), 'a bad copy');
    const copy = join(copiesDir(dir), '2026-11-20.tar.gz');
    await expect(putAside(dir, 'a page is unreadable', 'x')).rejects.toThrow(
      new RegExp(
        `a page is unreadable[\\s\\S]*kept, untouched, in ${dir}/database-damaged-x[\\s\\S]*${copy}: 1 plan`,
      ),
    );
    await expect(refuseDamaged(dir)).rejects.toThrow(`npm run restore -- ${copy}`);
    await restore(dir, copy, 'after');
    await expect(refuseDamaged(dir)).resolves.toBeUndefined();
    expect(await stored(dir)).toEqual(['pell-garth']);
    // gone altogether, with copies still there
    await rm(join(dir, 'database'), { recursive: true });
    await expect(refuseDamaged(dir)).rejects.toThrow('the database is gone');
  }, 120_000);

  test('is not what a full disk or another version of the program is', () => {
    expect(isDamage(Object.assign(new Error('full'), { code: 'ENOSPC' }))).toBe(false);
    for (const code of ['EBUSY', 'EIO', 'EMFILE', 'EACCES', '53300', '53200', '53100'])
      expect([code, isDamage(Object.assign(new Error('x'), { code }))]).toEqual([code, false]);
    for (const message of [
      'Aborted(OOM)',
      'WebAssembly.Memory(): could not allocate memory',
      'out of memory',
      'sorry, too many clients already',
      'could not write to file: No space left on device',
      'could not open file "base/1/2": Input/output error',
      'something nobody has heard of',
    ])
      expect([message, isDamage(new Error(message))]).toEqual([message, false]);
    expect(isDamage(new MigrationMismatch('newer'))).toBe(false);
    expect(isDamage(Object.assign(new Error('invalid page'), { code: 'XX001' }))).toBe(true);
  });
});
