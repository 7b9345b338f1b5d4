import { expect, test } from '@playwright/test';
import { assess } from '@/core/assess';
import { birdSize } from '@/core/birds/size';
import { parsePlanText } from '@/core/edit/parse';
import { DAY, openPlan, takeOut } from './help';

interface Bar {
  readonly x: number;
  readonly lengthM: number;
}

test.describe('the drawing is to scale', () => {
  for (const id of ['pell-garth', 'osk-landing']) {
    test(`birds of ${id} are drawn at their own length and height, to 1 %`, async ({ page }) => {
      await openPlan(page, id);
      const parsed = parsePlanText((await takeOut(page)).text);
      if (!parsed.ok) throw new Error('the file cannot be read');
      const { birds, figures } = assess(parsed.value, { on: DAY });
      for (const view of ['Front', 'Right', 'Rear', 'Left', 'Above']) {
        await page.getByRole('radio', { name: view }).click();
        const scale = Number(await page.locator('svg[data-scale]').getAttribute('data-scale'));
        const drawn = await page.locator('[data-bird]').evaluateAll((all) =>
          all.map((e) => {
            const { width, height } = (e as SVGGraphicsElement).getBBox();
            return {
              group: e.getAttribute('data-bird'),
              aspect: e.getAttribute('data-aspect'),
              width,
              height,
            };
          }),
        );
        expect(drawn).toHaveLength(birds.length);
        for (const { group, aspect, width, height } of drawn) {
          const length = figures.get(`flock.${group}.length`)?.value ?? 0;
          const size = birdSize((length / 0.32) ** 3);
          const across = aspect === 'profile' ? size.lengthM : size.widthM;
          const up = aspect === 'above' ? size.lengthM : size.headM;
          expect(Math.abs(width / scale / across - 1)).toBeLessThan(0.01);
          expect(Math.abs(height / scale / up - 1)).toBeLessThan(0.01);
        }
      }
    });
  }

  test('marks on the sticks stand as far apart as their difference times the scale', async ({
    page,
  }) => {
    await openPlan(page, 'pell-garth');
    const scale = Number(await page.locator('svg[data-scale]').getAttribute('data-scale'));
    const marks = (stick: string, axis: 'x1' | 'y1') =>
      page.locator(`${stick} [data-mark]`).evaluateAll(
        (all, at) =>
          all.map((e) => ({
            m: Number(e.getAttribute('data-mark-m')),
            px: Number(e.querySelector('[data-tick]')?.getAttribute(at)),
          })),
        axis,
      );
    for (const [stick, axis, sign] of [
      ['[data-stick]', 'y1', -1],
      ['[data-foot]', 'x1', 1],
    ] as const) {
      const all = await marks(stick, axis);
      expect(all.length).toBeGreaterThan(3);
      for (const a of all) {
        for (const b of all) expect(sign * (a.px - b.px)).toBeCloseTo((a.m - b.m) * scale, 3);
      }
    }
  });

  test('a bar and its mark stand at one height, and picking the row picks the drawing', async ({
    page,
  }) => {
    await openPlan(page, 'pell-garth');
    const top = await page
      .locator('[data-fixture="bar-1"] [data-pen="timber"]')
      .evaluate((e) => (e as SVGGraphicsElement).getBBox().y);
    const mark = page.locator('[data-stick] [data-mark^="stick.bar"] [data-tick]');
    expect(Number(await mark.getAttribute('y1'))).toBeCloseTo(top, 1);
    await page
      .locator('[data-row="bar-1"]')
      .getByLabel(/^Length/)
      .click();
    await expect(page.locator('[data-fixture="bar-1"]')).toHaveAttribute('data-picked', 'true');
    await page.locator('[data-fixture="bar-2"]').click();
    await expect(page.locator('[data-row="bar-2"]')).toHaveAttribute('data-picked', 'true');
  });

  test('a drawing as lines, read by the browser, has its bars where the plan has them, to 0.1 mm', async ({
    page,
  }) => {
    const { plan } = await (await page.request.get('/api/plans/osk-landing')).json();
    for (const [view, at] of [
      ['front', (b: Bar) => [b.x, b.lengthM]],
      ['above', (b: Bar) => [b.x, b.lengthM]],
      ['rear', (b: Bar) => [plan.shell.lengthM - b.x - b.lengthM, b.lengthM]],
    ] as const) {
      const answer = await page.request.post(`/api/drawings?view=${view}&format=svg&scale=1:10`, {
        data: plan,
      });
      expect(answer.headers()['content-type']).toContain('image/svg+xml');
      await page.goto('about:blank');
      await page.setContent(await answer.text());
      const drawn = await page.locator('#bars path').evaluateAll((all) =>
        all.map((e) => {
          const { x, y, width, height } = (e as SVGGraphicsElement).getBBox();
          return [x, width, y, height];
        }),
      );
      for (const bar of plan.fixtures.filter((f: { id: string }) => f.id.startsWith('bar-'))) {
        const [x, long] = at(bar).map((m) => m * 1000);
        const y = view === 'above' ? -1000 * (bar.y + bar.section.widthM / 2) : -1000 * bar.z;
        const same = drawn.some(
          (d) =>
            Math.abs((d[0] ?? 0) - (x ?? 0)) < 0.1 &&
            Math.abs((d[1] ?? 0) - (long ?? 0)) < 0.1 &&
            Math.abs((d[2] ?? 0) - y) < 0.1,
        );
        expect([view, bar.id, same]).toEqual([view, bar.id, true]);
      }
    }
  });
});
