import { expect, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved } from './help';

test('the house rules stand on one page: a set is looked at, taken and taken back, and one rule changed', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await page.getByRole('button', { name: 'House rules' }).click();
  const rules = page.locator('[data-house-rules]');
  await expect(rules.getByRole('heading', { name: 'House rules' })).toBeFocused();
  const tight = rules.locator('[data-preset="tight"]');
  await expect(tight).toContainText('This coop carries 8 birds.');
  await expect(rules.locator('[data-preset="usual"]')).toHaveAttribute('data-chosen', 'true');
  // before it is taken its rails are shown faintly
  await tight.getByRole('button').hover();
  await expect(page.locator('nav [data-ghost-rail]').first()).toBeAttached();
  await tight.getByRole('button').click();
  const sentence = page.getByRole('heading', { level: 1 });
  await expect(sentence).toContainText('This coop carries 8 birds');
  await saved(page);
  await rules.locator('[data-preset="usual"]').getByRole('button').click();
  await expect(sentence).toContainText('This coop carries 6 birds');
  // one rule by itself, and back
  const topic = rules.locator('[data-topic="roosts.length"]');
  await topic.locator('summary').click();
  await topic.getByRole('radio', { name: 'elbow room' }).click();
  await expect(topic.locator('summary')).toContainText('changed');
  await topic.getByRole('button', { name: 'Back to the usual rule' }).click();
  await expect(topic.locator('summary')).not.toContainText('changed');
  // the rules of another plan, in one edit that is undone by one
  await rules.getByLabel(/rules of another plan/).selectOption({ label: 'Osk Landing' });
  await expect(rules.locator('[data-topic="floor.area"] summary')).toContainText('shut-in winters');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rules.locator('[data-topic="floor.area"] summary')).not.toContainText('changed');
  // going to a station is going back to the coop
  await goTo(page, 'nests');
  await expect(rules).toHaveCount(0);
  await expect(page.locator('svg[data-scale]')).toBeVisible();
});

test('on a phone the house rules are as tall as they are, and scroll with the page', async ({
  browser,
}) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await openPlan(page, 'pell-garth');
  await goTo(page, 'roosts');
  await page.getByRole('button', { name: 'House rules' }).click();
  const rules = page.locator('[data-house-rules]');
  await expect(rules.locator('[data-preset="tight"]')).toContainText('This coop');
  const box = await rules.boundingBox();
  expect(box?.height).toBeGreaterThan(800);
  await page.close();
});
