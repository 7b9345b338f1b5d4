/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { afterEach, beforeAll, beforeEach, expect, jest, test } from '@jest/globals';
import { produce } from 'immer';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import '../tests/engine';
import { readSave } from '../tests/standInServer';
import { edit, openPlan, sessionHere, undo, useBench } from './bench';

const saver = () => sessionHere().saver;
const hand = () => sessionHere().hand;

const plan = sample('pell-garth');

interface Sent {
  readonly url: string;
  readonly ifMatch: string;
  readonly name: string;
}

let sent: Sent[];
let answer: () => Promise<Response>;
/** What reading the plan again gives. */
let fetched: () => Promise<Response>;
let stop: () => void;

const respond = (status: number, body: object) => async () =>
  ({ status, ok: status < 300, json: async () => body }) as Response;

const rename = (name: string) =>
  edit('Rename', (d) => {
    d.name = name;
  });

const save = () => useBench.getState().save;

beforeEach(() => {
  jest.useFakeTimers();
  sent = [];
  answer = respond(200, { revision: 2 });
  fetched = respond(304, {});
  globalThis.fetch = (async (url: string, init: RequestInit) => {
    if (init.method === undefined) return fetched();
    const headers = init.headers as Record<string, string>;
    if (init.method === 'POST') {
      const { name } = JSON.parse(String(init.body)) as { name: string };
      sent.push({ url, ifMatch: '', name });
      return answer();
    }
    const save = readSave(init);
    if (typeof save === 'number') return respond(save, {})();
    sent.push({ url, ifMatch: headers['if-match'] ?? '', name: save.plan.name });
    return answer();
  }) as typeof fetch;
  openPlan(plan, 1, DAY);
  stop = saver().start();
});

afterEach(async () => {
  stop();
  await jest.runOnlyPendingTimersAsync();
  jest.useRealTimers();
});

