import { ruled } from '../rules/rules.data';
import { DAY_HOURS, YEAR_HOURS } from '../weather/hours';
import { wetBulbC } from '../weather/psychrometrics';
import { monthOfDay } from '../weather/yearCurve';
import { isDraughty } from './draughty';
import { isFrosty, type Tender } from './tender';
import type { YearColumns, YearModel } from './year';

/** Hours of one month, of the mean year, in which something is wrong. */
export interface MonthAir {
  readonly hours: number;
  /** Air at 85 % and more. */
  readonly damp: number;
  /** Water that condenses in the air, and how much of it, kg; dew on the roof. */
  readonly drips: number;
  readonly dripKg: number;
  readonly roofDew: number;
  readonly frost: number;
  readonly heatAlert: number;
  readonly heatDanger: number;
  readonly heatEmergency: number;
  readonly ammonia10: number;
  readonly ammonia25: number;
  readonly draught: number;
  /** Mean of inside less outside, K. */
  readonly riseK: number;
}

type Counted = { -readonly [K in keyof MonthAir]: number };

const MONTHS = 12;
/** So much more than saturation is water and not rounding, kg/s. */
const DRIPS_KG_S = 1e-9;

/**
 * Temperature and humidity as hens feel them, °C.
 * @param wetC  of a wet thermometer
 * @source      zulovich-1990: for laying hens
 * @example     heatIndexC(30, 20) // 26
 */
export const heatIndexC = (airC: number, wetC: number): number => 0.6 * airC + 0.4 * wetC;

/**
 * Warmth as hens feel it, °C: the same from the water in the air.
 * @param humRatioKgKg  water by dry air, kg/kg
 * @param pressurePa    Pa
 * @example             feltC(30, 0.01, 101325) // 25.8
 */
export const feltC = (airC: number, humRatioKgKg: number, pressurePa: number): number =>
  heatIndexC(airC, wetBulbC(airC, humRatioKgKg, pressurePa));

/** Heat index of each hour, °C. */
export function heatIndexOf({ weather }: YearModel, columns: YearColumns): Float64Array {
  return Float64Array.from(columns.tiC, (tiC, i) =>
    feltC(tiC, columns.humRatio[i] as number, weather.pressurePa[i] as number),
  );
}

/** What is wrong when, month by month, of the mean of the years worked. */
export function monthsOfAir(
  model: YearModel,
  columns: YearColumns,
  tender: Tender,
  index: Float64Array = heatIndexOf(model, columns),
): readonly MonthAir[] {
  const months = Array.from({ length: MONTHS }, emptyMonth);
  const { weather } = model;
  const years = columns.tiC.length / YEAR_HOURS;
  const damp = ruled('air.rh.most');
  for (let i = 0; i < columns.tiC.length; i++) {
    const m = months[monthOfDay(((i % YEAR_HOURS) / DAY_HOURS) | 0)] as Counted;
    const tiC = columns.tiC[i] as number;
    const rh = columns.rh[i] as number;
    const inDraught = isDraughty(model, columns, i);
    m.hours++;
    m.riseK += tiC - (weather.tempC[i] as number);
    if (rh >= damp) m.damp++;
    const drips = columns.condensedKgS[i] as number;
    if (drips > DRIPS_KG_S) {
      m.drips++;
      m.dripKg += drips * 3600;
    }
    m.roofDew += columns.roofDew[i] as number;
    if (inDraught) m.draught++;
    if (isFrosty(tender, tiC, rh, inDraught)) m.frost++;
    const felt = index[i] as number;
    const [alert, danger, emergency] = tender.heatC;
    if (felt >= emergency) m.heatEmergency++;
    else if (felt >= danger) m.heatDanger++;
    else if (felt >= alert) m.heatAlert++;
    const ppm = columns.ammoniaPpm[i] as number;
    if (ppm > ruled('air.ammonia.most')) m.ammonia25++;
    if (ppm > ruled('air.ammonia.target')) m.ammonia10++;
  }
  return months.map((m) => {
    const mean = emptyMonth();
    for (const key of COUNTED) mean[key] = m[key] / years;
    return { ...mean, riseK: m.hours === 0 ? 0 : m.riseK / m.hours };
  });
}

/** What is counted of a month, by its key. */
const COUNTED = [
  ...['hours', 'damp', 'drips', 'dripKg', 'roofDew', 'frost', 'draught', 'riseK'],
  ...['heatAlert', 'heatDanger', 'heatEmergency', 'ammonia10', 'ammonia25'],
] as readonly (keyof MonthAir)[];

const emptyMonth = (): Counted =>
  Object.fromEntries(COUNTED.map((key) => [key, 0])) as unknown as Counted;
