// A plan's page as it comes and as it is worked in: what is sent, painted and repainted. Called by bench.ts.
import { chromium, type Page } from '@playwright/test';
import { ADDRESS } from './bench.server';
import { figure, line, quantile } from './bench.table';
import { CHROMIUM } from './chromium.mjs';
import { firstLoadBytes } from './firstLoad';

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

/** Notes the largest paint and the sum of layout shifts of a page. A text: it runs in the page as it stands. */
const WATCH_PAINTS = `
  window.seen = { paint: 0, shift: 0 };
  const watch = (type, take) =>
    new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({ type, buffered: true });
  watch('largest-contentful-paint', (e) => { window.seen.paint = e.startTime; });
  watch('layout-shift', (e) => { window.seen.shift += e.value; });
`;

/** Paint and shift of later visits with a processor four times slower. */
async function firstSight(id: string): Promise<{ paintMs: number; shift: number }> {
  const chrome = await chromium.launch(CHROMIUM);
  const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(WATCH_PAINTS);
  const visit = async (): Promise<{ paint: number; shift: number }> => {
    await page.goto(`${ADDRESS}/plans/${id}`);
    await page.locator('[data-ready]').waitFor({ state: 'attached' });
    await page.locator('[data-found]').first().waitFor({ state: 'attached' });
    return page.evaluate('window.seen');
  };
  await visit();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const visits: { paint: number; shift: number }[] = [];
  for (let i = 0; i < 5; i++) visits.push(await visit());
  await chrome.close();
  const of = (key: 'paint' | 'shift'): number =>
    quantile(
      visits.map((v) => v[key]),
      0.5,
    );
  return { paintMs: of('paint'), shift: of('shift') };
}

/** What a plan's page sends before anything is run, and how soon it is seen. */
export async function seen(): Promise<void> {
  const html = await (await fetch(`${ADDRESS}/plans/osk-landing`)).text();
  const there = html.includes('This coop carries') ? 'there' : 'not there';
  line('the sentence in what the server sends', there, 'there');
  const bytes = await firstLoadBytes(`${ADDRESS}/plans/osk-landing`);
  line(
    'first load of a plan’s page, compressed JavaScript until it can be gone about in',
    `${Math.round(bytes / 1000)} kB`,
    '≤ 230 kB',
  );
  for (const id of ['osk-landing', 'pell-garth']) {
    const { paintMs, shift } = await firstSight(id);
    const of = `${id}, second visit, processor 4× slowed, median of 5`;
    line(`largest paint of ${of}`, `${figure(paintMs / 1000)} s`, '< 1.0 s');
    line(`layout shift of ${of}`, figure(shift, 3), '0');
  }
}

/** From an edit to all repainted, in the whole program. */
export async function repainted(): Promise<void> {
  const chrome = await chromium.launch(CHROMIUM);
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
  line('all scripts of it, with the core', `${Math.round(bytes / 1000)} kB`, '');
  // of many bars each is a line until it is opened
  await page.locator('[data-row="bar-1"] button[aria-label^="Open"]').click();
  await page.locator('[data-row="bar-1"] .grid input').first().waitFor();
  const edits: number[] = [];
  for (let i = 0; i < 60; i++) edits.push(await editAndWait(page, `${200 + (i % 90)} cm`));
  const [median, p95] = [quantile(edits.slice(10), 0.5), quantile(edits.slice(10), 0.95)];
  line(
    'edit in a field to all repainted, median / 95th',
    `${figure(median, 0)} / ${figure(p95, 0)} ms`,
    '≤ 50 ms (95th)',
  );
  await chrome.close();
}

/** Thirty years of a rain barrel in the program's own worker: from what it is asked to its answer, ms. */
export async function rainInWorker(): Promise<void> {
  const chrome = await chromium.launch(CHROMIUM);
  const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(`
    window.answered = [];
    const Own = window.Worker;
    window.Worker = class extends Own {
      postMessage(what, ...more) {
        const from = performance.now();
        if (what?.kind === 'plan' || what?.kind === 'barrel')
          this.addEventListener('message', () => window.answered.push([what.kind, performance.now() - from]), { once: true });
        super.postMessage(what, ...more);
      }
    };
  `);
  await page.goto(`${ADDRESS}/plans/pell-garth`);
  await page.locator('[data-worked]').waitFor({ state: 'attached' });
  await page.locator('[data-station="water"]').click();
  await page.getByRole('button', { name: 'Rain', exact: true }).click();
  await page.getByRole('button', { name: 'Collect rain' }).click();
  await page.locator('[data-outlook="done"]').waitFor();
  const slider = page.getByRole('slider', { name: 'Try another barrel' });
  await slider.focus();
  const answers = (): Promise<unknown> => page.evaluate('window.answered.length');
  const answeredAfter = async (act: () => Promise<void>): Promise<void> => {
    const before = Number(await answers());
    await act();
    // the page lets no text be evaluated in its own name
    while (Number(await answers()) <= before) await page.waitForTimeout(5);
  };
  for (let i = 0; i < 20; i++) await answeredAfter(() => page.keyboard.press('ArrowRight'));
  const holds = page.getByRole('textbox', { name: 'Holds' });
  for (let i = 0; i < 9; i++) {
    await answeredAfter(async () => {
      await holds.fill(`${210 + 10 * i} L`);
      await page.keyboard.press('Enter');
    });
  }
  const answered = (await page.evaluate('window.answered')) as [string, number][];
  const of = (kind: string): number[] => answered.filter(([k]) => k === kind).map(([, ms]) => ms);
  const [first = 0, ...later] = of('plan');
  line(
    'thirty years of rain in the worker after an edit: days, barrels and roofs, median / worst of 9',
    `${figure(quantile(later, 0.5), 0)} / ${figure(quantile(later, 1), 0)} ms`,
    '< 300 ms',
  );
  line('the same at first, with the start of the worker', `${figure(first, 0)} ms`, '');
  line(
    'a barrel as it is dragged, in the worker, median',
    `${figure(quantile(of('barrel'), 0.5), 1)} ms`,
    '',
  );
  await chrome.close();
}
