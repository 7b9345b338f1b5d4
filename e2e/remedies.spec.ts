import { expect, test } from '@playwright/test';
import { assessByCli, goTo, openPlan, ownPlan, saved, takeOut, watchConsole } from './help';

test('Pell Garth is mended in the browser by remedies alone, within its shell, and every press is undone by one', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const errors = watchConsole(page);
  await openPlan(page, await ownPlan(page, 'pell-garth'));
  const before = (await takeOut(page)).text;

  // resting on a remedy draws it faintly, on the drawing and on the rail
  await goTo(page, 'roosts');
  const first = page.locator('[data-remedy]').first();
  await first.hover();
  await expect(page.locator('[data-ghost] rect').first()).toBeVisible();
  await expect(page.locator('[data-ghost-rail]').first()).toBeAttached();
  await page.mouse.move(5, 5);
  await expect(page.locator('[data-ghost]')).toHaveCount(0);

  let presses = 0;
  for (; presses < 12; presses++) {
    const worst = page.locator('[data-severity="harm"], [data-severity="short"]');
    let pressed = false;
    for (const station of ['roosts', 'nests', 'floor']) {
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
  const remedy = page.locator('[data-remedy]').first();
  await expect(remedy).toBeVisible();
  const words = (await remedy.textContent()) ?? '';
  await page.getByRole('application').focus();
  for (let i = 0; i < 6; i++) {
    if (await page.locator('button[aria-pressed="true"]', { hasText: 'Too little roost' }).count())
      break;
    await page.keyboard.press('f');
  }
  await expect(remedy).toBeVisible();
  await page.getByRole('application').focus();
  await page.keyboard.press('Enter');
  const said = page.locator('p.sr-only[role="status"]');
  await expect(said).toHaveText(/^(Lengthen|Add|Lay|Move|Raise)/);
  expect(words).toContain((await said.textContent()) ?? 'nothing');
  await saved(page);
});
