import { expect, test } from '@playwright/test';
import { goTo, openPlan, ownPlan, saved, takeOut, there, watchConsole } from './help';

const PHONE = { width: 390, height: 844 };

test('on a phone the page itself stands still: only the pane in it scrolls', async ({
  browser,
}) => {
  const page = await browser.newPage({ viewport: PHONE });
  await openPlan(page, 'pell-garth');
  for (const station of ['roosts', 'flock', 'brooder']) {
    if (station !== 'roosts') await page.getByRole('button', { name: 'Staves' }).click();
    await goTo(page, station);
    await there(page, station);
    await page.evaluate(() => window.scrollTo(0, 9999));
    expect([station, await page.evaluate(() => window.scrollY)]).toEqual([station, 0]);
  }
  await page.close();
});

test('on a phone a keeper goes from the list to a changed bar', async ({ browser }) => {
  const page = await browser.newPage({ viewport: PHONE });
  const errors = watchConsole(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Copy Pell Garth', exact: true }).click();
  await page.getByRole('link', { name: 'Pell Garth (copy)' }).click();
  await expect(page.locator('[data-station="roosts"]')).toBeVisible();
  await expect(page.locator('aside')).toBeHidden();
  await goTo(page, 'roosts');
  await expect(page.locator('svg[data-scale]')).toBeVisible();
  const row = page.locator('[data-row="bar-1"]');
  await row.getByLabel(/^Length/).fill('1.5 m');
  await row.getByLabel(/^Length/).press('Enter');
  await row.getByRole('button', { name: 'Longer: Rear bar' }).click();
  await expect(row.getByLabel(/^Length/)).toHaveValue('1.51 m');
  await expect(page.locator('[data-stick] [data-mark]')).toHaveCount(1);
  await saved(page);
  await page.getByRole('button', { name: 'Staves' }).click();
  await expect(page.locator('nav [data-figure="roosts.capacity"]')).toHaveText('7');
  expect(errors).toEqual([]);
  await page.close();
});

test('without a mouse: from a new plan to its file', async ({ page }) => {
  await page.goto('/');
  await expect(page.locator('[data-plan]').first()).toBeVisible();
  const tabTo = async (name: RegExp): Promise<void> => {
    for (let i = 0; i < 120; i++) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(() => {
        const e = document.activeElement as HTMLElement | null;
        const labels = (e as HTMLInputElement | null)?.labels;
        return `${e?.getAttribute('aria-label') ?? ''} ${labels?.[0]?.textContent ?? ''} ${e?.textContent ?? ''}`;
      });
      if (name.test(label)) return;
    }
    throw new Error(`no way by keyboard to ${name}`);
  };
  await tabTo(/New plan/);
  await page.keyboard.press('Enter');
  await page.getByLabel(/^Name of the coop/).waitFor();
  await page.keyboard.type('By keys');
  await tabTo(/^ How many birds/);
  await page.keyboard.type('12');
  await page.keyboard.press('Enter');
  await page.getByLabel(/^Length, left/).waitFor();
  await page.keyboard.type('3 m');
  await tabTo(/^ Width, front/);
  await page.keyboard.type('2 m');
  await tabTo(/low side/);
  await page.keyboard.type('180');
  await tabTo(/high side/);
  await page.keyboard.type('210');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-ready]')).toBeVisible();
  await expect(page.locator('[data-worked]')).toBeAttached();
  // what is typed while nothing has the focus changes nothing
  for (const key of ['a', 'u', 'd']) await page.keyboard.press(key);
  await expect(page.locator('[data-row]')).toHaveCount(0);
  await tabTo(/Roosts/);
  await page.keyboard.press('a');
  await expect(page.locator('[data-row="bar-1"]')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('g');
  await page.keyboard.press('n');
  await page.keyboard.press('a');
  await expect(page.locator('[data-row]')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('You plan 12');
  await page.keyboard.press('f');
  const finding = page.locator('[data-finding] > button').and(page.locator(':focus'));
  await expect(finding).toBeVisible();
  await expect(page.getByText(/^Finding 1 of \d+\. /)).toBeAttached();
  await page.keyboard.press('v');
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /^Units: imperial/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Units: metric/ })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  const downloading = page.waitForEvent('download');
  await tabTo(/ File$/);
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: /^The plan, as a file/ }).waitFor();
  await page.keyboard.press('Enter');
  expect((await downloading).suggestedFilename()).toBe('by-keys.json');
});

