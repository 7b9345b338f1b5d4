import type { FlockByDay } from '../birds/flock';
import { type BirdsHeat, birdsHeat } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Climate } from '../weather/climate';
import { dryCloud, type WeatherNormals } from '../weather/days';
import { DAY_HOURS } from '../weather/hours';
import { weatherNormals } from '../weather/normals';
import {
  humRatio,
  overWaterPa,
  pressurePa,
  saturationPa,
  vapourPa,
} from '../weather/psychrometrics';
import { globalWM2, sunAt } from '../weather/sun';
import { monthOfDay } from '../weather/yearCurve';
import { bareOf, hourIn, withInside } from './bare';
import { type HourIn, solverOf } from './hour';
import { planHouse } from './planHouse';
import { seasonShares } from './seasonShares';
import { cpOfWind } from './windPressure';

/** What a thermometer in the coop, and one outdoors, read at one hour. */
export interface Reading {
  /** Day of the year, 0…364, and hour by the clock, 0…24. */
  readonly dayOfYear: number;
  readonly hour: number;
  readonly inC: number;
  readonly outC: number;
  /** Over water, 0…1; null where it was not read. */
  readonly inRh: number | null;
  readonly outRh: number | null;
}

/** A coop worked for the hours of some readings. */
export interface Laid {
  readonly tiC: Float64Array;
  /** Over water, 0…1. */
  readonly rh: Float64Array;
  readonly misfit: Misfit;
}

/** How far worked and read lie apart, as the root of the mean square. */
export interface Misfit {
  readonly tempK: number;
  /** Null where no humidity was read. */
  readonly rh: number | null;
}

/** Readings laid over the coop as the plan has it, and with the gaps that fit them best. */
export interface Fitted {
  readonly asPlanned: Laid;
  readonly asFitted: Laid;
  /** Its gaps by those of its build. */
  readonly leakTimes: number;
  /** Whether other gaps come closer by anything that a thermometer tells. */
  readonly isBetter: boolean;
  readonly isSummer: boolean;
}

/** Gaps that are tried, by those of the build. */
const [LEAST_TIMES, MOST_TIMES, ROUNDS] = [0.1, 20, 40];
/** A kelvin and so much humidity are as bad. */
const RH_A_KELVIN = 0.05;
/** Closer by less than this is no closer, of the misfit. */
const TELLING = 0.05;
const GOLDEN = (Math.sqrt(5) - 1) / 2;
/** A sky of which nothing is known is as the month's dry days have it; wind swings as generated hours do. */
const [WARMEST_H, WIND_SWING] = [15, 0.3];

/**
 * Lays readings over the hours worked for the same weather outdoors, the birds of today and the wind and sun of the
 * month, and fits the one thing that nobody can measure: how leaky the coop is.
 * @throws RangeError where there is no reading
 */
export function fitLeakage(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  readings: readonly Reading[],
): Fitted {
  if (readings.length === 0) throw new RangeError('there is no reading to fit');
  const normals = weatherNormals(climate);
  const birds = birdsHeat(flock, 0);
  const isSummer =
    readings.reduce((sum, r) => sum + r.outC, 0) / readings.length >= ruled('air.summer.above');
  const laidWith = (leakTimes: number): Laid =>
    layOver({ ...plan, shell: { ...plan.shell, leakTimes } }, birds, normals, readings, isSummer);
  const asPlanned = laidWith(plan.shell.leakTimes);
  const badness = (logTimes: number): number => badnessOf(laidWith(Math.exp(logTimes)).misfit);
  const leakTimes = Math.exp(least(badness, Math.log(LEAST_TIMES), Math.log(MOST_TIMES)));
  const asFitted = laidWith(leakTimes);
  const isBetter = badnessOf(asFitted.misfit) < (1 - TELLING) ** 2 * badnessOf(asPlanned.misfit);
  return { asPlanned, asFitted, leakTimes, isBetter, isSummer };
}

const badnessOf = ({ tempK, rh }: Misfit): number =>
  tempK ** 2 + (rh === null ? 0 : (rh / RH_A_KELVIN) ** 2);

/** Where a function of one hollow is least, by the golden section. */
function least(of: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [atA, atB] = [of(a), of(b)];
  for (let i = 0; i < ROUNDS && high - low > 1e-3; i++) {
    if (atA < atB) {
      [high, b, atB] = [b, a, atA];
      a = high - GOLDEN * (high - low);
      atA = of(a);
    } else {
      [low, a, atA] = [a, b, atB];
      b = low + GOLDEN * (high - low);
      atB = of(b);
    }
  }
  return (low + high) / 2;
}

function layOver(
  plan: Plan,
  birds: BirdsHeat,
  normals: WeatherNormals,
  readings: readonly Reading[],
  isSummer: boolean,
): Laid {
  const house = planHouse(plan);
  const solver = solverOf(house);
  const cp = cpOfWind(plan, house);
  const [tiC, rh] = [new Float64Array(readings.length), new Float64Array(readings.length)];
  let [squares, rhSquares, rhCount] = [0, 0, 0];
  readings.forEach((r, i) => {
    const { hour, isNight } = hourOfReading(plan, birds, normals, r);
    const out = solver.solve(hour, cp, 0, seasonShares(plan, house, isSummer, isNight).shares);
    tiC[i] = out.tiC;
    rh[i] = vapourPa(out.wIn, hour.pressurePa) / overWaterPa(out.tiC);
    squares += (out.tiC - r.inC) ** 2;
    if (r.inRh === null) return;
    rhSquares += ((rh[i] ?? 0) - r.inRh) ** 2;
    rhCount++;
  });
  return {
    tiC,
    rh,
    misfit: {
      tempK: Math.sqrt(squares / readings.length),
      rh: rhCount === 0 ? null : Math.sqrt(rhSquares / rhCount),
    },
  };
}

/** The hour that a reading was taken in: outdoors as read, the rest as the month has it. */
function hourOfReading(
  plan: Plan,
  birds: BirdsHeat,
  normals: WeatherNormals,
  { dayOfYear, hour, outC, outRh }: Reading,
): { readonly hour: HourIn; readonly isNight: boolean } {
  const month = monthOfDay(dayOfYear);
  const sun = sunAt(dayOfYear, hour, normals.latitudeDeg);
  const isNight = sun.sinHeight <= 0;
  const air = pressurePa(normals.altitudeM);
  const vapour = (outRh ?? normals.rh[month] ?? 0) * overWaterPa(outC);
  const wave = Math.cos((2 * Math.PI * (hour - WARMEST_H)) / DAY_HOURS);
  const whole = hourIn(
    bareOf(plan, birds),
    {
      month,
      hour,
      outC,
      outW: humRatio(Math.min(vapour, saturationPa(outC)), air),
      pressurePa: air,
      windMS: (normals.windMS[month] ?? 0) * (1 + WIND_SWING * wave),
      globalWM2: globalWM2(sun.sinHeight, dryCloud(normals, month, DAY_HOURS / 2)),
      sinHeight: sun.sinHeight,
      azimuthDeg: sun.azimuthDeg,
    },
    isNight,
  );
  return { isNight, hour: withInside(whole, isNight ? 1 : ruled('air.inside.day')) };
}
