import type { FlockByDay } from '../birds/flock';
import { birdsHeat, fullestDay } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import type { Climate } from '../weather/climate';
import { DAY_HOURS, generateHours, type WeatherHours } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import { bareOf } from './bare';
import { heatIndexOf, type MonthAir, monthsOfAir } from './indicators';
import { type ShutLesson, shutLesson } from './lesson';
import { type AirNeeds, airNeedsOf } from './needs';
import { isPanelled } from './panels';
import { shutInOf } from './shutIn';
import { type ShutterCalendar, shutterSearch } from './shutters';
import { tenderOf } from './tender';
import { stepperOf, workHours, yearColumns } from './year';
import { type Keeping, yearModel } from './yearModel';
import { yearNeeds } from './yearNeeds';

/** A year of a coop's air, with its openings as the calendar has them. */
export interface AirYear {
  readonly calendar: ShutterCalendar;
  readonly months: readonly MonthAir[];
  readonly lesson: ShutLesson;
  /** Areas by the first answer, and by all nights and hot hours of the year. */
  readonly first: AirNeeds;
  readonly refined: AirNeeds;
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

/** How the openings of a plan are kept: those that can be shut as the calendar has them. */
export const keptBy = (plan: Plan, { ids, spells }: ShutterCalendar): Keeping['shares'] => {
  const fixed = fixedOnly(plan);
  return (id, month, isNight) => {
    const k = ids.indexOf(id);
    return k < 0 ? fixed(id, month, isNight) : (spells[month]?.shares[k] ?? 0);
  };
};

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
  const keeping = { shutIn: shutInOf(plan, climate), heaterW: 0 };
  yield 0.02;
  const first = yearModel(plan, flock, weather, { ...keeping, shares: fixed });
  const ids = closableOf(plan);
  yield 0.05;
  const panelled = new Set(
    plan.fixtures.flatMap((f) =>
      (f.kind === 'window' || f.kind === 'vent') && isPanelled(f) ? [f.id] : [],
    ),
  );
  const search = shutterSearch(first, tender, ids, 'month', (k) => panelled.has(ids[k] ?? ''));
  let found = search.next();
  for (; !found.done; found = search.next()) yield 0.05 + 0.55 * found.value;
  const calendar = found.value;
  const model = yearModel(plan, flock, weather, {
    ...keeping,
    shares: keptBy(plan, calendar),
  });
  const hours = weather.tempC.length;
  const columns = yearColumns(hours);
  const stepper = stepperOf(model);
  for (let from = 0; from < hours; from += CHUNK_DAYS * DAY_HOURS) {
    workHours(model, stepper, columns, from, Math.min(hours, from + CHUNK_DAYS * DAY_HOURS));
    yield 0.6 + (0.35 * from) / hours;
  }
  const bare = bareOf(plan, birdsHeat(flock, fullestDay(flock)));
  const refined = yearNeeds(bare, weather, model.windTurnDeg);
  yield 0.98;
  const index = heatIndexOf(model, columns);
  const coldest = climate.months.reduce(
    (best, m, i, all) => (m.minC < (all[best]?.minC ?? 0) ? i : best),
    0,
  );
  return {
    calendar,
    months: monthsOfAir(model, columns, tender, index),
    lesson: shutLesson(model, coldest),
    first: airNeedsOf(bare, climate.hours),
    refined,
    openings: model.house.openings.filter((o) => !o.leak).length,
    rh: Float32Array.from(columns.rh),
    riseK: Float32Array.from(columns.tiC, (t, i) => t - (weather.tempC[i] as number)),
    heatC: Float32Array.from(index),
    ammoniaPpm: Float32Array.from(columns.ammoniaPpm),
    tender,
  };
}
