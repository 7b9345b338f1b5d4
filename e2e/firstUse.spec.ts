import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { goTo, openPlan, watchConsole } from './help';
import { answers, start } from './ownServer';

test('an empty home starts with the three questions, and leads to a first coop', async ({
  page,
}) => {
  const port = 4460 + Number(process.env.TEST_WORKER_INDEX ?? 0);
  const server = start(mkdtempSync(join(tmpdir(), 'wide-rafter-first-')), port);
  try {
    await answers(server);
    await page.goto(`http://127.0.0.1:${port}/`);
    await expect(async () => {
      await page.getByLabel('1. Who will live in it?').fill('5 hens');
      await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
    }).toPass();
    await expect(page.locator('[data-rough="done"]')).toBeVisible();
    await page.getByRole('button', { name: 'Take it to the bench' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('You plan 5');
  } finally {
    server.process.kill();
    await server.ended;
  }
});

test('the tour: five steps by keyboard, left and found again, not offered a second time', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'See a plan with a tour of five steps' }).click();
  const tour = page.locator('[data-tour]');
  await expect(tour).toContainText('Step 1 of 5');
  await expect(tour.getByRole('button', { name: 'Next' })).toBeFocused();
  for (const step of [2, 3, 4, 5]) {
    await page.keyboard.press('Enter');
    await expect(tour).toContainText(`Step ${step} of 5`);
  }
  await tour.getByRole('button', { name: 'Back' }).click();
  await expect(tour).toContainText('Step 4 of 5');
  await page.keyboard.press('Escape');
  await expect(tour).toHaveCount(0);
  // found again
  await page.getByRole('button', { name: 'File' }).click();
  await page.getByRole('menuitem', { name: /^The tour/ }).click();
  await expect(tour).toContainText('Step 1 of 5');
  await tour.getByRole('button', { name: 'Leave the tour' }).click();
  expect(errors).toEqual([]);
  await page.goto('/');
  await expect(page.locator('[data-plan]').first()).toBeVisible();
  await expect(page.locator('[data-tour-offered]')).toHaveCount(0);
});

test('words of the trade say what they mean: on hover, on focus, under a finger', async ({
  browser,
}) => {
  const page = await browser.newPage({ hasTouch: true });
  await openPlan(page, 'pell-garth');
  await goTo(page, 'nests');
  const word = page.locator('aside .trade-word').first();
  const meaning = page.getByRole('tooltip');
  await word.hover();
  await expect(meaning).toBeVisible();
  await page.mouse.move(5, 5);
  await expect(meaning).toHaveCount(0);
  await word.focus();
  await expect(meaning).toBeVisible();
  await expect(word).toHaveAccessibleDescription(/\w+/);
  await page.keyboard.press('Escape');
  await expect(meaning).toHaveCount(0);
  await page.locator('aside .trade-word').nth(1).tap();
  await expect(meaning).toBeVisible();
  await page.close();
});

test('what is empty says the next step, and does it in one press', async ({ page }) => {
  const { plan } = await (await page.request.get('/api/plans/tamar-flats')).json();
  const id = `bare-${Date.now()}-${process.pid}`;
  await page.request.post('/api/plans', {
    data: { ...plan, id, name: id, flock: [], fixtures: [] },
  });
  await openPlan(page, id);
  await goTo(page, 'roosts');
  await page.getByRole('button', { name: 'Add six hens' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Enter the roosts');
  await page.locator('section').getByRole('button', { name: 'Put a bar in' }).click();
  // with a bar the birds go up on it
  await expect(page.getByText(/^At night/)).toBeVisible();
  await expect(page.locator('svg[data-view] [data-fixture="bar-1"]')).toBeAttached();
});
