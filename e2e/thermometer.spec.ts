import { expect, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved, unfold, watchConsole } from './help';

test('readings are laid over the coop: refused, read, fitted, taken and taken back', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'air');
  const lesson = page.locator('[data-first-lesson]');
  const before = (await lesson.textContent()) ?? '';
  await unfold(page, 'Your thermometer');
  await page.getByRole('button', { name: 'Lay readings over it' }).click();
  const dialog = page.getByRole('dialog', { name: 'Your thermometer' });
  await expect(dialog).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Lay readings over it' })).toBeFocused();
  await page.keyboard.press('Enter');
  const field = dialog.getByRole('textbox', { name: 'Readings' });
  await field.fill('yesterday at seven, 3, 90, 1');
  await expect(dialog.getByRole('alert')).toContainText('is no time');
  // two readings typed are enough to be set beside what is worked
  await field.fill('2027-01-12 07:00, 3, 95, 1, 90\n2027-01-12 08:00, 3.2, 95, 1.4, 90');
  await expect(dialog.locator('[data-fitted]')).toContainText('from what you read');
  await dialog.getByRole('button', { name: 'Try the simulated one' }).click();
  await expect(field).toHaveValue(/^time,inside °C/);
  await expect(dialog.locator('[data-fitted=true] canvas')).toBeVisible();
  await dialog.getByRole('button', { name: /^Take .* times the gaps/ }).click();
  await expect(dialog).toHaveCount(0);
  // a leakier coop settles less water: all that goes by its gaps follows
  await expect(lesson).not.toHaveText(before);
  await saved(page);
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect(lesson).toHaveText(before);
  expect(errors).toEqual([]);
});
