// Drags a bar to and fro in a coop of forty fixtures and tells how even the frames are, from the browser's own trace,
// beside those of an idle page with one square that moves, and of a page whose worker searches for arrangements:
//   node scripts/drag.mjs   (npm run build first)
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
import { root } from './root.mjs';

const PORT = 4396;
const HOST = `http://127.0.0.1:${PORT}`;
/** How long each page is looked at, ms. */
const LOOK_MS = 4000;
const FIXTURES = 40;
/** A mouse tells where it is so often, ms. */
const EVERY_MS = 8;
const ALT = 1;

const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-drag-'));
const server = spawn(process.execPath, ['scripts/serve.mjs', '--samples'], {
  cwd: root,
  env: { ...process.env, PORT: String(PORT), WIDE_RAFTER_DATA: join(dir, 'data') },
  stdio: 'ignore',
});
const browser = await chromium.launch(CHROMIUM);
try {
  await untilOpen();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.setContent(
    '<div style="width:60px;height:60px;background:#246;animation:m 1s linear infinite alternate"></div><style>@keyframes m{to{transform:translateX(600px)}}</style>',
  );
  const idle = await frames(page, async () => {
    await page.waitForTimeout(LOOK_MS);
  });
  await page.goto(`${HOST}/plans/${await largePlan()}`);
  await page.waitForSelector('[data-worked]');
  // a page that has stood open for a while, as a keeper's has
  await page.waitForTimeout(6000);
  const bar = page.locator('svg[data-view] [data-fixture="bar-1"]').first();
  const box = await bar.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const client = await page.context().newCDPSession(page);
  // as a mouse does: it moves on whether or not the page has answered
  const move = async (ms) => {
    for (let i = 0; i * EVERY_MS < ms; i++) {
      void client.send('Input.dispatchMouseEvent', {
        type: 'mouseMoved',
        button: 'left',
        buttons: 1,
        // nothing holds it but the tape: a bar that is held by a line stands still, and no frame is drawn
        modifiers: ALT,
        x: x + 60 * Math.sin(i / 24),
        y: y - 30 + 30 * Math.cos(i / 24),
      });
      await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
    }
  };
  await move(1000);
  await page.waitForSelector('[data-in-hand]', { state: 'attached' });
  const drag = await frames(page, () => move(LOOK_MS));
  await page.mouse.up();
  // the same square on the page while a worker searches over where everything goes
  await page.goto(`${HOST}/plans/pell-garth`);
  await page.waitForSelector('[data-worked]');
  await page.waitForTimeout(3000);
  await page.evaluate(() => {
    const square = document.createElement('div');
    square.style.cssText = 'position:fixed;top:0;left:0;width:60px;height:60px;background:#246';
    document.body.append(square);
    square.animate([{ transform: 'none' }, { transform: 'translateX(600px)' }], {
      duration: 1000,
      iterations: Number.POSITIVE_INFINITY,
      direction: 'alternate',
    });
  });
  const arranging = await frames(page, async () => {
    await page.getByRole('button', { name: 'Arrange it for me' }).click();
    await page.waitForSelector('[data-arrange="done"]', { timeout: 60_000 });
  });
  const told = (name, f) =>
    console.log(
      `${name}: ${f.length} frames, median ${at(f, 0.5)} ms, 95th ${at(f, 0.95)} ms, longest ${at(f, 1)} ms`,
    );
  told('an idle page with a moving square', idle);
  told(`a bar dragged among ${FIXTURES} fixtures`, drag);
  told('a page whose worker arranges the coop', arranging);
  const second = 1000 / (arranging.reduce((sum, f) => sum + f, 0) / arranging.length);
  console.log(`${second.toFixed(0)} frames a second meanwhile`);
  console.log(
    `the 95th frame of the drag is ${(at(drag, 0.95) / at(idle, 0.95)).toFixed(2)} times the idle page's`,
  );
} finally {
  await browser.close();
  server.kill();
  rmSync(dir, { recursive: true, force: true });
}

/** Times from frame to frame while something is done, ms, as the browser's own trace has them. */
async function frames(page, work) {
  const file = join(dir, `trace-${Date.now()}.json`);
  await browser.startTracing(page, {
    path: file,
    categories: [
      'cc',
      'benchmark',
      'disabled-by-default-devtools.timeline.frame',
      'devtools.timeline.frame',
    ],
  });
  await work();
  await browser.stopTracing();
  const { traceEvents } = JSON.parse(readFileSync(file, 'utf8'));
  const drawn = traceEvents
    .filter((e) => e.name === 'DrawFrame')
    .map((e) => e.ts / 1000)
    .sort((a, b) => a - b);
  return drawn.slice(1).map((t, i) => t - drawn[i]);
}

function at(list, share) {
  const sorted = [...list].sort((a, b) => a - b);
  return Number(
    (sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0).toFixed(1),
  );
}

/** A plan of so many fixtures, stored. */
async function largePlan() {
  const { plan } = await (await fetch(`${HOST}/api/plans/osk-landing`)).json();
  const fixtures = [...plan.fixtures];
  const [bar] = fixtures.filter((f) => f.kind === 'bar');
  for (let i = 0; fixtures.length < FIXTURES; i++) {
    const id = `more-${i}`;
    if (i % 2 === 0) {
      fixtures.push({
        ...bar,
        id,
        name: `Bar ${i}`,
        lengthM: 0.4,
        x: 0.3 + 0.45 * (i % 9),
        y: 0.5 + 0.2 * (i % 4),
        z: 0.5 + 0.05 * (i % 7),
      });
    } else {
      fixtures.push({
        kind: 'dish',
        id,
        name: `Dish ${i}`,
        x: 0.3 + 0.22 * i,
        y: 0.2 + 0.1 * (i % 3),
        holds: i % 4 === 1 ? 'shell' : 'grit',
      });
    }
  }
  const answer = await fetch(`${HOST}/api/plans`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...plan, id: 'drag-forty', name: 'Forty', fixtures }),
  });
  const stored = await answer.json();
  return stored.plan?.id ?? stored.id ?? 'drag-forty';
}

async function untilOpen() {
  for (let i = 0; i < 600; i++) {
    const ok = await fetch(`${HOST}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error('the server did not open');
}