describe('another window saved first', () => {
  // fetched when two windows first meet; a clock that stands still waits for nothing
  beforeAll(async () => {
    await import('@/core/edit/merge');
    await import('@/core/edit/sameData');
    await import('@/text/differences');
    await import('@/core/edit/parse');
  });
  const news = () => {
    const { revision, news: told } = useBench.getState();
    return [revision, told];
  };
  let own = plan;
  let opened = 0;
  const theirs = (recipe: (d: Plan) => void) => produce(own, recipe);
  const now = () => {
    const open = useBench.getState().plan;
    if (!open) throw new Error('no plan is open');
    return open;
  };
  // a plan that this window has saved nothing of
  beforeEach(() => {
    stop();
    own = { ...plan, id: `met-${opened++}` };
    saver().openStored(own, 1, DAY);
    stop = saver().start();
  });
  /** This window renames; the other has saved first. */
  const clashWith = async (stored: Plan): Promise<void> => {
    answer = respond(412, { plan: stored, revision: 7 });
    rename('mine');
    await jest.advanceTimersByTimeAsync(400);
    answer = respond(200, { revision: 8 });
    await jest.advanceTimersByTimeAsync(1000);
  };

  test('edits of different things are joined without asking, said, and saved', async () => {
    await clashWith(
      theirs((d) => {
        d.horizonYears = 4;
      }),
    );
    expect(now()).toMatchObject({ name: 'mine', horizonYears: 4 });
    expect(sent.at(-1)).toMatchObject({ ifMatch: '"7"', name: 'mine' });
    expect(save()).toEqual({ kind: 'saved' });
    expect(news()).toEqual([8, 'From another window. Years ahead: 2 → 4.']);
    // what came can be taken back here, and then what was done here
    undo();
    expect(now()).toMatchObject({ name: 'mine', horizonYears: 2 });
    undo();
    expect(now()).toEqual(own);
  });

  test('what a hand still holds is not committed by another window’s save', async () => {
    const bar = own.fixtures.find((f) => f.kind === 'bar');
    if (bar?.kind !== 'bar') throw new Error('no bar');
    const stored = theirs((d) => {
      d.horizonYears = 4;
    });
    answer = respond(412, { plan: stored, revision: 7 });
    rename('mine');
    hand().takeUp([bar.id]);
    const shorter = produce(now(), (d) => {
      for (const f of d.fixtures) if (f.kind === 'bar' && f.id === bar.id) f.lengthM = 1.64;
    });
    hand().holdAt(shorter, { lines: [], ways: [] });
    await jest.advanceTimersByTimeAsync(1500);
    const { held, past } = useBench.getState();
    expect(held?.plan.fixtures).toContainEqual(bar);
    expect(past.map((s) => s.name)).toEqual(['Rename']);
    // let fall: the bar is as it was, and what the other window did comes
    const first = sent.length;
    answer = async () =>
      sent.length === first + 1
        ? respond(412, { plan: stored, revision: 7 })()
        : respond(200, { revision: 8 })();
    hand().letFall();
    await jest.advanceTimersByTimeAsync(1500);
    expect(now()).toMatchObject({ name: 'mine', horizonYears: 4 });
    expect(now().fixtures).toContainEqual(bar);
    expect(save()).toEqual({ kind: 'saved' });
  });

  test('the same edit in both windows asks nothing and saves nothing more', async () => {
    await clashWith(
      theirs((d) => {
        d.name = 'mine';
      }),
    );
    expect(sent).toHaveLength(1);
    expect(save()).toEqual({ kind: 'saved' });
    expect(news()).toEqual([7, null]);
  });

  describe('and changed the same value', () => {
    beforeEach(() =>
      clashWith(
        theirs((d) => {
          d.name = 'theirs';
          d.horizonYears = 4;
        }),
      ),
    );

    test('nothing is overwritten, both values are told, and saving waits for the keeper', async () => {
      expect(save()).toMatchObject({
        kind: 'conflict',
        revision: 7,
        clashes: [{ part: 'name', here: 'mine', there: 'theirs' }],
      });
      edit('Years ahead', (d) => {
        d.keeper.statureM = 1.5;
      });
      await jest.advanceTimersByTimeAsync(5000);
      expect(sent).toHaveLength(1);
      expect(save().kind).toBe('conflict');
    });

    test.each([
      ['here', 'mine', 'theirs'],
      ['there', 'theirs', 'mine'],
    ] as const)(
      'taking the value of the window %s joins all else, and undo gives the other value',
      async (side, kept, left) => {
        await saver().endClash(side);
        await jest.advanceTimersByTimeAsync(1000);
        expect(now()).toMatchObject({ name: kept, horizonYears: 4 });
        expect(save()).toEqual({ kind: 'saved' });
        if (kept === 'mine') expect(sent.at(-1)).toMatchObject({ ifMatch: '"7"', name: 'mine' });
        else expect(sent).toHaveLength(1);
        undo();
        expect(now()).toMatchObject({ name: left, horizonYears: 4 });
      },
    );

    test('this window’s can be kept as a plan of its own', async () => {
      answer = respond(201, { id: 'copy-1' });
      expect(await saver().keepMineAsCopy()).toBe('/plans/copy-1');
      expect(sent.at(-1)).toMatchObject({ url: '/api/plans', name: 'mine' });
    });
  });

  test('a window without edits of its own follows by itself, and saves nothing', async () => {
    const stored = theirs((d) => {
      d.horizonYears = 5;
    });
    fetched = respond(200, { plan: stored, revision: 9 });
    await jest.advanceTimersByTimeAsync(10_000);
    expect(now().horizonYears).toBe(5);
    expect(save()).toEqual({ kind: 'saved' });
    expect(news()).toEqual([9, 'From another window. Years ahead: 2 → 5.']);
    expect(sent).toEqual([]);
    rename('next');
    await jest.advanceTimersByTimeAsync(400);
    expect(sent.at(-1)).toMatchObject({ ifMatch: '"9"', name: 'next' });
    expect(useBench.getState().news).toBeNull();
  });
});
