import { expect, type Page, test } from '@playwright/test';
import { goTo, listedBy, openPlan, ownPlan, saved, watchConsole } from './help';

const focusOn = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const e = document.activeElement;
    if (!e || e === document.body) return 'nowhere';
    const labels = (e as HTMLInputElement).labels;
    return (e.getAttribute('aria-label') ?? labels?.[0]?.textContent ?? e.textContent ?? '').trim();
  });

test('what is typed and left at once is what the list says', async ({ page }) => {
  const errors = watchConsole(page);
  const id = await ownPlan(page, 'pell-garth');
  await listedBy(page, id);
  const sentence = page.locator(`[data-plan="${id}"] [data-sentence]`);
  await expect(sentence).toContainText('carries 6 birds');
  await page.getByRole('link').filter({ hasText: 'Trial' }).first().click();
  await expect(page.locator('[data-worked]')).toBeAttached();
  await goTo(page, 'roosts');
  const length = page.locator('[data-row="bar-1"]').getByLabel(/^Length/);
  await length.fill('1.5 m');
  await length.press('Enter');
  await page.goBack();
  await expect(sentence).toContainText('carries 7 birds');
  expect(errors).toEqual([]);
});

test('a long list is looked through by name, and drawn as it comes in sight', async ({ page }) => {
  for (let i = 0; i < 9; i++) await ownPlan(page, i % 2 ? 'osk-landing' : 'tamar-flats');
  const drawn: string[] = [];
  page.on('request', (r) => {
    if (r.url().endsWith('/card')) drawn.push(r.url());
  });
  await page.goto('/');
  const pictures = page.getByRole('article').locator('svg[role="img"]');
  await expect(pictures.first().locator('[data-pen="wall"]')).toBeAttached();
  const there = await pictures.count();
  expect(there).toBeGreaterThan(8);
  // what is far below has not been asked for
  expect(drawn.length).toBeLessThan(there);
  await pictures.last().scrollIntoViewIfNeeded();
  await expect(pictures.last().locator('[data-pen="wall"]')).toBeAttached();
  const field = page.getByRole('searchbox', { name: 'Find a plan by its name' });
  await field.fill('osk LAND');
  await expect(page).toHaveURL(/find=osk/);
  await expect(page.getByRole('article').first()).toContainText('Osk Landing');
  await expect(field).toBeFocused();
  await field.fill('no such coop');
  await expect(page.getByText('No plan has “no such coop” in its name.')).toBeVisible();
  await page.getByRole('link', { name: 'Show all plans' }).click();
  await expect(page.locator('[data-plan="pell-garth"]')).toBeVisible();
  await expect(field).toHaveValue('');
});

test('the focus has a place after what had it is gone', async ({ page }) => {
  const id = await ownPlan(page, 'osk-landing');
  await openPlan(page, id);
  await expect(page.locator('[data-worked]')).toBeAttached();
  await goTo(page, 'roosts');
  // removed by keyboard: what is pressed next stands beside it
  await page.getByRole('button', { name: 'Open Low bar' }).click();
  const remove = page.getByRole('button', { name: /^Remove Low bar/ });
  await remove.focus();
  await page.keyboard.press('Enter');
  await expect(remove).toHaveCount(0);
  await expect.poll(() => focusOn(page)).not.toBe('nowhere');
  await page.keyboard.press('Tab');
  expect(await focusOn(page)).not.toBe('nowhere');
  await saved(page);
  // in Check, Tab goes from measure to measure
  await page.goto('/check');
  await page.getByRole('button', { name: 'a bar', exact: true }).click();
  await expect.poll(() => focusOn(page)).not.toBe('nowhere');
  const first = await focusOn(page);
  await page.keyboard.press('Tab');
  const second = await focusOn(page);
  expect([first, second].join()).not.toMatch(/shin|knee|hip|chest|eyes/i);
});
