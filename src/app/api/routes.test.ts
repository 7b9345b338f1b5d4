import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DAY, sample } from '@/core/tests/plans';

const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-routes-'));
process.env.WIDE_RAFTER_DATA = dir;
afterAll(() => rmSync(dir, { recursive: true }));

let list: typeof import('./plans/route');
let one: typeof import('./plans/[id]/route');
let file: typeof import('./plans/[id]/file/route');
let copy: typeof import('./plans/[id]/copy/route');

beforeAll(async () => {
  const { addSamples } = await import('@/server/plans');
  await addSamples(DAY);
  list = await import('./plans/route');
  one = await import('./plans/[id]/route');
  file = await import('./plans/[id]/file/route');
  copy = await import('./plans/[id]/copy/route');
}, 60_000);

const URL_ = 'http://127.0.0.1:4310/api/plans';
const at = (id: string) => ({ params: Promise.resolve({ id }) });
const send = (method: string, body: unknown, headers: Record<string, string> = {}) =>
  new Request(URL_, {
    method,
    headers,
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
const foreign = { 'sec-fetch-site': 'cross-site' };

test('the list gives ids, names and revisions', async () => {
  const rows = await (await list.GET()).json();
  expect(rows).toMatchObject([
    { id: 'pell-garth', name: 'Pell Garth', revision: 1 },
    { id: 'tamar-flats' },
    { id: 'osk-landing' },
  ]);
  expect(rows[0]).not.toHaveProperty('plan');
});

test('a plan is read with its revision as the entity tag', async () => {
  const response = await one.GET(send('GET', undefined), at('osk-landing'));
  expect(response.headers.get('etag')).toBe('"1"');
  expect(await response.json()).toMatchObject({ revision: 1, plan: sample('osk-landing') });
  expect((await one.GET(send('GET', undefined), at('nobody'))).status).toBe(404);
});

describe('saving', () => {
  const put = (body: unknown, headers: Record<string, string>, id = 'pell-garth') =>
    one.PUT(send('PUT', body, headers), at(id));
  const plan = sample('pell-garth');

  test('needs the revision that was edited', async () => {
    expect((await put(plan, {})).status).toBe(428);
    expect((await put(plan, { 'if-match': '*' })).status).toBe(428);
    expect((await put(plan, { 'if-match': '1' })).status).toBe(428);
  });

  test('takes a good plan on the right revision, and answers 412 with the stored one on a stale one', async () => {
    const saved = await put({ ...plan, name: 'Saved' }, { 'if-match': '"1"' });
    expect([saved.status, saved.headers.get('etag'), await saved.json()]).toEqual([
      200,
      '"2"',
      { revision: 2 },
    ]);
    const stale = await put({ ...plan, name: 'Stale' }, { 'if-match': '"1"' });
    expect(stale.status).toBe(412);
    expect(await stale.json()).toMatchObject({ revision: 2, plan: { name: 'Saved' } });
  });

  test('refuses what is no plan, at its place, and stores nothing', async () => {
    const wrong = { ...plan, horizonYears: 99 };
    const response = await put(wrong, { 'if-match': '"2"' });
    expect(response.status).toBe(422);
    expect(await response.json()).toMatchObject({
      status: 422,
      issues: [
        {
          code: 'plan.tooBig',
          path: ['horizonYears'],
          text: expect.stringContaining('horizonYears'),
        },
      ],
    });
    expect((await put('{"a":', { 'if-match': '"2"' })).status).toBe(422);
    expect((await put({ ...plan, id: 'other' }, { 'if-match': '"2"' })).status).toBe(422);
    expect((await put(`"${'x'.repeat(1_000_001)}"`, { 'if-match': '"2"' })).status).toBe(413);
    expect((await (await one.GET(send('GET', undefined), at('pell-garth'))).json()).revision).toBe(
      2,
    );
  });

  test('refuses another site, and a plan that is not there', async () => {
    expect((await put(plan, { 'if-match': '"2"', ...foreign })).status).toBe(403);
    expect((await put({ ...plan, id: 'nobody' }, { 'if-match': '"1"' }, 'nobody')).status).toBe(
      404,
    );
  });
});

describe('plans come and go', () => {
  test('a plan file is stored, beside its own original under an id of its own', async () => {
    const response = await list.POST(send('POST', sample('tamar-flats')));
    expect(response.status).toBe(201);
    const made = await response.json();
    expect(made).toMatchObject({ name: 'Tamar Flats, number 9 (2)', revision: 1 });
    expect(response.headers.get('location')).toBe(`/plans/${made.id}`);
    expect((await one.DELETE(send('DELETE', undefined), at(made.id))).status).toBe(204);
    expect((await one.DELETE(send('DELETE', undefined), at(made.id))).status).toBe(404);
  });

  test('what is no plan file is refused, whatever it is', async () => {
    for (const body of [
      '',
      'null',
      '[]',
      '{"format":"x"}',
      '{"__proto__":{"format":"wide-rafter-plan"}}',
    ]) {
      expect((await list.POST(send('POST', body))).status).toBe(422);
    }
    expect((await list.POST(send('POST', sample('tamar-flats'), foreign))).status).toBe(403);
    expect((await one.DELETE(send('DELETE', undefined, foreign), at('tamar-flats'))).status).toBe(
      403,
    );
  });

  test('a copy has the same content under another name', async () => {
    const response = await copy.POST(send('POST', undefined), at('osk-landing'));
    const { id, name } = await response.json();
    expect([response.status, name]).toEqual([201, 'Osk Landing (copy)']);
    const { plan } = await (await one.GET(send('GET', undefined), at(id))).json();
    expect(plan).toEqual({ ...sample('osk-landing'), id, name });
    expect((await copy.POST(send('POST', undefined), at('nobody'))).status).toBe(404);
    expect((await copy.POST(send('POST', undefined, foreign), at('osk-landing'))).status).toBe(403);
  });

  test('the file is an attachment with a plain name, and reads as the plan', async () => {
    const response = await file.GET(send('GET', undefined), at('tamar-flats'));
    expect(response.headers.get('content-disposition')).toBe(
      'attachment; filename="tamar-flats-number-9.json"',
    );
    expect(JSON.parse(await response.text())).toEqual(sample('tamar-flats'));
    expect((await file.GET(send('GET', undefined), at('nobody'))).status).toBe(404);
  });
});
