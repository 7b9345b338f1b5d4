import { assess } from '@/core/assess';
import { shippedClimate } from '@/core/edit/place';
import type { Plan } from '@/core/model/schema';
import { DAY, sample } from '@/core/tests/plans';
import { changedText } from './changed';
import { climateChoice, monthsText } from './climates';
import { measureRows } from './measures';

const plan = sample('pell-garth');
const judged = (p: Plan) => assess(p, { on: DAY });

test('what another climate changed is said in a line, in the plan’s units', () => {
  const hot = { ...plan, climate: shippedClimate('hot-desert', plan.climate) };
  expect(changedText(judged(plan), judged(hot), 'metric')).toMatch(
    /^The roosts carry 6 → 5; feed at most \d.* kg a day → .* kg a day; water at most .* L a day → .* L a day/,
  );
  expect(changedText(judged(plan), judged(hot), 'imperial')).toMatch(/gal a day → .* gal a day/);
  expect(changedText(judged(plan), judged(plan), 'metric')).toBe(
    'Nothing that is worked here changed.',
  );
});

test('findings that came and went are named, and counted after two', () => {
  const bare = { ...plan, fixtures: [] };
  expect(changedText(judged(plan), judged(bare), 'metric')).toMatch(
    /no longer found: “[^”]+”, “[^”]+” and \d+ more/,
  );
});

test('a climate is chosen by its type with its coldest and warmest month', () => {
  const months = Array.from({ length: 12 }, (_, m) => ({ meanC: m === 6 ? 20 : m }));
  expect(monthsText(months, 'metric')).toBe('Jan 0 °C, Jul 20 °C');
  expect(monthsText(months, 'imperial')).toBe('Jan 32 °F, Jul 68 °F');
  expect(climateChoice({ type: 'made up', months } as never, 'metric')).toBe(
    'made up (Jan 0 °C, Jul 20 °C)',
  );
});

test('measures say size and place as a tape has them, and from where', () => {
  const rows = measureRows(plan);
  expect(rows).toHaveLength(plan.fixtures.length);
  expect(rows.find((r) => r.name === 'Rear bar')).toEqual({
    name: 'Rear bar',
    size: '1.20 m long, 89 × 38 mm',
    place: '55 cm above the litter, 90 cm from the left, 1.94 m from the front, left to right',
  });
  expect(rows.find((r) => r.name === 'Window')?.place).toMatch(
    /^front wall, sill .* above the floor/,
  );
  const feet = measureRows({ ...plan, units: 'imperial' });
  expect(feet.find((r) => r.name === 'Rear bar')?.size).toMatch(/long, 2×4$/);
});
