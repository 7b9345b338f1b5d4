import { expect } from '@playwright/test';
import { askForNewPlan, ownPlan } from '../help';
import type { States } from './state';

/** Another test may have made a variant of a plan by now. */
const withoutVariants = (text: string): string =>
  text.replace(/^\s*- link "Compare with its .*\n.*\/url: \/compare.*\n/m, '');

/** The list of plans. */
export const LIST: States = {
  'the list': {
    path: '/',
    phone: true,
    open: async (page, read) => {
      const card = page.locator('[data-plan="pell-garth"]');
      await read('list, a plan', card, withoutVariants);
    },
  },
  'the list, a new plan being asked for': {
    path: '/',
    phone: true,
    open: async (page, read) => {
      await askForNewPlan(page);
      await read('list, a new plan', page.getByRole('dialog'));
      await page.getByRole('button', { name: 'Next: the room' }).click();
      await expect(page.getByText('Give the coop a name.')).toBeVisible();
    },
  },
  'the list, the room of a new plan being asked for': {
    path: '/',
    open: async (page, read) => {
      await askForNewPlan(page);
      await page.getByLabel(/^Name of the coop/).fill('Shed');
      await page.getByRole('button', { name: 'Next: the room' }).click();
      await page.getByLabel(/^Length/).waitFor();
      await read('list, the room of a new plan', page.getByRole('dialog'));
      await page.getByRole('button', { name: 'Start the plan' }).click();
      await expect(page.getByText(/^Type a length/).first()).toBeVisible();
    },
  },
  'the list, a plan in the bin being thrown away': {
    path: '/',
    open: async (page, read) => {
      const id = await ownPlan(page, 'tamar-flats');
      await page.request.delete(`/api/plans/${id}`);
      await page.reload();
      await page.getByText(/^Bin: \d+ plan/).click();
      const bin = (await (await page.request.get('/api/bin')).json()) as {
        id: string;
        name: string;
      }[];
      const name = bin.find((p) => p.id === id)?.name ?? '';
      await read('list, the bin', page.locator('[data-bin] li').filter({ hasText: name }));
      await page
        .getByRole('button', { name: /^Throw Trial/ })
        .first()
        .click();
    },
  },
  'the list, a plan being renamed': {
    path: '/',
    open: (page) => page.getByRole('button', { name: 'Rename Pell Garth', exact: true }).click(),
  },
};
