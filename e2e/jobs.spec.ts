import { expect, type Locator, type Page, test } from '@playwright/test';
import { goTo, listedBy, openPlan, ownPlan, saved } from './help';

/**
 * The fourteen jobs of a newcomer, in feet and inches, each with its presses and fields counted. None may take more
 * than stands here: fewer is progress, more is a wrong turn.
 */
class Hand {
  /** Presses of a button or key, and fields filled in. */
  count = 0;

  constructor(readonly page: Page) {}

  async press(target: Locator): Promise<void> {
    this.count++;
    await target.click();
  }

  async fill(target: Locator, text: string): Promise<void> {
    this.count++;
    await target.fill(text);
    await target.press('Tab');
  }

  async choose(target: Locator, label: string | RegExp): Promise<void> {
    this.count++;
    const option = target.locator('option').filter({ hasText: label }).first();
    await target.selectOption((await option.getAttribute('value')) ?? '');
  }

  async key(key: string): Promise<void> {
    this.count++;
    await this.page.keyboard.press(key);
  }

  button(name: string | RegExp): Locator {
    return this.page.getByRole('button', {
      name,
      ...(typeof name === 'string' ? { exact: true } : {}),
    });
  }

  field(label: string): Locator {
    return this.page.getByLabel(new RegExp(`^${label}`)).first();
  }

  station(id: string): Promise<void> {
    return this.press(this.page.locator(`[data-station="${id}"]`));
  }

  inRow(id: string, label: string): Locator {
    return this.page
      .locator(`[data-row="${id}"]`)
      .getByLabel(new RegExp(`^${label}`))
      .first();
  }
}

test.use({ locale: 'en-US' });

const imperial = async (page: Page, sample: string): Promise<string> => {
  const { plan } = await (
    await page.request.get(`/api/plans/${await ownPlan(page, sample)}`)
  ).json();
  const data = { ...plan, units: 'imperial', id: `${plan.id}-ft`, name: `${plan.name} ft` };
  return (await (await page.request.post('/api/plans', { data })).json()).id;
};

/** New plan, who and where, the room: in a browser of the United States. */
async function startPlan(hand: Hand, name: string): Promise<void> {
  const { page } = hand;
  await page.goto('/');
  await expect(async () => {
    await page.getByRole('button', { name: 'New plan' }).click();
    await expect(hand.field('Name of the coop')).toBeVisible({ timeout: 2000 });
  }).toPass();
  hand.count++;
  await expect(hand.field('Units')).toHaveValue('imperial');
  await hand.fill(hand.field('Name of the coop'), name);
  await hand.fill(hand.field('How many birds'), '10');
  await hand.press(hand.button('Next: the room'));
  await hand.fill(hand.field('Length, left'), '8');
  await hand.fill(hand.field('Width, front'), '6-3');
  await hand.fill(hand.field('Height, low'), 'six feet');
  await hand.fill(hand.field('Height, high'), "7 1/2'");
  await hand.press(hand.button('Start the plan'));
  await expect(page.locator('[data-worked]')).toBeAttached();
}

const done = (hand: Hand, most: number): void => {
  expect(hand.count, `presses and fields: ${hand.count}`).toBeLessThanOrEqual(most);
};

test('1. a new plan, from nothing to the roosts that it lacks', async ({ page }) => {
  const hand = new Hand(page);
  await startPlan(hand, 'Jobs, new');
  await expect(page.locator('[data-panel="roosts"]')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    'Enter the roosts and the nests',
  );
  done(hand, 9);
});

test('2. an existing coop: two bars, three boxes, window, feeder, fount, ten hens', async ({
  page,
}) => {
  const hand = new Hand(page);
  await startPlan(hand, 'Jobs, existing');
  await hand.press(hand.button('Add a bar'));
  await hand.fill(hand.inRow('bar-1', 'Length'), '6 ft');
  await hand.fill(hand.inRow('bar-1', 'Height above litter'), '2 ft');
  await hand.press(hand.button(/^Duplicate /));
  await hand.fill(hand.inRow('bar-2', 'From the rear wall'), '2-6');
  await hand.station('nests');
  await hand.press(hand.button('Add a bank of nests'));
  await hand.fill(hand.inRow('nests-1', 'Boxes'), '3');
  await hand.fill(hand.inRow('nests-1', 'Lip above litter'), '18');
  await hand.station('air');
  await hand.press(hand.button('Add a window'));
  await hand.fill(hand.inRow('window-1', 'Width'), '2 ft');
  await hand.fill(hand.inRow('window-1', 'Height'), '18 in');
  await hand.station('feed');
  await hand.press(hand.button('Add a feeder'));
  await hand.fill(hand.inRow('feeder-1', 'Holds'), '15 pounds');
  await hand.station('water');
  await hand.press(hand.button(/^Add a (round )?(fount|drinker)/).first());
  await hand.fill(hand.inRow('drinker-1', 'Holds'), '3 gallons');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('You plan 10');
  await expect(page.locator('[data-row]')).toHaveCount(1);
  await saved(page);
  done(hand, 30);
});

