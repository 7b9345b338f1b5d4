import { expect, type Page } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved } from '../help';

/** Types a litter depth and leaves it. */
async function litterDepth(page: Page, text: string): Promise<void> {
  const field = page.getByLabel(/^Litter depth/);
  if (!(await field.isVisible())) {
    // on a phone the staves are a pane of their own
    const staves = page.getByRole('button', { name: 'Staves' });
    if (await staves.isVisible()) await staves.click();
    await goTo(page, 'litter');
  }
  await field.fill(text);
  await field.press('Enter');
}

/** A plan of its own with a name that no other plan has, so that its page reads the same each time. */
async function named(page: Page, name: string): Promise<string> {
  const id = await ownPlan(page, 'pell-garth');
  await openPlan(page, id);
  await page.getByRole('button', { name: /Rename the plan/ }).click();
  await page.getByRole('dialog').getByRole('textbox').fill(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await saved(page);
  return id;
}

/** Two saves of a plan's litter, and an earlier one chosen and looked at. */
export async function saveLookedAt(page: Page, name: string): Promise<void> {
  await named(page, name);
  for (const text of ['12 cm', '14 cm']) {
    await litterDepth(page, text);
    await saved(page);
  }
  await page.getByRole('button', { name: 'Earlier saves' }).click();
  await page.getByRole('button', { name: /As it was first stored/ }).click();
  await expect(page.getByRole('button', { name: 'Go back to it' })).toBeVisible();
  await expect(page.getByText('Litter: depth at first 14 cm → 10 cm')).toBeVisible();
}

/** One value changed here and elsewhere while this window could not save. */
export async function clashing(page: Page, name: string): Promise<void> {
  const id = await named(page, name);
  const address = `/api/plans/${id}`;
  await page.route(`**${address}`, (route) => route.abort());
  await litterDepth(page, '12 cm');
  const stored = await page.request.get(address);
  const { plan } = await stored.json();
  const put = await page.request.put(address, {
    data: { ...plan, litter: { ...plan.litter, depthM: 0.18 } },
    headers: { 'If-Match': stored.headers().etag ?? '' },
  });
  expect(put.status()).toBe(200);
  await page.unroute(`**${address}`);
  await expect(page.getByRole('alert').filter({ hasText: 'the same thing' })).toBeVisible();
}

/** A length that no one can read, kept in its field, beside what was saved. */
export async function fieldRefused(page: Page, name: string): Promise<void> {
  await named(page, name);
  await goTo(page, 'roosts');
  const field = page.locator('[data-row="bar-1"]').getByLabel(/^Length/);
  await field.fill('long');
  await field.press('Enter');
  await expect(page.getByText(/is not a length/)).toBeVisible();
}

/** Edits that the last visit could not save, offered on return. */
export async function editsOffered(page: Page, name: string): Promise<void> {
  const id = await named(page, name);
  const last = await page.context().newPage();
  await page.goto('about:blank');
  await openPlan(last, id);
  await goTo(last, 'litter');
  await page.context().setOffline(true);
  await litterDepth(last, '12 cm');
  await expect(last.getByText('Not saved: the server does not answer')).toBeVisible();
  await last.close();
  await page.context().setOffline(false);
  await openPlan(page, id);
  await expect(page.getByRole('alert').filter({ hasText: 'were never saved' })).toBeVisible();
}

/** A plan with a run, the run looked at. */
export async function runLookedAt(page: Page, name: string): Promise<void> {
  const { plan } = await (await page.request.get('/api/plans/tamar-roughed-out')).json();
  const run = {
    lengthM: 4,
    widthM: 2.2,
    roof: 'half',
    eavesM: 0.2,
    skirtingM: 0.3,
    solidSides: ['left'],
    cover: 'mesh13',
    pastimes: 2,
  };
  const made = { ...plan, id: name.toLowerCase().replaceAll(' ', '-'), name, run };
  const { id } = await (await page.request.post('/api/plans', { data: made })).json();
  await openPlan(page, id);
  const coop = page.getByRole('button', { name: 'Coop', exact: true });
  if (await coop.isVisible()) await coop.click();
  await page.getByRole('radio', { name: 'Run', exact: true }).click();
  await expect(page.locator('[data-run-drawing]')).toBeVisible();
}
