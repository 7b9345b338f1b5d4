import { DAY, sample } from '@/core/tests/plans';
import { cardOf, type PlanCard } from '@/formats/planCard';
import { handle } from '../handle';
import { Busy, MOST_WAITING, run, WORKERS } from './pool';

const osk = sample('osk-landing');
/** Work that takes a second or more: it is ended long before it is done. */
const long = (signal: AbortSignal): Promise<unknown> => {
  const views = Array.from({ length: 40 }, (_, i) => ({ ...osk.flock[0], id: `g${i}`, count: 9 }));
  const plan = { ...osk, flock: views } as typeof osk;
  return run('sight', { plan, on: DAY }, signal);
};

test('a worker gives what the same work gives here', async () => {
  const text = await run('card', { plan: osk, on: DAY });
  expect(JSON.parse(text)).toEqual(JSON.parse(JSON.stringify(cardOf(osk, DAY))) as PlanCard);
});

test('sixteen wait, the next is told to come again; who leaves ends his work, and others go on', async () => {
  const left = new AbortController();
  const asked = Array.from({ length: WORKERS + MOST_WAITING }, () => long(left.signal));
  const ends = Promise.allSettled(asked);
  await expect(long(left.signal)).rejects.toThrow(Busy);
  const answer = await handle('GET /api/health', async () => {
    await long(left.signal);
    return new Response();
  })(new Request('http://127.0.0.1/'), {});
  expect(answer.status).toBe(503);
  expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0);
  expect(await answer.json()).toMatchObject({ status: 503, title: expect.stringMatching(/again/) });
  left.abort();
  const kinds = (await ends).map((end) => end.status);
  expect(kinds).toEqual(asked.map(() => 'rejected'));
  expect(JSON.parse(await run('card', { plan: osk, on: DAY }))).toHaveProperty('sentence');
});

test('work that breaks breaks alone', async () => {
  await expect(run('pack', { dir: '/nowhere/at/all' })).rejects.toThrow(/ENOENT/);
  expect(await run('card', { plan: osk, on: DAY })).toContain('"sentence"');
});

test('work that takes too long is given up, and said so', async () => {
  const soon = jest.spyOn(AbortSignal, 'timeout').mockImplementation(() => {
    const ended = new AbortController();
    setTimeout(() => ended.abort(new DOMException('too long', 'TimeoutError')), 30);
    return ended.signal;
  });
  const answer = await handle('GET /api/health', async () => {
    await long(new AbortController().signal);
    return new Response();
  })(new Request('http://127.0.0.1/'), {});
  soon.mockRestore();
  expect(answer.status).toBe(503);
  expect(await answer.json()).toMatchObject({ title: expect.stringMatching(/given up/) });
  expect(await run('card', { plan: osk, on: DAY })).toContain('"sentence"');
});
