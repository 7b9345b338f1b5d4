// Takes the pictures in docs/screenshots, one of each main view, from the demo data on a fixed day.
//   node scripts/pictures.mjs

import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
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
// a picture that fails leaves no server behind
process.on('exit', () => server.kill());
const browser = await chromium.launch(CHROMIUM);
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
await take('rough', '/rough', async () => {
  await page.getByLabel('1. Who will live in it?').fill('10 brown hens and a cock');
  await page.getByLabel('3. What is the weather like?').selectOption('cold-continental');
  await page.getByText('Instead:').first().waitFor();
});
await take('floor-schools', '/plans/osk-landing', async () => {
  await station('floor');
  await page.getByRole('radio', { name: 'Above' }).click();
  await page.getByText('Compare rules').click();
});

await take('shell', '/plans/osk-landing', async () => {
  await station('shell');
  await page.getByRole('button', { name: 'Part it in two' }).click();
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await page.getByRole('heading', { name: 'Two zones' }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'Undo' }).focus();
});
await page.getByRole('button', { name: 'Undo' }).click();
await page.waitForTimeout(1200);
await take('nests', '/plans/pell-garth', async () => {
  await station('nests');
  await page.getByRole('radio', { name: 'Side', exact: true }).click();
});
await take('air', '/plans/tamar-flats', async () => {
  await station('air');
  await page.getByRole('button', { name: 'Add a vent' }).click();
  const remedy = page.locator('[data-remedy]').first();
  await remedy.waitFor();
  await page.locator('aside').evaluate((e) => e.scrollTo(0, 0));
  await remedy.focus();
});
for (let i = 0; i < 1; i++) await page.getByRole('button', { name: 'Undo' }).click();
await page.waitForTimeout(1200);
await take('feed', '/plans/pell-garth', async () => {
  await station('feed');
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await page.getByText('How long it lasts').waitFor();
});
await take('print', '/plans/pell-garth/print');

await take('litter', '/plans/osk-landing', async () => {
  await station('litter');
  await page.getByText('As it grows').waitFor();
});
await take('door', '/plans/osk-landing', async () => {
  await station('door');
  await page.getByRole('button', { name: 'Add a pop door' }).click();
  await page.getByText('Compare rules').click();
  await page.getByRole('radio', { name: 'mornings only' }).click();
  await page.getByText('Close', { exact: true }).click();
  await page.getByText('The lamp, week by week').scrollIntoViewIfNeeded();
});
for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Undo' }).click();
await page.waitForTimeout(1200);
await take('reach', '/plans/pell-garth', async () => {
  await station('reach');
  // remedies that come late push what stands below them down
  await page.locator('[data-remedy]').first().waitFor();
  await page.getByRole('button', { name: 'Add a hatch' }).click();
  await page.locator('legend', { hasText: 'Hatch 1' }).waitFor({ state: 'attached' });
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await page.locator('[data-remedy]').first().waitFor();
  await page.locator('aside').evaluate((e) => e.scrollTo(0, 0));
});
await page.getByRole('button', { name: 'Undo' }).click();
await page.waitForTimeout(1200);
await take('brooder', '/plans/osk-landing', async () => {
  await station('brooder');
  await page.locator('[data-brooder]').waitFor();
});
await take('bench-lamp-lit', '/plans/osk-landing', async () => {
  await page.getByRole('button', { name: /^Screen/ }).click();
  await page.getByRole('button', { name: /^Screen/ }).click();
  await station('roosts');
  await page.getByRole('radio', { name: 'Side' }).click();
});
await page.context().clearCookies();

await page.setViewportSize({ width: 390, height: 844 });
await take('phone-staves', '/plans/pell-garth');
await take('phone-roosts', '/plans/pell-garth', async () => {
  await station('roosts');
  await page
    .locator('[data-row="bar-1"]')
    .getByLabel(/^Length/)
    .focus();
});

await take('phone-flock', '/plans/pell-garth', async () => {
  await station('flock');
  await page.locator('[data-chart] canvas').waitFor();
  await page.locator('[data-timeline]').evaluate((e) => e.scrollIntoView({ block: 'start' }));
});

await browser.close();
server.kill('SIGKILL');
rmSync(dir, { recursive: true, force: true });
