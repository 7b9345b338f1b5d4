import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved, unfold, watchConsole } from './help';

test('rain from nothing to a barrel that serves, and a fault mended on the way', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'water');
  await unfold(page, 'Rain');
  await page.getByRole('button', { name: 'Collect rain' }).click();
  const bench = page.getByRole('dialog', { name: 'Rain barrel' });
  await expect(bench.locator('[data-rain]')).toBeVisible();
  await expect(bench.locator('[data-outlook=done]')).toContainText('thirty years');
  // a barrel of twenty litres runs dry; it is tried without being taken
  const slider = bench.getByRole('slider', { name: 'Try another barrel' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(bench.locator('[data-outlook]')).toContainText('% of days');
  await bench.getByRole('button', { name: 'Take this barrel' }).click();
  await expect(bench.getByRole('textbox', { name: 'Holds' })).toHaveValue('20 L');
  await expect(bench.locator('[data-outlook=done]')).toContainText('% of days');
  // two hundred kilograms on a shelf
  await bench.getByLabel('Stands on').selectOption('shelf');
  await expect(bench.getByText('Barrel on a shelf')).toBeVisible();
  await expect(bench.getByRole('button', { name: /^Stand/ })).toContainText('harm');
  // a part is picked on the drawing, or by its row
  const gutter = bench.getByRole('button', { name: /^Gutter in order/ });
  await bench.locator('[data-drawn-part=gutter] path').first().click();
  await expect(gutter).toHaveAttribute('aria-pressed', 'true');
  await expect(bench.getByRole('group', { name: 'Roof and gutter' })).toHaveAttribute(
    'data-picked',
    'true',
  );
  await bench.getByRole('button', { name: /^Stand/ }).click();
  await expect(gutter).toHaveAttribute('aria-pressed', 'false');
  await bench.getByRole('button', { name: 'Set the barrel on blocks or a slab' }).click();
  await expect(bench.getByText('Barrel on a shelf')).toHaveCount(0);
  await expect(bench.getByLabel('Stands on')).toHaveValue('blocks');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Rain barrel' })).toBeFocused();
  await saved(page);
  await page.getByRole('button', { name: 'Collect none' }).click();
  await expect(page.getByRole('button', { name: 'Collect rain' })).toBeVisible();
  expect(errors).toEqual([]);
});

test('ways to keep water open side by side, and a heater that mends it', async ({ page }) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'water');
  await unfold(page, 'Frost');
  await page.getByRole('button', { name: 'Compare what keeps it open' }).click();
  const bench = page.getByRole('dialog', { name: 'Water in frost' });
  const rows = bench.locator('[data-ways] tbody tr');
  await expect(rows).toHaveCount(6);
  await expect(rows.first()).toContainText('carry water every 14 hours');
  await expect(bench.getByText('Drain it by')).toBeVisible();
  await bench.getByLabel('A kWh costs', { exact: true }).fill('0.5');
  await page.keyboard.press('Enter');
  // 33 kWh
  await expect(rows.nth(3)).toContainText('17');
  const inFoam = bench.getByRole('button', { name: 'In foam, with a heater: choose' });
  await inFoam.click();
  await expect(inFoam).toHaveAttribute('aria-pressed', 'true');
  await expect(bench.getByText('Water freezes')).toHaveCount(0);
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(inFoam).toHaveAttribute('aria-pressed', 'false');
  await bench.getByRole('button', { name: /^Set Round fount on a heater of/ }).click();
  await expect(bench.getByText('Water freezes')).toHaveCount(0);
  await expect(bench.getByText('All heaters at once draw')).toBeVisible();
  await expect(bench.getByText('a licensed electrician')).toBeVisible();
  expect(errors).toEqual([]);
});

test('a week away: what ends it, days that are none, the sitter’s sheet on paper and on the screen', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'tamar-roughed-out'));
  await goTo(page, 'feed');
  await page.getByRole('button', { name: 'How long can they be left?' }).click();
  const bench = page.getByRole('dialog', { name: 'Days away' });
  await bench.getByLabel('Leave on').fill('2027-07-08');
  await bench.getByLabel('Back on').fill('2027-07-01');
  await expect(bench.getByRole('alert')).toContainText('is not after');
  await bench.getByLabel('Back on').fill('2027-07-15');
  await expect(bench.getByRole('alert')).toHaveCount(0);
  await expect(bench.locator('[data-away]')).toContainText('Pop door ends it first');
  await expect(bench.locator('[data-limit=door]')).toContainText('Fit a powered door');
  await expect(bench.getByText('Somebody must look in every day all the same')).toBeVisible();
  const waiting = page.waitForEvent('download');
  await bench.getByRole('button', { name: 'Sheet for the sitter (PDF)' }).click();
  const pdf = readFileSync(await (await waiting).path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  await saved(page);
  await bench.getByRole('link', { name: 'See it on the screen' }).click();
  const sheet = page.getByRole('main');
  await expect(sheet).toContainText('While we are away');
  await expect(sheet).toContainText('8 July 2027 to 14 July 2027');
  await expect(sheet).toContainText('Open the pop door in the morning');
  await expect(sheet).toContainText('The vet');
  expect(errors).toEqual([]);
});
