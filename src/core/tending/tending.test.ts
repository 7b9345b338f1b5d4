import { assess } from '../assess';
import { DAY, sample } from '../tests/plans';
import { awayOf } from './awayOf';
import { BARREL_ID, frostWays } from './frostWays';

test('what lasts is worked from the day of leaving: as many days, however long nobody comes back', () => {
  const plan = sample('pell-garth');
  const month = awayOf(plan, DAY, '2026-12-24');
  expect(month.wanted).toBe(30);
  expect(month.days).toBeGreaterThan(0);
  expect(month.days).toBeLessThan(30);
  const twoDays = awayOf(plan, DAY, '2026-11-26');
  expect(twoDays.wanted).toBe(2);
  expect(twoDays.days).toBe(Math.min(2, month.days));
  // without a feeder nothing is eaten from the first day on
  const none = { ...plan, fixtures: plan.fixtures.filter((f) => f.kind !== 'feeder') };
  expect(awayOf(none, DAY, '2026-12-24').days).toBe(0);
});

test('each drinker has its ways through the frost of its place, and the barrel with them where there is one', () => {
  const plan = sample('pell-garth');
  const ways = frostWays(plan, assess(plan, { on: DAY }));
  const drinkers = plan.fixtures.filter((f) => f.kind === 'drinker').map((f) => f.id);
  expect(ways.map((w) => w.id)).toEqual(plan.rain ? [...drinkers, BARREL_ID] : drinkers);
  for (const { options } of ways) expect(options.length).toBeGreaterThan(2);
});

test('without a climate nothing is known of frost', () => {
  const plan = { ...sample('pell-garth'), climate: null };
  expect(frostWays(plan, assess(plan, { on: DAY }))).toEqual([]);
});
