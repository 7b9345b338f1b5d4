import { expect, type Page, test } from '@playwright/test';
import { STATIONS } from '@/core/kernel/station';
import { type Said, sayFigure } from '@/text/say';
import { assessByCli, goTo, openPlan, takeOut, there, watchConsole } from './help';

interface Shown {
  readonly id: string;
  readonly text: string;
  readonly bare: boolean;
}

const shownFigures = (page: Page): Promise<Shown[]> =>
  page.locator('[data-figure]').evaluateAll((all) =>
    all.map((e) => ({
      id: e.getAttribute('data-figure') ?? '',
      text: e.textContent ?? '',
      bare: e.hasAttribute('data-bare'),
    })),
  );

/** Texts with a digit that stand outside figures, fields, names, days, reasons and workings. */
const strayNumbers = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const covered =
      '[data-figure],[data-name],[data-working],[data-reason],[data-axis],[data-proposal],[data-school],[data-school-name],search,time,input,select,textarea,title,script,style,noscript,[hidden],.sr-only';
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const stray: string[] = [];
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent ?? '';
      if (/\d/.test(text) && !node.parentElement?.closest(covered)) stray.push(text);
    }
    return stray;
  });

for (const [id, units] of [
  ['pell-garth', 'metric'],
  ['tamar-flats', 'imperial'],
  ['osk-landing', 'metric'],
] as const) {
  test(`every figure of ${id} on every station is the one the shell command gives`, async ({
    page,
  }) => {
    const errors = watchConsole(page);
    await openPlan(page, id);
    const { figures } = assessByCli((await takeOut(page)).file);
    let seen = 0;
    for (const station of STATIONS) {
      await goTo(page, station);
      if (station === 'flock') {
        await expect(page.locator('[data-timeline]')).toBeVisible();
        await page.getByRole('radio', { name: 'Month by month' }).click();
        for (const more of await page.getByRole('button', { name: /^More of/ }).all())
          await more.click();
      }
      await there(page, station);
      for (let n = await page.getByText('Compare rules').count(); n > 0; n--)
        await page.getByText('Compare rules').first().click();
      const whole = station === 'flock' || station === 'brooder';
      for (const view of whole ? [null] : ['Front', 'Right', 'Rear', 'Left', 'Above']) {
        if (view) await page.getByRole('radio', { name: view, exact: true }).click();
        const shown = await shownFigures(page);
        for (const { id: figureId, text, bare } of shown) {
          const figure = figures[figureId];
          expect(figure, figureId).toBeDefined();
          if (!figure) continue;
          const said = { ...figure, id: figureId } as Said;
          expect([figureId, text]).toEqual([figureId, sayFigure(said, units, bare)]);
        }
        seen += shown.length;
        expect(await strayNumbers(page)).toEqual([]);
      }
    }
    expect(seen).toBeGreaterThan(60);
    expect(errors).toEqual([]);
  });
}

test('every figure on the list of plans is the one its own screen has', async ({ page }) => {
  await page.goto('/');
  const card = page.locator('[data-plan="pell-garth"]');
  await expect(card.locator('[data-sentence]')).toHaveText(
    'This coop carries 6 birds. You plan 14. The roosts hold it back.',
  );
  await expect(card.locator('[data-figure="coop.carries"]')).toHaveText('6');
  expect(await strayNumbers(page)).toEqual([]);
});

test('every figure on a screen opens its working under it, and shuts it again', async ({
  page,
}) => {
  await openPlan(page, 'pell-garth');
  for (const station of STATIONS) {
    await goTo(page, station);
    await there(page, station);
    const wrong = await page.evaluate(async () => {
      const frame = () => new Promise((r) => requestAnimationFrame(() => setTimeout(r)));
      const seen: string[] = [];
      const figures = [...document.querySelectorAll('[data-figure]')];
      for (const figure of figures) {
        const id = figure.getAttribute('data-figure') ?? '';
        const press = () => figure.dispatchEvent(new MouseEvent('click', { bubbles: true }));
        press();
        const working = () => document.querySelector(`[data-working="${id}"]`);
        for (let i = 0; i < 60 && !working(); i++) await frame();
        if (!working()?.textContent?.includes('Working')) seen.push(`${id} does not open`);
        press();
        for (let i = 0; i < 60 && document.querySelector('[data-working]'); i++) await frame();
        if (document.querySelector('[data-working]')) seen.push(`${id} does not shut`);
      }
      return figures.length > 3 ? seen : ['no figures'];
    });
    expect(wrong).toEqual([]);
  }
});
