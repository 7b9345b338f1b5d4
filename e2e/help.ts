import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';

/** The day on which the server under test stands. */
export const DAY = '2026-11-24';

interface CliJson {
  readonly carries: number | null;
  readonly planned: number;
  readonly today: number;
  readonly heldBackBy: readonly string[];
  readonly staves: Record<string, { carries: number | null; verdict: string | null }>;
  readonly figures: Record<string, { value: number; unit: string }>;
  readonly findings: readonly { code: string }[];
}

/** The assessment of a plan file by the shell command. */
export function assessByCli(file: string): CliJson {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['bin/wide-rafter.mjs', 'assess', file, '--on', DAY, '--json'],
    { encoding: 'utf8', maxBuffer: 1 << 26 },
  );
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
  return JSON.parse(stdout) as CliJson;
}

/** Takes the open plan out as a file, by the menu. */
export async function takeOut(page: Page): Promise<{ file: string; text: string; name: string }> {
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'File' }).click();
  await page.getByRole('menuitem', { name: /^The plan, as a file/ }).click();
  const download = await downloading;
  const file = await download.path();
  return { file, text: readFileSync(file, 'utf8'), name: download.suggestedFilename() };
}

export const openPlan = async (page: Page, id: string): Promise<void> => {
  await page.goto(`/plans/${id}`);
  await expect(page.locator('[data-ready]')).toBeVisible();
};

export const goTo = (page: Page, station: string): Promise<void> =>
  page.locator(`[data-station="${station}"]`).click();

/** Waits for what a station brings along when it is first gone to. */
export const there = async (page: Page, station: string): Promise<void> => {
  await expect(page.locator(`aside[data-panel="${station}"]`)).toBeVisible();
  if (station === 'flock') await expect(page.locator('[data-timeline]')).toBeVisible();
  else await expect(page.locator('aside').locator('button, input, select').first()).toBeVisible();
  await page.waitForLoadState('networkidle');
};

/** Waits until every edit has been stored. */
export const saved = async (page: Page): Promise<void> => {
  // what was done before the page answered has been done again by then
  await expect(page.locator('[data-worked]')).toBeAttached();
  await expect(page.locator('[data-save="saved"]')).toBeVisible();
};

/** Fails the test on any error a browser's console shows. */
export function watchConsole(page: Page): string[] {
  const errors: string[] = [];
  page.on('console', (m) => {
    if (m.type() === 'error') errors.push(`${m.text()} ${m.location().url}`.trim());
  });
  page.on('pageerror', (e) => errors.push(e.message));
  return errors;
}

/** Presses "New plan" until its dialog is open: a press before the page has come alive is lost. */
export const askForNewPlan = (page: Page): Promise<void> =>
  expect(async () => {
    await page.getByRole('button', { name: 'New plan' }).click();
    await expect(page.getByRole('button', { name: 'Next: the room' })).toBeVisible({
      timeout: 2000,
    });
  }).toPass({ timeout: 120_000 });

/** Adds a group that lives here now, through the menu. */
export async function addGroup(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add birds' }).click();
  await page.getByRole('menuitem', { name: 'A group living here now' }).click();
}

/** Finds a breed by typing and takes it. */
export async function takeBreed(page: Page, group: string, typed: string): Promise<void> {
  await page
    .locator(`[data-group="${group}"]`)
    .getByRole('button', { name: /^Breed:/ })
    .click();
  await page.getByPlaceholder(/class, egg colour/).fill(typed);
  await page.keyboard.press('Enter');
}

/** The list of plans, with what is called as this plan is: tests side by side make more than one page of it. */
export async function listedBy(page: Page, id: string): Promise<void> {
  const { plan } = await (await page.request.get(`/api/plans/${id}`)).json();
  await page.goto(`/?find=${encodeURIComponent(plan.name)}`);
}

let made = 0;

/** A plan of a test's own, as a sample is: tests run side by side on one server. */
export async function ownPlan(page: Page, id: string): Promise<string> {
  const { plan } = await (await page.request.get(`/api/plans/${id}`)).json();
  made++;
  const own = `trial-${process.pid}-${Date.now()}-${made}`;
  const data = { ...plan, id: own, name: `Trial ${made} of ${process.pid}` };
  return (await (await page.request.post('/api/plans', { data })).json()).id;
}

/** Opens all parts of the panel that are folded, and waits for what is drawn in them. */
export async function unfoldAll(page: Page): Promise<void> {
  const folded = page.locator('[data-fold] > h3 > button[aria-expanded="false"]');
  for (let left = await folded.count(); left > 0; left = await folded.count())
    await folded.first().click();
  await page.waitForLoadState('networkidle');
}

/** Opens a part of the panel that is folded; one that stands open is left so. */
export async function unfold(page: Page, title: string): Promise<void> {
  const fold = page.locator(`[data-fold="${title}"] > h3 > button`);
  if ((await fold.getAttribute('aria-expanded')) === 'false') await fold.click();
}
