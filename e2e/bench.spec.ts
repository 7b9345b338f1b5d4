import { expect, test } from '@playwright/test';
import { dragBy, middleOf, scaleOf, touchDragBy } from './hands';
import { goTo, openPlan, ownPlan, saved, takeOut, watchConsole } from './help';

interface PlanFile {
  readonly fixtures: readonly {
    readonly id: string;
    readonly x: number;
    readonly y: number;
    readonly z: number;
    readonly lengthM: number;
    readonly kind: string;
    readonly wall?: string;
  }[];
}

test('a bar is dragged by the mouse: it clicks in at the rule, the finding goes and comes, and all of it is one step', async ({
  page,
}) => {
  const errors = watchConsole(page);
  const plan = await ownPlan(page, 'pell-garth');
  await openPlan(page, plan);
  await page.getByRole('radio', { name: 'Right' }).click();
  const bar = (id: string) => page.locator(`svg[data-view="right"] [data-fixture="${id}"]`);
  const nearWall = page.locator('[data-severity]', { hasText: 'Bar too near the wall' });
  await expect(nearWall).toBeVisible();
  // the edge of what is broken leads to its finding, and is under all that is taken hold of
  const edge = page.locator('[data-broken]').first();
  await edge.dispatchEvent('click');
  await expect(page.locator('[data-finding-key] button[aria-pressed="true"]')).toHaveCount(1);
  await page.locator('[data-broken]').first().dispatchEvent('click');
  await expect(page.locator('[data-finding-key] button[aria-pressed="true"]')).toHaveCount(0);
  const scale = await scaleOf(page, 'right');
  // the front bar out of the way first, so that the rear one has room
  await dragBy(page, bar('bar-2'), [-0.5 * scale, 0]);
  const [x, y] = await middleOf(bar('bar-1'));
  await dragBy(page, bar('bar-1'), [-0.24 * scale, 0], true);
  await expect(page.locator('[data-guide="rule"]')).toContainText('off the wall by the rule');
  await expect(nearWall).toHaveCount(0);
  // staves and panel have followed by now, and the hand still holds it
  await page.mouse.move(x - 0.6 * scale, y - 40);
  await expect(page.locator('[data-guide="rule"]')).toHaveCount(0);
  await page.mouse.move(x - 0.24 * scale, y);
  await expect(page.locator('[data-guide="rule"]')).toContainText('off the wall by the rule');
  await page.mouse.up();
  await expect(page.locator('[data-guide]')).toHaveCount(0);
  await saved(page);
  const dragged = JSON.parse((await takeOut(page)).text) as PlanFile;
  const rear = dragged.fixtures.find((f) => f.id === 'bar-1');
  expect(2.1 - (rear?.y ?? 0)).toBeCloseTo(0.38, 6);
  await page.keyboard.press('Control+z');
  await expect(nearWall).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-row="bar-2"] input.figures').nth(2)).toHaveValue('52 cm');
  await saved(page);
  expect(errors).toEqual([]);
});

test('an end is pulled, the rail grows meanwhile; Escape puts it back; a mark of the stick carries its bars along', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const carries = page
    .locator('li', { has: page.locator('[data-station="roosts"]') })
    .locator('[data-figure]')
    .first();
  await expect(carries).toHaveText('6');
  await page.locator('[data-view="front"] [data-fixture="bar-2"]').dispatchEvent('pointerdown');
  const scale = await scaleOf(page, 'front');
  const grip = page.locator('[data-grip="x-high"]');
  await dragBy(page, grip, [0.7 * scale, 0], true);
  await expect(carries).toHaveText('8');
  await page.keyboard.press('Escape');
  await expect(carries).toHaveText('6');
  await page.mouse.up();
  await expect(page.locator('[data-row="bar-2"] input.figures').first()).toHaveValue('1.20 m');
  await dragBy(page, grip, [0.7 * scale, 0]);
  await expect(carries).toHaveText('8');
  await saved(page);

  // both bars hang at one height: their mark moves both
  const mark = page.locator('[data-stick] [data-mark-moves="bar-1 bar-2"]');
  await expect(mark).toHaveAttribute('data-mark-m', '0.65');
  await dragBy(page, mark.locator('[data-tick]'), [0, -0.2 * scale]);
  await saved(page);
  const plan = JSON.parse((await takeOut(page)).text) as PlanFile;
  const heights = plan.fixtures.filter((f) => f.id.startsWith('bar-')).map((f) => f.z);
  expect(heights).toHaveLength(2);
  expect(heights[0]).toBe(heights[1]);
  expect(Math.abs((heights[0] ?? 0) - 0.85)).toBeLessThan(0.06);
  expect(plan.fixtures.find((f) => f.id === 'bar-2')?.lengthM).toBeGreaterThan(1.8);
  expect(errors).toEqual([]);
});

