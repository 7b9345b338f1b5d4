import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DAY, sample } from '@/core/tests/plans';
import { problem, readText, sameOrigin } from './http';
import { takeDirectory } from './lock';
import { ownDirectory } from './tests/ownDirectory';

const dir = ownDirectory();

describe('plans on the server', () => {
  let plans: typeof import('./plans');
  beforeAll(async () => {
    plans = await import('./plans');
    await plans.addSamples(DAY);
  }, 60_000);

  test('an empty directory is filled with the three samples, once', async () => {
    await plans.addSamples(DAY);
    const names = (await plans.planHeads()).map((p) => p.name);
    expect(names).toEqual([
      'Tamar Flats, roughed out',
      'Pell Garth',
      'Tamar Flats, number 9',
      'Osk Landing',
    ]);
  });

  test('a save on the revision read is taken; one on an older gets the stored plan', async () => {
    const mine = { ...sample('pell-garth'), name: 'Mine' };
    expect(await plans.savePlan(mine, 1)).toEqual({ kind: 'saved', revision: 2 });
    const late = await plans.savePlan({ ...mine, name: 'Late' }, 1);
    expect(late).toMatchObject({
      kind: 'conflict',
      stored: { revision: 2, plan: { name: 'Mine' } },
    });
    expect(await plans.savePlan({ ...mine, id: 'nobody' }, 1)).toEqual({ kind: 'missing' });
  });

  test('a name that another plan has is not taken, in whatever letters', async () => {
    const plan = { ...sample('osk-landing'), name: 'tamar  flats, NUMBER 9' };
    expect(await plans.savePlan(plan, 1)).toEqual({ kind: 'nameTaken' });
    expect(await plans.renamePlan('osk-landing', 'Mine')).toEqual({ kind: 'nameTaken' });
    expect(await plans.renamePlan('nobody', 'New')).toEqual({ kind: 'missing' });
    expect(await plans.renamePlan('osk-landing', 'Osk Landing')).toEqual({
      kind: 'saved',
      revision: 1,
    });
  });

  test('of two saves at one time exactly one is taken', async () => {
    const plan = sample('osk-landing');
    const kinds = (await Promise.all([plans.savePlan(plan, 1), plans.savePlan(plan, 1)])).map(
      (r) => r.kind,
    );
    expect(kinds.sort()).toEqual(['conflict', 'saved']);
  });

  test('a plan brought in beside its own original gets an id and a name of its own', async () => {
    const { plan } = await plans.createPlan(sample('tamar-flats'));
    expect(plan.id).not.toBe('tamar-flats');
    expect(plan.name).toBe('Tamar Flats, number 9 (2)');
    const copies = [await plans.copyPlan('tamar-flats'), await plans.copyPlan('tamar-flats')];
    expect(copies.map((c) => c?.plan.name)).toEqual([
      'Tamar Flats, number 9 (copy)',
      'Tamar Flats, number 9 (copy 2)',
    ]);
    const bin = await import('./bin');
    for (const made of [plan, ...copies.map((c) => c?.plan)]) {
      expect(await bin.removePlan(made?.id ?? '')).toBe(true);
    }
    expect(await plans.readPlan(plan.id)).toBeNull();
    expect((await bin.listBin()).map((b) => b.name)).toHaveLength(3);
    expect(await bin.throwAway(plan.id)).toBe(true);
  });

  test('a stored document that cannot be read is told of, and the others still listed', async () => {
    const { database } = await import('@/db/client');
    const db = await database(dir, '.next/new-database.tar.gz');
    await db.query("insert into plans (id, revision) values ('old', 1)");
    await db.query("insert into plan_saves (plan_id, revision, document) values ('old', 1, '{}')");
    const { listPage } = await import('./list');
    const { plans: list, unreadable, total } = await listPage({ find: '', page: 1 });
    expect(unreadable).toMatchObject([{ id: 'old', issues: [{ code: 'plan.format' }] }]);
    expect(list.length).toBeGreaterThanOrEqual(3);
    expect(total).toBe(list.length + 1);
  });
});

