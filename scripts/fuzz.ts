// Sends mutated requests to a server of its own: none may break it or change a stored plan.
//   npm run fuzz [requests]
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { samplePlans } from '@/core/edit/samples.data';

const PORT = 4399;
const total = Number(process.argv[2] ?? 5000);
const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-fuzz-'));
const PLAN = JSON.stringify(samplePlans('2026-11-24')[0]);

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly headers: Record<string, string>;
  readonly body: string;
}

/** Sends exactly these bytes; a refusal to send or a closed connection counts as 0. */
function send({ method, path, headers, body }: Sent): Promise<{ status: number; type: string }> {
  return new Promise((resolve) => {
    try {
      const req = request(
        { host: '127.0.0.1', port: PORT, method, path, headers, timeout: 10_000 },
        (res) => {
          res.resume();
          res.on('end', () =>
            resolve({ status: res.statusCode ?? 0, type: res.headers['content-type'] ?? '' }),
          );
        },
      );
      req.on('error', () => resolve({ status: 0, type: '' }));
      req.end(body);
    } catch {
      resolve({ status: 0, type: '' });
    }
  });
}

/** A piece of a text replaced, cut, doubled or spliced with something hostile. */
const mutated = (text: string) =>
  fc
    .record({
      at: fc.nat(Math.max(0, text.length - 1)),
      take: fc.nat(12),
      put: fc.oneof(
        fc.string({ maxLength: 8 }),
        fc.constantFrom(
          '1e999',
          'null',
          '-1',
          '"__proto__":{}',
          '[[[[',
          '\u0000',
          '\ud800',
          '9'.repeat(40),
          '{}',
          '"',
        ),
      ),
    })
    .map(({ at, take, put }) => text.slice(0, at) + put + text.slice(at + take));

// writes are made on a revision that no plan has, so that even an unharmed one must not be taken
const good: fc.Arbitrary<Sent> = fc.constantFrom<Sent>(
  { method: 'GET', path: '/api/plans', headers: {}, body: '' },
  { method: 'GET', path: '/api/plans/pell-garth', headers: {}, body: '' },
  { method: 'GET', path: '/api/plans/pell-garth/saves/1', headers: {}, body: '' },
  { method: 'GET', path: '/plans/pell-garth', headers: {}, body: '' },
  {
    method: 'PUT',
    path: '/api/plans/pell-garth',
    headers: { 'content-type': 'application/json', 'if-match': '"999999"' },
    body: PLAN,
  },
  {
    method: 'PUT',
    path: '/api/plans/pell-garth/saves/99',
    headers: { 'content-type': 'application/json' },
    body: '{"name":"x"}',
  },
  {
    method: 'POST',
    path: '/api/assess?on=2027-03-01',
    headers: { 'content-type': 'application/json' },
    body: PLAN,
  },
  { method: 'DELETE', path: '/api/plans/nobody', headers: {}, body: '' },
);

/** A part of a path with any byte in it, as it travels. */
const anyBytes: fc.Arbitrary<string> = fc
  .uint8Array({ minLength: 1, maxLength: 24 })
  .map((bytes) => [...bytes].map((b) => `%${b.toString(16).padStart(2, '0')}`).join(''));

/** Requests for a plan, or a part of one, whose id is any bytes. */
const anyId: fc.Arbitrary<Sent> = fc
  .tuple(
    fc.oneof(
      anyBytes,
      anyBytes.map((b) => `pell-garth${b}`),
      fc.constant('%00'),
    ),
    fc.constantFrom(
      '',
      '/file',
      '/saves',
      '/saves/1',
      '/assessment',
      '/history',
      '/stations/roosts',
    ),
    fc.constantFrom('GET', 'PUT', 'DELETE', 'POST'),
    fc.boolean(),
  )
  .map(([id, part, method, page]) => ({
    method: page ? 'GET' : method,
    path: page ? `/plans/${id}${part}` : `/api/plans/${id}${part}`,
    headers: { 'content-type': 'application/json' } as Record<string, string>,
    body: method === 'PUT' || method === 'POST' ? PLAN : '',
  }));

