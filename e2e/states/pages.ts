import { expect, type Page } from '@playwright/test';
import type { States } from './state';

/** A reading without what long lists have to choose from. */
const withoutOptions = (text: string): string => text.replace(/^\s*- option .*\n/gm, '');

async function typeFlock(page: Page, field: string, text: string): Promise<void> {
  await expect(async () => {
    await page.getByLabel(field).fill(text);
    await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
  }).toPass();
}

/** Pages of their own. */
export const PAGES: States = {
  'one page to print': {
    path: '/plans/pell-garth/print',
    open: (page, read) => read('one page to print', page.locator('main')),
  },
  cautions: {
    path: '/plans/osk-landing/cautions',
    open: (page, read) => read('cautions', page.locator('main')),
  },
  'a coop being measured': {
    path: '/check',
    phone: true,
    open: async (page, read) => {
      await typeFlock(page, 'Who will live in it?', '6 brown hens');
      await page.getByLabel('Sold for so many birds').fill('8');
      await page.getByRole('button', { name: 'a bar', exact: true }).click();
      const height = page.getByLabel(/^Above the litter/).first();
      await height.fill('knee high');
      await expect(page.getByText('between 42 cm and 54 cm', { exact: true })).toBeVisible();
      // what follows from it is worked a moment later
      await expect(page.getByText('8 measures are not taken yet')).toBeVisible();
      await read('a coop measured', page.locator('main'), withoutOptions);
      await page
        .getByLabel(/^Width/)
        .first()
        .fill('a house high');
      await expect(page.locator('[data-uncertain]')).toBeVisible();
    },
  },
  'the blank sheet': {
    path: '/check/sheet',
    open: (page, read) => read('a sheet to measure by', page.locator('main')),
  },
  'a coop being roughed out': {
    path: '/rough',
    phone: true,
    open: async (page, read) => {
      const field = '1. Who will live in it?';
      await typeFlock(page, field, '9 brown hens and some ducks');
      await expect(page.getByRole('alert').filter({ hasText: 'some ducks' })).toBeVisible();
      await page.getByLabel(field).fill('9 brown hens and 2 ducks');
      // every choice is worked through on the server, one after the other
      await expect(page.getByText('Instead:').first()).toBeVisible({ timeout: 120_000 });
      await read('a coop roughed out', page.locator('main'), withoutOptions);
    },
  },
  'plans side by side': {
    path: '/compare?plan=tamar-flats&plan=tamar-roughed-out',
    phone: true,
    open: async (page, read) => {
      await expect(page.locator('[data-column="B"]')).toBeVisible();
      // other tests' plans stand in the lists to choose from
      await read('plans side by side', page.locator('main'), withoutOptions);
      await page.goto('/compare?plan=pell-garth&plan=osk-landing');
      await expect(page.locator('[data-column="B"]')).toBeVisible();
      await page.locator('[data-findings] summary').first().click();
    },
  },
  'nothing there': {
    path: '/plans/nobody',
    open: (page, read) => read('nothing there', page.locator('main')),
  },
};
