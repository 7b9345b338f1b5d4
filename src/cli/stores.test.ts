import { newRain } from '@/core/edit/new/rain';
import { DAY, sample } from '@/core/tests/plans';
import { runIn as run } from './tests/inMemory';

const pell = sample('pell-garth');
const files = {
  'pell.json': JSON.stringify({ ...pell, rain: newRain(pell) }),
  'torn.json': '{"format":',
};

test('stores tells every figure of feed, water, rain and frost with its id', async () => {
  const { code, out } = await run(['stores', 'pell.json', '--on', DAY, '--json'], files);
  expect(code).toBe(0);
  const found = JSON.parse(out);
  const ids = found.figures.map((f: { id: string }) => f.id);
  expect(ids).toEqual(expect.arrayContaining(['feed.days', 'water.days', 'water.rain.roof']));
  expect(new Set(ids).size).toBe(ids.length);
  for (const { value } of found.figures) expect(Number.isFinite(value)).toBe(true);
  expect(found.rain['rain.reliability']).toBeGreaterThan(0.9);
  expect(found.rain.years).toHaveLength(30);
  expect(found.frost.dates.drainBy).toHaveLength(3);
  const ways = found.frost.drinkers.map((d: { id: string }) => d.id);
  expect(ways).toContain('rain-barrel');
  const plain = await run(['stores', 'pell.json', '--on', DAY], files);
  expect(plain.out).toMatch(/rain.reliability: [\d.]+ % of days/);
});

test('away tells how long, what ends it, and each limit by its id', async () => {
  const args = ['away', 'pell.json', '--from', '2027-07-01', '--to', '2027-07-12'];
  const { code, out } = await run([...args, '--json'], files);
  expect(code).toBe(0);
  const found = JSON.parse(out);
  expect(found.wanted).toBe(11);
  expect(found.limits.map((l: { id: string }) => l.id).sort()).toEqual(
    ['droppings', 'eggs', 'feed', 'frost', 'water'].map((l) => `away.${l}`),
  );
  const days = found.limits.map((l: { days: number | null }) => l.days ?? 11);
  expect(found.days).toBe(Math.min(...days, 11));
  const plain = await run(args, files);
  // The length, what ends it, the sentence that asks somebody to look in, and a line for each limit.
  expect(plain.out.split('\n').length).toBe(8);
});

test.each([
  [['away', 'pell.json'], 'Say the first day away'],
  [['away', 'pell.json', '--from', 'May', '--to', '2027-07-12'], 'May is not a day'],
  [['away', 'pell.json', '--from', '2027-07-12', '--to', '2027-07-12'], 'is not after leaving'],
  [['away', 'pell.json', '--from', '2027-01-01', '--to', '2027-12-01'], 'take a shorter time'],
  [['stores'], 'Name a plan file.'],
  [['strip', 'pell.json'], 'Say where the drawing goes'],
  [['strip', 'pell.json', '-o', 'a.svg'], 'A strip at full size is printed'],
  [['draw', 'pell.json', '--view', 'sitter', '-o', 'a.pdf'], 'Say the first day away'],
])('%j is told how it is said', async (args, why) => {
  const { code, err } = await run(args, files);
  expect(code).toBe(2);
  expect(err).toContain(why);
});

test.each([
  [['stores', 'torn.json'], 'torn.json is not a plan'],
  [['away', 'gone.json', '--from', '2027-07-01', '--to', '2027-07-02'], "gone.json can't be read"],
  [['strip', 'pell.json', '-o', 'a.pdf'], 'fixture is its id'],
  [['strip', 'pell.json', '--fixture', 'bar-1', '-o', 'a.pdf'], 'no holes round it'],
])('%j fails with the reason', async (args, why) => {
  const { code, err } = await run(args, files);
  expect(code).toBe(1);
  expect(err).toContain(why);
});
