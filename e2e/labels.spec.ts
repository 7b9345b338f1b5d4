import { expect, type Page, test } from '@playwright/test';
import { labelBoxes } from './hands';
import { openPlan } from './help';

/** What of the words beside a drawing touches another, or the drawing, or runs off the page. */
async function touching(page: Page): Promise<string[]> {
  const found: string[] = [];
  for (const { words, drawn, page: whole } of await labelBoxes(page)) {
    expect(words.length).toBeGreaterThan(0);
    words.forEach((one, i) => {
      const meets = (other: typeof one): boolean =>
        one.left < other.right - 1 &&
        other.left < one.right - 1 &&
        one.top < other.bottom - 1 &&
        other.top < one.bottom - 1;
      const on = [...words.slice(i + 1), ...drawn].filter(meets);
      if (on.length > 0)
        found.push(`${one.text} on ${on.map((o) => o.text || 'the drawing').join()}`);
      if (one.left < whole.left - 1 || one.right > whole.right + 1)
        found.push(`${one.text} is cut`);
    });
  }
  return found;
}

for (const width of [1280, 390]) {
  test(`at ${width} px no figure beside a drawing touches another, or the drawing`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    for (const id of ['pell-garth', 'osk-landing', 'tamar-roughed-out']) {
      await openPlan(page, id);
      if (width === 390) await page.locator('[data-door][data-station="roosts"]').click();
      for (const name of ['Front', 'Right', 'Rear', 'Left', 'Above']) {
        await page.getByRole('radio', { name, exact: true }).click();
        const picked = page.locator('svg[data-view] [data-fixture^="bar-"]').first();
        await picked.dispatchEvent('pointerdown');
        if (width === 1280) await expect(page.locator('[data-dimension]').first()).toBeAttached();
        expect([id, name, await touching(page)]).toEqual([id, name, []]);
      }
    }
  });
}

/** Coops that are roughed out to look at their labels: RANDOM_COOPS=50 looks at fifty. */
const COOPS = Number(process.env.RANDOM_COOPS ?? 4);
const FLOCKS = ['brown hens', 'Brahma', 'Leghorn', 'Pekin bantams', 'Sussex and 2 ducks', 'Marans'];

test(`in ${COOPS} coops roughed out for flocks of all kinds no figure touches another, or the drawing`, async ({
  page,
}) => {
  for (let i = 0; i < COOPS; i++) {
    const data = {
      birds: `${3 + ((i * 7) % 23)} ${FLOCKS[i % FLOCKS.length]}`,
      units: i % 2 === 0 ? 'imperial' : 'metric',
      climate: i % 3 === 0 ? 'hot-desert' : 'cold-continental',
      name: `Random ${i} of ${process.pid}`,
      space: null,
    };
    const made = await (await page.request.post('/api/rough', { data })).json();
    expect([data.birds, made.kind]).toEqual([data.birds, 'fits']);
    const own = { ...made.plan, id: `random-${process.pid}-${Date.now()}-${i}` };
    const { id } = await (await page.request.post('/api/plans', { data: own })).json();
    for (const [width, views] of [
      [1280, ['Front', 'Right', 'Above']],
      [390, ['Front']],
    ] as const) {
      await page.setViewportSize({ width, height: 800 });
      await openPlan(page, id);
      if (width === 390) await page.locator('[data-door][data-station="roosts"]').click();
      for (const name of views) {
        await page.getByRole('radio', { name, exact: true }).click();
        await page
          .locator('svg[data-view] [data-fixture^="bar-"]')
          .first()
          .dispatchEvent('pointerdown');
        expect([data.birds, width, name, await touching(page)]).toEqual([
          data.birds,
          width,
          name,
          [],
        ]);
      }
    }
  }
});
