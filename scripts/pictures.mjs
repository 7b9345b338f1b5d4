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
await take('flock', '/plans/osk-landing', async () => {
  await station('flock');
  await page.locator('[data-chart] canvas').waitFor();
});
await take('rough', '/rough', async () => {
  await page.getByLabel('1. Who will live in it?').fill('9 brown hens and a cock');
  await page.getByLabel('3. What is the weather like?').selectOption('cold-continental');
  await page.getByText('Instead:').first().waitFor();
});

await take('arrange', '/plans/pell-garth', async () => {
  await page.getByRole('button', { name: 'Arrange it for me' }).click();
  await page.locator('[data-arrange="done"]').waitFor();
  await page.locator('[data-arrangement] button').first().focus();
});
await take('rules', '/plans/osk-landing', async () => {
  await page.getByRole('button', { name: 'House rules' }).click();
  await page.getByText('This coop carries').nth(2).waitFor();
  await page.locator('[data-topic="floor.area"] summary').click();
});
await take('compare', '/compare?plan=tamar-flats&plan=tamar-roughed-out', async () => {
  await page.locator('[data-column="B"]').waitFor();
});
await take('check', '/check', async () => {
  await page.getByLabel('Who will live in it?').fill('6 brown hens');
  await page.getByLabel('Kind', { exact: true }).selectOption('box');
  await page.getByLabel('Sold for so many birds').fill('6');
  await page.getByLabel('Its mesh is held by').selectOption('staples');
  for (const [name, said] of [
    ['Length', '48'],
    ['Width', 'about 34'],
    ['Height at the front', 'chest high'],
    ['Height at the rear', '41'],
    ['Litter, deep', '2'],
  ]) {
    await page
      .getByLabel(new RegExp(`^${name}`))
      .first()
      .fill(said);
  }
  await page.getByRole('button', { name: 'a bar', exact: true }).click();
  const bar = page.locator('[data-thing="bar"]');
  await bar.getByLabel(/^Long/).fill('40');
  await bar.getByLabel(/^Before/).fill('16');
  await bar.getByLabel(/^Above/).fill('knee high');
  await page.evaluate(() => window.scrollTo(0, 160));
});
await take('shell', '/plans/osk-landing', async () => {
  await station('shell');
  await page.getByRole('button', { name: 'Two zones', exact: true }).click();
  await page.getByRole('button', { name: 'Part it in two' }).click();
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await page.getByRole('heading', { name: 'Two zones' }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'Undo' }).focus();
});
await page.getByRole('button', { name: 'Undo' }).click();
await page.waitForTimeout(1200);
await take('air', '/plans/tamar-roughed-out', async () => {
  await station('air');
  await page.getByRole('radio', { name: 'Right', exact: true }).click();
  await page.getByRole('button', { name: 'Watch it breathe', exact: true }).click();
  await page.getByRole('radio', { name: 'A hot day' }).click();
  await page.locator('[data-air="15"]').waitFor();
  await page.locator('aside').evaluate((e) => e.scrollTo(0, 0));
});
await take('print', '/plans/pell-garth/print');

await take('litter', '/plans/osk-landing', async () => {
  await station('litter');
  await page.getByText('As it grows').waitFor();
});
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
await take('workbench', '/plans/tamar-roughed-out', async () => {
  await station('feed');
  await page.getByRole('button', { name: 'Make it at home' }).first().click();
  await page.getByRole('button', { name: 'Yes, make it' }).click();
  await page.getByRole('textbox', { name: 'How many' }).fill('5');
  await page.getByRole('textbox', { name: 'How many' }).press('Enter');
  await page.locator('[data-marks] li').nth(4).waitFor();
});
await take('rain-barrel', '/plans/pell-garth', async () => {
  await station('water');
  await page.getByRole('button', { name: 'Rain', exact: true }).click();
  await page.getByRole('button', { name: 'Collect rain' }).click();
  await page.locator('[data-outlook="done"] canvas').waitFor();
});
await take('air-year-lamp-lit', '/plans/tamar-roughed-out', async () => {
  await page.getByRole('button', { name: /^Screen/ }).click();
  await page.getByRole('button', { name: /^Screen/ }).click();
  await station('air');
  await page.getByRole('button', { name: 'Through the year', exact: true }).click();
  await page.getByRole('button', { name: 'Work out the year' }).click();
  await page.getByRole('button', { name: 'See the year and its shutters' }).click();
  await page.locator('[data-extremes="done"]').waitFor();
  await page.locator('[role="dialog"] canvas').first().waitFor();
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

await browser.close();
server.kill('SIGKILL');
rmSync(dir, { recursive: true, force: true });
