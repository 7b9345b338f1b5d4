import { expect, type Page, test } from '@playwright/test';
import { goTo, openPlan, takeOut, watchConsole } from './help';

const field = (page: Page, name: string | RegExp) => page.getByLabel(name).first();
const thing = (page: Page, kind: string) => page.locator(`[data-thing="${kind}"]`).last();

/** Opens the check, and waits until it answers. */
async function openCheck(page: Page): Promise<void> {
  await page.goto('/check');
  await expect(async () => {
    await page.getByLabel('Who will live in it?').fill('6 brown hens');
    await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
  }).toPass();
}

test('a bought coop is measured where it stands: the label, what is rough, what to mend, and on to the bench', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'Check a coop' }).click();
  await openCheck(page);
  await page.getByLabel('Kind', { exact: true }).selectOption('box');
  await field(page, 'Sold for so many birds').fill('8');
  await field(page, 'Its mesh is held by').selectOption('staples');
  await field(page, 'Thinnest board of its walls').fill('8 mm');
  await field(page, /^Length/).fill('120');
  await field(page, /^Width/).fill('about 90');
  await field(page, /^Height at the front/).fill('chest high');
  await field(page, /^Height at the rear/).fill('105');
  await field(page, /^Litter, deep/).fill('5');
  // where the tape is held is drawn, in the view that shows it
  const drawing = page.locator('figure svg').locator('visible=true').first();
  await expect(drawing).toHaveAttribute('data-view', 'front');
  await field(page, /^Width/).focus();
  await expect(drawing).toHaveAttribute('data-view', 'above');
  await expect(drawing.locator('[data-tape]')).toBeAttached();
  await page.getByRole('button', { name: 'a bar', exact: true }).click();
  const bar = thing(page, 'bar');
  await bar.getByLabel(/^Long/).fill('100');
  await bar.getByLabel(/^Above the litter/).fill('35 to 45');
  await bar.getByLabel(/^Before the rear wall/).fill('40');
  await bar.getByLabel(/^Thick/).fill('5');
  // the keeper's own body is a measure too
  await bar.getByLabel(/^Above the litter/).focus();
  await bar.getByRole('button', { name: 'knee' }).click();
  await expect(bar.getByRole('textbox', { name: /^Above the litter/ })).toHaveValue('knee high');
  await expect(bar).toContainText('between 42 cm and 54 cm');
  await page.getByRole('button', { name: 'nest boxes', exact: true }).click();
  const nests = thing(page, 'nests');
  await nests.getByLabel('They stand').selectOption('true');
  await nests.getByLabel(/^Lip/).fill('25');
  await page.getByRole('button', { name: 'something in the way', exact: true }).click();
  await thing(page, 'obstacle').getByLabel(/^Long/).fill('10');
  const verdict = page.locator('[data-verdict]');
  await expect(verdict.locator('[data-label]')).toContainText(
    'Sold for 8. Its floor, bars and boxes hold',
  );
  await expect(verdict.locator('[data-uncertain]')).toContainText('Bar 1');
  await expect(verdict).toContainText('Mesh held by staples');
  await page.getByRole('button', { name: 'Take it to the bench' }).click();
  await expect(page.locator('[data-ready]')).toBeVisible();
  // what was rough is told where it decides, until the tape has spoken
  await goTo(page, 'shell');
  await expect(page.locator('aside [data-label]')).toContainText('Sold for 8');
  await expect(page.locator('aside').getByText('Obstacle 1').first()).toBeAttached();
  const { text } = await takeOut(page);
  const plan = JSON.parse(text);
  expect(plan.soldFor).toBe(8);
  expect(plan.shell).toMatchObject({ meshFixedBy: 'staples', boardM: 0.008 });
  expect(plan.roughly.map((r: { key: string }) => r.key)).toEqual(
    expect.arrayContaining(['widthM', 'z']),
  );
  expect(errors).toEqual([]);
});

test('rough is told on the bench where the verdict hangs on it, and is gone once it is measured', async ({
  page,
}) => {
  await openCheck(page);
  await field(page, /^Length/).fill('240');
  await field(page, /^Width/).fill('180');
  await field(page, /^Height at the front/).fill('200');
  await field(page, /^Height at the rear/).fill('190');
  await field(page, /^Litter, deep/).fill('10');
  await page.getByRole('button', { name: 'a bar', exact: true }).click();
  const bar = thing(page, 'bar');
  await bar.getByLabel(/^Long/).fill('140 to 230');
  await bar.getByLabel(/^Above the litter/).fill('60');
  await bar.getByLabel(/^Before the rear wall/).fill('50');
  await bar.getByLabel(/^Thick/).fill('9');
  await page.getByRole('button', { name: 'Take it to the bench' }).click();
  await expect(page.locator('[data-ready]')).toBeVisible();
  await goTo(page, 'roosts');
  const rough = page.locator('[data-rough-measures]');
  await expect(rough).toContainText('Bar 1, length, between 1.40 m and 2.30 m: the roosts carry');
  await page
    .locator('[data-row="bar-1"]')
    .getByLabel(/^Length/)
    .first()
    .fill('2.1 m');
  await page.keyboard.press('Tab');
  await expect(rough).toHaveCount(0);
});

