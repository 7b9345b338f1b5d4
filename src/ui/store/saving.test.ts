/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { DAY, sample } from '@/core/tests/plans';
import '../tests/engine';
import { edit, openPlan, undo, useBench } from './bench';
import { keepMine, keepMineAsCopy, openStored, saveNow, startSaving, takeTheirs } from './saving';

const plan = sample('pell-garth');

interface Sent {
  readonly url: string;
  readonly ifMatch: string;
  readonly name: string;
}

let sent: Sent[];
let answer: () => Promise<Response>;
let stop: () => void;

const respond = (status: number, body: object) => async () =>
  ({ status, ok: status < 400, json: async () => body }) as Response;

const rename = (name: string) =>
  edit('Rename', (d) => {
    d.name = name;
  });

const save = () => useBench.getState().save;

beforeEach(() => {
  jest.useFakeTimers();
  sent = [];
  answer = respond(200, { revision: 2 });
  globalThis.fetch = (async (url: string, init: RequestInit) => {
    const headers = init.headers as Record<string, string>;
    const body = JSON.parse(String(init.body)) as { name: string };
    sent.push({ url, ifMatch: headers['if-match'] ?? '', name: body.name });
    return answer();
  }) as typeof fetch;
  openPlan(plan, 1, DAY);
  stop = startSaving();
});

afterEach(async () => {
  stop();
  await jest.runOnlyPendingTimersAsync();
  jest.useRealTimers();
});

test('opening a plan saves nothing', async () => {
  await jest.advanceTimersByTimeAsync(5000);
  expect(sent).toEqual([]);
  expect(save()).toEqual({ kind: 'saved' });
});

test('an edit is saved 400 ms after the last change, on the revision it was made on', async () => {
  rename('one');
  expect(save()).toEqual({ kind: 'saving' });
  await jest.advanceTimersByTimeAsync(300);
  rename('two');
  await jest.advanceTimersByTimeAsync(399);
  expect(sent).toEqual([]);
  await jest.advanceTimersByTimeAsync(1);
  expect(sent).toEqual([{ url: '/api/plans/pell-garth', ifMatch: '"1"', name: 'two' }]);
  expect(save()).toEqual({ kind: 'saved' });
  expect(useBench.getState().revision).toBe(2);
});

test('undo is itself an edit, and is saved', async () => {
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  undo();
  await jest.advanceTimersByTimeAsync(400);
  expect(sent.map((s) => [s.ifMatch, s.name])).toEqual([
    ['"1"', 'one'],
    ['"2"', 'Pell Garth'],
  ]);
});

test('an edit made while a save is under way is sent after it, on the new revision', async () => {
  let finish: (r: Response) => void = () => undefined;
  answer = () =>
    new Promise((resolve) => {
      finish = resolve;
    });
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  rename('two');
  await jest.advanceTimersByTimeAsync(400);
  expect(sent).toHaveLength(1);
  answer = respond(200, { revision: 3 });
  finish(await respond(200, { revision: 2 })());
  await jest.advanceTimersByTimeAsync(800);
  expect(sent.map((s) => [s.ifMatch, s.name])).toEqual([
    ['"1"', 'one'],
    ['"2"', 'two'],
  ]);
  expect(save()).toEqual({ kind: 'saved' });
});

test('a server that does not answer is told of, and tried again until it does', async () => {
  answer = async () => {
    throw new TypeError('Failed to fetch');
  };
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  expect(save()).toMatchObject({ kind: 'notSaved' });
  answer = respond(200, { revision: 2 });
  await jest.advanceTimersByTimeAsync(3000);
  expect(sent.map((s) => s.name)).toEqual(['one', 'one']);
  expect(save()).toEqual({ kind: 'saved' });
});

