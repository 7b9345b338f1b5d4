import { DAY, sample } from '@/core/tests/plans';
import { apiSchemas } from '@/formats/api/schemas';
import { ownDirectory } from '@/server/tests/ownDirectory';
import { at, foreign, send } from './tests/asked';

ownDirectory();

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
    expect((await put(`"${'x'.repeat(1_200_001)}"`, { 'if-match': '"2"' })).status).toBe(413);
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
    const response = await list.POST(send('POST', sample('tamar-flats')), {});
    expect(response.status).toBe(201);
    const made = await response.json();
    expect(made).toMatchObject({ name: 'Tamar Flats, number 9 (2)', revision: 1 });
    expect(response.headers.get('location')).toBe(`/plans/${made.id}`);
    expect((await one.DELETE(send('DELETE', undefined), at(made.id))).status).toBe(204);
    expect((await one.DELETE(send('DELETE', undefined), at(made.id))).status).toBe(404);
  });

  test('a removed plan lies in the bin, and comes back with its saves or goes for good', async () => {
    const bin = await import('./bin/route');
    const binned = await import('./bin/[id]/route');
    const saves = await import('./plans/[id]/saves/route');
    const made = await (await list.POST(send('POST', sample('tamar-flats')), {})).json();
    const { plan } = await (await one.GET(send('GET', undefined), at(made.id))).json();
    const edits = ['Years ahead', 'Länge → 2'];
    const saved = send('PUT', { plan: { ...plan, horizonYears: 4 }, edits }, { 'if-match': '"1"' });
    expect((await one.PUT(saved, at(made.id))).status).toBe(200);
    expect((await one.DELETE(send('DELETE', undefined), at(made.id))).status).toBe(204);
    expect((await one.GET(send('GET', undefined), at(made.id))).status).toBe(404);
    const lain = await (await bin.GET(send('GET', undefined), {})).json();
    expect(apiSchemas.binSchema.parse(lain)).toContainEqual(
      expect.objectContaining({ id: made.id, name: made.name }),
    );
    const days = (Date.parse(lain[0].goesAt) - Date.parse(lain[0].removedAt)) / 86_400_000;
    expect(days).toBe(30);
    expect((await binned.POST(send('POST', undefined, foreign), at(made.id))).status).toBe(403);
    // its name is another's by now
    const namesake = { ...sample('osk-landing'), id: 'namesake', name: made.name };
    await list.POST(send('POST', namesake), {});
    const back = await binned.POST(send('POST', undefined), at(made.id));
    expect(await back.json()).toEqual({ id: made.id, name: 'Tamar Flats, number 9 (3)' });
    const rows = await (await saves.GET(send('GET', undefined), at(made.id))).json();
    expect(rows.map((r: { edits: string[] }) => r.edits)).toEqual([
      ['Rename to Tamar Flats, number 9 (3)'],
      ['Years ahead', 'Länge → 2'],
      [],
    ]);
    expect((await binned.POST(send('POST', undefined), at(made.id))).status).toBe(404);
    for (const id of [made.id, 'namesake']) {
      await one.DELETE(send('DELETE', undefined), at(id));
      expect((await binned.DELETE(send('DELETE', undefined, foreign), at(id))).status).toBe(403);
      expect((await binned.DELETE(send('DELETE', undefined), at(id))).status).toBe(204);
      expect((await binned.DELETE(send('DELETE', undefined), at(id))).status).toBe(404);
    }
  });

  test('a plan is renamed, but to no other plan’s name', async () => {
    const { PUT } = await import('./plans/[id]/name/route');
    const rename = (name: unknown, id = 'tamar-flats', headers = {}) =>
      PUT(send('PUT', { name }, headers), at(id));
    const taken = await rename(' osk LANDING');
    expect(taken.status).toBe(422);
    expect(await taken.json()).toMatchObject({
      issues: [{ code: 'plan.nameTaken', text: expect.stringContaining('osk LANDING') }],
    });
    expect((await rename('')).status).toBe(422);
    expect((await rename(null)).status).toBe(422);
    expect((await rename('New', 'nobody')).status).toBe(404);
    expect((await rename('New', 'tamar-flats', foreign)).status).toBe(403);
    expect(await (await rename('Tamar Flats')).json()).toMatchObject({ name: 'Tamar Flats' });
    await rename('Tamar Flats, number 9');
  });

  test('what is no plan file is refused, whatever it is', async () => {
    for (const body of [
      '',
      'null',
      '[]',
      '{"format":"x"}',
      '{"__proto__":{"format":"wide-rafter-plan"}}',
    ]) {
      expect((await list.POST(send('POST', body), {})).status).toBe(422);
    }
    expect((await list.POST(send('POST', sample('tamar-flats'), foreign), {})).status).toBe(403);
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

describe('earlier saves', () => {
  const context = (revision: number) => ({
    params: Promise.resolve({ id: 'osk-landing', revision: String(revision) }),
  });

  test('are listed newest first, read as they were, and named so that they are kept', async () => {
    const saves = await import('./plans/[id]/saves/route');
    const save = await import('./plans/[id]/saves/[revision]/route');
    const plan = sample('osk-landing');
    await one.PUT(send('PUT', { ...plan, name: 'Second' }, { 'if-match': '"1"' }), at(plan.id));
    const rows = await (await saves.GET(send('GET', undefined), at(plan.id))).json();
    expect(rows.map((r: { revision: number }) => r.revision)).toEqual([2, 1]);
    for (const row of rows) expect(apiSchemas.saveSchema.safeParse(row).success).toBe(true);
    expect(await (await save.GET(send('GET', undefined), context(1))).json()).toEqual(plan);
    const named = await save.PUT(send('PUT', { name: ' Before winter ' }), context(1));
    expect(await named.json()).toMatchObject({ revision: 1, name: 'Before winter' });
    expect((await save.PUT(send('PUT', { name: null }), context(1))).status).toBe(200);
    for (const wrong of ['{', { name: '' }, { name: 'x\u0000' }, { name: 'a', more: 1 }, {}]) {
      expect((await save.PUT(send('PUT', wrong), context(1))).status).toBe(422);
    }
    expect((await save.GET(send('GET', undefined), context(99))).status).toBe(404);
    expect((await save.PUT(send('PUT', { name: 'x' }), context(99))).status).toBe(404);
    expect((await save.PUT(send('PUT', { name: 'x' }, foreign), context(1))).status).toBe(403);
  });
});
