/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import { produce } from 'immer';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { runs } from '@/core/tests/runs';
import '../tests/engine';
import { readSave } from '../tests/standInServer';
import { edit, openPlan, sessionHere, undo, useBench } from './bench';

const saver = () => sessionHere().saver;
const hand = () => sessionHere().hand;

const SESSIONS = runs(80, 500);
/** Plans without much in them: what is tried is saving, not judging. */
const PLANS = ['alpha', 'beta'].map(
  (id): Plan => ({
    ...sample('tamar-flats'),
    id,
    name: id,
    fixtures: sample('pell-garth').fixtures.slice(0, 3),
  }),
);

interface Kept {
  plan: Plan;
  revision: number;
  edits: string[];
}
let server: Map<string, Kept>;
let refusals: number[];

/** The server as it answers saves, with its own limits. */
const answer = (url: string, init: RequestInit): Response => {
  const respond = (status: number, body: object): Response =>
    ({ status, ok: status < 300, json: async () => body }) as Response;
  const kept = server.get(url.split('/').at(-1) ?? '');
  if (!kept) return respond(404, {});
  if (init.method !== 'PUT') return respond(200, { plan: kept.plan, revision: kept.revision });
  const save = readSave(init);
  if (typeof save === 'number') {
    refusals.push(save);
    return respond(save, {});
  }
  const headers = init.headers as Readonly<Record<string, string>>;
  if (headers['if-match'] !== `"${kept.revision}"`) {
    return respond(412, { plan: kept.plan, revision: kept.revision });
  }
  kept.plan = save.plan;
  kept.edits.push(...save.edits);
  return respond(200, { revision: ++kept.revision });
};

type Act =
  | { kind: 'edit'; label: string; years: number }
  | { kind: 'rename'; label: string }
  | { kind: 'undo' | 'open' | 'takeUp' | 'letFall' | 'leave' }
  | { kind: 'move' | 'putDown'; by: number }
  | { kind: 'elsewhere'; stature: number; name: string | null }
  | { kind: 'wait'; ms: number };

const label = fc.oneof(
  fc.string({ unit: 'binary', minLength: 0, maxLength: 900 }),
  fc.string({ unit: 'grapheme', minLength: 150, maxLength: 300 }),
  fc.constantFrom('“ü”'.repeat(230), '\u0000\u202e', '\ud83d'.repeat(300), '🐓'.repeat(150)),
);
const act: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({
      kind: fc.constant('edit' as const),
      label,
      years: fc.integer({ min: 1, max: 5 }),
    }),
  },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('rename' as const), label }) },
  {
    weight: 3,
    arbitrary: fc.record({
      kind: fc.constantFrom('undo', 'open', 'takeUp', 'letFall', 'leave'),
    }) as fc.Arbitrary<Act>,
  },
  {
    weight: 3,
    arbitrary: fc.record({
      kind: fc.constantFrom('move', 'putDown'),
      by: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
    }) as fc.Arbitrary<Act>,
  },
  {
    weight: 2,
    arbitrary: fc.record({
      kind: fc.constant('elsewhere' as const),
      stature: fc.integer({ min: 140, max: 190 }),
      name: fc.option(fc.constantFrom('theirs', 'others'), { nil: null }),
    }),
  },
  {
    weight: 6,
    arbitrary: fc.record({
      kind: fc.constant('wait' as const),
      ms: fc.constantFrom(0, 100, 400, 900, 3000),
    }),
  },
);

let stop: () => void = () => undefined;
beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  stop();
  jest.useRealTimers();
});

const open = (kept: Kept): void => {
  stop();
  openPlan(kept.plan, kept.revision, DAY);
  stop = saver().start();
};

async function doAct(a: Act): Promise<void> {
  const { plan, held } = useBench.getState();
  const kept = server.get(plan?.id ?? '');
  if (!plan || !kept) throw new Error('no plan');
  switch (a.kind) {
    case 'edit':
      edit(`${plan.id}: ${a.label}`, (d) => {
        d.horizonYears = a.years;
      });
      break;
    case 'rename':
      edit(`${plan.id}: ${a.label}`, (d) => {
        d.name = a.label.slice(0, 40);
      });
      break;
    case 'undo':
      undo();
      break;
    case 'open':
      open(server.get(plan.id === 'alpha' ? 'beta' : 'alpha') ?? kept);
      break;
    case 'leave':
      await saver().saveNow(true);
      break;
    case 'takeUp':
      hand().takeUp([plan.fixtures[0]?.id ?? '']);
      break;
    case 'letFall':
      hand().letFall();
      break;
    case 'move':
      if (held)
        hand().holdAt(
          produce(held.plan, (d) => {
            const [first] = d.fixtures;
            if (first && 'x' in first) first.x = Math.round(a.by * 100) / 100;
          }),
          { lines: [], ways: [] },
        );
      break;
    case 'putDown':
      hand().putDown(`${plan.id}: put down`);
      break;
    case 'elsewhere':
      kept.plan = produce(kept.plan, (d) => {
        d.keeper.statureM = a.stature / 100;
        if (a.name) d.name = a.name;
      });
      kept.revision++;
      break;
    case 'wait':
      await jest.advanceTimersByTimeAsync(a.ms);
  }
}

test('whatever is done and however it is called, nothing is refused and all is stored', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 3, maxLength: 14 }), async (acts) => {
      server = new Map(PLANS.map((plan) => [plan.id, { plan, revision: 1, edits: [] }]));
      refusals = [];
      globalThis.fetch = (async (url: string, init: RequestInit = {}) =>
        answer(url, init)) as typeof fetch;
      const [first] = server.values();
      if (first) open(first);
      for (const a of acts) await doAct(a);
      hand().letFall();
      for (let i = 0; i < 4; i++) {
        await jest.advanceTimersByTimeAsync(1500);
        if (useBench.getState().save.kind === 'conflict') await saver().endClash('here');
      }
      await jest.advanceTimersByTimeAsync(12_000);
      const { plan, save } = useBench.getState();
      expect(refusals).toEqual([]);
      expect(save).toEqual({ kind: 'saved' });
      expect(server.get(plan?.id ?? '')?.plan).toEqual(plan);
      for (const [id, { edits }] of server) {
        for (const name of edits) {
          expect(name.length).toBeLessThanOrEqual(200);
          expect(name).not.toMatch(id === 'alpha' ? /beta:/ : /alpha:/);
        }
      }
      stop();
      stop = () => undefined;
    }),
    { numRuns: SESSIONS },
  );
}, 300_000);