test('a refusal and a plan removed elsewhere are told of, and the edit is kept', async () => {
  answer = respond(500, {});
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  expect(save()).toMatchObject({ kind: 'notSaved', why: expect.stringContaining('refused') });
  answer = respond(404, {});
  await jest.advanceTimersByTimeAsync(3000);
  expect(save()).toMatchObject({
    kind: 'notSaved',
    why: expect.stringContaining('removed elsewhere'),
  });
  expect(useBench.getState().plan?.name).toBe('one');
});

test('leaving the page sends what is not yet saved', async () => {
  rename('one');
  window.dispatchEvent(new Event('pagehide'));
  await jest.advanceTimersByTimeAsync(0);
  expect(sent.map((s) => s.name)).toEqual(['one']);
});

test('coming back to a page that the browser kept shows what is stored, not what the page had', async () => {
  openStored(plan, 1, DAY);
  rename('newer');
  answer = respond(200, { revision: 9 });
  await jest.advanceTimersByTimeAsync(400);
  expect(useBench.getState()).toMatchObject({ revision: 9, save: { kind: 'saved' } });
  // the kept page brings the plan as it was when it was made
  useBench.setState({ plan: null });
  openStored(plan, 1, DAY);
  expect(useBench.getState()).toMatchObject({ revision: 9, plan: { name: 'newer' } });
  // and the next edit is made on what is stored
  rename('next');
  await jest.advanceTimersByTimeAsync(400);
  expect(sent.at(-1)).toMatchObject({ name: 'next', ifMatch: '"9"' });
});

test('leaving with a plan larger than a request that outlives its page may be loses nothing', async () => {
  const done = edit('Many', (d) => {
    const [first] = d.fixtures;
    if (!first) throw new Error('no fixture');
    while (d.fixtures.length < 200)
      d.fixtures.push({ ...first, id: `f-${d.fixtures.length}`, name: `${'ü'.repeat(60)}` });
  });
  expect(done.ok).toBe(true);
  const before = localStorage.length;
  let outlives: boolean | undefined;
  globalThis.fetch = (async (_: string, init: RequestInit) => {
    outlives = init.keepalive;
    return new Promise(() => {});
  }) as typeof fetch;
  window.dispatchEvent(new Event('pagehide'));
  await jest.advanceTimersByTimeAsync(0);
  expect(outlives).toBe(false);
  expect(localStorage.length).toBe(before + 1);
  expect(JSON.stringify({ ...localStorage })).toContain('f-199');
  localStorage.clear();
});

test('what is saved is not sent again', async () => {
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  await saveNow();
  await saveNow(true);
  expect(sent).toHaveLength(1);
});

describe('another window saved first', () => {
  const theirs = { ...plan, name: 'theirs' };
  beforeEach(async () => {
    answer = respond(412, { plan: theirs, revision: 7 });
    rename('mine');
    await jest.advanceTimersByTimeAsync(400);
  });

  test('nothing is overwritten, and saving waits for the keeper', async () => {
    expect(save()).toMatchObject({ kind: 'conflict', revision: 7 });
    rename('mine still');
    await jest.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(1);
    expect(save().kind).toBe('conflict');
  });

  test('keep mine saves mine over theirs', async () => {
    answer = respond(200, { revision: 8 });
    keepMine();
    await jest.advanceTimersByTimeAsync(0);
    expect(sent.at(-1)).toMatchObject({ ifMatch: '"7"', name: 'mine' });
    expect(save()).toEqual({ kind: 'saved' });
  });

  test('take theirs opens theirs and saves nothing', async () => {
    takeTheirs();
    await jest.advanceTimersByTimeAsync(5000);
    expect(useBench.getState()).toMatchObject({ plan: { name: 'theirs' }, revision: 7 });
    expect(save()).toEqual({ kind: 'saved' });
    expect(sent).toHaveLength(1);
  });

  test('keep mine as a copy stores mine as a plan of its own', async () => {
    answer = respond(201, { id: 'copy-1' });
    expect(await keepMineAsCopy()).toBe('/plans/copy-1');
    expect(sent.at(-1)).toMatchObject({ url: '/api/plans', name: 'mine' });
  });
});
