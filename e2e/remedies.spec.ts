import { expect, test } from '@playwright/test';
import { assessByCli, goTo, openPlan, ownPlan, saved, takeOut, unfold, watchConsole } from './help';

test('Pell Garth is mended in the browser by remedies alone, within its shell, and every press is undone by one', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const before = (await takeOut(page)).text;

  // resting on a remedy draws it faintly, on the drawing and on the rail
  await goTo(page, 'roosts');
  const first = page.locator('[data-remedy]', { hasText: 'Lengthen' }).first();
  await first.hover();
  await expect(page.locator('[data-ghost] path').first()).toBeVisible();
  await expect(page.locator('[data-ghost-rail]').first()).toBeAttached();
  await page.mouse.move(5, 5);
  await expect(page.locator('[data-ghost]')).toHaveCount(0);

  let presses = 0;
  for (; presses < 16; presses++) {
    const worst = page.locator('[data-severity="harm"], [data-severity="short"]');
    let pressed = false;
    for (const station of ['roosts', 'nests', 'floor', 'feed', 'water', 'door', 'shell']) {
      await goTo(page, station);
      if ((await worst.count()) === 0) continue;
      const remedy = worst.first().locator('[data-remedy]').first();
      await expect(remedy).toBeVisible();
      await remedy.click();
      pressed = true;
      break;
    }
    if (!pressed) break;
  }
  expect(presses).toBeGreaterThan(1);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('You plan 14');
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('hold');
  await saved(page);
  const cli = assessByCli((await takeOut(page)).file);
  expect(cli.carries).toBeGreaterThanOrEqual(14);
  expect(
    (cli.findings as { code: string; severity?: string }[]).filter((f) => f.severity !== 'awkward'),
  ).toEqual([]);
  for (let i = 0; i < presses; i++) await page.getByRole('button', { name: 'Undo' }).click();
  expect((await takeOut(page)).text).toBe(before);
  await saved(page);
  expect(errors).toEqual([]);
});

test('without a mouse: the next finding, and Enter does its remedy', async ({ page }) => {
  await openPlan(page, await ownPlan(page, 'osk-landing'));
  await goTo(page, 'roosts');
  await expect(page.locator('[data-remedy]').first()).toBeVisible();
  await page.getByRole('application').focus();
  const picked = page.locator('[data-severity]', {
    has: page.locator('button[aria-pressed="true"]'),
  });
  // worst first, from station to station
  const walked: string[] = [];
  while (walked.length < 60 && !walked.at(-1)?.includes('Too few places within reach')) {
    const before = walked.at(-1);
    await page.keyboard.press('f');
    await expect.poll(() => picked.first().textContent()).not.toBe(before);
    walked.push((await picked.first().textContent()) ?? '');
  }
  expect(walked.length).toBeGreaterThan(3);
  const remedy = picked.locator('[data-remedy]').first();
  await expect(remedy).toBeVisible();
  const words = (await remedy.textContent()) ?? '';
  await page.keyboard.press('Enter');
  const said = page.locator('p.sr-only[role="status"]');
  await expect(said).toHaveText(/^(Lengthen|Add|Lay|Set|Put|Make|Take)/);
  expect(words).toContain((await said.textContent()) ?? 'nothing');
  await saved(page);
});

test('a remedy pressed with Enter leaves the focus in its panel, and Tab goes on from there', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'roosts');
  const panel = page.locator('[data-panel="roosts"]');
  // the shortfall that holds the coop back is the first told
  await expect(panel.locator('[data-finding]').first()).toHaveAttribute(
    'data-finding',
    'roosts.length.short',
  );
  await panel.locator('[data-remedy]').first().focus();
  await page.keyboard.press('Enter');
  await expect(panel.locator('h2')).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(panel.locator(':focus')).toHaveCount(1);
});

