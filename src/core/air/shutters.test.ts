import { flockByDay } from '../birds/flock';
import { aired, modelOf } from '../tests/aired';
import { DAY } from '../tests/plans';
import { badnessOf } from './badness';
import { spellsOf } from './shutterSpells';
import { badWith, shutterCalendar, shutterChanges, statesOf } from './shutters';
import { tenderOf } from './tender';
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

  test('by month no opening is turned for one month alone, and what is open in the cold is open in the warm', () => {
    const { spells } = shutterCalendar(model, tender, ids, 'month');
    ids.forEach((_, k) => {
      const shares = spells.map((s) => s.shares[k] ?? 0);
      const alone = shares.filter(
        (share, m) => share !== shares.at(m - 1) && share !== shares[(m + 1) % 12],
      );
      expect(alone).toEqual([]);
      const [january, july] = [shares[0] ?? 0, shares[6] ?? 0];
      expect(july).toBeGreaterThanOrEqual(january);
    });
  });

  if (id !== 'pell-garth') return;

  test('by month are never worse than all open or all shut, and by day and night than by season', () => {
    const monthly = shutterCalendar(model, tender, ids, 'month');
    expect(monthly.bad).toBeLessThanOrEqual(Math.min(monthly.badOpen, monthly.badShut));
    expect(monthly.spells).toHaveLength(12);
    // nobody goes out every month for one shutter
    expect(shutterChanges(monthly).length).toBeLessThanOrEqual(6);
    const [daily, seasonal] = (['day', 'season'] as const).map((o) =>
      shutterCalendar(model, tender, ['w1'], o),
    );
    expect(daily?.bad).toBeLessThanOrEqual(seasonal?.bad ?? 0);
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
