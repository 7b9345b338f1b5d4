import { clashing, editsOffered, fieldRefused, saveLookedAt } from './saves';
import type { States } from './state';

/** A reading without the day on which the test is run. */
const today = (text: string): string => text.replace(/\d{1,2} [A-Z][a-z]+ \d{4}/g, 'Today');

/** Saves, and edits that met others or were refused. */
export const EDITS: States = {
  'the bench, a save looked at': {
    path: '/',
    phone: true,
    open: async (page, read) => {
      await saveLookedAt(page, 'A save read');
      await read('dialog, a save looked at', page.getByRole('dialog'), today);
    },
  },
  'the bench, two windows that clash': {
    path: '/',
    phone: true,
    open: async (page, read) => {
      await clashing(page, 'A clash read');
      const alert = page.getByRole('alert').filter({ hasText: 'the same thing' });
      await read('notice, two windows that clash', alert);
    },
  },
  'the bench, edits never saved': {
    path: '/',
    open: async (page, read) => {
      await editsOffered(page, 'Edits read');
      const alert = page.getByRole('alert').filter({ hasText: 'never saved' });
      await read('notice, edits never saved', alert, today);
    },
  },
  'the bench, a text refused': {
    path: '/',
    open: async (page, read) => {
      await fieldRefused(page, 'A refusal read');
      await read('plan, a text refused', [
        page.locator('header').first(),
        page.locator('[data-row="bar-1"]'),
      ]);
    },
  },
};
