/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { editName } from '@/core/edit/editNames';
import { DAY, sample } from '@/core/tests/plans';
import '../tests/engine';
import { readSave } from '../tests/standInServer';
import { edit, openPlan, sessionHere, undo, useBench } from './bench';

const saver = () => sessionHere().saver;

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
/** The names of edits told with the last save. */
let edits: string[];

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
    edits = [...save.edits];
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
  expect(edits).toEqual(['Rename', 'Rename']);
});

test('the whole text of a remedy as an edit’s name refuses no save, and is cut', async () => {
  const long = `Lay the bars anew: ${'bar 1 at 0.60 m, “bar 2” at 0.90 m; '.repeat(20)}`;
  edit(long, (d) => {
    d.horizonYears = 4;
  });
  await jest.advanceTimersByTimeAsync(400);
  expect(save()).toEqual({ kind: 'saved' });
  expect(edits).toEqual([editName(long)]);
  expect(edits[0]).toHaveLength(200);
});

test('forty names of curly letters are no header that a server refuses', async () => {
  for (let i = 0; i < 45; i++) rename(`“${'ü”'.repeat(30)}” ${i}`);
  await jest.advanceTimersByTimeAsync(400);
  expect([save(), edits.length]).toEqual([{ kind: 'saved' }, 40]);
});

test('names of one plan’s edits are never told of another', async () => {
  answer = respond(500, {});
  rename('one');
  await jest.advanceTimersByTimeAsync(400);
  answer = respond(200, { revision: 2 });
  openPlan({ ...sample('osk-landing'), id: 'osk-again' }, 1, DAY);
  edit('Years ahead', (d) => {
    d.horizonYears = 4;
  });
  await jest.advanceTimersByTimeAsync(400);
  expect(edits).toEqual(['Years ahead']);
});

test('what is done while a save is under way is told with the next, also when the list was full', async () => {
  for (let i = 0; i < 40; i++) rename(`a ${i}`);
  let finish: (r: Response) => void = () => undefined;
  answer = () =>
    new Promise((resolve) => {
      finish = resolve;
    });
  await jest.advanceTimersByTimeAsync(400);
  edit('Meanwhile', (d) => {
    d.horizonYears = 4;
  });
  answer = respond(200, { revision: 3 });
  finish(await respond(200, { revision: 2 })());
  await jest.advanceTimersByTimeAsync(800);
  expect(edits).toEqual(['Meanwhile']);
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
  expect(edits).toEqual(['Undone: Rename']);
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
  answer = respond(422, { issues: [{ text: 'Another plan is called “one”.' }] });
  await jest.advanceTimersByTimeAsync(3000);
  expect(save()).toEqual({ kind: 'notSaved', why: 'Another plan is called “one”.' });
  const told = sent.length;
  await jest.advanceTimersByTimeAsync(9000);
  expect(sent).toHaveLength(told);
  rename('one');
  rename('one ');
  answer = respond(404, {});
  await jest.advanceTimersByTimeAsync(3000);
  expect(save()).toMatchObject({
    kind: 'notSaved',
    why: expect.stringContaining('removed elsewhere'),
  });
  expect(useBench.getState().plan?.name).toBe('one ');
});

test('leaving the page sends what is not yet saved', async () => {
  rename('one');
  window.dispatchEvent(new Event('pagehide'));
  await jest.advanceTimersByTimeAsync(0);
  expect(sent.map((s) => s.name)).toEqual(['one']);
});

test('coming back to a page that the browser kept shows what is stored, not what the page had', async () => {
  saver().openStored(plan, 1, DAY);
  rename('newer');
  answer = respond(200, { revision: 9 });
  await jest.advanceTimersByTimeAsync(400);
  expect(useBench.getState()).toMatchObject({ revision: 9, save: { kind: 'saved' } });
  // the kept page brings the plan as it was when it was made
  useBench.setState({ plan: null });
  saver().openStored(plan, 1, DAY);
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
  await saver().saveNow();
  await saver().saveNow(true);
  expect(sent).toHaveLength(1);
});
