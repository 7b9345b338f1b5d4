import { expect, type Locator, type Page } from '@playwright/test';
import { askForNewPlan, goTo, openPlan, ownPlan, there, unfold, unfoldAll } from './help';
import { clashing, editsOffered, fieldRefused, runLookedAt, saveLookedAt } from './states';

/** Compares what is read from top to bottom with the reading of that name; `clean` takes out what changes by itself. */
export type Read = (
  name: string,
  what: Locator | readonly Locator[],
  clean?: (text: string) => string,
) => Promise<void>;

/** A page with something open on it. */
export interface State {
  readonly path: string;
  readonly open: (page: Page, read: Read) => Promise<void>;
  /** Laid out in another way on a phone, and looked at there too. */
  readonly phone?: true;
  /** Words stand over a drawing: their contrast is measured in a picture. */
  readonly drawn?: true;
}

/** A reading without the day on which the test is run. */
const today = (text: string): string => text.replace(/\d{1,2} [A-Z][a-z]+ \d{4}/g, 'Today');

/** A reading without what long lists have to choose from. */
const withoutOptions = (text: string): string => text.replace(/^\s*- option .*\n/gm, '');

/** Another test may have made a variant of a plan by now. */
const withoutVariants = (text: string): string =>
  text.replace(/^\s*- link "Compare with its .*\n.*\/url: \/compare.*\n/m, '');

/** Goes to a station of the open plan, and waits for all that comes after it: remedies, and what is measured first. */
async function lookAt(page: Page, station: string): Promise<void> {
  await goTo(page, station);
  await there(page, station);
  const panel = page.locator('aside');
  const last = panel.locator('[data-finding]').last();
  if ((await last.count()) > 0) {
    await expect(last.locator('[data-remedy], [data-without]').first()).toBeVisible();
  }
}

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

/** Whose panel is opened, in a plan of its own. */
async function atStation(page: Page, plan: string, id: string): Promise<void> {
  await openPlan(page, await ownPlan(page, plan));
  await goTo(page, id);
}

async function typeFlock(page: Page, field: string, text: string): Promise<void> {
  await expect(async () => {
    await page.getByLabel(field).fill(text);
    await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
  }).toPass();
}

/** Every page and what opens on it, each walked to once. */
export const STATES: Readonly<Record<string, State>> = {
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
  'a feeder on the workbench': {
    path: '/',
    phone: true,
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
