import { expect, type Page } from '@playwright/test';
import { askForNewPlan, goTo, openPlan, ownPlan } from './help';
import { clashing, editsOffered, fieldRefused, runLookedAt, saveLookedAt } from './states';

/** A name for a plan of this width: both walks share one server. */
const own = (page: Page, name: string): string => `${name} ${page.viewportSize()?.width}`;

/** Goes to the drawing: on a phone it is a pane of its own. */
async function onTheBench(page: Page): Promise<void> {
  const coop = page.getByRole('button', { name: 'Coop', exact: true });
  if (await coop.isVisible()) await coop.click();
}

/** Whose panel is opened, in a plan of its own. */
async function atStation(page: Page, plan: string, station: string): Promise<void> {
  await openPlan(page, await ownPlan(page, plan));
  await goTo(page, station);
}

/** What stands open while a page is looked over. */
export const OPENED: Record<string, { path: string; open: (page: Page) => Promise<void> }> = {
  'the list': { path: '/', open: async () => undefined },
  'the list, a new plan being asked for': {
    path: '/',
    open: async (page) => {
      await askForNewPlan(page);
      await page.getByRole('button', { name: 'Next: the room' }).click();
      await expect(page.getByText('Give the coop a name.')).toBeVisible();
    },
  },
  'the list, the room of a new plan being asked for': {
    path: '/',
    open: async (page) => {
      await askForNewPlan(page);
      await page.getByLabel(/^Name of the coop/).fill('Shed');
      await page.getByRole('button', { name: 'Next: the room' }).click();
      await page.getByRole('button', { name: 'Start the plan' }).click();
      await expect(page.getByText(/^Type a length/).first()).toBeVisible();
    },
  },
  'the list, a plan in the bin being thrown away': {
    path: '/',
    open: async (page) => {
      await page.request.delete(`/api/plans/${await ownPlan(page, 'tamar-flats')}`);
      await page.reload();
      await page.getByText(/^Bin: \d+ plan/).click();
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
  'the bench, what can be taken out': {
    path: '/plans/pell-garth',
    open: async (page) => {
      await page.getByRole('button', { name: 'File' }).click();
      await expect(page.getByRole('menuitem').first()).toBeVisible();
    },
  },
  'one page to print': { path: '/plans/osk-landing/print', open: async () => undefined },
  'the bench': { path: '/plans/pell-garth', open: async () => undefined },
  'the bench, roosts with schools and a working open': {
    path: '/plans/pell-garth',
    open: async (page) => {
      await goTo(page, 'roosts');
      await page.getByText('Compare rules').first().click();
      await page.locator('aside [data-figure="roosts.needed"]').first().click();
      await expect(page.locator('[data-working]')).toBeVisible();
    },
  },
  'the bench, nests': { path: '/plans/pell-garth', open: (page) => goTo(page, 'nests') },
  'the bench, flock': { path: '/plans/osk-landing', open: (page) => goTo(page, 'flock') },
  'the bench, a breed being looked for': {
    path: '/plans/osk-landing',
    open: async (page) => {
      await goTo(page, 'flock');
      await page.getByRole('button', { name: 'More of Pullets kept' }).click();
      await page.getByRole('button', { name: 'Breed: Brahma' }).click();
      await page.getByPlaceholder(/class, egg colour/).fill('pea');
    },
  },
  'the bench, the flock month by month': {
    path: '/plans/tamar-flats',
    open: async (page) => {
      await goTo(page, 'flock');
      await page.getByRole('radio', { name: 'Month by month' }).click();
    },
  },
  'the bench, shell': { path: '/plans/tamar-flats', open: (page) => goTo(page, 'shell') },
  cautions: { path: '/plans/osk-landing/cautions', open: async () => undefined },
  'the bench, earlier saves': {
    path: '/plans/pell-garth',
    open: async (page) => {
      await page.getByRole('button', { name: 'Earlier saves' }).click();
      await page.getByRole('button', { name: /As it was first stored/ }).click();
      await expect(page.getByLabel('Name of this save')).toBeVisible();
    },
  },
  'the bench, the tree of things': {
    path: '/plans/tamar-roughed-out',
    open: async (page) => {
      await onTheBench(page);
      await page.getByRole('button', { name: 'Things', exact: true }).click();
      await expect(page.getByRole('tree')).toBeVisible();
    },
  },
  'the bench, arrangements': {
    path: '/plans/pell-garth',
    open: async (page) => {
      await onTheBench(page);
      await page.getByRole('button', { name: 'Arrange it for me' }).click();
      await expect(page.locator('[data-arrange="done"]')).toBeVisible({ timeout: 60_000 });
    },
  },
  'the bench, a year of its air': {
    path: '/plans/osk-landing',
    open: async (page) => {
      await goTo(page, 'air');
      await page.getByRole('button', { name: 'Work out the year' }).click();
      await page.getByRole('button', { name: /See the year/ }).click();
      await expect(page.locator('[data-chart] canvas').first()).toBeVisible();
    },
  },
  'the bench, the run': {
    path: '/',
    open: (page) => runLookedAt(page, own(page, 'With a run')),
  },
  'a feeder on the workbench': {
    path: '/',
    open: async (page) => {
      await atStation(page, 'tamar-roughed-out', 'feed');
      await page.getByRole('button', { name: 'Make it at home' }).first().click();
      await expect(page.locator('[data-section]')).toBeVisible();
    },
  },
  'a rain barrel with a fault': {
    path: '/',
    open: async (page) => {
      await atStation(page, 'tamar-roughed-out', 'water');
      await page.getByRole('button', { name: 'Collect rain' }).click();
      await expect(page.locator('[data-outlook=done]')).toBeVisible();
      await page.getByLabel('Stands on').selectOption('shelf');
      await page.locator('[data-rain-part=stand] button').first().click();
    },
  },
  'ways to keep water open': {
    path: '/',
    open: async (page) => {
      await atStation(page, 'pell-garth', 'water');
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
  'the bench, a save looked at': {
    path: '/',
    open: (page) => saveLookedAt(page, own(page, 'Saves seen')),
  },
  'the bench, two windows that clash': {
    path: '/',
    open: (page) => clashing(page, own(page, 'Clashing')),
  },
  'the bench, a text refused': {
    path: '/',
    open: (page) => fieldRefused(page, own(page, 'Text refused')),
  },
  'the bench, edits never saved': {
    path: '/',
    open: (page) => editsOffered(page, own(page, 'Never saved')),
  },
  'the bench, house rules with a topic open': {
    path: '/plans/osk-landing',
    open: async (page) => {
      await page.getByRole('button', { name: 'House rules' }).click();
      await page.locator('[data-topic="floor.area"] summary').click();
      await expect(page.locator('[data-preset="careful"]')).toContainText('This coop');
    },
  },
  'a coop being measured': {
    path: '/check',
    open: async (page) => {
      await expect(async () => {
        await page.getByLabel('Who will live in it?').fill('6 brown hens');
        await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
      }).toPass();
      await page
        .getByLabel(/^Width/)
        .first()
        .fill('a house high');
      await page.getByRole('button', { name: 'a bar', exact: true }).click();
      await page
        .getByLabel(/^Above the litter/)
        .first()
        .fill('knee high');
      await expect(page.locator('[data-uncertain]')).toBeVisible();
    },
  },
  'the blank sheet': { path: '/check/sheet', open: async () => undefined },
  'plans side by side': {
    path: '/compare?plan=pell-garth&plan=osk-landing',
    open: async (page) => {
      await expect(page.locator('[data-column="B"]')).toBeVisible();
      await page.locator('[data-findings] summary').first().click();
    },
  },
  'the bench, shown round': {
    path: '/plans/pell-garth?tour',
    open: async (page) => {
      await page.locator('[data-tour]').getByRole('button', { name: 'Next' }).click();
      await expect(page.locator('[data-tour="sentence"]')).toBeVisible();
    },
  },
  'the bench, keys listed': {
    path: '/plans/pell-garth',
    open: (page) => page.keyboard.press('?'),
  },
  'nothing there': { path: '/plans/nobody', open: async () => undefined },
  'a coop being roughed out': {
    path: '/rough',
    open: async (page) => {
      await expect(async () => {
        await page.getByLabel('1. Who will live in it?').fill('9 brown hens and some ducks');
        await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
      }).toPass();
      await expect(page.getByRole('alert').filter({ hasText: 'some ducks' })).toBeVisible();
      await page.getByLabel('1. Who will live in it?').fill('9 brown hens and 2 ducks');
      await expect(page.getByText('Instead:').first()).toBeVisible();
    },
  },
};

/** What is laid out in another way on a phone. */
export const OTHERWISE_ON_A_PHONE = new Set([
  'the list',
  'the list, a new plan being asked for',
  'the bench',
  'the bench, roosts with schools and a working open',
  'the bench, flock',
  'the bench, the flock month by month',
  'the bench, earlier saves',
  'the bench, a save looked at',
  'the bench, two windows that clash',
  'a coop being roughed out',
  'a coop being measured',
  'plans side by side',
  'the bench, shown round',
  'a feeder on the workbench',
  'ways to keep water open',
]);
