import { type AirYear, airYear } from '@/core/air/airYear';
import { planHouse } from '@/core/air/planHouse';
import { dayOf, type FlockByDay } from '@/core/birds/flock';
import { fullestDay } from '@/core/birds/flockHeat';
import type { Plan } from '@/core/model/schema';
import { airThere } from '@/core/stations/air/areas';
import type { Climate } from '@/core/weather/climate';
import type { WeatherHours } from '@/core/weather/hours';

/**
 * A coop's air through a year, for other programs: what it needs, what is there, what is wrong when, and when to have
 * which opening open: the year that the page works.
 * @param weather  left out: the typical year of its climate
 */
export function airJson(plan: Plan, flock: FlockByDay, climate: Climate, weather?: WeatherHours) {
  const fullest = fullestDay(flock);
  const { months, calendar, lesson, first, refined } = toTheEnd(
    airYear(plan, flock, climate, weather),
  );
  return {
    on: dayOf(flock, fullest),
    needed: first,
    refined,
    there: airThere(plan),
    uaWK: planHouse(plan).uaWK,
    months,
    shutters: calendar,
    lesson,
  };
}

function toTheEnd(run: Generator<number, AirYear>): AirYear {
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
  }
}
