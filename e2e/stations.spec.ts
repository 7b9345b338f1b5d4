import { expect, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved, takeOut, watchConsole } from './help';

/** What the key for a further fixture adds at each station. */
const ADDED = {
  shell: 'dust-bath-1',
  roosts: 'bar-3',
  nests: 'nests-2',
  air: 'vent-1',
  feed: 'feeder-2',
  water: 'drinker-2',
  door: 'pop-door-1',
  reach: 'hatch-1',
} as const;

test('one key adds a fixture at every station that has any; it is drawn, picked and taken back', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  for (const [station, id] of Object.entries(ADDED)) {
    await goTo(page, station);
    await page.getByRole('radio', { name: 'Above', exact: true }).click();
    await page.getByRole('application').focus();
    await page.keyboard.press('a');
    const drawn = page.locator(`[data-fixture="${id}"]`);
    await expect(drawn, station).toBeAttached();
    await expect(page.locator(`[data-row="${id}"]`), station).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(drawn, station).toHaveCount(0);
  }
  await saved(page);
  expect(errors).toEqual([]);
});

test('eggs that are set fill the brooder, and the chicks that are kept the coop', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'osk-landing'));
  await goTo(page, 'flock');
  await page.getByRole('button', { name: 'More of Pullets kept' }).click();
  const details = page.locator('section[aria-label="The flock"]');
  await expect(details.locator('[data-figure="brooder.pullets.hatched"]')).toHaveText('30 chicks');
  await details.getByLabel(/^Hatched from/).selectOption({ label: 'eggs by post' });
  await expect(details.locator('[data-figure="brooder.pullets.hatched"]')).toHaveText('20 chicks');
  await details.getByLabel(/^Eggs set/).fill('20');
  await details.getByLabel(/^Eggs set/).press('Enter');
  await expect(details.locator('[data-figure="brooder.pullets.forGroup"]')).toHaveText('5 chicks');

  await goTo(page, 'brooder');
  const few = page.locator('[data-severity]', { hasText: 'Too few eggs set' });
  await expect(few).toBeVisible();
  await few.locator('[data-remedy]').first().click();
  await expect(few).toHaveCount(0);
  // twelve pullets are half of twenty-four chicks, and those half of the eggs
  const screen = page.locator('section[aria-label="The brooder"]');
  await expect(screen.locator('[data-figure="brooder.pullets.hatched"]')).toHaveText('24 chicks');
  await screen.locator('[data-figure="brooder.pullets.forGroup"]').click();
  await expect(page.locator('[data-working="brooder.pullets.forGroup"]')).toContainText('48 eggs');
  const { text } = await takeOut(page);
  const group = JSON.parse(text).flock.find((g: { id: string }) => g.id === 'pullets');
  expect(group.eggsSet).toEqual({ eggs: 48, posted: true });
  await saved(page);
  expect(errors).toEqual([]);
});

test('what a remedy would make worse is said before it is pressed', async ({ page }) => {
  await openPlan(page, await ownPlan(page, 'osk-landing'));
  await goTo(page, 'nests');
  const short = page.locator('[data-severity]', { hasText: 'Too few nests' });
  await expect(short.locator('[data-remedy]').first()).toBeVisible();
  const told = await short.locator('[data-remedy]').allTextContents();
  const floor = page.locator('li:has([data-station="floor"])');
  const before = Number(await floor.locator('[data-figure]').first().textContent());
  for (const [i, words] of told.entries()) {
    await short.locator('[data-remedy]').nth(i).click();
    const after = Number(await floor.locator('[data-figure]').first().textContent());
    if (after < before) expect(words).toContain('It makes worse: too little floor');
    await page.getByRole('application').focus();
    await page.keyboard.press('Control+z');
    await expect(short.locator('[data-remedy]')).toHaveCount(told.length);
  }
});

test('absurd and hostile input is told at its field, on every station, and changes nothing', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  for (const station of ['shell', 'roosts', 'nests', 'feed', 'water', 'litter', 'reach']) {
    await goTo(page, station);
    await expect(page.locator(`aside[data-panel="${station}"]`)).toBeVisible();
    await page.waitForLoadState('networkidle');
    const field = page.locator('aside input.figures:visible').last();
    const was = await field.inputValue();
    for (const typed of ['1e99', '-3 m', '<script>alert(1)</script>', '9'.repeat(400), '2,1.5 m']) {
      await field.fill(typed);
      await field.press('Enter');
      await expect(
        page.locator('aside [role="alert"]').first(),
        `${station} ${typed}`,
      ).toBeVisible();
      await field.press('Escape');
      await expect(field).toHaveValue(was);
    }
  }
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  expect(errors).toEqual([]);
});
