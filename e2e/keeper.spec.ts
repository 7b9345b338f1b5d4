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
  const field = page
    .locator(scope)
    .getByLabel(new RegExp(`^${label}`))
    .first();
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
  await page.getByRole('button', { name: 'Next: the room' }).click();
  await expect(page.getByText('Give the coop a name.')).toBeVisible();
  await page.getByLabel(/^Name of the coop/).fill('By hand');
  await page.getByRole('button', { name: 'Next: the room' }).click();
  await page.getByLabel(/^Length, left to right/).fill('3,00 m');
  await page.getByLabel(/^Width, front to rear/).fill('6\' 10 5/8"');
  await page.getByLabel(/^Height, low side/).fill('190');
  await page.getByLabel(/^Height, high side/).fill('2.4 m');
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
  await set(page, '[data-row="bar-1"]', 'Height above litter', '55 cm');
  await goTo(page, 'nests');
  await page.getByRole('button', { name: 'Add a bank of nests' }).click();
  await set(page, '[data-row="nests-1"]', 'Boxes', '3');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'This coop carries 3 birds. You plan 8. The roosts hold it back.',
  );
  await goTo(page, 'roosts');
  await expect(page.locator('[data-finding="roosts.bar.nearWall"]')).toBeVisible();

  // schools, all at once
  await page.getByText('Compare rules').first().click();
  await page.getByRole('radio', { name: 'huddled' }).click();
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('4');
  await page.getByLabel(/^Your own figure/).fill('20 cm');
  await page.getByLabel(/^Your own figure/).press('Enter');
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('5');
  await goTo(page, 'floor');
  await page.getByText('Compare rules').click();
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
  await page.getByLabel(/^Plan file to bring in/).setInputFiles({
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
      .getByLabel(/^Plan file to bring in/)
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

test('a plan is copied to try a variant on, renamed, removed into the bin, and comes back with its saves', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Copy Tamar Flats, number 9', exact: true }).click();
  const copy = page.getByRole('article').filter({ hasText: 'Tamar Flats, number 9 (copy)' });
  await expect(copy).toBeVisible();
  await copy.getByRole('button', { name: /^Rename/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Rename the plan' });
  await dialog.getByLabel(/^Name/).fill('Pell Garth');
  await dialog.getByRole('button', { name: 'Rename' }).click();
  await expect(dialog.getByText('Another plan is called “Pell Garth”')).toBeVisible();
  await dialog.getByLabel(/^Name/).fill('Variant');
  await page.keyboard.press('Enter');
  const variant = page
    .getByRole('article')
    .filter({ has: page.getByRole('link', { name: 'Variant', exact: true }) });
  await expect(variant).toBeVisible();
  await variant.getByRole('button', { name: /^Remove/ }).click();
  await expect(variant).toHaveCount(0);
  await page.reload();
  const bin = page.locator('[data-bin]');
  await bin.getByText(/^Bin: \d+ plan/).click();
  await expect(bin.getByRole('listitem').filter({ hasText: 'Variant' })).toContainText(
    'until 24 December 2026',
  );
  await bin.getByRole('button', { name: 'Put Variant back' }).click();
  await expect(variant).toBeVisible();
  await variant.getByRole('link', { name: 'Variant', exact: true }).click();
  await page.getByRole('button', { name: 'Earlier saves' }).click();
  await expect(page.getByRole('dialog').getByText('Rename to Variant')).toBeVisible();
  await expect(page.getByRole('dialog').getByText('As it was first stored')).toBeVisible();
});

test('two windows on one plan follow one another; only one value changed in both asks', async ({
  browser,
}) => {
  const context = await browser.newContext({ locale: 'en-GB' });
  const [one, two] = [await context.newPage(), await context.newPage()];
  const id = await ownPlan(one, 'osk-landing');
  for (const page of [one, two]) {
    await openPlan(page, id);
    await goTo(page, 'litter');
  }
  const depth = (page: Page) => page.getByLabel(/^Litter depth/);
  await set(one, 'aside', 'Litter depth', '15 cm');
  await expect(depth(two)).toHaveValue('15 cm');
  await expect(two.locator('[data-news]')).toContainText(
    'From another window. Litter: depth at first 20 cm → 15 cm.',
  );
  // edits made in both while neither can be stored: of different things they are joined
  await context.setOffline(true);
  await set(one, 'aside', 'Litter depth', '14 cm');
  await goTo(two, 'shell');
  await set(two, 'aside', 'Height at the ridge', '3 m');
  await context.setOffline(false);
  for (const page of [one, two]) await saved(page);
  await expect(two.locator('[data-news]')).toContainText('15 cm → 14 cm');
  await goTo(one, 'shell');
  await expect(one.getByLabel(/^Height at the ridge/)).toHaveValue('3.00 m');
  // of one value they are shown, and one is chosen
  for (const page of [one, two]) await goTo(page, 'litter');
  await context.setOffline(true);
  await set(one, 'aside', 'Litter depth', '12 cm');
  await set(two, 'aside', 'Litter depth', '18 cm');
  await context.setOffline(false);
  const clash = (page: Page) => page.getByRole('alert').filter({ hasText: 'the same thing' });
  await expect
    .poll(async () => (await clash(one).count()) + (await clash(two).count()))
    .toBeGreaterThan(0);
  const asked = (await clash(one).count()) > 0 ? one : two;
  const [mine, theirs] = asked === one ? ['12 cm', '18 cm'] : ['18 cm', '12 cm'];
  await expect(clash(asked)).toContainText(
    `Litter, depth at first: this window has ${mine}, the other has ${theirs}.`,
  );
  await asked.getByRole('button', { name: 'Keep this window’s' }).click();
  for (const page of [one, two]) {
    await saved(page);
    await expect(depth(page)).toHaveValue(mine ?? '');
  }
  await asked.getByRole('button', { name: 'Undo' }).click();
  for (const page of [one, two]) await expect(depth(page)).toHaveValue(theirs ?? '');
  await context.close();
});

test('a fixture is moved, nudged and removed by keyboard on the drawing', async ({ page }) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await page.locator('[data-fixture="bar-2"]').click();
  const drawing = page.getByRole('application', { name: /Drawing of Trial/ });
  await drawing.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+ArrowRight');
  const row = page.locator('[data-row="bar-2"]');
  await expect(row.getByLabel(/^Height above litter/)).toHaveValue('56 cm');
  await expect(row.getByLabel(/^From the left wall/)).toHaveValue('1.00 m');
  await page.keyboard.press('Backspace');
  await expect(row).toHaveCount(0);
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
  await expect(row.getByLabel(/^From the left wall/)).toHaveValue('90 cm');
  await page.keyboard.press('v');
  await expect(page.getByRole('radio', { name: 'Right' })).toBeChecked();
  await saved(page);
});

test('a plan file kept on disk is read by the shell command', async ({ page }, info) => {
  await openPlan(page, 'tamar-flats');
  const file = info.outputPath('tamar.json');
  writeFileSync(file, (await takeOut(page)).text);
  expect(assessByCli(file)).toMatchObject({ carries: null, planned: 17, today: 0 });
});

test('a plan goes back to an earlier save, which was looked at and given a name, and forward again', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'litter');
  const depth = page.getByLabel(/^Litter depth/);
  for (const text of ['12 cm', '14 cm']) {
    await set(page, 'aside', 'Litter depth', text);
    await saved(page);
  }
  await page.getByRole('button', { name: 'Earlier saves' }).click();
  const list = page.getByRole('dialog', { name: 'Earlier saves' });
  await list.getByRole('button', { name: /As it was first stored/ }).click();
  await expect(list.getByText('This coop carries 6 birds. You plan 14.')).toBeVisible();
  await expect(list.getByText('Litter: depth at first 14 cm → 10 cm')).toBeVisible();
  await list.getByLabel('Name of this save').fill('As found');
  await list.getByLabel('Name of this save').press('Enter');
  await list.getByRole('button', { name: /As found/ }).waitFor();
  await list.getByRole('button', { name: 'Go back to it' }).click();
  await expect(depth).toHaveValue('10 cm');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(depth).toHaveValue('14 cm');
  await saved(page);
  await page.getByRole('button', { name: 'Earlier saves' }).click();
  await expect(list.getByRole('button', { name: /As found/ })).toBeVisible();
  await expect(list.getByRole('listitem')).toHaveCount(5);
  await list
    .getByRole('button', { name: /Go back to an earlier save/ })
    .last()
    .click();
  await expect(list.getByText('Litter: depth at first 14 cm → 10 cm')).toHaveCount(2);
});
