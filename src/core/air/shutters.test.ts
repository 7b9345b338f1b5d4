import { flockByDay } from '../birds/flock';
import { aired, modelOf } from '../tests/aired';
import { DAY } from '../tests/plans';
import { badnessOf } from './badness';
import { tenderOf } from './indicators';
import { badWith, shutterCalendar, spellsOf, statesOf } from './shutters';
import { workYear } from './year';

describe.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)('the shutters of %s', (id) => {
  const plan = aired(id);
  const model = modelOf(plan);
  const tender = tenderOf(flockByDay(plan, DAY));
  const ids = ['v1', 'v2', 'w1'];
  const calendar = shutterCalendar(model, tender, ids, 'season');

  test('by season are never worse than all open or all shut', () => {
    expect(calendar.bad).toBeLessThanOrEqual(Math.min(calendar.badOpen, calendar.badShut));
    expect(calendar.spells.flatMap((s) => s.months).sort((a, b) => a - b)).toHaveLength(12);
  });

  test('by season are the best of all states that there are, each tried', () => {
    if (id === 'osk-landing') return;
    const bad = badWith(model, tender, ids);
    const least = spellsOf('season').map((spell) =>
      Math.min(...statesOf(3).map((shares) => bad(spell, shares))),
    );
    expect(calendar.spells.map((s) => s.bad)).toEqual(least);
  });

  if (id !== 'pell-garth') return;

  test('turned more often are never worse, and one opening after another finds as good', () => {
    const [monthly, daily] = (['month', 'day'] as const).map((o) =>
      shutterCalendar(model, tender, ids.slice(0, 2), o),
    );
    const seasonal = shutterCalendar(model, tender, ids.slice(0, 2), 'season');
    expect(monthly?.bad).toBeLessThanOrEqual(seasonal.bad);
    expect(daily?.bad).toBeLessThanOrEqual(monthly?.bad ?? 0);
    expect(monthly?.spells).toHaveLength(12);
    expect(daily?.spells).toHaveLength(24);
  });

  test('bad hours are those of a year worked whole', () => {
    const bad = badWith(model, tender, []);
    const columns = workYear(model);
    let sum = 0;
    for (let day = 0; day < 365; day += 3)
      for (let i = day * 24; i < (day + 1) * 24; i++)
        sum += 3 * badnessOf(model, columns, tender, i);
    const spells = spellsOf('season').reduce((total, s) => total + bad(s, []), 0);
    expect(spells).toBeCloseTo(sum, 6);
  });
});
