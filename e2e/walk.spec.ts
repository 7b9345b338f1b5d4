import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { tooFaint } from './contrast';
import { STATES } from './states/all';
import type { Read, State } from './states/state';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const softly = expect.configure({ soft: true });

/**
 * Each page as it is read from top to bottom by who hears it. The readings lie beside this test: a change of words
 * or order shows there. `UPDATE_READING=1` writes them anew; then read them.
 */
const reading =
  (page: Page): Read =>
  async (name, what, clean = (text) => text) => {
    const read = async (): Promise<string> =>
      // names of a test's own plans and hours of the day are another each time
      `${clean((await Promise.all([what].flat().map((w) => w.ariaSnapshot()))).join('\n'))}\n`
        .replace(/Trial \d+ of \d+/g, 'Trial')
        .replace(/\b\d{1,2}:\d{2}(:\d{2})?\b/g, '…:…');
    const file = `e2e/reading/${name.replace(/[^a-z]+/g, '-')}.txt`;
    if (process.env.UPDATE_READING === '1') {
      await page.waitForLoadState('networkidle');
      mkdirSync('e2e/reading', { recursive: true });
      writeFileSync(file, await read());
    }
    softly(existsSync(file), `${file} is missing: UPDATE_READING=1 writes it`).toBe(true);
    if (existsSync(file)) await softly.poll(read, name).toBe(readFileSync(file, 'utf8'));
  };

/** What shuts somebody out of a page as it stands, by these rules alone, or by all of them. */
async function shutOut(page: Page, what: string, only?: readonly string[]): Promise<string[]> {
  // no page of ours has a frame: the plain way gives the same in half the time
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({
    resultTypes: ['violations', 'incomplete'],
    ...(only
      ? { runOnly: { type: 'rule', values: [...only] } }
      : { rules: { 'target-size': { enabled: true } } }),
  });
  const { violations, incomplete } = await axe.analyze();
  const found = violations.map((v) => {
    const where = v.nodes.map((n) => n.html.slice(0, 160)).slice(0, 12);
    return `${what}: ${v.id} (${v.nodes.length}): ${where.join(' | ')}`;
  });
  // inks and grounds are worked from their tokens (ui/theme/contrast.test.ts); what is written over a drawing is
  // measured in a picture
  const undecided = STATES[what.split(' · ')[0] ?? '']?.drawn
    ? incomplete
        .filter((rule) => rule.id === 'color-contrast')
        .flatMap((rule) => rule.nodes.map((n) => String(n.target[0])))
    : [];
  for (const { html, ratio } of await tooFaint(page, undecided))
    found.push(`${what}: contrast ${ratio?.toFixed(2) ?? 'not seen'}: ${html}`);
  return found;
}

/** Targets that a thumb presses and that are smaller than 44 px. */
const smallForAThumb = (page: Page): Promise<string[]> =>
  page
    .locator(
      '.button, .icon-button, .input, [data-remedy], [data-door], label:has(> input[type="radio"]), nav[aria-label="Panes"] button',
    )
    .evaluateAll((all) =>
      all.flatMap((e) => {
        // a row's own press area is its ::before, as large as the row
        const of = e.hasAttribute('data-door') ? (e.closest('li') ?? e) : e;
        const { width, height } = of.getBoundingClientRect();
        const small = width > 0 && (height < 43.9 || width < 43.9);
        return small
          ? [`${width.toFixed(1)} × ${height.toFixed(1)}: ${e.outerHTML.slice(0, 120)}`]
          : [];
      }),
    );

/** A page in its state, once: by day with all rules, by lamp with those of colour, and on a phone. */
async function walk(page: Page, what: string, { path, open, phone }: State): Promise<string[]> {
  await page.setViewportSize(DESK);
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'no-preference' });
  await page.goto(path);
  if (/^\/plans\/[a-z-]+$/.test(path) && path !== '/plans/nobody')
    await expect(page.locator('[data-ready]')).toBeVisible();
  await open(page, reading(page));
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const found = await shutOut(page, what);
  await page.emulateMedia({ colorScheme: 'dark' });
  found.push(...(await shutOut(page, `${what} · by lamp`, ['color-contrast'])));
  await page.emulateMedia({ colorScheme: 'light' });
  await page.setViewportSize(PHONE);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  if (wide > 0) found.push(`${what} · on a phone: ${wide} px off the side`);
  if (phone) {
    found.push(...(await shutOut(page, `${what} · on a phone`)));
    for (const small of await smallForAThumb(page))
      found.push(`${what} · on a phone: small for a thumb: ${small}`);
  }
  // the next state begins with every fold as it comes
  await page.evaluate(() => localStorage.clear());
  return found;
}

/** Tests that share the states, so that two go on side by side and none has too many. */
const PARTS = 6;

for (let part = 0; part < PARTS; part++) {
  const states = Object.entries(STATES).filter((_, i) => i % PARTS === part);
  test(`every page and what opens on it shuts nobody out, and makes sense read from top to bottom: ${part + 1} of ${PARTS}`, async ({
    page,
  }) => {
    const found: string[] = [];
    for (const [what, state] of states) {
      await test.step(what, async () => {
        found.push(...(await walk(page, what, state)));
      });
    }
    expect(found).toEqual([]);
  });
}
