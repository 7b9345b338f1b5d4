import type { FlockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { chanceOf } from '../weather/chance';
import type { Climate } from '../weather/climate';
import { DAY_HOURS, generateHours, YEAR_HOURS } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { overWaterPa, vapourPa } from '../weather/psychrometrics';
import { YEAR_DAYS } from '../weather/yearCurve';
import { planHouse } from './planHouse';
import { seasonShares } from './seasonShares';
import type { Reading } from './thermometer';
import { stepperOf } from './year';
import { yearModel } from './yearModel';

/** A real coop is leakier than it was built: so much more, in the simulated one. */
export const SIMULATED_LEAK_TIMES = 2.5;
/** What its thermometers are off by, K and share: as cheap ones are. */
const [NOISE_K, NOISE_RH] = [0.2, 0.02];
const SEED = 4711;

/**
 * Readings of a thermometer that stands in for a real one: the coop of the plan, leakier than built, in a year of its
 * climate, read once an hour. The same days always read the same.
 * @param fromDay  day of the year of the first, 0…364
 * @param days     how many days
 * @example        simulatedReadings(plan, flock, climate, 10, 2).length // 48
 */
export function simulatedReadings(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  fromDay: number,
  days: number,
): Reading[] {
  const weather = generateHours(weatherNormals(climate), 1, SEED);
  const leaky = { ...plan, shell: { ...plan.shell, leakTimes: SIMULATED_LEAK_TIMES } };
  const house = planHouse(leaky);
  const shares = [false, true].map((isNight) =>
    [false, true].map((isSummer) => seasonShares(leaky, house, isSummer, isNight).shares),
  );
  const model = yearModel(leaky, flock, weather, {
    shares: (id, month, isNight) => {
      const j = house.openings.findIndex((o) => o.id === id);
      const isSummer = (climate.months[month]?.meanC ?? 0) >= ruled('air.summer.above');
      return shares[isNight ? 1 : 0]?.[isSummer ? 1 : 0]?.[j] ?? 0;
    },
    shutIn: () => false,
    heaterW: 0,
  });
  const stepper = stepperOf(model);
  const { normal } = chanceOf(SEED + fromDay);
  const round = (x: number, digits: number): number => Number(x.toFixed(digits));
  return Array.from({ length: days * DAY_HOURS }, (_, k): Reading => {
    const i = (fromDay * DAY_HOURS + k) % YEAR_HOURS;
    const out = stepper.step(i);
    const air = weather.pressurePa[i] as number;
    const outC = weather.tempC[i] as number;
    const rh = (w: number, tempC: number): number =>
      round(
        Math.min(1, Math.max(0, vapourPa(w, air) / overWaterPa(tempC) + NOISE_RH * normal())),
        2,
      );
    return {
      dayOfYear: Math.floor(i / DAY_HOURS) % YEAR_DAYS,
      hour: i % DAY_HOURS,
      inC: round(out.tiC + NOISE_K * normal(), 1),
      outC: round(outC + NOISE_K * normal(), 1),
      inRh: rh(out.wIn, out.tiC),
      outRh: rh(weather.humRatio[i] as number, outC),
    };
  });
}
