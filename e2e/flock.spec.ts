import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import {
  assessByCli,
  goTo,
  openPlan,
  ownPlan,
  saved,
  takeBreed,
  takeOut,
  watchConsole,
} from './help';

const openFlock = async (page: Page, id: string): Promise<void> => {
  await openPlan(page, id);
  await goTo(page, 'flock');
  await expect(page.locator('[data-timeline]')).toBeVisible();
};

test('six more in the spring after next take two presses; the chalk line moves and the day is named', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openFlock(page, await ownPlan(page, 'pell-garth'));
  await expect(page.locator('nav [data-figure="coop.planned"]').first()).toHaveText('14');
  const flags = page.locator('[data-short-from]');
  await expect(flags.first()).toBeVisible();
  await page.getByRole('button', { name: 'Add birds' }).click();
  await page.getByRole('menuitem', { name: /Six more in the spring after next/ }).click();
  await expect(page.locator('nav [data-figure="coop.planned"]').first()).toHaveText('20');
  // hatched 15 April 2028, in the coop eight weeks later
  await expect(page.locator('aside')).toContainText('first on 10 June 2028');
  await expect(
    page.locator('[data-short-from="2028-06-10"], [data-short-from^="2028"]').first(),
  ).toContainText('floor short');
  await expect(page.locator('[data-life]')).toHaveCount(4);
  const file = await takeOut(page);
  expect(assessByCli(file.file)).toMatchObject({ planned: 20 });
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-life]')).toHaveCount(3);
  await saved(page);
  expect(errors).toEqual([]);
});

test('a breed is found by what one types, drawn to scale beside the present one, and made the keeper’s own', async ({
  page,
}) => {
  await openFlock(page, await ownPlan(page, 'osk-landing'));
  await page.getByRole('button', { name: 'Breed: Brahma' }).click();
  const input = page.getByPlaceholder(/class, egg colour/);
  await input.fill('blue ameraucana');
  await expect(page.locator('[data-breed]')).toHaveCount(1);
  const compared = page.locator('[data-compared] > g:first-child');
  await expect(compared).toHaveCount(2);
  const [shown, now] = await compared.evaluateAll((all) =>
    all.map((e) => (e as SVGGraphicsElement).getBBox().width),
  );
  // lengths go with the cube root of 2.5 kg and of 4.3 kg
  expect(Math.abs((shown ?? 0) / (now ?? 1) / Math.cbrt(2.5 / 4.3) - 1)).toBeLessThan(0.01);
  await page.getByRole('button', { name: 'Make it my own breed' }).click();
  const group = page.locator('[data-group="brahma"]');
  await expect(group.getByRole('button', { name: 'Breed: My Ameraucana' })).toBeVisible();
  await page.getByRole('button', { name: 'More of Brahma' }).click();
  await group.getByLabel(/^Grown mass/).fill('2.8');
  await group.getByLabel(/^Grown mass/).press('Enter');
  await group.getByLabel(/^Eggs in the first year/).fill('150');
  await group.getByLabel(/^Eggs in the first year/).press('Enter');
  const plan = JSON.parse((await takeOut(page)).text);
  expect(plan.ownBreeds).toMatchObject([
    { id: 'own-1', henKg: 2.8, eggsYear: 150, eggColour: 'blue' },
  ]);
  expect(plan.flock[0]).toMatchObject({ breed: 'own-1', massKg: null });
  await takeBreed(page, 'brahma', 'wyandotte');
  await expect(group.getByRole('button', { name: /Breed: Wyandotte/ })).toBeVisible();
  await saved(page);
});

test('a figure of the breed is changed for one group, shown as the keeper’s, and given back', async ({
  page,
}) => {
  await openFlock(page, await ownPlan(page, 'pell-garth'));
  await page.getByRole('button', { name: 'More of Marans' }).click();
  const group = page.locator('[data-group="marans"]');
  await group.getByLabel(/^First egg at, weeks/).fill('30');
  await group.getByLabel(/^First egg at, weeks/).press('Enter');
  await expect(group.getByRole('button', { name: /yours; take the breed/ })).toHaveCount(1);
  await group.getByRole('button', { name: /yours; take the breed/ }).click();
  await expect(group.getByLabel(/^First egg at, weeks/)).toHaveValue('22');
  await group.getByLabel(/^Sex/).selectOption('unsexed');
  await expect(page.locator('[data-finding="flock.cocks.undecided"]')).toBeVisible();
  await group.getByLabel(/^Cocks are taken out on/).fill('2027-03-01');
  await group.getByLabel(/^Cocks are taken out on/).press('Enter');
  await expect(page.locator('[data-finding="flock.cocks.undecided"]')).toHaveCount(0);
});

