import { expect, type Page, test } from '@playwright/test';
import { openPlan, ownPlan, saved, takeOut, watchConsole } from './help';

const who = (page: Page) => page.getByLabel('1. Who will live in it?');
const made = async (page: Page): Promise<void> => {
  await expect(page.locator('[data-rough="done"]')).toBeVisible();
};

/** Answers the first question; what comes of it is waited for. */
async function birds(page: Page, text: string): Promise<void> {
  await expect(async () => {
    await who(page).fill(text);
    await expect(page.locator('[data-chip]').first()).toBeVisible({ timeout: 2000 });
  }).toPass();
  await made(page);
}

/** Whether the drawing shows a whole fit-out. */
async function isFittedOut(page: Page): Promise<void> {
  const drawing = page.locator('svg[data-view="above"]');
  for (const kind of ['bar', 'nests', 'pop-door', 'feeder', 'drinker', 'vent']) {
    await expect(drawing.locator(`[data-fixture^="${kind}-"]`).first()).toBeAttached();
  }
}

test('three answers, and a whole coop stands on the bench', async ({ page }) => {
  const errors = watchConsole(page);
  await page.goto('/');
  // the list to the questions: one press; three answers; one press more
  await page.getByRole('link', { name: 'Rough it out' }).click();
  await birds(page, '12 brown hens and a cock');
  await page.getByLabel('Shed').check();
  await page.getByLabel('3. What is the weather like?').selectOption('cold-continental');
  await made(page);
  await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText(
    /^They do not fit|You plan 13/,
  );
  await page.getByLabel('You tell me').check();
  await expect(page.locator('[data-sentence]')).toContainText('You plan 13');
  await made(page);
  await isFittedOut(page);
  await expect(page.locator('[data-why] li').first()).toContainText('A room of');
  // nothing runs off a desk's screen
  const over = await page.evaluate(() => [
    document.documentElement.scrollHeight - window.innerHeight,
    document.documentElement.scrollWidth - window.innerWidth,
  ]);
  expect(over).toEqual([0, 0]);
  await page.getByRole('button', { name: 'Take it to the bench' }).click();
  await expect(page.locator('[data-ready]')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('You plan 13');
  expect((await takeOut(page)).text).toContain('"kind": "nestBank"');
  expect(errors).toEqual([]);
});

/** What a practised person takes, s: for a key of a text, for a press with its look for it, and to think before one. */
const PACE = { key: 0.2, press: 1.1, think: 1.2 } as const;

test('at a person’s pace it takes less than twenty seconds from the list to an arranged coop', async ({
  page,
}) => {
  let seconds = 0;
  const pressed = (): void => {
    seconds += PACE.press + PACE.think;
  };
  await page.goto('/');
  await page.getByRole('link', { name: 'Rough it out' }).click();
  pressed();
  const text = '9 brown hens';
  await birds(page, text);
  // the field is pressed, then typed into
  pressed();
  seconds += text.length * PACE.key;
  await page.getByLabel('Shed').check();
  pressed();
  await page.getByLabel('3. What is the weather like?').selectOption('cold-continental');
  // a list is opened, and one of it is pressed
  pressed();
  pressed();
  await made(page);
  await page
    .getByRole('button', { name: /^(Take it to the bench|Make the room that large)$/ })
    .first()
    .click();
  pressed();
  expect(seconds).toBeLessThan(20);
});

test('by keyboard alone: from the list to a coop on the bench', async ({ page }) => {
  await page.goto('/');
  await expect(page.locator('[data-plan]').first()).toBeVisible();
  let keys = 0;
  const press = async (key: string): Promise<void> => {
    keys++;
    await page.keyboard.press(key);
  };
  const focused = (): Promise<string> =>
    page.evaluate(() => {
      const e = document.activeElement as HTMLInputElement | null;
      if (e === null || e === (document.body as HTMLElement)) return '';
      return `${e.textContent ?? ''} ${e.labels?.[0]?.textContent ?? ''}`;
    });
  for (let i = 0; i < 12 && !(await focused()).includes('Rough it out'); i++) await press('Tab');
  await press('Enter');
  await who(page).waitFor();
  for (let i = 0; i < 8 && !(await focused()).includes('Who will live'); i++) await press('Tab');
  await page.keyboard.type('6 brahma and 2 ducks');
  await made(page);
  await isFittedOut(page);
  // Enter in a question takes it to the bench
  await press('Enter');
  await expect(page.locator('[data-ready]')).toBeVisible();
  expect(keys).toBeLessThan(20);
});

test('on a phone the same stands in one column', async ({ browser }) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto('/rough');
  await birds(page, '5 bantams');
  await isFittedOut(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(
    0,
  );
  await page.getByRole('button', { name: /^More: Bantam/ }).click();
  await expect(who(page)).toHaveValue('6 bantams');
  await expect(page.locator('[data-sentence]')).toContainText('You plan 6');
  await page.getByRole('button', { name: 'Take it to the bench' }).click();
  await expect(page.locator('[data-ready]')).toBeVisible();
  await page.close();
});

test('what does not fit says what runs out and how large a room must be, and makes it so', async ({
  page,
}) => {
  await page.goto('/rough');
  await birds(page, '20 sussex');
  await page.getByLabel('Box on legs').check();
  await expect(page.getByText(/^They do not fit: the floor runs out first\./)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take it to the bench' })).toBeDisabled();
  await page.getByRole('button', { name: 'Make the room that large' }).click();
  await expect(page.locator('[data-sentence]')).toContainText('You plan 20');
});

test('what cannot be read is asked about, and what could be chosen instead is one press', async ({
  page,
}) => {
  await page.goto('/rough');
  await birds(page, '9 brown hens');
  await who(page).fill('9 brown hens and some horses');
  await expect(page.getByRole('alert').filter({ hasText: 'some horses' })).toBeVisible();
  await who(page).fill('9 brown hens');
  await made(page);
  const outside = page.getByRole('button', { name: 'Nests hung outside' });
  await outside.click();
  await expect(page.locator('[data-why]')).toContainText('hung outside');
  await page.getByRole('button', { name: 'As first proposed' }).click();
  await expect(page.locator('[data-why]')).not.toContainText('hung outside');
  // a server that does not answer is said, and nothing typed is lost
  await page.route('**/api/rough*', (route) => route.abort());
  await who(page).fill('11 brown hens');
  await expect(page.getByRole('alert').filter({ hasText: 'does not answer' })).toBeVisible();
  await expect(who(page)).toHaveValue('11 brown hens');
});

test('a coop that has only its shell is finished in one press, and undone by one', async ({
  page,
}) => {
  await openPlan(page, await ownPlan(page, 'tamar-flats'));
  const before = (await takeOut(page)).text;
  await page.getByRole('button', { name: 'Finish it for me' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('This coop carries 17 birds');
  await expect(page.getByRole('button', { name: 'Finish it for me' })).toHaveCount(0);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Finish it for me' })).toBeVisible();
  expect((await takeOut(page)).text).toBe(before);
});
