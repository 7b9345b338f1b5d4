// Takes the pictures in docs/screenshots, one of each main view, from the demo data on a fixed day.
//   node scripts/pictures.mjs
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { root } from './root.mjs';

const PORT = 4397;
const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-pictures-'));
const server = spawn(process.execPath, ['scripts/serve.mjs', '--samples'], {
  cwd: root,
  env: { ...process.env, WIDE_RAFTER_DATA: dir, WIDE_RAFTER_DAY: '2026-11-24', PORT: String(PORT) },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) => {
  server.stdout.on('data', (d) => String(d).includes('is open') && resolve());
});
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

async function take(name, path, steps = async () => undefined) {
  await page.goto(`http://127.0.0.1:${PORT}${path}`);
  await page.waitForLoadState('networkidle');
  await steps();
  await page.mouse.move(640, 790);
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
}

const station = (id) => page.locator(`[data-station="${id}"]`).click();

await take('plans', '/');
await take('bench-pell-garth', '/plans/pell-garth');
await take('bench-side', '/plans/pell-garth', async () => {
  await page.getByRole('radio', { name: 'Side' }).click();
  await page.locator('aside [data-figure="roosts.widthPerBird"]').click();
});
await take('flock', '/plans/osk-landing', async () => {
  await station('flock');
  await page.locator('[data-chart] canvas').waitFor();
});
await take('flock-pell-garth', '/plans/pell-garth', async () => {
  await station('flock');
  await page.locator('[data-chart] canvas').waitFor();
});
await take('breeds', '/plans/osk-landing', async () => {
  await station('flock');
  await page.locator('[data-chart] canvas').waitFor();
  await page.getByRole('button', { name: 'Breed: Brahma' }).click();
  await page.getByPlaceholder(/Name, class, egg colour/).fill('cold hardy');
  await page.waitForTimeout(300);
});
await take('flock-tamar-flats', '/plans/tamar-flats', async () => {
  await station('flock');
  await page.getByRole('radio', { name: 'Water' }).click();
  await page.locator('[data-chart] canvas').waitFor();
});
await take('floor-schools', '/plans/osk-landing', async () => {
  await station('floor');
  await page.getByRole('radio', { name: 'Above' }).click();
  await page.getByText('Compare schools').click();
});

await take('bench-lamp-lit', '/plans/osk-landing', async () => {
  await page.getByRole('button', { name: /^Light/ }).click();
  await page.getByRole('button', { name: /^Light/ }).click();
  await station('roosts');
  await page.getByRole('radio', { name: 'Side' }).click();
});
await page.context().clearCookies();

await page.setViewportSize({ width: 390, height: 844 });
await take('phone-staves', '/plans/pell-garth');
await take('phone-roosts', '/plans/pell-garth', async () => {
  await station('roosts');
  await page.locator('[data-row="bar-1"]').getByLabel('Length').focus();
});

await take('phone-flock', '/plans/pell-garth', async () => {
  await station('flock');
  await page.locator('[data-chart] canvas').waitFor();
  await page.locator('[data-timeline]').evaluate((e) => e.scrollIntoView({ block: 'start' }));
});

await browser.close();
server.kill('SIGKILL');
rmSync(dir, { recursive: true, force: true });
