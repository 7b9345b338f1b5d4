import { expect } from '@playwright/test';
import { goTo, there, unfoldAll } from '../help';
import { lookAt } from './look';
import type { State, States } from './state';

const station = (id: string, plan: string, more: Partial<State> = {}): [string, State] => [
  `the bench, ${id}`,
  {
    path: `/plans/${plan}`,
    open: async (page, read) => {
      await lookAt(page, id);
      await unfoldAll(page);
      if (id === 'feed' || id === 'water') {
        await expect(page.locator('aside [data-chart] canvas').first()).toBeVisible();
      }
      await read(`panel, ${id}`, page.locator('aside'));
    },
    ...more,
  },
];

/** A plan, station by station. */
export const STATIONS_SEEN: States = {
  'the bench': {
    path: '/plans/pell-garth',
    phone: true,
    drawn: true,
    open: async (page, read) => {
      // what mends the last finding is looked for last
      await expect(
        page.locator('[data-finding]').last().locator('[data-remedy]').first(),
      ).toBeVisible();
      await read('plan, roosts', page.locator('body'));
    },
  },
  'the bench, roosts with schools and a working open': {
    path: '/plans/pell-garth',
    phone: true,
    drawn: true,
    open: async (page) => {
      await lookAt(page, 'roosts');
      await page.getByText('Compare rules').first().click();
      await page.locator('aside [data-figure="roosts.needed"]').first().click();
      await expect(page.locator('[data-working]')).toBeVisible();
    },
  },
  ...Object.fromEntries([
    station('shell', 'pell-garth', { phone: true }),
    station('floor', 'pell-garth'),
    station('nests', 'pell-garth', { phone: true }),
    station('feed', 'pell-garth', { phone: true }),
    station('water', 'pell-garth'),
    station('litter', 'osk-landing', { phone: true }),
    station('door', 'pell-garth', { phone: true }),
    station('reach', 'pell-garth'),
  ]),
  'the bench, air': {
    path: '/plans/tamar-flats',
    open: async (page, read) => {
      await lookAt(page, 'air');
      await unfoldAll(page);
      await read('plan, air', page.locator('aside'));
    },
  },
  'the bench, brooder': {
    path: '/plans/osk-landing',
    phone: true,
    open: async (page, read) => {
      await goTo(page, 'brooder');
      await there(page, 'brooder');
      await expect(
        page.locator('[data-finding]').last().locator('[data-remedy]').first(),
      ).toBeVisible();
      await unfoldAll(page);
      await read('plan, brooder', page.locator('main'));
    },
  },
  'the bench, flock': {
    path: '/plans/osk-landing',
    phone: true,
    open: async (page) => {
      await goTo(page, 'flock');
      await there(page, 'flock');
    },
  },
  'the bench, the flock month by month': {
    path: '/plans/tamar-flats',
    phone: true,
    open: async (page, read) => {
      await goTo(page, 'flock');
      await there(page, 'flock');
      // its picture is drawn after it has been measured
      await expect(page.locator('[data-chart] canvas').first()).toBeVisible();
      await read('plan, flock', page.locator('main'));
      await page.getByRole('radio', { name: 'Month by month' }).click();
    },
  },
  'the bench, a breed being looked for': {
    path: '/plans/osk-landing',
    open: async (page) => {
      await goTo(page, 'flock');
      await page.getByRole('button', { name: 'More of Pullets kept' }).click();
      await page.getByRole('button', { name: 'Breed: Brahma' }).click();
      await page.getByPlaceholder(/class, egg colour/).fill('pea');
    },
  },
};
