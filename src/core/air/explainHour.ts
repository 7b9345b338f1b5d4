import type { FlockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import type { Climate } from '../weather/climate';
import { DAY_HOURS, type WeatherHours, YEAR_HOURS } from '../weather/hours';
import { type AirMoment, momentOf } from './airMoment';
import { keptBy } from './airYear';
import { shutInOf } from './shutIn';
import type { ShutterCalendar } from './shutters';
import { stepperOf } from './year';
import { yearModel } from './yearModel';

/**
 * Tells any hour of a year that was worked: an hour follows from the year's model alone, so it is worked once more
 * instead of having been kept.
 * @returns of the hour of the year, 0…8759: what a moment tells
 */
export function hourTeller(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  weather: WeatherHours,
  calendar: ShutterCalendar,
): (hourOfYear: number) => AirMoment {
  const model = yearModel(plan, flock, weather, {
    shares: keptBy(plan, calendar),
    shutIn: shutInOf(plan, climate),
    heaterW: 0,
  });
  const stepper = stepperOf(model);
  const { house, reach, roofDrop, states, stateOf } = model;
  const n = house.openings.length;
  return (hourOfYear) => {
    const out = stepper.step(hourOfYear);
    const row = (stateOf[hourOfYear % YEAR_HOURS] as number) * n;
    const shares = states.subarray(row, row + n);
    const isNight = (weather.sun.sinHeight[hourOfYear % YEAR_HOURS] as number) <= 0;
    const own = { house, shares, reach, roofDrop, topM: plan.shell.roof.highM };
    return momentOf(own, stepper.hour, out, { hour: hourOfYear % DAY_HOURS, isNight });
  };
}
