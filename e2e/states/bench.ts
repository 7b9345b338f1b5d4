import { expect } from '@playwright/test';
import { goTo, unfold } from '../help';
import { runLookedAt } from './saves';
import type { States } from './state';

/** What opens over a plan. */
export const BENCH: States = {
  'the bench, what can be taken out': {
    path: '/plans/pell-garth',
    open: async (page, read) => {
      await page.getByRole('button', { name: 'File' }).click();
      await page.getByRole('menuitem').first().waitFor();
      await read('menu, what can be taken out', page.getByRole('menu'));
    },
  },
  'the bench, the plan being renamed': {
    path: '/plans/pell-garth',
    open: async (page, read) => {
      await page.getByRole('button', { name: /Rename the plan/ }).click();
      await read('dialog, rename', page.getByRole('dialog'));
    },
  },
  'the bench, keys listed': {
    path: '/plans/pell-garth',
    open: async (page, read) => {
      await page.keyboard.press('?');
      await read('dialog, keys', page.getByRole('dialog'));
    },
  },
  'the bench, shown round': {
    path: '/plans/pell-garth?tour',
    phone: true,
    open: async (page) => {
      await page.locator('[data-tour]').getByRole('button', { name: 'Next' }).click();
      await expect(page.locator('[data-tour="sentence"]')).toBeVisible();
    },
  },
  'the bench, house rules with a topic open': {
    path: '/plans/osk-landing',
    open: async (page) => {
      await page.getByRole('button', { name: 'House rules' }).click();
      await page.locator('[data-topic="floor.area"] summary').click();
      await expect(page.locator('[data-preset="careful"]')).toContainText('This coop');
    },
  },
  'the bench, earlier saves': {
    path: '/plans/pell-garth',
    phone: true,
    open: async (page) => {
      await page.getByRole('button', { name: 'Earlier saves' }).click();
      await page.getByRole('button', { name: /As it was first stored/ }).click();
      await expect(page.getByLabel('Name of this save')).toBeVisible();
    },
  },
  'the bench, the tree of things': {
    path: '/plans/tamar-roughed-out',
    open: async (page) => {
      await page.getByRole('button', { name: 'Things', exact: true }).click();
      await expect(page.getByRole('tree')).toBeVisible();
    },
  },
  'the bench, arrangements': {
    path: '/plans/pell-garth',
    open: async (page) => {
      await page.getByRole('button', { name: 'Arrange it for me' }).click();
      await expect(page.locator('[data-arrange="done"]')).toBeVisible({ timeout: 120_000 });
    },
  },
  'the bench, a year of its air': {
    path: '/plans/osk-landing',
    drawn: true,
    open: async (page) => {
      await goTo(page, 'air');
      await unfold(page, 'Through the year');
      await page.getByRole('button', { name: 'Work out the year' }).click();
      await page.getByRole('button', { name: /See the year/ }).click();
      await expect(page.locator('[data-chart] canvas').first()).toBeVisible();
    },
  },
  'the bench, the run': {
    path: '/',
    open: (page) => runLookedAt(page, 'With a run'),
  },
};
