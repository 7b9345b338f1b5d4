import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved, watchConsole } from './help';

test('a feeder with five ports from a drum in inches: measured, marked, printed, and taken back', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'tamar-roughed-out'));
  await goTo(page, 'feed');
  const row = page.locator('[data-row]').first();
  const make = row.getByRole('button', { name: 'Make it at home' });
  await make.focus();
  await page.keyboard.press('Enter');
  // a size is not changed unasked, and what asks has the focus
  await expect(row.getByText('Made at home it begins as')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(make).toBeFocused();
  await expect(row.getByText('Made at home it begins as')).toHaveCount(0);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  const bench = page.getByRole('dialog');
  await expect(bench.locator('[data-section]')).toBeVisible();
  // bad input says what would be right, and loses nothing
  const across = bench.getByRole('textbox', { name: 'Outside, across' });
  await across.fill('twenty three and a bit');
  await across.press('Enter');
  await expect(bench.getByRole('alert').first()).toBeVisible();
  await expect(across).toHaveValue('twenty three and a bit');
  await across.fill('23');
  await across.press('Enter');
  const many = bench.getByRole('textbox', { name: 'How many' });
  await many.fill('5');
  await many.press('Enter');
  const marks = bench.locator('[data-marks] li');
  await expect(marks).toHaveCount(5);
  // 23 in across are 72.26 in round; a fifth is 14.45, on a tape of sixteenths 14 7/16
  await expect(marks.nth(1)).toContainText('14 7/16 in');
  await expect(bench.getByText('Do not step them off one by one')).toBeVisible();
  await bench.getByLabel('Your tape is in').selectOption('mm');
  await expect(marks.nth(1)).toContainText('367 mm');
  await bench.getByLabel('Your tape is in').selectOption('sixteenths');
  // the same drum by the tape laid round it
  await bench.getByLabel('Measured').selectOption('round');
  await expect(bench.getByRole('textbox', { name: 'Outside, round it' })).toHaveValue('72 1/4″');
  // figures open where they stand
  const first = bench.getByRole('button', { name: /in$/ }).first();
  await first.click();
  await expect(first).toHaveAttribute('aria-expanded', 'true');
  const waiting = page.waitForEvent('download');
  await bench.getByRole('button', { name: 'Strip at full size (PDF)' }).click();
  const download = await waiting;
  expect(download.suggestedFilename()).toMatch(/strip-feeder-1\.pdf$/);
  const pdf = readFileSync(await download.path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  await page.keyboard.press('Escape');
  await expect(row.getByRole('button', { name: 'Workbench' })).toBeFocused();
  await saved(page);
  await row.getByRole('button', { name: 'It is bought' }).click();
  await expect(row.getByRole('button', { name: 'Make it at home' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(row.getByRole('button', { name: 'Workbench' })).toBeVisible();
  expect(errors).toEqual([]);
});

test('a drum measured in a shed on a phone: the spacing stays in sight', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPlan(page, await ownPlan(page, 'tamar-roughed-out'));
  await goTo(page, 'feed');
  await page.locator('[data-row]').first().getByRole('button', { name: 'Make it at home' }).click();
  await page.getByRole('button', { name: 'Yes, make it' }).click();
  const bench = page.getByRole('dialog');
  await bench.getByLabel('Measured').selectOption('round');
  const round = bench.getByRole('textbox', { name: 'Outside, round it' });
  await round.fill('72 1/4');
  await round.press('Enter');
  const spacing = bench.locator('dl.sticky dd').first();
  await expect(spacing).toBeInViewport();
  await expect(spacing).toContainText('24 1/16 in');
  // out of reach of the server nothing is lost, and it is said
  await page.route('**/api/drawings*', (route) => route.abort());
  await bench.getByRole('button', { name: 'Strip at full size (PDF)' }).click();
  await expect(bench.getByRole('alert')).toContainText('the server does not answer');
  await expect(round).toHaveValue('72 1/4″');
  const wide = await bench.evaluate((e) => e.scrollWidth - e.clientWidth);
  expect(wide).toBe(0);
});
