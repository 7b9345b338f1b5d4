import { flockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import { aired } from '../tests/aired';
import { DAY, sample } from '../tests/plans';
import { workClimate } from '../weather/climate';
import type { DesignDay } from '../weather/designHours';
import { airDay } from './airDay';
import type { AirMoment } from './airMoment';

function dayOf(plan: Plan, which: DesignDay): AirMoment[] {
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('it has a climate');
  return airDay(plan, flockByDay(plan, DAY), climate, which);
}

describe.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)(
  'the air of a design day in %s',
  (id) => {
    const plan = aired(id);
    const climate = workClimate(plan.climate);

    test('what flows in flows out, in each hour', () => {
      for (const which of ['cold', 'hot'] as const)
        for (const m of dayOf(plan, which)) {
          const all = [...m.flows, m.gaps];
          const [into, out] = [
            all.reduce((sum, f) => sum + f.inLS, 0),
            all.reduce((sum, f) => sum + f.outLS, 0),
          ];
          expect(into).toBeGreaterThan(0);
          expect(Math.abs(into - out)).toBeLessThan(1e-8 * into);
        }
    });

    test('heat that comes in goes out, by the shell and with the air', () => {
      for (const m of dayOf(plan, 'cold')) {
        const gained = m.birdsW + m.sunW;
        const lost = (m.lossWK + m.airWK) * (m.tiC - m.outC);
        expect(Math.abs(gained - lost)).toBeLessThan(1e-6 * Math.max(1, gained));
      }
    });

    test('its coldest and its hottest hour are those that the house is sized by', () => {
      const [cold, hot] = [dayOf(plan, 'cold'), dayOf(plan, 'hot')];
      expect(Math.min(...cold.map((m) => m.outC))).toBeCloseTo(climate?.design.winterC ?? 0, 6);
      expect(cold[3]?.outC).toBeCloseTo(climate?.design.winterC ?? 0, 6);
      expect(hot[15]?.outC).toBeCloseTo(climate?.design.summerC ?? 0, 6);
      expect(cold.map((m) => m.hour)).toEqual(Array.from({ length: 24 }, (_, h) => h));
    });

    test('the window is shut in the cold and open in the heat; the birds’ doors are shut at night', () => {
      const flow = (m: AirMoment | undefined, f: string): number => {
        const one = m?.flows.find((x) => x.id === f);
        return (one?.inLS ?? 0) + (one?.outLS ?? 0);
      };
      expect(flow(dayOf(plan, 'cold')[3], 'w1')).toBe(0);
      expect(flow(dayOf(plan, 'hot')[15], 'w1')).toBeGreaterThan(0);
    });
  },
);

test('a coop with nothing open breathes through its gaps alone', () => {
  const [first] = dayOf(sample('pell-garth'), 'cold');
  expect(first?.flows).toEqual([]);
  expect(first?.gaps.inLS).toBeGreaterThan(0);
});

test('in still air the neutral level lies between the gaps at the foot and under the eaves', () => {
  const plan = sample('pell-garth');
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('it has a climate');
  const still = { ...climate, months: climate.months.map((m) => ({ ...m, windMS: 0 })) };
  for (const m of airDay(plan, flockByDay(plan, DAY), still, 'cold')) {
    expect(m.windMS).toBe(0);
    expect(m.neutralM).toBeGreaterThan(0.2);
    expect(m.neutralM).toBeLessThan(1.9);
  }
});