test('a mark of the foot stick carries its bars along; a window goes round the corner; the keeper walks the tree', async ({
  page,
}) => {
  const errors = watchConsole(page);
  const id = await ownPlan(page, 'pell-garth');
  await openPlan(page, id);
  const read = async () => {
    await saved(page);
    return (await (await page.request.get(`/api/plans/${id}`)).json()).plan as PlanFile;
  };
  const of = (plan: PlanFile, fixture: string) => plan.fixtures.find((f) => f.id === fixture);
  const before = await read();
  const scale = await scaleOf(page, 'front');
  const mark = page.locator('[data-foot] [data-mark-moves~="bar-1"]').first();
  const moved = (await mark.getAttribute('data-mark-moves'))?.split(' ') ?? [];
  await dragBy(page, mark.locator('[data-tick]'), [0.15 * scale, 0]);
  const along = await read();
  const by = moved.map((m) => (of(along, m)?.x ?? 0) - (of(before, m)?.x ?? 0));
  for (const m of by) expect(m).toBeCloseTo(by[0] ?? 0, 6);
  expect(by[0] ?? 0).toBeGreaterThan(0.08);

  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  const window = before.fixtures.find((f) => f.kind === 'window');
  if (!window) throw new Error('no window');
  const hole = page.locator(`svg[data-view="above"] [data-fixture="${window.id}"]`);
  const room = page.locator('[data-item="shell"] [data-pen="littered"]');
  const [from, floor] = [await middleOf(hole), await room.boundingBox()];
  if (!floor) throw new Error('no floor');
  const to = [floor.x + 4, floor.y + floor.height / 2] as const;
  await dragBy(page, hole, [to[0] - from[0], to[1] - from[1]]);
  expect(of(await read(), window.id)?.wall).toBe('left');

  // by key: down the tree to the second bar, which is then moved by arrows on the drawing
  await page.locator('[data-door]').first().focus();
  await page.keyboard.press('t');
  const tree = page.getByRole('tree', { name: 'Things in the coop' });
  await expect(tree).toBeVisible();
  const line = tree.getByRole('treeitem', { name: /^Front bar, .*carries \d/ });
  for (let i = 0; i < 30; i++) {
    if (await line.evaluate((e) => e === document.activeElement)) break;
    await page.keyboard.press(i === 0 ? 'Home' : 'ArrowDown');
  }
  await page.keyboard.press('Enter');
  await expect(tree).toHaveCount(0);
  await expect(page.locator('[data-fixture="bar-2"]')).toHaveAttribute('data-picked', 'true');
  await expect(page.getByRole('application')).toBeFocused();
  const said = page.locator('p[role="status"].sr-only');
  await page.keyboard.press('ArrowUp');
  await expect(said.last()).toHaveText(/^Front bar, .* from the .* wall; carries \d+$/);
  await saved(page);
  expect(errors).toEqual([]);
});

test('what would stand in something else stays where it was, with the reason, unless it is forced', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await page.getByRole('radio', { name: 'Above' }).click();
  const feeder = page.locator('[data-fixture="feeder-1"]');
  const drinker = page.locator('[data-fixture="drinker-1"]');
  const [from, to] = [await feeder.boundingBox(), await drinker.boundingBox()];
  if (!from || !to) throw new Error('nothing drawn');
  const way = [to.x - from.x + 6, to.y - from.y + 4] as const;
  await goTo(page, 'feed');
  const before = await feeder.boundingBox();
  await dragBy(page, feeder, way);
  const refused = page.locator('[data-refused]');
  await expect(refused).toContainText('stays where it was');
  await expect(refused).toContainText(/would stand in/);
  // but for the line round what is picked
  expect(Math.abs(((await feeder.boundingBox())?.x ?? 0) - (before?.x ?? 0))).toBeLessThan(2);
  await refused.getByRole('button', { name: 'Put it there all the same' }).click();
  await expect(refused).toHaveCount(0);
  expect(Math.abs(((await feeder.boundingBox())?.x ?? 0) - (before?.x ?? 0))).toBeGreaterThan(20);
  await saved(page);
  expect(errors).toEqual([]);
});

