import { appendFile, cp, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from './client';
import { migrate } from './migrate';
import { binPlan, deleteBinned, emptyBin, selectBin, unbinPlan } from './queries/bin';
import {
  advancePlan,
  countPlans,
  insertPlan,
  insertSave,
  pruneSaves,
  selectHeads,
  selectPlan,
  selectPlans,
  selectSaves,
} from './queries/plans';

const MIGRATIONS = join(process.cwd(), 'src/db/migrations');
let dir: string;
let db: Awaited<ReturnType<typeof openDatabase>>;

beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'wide-rafter-test-'));
  db = await openDatabase(join(dir, 'new', 'directory'));
}, 60_000);

afterAll(async () => {
  await db.close();
  await rm(dir, { recursive: true });
});

test('migrations run once, are recorded, and a changed one is refused', async () => {
  await migrate(db, MIGRATIONS);
  const rows = await db.query('select name from migrations');
  expect(rows).toEqual([
    { name: '0001_plans.sql' },
    { name: '0002_bin_and_edits.sql' },
    { name: '0003_families.sql' },
    { name: '0004_weather_hours.sql' },
    { name: '0005_plan_names.sql' },
  ]);
  const changed = join(dir, 'changed');
  await cp(MIGRATIONS, changed, { recursive: true });
  await appendFile(join(changed, '0001_plans.sql'), '-- later thought\n');
  await expect(migrate(db, changed)).rejects.toThrow('0001_plans.sql was changed');
  await rm(join(changed, '0001_plans.sql'));
  await expect(migrate(db, changed)).rejects.toThrow('newer program');
});

test('a migration that fails leaves nothing behind', async () => {
  const broken = join(dir, 'broken');
  await cp(MIGRATIONS, broken, { recursive: true });
  await appendFile(
    join(broken, '0099_broken.sql'),
    'create table half (id int); create table half (id int);',
  );
  await expect(migrate(db, broken)).rejects.toThrow();
  expect(
    await db.query("select 1 from information_schema.tables where table_name = 'half'"),
  ).toEqual([]);
});

test('a plan is stored save by save and read at its latest', async () => {
  expect(await insertPlan(db, 'a')).toBe(true);
  expect(await insertPlan(db, 'a')).toBe(false);
  await insertSave(db, 'a', 1, { n: 1, name: "O'Hara; drop table plans" });
  expect(await advancePlan(db, 'a', 1)).toBe(2);
  await insertSave(db, 'a', 2, { n: 2 });
  expect(await selectPlan(db, 'a')).toMatchObject({ id: 'a', revision: 2, document: { n: 2 } });
  expect(await selectPlan(db, 'nobody')).toBeNull();
  expect(await selectHeads(db)).toHaveLength(1);
  expect(await countPlans(db)).toBe(1);
});

test('an edit made on an older revision is not taken', async () => {
  expect(await advancePlan(db, 'a', 1)).toBeNull();
  expect(await advancePlan(db, 'nobody', 1)).toBeNull();
});

test('only the last saves are kept, and named ones stay', async () => {
  await insertPlan(db, 'b');
  await insertSave(db, 'b', 1, {});
  for (let from = 1; from < 8; from++) {
    await advancePlan(db, 'b', from);
    await insertSave(db, 'b', from + 1, {});
  }
  await db.query(
    "update plan_saves set name = 'before winter' where plan_id = 'b' and revision = 2",
  );
  await pruneSaves(db, 'b', 3);
  const rows = await db.query(
    "select revision from plan_saves where plan_id = 'b' order by revision",
  );
  expect(rows).toEqual([2, 6, 7, 8].map((revision) => ({ revision })));
});

test('a transaction that fails takes everything back', async () => {
  await expect(
    db.transaction(async (tx) => {
      await insertPlan(tx, 'c');
      throw new Error('power cut');
    }),
  ).rejects.toThrow('power cut');
  expect(await selectPlan(db, 'c')).toBeNull();
});

describe('the bin', () => {
  const day = (d: number) => new Date(Date.UTC(2026, 10, d));

  test('a plan in it is neither listed, read nor saved, and comes back with its saves', async () => {
    expect(await binPlan(db, 'b', day(1))).toBe(true);
    expect(await binPlan(db, 'b', day(2))).toBe(false);
    expect(await selectPlan(db, 'b')).toBeNull();
    expect((await selectHeads(db)).map((p) => p.id)).toEqual(['a']);
    expect(await selectPlans(db, ['a', 'b', 'nobody'])).toMatchObject([{ id: 'a' }]);
    expect(await advancePlan(db, 'b', 8)).toBeNull();
    expect(await selectBin(db)).toEqual([{ id: 'b', name: '', removedAt: day(1) }]);
    expect(await unbinPlan(db, 'a')).toBeNull();
    expect(await unbinPlan(db, 'b')).toEqual({ revision: 8, document: {} });
    expect(await selectSaves(db, 'b')).toHaveLength(4);
  });

  test('what has lain there its days goes with its saves, and only that', async () => {
    await insertPlan(db, 'd');
    await insertSave(db, 'd', 1, { name: 'Later' });
    await binPlan(db, 'b', day(1));
    await binPlan(db, 'd', day(5));
    expect(await emptyBin(db, day(3))).toBe(1);
    expect(await selectBin(db)).toMatchObject([{ id: 'd', name: 'Later' }]);
    expect(await db.query("select 1 from plan_saves where plan_id = 'b'")).toEqual([]);
    expect(await deleteBinned(db, 'a')).toBe(false);
    expect(await deleteBinned(db, 'd')).toBe(true);
    expect(await countPlans(db)).toBe(1);
  });
});
