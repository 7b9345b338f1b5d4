import { expect, type Page, test } from '@playwright/test';
import { openPlan, ownPlan, saved, watchConsole } from './help';

/** A plan of its own with a variant whose rear bar is longer and whose litter is deeper. */
async function withVariant(page: Page): Promise<{ first: string; variant: string }> {
  const first = await ownPlan(page, 'pell-garth');
  const copied = await page.request.post(`/api/plans/${first}/copy`, {
    headers: { 'sec-fetch-site': 'same-origin' },
  });
  const { id: variant } = (await copied.json()) as { id: string };
  const { plan, revision } = await (await page.request.get(`/api/plans/${variant}`)).json();
  const rear = plan.fixtures.find((f: { id: string }) => f.id === 'bar-1');
  Object.assign(rear, { x: 0.15, y: 1.7, lengthM: 2.7 });
  plan.litter.depthM = 0.15;
  const put = await page.request.put(`/api/plans/${variant}`, {
    data: plan,
    headers: { 'if-match': `"${revision}"` },
  });
  expect(put.ok()).toBe(true);
  return { first, variant };
}

const column = (page: Page, letter: string) => page.locator(`[data-column="${letter}"]`);

test('a variant beside its plan: what differs, and a bar taken from one into the other and given back', async ({
  page,
}) => {
  const errors = watchConsole(page);
  const { first, variant } = await withVariant(page);
  // from the bench: the variant stands beside it of itself
  await openPlan(page, first);
  await page.getByRole('button', { name: 'File' }).click();
  await page.getByRole('menuitem', { name: /^Side by side/ }).click();
  await expect(column(page, 'A')).toContainText('carries 6 birds');
  await expect(column(page, 'B')).toContainText('carries 11 birds');
  // one measure for both: their drawings have one scale, their rails one length for as many birds
  const scales = await page
    .locator('[aria-label="Drawings"] svg')
    .evaluateAll((all) => all.map((e) => e.getAttribute('data-scale')));
  expect(new Set(scales).size).toBe(1);
  const floor = page.locator('[data-compared="floor"] [data-length]');
  expect(
    new Set(await floor.evaluateAll((all) => all.map((e) => e.getAttribute('data-length')))).size,
  ).toBe(1);
  // figures that differ, each with its working; those that are the same are only counted
  await expect(page.locator('[data-apart="roosts.have"]')).toContainText('3.90 m');
  await expect(page.locator('[data-apart="floor.needed"]')).toHaveCount(0);
  await page.locator('[data-apart="roosts.have"] [data-figure]').first().click();
  await expect(page.locator('[data-working="roosts.have"]')).toBeVisible();
  // what is mended and what is new
  await expect(page.locator('[data-findings="B"]')).toContainText('Bar too near the wall');
  await expect(page.locator('[data-findings="B"]')).toContainText('New in B (1)');
  // resting on it says what would come of it; taken, it stands there; undo gives it back
  const take = page.getByRole('button', { name: 'Rear bar: take into A' });
  await take.hover();
  await expect(page.locator('[data-take]')).toContainText('A would be: This coop carries 11 birds');
  await take.click();
  await expect(column(page, 'A')).toContainText('carries 11 birds');
  await expect(page.getByRole('button', { name: 'Rear bar: take into A' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(column(page, 'A')).toContainText('carries 6 birds');
  // the other way round, from the list of directions
  await page.getByLabel(/From one into another/).selectOption('AB');
  await page.getByRole('button', { name: 'Litter: take into B' }).click();
  await expect(page.locator('[data-take-station="litter"]')).toHaveCount(0);
  const { plan } = await (await page.request.get(`/api/plans/${variant}`)).json();
  expect(plan.litter.depthM).toBe(0.1);
  expect(plan.name).toContain('(copy)');
  // a third beside them, and away again
  await page.getByLabel('Set beside them').selectOption({ label: 'Osk Landing' });
  await expect(column(page, 'C')).toContainText('You plan 34');
  await page.getByLabel('Plan C').selectOption({ label: 'take it away' });
  await expect(column(page, 'C')).toHaveCount(0);
  expect(errors).toEqual([]);
});

test('what was changed elsewhere meanwhile stays, and a bar is taken all the same; on a phone nothing runs off the screen', async ({
  browser,
}) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const { first, variant } = await withVariant(page);
  await page.goto(`/compare?plan=${first}&plan=${variant}`);
  const take = page.getByRole('button', { name: 'Rear bar: take into A' });
  await expect(take).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(
    0,
  );
  // elsewhere its litter is changed
  const other = await browser.newPage();
  await openPlan(other, first);
  await other.locator('[data-station="litter"]').click();
  await other.getByLabel(/^Litter depth/).fill('13 cm');
  await other.getByLabel(/^Litter depth/).press('Enter');
  await saved(other);
  await other.close();
  // what was done there stays, and the bar is taken all the same
  await take.click();
  await expect(column(page, 'A')).toContainText('carries 11 birds');
  const { plan } = await (await page.request.get(`/api/plans/${first}`)).json();
  expect(plan.litter.depthM).toBe(0.13);
  await page.close();
});
