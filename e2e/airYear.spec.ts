import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import ICAL from 'ical.js';
import { goTo, openPlan, ownPlan, saved, unfold, watchConsole } from './help';

test('a year of its air is stopped, worked out, seen hour by hour, and its shutters taken out as a calendar', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'air');
  const needed = page.locator('aside [data-figure="air.needed"]').first();
  const before = await needed.textContent();
  // another climate asks for another area
  await page.getByRole('button', { name: 'Change the climate' }).click();
  await page
    .getByRole('combobox', { name: /Climate/ })
    .first()
    .selectOption('hot-desert');
  await expect(needed).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Add a window', exact: true }).click();
  await page.getByRole('button', { name: 'Add a vent', exact: true }).click();
  await saved(page);
  const year = page.locator('[data-year]');
  await unfold(page, 'Through the year');
  await page.getByRole('button', { name: 'Work out the year' }).click();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(year).toContainText('Stopped. Nothing was changed.');
  await page.getByRole('button', { name: 'Work out the year' }).click();
  await expect(year.locator('[data-lesson]')).toContainText(/January nights/);
  await expect(year.locator('[data-refined]')).toContainText(/All winter nights together ask for/);
  await page.getByRole('button', { name: /See the year/ }).click();
  const dialog = page.getByRole('dialog', { name: 'A year of its air' });
  await expect(dialog.locator('[data-chart] canvas').first()).toBeVisible();
  await dialog.getByRole('radio', { name: 'Ammonia' }).click();
  await expect(dialog.getByText('over 25 ppm: it hurts lungs')).toBeVisible();
  await expect(dialog.getByRole('row')).toHaveCount(8);
  // any hour is told with its balance, by the keys
  const hourTold = dialog.locator('[data-told]');
  await dialog.getByRole('slider', { name: 'Day' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(hourTold).toHaveAttribute('data-told', String(15 * 24 + 3));
  await expect(hourTold).toContainText('Walls and roof take');
  await dialog.getByText('What each row counts').click();
  await expect(dialog.getByText(/Damp: 85 % and more/)).toBeVisible();
  await expect(dialog.locator('[data-extremes=done] li').first()).toContainText('Inside it is');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Take it out as a calendar' }).click(),
  ]);
  const events = new ICAL.Component(
    ICAL.parse(readFileSync((await download.path()) ?? '', 'utf8')),
  ).getAllSubcomponents('vevent');
  const told = await dialog.locator('[data-shutters] > ul').last().getByRole('listitem').count();
  expect(events.length).toBe(told);
  // printed it is a sheet of its own, and nothing else
  await page.evaluate(() => {
    window.print = () => undefined;
  });
  const sheet = page.locator('[data-print-sheet]');
  await dialog.getByRole('button', { name: 'Print it' }).click();
  await expect(sheet).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(sheet).toBeVisible();
  await expect(dialog).toBeHidden();
  expect(await sheet.getByRole('listitem').count()).toBe(told);
  await page.emulateMedia({ media: null });
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(sheet).toHaveCount(0);
  await page.keyboard.press('Escape');
  // shut again on a slow machine while its picture is still being painted, it leaves nothing behind
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  for (let i = 0; i < 3; i++) {
    await page.getByRole('button', { name: /See the year/ }).click();
    await expect(dialog.locator('[data-chart] canvas').first()).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
  }
  // the hand on the keys is where it was
  await expect(page.getByRole('button', { name: /See the year/ })).toBeFocused();
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  // with another coop the year is another: what was worked is let go
  await page.getByRole('button', { name: 'Add a window', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Work out the year' })).toBeVisible();
  expect(errors).toEqual([]);
});

test('three coops teach three lessons at first sight, and the sentence follows the plan', async ({
  page,
}) => {
  const errors = watchConsole(page);
  const lesson = page.locator('[data-first-lesson]');
  await openPlan(page, await ownPlan(page, 'tamar-flats'));
  await goTo(page, 'air');
  await expect(lesson).toContainText('No opening makes it cooler than outdoors');
  await openPlan(page, await ownPlan(page, 'osk-landing'));
  await goTo(page, 'air');
  await expect(lesson).toContainText('Damp air freezes combs first');
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'air');
  await expect(lesson).toContainText('Nothing is open yet');
  // each number leads to its working
  await lesson.locator('[data-figure$=".shutSettled"]').click();
  await expect(page.getByText('water that the air carries out').first()).toBeVisible();
  await page.getByRole('button', { name: 'Add a vent', exact: true }).click();
  await expect(lesson).toContainText('Shut up tight on a January night');
  expect(errors).toEqual([]);
});
