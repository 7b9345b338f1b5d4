// Measures speed on this machine: medians and 95th percentiles. Nothing here is asserted.
//   npm run bench
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { assess, createAssessor } from '@/core/assess';
import { createFlockWorker } from '@/core/birds/flock';
import { newBar, newNestBank } from '@/core/plan/defaults';
import {
  newBoard,
  newDish,
  newDoor,
  newDrinker,
  newDustBath,
  newFeeder,
  newPopDoor,
  newVent,
} from '@/core/plan/newFixtures';
import { samplePlans } from '@/core/plan/samples.data';
import type { Fixture, Plan } from '@/core/plan/schema';
import { remedies } from '@/core/remedies/remedies';

const ON = '2026-11-24';
const PORT = 4398;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const ARGS = [
  '--no-sandbox',
  '--disable-dev-shm-usage',
  '--disable-gpu',
  '--disable-background-networking',
];

const quantile = (xs: readonly number[], q: number): number =>
  [...xs].sort((a, b) => a - b)[Math.min(xs.length - 1, Math.floor(q * xs.length))] ?? Number.NaN;

const figure = (x: number, digits = 2): string => x.toFixed(digits);

function line(name: string, value: string, target: string): void {
  console.log(`| ${name} | ${value} | ${target} |`);
}

function timed(times: number, work: (i: number) => void): number[] {
  return Array.from({ length: times }, (_, i) => {
    const from = performance.now();
    work(i);
    return performance.now() - from;
  });
}

/** A plan with forty fixtures of nearly every kind. */
function ofForty(plan: Plan): Plan {
  const makers: readonly (readonly [number, (of: Plan) => Fixture])[] = [
    [12, newBar],
    [5, newNestBank],
    [6, newVent],
    [4, newFeeder],
    [4, newDrinker],
    [2, newPopDoor],
    [2, newDoor],
    [2, newDish],
    [1, newDustBath],
    [1, newBoard],
  ];
  let full: Plan = { ...plan, fixtures: plan.fixtures.filter((f) => f.kind === 'window') };
  for (const [count, make] of makers) {
    for (let i = 0; i < count; i++) full = { ...full, fixtures: [...full.fixtures, make(full)] };
  }
  while (full.fixtures.length < 40) full = { ...full, fixtures: [...full.fixtures, newBar(full)] };
  const spread = full.fixtures.map((f, i) =>
    f.kind === 'bar' ? { ...f, y: 0.4 + (i % 6) * 0.4, z: 0.6 + (i % 5) * 0.2 } : f,
  );
  return { ...full, fixtures: spread };
}

function core(): void {
  const osk = samplePlans(ON).find((p) => p.id === 'osk-landing');
  if (!osk) throw new Error('no sample');
  const twelve: Plan = {
    ...osk,
    flock: Array.from({ length: 12 }, (_, i) => ({
      ...(osk.flock[i % osk.flock.length] as Plan['flock'][number]),
      id: `group-${i}`,
    })),
  };
  const movedBar = (plan: Plan, i: number): Plan => ({
    ...plan,
    fixtures: plan.fixtures.map((f) =>
      f.kind === 'bar' ? { ...f, lengthM: 2 + (i % 100) / 100 } : f,
    ),
  });
  const edits = (plan: Plan): number[] => {
    const remembering = createAssessor();
    remembering(plan, { on: ON });
    timed(300, (i) => remembering(movedBar(plan, i), { on: ON }));
    return timed(1000, (i) => remembering(movedBar(plan, i), { on: ON }));
  };
  const both = (times: readonly number[]): string =>
    `${figure(quantile(times, 0.5))} / ${figure(quantile(times, 0.95))} ms`;
  line('assess of Osk Landing after an edit of a bar, median / 95th', both(edits(osk)), '< 1 ms');
  line('the same of twelve groups', both(edits(twelve)), '< 2 ms');
  const forty = ofForty(twelve);
  line(
    `the same of twelve groups and ${forty.fixtures.length} fixtures`,
    both(edits(forty)),
    '< 8 ms',
  );
  timed(20, () => createFlockWorker()(twelve, ON));
  line(
    'daily series of twelve groups over two years, nothing known before, median / 95th',
    both(timed(60, () => createFlockWorker()(twelve, ON))),
    '< 20 ms',
  );
  const before = createAssessor()(osk, { on: ON });
  const proving = createAssessor();
  const ofStation = (): void => {
    for (const f of before.findings.filter((one) => one.station === 'roosts')) {
      remedies(osk, f, before, proving);
    }
  };
  timed(10, ofStation);
  line('remedies of Osk Landing’s roosts, median / 95th', both(timed(60, ofStation)), '< 60 ms');
  timed(20, () => assess(osk, { on: ON }));
  line(
    'assess of Osk Landing, nothing known before, median / 95th',
    both(timed(60, () => assess(osk, { on: ON }))),
    '',
  );
}

