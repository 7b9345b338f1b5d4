// What many plans and many requests do to a server: sizes of pages, answers beside heavy work, memory after use.
import type { Plan } from '@/core/model/schema';
import { benchPlans } from './bench.plans';
import { ADDRESS, type Started } from './bench.server';
import { figure, line, quantile } from './bench.table';

/** A list as long as a club's. */
const PLANS = 500;
/** Heavy requests at once. */
const HEAVY = 8;
/** Requests in all; one in twenty of them is heavy. */
const REQUESTS = 2000;
const FIRST = 200;
const ONE_IN = 20;
/** Requests whose readings of memory are taken together. */
const OVER = 100;

const json = { 'content-type': 'application/json' };
const send = (path: string, method: string, body: unknown, more: Record<string, string> = {}) =>
  fetch(`${ADDRESS}${path}`, { method, headers: { ...json, ...more }, body: JSON.stringify(body) });

/** A fit-out with what could be chosen instead: the heaviest of what a program may ask. */
const HEAVIEST = {
  birds: '12 brahmas, 8 leghorns, 6 sussex, 4 silkies and 3 ducks',
  space: { kind: null, lengthM: 6, widthM: 3.2, heightM: 2.2 },
  climate: 'wet-upland',
};
const heavy = (): Promise<Response> => send('/api/rough?instead=1', 'POST', HEAVIEST);

/** Many plans, and many requests of all kinds. */
export async function load({ memoryMB }: Started): Promise<void> {
  await pages();
  await besideHeavyWork();
  await memory(memoryMB);
}

/** How large a page is before it is compressed, kB, and how long it takes, ms: the median of some. */
async function page(path: string): Promise<string> {
  const sizes: number[] = [];
  const times: number[] = [];
  for (let i = 0; i < 7; i++) {
    const from = performance.now();
    sizes.push((await (await fetch(`${ADDRESS}${path}`)).arrayBuffer()).byteLength);
    times.push(performance.now() - from);
  }
  return `${figure(quantile(sizes, 0.5) / 1000, 0)} kB, ${figure(quantile(times, 0.5) / 1000)} s`;
}

async function pages(): Promise<void> {
  const { osk, forty } = benchPlans();
  const store = async (plan: Plan): Promise<void> => {
    const stored = await send('/api/plans', 'POST', plan);
    if (!stored.ok) throw new Error(await stored.text());
  };
  for (let i = 0; i < PLANS; i++) await store({ ...osk, id: `many-${i}`, name: `Many ${i}` });
  line(`the list of ${PLANS} plans`, await page('/'), '≤ 400 kB, ≤ 1 s');
  line('the same, looked for by name', await page('/?find=many+4'), '≤ 400 kB, ≤ 1 s');
  await store({ ...forty, id: 'forty', name: 'Forty' });
  line('the page of a plan of 40 fixtures', await page('/plans/forty'), '≤ 350 kB');
}

/** Answers to what a keeper waits for, while others ask for the heaviest there is. */
async function besideHeavyWork(): Promise<void> {
  const { plan, revision } = (await (await fetch(`${ADDRESS}/api/plans/many-0`)).json()) as {
    plan: Plan;
    revision: number;
  };
  let going = true;
  const others = Array.from({ length: HEAVY }, async () => {
    while (going) await (await heavy()).arrayBuffer();
  });
  const [health, save]: [number[], number[]] = [[], []];
  const timed = async (into: number[], ask: () => Promise<Response>): Promise<void> => {
    const from = performance.now();
    const answer = await ask();
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`answered ${answer.status}`);
    into.push(performance.now() - from);
  };
  for (let i = 0; i < 60; i++) {
    await timed(health, () => fetch(`${ADDRESS}/api/health`));
    const named = { ...plan, litter: { ...plan.litter, depthM: 0.1 + (i % 2) / 100 } };
    await timed(save, () =>
      send('/api/plans/many-0', 'PUT', named, { 'if-match': `"${revision + i}"` }),
    );
    await new Promise((r) => setTimeout(r, 100));
  }
  going = false;
  await Promise.all(others);
  const both = (times: readonly number[]): string =>
    `${figure(quantile(times, 0.5), 0)} / ${figure(quantile(times, 0.95), 0)} ms`;
  const target = '< 200 / < 1,000 ms';
  line(
    `health beside ${HEAVY} rough-outs with their alternatives, median / 95th`,
    both(health),
    target,
  );
  line(`a save beside them among ${PLANS} plans, median / 95th`, both(save), target);
}

/** Memory after many requests of all kinds against that after the first of them. */
async function memory(now: () => number): Promise<void> {
  const { osk, forty } = benchPlans();
  const light: readonly (() => Promise<Response>)[] = [
    () => fetch(`${ADDRESS}/`),
    () => fetch(`${ADDRESS}/plans/osk-landing`),
    () => fetch(`${ADDRESS}/plans/forty`),
    () => fetch(`${ADDRESS}/api/plans`),
    () => fetch(`${ADDRESS}/api/plans/osk-landing/card`),
    () => fetch(`${ADDRESS}/api/health`),
    () => send('/api/assess', 'POST', osk),
    () => fetch(`${ADDRESS}/compare?plan=osk-landing&plan=pell-garth`),
  ];
  const heavyOnes: readonly (() => Promise<Response>)[] = [
    () => send('/api/drawings?view=front&format=png', 'POST', osk),
    () => send('/api/rough', 'POST', HEAVIEST),
    () => send('/api/drawings?view=above&format=pdf', 'POST', forty),
    () => fetch(`${ADDRESS}/api/backup`),
  ];
  const ask = async (i: number): Promise<void> => {
    const list = i % ONE_IN === 0 ? heavyOnes : light;
    const at = i % ONE_IN === 0 ? i / ONE_IN : i;
    await (await list[at % list.length]?.())?.arrayBuffer();
  };
  // one reading falls before or after some sweep of the heap by chance: the mean over a hundred requests does not
  const readings: number[] = [];
  for (let i = 0; i < REQUESTS; i++) {
    await ask(i);
    readings.push(now());
  }
  const mean = (till: number): number =>
    readings.slice(till - OVER, till).reduce((a, b) => a + b, 0) / OVER;
  const [first, last] = [mean(FIRST), mean(REQUESTS)];
  line(
    `memory after ${REQUESTS} mixed requests, ${REQUESTS / ONE_IN} of them heavy, to that after the first ${FIRST}`,
    `${figure(last, 0)} / ${figure(first, 0)} MB, ${figure(last / first)}`,
    '≤ 1.10',
  );
}