/** A body said to be packed in a way that nobody unpacks here. */
const packed: fc.Arbitrary<Sent> = fc
  .tuple(good, fc.constantFrom('gzip', 'br', 'deflate', 'zstd', 'x-none', 'identity, gzip'))
  .map(([sent, encoding]) => ({
    ...sent,
    headers: { ...sent.headers, 'content-encoding': encoding },
  }))
  .filter((s) => s.method !== 'DELETE' || !/pell|tamar|osk/.test(s.path));

const hostile: fc.Arbitrary<Sent> = good.chain((sent) =>
  fc.oneof(
    anyId,
    packed,
    mutated(sent.body).map((body) => ({ ...sent, body })),
    fc
      .constantFrom('GET', 'POST', 'PUT', 'PATCH', 'OPTIONS', 'TRACE', 'HEAD', 'PURGE')
      .map((method) => ({
        ...sent,
        method: sent.method === 'DELETE' || !sent.path.includes('/plans/') ? method : sent.method,
      })),
    mutated(sent.path)
      .map((path) => ({
        ...sent,
        path: `/${path.replace(/[^\x21-\x7e]/g, '%').replace(/^\/+/, '')}`,
      }))
      .filter((s) => s.method !== 'DELETE' || !/pell|tamar|osk/.test(s.path)),
    fc
      .tuple(
        fc.constantFrom(
          'host',
          'content-type',
          'if-match',
          'origin',
          'sec-fetch-site',
          'accept',
          'content-length',
          'next-action',
          'rsc',
          'x-nonce',
        ),
        fc.oneof(
          fc.string({ maxLength: 30 }),
          fc.constantFrom('"1e9"', 'null', '*', 'text/html', '-1', 'a'.repeat(4000)),
        ),
      )
      .map(([name, value]) => ({
        ...sent,
        headers: { ...sent.headers, [name]: value.replace(/[^\x20-\x7e]/g, '') },
      }))
      .filter((s) => !/^"\d{1,2}"$/.test(s.headers['if-match'] ?? '')),
  ),
);

const child = spawn(process.execPath, ['scripts/serve.mjs', '--samples'], {
  env: { ...process.env, WIDE_RAFTER_DATA: dir, WIDE_RAFTER_DAY: '2026-11-24', PORT: String(PORT) },
  stdio: 'ignore',
});
const ended = new Promise((r) => child.once('exit', r));
const address = `http://127.0.0.1:${PORT}`;
const json = async (path: string): Promise<unknown> => (await fetch(address + path)).json();
while (
  !(await fetch(address).then(
    (r) => r.ok,
    () => false,
  ))
)
  await new Promise((r) => setTimeout(r, 100));

const stored = async (): Promise<string> => {
  const list = (await json('/api/plans')) as { id: string }[];
  return JSON.stringify(await Promise.all(list.map(({ id }) => json(`/api/plans/${id}`))));
};
const before = await stored();
const seed = Number(process.env.SEED ?? 20261124);
const all = fc.sample(hostile, { numRuns: total, seed });
const statuses: Record<string, number> = {};
let broken = 0;
for (let i = 0; i < all.length; i += 16) {
  const batch = all.slice(i, i + 16);
  const answers = await Promise.all(batch.map(send));
  answers.forEach(({ status }, j) => {
    statuses[status] = (statuses[status] ?? 0) + 1;
    if (status >= 500) {
      broken++;
      if (broken <= 5) console.log(status, JSON.stringify(batch[j]).slice(0, 400));
    }
  });
}
const unchanged = (await stored()) === before;
const { status } = (await json('/api/health')) as { status: string };
child.kill('SIGKILL');
await ended;
rmSync(dir, { recursive: true, force: true });
console.log(JSON.stringify(statuses));
console.log(
  `${all.length} mutated requests (seed ${seed}): ${broken} broke the server, stored plans ${unchanged ? 'unchanged' : 'CHANGED'}, health ${status} afterwards`,
);
process.exit(broken === 0 && unchanged && status === 'ok' ? 0 : 1);
