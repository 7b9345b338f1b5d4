import { expect } from '@playwright/test';
import { unfold } from '../help';
import { atStation } from './look';
import type { States } from './state';

/** Feed, water and days away. */
export const STORES: States = {
  'a feeder on the workbench': {
    path: '/',
    phone: true,
    open: async (page) => {
      await atStation(page, 'tamar-roughed-out', 'feed');
      await page.getByRole('button', { name: 'Make it at home' }).first().click();
      await page.getByRole('button', { name: 'Yes, make it' }).click();
      await expect(page.locator('[data-section]')).toBeVisible();
    },
  },
  'a rain barrel with a fault': {
    path: '/',
    open: async (page) => {
      await atStation(page, 'tamar-roughed-out', 'water');
      await unfold(page, 'Rain');
      await page.getByRole('button', { name: 'Collect rain' }).click();
      await expect(page.locator('[data-outlook=done]')).toBeVisible();
      await page.getByLabel('Stands on').selectOption('shelf');
      await page.locator('[data-rain-part=stand] button').first().click();
    },
  },
  'ways to keep water open': {
    path: '/',
    phone: true,
    open: async (page) => {
      await atStation(page, 'pell-garth', 'water');
      await unfold(page, 'Frost');
      await page.getByRole('button', { name: 'Compare what keeps it open' }).click();
      await expect(page.locator('[data-ways] tbody tr').first()).toBeVisible();
    },
  },
  'days away': {
    path: '/',
    open: async (page) => {
      await atStation(page, 'pell-garth', 'feed');
      await page.getByRole('button', { name: 'How long can they be left?' }).click();
      await expect(page.locator('[data-away]')).toBeVisible();
    },
  },
};
