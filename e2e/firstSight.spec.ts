import { expect, test } from '@playwright/test';
import { firstLoadBytes } from '../scripts/firstLoad';
import { goTo, openPlan, ownPlan, saved } from './help';

const PLAN = '/plans/pell-garth';

test('the server sends a plan whole: without a script there are the sentence, staves, drawing and panel', async ({
  browser,
}) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto(PLAN);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'This coop carries 6 birds. You plan 14. The roosts hold it back.',
  );
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('6');
  await expect(page.locator('svg [data-fixture]').first()).toBeVisible();
  await expect(page.locator('[data-panel="roosts"] [data-finding]').first()).toBeVisible();
  await expect(page.locator('[data-remedy]').first()).toBeVisible();
  await context.close();
});

test('what is pressed before the page answers, and before its core has come, is done when it does', async ({
  page,
}) => {
  // scripts come only when they are let through, and those of the core after the others
  let letThrough: () => void = () => undefined;
  const held = new Promise<void>((go) => {
    letThrough = go;
  });
  await page.route('**/_next/static/chunks/*.js', async (route) => {
    await held;
    await route.continue();
  });
  // of its own: others look at the sample meanwhile
  await page.goto(`/plans/${await ownPlan(page, 'pell-garth')}`, { waitUntil: 'commit' });
  const units = page.getByRole('button', { name: 'Units: metric' });
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.getByRole('application').press('v');
  const length = page.locator('[data-row="bar-1"]').getByLabel(/^Length/);
  const before = await length.inputValue();
  await length.fill('1.35 m');
  await length.press('Enter');
  await units.click();
  await expect(page.locator('[data-ready]')).toHaveCount(0);
  letThrough();
  await expect(page.locator('[data-ready]')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Units: imperial' })).toBeVisible();
  await expect(page.locator('svg[data-view="right"]')).toBeVisible();
  await saved(page);
  const undo = page.getByRole('button', { name: 'Undo' });
  await undo.click();
  await expect(units).toBeVisible();
  await expect(length).toHaveValue('1.35 m');
  await undo.click();
  await expect(length).toHaveValue(before);
  await saved(page);
});

test('a plan’s page brings no more than 230 kB of scripts before it can be gone about in', async ({
  baseURL,
}) => {
  expect(await firstLoadBytes(`${baseURL}${PLAN}`)).toBeLessThanOrEqual(230_000);
});

test('nothing shifts while a plan is typed in; a remedy moves no more than what it mends', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'roosts');
  await saved(page);
  await page.locator('[data-remedy][data-found]').first().waitFor();
  // what follows a press or a key counts too
  await page.evaluate(() => {
    const seen = { shift: 0 };
    Object.assign(window, { seen });
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) seen.shift += (e as unknown as { value: number }).value;
    }).observe({ type: 'layout-shift' });
  });
  const shift = (): Promise<number> => page.evaluate('window.seen.shift');
  const length = page.locator('[data-row="bar-1"]').getByLabel(/^Length/);
  await length.fill('1.35 m');
  await length.press('Enter');
  await saved(page);
  await page.locator('[data-remedy][data-found]').first().waitFor();
  expect(await shift()).toBe(0);
  await page.locator('[data-remedy]').first().click();
  await saved(page);
  await page.locator('[data-remedy][data-found]').first().waitFor();
  // the finding that is mended goes, and what stood under it comes up
  expect(await shift()).toBeLessThan(0.05);
});