test('on a phone what was typed in the coop is kept, wrong input is told, and a dead server loses nothing', async ({
  browser,
}) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await openCheck(page);
  await field(page, /^Length/).fill('banana high');
  await expect(page.getByRole('alert').filter({ hasText: 'is not a length' })).toBeVisible();
  await field(page, /^Length/).fill('2 paces');
  await expect(page.getByText('between 1.27 m and 1.61 m', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'a bar', exact: true }).click();
  await thing(page, 'bar').getByLabel(/^Long/).fill('9 m');
  await expect(page.getByRole('alert').filter({ hasText: 'outside what fits here' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(
    0,
  );
  await page.reload();
  await expect(field(page, /^Length/)).toHaveValue('2 paces');
  await page.route('**/api/plans', (route) => route.abort());
  await page.getByRole('button', { name: 'Take it to the bench' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'kept here' })).toBeVisible();
  await page.unroute('**/api/plans');
  await page.getByRole('button', { name: 'Take it to the bench' }).click();
  await expect(page.locator('[data-ready]')).toBeVisible();
  await page.close();
});

test('the blank sheet has a numbered tape and a place to write for every measure', async ({
  page,
}) => {
  await page.goto('/check/sheet?units=imperial');
  await expect(page.getByRole('heading', { name: 'Measure up a coop' })).toBeVisible();
  const numbers = await page.locator('[data-tape] text').allTextContents();
  expect(new Set(numbers).size).toBe(34);
  await expect(page.locator('main')).toContainText('in feet and inches');
});

test('chicks sold as hens: the chance of a cock is told, its share is typed, and he is planned for', async ({
  page,
}) => {
  const { plan } = await (await page.request.get('/api/plans/tamar-flats')).json();
  const group = { ...plan.flock[0], id: 'chicks', name: 'Chicks', count: 10, sex: 'hen' };
  const flock = [{ ...group, hatchedOn: '2026-11-10', arrivesOn: '2026-11-24', leavesOn: null }];
  const id = `chicks-${Date.now()}-${process.pid}`;
  await page.request.post('/api/plans', { data: { ...plan, id, name: id, flock } });
  await openPlan(page, id);
  await goTo(page, 'flock');
  const finding = page.locator('[data-finding="flock.cock.maybe"]');
  await expect(finding).toContainText('10 chicks sold as hens');
  await expect(finding).toContainText('65 in a hundred');
  await page.getByRole('button', { name: 'More of Chicks' }).click();
  await page.getByRole('textbox', { name: 'Told wrong, in a hundred' }).fill('5');
  await page.keyboard.press('Tab');
  await expect(finding).toContainText('40 in a hundred');
  await finding.getByRole('button', { name: /count one of them as a cock/ }).click();
  await expect(finding).toHaveCount(0);
  await expect(page.locator('[data-group]')).toHaveCount(2);
});

test('a box of two bars and four nests is checked from the keyboard alone, in at most sixty keys beside the typing', async ({
  page,
}) => {
  await openCheck(page);
  await page.getByLabel('Who will live in it?').fill('');
  await page.getByRole('button', { name: /^Units/ }).focus();
  let keys = 0;
  const press = async (key: string): Promise<void> => {
    keys++;
    await page.keyboard.press(key);
  };
  const here = () =>
    page.evaluate(() => {
      const at = document.activeElement as HTMLInputElement | null;
      const thing = at?.closest<HTMLElement>('[data-thing]');
      return `${thing?.getAttribute('aria-label') ?? ''} ${at?.labels?.[0]?.textContent ?? ''}`.trim();
    });
  /** On from field to field until this one. */
  const goOn = async (label: RegExp): Promise<void> => {
    for (let k = 0; k < 20 && !label.test(await here()); k++) await press('Tab');
    expect(await here()).toMatch(label);
  };
  const type = (text: string) => page.keyboard.type(text);
  await goOn(/^Who will live/);
  await type('6 brown hens');
  await goOn(/^Kind/);
  await type('bo');
  for (const [label, text] of [
    [/^Length/, '120'],
    [/^Width/, '90'],
    [/^Height at the front/, '110'],
    [/^Height at the rear/, '105'],
    [/^Litter, deep/, '5'],
    [/^Add what stands there/, '2 bars, 4 nests'],
  ] as const) {
    await goOn(label);
    await type(text);
  }
  await press('Enter');
  for (const n of [1, 2]) {
    for (const [label, text] of [
      ['Long', '100'],
      ['Above the litter', '40'],
      ['Before the rear wall', String(n * 30)],
      ['Thick', '5'],
    ] as const) {
      await goOn(new RegExp(`^Bar ${n} ${label}`));
      await type(text);
    }
  }
  for (const [label, text] of [
    ['One box, wide', '30'],
    ['One box, deep', '30'],
    ['One box, high', '35'],
    ['Lip above', '25'],
  ] as const) {
    await goOn(new RegExp(`^Nest boxes 1 ${label}`));
    await type(text);
  }
  await expect(thing(page, 'nests').getByLabel('How many boxes')).toHaveValue('4');
  await press('Control+Enter');
  await expect(page.locator('[data-ready]')).toBeVisible();
  expect(keys).toBeLessThanOrEqual(60);
  const { text } = await takeOut(page);
  const { fixtures, shell } = JSON.parse(text);
  expect(fixtures.map((f: { kind: string }) => f.kind).sort()).toEqual(['bar', 'bar', 'nestBank']);
  expect(shell).toMatchObject({ lengthM: 1.2, widthM: 0.9 });
});
