import { expect, test } from '@playwright/test';
import { CLIMATES } from '@/core/model/climates.data';
import { generateHours } from '@/core/weather/hours';
import { weatherNormals } from '@/core/weather/normals';
import { writeEpw } from '@/formats/weather/epw';
import { fileOf } from '@/formats/weather/typicalYear';
import { goTo, openPlan, ownPlan, saved, unfold, watchConsole } from './help';

const row = CLIMATES.find((c) => c.id === 'hot-desert');
if (!row) throw new Error('the climate is shipped');
const epw = writeEpw(
  fileOf(generateHours(weatherNormals(row), 1, 9), { ...row, name: 'Dry Reach' }),
);
const file = (name: string, text: string) => ({
  name,
  mimeType: 'text/plain',
  buffer: Buffer.from(text),
});

test('a weather file is refused with its reason, read, used, and the year worked from its hours', async ({
  page,
}) => {
  const errors = watchConsole(page);
  const id = await ownPlan(page, 'pell-garth');
  await openPlan(page, id);
  await goTo(page, 'air');
  const needed = page.locator('aside [data-figure="air.needed"]').first();
  await page.getByRole('button', { name: 'Add a vent', exact: true }).click();
  // the rail of each season, and how long it is
  const rail = page.locator('[data-seasons] [data-season=summer]').first();
  const length = async (): Promise<number> => Number(await rail.getAttribute('data-length'));
  await expect(rail).toBeAttached();
  const railBefore = await length();
  const before = (await needed.textContent()) ?? '';
  await page.getByRole('button', { name: 'Change the climate' }).click();
  const climate = page.getByRole('combobox', { name: /Climate/ }).first();
  await climate.selectOption({ label: 'a weather file, hour by hour…' });
  const input = page.getByLabel('Weather file to bring in');
  // half a year, and no year at all
  await input.setInputFiles(file('half.epw', epw.split('\r\n').slice(0, 4400).join('\r\n')));
  await expect(page.locator('[data-weather-file]').getByRole('alert')).toContainText(
    'It has 4392 rows of hours.',
  );
  await input.setInputFiles(file('notes.txt', 'Bought two vents and a hinge.'));
  await expect(page.locator('[data-weather-file]').getByRole('alert')).toContainText(
    'notes.txt was not taken.',
  );
  await expect(needed).toHaveText(before);
  await input.setInputFiles(file('dry-reach.epw', epw));
  await expect(page.locator('[data-read]')).toContainText('Dry Reach: a whole year of hours');
  await page.getByRole('button', { name: 'Use this weather' }).click();
  await expect(needed).not.toHaveText(before);
  // a hot dry year asks for more: the rail shrinks
  expect(await length()).toBeLessThan(railBefore);
  await expect(page.locator('[data-first-lesson]')).toContainText('On the hottest afternoons');
  await expect(page.locator('[data-changed]')).not.toBeEmpty();
  await saved(page);
  await unfold(page, 'Through the year');
  await page.getByRole('button', { name: 'Work out the year' }).click();
  await page.getByRole('button', { name: /See the year/ }).click();
  await expect(page.getByRole('dialog')).toContainText('from the hours of your weather file');
  await page.keyboard.press('Escape');
  // taken back, the rail goes back
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(needed).toHaveText(before);
  await page.getByRole('button', { name: /^Redo/ }).click();
  await saved(page);
  // a plan whose hours lie on another machine goes by their months, and says so
  await page.route('**/api/weather/*', (route) =>
    route.fulfill({ status: 404, contentType: 'application/problem+json', body: '{}' }),
  );
  await openPlan(page, id);
  await goTo(page, 'air');
  await page.getByRole('button', { name: 'Work out the year' }).click();
  await page.getByRole('button', { name: /See the year/ }).click();
  await expect(page.getByRole('dialog')).toContainText('its hours are not on this machine');
  expect(errors.filter((e) => !e.includes('404'))).toEqual([]);
});
