import { sample } from '@/core/tests/plans';
import { rainApart } from './rain.client';
import type { RainAsk, RainTold } from './rainAnswers';

/** A worker that answers when it is told to. */
class SlowWorker {
  static last: SlowWorker;
  onmessage: ((event: { data: RainTold }) => void) | null = null;
  onerror: (() => void) | null = null;
  readonly asked: RainAsk[] = [];
  ended = false;
  constructor() {
    SlowWorker.last = this;
  }
  postMessage(what: RainAsk): void {
    this.asked.push(what);
  }
  terminate(): void {
    this.ended = true;
  }
  /** Answers the question it works at. */
  answer(): void {
    const what = this.asked.at(-1);
    const told: RainTold =
      what?.kind === 'barrel'
        ? { kind: 'run', litres: what.litres, run: null }
        : { kind: 'outlook', outlook: null };
    this.onmessage?.({ data: told });
  }
  get kinds(): string[] {
    return this.asked.map((a) => (a.kind === 'barrel' ? `barrel ${a.litres}` : `plan ${a.on}`));
  }
}

const plan = sample('pell-garth');
const ofDay = (on: string): RainAsk => ({ kind: 'plan', plan, on });
const barrel = (litres: number): RainAsk => ({ kind: 'barrel', litres });

let told: string[];
let failed: number;
function begun() {
  told = [];
  failed = 0;
  const apart = rainApart(
    (t) => void told.push(t.kind),
    () => {
      failed++;
    },
  );
  return { apart, worker: SlowWorker.last };
}

beforeAll(() => {
  globalThis.Worker = SlowWorker as never;
});

test('of barrels dragged while it works only the last is worked', () => {
  const { apart, worker } = begun();
  apart.ask(ofDay('a'));
  for (const litres of [100, 110, 120]) apart.ask(barrel(litres));
  expect(worker.kinds).toEqual(['plan a']);
  worker.answer();
  expect(worker.kinds).toEqual(['plan a', 'barrel 120']);
  worker.answer();
  expect(told).toEqual(['outlook', 'run']);
  // free again, the next is asked at once
  apart.ask(barrel(130));
  expect(worker.kinds).toHaveLength(3);
});

test('a plan that waits is not pushed out by a barrel, but by a newer plan', () => {
  const { apart, worker } = begun();
  apart.ask(ofDay('a'));
  apart.ask(barrel(100));
  apart.ask(ofDay('b'));
  apart.ask(barrel(110));
  apart.ask(ofDay('c'));
  worker.answer();
  expect(worker.kinds).toEqual(['plan a', 'plan c']);
  worker.answer();
  // the barrel was of a plan that is gone
  expect(worker.kinds).toHaveLength(2);
});

test('stopped, it says nothing more; broken, it says so', () => {
  const { apart, worker } = begun();
  worker.onerror?.();
  expect(failed).toBe(1);
  apart.ask(ofDay('a'));
  apart.stop();
  expect(worker.ended).toBe(true);
  worker.answer();
  expect(told).toEqual([]);
});