/** From the start of the process to its word that the first page has answered 200. */
async function startServer(dir: string): Promise<{ ms: number; stop: () => Promise<void> }> {
  const from = performance.now();
  const child = spawn(process.execPath, ['scripts/serve.mjs', '--samples'], {
    env: { ...process.env, WIDE_RAFTER_DATA: dir, WIDE_RAFTER_DAY: ON, PORT: String(PORT) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<void>((r) => child.once('exit', () => r()));
  await new Promise<void>((r) => {
    child.stdout.on('data', (d) => String(d).includes('is open') && r());
  });
  const stop = async (): Promise<void> => {
    child.kill('SIGKILL');
    await ended;
  };
  return { ms: performance.now() - from, stop };
}

/** From the key that commits a length to the next frame after staves, drawing and panel have changed. */
function editAndWait(page: Page, text: string): Promise<number> {
  return page.evaluate(async (typed) => {
    const input = document.querySelector<HTMLInputElement>('[data-row="bar-1"] .grid input');
    if (!input) throw new Error('no field');
    input.focus();
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    set?.call(input, typed);
    input.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((r) => requestAnimationFrame(() => setTimeout(r)));
    const from = performance.now();
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    await new Promise((r) => requestAnimationFrame(() => setTimeout(r)));
    return performance.now() - from;
  }, text);
}

async function browser(): Promise<void> {
  const chrome = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGS });
  const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const scripts = new Set<string>();
  let bytes = 0;
  session.on('Network.responseReceived', ({ requestId, response }) => {
    if (response.url.endsWith('.js')) scripts.add(requestId);
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await page.goto(`${ADDRESS}/plans/osk-landing`);
  await page.waitForLoadState('networkidle');
  await page.locator('[data-station="roosts"]').click();
  line(
    'first load of a plan’s page, compressed JavaScript',
    `${Math.round(bytes / 1000)} kB`,
    '≤ 260 kB',
  );
  const edits: number[] = [];
  for (let i = 0; i < 60; i++) edits.push(await editAndWait(page, `${200 + (i % 90)} cm`));
  const [median, p95] = [quantile(edits.slice(10), 0.5), quantile(edits.slice(10), 0.95)];
  line(
    'edit in a field to all repainted, median / 95th',
    `${figure(median, 0)} / ${figure(p95, 0)} ms`,
    '< 50 ms (95th)',
  );
  await chrome.close();
}

console.log(
  `${cpus()[0]?.model ?? 'unknown'}, ${cpus().length} cores, ${Math.round(totalmem() / 2 ** 30)} GB, Node ${process.version}, ${new Date().toISOString().slice(0, 10)}\n`,
);
console.log('| figure | measured | target |\n| --- | --- | --- |');
core();
const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-bench-'));
const fresh = await startServer(dir);
line('start to first page, new directory', `${figure(fresh.ms / 1000, 1)} s`, '≤ 7 s');
await fresh.stop();
const again: number[] = [];
for (let i = 0; i < 7; i++) {
  const server = await startServer(dir);
  again.push(server.ms);
  await server.stop();
}
line(
  'start to first page, existing directory, median of 7',
  `${figure(quantile(again, 0.5) / 1000, 1)} s`,
  '≤ 2.5 s',
);
const server = await startServer(dir);
await browser();
await server.stop();
rmSync(dir, { recursive: true, force: true });