test('3. six more in the spring after next', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'osk-landing'));
  await hand.station('flock');
  await hand.press(hand.button('Add birds'));
  await hand.press(page.getByRole('menuitem', { name: 'Six more in the spring after next' }));
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/You plan (3[5-9]|4\d)/);
  done(hand, 3);
});

test('4. what holds the coop back is mended by a press', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  await hand.press(page.locator('[data-panel="roosts"] [data-remedy]').first());
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).not.toHaveText('6');
  done(hand, 1);
});

test('5. another rule is compared and taken', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  await hand.station('floor');
  await hand.press(page.getByText('Compare rules').first());
  await hand.press(page.getByRole('radio', { name: 'shut-in winters' }));
  await expect(page.locator('nav [data-figure="floor.capacity"]')).not.toHaveText('14');
  done(hand, 3);
});

test('6. another climate, from where it decides, and what it changed', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  await hand.station('water');
  await expect(page.locator('[data-worked-for]')).toContainText('wet upland');
  await hand.press(hand.button('Change the climate'));
  await hand.choose(page.locator('[data-worked-for] select').first(), /^hot desert/);
  await expect(page.locator('[data-changed]')).toContainText('ater at most');
  await expect(page.locator('[data-worked-for]')).toContainText('hot desert');
  done(hand, 3);
});

test('7. a bar of another length and timber, as it is sold', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  await hand.fill(hand.inRow('bar-1', 'Length'), '1 yd');
  await expect(hand.inRow('bar-1', 'Length')).toHaveValue('3′');
  await hand.press(page.locator('[data-row="bar-1"] summary'));
  await hand.fill(hand.inRow('bar-1', 'Timber size'), '2x4');
  await expect(hand.inRow('bar-1', 'Timber size')).toHaveValue('2×4');
  done(hand, 3);
});

test('8. a copy to try, under a name of its own', async ({ page }) => {
  const hand = new Hand(page);
  const id = await imperial(page, 'tamar-flats');
  await listedBy(page, id);
  const card = page.locator(`[data-plan="${id}"]`);
  await hand.press(card.getByRole('button', { name: /^Copy / }));
  // tests beside this one make copies too: this is the one of its own plan
  const name = (await card.getByRole('link').first().textContent()) ?? '';
  const copy = page.getByRole('article').filter({ hasText: `${name} (copy)` });
  await hand.press(copy.getByRole('button', { name: /^Rename / }));
  await hand.fill(page.getByRole('dialog').getByLabel(/^Name/), `Try ${id}`);
  await hand.press(page.getByRole('dialog').getByRole('button', { name: 'Rename' }));
  await page.getByRole('searchbox').fill(`Try ${id}`);
  await expect(page.getByRole('link', { name: `Try ${id}` })).toBeVisible();
  done(hand, 4);
});

test('9. back to how it was, looked at first', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  await hand.fill(hand.inRow('bar-1', 'Length'), '5 ft');
  await saved(page);
  await hand.press(hand.button('Earlier saves'));
  await hand.press(page.getByRole('button', { name: /As it was first stored/ }));
  await expect(page.getByText('Rear bar: length 5′ → 3′ 11 1/4″')).toBeVisible();
  await hand.press(hand.button('Go back to it'));
  await expect(hand.inRow('bar-1', 'Length')).toHaveValue('3′ 11 1/4″');
  done(hand, 4);
});

test('10. out as a file, and in again', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  const downloading = page.waitForEvent('download');
  await hand.press(hand.button('File'));
  await hand.press(page.getByRole('menuitem', { name: /^The plan, as a file/ }));
  const file = await (await downloading).path();
  await page.goto('/');
  await page.getByLabel('Plan file to bring in').setInputFiles(file);
  hand.count += 2;
  await expect(page).toHaveURL(/\/plans\//);
  done(hand, 4);
});

