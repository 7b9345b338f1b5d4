import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { tooFaint } from './contrast';
import { goTo, openPlan, ownPlan, saved, takeOut, watchConsole } from './help';
import { OPENED, OTHERWISE_ON_A_PHONE } from './opened';

const WIDTHS = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;

/** States whose drawings have words over them. */
const DRAWN: ReadonlySet<string> = new Set([
  'the bench',
  'the bench, roosts with schools and a working open',
  'the bench, a year of its air',
]);

/**
 * What shuts somebody out of a page as it stands: all rules in the light, and of what the dark changes, the colours.
 * They are the same at both widths, so that on a phone the light is enough.
 */
async function shutOut(page: Page, what: string, width: string): Promise<string[]> {
  const found: string[] = [];
  const schemes = width === 'phone' ? (['light'] as const) : (['light', 'dark'] as const);
  for (const scheme of schemes) {
    await page.emulateMedia({ colorScheme: scheme });
    // no page of ours has a frame: the plain way gives the same in half the time
    const axe = new AxeBuilder({ page }).setLegacyMode(true);
    if (scheme === 'dark') axe.withRules(['color-contrast']);
    const { violations, incomplete } = await axe.analyze();
    // inks and grounds are worked from their tokens (ui/theme/contrast.test.ts); what is written over a drawing is
    // measured in a picture
    const undecided = DRAWN.has(what)
      ? incomplete
          .filter((rule) => rule.id === 'color-contrast')
          .flatMap((rule) => rule.nodes.map((n) => String(n.target[0])))
      : [];
    for (const { html, ratio } of await tooFaint(page, undecided)) {
      found.push(`${what}, ${scheme}: contrast ${ratio?.toFixed(2) ?? 'not seen'}: ${html}`);
    }
    for (const v of violations) {
      const where = v.nodes.map((n) => n.html.slice(0, 160)).slice(0, 3);
      found.push(`${what}, ${scheme}: ${v.id}: ${where.join(' | ')}`);
    }
  }
  await page.emulateMedia({ colorScheme: 'light' });
  return found;
}

/** Each page is looked at in both themes: a test has no time for all of them on a slow machine. */
const PARTS = 8;

for (const [name, viewport] of Object.entries(WIDTHS)) {
  const all = Object.entries(OPENED);
  const share = Math.ceil(all.length / PARTS);
  for (let part = 0; part < PARTS; part++) {
    const opened = all.slice(part * share, (part + 1) * share);
    test(`nobody is shut out: every page and what opens on it, ${name}, part ${part + 1} of ${PARTS}`, async ({
      browser,
    }) => {
      const context = await browser.newContext({ viewport, reducedMotion: 'reduce' });
      const page = await context.newPage();
      const found: string[] = [];
      for (const [what, { path, open }] of opened) {
        if (name === 'phone' && !OTHERWISE_ON_A_PHONE.has(what)) continue;
        await page.goto(path);
        if (/^\/plans\/[a-z-]+$/.test(path) && path !== '/plans/nobody')
          await expect(page.locator('[data-ready]')).toBeVisible();
        await open(page);
        found.push(...(await shutOut(page, what, name)));
      }
      expect(found).toEqual([]);
      await context.close();
    });
  }

  test(`nobody is shut out of a station: ${name}`, async ({ browser }) => {
    const context = await browser.newContext({ viewport, reducedMotion: 'reduce' });
    const page = await context.newPage();
    const found: string[] = [];
    await page.goto('/plans/osk-landing');
    await expect(page.locator('[data-ready]')).toBeVisible();
    const stations = ['air', 'feed', 'water', 'litter', 'door', 'reach', 'brooder'];
    // what stands in a panel is the same on a phone: how it is got to is not
    for (const station of name === 'phone' ? ['feed', 'door', 'brooder'] : stations) {
      if (name === 'phone') await page.getByRole('button', { name: 'Staves' }).click();
      await goTo(page, station);
      await expect(page.locator('aside').locator('input, button, a').first()).toBeVisible();
      found.push(...(await shutOut(page, station, name)));
    }
    expect(found).toEqual([]);
    await context.close();
  });
}

test('on a phone every target a thumb presses is 44 px or more, and nothing runs off the side', async ({
  browser,
}) => {
  const page = await browser.newPage({ viewport: WIDTHS.phone });
  for (const [path, station] of [
    ['/', null],
    ['/plans/pell-garth', null],
    ['/plans/pell-garth', 'roosts'],
    ['/plans/pell-garth', 'nests'],
    ['/plans/osk-landing', 'flock'],
    ['/plans/tamar-flats', 'shell'],
    ['/plans/pell-garth', 'feed'],
    ['/plans/osk-landing', 'brooder'],
  ] as const) {
    await page.goto(path);
    if (path !== '/') await expect(page.locator('[data-ready]')).toBeVisible();
    if (station) await goTo(page, station);
    if (station === 'flock') await expect(page.locator('[data-timeline]')).toBeVisible();
    if (station === 'roosts') await expect(page.locator('[data-remedy]').first()).toBeVisible();
    const small = await page
      .locator(
        '.button, .icon-button, .input, [data-remedy], [data-door], [role="radio"].border-line, nav[aria-label="Panes"] button',
      )
      .evaluateAll((all) =>
        all
          .map((e) => {
            // a row's own press area is its ::before, as large as the row
            const box = (
              e.hasAttribute('data-door') ? (e.closest('li') ?? e) : e
            ).getBoundingClientRect();
            return { html: e.outerHTML.slice(0, 120), width: box.width, height: box.height };
          })
          .filter((b) => b.width > 0 && (b.height < 43.9 || b.width < 43.9)),
      );
    expect(small).toEqual([]);
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect([path, station, overflow]).toEqual([path, station, 0]);
    if (path !== '/') {
      // the page itself stands still: only the pane in it scrolls
      await page.evaluate(() => window.scrollTo(0, 9999));
      expect([path, station, await page.evaluate(() => window.scrollY)]).toEqual([
        path,
        station,
        0,
      ]);
    }
  }
  await page.close();
});

test('on a phone a keeper goes from the list to a changed bar', async ({ browser }) => {
  const page = await browser.newPage({ viewport: WIDTHS.phone });
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
