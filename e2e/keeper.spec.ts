import { writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { STATIONS } from '@/core/kernel/station';
import {
  addGroup,
  askForNewPlan,
  assessByCli,
  goTo,
  openPlan,
  ownPlan,
  saved,
  takeBreed,
  takeOut,
  there,
  watchConsole,
} from './help';

const set = async (page: Page, scope: string, label: string, text: string): Promise<void> => {
  const field = page.locator(scope).getByLabel(label, { exact: false }).first();
  await field.fill(text);
  await field.press('Enter');
};

test('a keeper enters birds and a coop, sees what it carries, and finds it saved', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await page.goto('/');
  await expect(page.locator('[data-plan]').first()).toBeVisible();

  // a new plan; what is missing is told at its field, and lengths are read in either system
  await askForNewPlan(page);
  await page.getByRole('button', { name: 'Start the plan' }).click();
  await expect(page.getByText('Give the coop a name.')).toBeVisible();
  await page.getByLabel('Name of the coop').fill('By hand');
  await page.getByLabel('Length, left to right').fill('3,00 m');
  await page.getByLabel('Width, front to rear').fill('6\' 10 5/8"');
  await page.getByLabel('Height, low side').fill('190');
  await page.getByLabel('Height, high side').fill('2.4 m');
  await expect(page.getByText('= 2.10 m')).toBeVisible();
  await page.getByRole('button', { name: 'Start the plan' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Add birds to see if they fit.');

  // the flock
  await addGroup(page);
  await takeBreed(page, 'group-1', 'sussex');
  await set(page, '[data-group="group-1"]', 'Birds', '4');
  await addGroup(page);
  await takeBreed(page, 'group-2', 'marans');
  await set(page, '[data-group="group-2"]', 'Birds', '4');
  await page.getByRole('button', { name: 'More of Group 2' }).click();
  await set(page, '[data-group="group-2"]', 'Grown mass', '6 lb 8 oz');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Enter the roosts and the nests to see what this coop carries.',
  );

  // bars and nests
  await goTo(page, 'roosts');
  await page.getByRole('button', { name: 'Add a bar' }).click();
  await set(page, '[data-row="bar-1"]', 'Length', '1.2 m');
  await set(page, '[data-row="bar-1"]', 'From the rear wall', '16');
  await set(page, '[data-row="bar-1"]', 'Above the litter', '55 cm');
  await goTo(page, 'nests');
  await page.getByRole('button', { name: 'Add a bank of nests' }).click();
  await set(page, '[data-row="nests-1"]', 'Boxes', '3');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'This coop carries 3 birds. You plan 8. The roosts hold it back.',
  );
  await goTo(page, 'roosts');
  await expect(page.locator('[data-finding="roosts.bar.nearWall"]')).toBeVisible();

  // schools, all at once
  await page.getByText('Compare schools').first().click();
  await page.getByRole('radio', { name: 'huddled' }).click();
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('4');
  await page.getByLabel('Your own figure').fill('20 cm');
  await page.getByLabel('Your own figure').press('Enter');
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('5');
  await goTo(page, 'floor');
  await page.getByText('Compare schools').click();
  await page.getByRole('radio', { name: 'shut-in winters' }).click();
  await expect(page.locator('nav [data-figure="floor.capacity"]')).toHaveText('6');

  // undo and redo, by button and by key
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('nav [data-figure="floor.capacity"]')).toHaveText('14');
  await page.keyboard.press('Control+z');
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('4');
  await page.keyboard.press('Control+Shift+z');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.locator('nav [data-figure="floor.capacity"]')).toHaveText('6');

  // what the screen says is what the shell command says of the file taken out
  await saved(page);
  const { file, text, name } = await takeOut(page);
  expect(name).toBe('by-hand.json');
  const cli = assessByCli(file);
  for (const station of ['floor', 'roosts', 'nests']) {
    const figure = page.locator(`nav [data-figure="${station}.capacity"]`);
    expect(Number(await figure.textContent())).toBe(cli.staves[station]?.carries);
  }
  const sentence = await page.getByRole('heading', { level: 1 }).textContent();
  expect(sentence).toContain(`carries ${cli.carries} birds. You plan ${cli.planned}`);
  const codes = new Set<string>();
  for (const station of STATIONS) {
    await goTo(page, station);
    await there(page, station);
    for (const code of await page
      .locator('[data-finding]')
      .evaluateAll((all) => all.map((f) => f.getAttribute('data-finding') ?? '')))
      codes.add(code);
  }
  expect(codes).toEqual(new Set(cli.findings.map((f) => f.code)));

  // the page closed and opened again: as it was left
  const address = page.url();
  await page.goto('about:blank');
  await page.goto(address);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(sentence ?? '');
  expect((await takeOut(page)).text).toBe(text);

  // the file brought back in: a plan of its own, the same but for its name and id
  await page.goto('/');
  await page.getByLabel('Plan file to bring in').setInputFiles({
    name: 'by-hand.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  await expect(page.getByText('By hand (2)', { exact: true })).toBeVisible();
  const again = JSON.parse((await takeOut(page)).text);
  const { id, name: first, ...rest } = JSON.parse(text);
  expect(again).toMatchObject(rest);
  expect([again.id === id, first]).toEqual([false, 'By hand']);
  expect(errors).toEqual([]);
});

