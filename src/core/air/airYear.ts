import type { FlockByDay } from '../birds/flock';
import type { Plan } from '../model/schema';
import type { Climate } from '../weather/climate';
import { DAY_HOURS, generateHours, type WeatherHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { heatIndexOf, type MonthAir, monthsOfAir, tenderOf } from './indicators';
import { type ShutLesson, shutLesson } from './lesson';
import { type ShutterCalendar, shutterCalendar } from './shutters';
import { stepperOf, workHours, yearColumns } from './year';
import { type Keeping, yearModel } from './yearModel';

/** A year of a coop's air, with its openings as the calendar has them. */
export interface AirYear {
  readonly calendar: ShutterCalendar;
  readonly months: readonly MonthAir[];
  readonly lesson: ShutLesson;
  /** Openings that somebody made, shut or not. */
  readonly openings: number;
  /** A value an hour, for pictures. */
  readonly rh: Float32Array;
  readonly riseK: Float32Array;
  readonly heatC: Float32Array;
  readonly ammoniaPpm: Float32Array;
  readonly tender: ReturnType<typeof tenderOf>;
}

/** Weather of the typical year is always the same one. */
const TYPICAL_SEED = 1961;
/** Told after so many days. */
const CHUNK_DAYS = 30;

/** Hours of the climate's typical year. */
export const typicalHours = (climate: Climate): WeatherHours =>
  generateHours(weatherNormals(climate), 1, TYPICAL_SEED);

/** Openings of a plan that can be opened and shut. */
export const closableOf = ({ fixtures }: Pick<Plan, 'fixtures'>): string[] =>
  fixtures.flatMap((f) =>
    (f.kind === 'window' || f.kind === 'vent') && f.opens === 'closable' ? [f.id] : [],
  );

/** Openings before a calendar is known: what can be shut is shut, the birds' doors are open by day. */
const fixedOnly = (plan: Plan): Keeping['shares'] => {
  const kinds = new Map(plan.fixtures.map((f) => [f.id, f]));
  return (id, _, isNight) => {
    const f = kinds.get(id);
    if (f?.kind === 'popDoor') return isNight ? 0 : 1;
    return (f?.kind === 'window' || f?.kind === 'vent') && f.opens === 'open' ? 1 : 0;
  };
};

/**
 * Works a year: first when to have which opening open, month by month, then the year so kept.
 * @returns steps that tell how much is done, 0…1, and at the end the year
 */
export function* airYear(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  weather: WeatherHours = typicalHours(climate),
): Generator<number, AirYear> {
  const tender = tenderOf(flock);
  const fixed = fixedOnly(plan);
  const keeping = { shutIn: () => false, heaterW: 0 };
  yield 0.02;
  const first = yearModel(plan, flock, weather, { ...keeping, shares: fixed });
  const ids = closableOf(plan);
  yield 0.05;
  const calendar = shutterCalendar(first, tender, ids, 'month');
  yield 0.6;
  const model = yearModel(plan, flock, weather, {
    ...keeping,
    shares: (id, month, isNight) => {
      const k = ids.indexOf(id);
      return k < 0 ? fixed(id, month, isNight) : (calendar.spells[month]?.shares[k] ?? 0);
    },
  });
  const hours = weather.tempC.length;
  const columns = yearColumns(hours);
  const stepper = stepperOf(model);
  for (let from = 0; from < hours; from += CHUNK_DAYS * DAY_HOURS) {
    workHours(model, stepper, columns, from, Math.min(hours, from + CHUNK_DAYS * DAY_HOURS));
    yield 0.6 + (0.35 * from) / hours;
  }
  const index = heatIndexOf(model, columns);
  const coldest = climate.months.reduce(
    (best, m, i, all) => (m.minC < (all[best]?.minC ?? 0) ? i : best),
    0,
  );
  return {
    calendar,
    months: monthsOfAir(model, columns, tender, index),
    lesson: shutLesson(model, coldest),
    openings: model.house.openings.filter((o) => !o.leak).length,
    rh: Float32Array.from(columns.rh),
    riseK: Float32Array.from(columns.tiC, (t, i) => t - (weather.tempC[i] as number)),
    heatC: Float32Array.from(index),
    ammoniaPpm: Float32Array.from(columns.ammoniaPpm),
    tender,
  };
}