test('the light is chosen by hand, and kept', async ({ page }) => {
  await openPlan(page, 'tamar-flats');
  const paper = () =>
    page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
  const day = await paper();
  await page.getByRole('button', { name: /^Screen: as the system/ }).click();
  expect(await paper()).toBe(day);
  await page.getByRole('button', { name: /^Screen: day/ }).click();
  const lamp = await paper();
  expect(lamp).not.toBe(day);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Screen: lamp/ })).toBeVisible();
  expect(await paper()).toBe(lamp);
});

test('printed, the page has the sentence and the drawing on white, and no buttons', async ({
  page,
}) => {
  await openPlan(page, 'pell-garth');
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe(
    'rgb(255, 255, 255)',
  );
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.locator('svg[data-scale]')).toBeVisible();
  await expect(page.getByRole('button', { name: 'File' })).toBeHidden();
});

test('thirty mixed edits undone are as if never made, and done again are as they were', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  // what is pressed before the core has come is held by tests of its own
  await expect(page.locator('[data-worked]')).toBeAttached();
  const start = (await takeOut(page)).text;
  const drawing = page.getByRole('application');
  await goTo(page, 'roosts');
  await page.locator('[data-fixture="bar-2"]').click();
  await drawing.focus();
  for (let i = 0; i < 8; i++) {
    for (const key of ['ArrowUp', 'Shift+ArrowLeft', 'u']) await page.keyboard.press(key);
  }
  await page.keyboard.press('d');
  for (const key of ['a', 'Escape']) await page.keyboard.press(key);
  await drawing.press('Backspace');
  for (const key of ['a', 'Escape']) await page.keyboard.press(key);
  await goTo(page, 'floor');
  await page.getByText('Compare rules').first().click();
  await page.getByRole('radio', { name: 'shut-in winters' }).click();
  await page.getByRole('radio', { name: 'sleeping quarters only' }).click();
  const end = (await takeOut(page)).text;
  const count = async (button: string): Promise<number> => {
    let n = 0;
    for (
      ;
      n < 60 && (await page.getByRole('button', { name: button, exact: true }).isEnabled());
      n++
    ) {
      await page.getByRole('button', { name: button, exact: true }).click();
    }
    return n;
  };
  expect(await count('Undo')).toBe(30);
  expect((await takeOut(page)).text).toBe(start);
  expect(await count('Redo')).toBe(30);
  expect((await takeOut(page)).text).toBe(end);
  await saved(page);
});

test('who asks for less motion gets none', async ({ browser }) => {
  const moving = async (reducedMotion: 'reduce' | 'no-preference'): Promise<number> => {
    const page = await browser.newPage({ reducedMotion });
    await openPlan(page, 'pell-garth');
    const longest = await page.evaluate(() =>
      Math.max(
        ...[...document.querySelectorAll('*')].flatMap((e) =>
          [e, '::before', '::after'].flatMap((part) => {
            const style = getComputedStyle(e, typeof part === 'string' ? part : null);
            return `${style.transitionDuration},${style.animationDuration}`
              .split(',')
              .map((s) => Number.parseFloat(s) || 0);
          }),
        ),
      ),
    );
    await page.close();
    return longest;
  };
  expect(await moving('no-preference')).toBeGreaterThan(0.1);
  expect(await moving('reduce')).toBeLessThan(0.001);
});

test('within the staves and the sticks arrows go from one to the next, and what is done is said', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const focused = (attribute: string): Promise<string | null> =>
    page.evaluate(
      (a) => document.activeElement?.closest(`[${a}]`)?.getAttribute(a) ?? null,
      attribute,
    );
  await page.locator('[data-station="floor"]').focus();
  await page.keyboard.press('ArrowDown');
  expect(await focused('data-station')).toBe('roosts');
  await page.keyboard.press('End');
  expect(await focused('data-station')).toBe('brooder');
  await page.keyboard.press('Home');
  expect(await focused('data-station')).toBe('flock');
  const said = page.locator('p.sr-only[role="status"]');
  await goTo(page, 'roosts');
  await page.locator('[data-fixture="bar-2"]').click();
  await page.getByRole('application').focus();
  await page.keyboard.press('ArrowUp');
  await expect(said).not.toBeEmpty();
  await page.keyboard.press('Control+z');
  await expect(said).toContainText('Undone');
  await saved(page);
});