test('11. one page of paper', async ({ page }) => {
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'osk-landing'));
  await hand.press(hand.button('File'));
  await hand.press(page.getByRole('menuitem', { name: /^Print the plan/ }));
  await expect(page.getByRole('heading', { name: 'What to mend' })).toBeVisible();
  for (const part of ['What it carries', 'Measures'])
    await expect(page.getByRole('heading', { name: part })).toBeVisible();
  await expect(page.locator('main svg[role="img"]')).toHaveCount(3);
  const pages = (await page.pdf({ format: 'Letter' }))
    .toString('latin1')
    .match(/\/Type\s*\/Page[^s]/g);
  expect(pages).toHaveLength(1);
  done(hand, 2);
});

test('12. a removed plan comes back', async ({ page }) => {
  const hand = new Hand(page);
  const id = await imperial(page, 'tamar-flats');
  await listedBy(page, id);
  const card = page.locator(`[data-plan="${id}"]`);
  await hand.press(card.getByRole('button', { name: /^Remove / }));
  await expect(card).toHaveCount(0);
  await hand.press(hand.button('Put it back'));
  await expect(card).toBeVisible();
  done(hand, 2);
});

test('13. on a phone, a bar made longer with the thumb', async ({ browser }) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, locale: 'en-US' });
  const hand = new Hand(page);
  await openPlan(page, await imperial(page, 'pell-garth'));
  await hand.station('roosts');
  await hand.press(hand.button('Longer: Rear bar'));
  await expect(hand.inRow('bar-1', 'Length')).toHaveValue('3′ 11 3/4″');
  // every button has a name of its own
  const names = await page
    .locator('aside button:visible')
    .evaluateAll((all) => all.map((e) => e.getAttribute('aria-label')).filter((n) => n !== null));
  expect(names.length).toBeGreaterThan(6);
  expect(new Set(names).size).toBe(names.length);
  done(hand, 2);
  await page.close();
});

test('14. by keyboard: from the list to a plan, and from its worst finding to its remedy', async ({
  page,
}) => {
  const hand = new Hand(page);
  const id = await imperial(page, 'pell-garth');
  await listedBy(page, id);
  await expect(page.locator(`[data-plan="${id}"]`)).toBeVisible();
  const first = page.getByRole('article').first().getByRole('link');
  while (!(await first.evaluate((e) => e === document.activeElement)) && hand.count < 9)
    await hand.key('Tab');
  await hand.key('Enter');
  await expect(page).toHaveURL(/\/plans\//);
  // one of them the field that looks for a name, which a short list has not
  done(hand, 7);
  hand.count = 0;
  await openPlan(page, id);
  await expect(page.locator('[data-worked]')).toBeAttached();
  await page.getByRole('application').focus();
  await hand.key('f');
  const focused = page.locator('[data-finding] > button').and(page.locator(':focus'));
  await expect(focused).toHaveAttribute('aria-pressed', 'true');
  await expect(
    page.locator('[data-finding]:has(> button:focus)').locator('[data-remedy]').first(),
  ).toBeVisible();
  const before = await page.locator('[data-finding]').count();
  await hand.key('Enter');
  await expect.poll(() => page.locator('[data-finding]').count()).not.toBe(before);
  done(hand, 2);
});

test('every station is reached by Tab, and a text that cannot be read is kept and told', async ({
  page,
}) => {
  await openPlan(page, await imperial(page, 'pell-garth'));
  const doors = page.locator('[data-door]');
  expect(await doors.evaluateAll((all) => all.map((e) => (e as HTMLElement).tabIndex))).toEqual(
    Array.from({ length: await doors.count() }, () => 0),
  );
  const hand = new Hand(page);
  const field = hand.inRow('bar-1', 'Length');
  await field.fill('long');
  await field.press('Enter');
  await expect(
    page.getByText('"long" is not a length. Write it as 6\' 10 1/2", 6-10 or 83 in'),
  ).toBeVisible();
  await goTo(page, 'floor');
  const told = page.locator('[data-refusals]');
  await expect(told).toContainText('Saved, but not Length of Rear bar “long”');
  await told.click();
  await expect(field).toHaveValue('long');
  await expect(field).toBeFocused();
  await field.fill('4 ft');
  await field.press('Enter');
  await expect(told).toHaveCount(0);
  await saved(page);
});
