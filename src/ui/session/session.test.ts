/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { assess } from '@/core/assess';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import '../tests/engine';
import { openHere, sessionHere, takeOver, useBench } from './bench';
import { ofEachPlan } from './own';
import { createSession } from './session';

const page = (id: 'pell-garth' | 'osk-landing', revision = 3) => {
  const plan = sample(id);
  const sight = sightOf(assess(plan, { on: DAY }));
  return createSession(plan, revision, DAY, { sight, foretold: {}, words: FINDING_WORDS });
};

/** What was sent to the server, and how it answers. */
let sent: { readonly name: string; readonly answer: (status: number) => void }[];
beforeEach(() => {
  jest.useFakeTimers();
  sent = [];
  globalThis.fetch = (async (_: string, init: RequestInit) => {
    if (init.method !== 'PUT') return { ok: false, status: 304 } as Response;
    const { plan } = JSON.parse(String(init.body)) as { plan: { name: string } };
    return new Promise<Response>((come) => {
      sent.push({
        name: plan.name,
        answer: (status) =>
          come({ status, ok: status < 300, json: async () => ({ revision: 4 }) } as Response),
      });
    });
  }) as typeof fetch;
});
afterEach(() => {
  jest.useRealTimers();
});

test('two plans share nothing: edits, what is in hand, and what rooms keep of each', () => {
  const things = ofEachPlan<{ readonly open: boolean }>(() => ({ open: false }));
  const [a, b] = [page('pell-garth'), page('osk-landing')];
  takeOver(a);
  a.start();
  a.edit('Rename', (d) => {
    d.name = 'Mine';
  });
  things.setState({ open: true });
  a.hand.takeUp(['bar-1']);
  takeOver(b);
  b.start();
  expect(things.getState()).toEqual({ open: false });
  expect(useBench.getState()).toMatchObject({ past: [], held: null });
  expect(b.inHand.getState().plan).toBeNull();
  expect([a.isLeft, b.isLeft]).toEqual([true, false]);
  takeOver(a);
  expect(things.getState()).toEqual({ open: true });
  expect(useBench.getState().past).toHaveLength(1);
});

test('a page gone back to finds its plan as it was left, an older page too', () => {
  const a = page('pell-garth', 3);
  takeOver(a);
  expect(openHere('pell-garth', 2)).toBe(a);
  expect(openHere('pell-garth', 3)).toBe(a);
  expect(openHere('pell-garth', 4)).toBeNull();
  expect(openHere('osk-landing', 3)).toBeNull();
});

test('a page that is left sends what there is once, the last of it after what is on its way, and asks no more', async () => {
  const a = page('pell-garth');
  takeOver(a);
  a.start();
  const stop = a.saver.start();
  const rename = (name: string) =>
    a.edit('Rename', (d) => {
      d.name = name;
    });
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  rename('two');
  stop();
  takeOver(page('osk-landing'));
  await jest.advanceTimersByTimeAsync(1000);
  expect(sent.map((s) => s.name)).toEqual(['one']);
  sent[0]?.answer(200);
  await jest.advanceTimersByTimeAsync(1000);
  expect(sent.map((s) => s.name)).toEqual(['one', 'two']);
  // it could not be stored: it is offered when the plan is opened again, and nothing knocks on and on
  sent[1]?.answer(503);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(sent).toHaveLength(2);
  expect(a.store.getState().save.kind).toBe('notSaved');
  expect(sessionHere().store.getState().save.kind).toBe('saved');
});