test('a file that is no plan is told of at its places, and nothing is stored', async ({
  page,
  request,
}) => {
  await page.goto('/');
  // other tests make plans of their own meanwhile; one brought in would go by this name
  const named = async (): Promise<string[]> => {
    const all: { name: string }[] = await (await request.get('/api/plans')).json();
    return all.map((p) => p.name).filter((n) => /^Tamar Flats, number 9( \(\d\))?$/.test(n));
  };
  const before = await named();
  const bring = (buffer: string, name = 'bad.json') =>
    page
      .getByLabel('Plan file to bring in')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(buffer) });
  await bring('{"format":');
  await expect(page.getByRole('dialog')).toContainText('This file is not JSON');
  await page.getByRole('button', { name: 'Close' }).click();
  const plan = await (await request.get('/api/plans/tamar-flats')).json();
  const sofa = { ...plan.plan, fixtures: [{ id: 'a', kind: 'sofa' }] };
  await bring(JSON.stringify(sofa), '<img src=x onerror=alert(1)>.json');
  await expect(page.getByRole('dialog')).toContainText('fixtures[0].kind');
  await expect(page.getByRole('dialog')).toContainText('<img src=x onerror=alert(1)>.json');
  await page.keyboard.press('Escape');
  expect(await named()).toEqual(before);
});

test('a plan is copied to try a variant on, and removed after asking', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Copy Tamar Flats, number 9', exact: true }).click();
  const copy = page.getByRole('article').filter({ hasText: 'Tamar Flats, number 9 (copy)' });
  await expect(copy).toBeVisible();
  await copy.getByRole('button', { name: /^Remove/ }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(copy).toBeVisible();
  await copy.getByRole('button', { name: /^Remove/ }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(copy).toHaveCount(0);
});

test('two windows on one plan: the later save is offered the ways on, and nothing is lost silently', async ({
  browser,
}) => {
  const made = await browser.newPage();
  await made.goto('/');
  await made.getByRole('button', { name: 'Copy Osk Landing', exact: true }).click();
  const link = made.getByRole('link', { name: 'Osk Landing (copy)' });
  const address = (await link.getAttribute('href')) ?? '';
  const [one, two] = [await browser.newPage(), await browser.newPage()];
  for (const page of [one, two]) await openPlan(page, address.replace('/plans/', ''));
  const litter = async (page: Page, text: string) => {
    await goTo(page, 'litter');
    await set(page, 'aside', 'Litter depth', text);
  };
  await litter(one, '15 cm');
  await saved(one);
  await litter(two, '12 cm');
  await expect(two.getByText('another window has changed this plan')).toBeVisible();
  await expect(two.getByText('Theirs, beside yours: the litter changed.')).toBeVisible();
  await two.getByRole('button', { name: 'Keep mine', exact: true }).click();
  await saved(two);
  await one.reload();
  await goTo(one, 'litter');
  await expect(one.getByLabel('Litter depth')).toHaveValue('12 cm');
});

test('a fixture is moved, nudged and removed by keyboard on the drawing', async ({ page }) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await page.locator('[data-fixture="bar-2"]').click();
  const drawing = page.getByRole('application', { name: /Drawing of Trial/ });
  await drawing.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+ArrowRight');
  const row = page.locator('[data-row="bar-2"]');
  await expect(row.getByLabel('Above the litter')).toHaveValue('56 cm');
  await expect(row.getByLabel('From the left wall')).toHaveValue('1.00 m');
  await page.keyboard.press('Backspace');
  await expect(row).toHaveCount(0);
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
  await expect(row.getByLabel('From the left wall')).toHaveValue('90 cm');
  await page.keyboard.press('v');
  await expect(page.getByRole('radio', { name: 'Side' })).toBeChecked();
  await saved(page);
});

test('a plan file kept on disk is read by the shell command', async ({ page }, info) => {
  await openPlan(page, 'tamar-flats');
  const file = info.outputPath('tamar.json');
  writeFileSync(file, (await takeOut(page)).text);
  expect(assessByCli(file)).toMatchObject({ carries: null, planned: 17, today: 0 });
});

test('a plan goes back to an earlier save, which was given a name, and forward again', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'litter');
  for (const depth of ['12 cm', '14 cm']) {
    await set(page, 'aside', 'Litter depth', depth);
    await saved(page);
  }
  await page.getByRole('button', { name: 'Earlier saves' }).click();
  const list = page.getByRole('dialog', { name: 'Earlier saves' });
  await list.getByLabel('Name of save 1').fill('As found');
  await list.getByLabel('Name of save 1').press('Enter');
  await list.getByRole('button', { name: 'Look at save 1' }).click();
  await expect(list.getByText('Beside now: the litter changed.')).toBeVisible();
  await list.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.getByLabel('Litter depth')).toHaveValue('10 cm');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Litter depth')).toHaveValue('14 cm');
  await saved(page);
  await page.getByRole('button', { name: 'Earlier saves' }).click();
  await expect(list.getByLabel('Name of save 1')).toHaveValue('As found');
  await expect(list.getByRole('listitem')).toHaveCount(5);
});
