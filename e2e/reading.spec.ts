import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { askForNewPlan, goTo, openPlan, ownPlan, there } from './help';
import { clashing, editsOffered, fieldRefused, saveLookedAt } from './states';

/** A reading without the day on which the test is run. */
const today = (text: string): string => text.replace(/\d{1,2} [A-Z][a-z]+ \d{4}/g, 'Today');

/**
 * Each page as it is read from top to bottom by who hears it. The readings lie beside this test: a change of words
 * or order shows there. `UPDATE_READING=1` writes them anew; then read them.
 */
const READINGS: Readonly<Record<string, (page: Page) => Promise<string>>> = {
  'list, a plan': async (page) => {
    await page.goto('/');
    const text = await page.locator('[data-plan="pell-garth"]').ariaSnapshot();
    // another test may have made a variant of it by now
    return text.replace(/^\s*- link "Compare with its .*\n.*\/url: \/compare.*\n/m, '');
  },
  'list, a new plan': async (page) => {
    await page.goto('/');
    await askForNewPlan(page);
    return page.getByRole('dialog').ariaSnapshot();
  },
  'list, the room of a new plan': async (page) => {
    await page.goto('/');
    await askForNewPlan(page);
    await page.getByLabel(/^Name of the coop/).fill('Shed');
    await page.getByRole('button', { name: 'Next: the room' }).click();
    await page.getByLabel(/^Length/).waitFor();
    return page.getByRole('dialog').ariaSnapshot();
  },
  'plan, roosts': async (page) => {
    await openPlan(page, 'pell-garth');
    // what mends the last finding is looked for last
    await expect(
      page.locator('[data-finding]').last().locator('[data-remedy]').first(),
    ).toBeVisible();
    return page.locator('body').ariaSnapshot();
  },
  'plan, flock': async (page) => {
    await openPlan(page, 'tamar-flats');
    await goTo(page, 'flock');
    await there(page, 'flock');
    // its picture is drawn after it has been measured
    await expect(page.locator('[data-chart] canvas').first()).toBeVisible();
    return page.locator('main').ariaSnapshot();
  },
  'plan, air': async (page) => {
    await openPlan(page, 'tamar-flats');
    await goTo(page, 'air');
    await there(page, 'air');
    return page.locator('aside').ariaSnapshot();
  },
  'plan, brooder': async (page) => {
    await openPlan(page, 'osk-landing');
    await goTo(page, 'brooder');
    await there(page, 'brooder');
    await expect(
      page.locator('[data-finding]').last().locator('[data-remedy]').first(),
    ).toBeVisible();
    return page.locator('main').ariaSnapshot();
  },
  ...Object.fromEntries(
    (['shell', 'floor', 'nests', 'feed', 'water', 'litter', 'door', 'reach'] as const).map(
      (station) => [
        `panel, ${station}`,
        async (page: Page) => {
          await openPlan(page, station === 'litter' ? 'osk-landing' : 'pell-garth');
          await goTo(page, station);
          await there(page, station);
          const panel = page.locator('aside');
          const last = panel.locator('[data-finding]').last();
          if ((await last.count()) > 0) {
            await expect(last.locator('[data-remedy], [data-without]').first()).toBeVisible();
          }
          return panel.ariaSnapshot();
        },
      ],
    ),
  ),
  'dialog, keys': async (page) => {
    await openPlan(page, 'pell-garth');
    await page.getByRole('button', { name: 'Keys' }).click();
    return page.getByRole('dialog').ariaSnapshot();
  },
  'menu, what can be taken out': async (page) => {
    await openPlan(page, 'pell-garth');
    await page.getByRole('button', { name: 'File' }).click();
    await page.getByRole('menuitem').first().waitFor();
    return page.getByRole('menu').ariaSnapshot();
  },
  'dialog, rename': async (page) => {
    await openPlan(page, 'pell-garth');
    await page.getByRole('button', { name: /Rename the plan/ }).click();
    return page.getByRole('dialog').ariaSnapshot();
  },
  'dialog, a save looked at': async (page) => {
    await saveLookedAt(page, 'A save read');
    return today(await page.getByRole('dialog').ariaSnapshot());
  },
  'notice, two windows that clash': async (page) => {
    await clashing(page, 'A clash read');
    return page.getByRole('alert').filter({ hasText: 'the same thing' }).ariaSnapshot();
  },
  'notice, edits never saved': async (page) => {
    await editsOffered(page, 'Edits read');
    return today(await page.getByRole('alert').filter({ hasText: 'never saved' }).ariaSnapshot());
  },
  'plan, a text refused': async (page) => {
    await fieldRefused(page, 'A refusal read');
    const header = await page.locator('header').first().ariaSnapshot();
    return `${header}\n${await page.locator('[data-row="bar-1"]').ariaSnapshot()}`;
  },
  'list, the bin': async (page) => {
    const id = await ownPlan(page, 'tamar-flats');
    await page.request.delete(`/api/plans/${id}`);
    await page.goto('/');
    await page.getByText(/^Bin: \d+ plan/).click();
    const name = await page.evaluate(async (own) => {
      const bin = (await (await fetch('/api/bin')).json()) as { id: string; name: string }[];
      return bin.find((p) => p.id === own)?.name ?? '';
    }, id);
    return page.locator('[data-bin] li').filter({ hasText: name }).ariaSnapshot();
  },
  'a coop roughed out': async (page) => {
    await page.goto('/rough');
    await expect(async () => {
      await page.getByLabel('1. Who will live in it?').fill('9 brown hens and 2 ducks');
      await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
    }).toPass();
    await expect(page.getByText('Instead:').first()).toBeVisible();
    return withoutOptions(await page.locator('main').ariaSnapshot());
  },
  'a coop measured': async (page) => {
    await page.goto('/check');
    await expect(async () => {
      await page.getByLabel('Who will live in it?').fill('6 brown hens');
      await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
    }).toPass();
    await page.getByLabel('Sold for so many birds').fill('8');
    await page.getByRole('button', { name: 'a bar', exact: true }).click();
    await page
      .getByLabel(/^Above the litter/)
      .first()
      .fill('knee high');
    await expect(page.getByText('between 42 cm and 54 cm', { exact: true })).toBeVisible();
    // what follows from it is worked a moment later
    await expect(page.getByText('8 measures are not taken yet')).toBeVisible();
    return withoutOptions(await page.locator('main').ariaSnapshot());
  },
  'a sheet to measure by': async (page) => {
    await page.goto('/check/sheet');
    return page.locator('main').ariaSnapshot();
  },
  'plans side by side': async (page) => {
    await page.goto('/compare?plan=tamar-flats&plan=tamar-roughed-out');
    await expect(page.locator('[data-column="B"]')).toBeVisible();
    // other tests' plans stand in the lists to choose from
    return withoutOptions(await page.locator('main').ariaSnapshot());
  },
  'nothing there': async (page) => {
    await page.goto('/plans/nobody');
    return page.locator('main').ariaSnapshot();
  },
  'one page to print': async (page) => {
    await page.goto('/plans/pell-garth/print');
    return page.locator('main').ariaSnapshot();
  },
  cautions: async (page) => {
    await page.goto('/plans/osk-landing/cautions');
    return page.locator('main').ariaSnapshot();
  },
};

/** A reading without what long lists have to choose from. */
const withoutOptions = (text: string): string => text.replace(/^\s*- option .*\n/gm, '');

const fileOf = (name: string): string => `e2e/reading/${name.replace(/[^a-z]+/g, '-')}.txt`;

for (const [name, read] of Object.entries(READINGS)) {
  test(`read from top to bottom, it makes sense: ${name}`, async ({ page }) => {
    // names of a test's own plans and hours of the day are another each time
    const text = `${await read(page)}\n`
      .replace(/Trial \d+ of \d+/g, 'Trial')
      .replace(/\b\d{1,2}:\d{2}(:\d{2})?\b/g, '…:…');
    const file = fileOf(name);
    if (process.env.UPDATE_READING === '1') {
      mkdirSync('e2e/reading', { recursive: true });
      writeFileSync(file, text);
    }
    expect(existsSync(file), `${file} is missing: UPDATE_READING=1 writes it`).toBe(true);
    expect(text).toBe(readFileSync(file, 'utf8'));
  });
}
