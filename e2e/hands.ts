import type { Locator, Page } from '@playwright/test';

/** The middle of a thing on the page, px. */
export async function middleOf(thing: Locator): Promise<readonly [number, number]> {
  const box = await thing.boundingBox();
  if (!box) throw new Error('nothing is drawn there');
  return [box.x + box.width / 2, box.y + box.height / 2];
}

/** Pixels to a metre of a drawing. */
export const scaleOf = async (page: Page, view: string): Promise<number> =>
  Number(await page.locator(`svg[data-view="${view}"]`).getAttribute('data-scale'));

/** Takes hold of a thing by the mouse, moves it so far over the page and, unless it is kept in hand, lets it go. */
export async function dragBy(
  page: Page,
  thing: Locator,
  [dx, dy]: readonly [number, number],
  inHand = false,
): Promise<void> {
  const [x, y] = await middleOf(thing);
  await page.mouse.move(x, y);
  await page.mouse.down();
  const steps = 8;
  for (let i = 1; i <= steps; i++) {
    await page.mouse.move(x + (dx * i) / steps, y + (dy * i) / steps);
  }
  if (!inHand) await page.mouse.up();
}

/**
 * The same by one finger.
 * @param meanwhile  what is looked at before it is lifted
 */
export async function touchDragBy(
  page: Page,
  thing: Locator,
  [dx, dy]: readonly [number, number],
  meanwhile?: () => Promise<void>,
): Promise<void> {
  const [x, y] = await middleOf(thing);
  const client = await page.context().newCDPSession(page);
  const send = (type: string, at?: readonly [number, number]): Promise<unknown> =>
    client.send('Input.dispatchTouchEvent', {
      type: type as 'touchStart',
      touchPoints: at ? [{ x: at[0], y: at[1] }] : [],
    });
  await send('touchStart', [x, y]);
  const steps = 8;
  for (let i = 1; i <= steps; i++) {
    await send('touchMove', [x + (dx * i) / steps, y + (dy * i) / steps]);
  }
  await meanwhile?.();
  await send('touchEnd');
  await client.detach();
}

/** Boxes of the words on a drawing, and of the drawing itself, px. */
export const labelBoxes = (page: Page) =>
  page.locator('[data-canvas]').evaluateAll((all) =>
    all.flatMap((canvas) => {
      const box = (e: Element) => {
        const { left, right, top, bottom } = e.getBoundingClientRect();
        return { left, right, top, bottom, text: e.textContent ?? '' };
      };
      const visible = (b: { left: number; right: number }) => b.right - b.left > 0;
      if (!visible(canvas.getBoundingClientRect())) return [];
      const words = [
        ...canvas.querySelectorAll('[data-stick] text, [data-foot] text, [data-dimension]'),
      ].map(box);
      const room = [...canvas.querySelectorAll('[data-item="shell"] [data-pen="wallEdge"]')].map(
        box,
      );
      const things = [...canvas.querySelectorAll('[data-fixture]')].map(box);
      return [{ words: words.filter(visible), drawn: [...room, ...things], page: box(canvas) }];
    }),
  );
