import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DAY, sample } from '@/core/tests/plans';
import { refusalsOf } from '@/formats/api/openApi';
import { CALLS, OPERATIONS } from '@/formats/api/operations.data';
import { apiSchemas } from '@/formats/api/schemas';
import { ownDirectory } from '@/server/tests/ownDirectory';
import { at, foreign, send } from './tests/asked';

const dir = ownDirectory();

let list: typeof import('./plans/route');
let one: typeof import('./plans/[id]/route');
let file: typeof import('./plans/[id]/file/route');

beforeAll(async () => {
  const { addSamples } = await import('@/server/plans');
  await addSamples(DAY);
  list = await import('./plans/route');
  one = await import('./plans/[id]/route');
  file = await import('./plans/[id]/file/route');
}, 60_000);

test('the list gives ids, names and revisions', async () => {
  const rows = await (await list.GET(send('GET', undefined), {})).json();
  expect(rows).toMatchObject([
    { id: 'tamar-roughed-out', name: 'Tamar Flats, roughed out' },
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
  const known = send('GET', undefined, { 'if-none-match': '"1"' });
  expect((await one.GET(known, at('osk-landing'))).status).toBe(304);
  expect((await one.GET(send('GET', undefined), at('nobody'))).status).toBe(404);
});

test('a card has the sentence and the picture, and a tag that another save changes', async () => {
  const { GET } = await import('./plans/[id]/card/route');
  const { createPlan, savePlan } = await import('@/server/plans');
  const { removePlan } = await import('@/server/bin');
  const { plan } = await createPlan({ ...sample('osk-landing'), id: 'carded', name: 'Carded' });
  const get = (headers: Record<string, string> = {}) =>
    GET(send('GET', undefined, headers), at('carded'));
  const response = await get();
  const tag = response.headers.get('etag') ?? '';
  const fetched = await response.json();
  expect(fetched.plan).toEqual(plan);
  expect(fetched.card.sentence).toMatchObject({ planned: 34 });
  expect(fetched.card.picture.looks.length).toBeLessThan(fetched.card.picture.items.length);
  expect((await get({ 'if-none-match': tag })).status).toBe(304);
  await savePlan({ ...plan, flock: [] }, 1);
  const later = await get({ 'if-none-match': tag });
  expect((await later.json()).card.sentence).toEqual({ kind: 'noBirds' });
  await removePlan('carded');
  expect((await get()).status).toBe(404);
});

test.each(['\0', '\u0001\u0002', '%00', '../../etc', 'pell-garth\0', '😀', 'x'.repeat(5000)])(
  'no plan is found by the id %j, and nothing breaks',
  async (id) => {
    expect((await one.GET(send('GET', undefined), at(id))).status).toBe(404);
    expect((await file.GET(send('GET', undefined), at(id))).status).toBe(404);
  },
);

test('a body packed in a way that is not unpacked here is refused, not read as plain', async () => {
  const packed = send('PUT', sample('pell-garth'), {
    'if-match': '"1"',
    'content-encoding': 'gzip',
  });
  expect((await one.PUT(packed, at('pell-garth'))).status).toBe(415);
});

describe('beside the plans', () => {
  test('the assessment of a plan in the body is that of the shell command, and nothing is stored', async () => {
    const { POST } = await import('./assess/route');
    const before = await (await list.GET(send('GET', undefined), {})).json();
    const ask = (query: string, body: unknown, headers = {}) =>
      POST(
        new Request(`http://127.0.0.1:4310/api/assess${query}`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', ...headers },
          body: JSON.stringify(body),
        }),
        {},
      );
    const response = await ask('?on=2027-03-01', sample('pell-garth'));
    const answer = await response.json();
    expect(response.status).toBe(200);
    expect(answer).toMatchObject({
      on: '2027-03-01',
      carries: 6,
      planned: 14,
      today: 8,
      heldBackBy: ['roosts'],
    });
    expect(apiSchemas.assessmentSchema.safeParse(answer).success).toBe(true);
    expect((await ask('?on=soon', sample('pell-garth'))).status).toBe(400);
    expect((await ask('', { format: 'x' })).status).toBe(422);
    expect((await ask('', sample('pell-garth'), { 'content-type': 'text/plain' })).status).toBe(
      415,
    );
    expect(await (await list.GET(send('GET', undefined), {})).json()).toEqual(before);
  });

  test('health says that the database answers', async () => {
    const { GET } = await import('./health/route');
    const response = await GET(send('GET', undefined), {});
    expect(response.status).toBe(200);
    expect(apiSchemas.healthSchema.parse(await response.json())).toMatchObject({
      status: 'ok',
      database: 'ok',
    });
  });

  test('everything stored is given out as one file, to our own pages and programs only', async () => {
    const { GET } = await import('./backup/route');
    const asked = (headers: Record<string, string> = {}) =>
      GET(new Request('http://127.0.0.1:4310/api/backup', { headers }), undefined as never);
    const answer = await asked();
    expect(answer.headers.get('content-type')).toBe('application/gzip');
    expect(answer.headers.get('content-disposition')).toMatch(
      /wide-rafter-\d{4}-\d{2}-\d{2}\.tar\.gz/,
    );
    const bytes = new Uint8Array(await answer.arrayBuffer());
    expect([bytes[0], bytes[1]]).toEqual([0x1f, 0x8b]);
    expect((await asked({ 'sec-fetch-site': 'cross-site' })).status).toBe(403);
  }, 30_000);

  test('every operation of the table has its handler, and no route has another', async () => {
    const handled = readdirSync('src/app/api', { recursive: true, encoding: 'utf8' })
      .filter((f) => f.endsWith('route.ts'))
      .flatMap((f) => {
        const text = readFileSync(join('src/app/api', f), 'utf8');
        const path = `/api/${f.replace('/route.ts', '').replaceAll('[', '{').replaceAll(']', '}')}`;
        return [...text.matchAll(/export const (\w+) = handle[^']*'(\w+) ([^']*)'/g)].map(
          ([, name, method, own]) => {
            expect([method, own]).toEqual([name, path]);
            return `${method} ${own}`;
          },
        );
      });
    expect(handled.sort()).toEqual(Object.keys(OPERATIONS).sort());
  });

  test('the description is made of the table: every call, its shapes and its refusals', async () => {
    const { GET } = await import('./openapi.json/route');
    const document = await (await GET(send('GET', undefined), {})).json();
    for (const { method, path, operation } of CALLS) {
      const own = document.paths[path][method.toLowerCase()];
      expect(Object.keys(own.responses)).toEqual(
        Object.keys({ ...operation.answers, ...refusalsOf(operation) }),
      );
    }
    const shapes = JSON.stringify(document).matchAll(/#\/components\/schemas\/(\w+)/g);
    for (const [, name = ''] of shapes) expect(document.components.schemas).toHaveProperty([name]);
    expect(document.components.schemas.Plan.properties.format).toMatchObject({
      const: 'wide-rafter-plan',
    });
  });

  test.each(CALLS.filter((c) => c.operation.body || c.operation.ownPages))(
    'a page of another site is refused at $method $path',
    async ({ method, path }) => {
      const at_ = path.replace('{id}', 'pell-garth').replace('{revision}', '1');
      const file_ = path.replace('/api/', './').replaceAll('{', '[').replaceAll('}', ']');
      const module = (await import(`${file_}/route`)) as Record<
        string,
        (request: Request, context: unknown) => Promise<Response>
      >;
      const request = new Request(`http://127.0.0.1:4310${at_}`, {
        method,
        headers: { 'content-type': 'application/json', 'if-match': '"1"', ...foreign },
        ...(method === 'GET' || method === 'DELETE' ? {} : { body: '{}' }),
      });
      const params = Promise.resolve({ id: 'pell-garth', revision: '1' });
      expect((await module[method]?.(request, { params }))?.status).toBe(403);
    },
  );

  test.each(['toString', 'constructor', '__proto__', ''])(
    'a paper called %j is none, and breaks nothing',
    async (paper) => {
      const { POST } = await import('./drawings/route');
      const asked = new Request(`http://127.0.0.1:4310/api/drawings?format=pdf&paper=${paper}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(sample('pell-garth')),
      });
      expect((await POST(asked, {})).status).toBe(400);
    },
  );

  test('errors and lists have the shapes described', async () => {
    const rows = await (await list.GET(send('GET', undefined), {})).json();
    expect(apiSchemas.listSchema.safeParse(rows).success).toBe(true);
    const refused = await (await list.POST(send('POST', '{}'), {})).json();
    expect(apiSchemas.problemSchema.safeParse(refused).success).toBe(true);
  });

  test('the log has a line a request, without ids, names or plans', async () => {
    await one.GET(send('GET', undefined), at('osk-landing'));
    const text = readFileSync(join(dir, 'log', 'server.log'), 'utf8');
    const last = JSON.parse(text.trim().split('\n').at(-1) ?? '');
    expect(last).toMatchObject({ method: 'GET', route: '/api/plans/{id}', status: 200 });
    expect(text).not.toMatch(/osk-landing|Pell Garth|fixtures/);
  });

  test('a handler that breaks answers with problem details and shows nothing of the inside', async () => {
    const { handle } = await import('@/server/handle');
    const broken = handle('GET /api/health', async () => {
      throw new Error('secret path /home/keeper');
    });
    const response = await broken(send('GET', undefined), {});
    expect([response.status, response.headers.get('content-type')]).toEqual([
      500,
      'application/problem+json',
    ]);
    expect(await response.text()).not.toContain('secret');
  });
});

test('a coop is roughed out for a program, with its reasons; what it cannot read is told', async () => {
  const { POST } = await import('./rough/route');
  const ask = { birds: '9 Marans', space: null, climate: 'cold-continental' };
  const made = apiSchemas.roughSchema.parse(await (await POST(send('POST', ask), {})).json());
  expect(made).toMatchObject({ kind: 'fits', sentence: expect.stringContaining('You plan 9.') });
  const small = { kind: null, lengthM: 1.2, widthM: 0.9, heightM: 1.2 };
  const miss = apiSchemas.roughSchema.parse(
    await (await POST(send('POST', { ...ask, space: small }), {})).json(),
  );
  expect(miss).toMatchObject({ kind: 'tooSmall', birds: 9, station: 'floor' });
  for (const wrong of [
    { ...ask, birds: 'some horses' },
    { ...ask, birds: '' },
    { ...ask, climate: 'moon' },
    { ...ask, more: 1 },
    'not json',
  ]) {
    const refused = await POST(send('POST', wrong), {});
    expect(refused.status).toBe(422);
    expect(apiSchemas.problemSchema.parse(await refused.json()).issues?.length).toBeGreaterThan(0);
  }
  expect((await POST(send('POST', ask, foreign), {})).status).toBe(403);
});

describe('hours of weather', () => {
  const hours = async (bytes: Uint8Array, headers: Record<string, string> = {}) => {
    const { POST } = await import('./weather/route');
    return POST(
      new Request('http://127.0.0.1:4310/api/weather', {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream', ...headers },
        body: bytes as Uint8Array<ArrayBuffer>,
      }),
      {},
    );
  };
  const packedYear = async (): Promise<Uint8Array> => {
    const { packHours } = await import('@/formats/weather/packedHours');
    const { fileOf } = await import('@/formats/weather/typicalYear');
    const { generateHours } = await import('@/core/weather/hours');
    const { weatherNormals } = await import('@/core/weather/normals');
    const { CLIMATES } = await import('@/core/model/climates.data');
    const row = CLIMATES[3] ?? (undefined as never);
    return packHours(fileOf(generateHours(weatherNormals(row), 1, 4), row));
  };

  test('are kept once under the id of their bytes, and given back as they were', async () => {
    const { createHash } = await import('node:crypto');
    const { GET } = await import('./weather/[id]/route');
    const packed = await packedYear();
    const [first, again] = [await hours(packed), await hours(packed)];
    expect([first.status, again.status]).toEqual([201, 201]);
    const { id } = await first.json();
    expect(id).toBe(createHash('sha256').update(packed).digest('hex'));
    expect(await again.json()).toEqual({ id });
    const back = await GET(send('GET', undefined), at(id));
    expect(back.headers.get('cache-control')).toMatch(/immutable/);
    expect(Buffer.from(await back.arrayBuffer()).equals(Buffer.from(packed))).toBe(true);
  });

  test('bad ones are refused, and none is found by a made-up id', async () => {
    const { GET } = await import('./weather/[id]/route');
    expect((await hours(new Uint8Array([1, 2, 3]))).status).toBe(422);
    expect((await hours(new Uint8Array(400_000))).status).toBe(413);
    expect((await hours(await packedYear(), foreign)).status).toBe(403);
    expect((await hours(await packedYear(), { 'content-type': 'text/plain' })).status).toBe(415);
    for (const id of ['0'.repeat(64), 'x', "'; drop table weather_hours"])
      expect((await GET(send('GET', undefined), at(id))).status).toBe(404);
  });
});
