import { expect, type Page, test } from '@playwright/test';
import { STATIONS } from '@/core/kernel/station';
import { goTo, openPlan, there } from './help';

/** Most controls of a panel that are in view before anything is scrolled. */
const MOST = { desk: 30, phone: 14 } as const;
const WIDTHS = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;
const SAMPLES = ['pell-garth', 'tamar-flats', 'osk-landing', 'tamar-roughed-out'] as const;

/**
 * Tab stops of the panel whose middle lies in the window: a group of radios is one, and what is folded away, turned
 * off or not shown is none.
 */
const controlsInView = (page: Page): Promise<string[]> =>
  page.locator('aside').evaluate((panel) => {
    const stops = panel.querySelectorAll<HTMLElement>(
      'a[href], button, input, select, textarea, summary, [tabindex="0"], [role="radiogroup"]',
    );
    return [...stops]
      .filter((e) => {
        const group = e.parentElement?.closest(
          '[role="radiogroup"], [role="group"]:has([role="radio"])',
        );
        if (group && e.getAttribute('role') === 'radio') {
          return e === group.querySelector('[role="radio"]');
        }
        return (
          e.getAttribute('role') !== 'radiogroup' && e.tabIndex >= 0 && !e.matches(':disabled')
        );
      })
      .filter((e) => {
        const { left, right, top, bottom } = e.getBoundingClientRect();
        const [x, y] = [(left + right) / 2, (top + bottom) / 2];
        return (
          right > left &&
          bottom > top &&
          x > 0 &&
          y > 0 &&
          x < innerWidth &&
          y < innerHeight &&
          e.checkVisibility()
        );
      })
      .map(
        (e) =>
          e.getAttribute('aria-label') ??
          (e as HTMLInputElement).labels?.[0]?.textContent ??
          e.textContent ??
          '',
      );
  });

for (const id of SAMPLES) {
  test(`the panels of ${id} are short at first sight, with their worst finding open`, async ({
    page,
  }) => {
    const over: string[] = [];
    for (const [name, viewport] of Object.entries(WIDTHS)) {
      await page.setViewportSize(viewport);
      await openPlan(page, id);
      for (const station of STATIONS) {
        const back = page.getByRole('button', { name: 'Staves' });
        if (name === 'phone' && (await back.isVisible())) await back.click();
        await goTo(page, station);
        await there(page, station);
        const worst = page.locator('aside [data-finding] > button').first();
        if ((await worst.count()) > 0 && (await worst.getAttribute('aria-pressed')) !== 'true')
          await worst.click();
        await page.locator('aside').evaluate((e) => e.scrollTo(0, 0));
        await page.evaluate(() => document.querySelector('main')?.scrollTo(0, 0));
        const seen = await controlsInView(page);
        if (seen.length > MOST[name as keyof typeof MOST]) {
          over.push(`${station}, ${name}: ${seen.length}: ${seen.join(' | ')}`);
        }
      }
    }
    expect(over).toEqual([]);
  });
}
