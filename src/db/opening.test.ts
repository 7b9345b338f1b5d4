// What stands in a data directory when a start, a disk or a hand has gone wrong, and what is said of it.
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { cp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { refuseDamaged } from '@/server/damage';
import { hasDatabase, openDatabase, unpack } from './client';
import { DatabaseDamaged, DatabaseOfAnother } from './damage';
import { isNoSpace, reasonOf } from './disk';
import { foreignIn } from './dump';

const at = mkdtempSync(join(tmpdir(), 'wide-rafter-opening-'));
const whole = join(at, 'whole');
let n = 0;
let dump: Uint8Array<ArrayBuffer>;

/** A data directory of its own with a whole database in it, closed. */
async function copied(): Promise<string> {
  const dir = join(at, `copy-${n++}`);
  await cp(whole, dir, { recursive: true });
  return dir;
}

beforeAll(async () => {
  const db = await openDatabase(whole);
  dump = await db.dump();
  await db.close();
}, 60_000);
afterAll(() => rmSync(at, { recursive: true }));

test('a first start that was killed, or failed, leaves nothing that the next one trips over', async () => {
  const dir = join(at, 'killed');
  mkdirSync(join(dir, 'database-new', 'base'), { recursive: true });
  writeFileSync(join(dir, 'database-new', 'PG_VERSION'), '18\n');
  const cut = join(at, 'cut.tar.gz');
  writeFileSync(cut, dump.subarray(0, 1000));
  await expect(openDatabase(dir, cut)).rejects.toThrow();
  expect(hasDatabase(dir)).toBe(false);
  const template = join(at, 'template.tar.gz');
  writeFileSync(template, dump);
  const db = await openDatabase(dir, template);
  await db.close();
  expect(readdirSync(dir)).toEqual(['database']);
}, 60_000);

test('a database of another version is told as that, and left where it is', async () => {
  for (const [said, word] of [
    ['19', 'newer'],
    ['17', 'older'],
  ] as const) {
    const dir = await copied();
    writeFileSync(join(dir, 'database', 'PG_VERSION'), `${said}\n`);
    const error = await openDatabase(dir).catch((e: unknown) => e);
    expect(error).toBeInstanceOf(DatabaseOfAnother);
    expect(String(error)).toContain(`by an ${word}`.replace('an newer', 'a newer'));
  }
  const dir = await copied();
  writeFileSync(join(dir, 'database', 'PG_VERSION'), 'rubbish');
  await expect(openDatabase(dir)).rejects.toBeInstanceOf(DatabaseDamaged);
});

test.each(['gone', 'cut', 'zeroed'])(
  'a journal that is %s is told as damage',
  async (how) => {
    const dir = await copied();
    const wal = join(dir, 'database', 'pg_wal');
    for (const file of readdirSync(wal).filter((name) => /^[0-9A-F]{24}$/.test(name))) {
      if (how === 'gone') rmSync(join(wal, file));
      else writeFileSync(join(wal, file), new Uint8Array(how === 'cut' ? 100 : 1_048_576));
    }
    await expect(openDatabase(dir)).rejects.toBeInstanceOf(DatabaseDamaged);
  },
  60_000,
);

test.each(['', '{', '[]', '{"reason": 4}', '\u0000'])(
  'a note of damage that holds %j is told in words',
  async (text) => {
    const dir = join(at, `note-${n++}`);
    mkdirSync(join(dir, 'database-damaged-2026-11-24'), { recursive: true });
    writeFileSync(join(dir, 'damaged.json'), text);
    const error = await refuseDamaged(dir).catch((e: unknown) => e);
    expect(String(error)).toMatch(/damaged\.json, can’t be read/);
    expect(String(error)).toContain('database-damaged-2026-11-24');
    expect(existsSync(join(dir, 'damaged.json'))).toBe(true);
  },
);

test('whatever is thrown is said in words, and a full disk is known by all its names', () => {
  const errno = { name: 'ErrnoError', errno: 51 };
  expect(reasonOf(errno)).toBe('its files answer with error 51');
  expect(reasonOf({})).not.toBe('');
  expect(reasonOf(new Error('So it is.'))).toBe('So it is');
  for (const full of [
    errno,
    { code: 'ENOSPC' },
    { code: '53100' },
    new Error('could not extend file: No space left on device'),
  ]) {
    expect(isNoSpace(full)).toBe(true);
  }
  for (const other of [null, 'full', { name: 'ErrnoError', errno: 44 }, new Error('cut')]) {
    expect(isNoSpace(other)).toBe(false);
  }
});

/** One file of a tar, as POSIX has it. */
function entry(name: string, text = ''): Uint8Array {
  const block = new Uint8Array(512 * (1 + Math.ceil(text.length / 512)));
  const put = (s: string, from: number) => block.set(new TextEncoder().encode(s), from);
  put(name, 0);
  put(text.length.toString(8).padStart(11, '0'), 124);
  put(text, 512);
  return block;
}

test('an archive with files that no database has is refused, and so is one that unpacks without end', async () => {
  const tar = (...files: Uint8Array[]): Uint8Array =>
    new Uint8Array(Buffer.concat([...files, new Uint8Array(1024)]));
  expect(
    foreignIn(tar(entry('PG_VERSION', '18\n'), entry('base/1/2601', 'x'.repeat(700)))),
  ).toBeNull();
  expect(foreignIn(tar(entry('PG_VERSION', '18\n'), entry('run-me.sh', 'x')))).toBe('run-me.sh');
  expect(foreignIn(tar(entry('base/../../elsewhere', 'x')))).toBe('base/../../elsewhere');
  await expect(unpack(dump)).resolves.toBeInstanceOf(Blob);
  const bomb = new Uint8Array(gzipSync(new Uint8Array(3_000_000)));
  expect(bomb.length).toBeLessThan(10_000);
  await expect(unpack(bomb, 1_000_000)).rejects.toThrow();
});
