import { flockByDay } from '../birds/flock';
import { aired } from '../tests/aired';
import { DAY } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { airYear, typicalHours } from './airYear';
import { hourTeller } from './explainHour';

test.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)(
  'an hour of %s told anew is the one that the year had',
  (id) => {
    const plan = aired(id);
    const climate = workClimate(plan.climate);
    if (!climate) throw new Error('it has a climate');
    const flock = flockByDay(plan, DAY);
    const weather = typicalHours(climate);
    const run = airYear(plan, flock, climate, weather);
    let step = run.next();
    while (!step.done) step = run.next();
    const year = step.value;
    const tell = hourTeller(plan, flock, climate, weather, year.calendar);
    // backwards and forwards: which hour was told before changes nothing
    for (const i of [8759, 0, 4000, 12, 3, 8000, 4001]) {
      const m = tell(i);
      expect(m.rh).toBeCloseTo(year.rh[i] ?? 0, 5);
      expect(m.tiC - m.outC).toBeCloseTo(year.riseK[i] ?? 0, 4);
      expect(m.hour).toBe(i % 24);
      const into = m.flows.reduce((sum, f) => sum + f.inLS, m.gaps.inLS);
      const out = m.flows.reduce((sum, f) => sum + f.outLS, m.gaps.outLS);
      expect(Math.abs(into - out)).toBeLessThan(1e-8 * into);
    }
  },
);
