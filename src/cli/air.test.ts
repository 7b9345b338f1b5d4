import { sample } from '@/core/tests/plans';
import { workClimate } from '@/core/weather/climate';
import { generateHours } from '@/core/weather/hours';
import { weatherNormals } from '@/core/weather/normals';
import { writeEpw } from '@/formats/weather/epw';
import { fileOf } from '@/formats/weather/typicalYear';
import { runIn as run } from './tests/inMemory';

const files = {
  'osk.json': JSON.stringify(sample('osk-landing')),
  'nowhere.json': JSON.stringify({ ...sample('osk-landing'), climate: null }),
};
const ON = ['--on', '2026-11-24'];

test('one hour, with its flows and what is left of its balances', async () => {
  const hour = 'To=-10,RH=0.8,U=2,face=front,solar=0';
  const { code, out } = await run(['air', 'osk.json', '--hour', hour, '--json', ...ON], files);
  expect(code).toBe(0);
  const json = JSON.parse(out);
  expect(json.tiC).toBeGreaterThan(-10);
  const flows = json.openings.map((o: { flowKgS: number }) => o.flowKgS);
  expect(flows.some((f: number) => f > 0) && flows.some((f: number) => f < 0)).toBe(true);
  const into = flows.reduce((a: number, f: number) => a + Math.max(0, f), 0);
  expect(Math.abs(json.balance.massKgS)).toBeLessThan(1e-9 * into);
  expect(Math.abs(json.balance.heatW)).toBeLessThan(1e-6 * json.sensibleW);
  expect(Math.abs(json.balance.moistureKgS)).toBeLessThan(1e-15);
  // warmer with the sun in, cooler with half of the birds
  const warmth = async (more: string): Promise<number> =>
    JSON.parse(
      (await run(['air', 'osk.json', '--hour', `${hour},${more}`, '--json', ...ON], files)).out,
    ).tiC;
  expect(await warmth('solar=900')).toBeGreaterThan(json.tiC);
  expect(await warmth('inside=0.5')).toBeLessThan(json.tiC);
});

test('a year: what is needed and there, the months, and what shutting up would do', async () => {
  const { code, out } = await run(['air', 'osk.json', '--json', ...ON], files);
  expect(code).toBe(0);
  const json = JSON.parse(out);
  expect(json.months).toHaveLength(12);
  expect(json.there).toEqual({ alwaysM2: 0, allM2: 0 });
  expect(json.needed.summer.netM2).toBeGreaterThan(json.needed.winter.netM2);
  expect(json.lesson.shut.riseK).toBeGreaterThanOrEqual(json.lesson.kept.riseK);
});

test.each([
  ['To=warm', '--hour: To is warm. Use a number from -60 to 60.'],
  ['rain=3', '--hour: rain is not known. Use: face, To'],
  ['face=north', '--hour: face is north. Use one of: front, right, rear, left.'],
  ['To', '“To” is not name=value'],
])('--hour %s is wrong usage', async (hour, message) => {
  const { code, err } = await run(['air', 'osk.json', '--hour', hour], files);
  expect(code).toBe(2);
  expect(err).toContain(message);
});

test('a plan without a climate has no year, and says what to do', async () => {
  const { code, err } = await run(['air', 'nowhere.json'], files);
  expect(code).toBe(1);
  expect(err).toContain('Choose one under Air, or give one hour with --hour.');
});

test('a file of hours takes the place of the typical year; one that is broken says where', async () => {
  const climate = workClimate(sample('osk-landing').climate);
  if (!climate) throw new Error('Osk Landing has a climate');
  const epw = writeEpw(fileOf(generateHours(weatherNormals(climate), 1, 5), climate));
  const some = { ...files, 'osk.epw': epw, 'cut.epw': epw.slice(0, 90_000) };
  const typical = JSON.parse((await run(['air', 'osk.json', ...ON], some)).out);
  const own = JSON.parse((await run(['air', 'osk.json', '--weather', 'osk.epw', ...ON], some)).out);
  // The file's own months are those asked of, so the need is theirs and not the year's between.
  expect(own.needed).not.toEqual(typical.needed);
  expect(own.months).not.toEqual(typical.months);
  expect(own.months).toHaveLength(12);
  const cut = await run(['air', 'osk.json', '--weather', 'cut.epw', ...ON], some);
  expect(cut.code).toBe(1);
  expect(cut.err).toMatch(/Line \d+ has \d+ columns|It has \d+ rows of hours/);
  const gone = await run(['air', 'osk.json', '--weather', 'gone.epw', ...ON], some);
  expect(gone.err).toContain("gone.epw can't be read");
});
