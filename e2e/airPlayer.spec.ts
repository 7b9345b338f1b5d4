import { expect, type Page, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, unfold, watchConsole } from './help';

/** What the arrows of the drawing say flows in and out, L/s. */
const flows = (page: Page): Promise<{ in: number; out: number; words: string }> =>
  page.locator('[data-canvas] [data-air]').evaluate((air) => {
    const sum = (way: string): number =>
      [...air.querySelectorAll(`[data-arrow=${way}]`)].reduce(
        (total, a) => total + Number(a.getAttribute('data-flow')),
        0,
      );
    return { in: sum('in'), out: sum('out'), words: air.textContent ?? '' };
  });

test('the air is watched through a cold night and a hot day, by hand and by itself', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'tamar-roughed-out'));
  await goTo(page, 'air');
  await page.getByRole('radio', { name: 'Right', exact: true }).click();
  const air = page.locator('[data-canvas] [data-air]');
  await expect(air).toHaveAttribute('data-air', '3');
  const night = await flows(page);
  expect(night.in).toBeGreaterThan(0);
  expect(Math.abs(night.in - night.out)).toBeLessThan(1e-6 * night.in);
  expect(night.words).toContain('gaps ');
  // by the keys, hour by hour
  await unfold(page, 'Watch it breathe');
  const slider = page.getByRole('slider', { name: 'Hour of the day' });
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await expect(air).toHaveAttribute('data-air', '4');
  await expect(page.locator('[data-moment="4"]')).toContainText('Outdoors');
  // a hot day opens on its hottest hour, with all of it open
  await page.getByRole('radio', { name: 'A hot day' }).click();
  await expect(air).toHaveAttribute('data-air', '15');
  const day = await flows(page);
  expect(day.in).toBeGreaterThan(2 * night.in);
  expect(Math.abs(day.in - day.out)).toBeLessThan(1e-6 * day.in);
  // by itself, until it is stopped or left
  await page.getByRole('button', { name: 'Play the hours' }).click();
  await expect(air).not.toHaveAttribute('data-air', '15');
  await page.getByRole('button', { name: 'Pause' }).click();
  const stopped = await air.getAttribute('data-air');
  await goTo(page, 'nests');
  await expect(air).toHaveCount(0);
  await goTo(page, 'air');
  await expect(air).toHaveAttribute('data-air', stopped ?? '');
  // measures of the season that is looked at, worked for this coop
  await unfold(page, 'Watch it breathe');
  await page.getByRole('radio', { name: 'A hot day' }).click();
  await unfold(page, 'Ways through the season');
  const measures = page.locator('[data-ways=hot]');
  await expect(measures.getByRole('rowheader', { name: 'All shut' })).toBeVisible();
  await page.getByRole('radio', { name: 'A cold night' }).click();
  await expect(page.locator('[data-ways=cold] [data-way=canopy]')).toBeVisible();
  // from above there is nothing to see of it
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await page.getByRole('button', { name: /^See it from the / }).click();
  await expect(air).toBeVisible();
  expect(errors).toEqual([]);
});

test('under reduced motion nothing plays', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'air');
  await unfold(page, 'Watch it breathe');
  await expect(page.getByRole('slider', { name: 'Hour of the day' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Play the hours' })).toHaveCount(0);
});