test('the cautions of a plan stand on one sheet, and it prints', async ({ page }) => {
  await openPlan(page, 'osk-landing');
  await goTo(page, 'brooder');
  const own = page.locator('aside').getByText('a heat lamp is the commonest cause of coop fires');
  await expect(own).toHaveCount(1);
  await page.getByRole('link', { name: 'All cautions of this plan, to print' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Take care: Osk Landing');
  for (const station of ['Flock', 'Shell', 'Roosts', 'Air', 'Feed', 'Litter', 'Brooder'])
    await expect(page.getByRole('heading', { level: 2, name: station })).toBeVisible();
  const lines = await page.locator('main li').allTextContents();
  expect(new Set(lines).size).toBe(lines.length);
  expect(lines.join(' ')).toContain('commonest cause of coop fires');

  await page.evaluate(() => {
    Object.assign(window, { printed: 0 });
    window.print = () => {
      (window as unknown as { printed: number }).printed++;
    };
  });
  await page.getByRole('button', { name: 'Print' }).click();
  expect(await page.evaluate(() => (window as unknown as { printed: number }).printed)).toBe(1);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('link', { name: 'Back to the plan' })).toBeHidden();
  await expect(page.locator('main li').first()).toBeVisible();
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await expect(page.locator('[data-ready]')).toBeVisible();
});

test('a school pressed moves its rail, and a remedy of any station changes what it says', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const rail = (station: string) =>
    page.locator(`li:has([data-station="${station}"]) [data-rail]`).getAttribute('data-length');
  const before = await rail('roosts');
  await goTo(page, 'roosts');
  // once the remedies have been found nothing above the schools moves any more
  await expect(page.locator('[data-found]').first()).toBeVisible();
  await page.getByText('Compare rules').first().click();
  await page.getByRole('radio', { name: 'huddled' }).hover();
  await expect(page.locator('[data-ghost-rail]').first()).toBeAttached();
  await page.getByRole('radio', { name: 'huddled' }).click();
  await expect.poll(() => rail('roosts')).not.toBe(before);

  // vents by hand: the air gets a rail, and what is short of it is told
  await goTo(page, 'air');
  await page.getByRole('button', { name: 'Add a vent', exact: true }).click();
  await expect(page.locator('li:has([data-station="air"]) [data-rail]')).toBeAttached();
  // as it is added it is enough; made narrow, it is told of
  await expect(page.getByRole('button', { name: /Too little air in winter/ })).toHaveCount(0);
  const width = page.locator('[data-row^="vent"]').getByLabel(/^Width/);
  await width.fill('20 cm');
  await width.press('Enter');
  await expect(page.getByRole('button', { name: /Too little air in winter/ })).toBeVisible();
  const vent = page.locator('[data-severity="short"]', { hasText: 'Too little air in winter' });
  await vent.locator('[data-remedy]').first().click();
  await expect(page.getByRole('button', { name: /Too little air in winter/ })).toHaveCount(0);

  // a new bedding is felt in the litter at once
  await goTo(page, 'litter');
  await unfold(page, 'How much of it');
  const weekly = page.locator('aside [data-figure="litter.weekly"]');
  const shavings = await weekly.textContent();
  await page.getByLabel(/^Bedding/).selectOption('hemp');
  await expect(weekly).not.toHaveText(shavings ?? '');
  await page.getByLabel(/^Planned for, at most/).fill('25 cm');
  await page.getByLabel(/^Planned for, at most/).press('Enter');
  await expect(page.locator('[data-pen="litterEnd"]')).toBeAttached();

  // reach: a hatch, and the floor out of reach is hatched from above
  await goTo(page, 'reach');
  await page.getByRole('button', { name: 'Add a hatch', exact: true }).click();
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await expect(page.locator('[data-pen="outOfReach"]')).toBeAttached();
  await page.getByRole('button', { name: 'Add a door', exact: true }).click();
  await expect(page.locator('[data-pen="outOfReach"]')).toHaveCount(0);
  await saved(page);
  expect(errors).toEqual([]);
});

test('a coop parted in two is shown zone by zone, and mended zone by zone', async ({ page }) => {
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  await goTo(page, 'shell');
  await unfold(page, 'Two zones');
  await page.getByRole('button', { name: 'Part it in two' }).click();
  await page.getByLabel(/^Stands at/).fill('2.00 m');
  await page.getByLabel(/^Stands at/).press('Enter');
  await page.getByRole('radio', { name: 'Above', exact: true }).click();
  await expect(page.locator('[data-pen="partition"]')).toBeAttached();
  // the pullets live beyond the mesh, where no bar stands yet
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Enter the roosts and the nests to see what this coop carries.',
  );
  const planned = page.locator('nav [data-figure="coop.planned"][data-bare]');
  await expect(planned).toHaveText('8');
  await page.getByRole('button', { name: 'Right', exact: true }).click();
  await expect(planned).toHaveText('6');
  await expect(page.locator('li:has([data-station="roosts"])')).toContainText('not entered');
  await page.getByRole('button', { name: 'Left', exact: true }).click();
  await goTo(page, 'nests');
  const harm = page.locator('[data-severity="harm"]');
  await expect(harm).toHaveCount(1);
  await harm.locator('[data-remedy]').first().click();
  await expect(harm).toHaveCount(0);
  await goTo(page, 'shell');
  await page.getByRole('button', { name: 'Take the partition out' }).click();
  await expect(planned).toHaveText('14');
  await saved(page);
  expect(errors).toEqual([]);
});
