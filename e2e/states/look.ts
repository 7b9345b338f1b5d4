import { expect, type Page } from '@playwright/test';
import { goTo, openPlan, ownPlan, there } from '../help';

/** Goes to a station of the open plan, and waits for all that comes after it: remedies, and what is measured first. */
export async function lookAt(page: Page, station: string): Promise<void> {
  await goTo(page, station);
  await there(page, station);
  const panel = page.locator('aside');
  const last = panel.locator('[data-finding]').last();
  if ((await last.count()) > 0) {
    await expect(last.locator('[data-remedy], [data-without]').first()).toBeVisible();
  }
}

/** Whose panel is opened, in a plan of its own. */
export async function atStation(page: Page, plan: string, id: string): Promise<void> {
  await openPlan(page, await ownPlan(page, plan));
  await goTo(page, id);
}