describe('the list', () => {
  test('gives fifty at a time, variants together, those with what is looked for in their names', async () => {
    const plans = await import('./plans');
    const { listPage } = await import('./list');
    const before = (await plans.planHeads()).length;
    for (let i = 1; i <= 60; i++) {
      await plans.createPlan({ ...sample('pell-garth'), id: `shed-${i}`, name: `Shed ${i}` });
    }
    const variant = await plans.copyPlan('shed-1');
    const first = await listPage({ find: '', page: 1 });
    expect([first.plans.length + first.unreadable.length, first.pages]).toEqual([50, 2]);
    expect(first.total).toBe(before + 61);
    const at = first.plans.findIndex((p) => p.plan.id === 'shed-1');
    expect(first.plans[at + 1]?.plan.id).toBe(variant?.plan.id);
    expect(first.plans[at]?.kin).toEqual([variant?.plan.id]);
    const last = await listPage({ find: '', page: 99 });
    expect([last.page, last.plans.length]).toEqual([2, before + 61 - 50]);
    const found = await listPage({ find: '  sHED  1 ', page: 1 });
    expect(found.plans.map((p) => p.plan.name)).toEqual([
      'Shed 1',
      'Shed 1 (copy)',
      ...Array.from({ length: 10 }, (_, i) => `Shed ${10 + i}`),
    ]);
    expect((await listPage({ find: 'nowhere', page: 1 })).found).toBe(0);
  });
});

describe('requests', () => {
  const post = (body: BodyInit, headers: Record<string, string> = {}) =>
    new Request('http://127.0.0.1:4310/api/plans', { method: 'POST', body, headers });

  test('a body is read up to 1 MB, as UTF-8', async () => {
    expect(await readText(post('ä'.repeat(10)))).toBe('ä'.repeat(10));
    expect(await readText(post('x'.repeat(1_000_001)))).toBeNull();
    expect(await readText(post(new Uint8Array([0xff, 0xfe, 0x00])))).toBeNull();
  });

  test('a write from another site is known', () => {
    expect(sameOrigin(post('{}'))).toBe(true);
    expect(sameOrigin(post('{}', { 'sec-fetch-site': 'same-origin' }))).toBe(true);
    expect(sameOrigin(post('{}', { 'sec-fetch-site': 'cross-site' }))).toBe(false);
    expect(
      sameOrigin(post('{}', { origin: 'http://elsewhere.test', host: '127.0.0.1:4310' })),
    ).toBe(false);
  });

  test('an error is told as problem details', async () => {
    const response = problem(422, 'No.', [{ code: 'plan.notJson', path: [], details: {} }]);
    expect(response.headers.get('content-type')).toBe('application/problem+json');
    expect(await response.json()).toMatchObject({
      status: 422,
      title: 'No.',
      issues: [{ code: 'plan.notJson' }],
    });
  });
});

test('a directory is held by one process, refused with its id, and free once that is killed', async () => {
  const held = mkdtempSync(join(tmpdir(), 'wide-rafter-held-'));
  const code = `import('tsx/esm/api').then(async ({ register }) => { register();
    const { takeDirectory } = await import('./src/server/lock.ts');
    await takeDirectory(process.argv[1], 'http://there'); console.log('taken'); setInterval(() => {}, 1000); })`;
  const other = spawn(process.execPath, ['-e', code, held], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  try {
    await new Promise((resolve) => other.stdout.once('data', resolve));
    await expect(takeDirectory(held, 'http://here')).rejects.toThrow(
      `by process ${other.pid} (http://there)`,
    );
    const ended = new Promise((resolve) => other.once('exit', resolve));
    other.kill('SIGKILL');
    await ended;
    const release = await takeDirectory(held, 'http://here');
    await expect(takeDirectory(held, 'http://here')).rejects.toThrow(`by process ${process.pid}`);
    release();
    (await takeDirectory(held, 'http://here'))();
  } finally {
    other.kill('SIGKILL');
    rmSync(held, { recursive: true });
  }
}, 30_000);