test('normals are pasted from a spreadsheet, and what is wrong with them is told', async ({
  page,
}) => {
  await openFlock(page, await ownPlan(page, 'pell-garth'));
  const water = page.locator('[data-demand="waterL"] [data-figure="demand.waterL.most"]');
  const before = await water.textContent();
  await page.getByLabel(/^Climate/).selectOption('pasted');
  const box = page.getByLabel(/^Twelve months, pasted from a spreadsheet/);
  await box.fill('Jan\t1\t2\nFeb\t3');
  await expect(page.getByText('Twelve months are needed')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use these normals' })).toBeDisabled();
  const rows = Array.from({ length: 12 }, (_, m) => `${m + 1}. month\t${20 + m}\t${34 + m / 2}`);
  await box.fill(['\tMin °C\tMax °C', ...rows].join('\n'));
  await expect(page.getByText('Read: twelve months, from 20 °C to 40 °C')).toBeVisible();
  await page.getByRole('button', { name: 'Use these normals' }).click();
  await expect(water).not.toHaveText(before ?? '');
  const plan = JSON.parse((await takeOut(page)).text);
  expect(plan.climate).toMatchObject({ source: { kind: 'normals' }, exposure: 'open' });
  expect(plan.climate.source.months).toHaveLength(12);
  // hot nights: each bird takes a fifth more of the bar
  await goTo(page, 'roosts');
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('5');
  await saved(page);
});

test('the demand is taken out as CSV, month by month, as the table shows it', async ({ page }) => {
  await openFlock(page, 'tamar-flats');
  await page.getByRole('radio', { name: 'Month by month' }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Take out as CSV' }).click();
  const download = await downloading;
  expect(download.suggestedFilename()).toBe('tamar-flats-number-9-demand.csv');
  const lines = readFileSync(await download.path(), 'utf8')
    .trim()
    .split('\r\n');
  // a plan of feet and pounds
  expect(lines[0]).toBe('plan,month,birds_most,eggs_dozen,feed_lb,feed_bags,water_gal');
  expect(lines).toHaveLength(26);
  const { figures } = assessByCli((await takeOut(page)).file);
  const july = lines.find((l) => l.includes(',2027-07,'))?.split(',') ?? [];
  const litres = figures['month.2027-07.water']?.value ?? 0;
  const kilograms = figures['month.2027-07.feed']?.value ?? 0;
  expect(Number(july.at(-1))).toBeCloseTo(litres / 3.785411784, 2);
  expect(Number(july.at(-3))).toBeCloseTo(kilograms / 0.45359237, 2);
});

test('timeline and chart stand on one scale of time, and pointing at one marks both', async ({
  page,
}) => {
  await openFlock(page, 'osk-landing');
  const perDay = Number(await page.locator('[data-timeline]').getAttribute('data-px-per-day'));
  const x = (mark: string) =>
    page.locator(`[data-life="pullets"] [data-life-mark="${mark}"]`).evaluate((e) => {
      const box = (e.querySelector('circle, ellipse') as SVGGraphicsElement).getBBox();
      return box.x + box.width / 2;
    });
  // hatched 10 May, in lay 22 weeks later
  expect((await x('pointOfLay')) - (await x('hatch'))).toBeCloseTo(154 * perDay, 1);
  await expect(page.locator('[data-chart] canvas')).toBeVisible();
  const box = await page.locator('[data-timeline]').boundingBox();
  if (!box) throw new Error('no timeline');
  await page.mouse.move(box.x + 400, box.y + 50);
  await expect(page.locator('[data-crosshair]')).toBeVisible();
  const day = await page.locator('[data-readout] time').getAttribute('data-day');
  await page.locator('[data-timeline]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-readout] time')).not.toHaveAttribute('data-day', day ?? '');
});

test('local rules typed by the keeper hold the plan', async ({ page }) => {
  await openFlock(page, await ownPlan(page, 'tamar-flats'));
  await page.getByText('Local rules', { exact: true }).click();
  const set = async (label: string, text: string): Promise<void> => {
    const field = page.getByLabel(new RegExp(`^${label}`));
    await field.fill(text);
    await field.press('Enter');
  };
  await set('Most birds', '12');
  await expect(page.locator('[data-finding="flock.limit.birds"]')).toContainText('17 birds');
  await set('Cocks allowed', '0');
  await expect(page.locator('[data-finding="flock.limit.cocks"]')).toBeVisible();
  await set('Most birds', '');
  await expect(page.locator('[data-finding="flock.limit.birds"]')).toHaveCount(0);
  await page.getByLabel(/^A housing order is in force/).check();
  await expect(page.locator('[data-finding="flock.limit.housing"]')).toBeVisible();
  await saved(page);
});