test('by keys: a bar is moved, made longer and told, views and cut are turned, a finding is looked at closely', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const said = page.locator('p[role="status"].sr-only');
  const drawing = page.getByRole('application');
  await drawing.focus();
  await page.keyboard.press('ArrowUp');
  await expect(said.last()).toHaveText(/Nothing is picked/);
  await page.keyboard.press('n');
  await expect(said.last()).toHaveText(/^Rear bar, 55 cm above the litter/);
  await page.keyboard.press('n');
  await expect(page.locator('[data-fixture="bar-2"]')).toHaveAttribute('data-picked', 'true');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(said.last()).toHaveText(
    /Front bar, 65 cm above the litter, 52 cm from the rear wall/,
  );
  await page.keyboard.press('}');
  await expect(page.locator('[data-row="bar-2"] input.figures').first()).toHaveValue('1.30 m');
  for (const view of ['right', 'rear', 'left', 'above', 'front']) {
    await page.keyboard.press('v');
    await expect(page.locator(`svg[data-view="${view}"]`)).toBeVisible();
    await drawing.first().focus();
  }
  const scale = await scaleOf(page, 'front');
  await page.keyboard.press('f');
  await page.keyboard.press('z');
  const view = page.locator('svg[data-view]');
  await expect
    .poll(async () => Number(await view.getAttribute('data-scale')))
    .toBeGreaterThan(scale * 1.2);
  await page.keyboard.press('0');
  await drawing.focus();
  await page.keyboard.press('b');
  await expect(page.locator('svg[data-view]')).toHaveCount(2);
  await expect(drawing.first()).toBeFocused();
  // cut beyond the front bar, only the rear one is drawn in the section, and both in the plan
  for (let i = 0; i < 17; i++) await page.keyboard.press('.');
  const section = page.locator('svg[data-view]').first();
  await expect(page.locator('[data-cut-line]')).toHaveCount(1);
  await expect(section.locator('[data-fixture]')).not.toHaveCount(
    await page.locator('svg[data-view="above"] [data-fixture]').count(),
  );
  await saved(page);
  expect(errors).toEqual([]);
});

test('a coop is arranged: a pinned feeder stays, the second answer is taken, and undone by one', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const before = JSON.parse((await takeOut(page)).text) as PlanFile;
  await goTo(page, 'feed');
  await page.getByRole('button', { name: 'Pin Hanging tube' }).click();
  await page.getByRole('button', { name: 'Arrange it for me' }).click();
  const answers = page.locator('[data-arrangement]');
  await expect(page.locator('[data-arrange="done"]')).toBeVisible({ timeout: 600_000 });
  await expect(answers).toHaveCount(3);
  await answers.nth(1).getByRole('button').hover();
  await expect(page.locator('[data-ghost] path').first()).toBeAttached();
  await answers.nth(1).getByRole('button').click();
  await expect(page.locator('[data-arrange]')).toHaveCount(0);
  await saved(page);
  const after = JSON.parse((await takeOut(page)).text) as PlanFile;
  const of = (plan: PlanFile, id: string) => plan.fixtures.find((f) => f.id === id);
  expect(of(after, 'feeder-1')).toEqual(of(before, 'feeder-1'));
  expect(after.fixtures).not.toEqual(before.fixtures);
  await page.keyboard.press('Control+z');
  await saved(page);
  const again = JSON.parse((await takeOut(page)).text) as PlanFile;
  expect(again.fixtures).toEqual(before.fixtures);
  expect(errors).toEqual([]);
});

test('on a phone a bar is dragged by a finger, and its grip is large enough for one', async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await page.locator('[data-door][data-station="roosts"]').click();
  const bar = page.locator('svg[data-view] [data-fixture="bar-2"]');
  await bar.dispatchEvent('pointerdown');
  const grip = page.locator('[data-grip]').first();
  const size = await grip.locator('circle').first().boundingBox();
  expect(size?.width ?? 0).toBeGreaterThanOrEqual(44);
  const scale = await scaleOf(page, 'front');
  await touchDragBy(page, bar, [0, -0.3 * scale], async () => {
    // what the finger hides is seen in a glass over it
    const glass = await page.locator('[data-loupe] circle').last().boundingBox();
    const drawing = await page.locator('[data-canvas]').boundingBox();
    expect(glass?.width ?? 0).toBeGreaterThan(100);
    expect(glass?.y ?? 0).toBeGreaterThanOrEqual((drawing?.y ?? 0) - 1);
  });
  await expect(page.locator('[data-loupe]')).toHaveCount(0);
  await saved(page);
  const field = page.locator('[data-row="bar-2"] input.figures').nth(1);
  await expect(field).not.toHaveValue('55 cm');
  expect(errors).toEqual([]);
  await context.close();
});
