import type { BirdsHeat } from '../birds/flockHeat';
import { KELVIN } from '../kernel/units/physics.data';
import { DAY_HOURS, type WeatherHours, YEAR_HOURS } from '../weather/hours';
import { airDensity, overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { activity } from './activity';
import { type HourIn, type HourOut, type Solver, solverOf } from './hour';
import type { House } from './house';
import { roofC } from './shellHeat';

/** All that a year of a coop's air is worked from: made once, then only read. */
export interface YearModel {
  readonly house: House;
  readonly weather: WeatherHours;
  /** Wind at the eaves by that of the weather, 0…1. */
  readonly windShare: number;
  /** Added to the weather's wind direction, degrees: then it is clockwise from straight on to the front wall. */
  readonly windTurnDeg: number;
  /** Coefficients of the openings, a row a degree (`cpTable`). */
  readonly cp: Float64Array;
  /** Sun that comes in, W, and other heat, by the hour of the weather. */
  readonly sunW: Float64Array;
  readonly heaterW: number;
  /** Heat at 20 °C of those that live here, by the day of the year. */
  readonly birds: readonly BirdsHeat[];
  /** Share of them that is inside by day, 0…1, by the day of the year; at night all are. */
  readonly insideByDay: Float64Array;
  /** Shares of the openings in each state, a row of openings after another, and which state each hour of the year has. */
  readonly states: Float64Array;
  readonly stateOf: Uint8Array;
  /** By opening: how much of the speed in its face comes to the nearest sleeping bird, 0…1. */
  readonly reach: Float64Array;
  readonly ammonia: AmmoniaModel;
  /** Of the roof's skin: U × its inner resistance, 0…1. */
  readonly roofDrop: number;
}

/** How litter gives off ammonia. */
export interface AmmoniaModel {
  /** Of a hen of 2.2 kg at 20 °C, g a day. */
  readonly perHenG: number;
  /** Litter is never colder than this, °C; null: as the air. */
  readonly leastC: number | null;
}

/** Columns of a year, a value an hour. */
export interface YearColumns {
  readonly tiC: Float64Array;
  /** Over water, 0…1. */
  readonly rh: Float64Array;
  readonly humRatio: Float64Array;
  readonly airKgS: Float64Array;
  readonly condensedKgS: Float64Array;
  /** 1 where dew forms on the roof. */
  readonly roofDew: Uint8Array;
  readonly ammoniaPpm: Float64Array;
  /** Air speed at the sleeping birds, m/s. */
  readonly roostMS: Float64Array;
  readonly sensibleW: Float64Array;
  readonly latentW: Float64Array;
}

/** Works one hour of the model; what it returns is written anew by the next. */
export interface YearStepper {
  readonly step: (i: number) => HourOut;
  /** What the last step was worked from. */
  readonly hour: HourIn;
}

const RAD_STEP = 360;
const AMMONIA_G_MOL = 17.031;
const GAS = 8.314462;

/**
 * Empty columns for so many hours.
 * @example yearColumns(24).tiC.length // 24
 */
export const yearColumns = (hours: number): YearColumns => ({
  tiC: new Float64Array(hours),
  rh: new Float64Array(hours),
  humRatio: new Float64Array(hours),
  airKgS: new Float64Array(hours),
  condensedKgS: new Float64Array(hours),
  roofDew: new Uint8Array(hours),
  ammoniaPpm: new Float64Array(hours),
  roostMS: new Float64Array(hours),
  sensibleW: new Float64Array(hours),
  latentW: new Float64Array(hours),
});

/** A stepper of the model: an hour follows from the model alone, whichever was worked before. */
export function stepperOf(model: YearModel): YearStepper {
  const { house, weather, birds, insideByDay, states, stateOf, cp, sunW } = model;
  const n = house.openings.length;
  const solver: Solver = solverOf(house);
  const rows = Array.from({ length: n === 0 ? 0 : states.length / n }, (_, s) =>
    states.subarray(s * n, (s + 1) * n),
  );
  const busy = (['layer', 'meat'] as const).map((kind) =>
    [false, true].map((onPerch) =>
      Float64Array.from({ length: DAY_HOURS }, (_, h) => activity(h, kind, onPerch)),
    ),
  );
  const hour = {
    outC: 0,
    outW: 0,
    pressurePa: 0,
    windMS: 0,
    layerW: 0,
    meatW: 0,
    coldHeld: true,
    otherW: 0,
    litterKgS: 0,
  };
  const step = (i: number): HourOut => {
    const ofYear = i % YEAR_HOURS;
    const day = (ofYear / DAY_HOURS) | 0;
    const h = ofYear % DAY_HOURS;
    const isNight = (weather.sun.sinHeight[ofYear] as number) <= 0;
    const inside = isNight ? 1 : (insideByDay[day] as number);
    const living = birds[day] as BirdsHeat;
    const [layer, meat] = busy as [Float64Array[], Float64Array[]];
    hour.outC = weather.tempC[i] as number;
    hour.outW = weather.humRatio[i] as number;
    hour.pressurePa = weather.pressurePa[i] as number;
    hour.windMS = (weather.windMS[i] as number) * model.windShare;
    hour.layerW = living.layerW * inside * ((layer[isNight ? 1 : 0] as Float64Array)[h] as number);
    hour.meatW = living.meatW * inside * ((meat[isNight ? 1 : 0] as Float64Array)[h] as number);
    hour.otherW = (sunW[i] as number) + model.heaterW;
    const turned = Math.round((weather.windDeg[i] as number) + model.windTurnDeg) % RAD_STEP;
    const at = (turned < 0 ? turned + RAD_STEP : turned) * n;
    return solver.solve(hour, cp, at, rows[stateOf[ofYear] as number] as Float64Array);
  };
  return { step, hour };
}

/**
 * Works hours of a model into columns.
 * @param from, to  hours of the weather, the last left out
 */
export function workHours(
  model: YearModel,
  stepper: YearStepper,
  columns: YearColumns,
  from: number,
  to: number,
): void {
  const { weather, house, reach, roofDrop } = model;
  const n = house.openings.length;
  for (let i = from; i < to; i++) {
    const out = stepper.step(i);
    const air = weather.pressurePa[i] as number;
    const { tiC } = out;
    const vapour = vapourPa(out.wIn, air);
    const rh = vapour / overWaterPa(tiC);
    columns.tiC[i] = tiC;
    columns.humRatio[i] = out.wIn;
    columns.rh[i] = rh;
    columns.airKgS[i] = out.airKgS;
    columns.condensedKgS[i] = out.condensedKgS;
    columns.sensibleW[i] = out.sensibleW;
    columns.latentW[i] = out.latentW;
    const ofYear = i % YEAR_HOURS;
    const isNight = (weather.sun.sinHeight[ofYear] as number) <= 0;
    const outC = weather.tempC[i] as number;
    // dew: the roof's underside is colder than the air's dew point
    const underC = roofC(tiC, outC, roofDrop, isNight);
    columns.roofDew[i] = vapour > saturationPa(underC) ? 1 : 0;
    columns.ammoniaPpm[i] = ammoniaPpm(model, i, tiC, rh, out.airKgS, air);
    let fastest = 0;
    const state = (model.stateOf[ofYear] as number) * n;
    for (let j = 0; j < n; j++) {
      const share = reach[j] as number;
      if (share === 0) continue;
      const open = (model.states[state + j] as number) * (house.netM2[j] as number);
      if (open > 0) fastest = Math.max(fastest, (share * (out.inKgS[j] as number)) / open);
    }
    columns.roostMS[i] = fastest / airDensity(outC, air);
  }
}

/** Ammonia of the hour, ppm; half to double of it may be true. */
function ammoniaPpm(
  model: YearModel,
  i: number,
  tiC: number,
  rh: number,
  airKgS: number,
  airPa: number,
): number {
  const { perHenG, leastC } = model.ammonia;
  const { hens } = model.birds[((i % YEAR_HOURS) / DAY_HOURS) | 0] as BirdsHeat;
  if (hens === 0 || airKgS <= 0) return 0;
  const litterC = leastC === null ? tiC : Math.max(tiC, leastC);
  const damp = 0.5 + Math.min(1, Math.max(0, (rh - 0.6) / 0.25));
  const gS = ((hens * perHenG) / 86_400) * 1.07 ** (litterC - 20) * damp;
  const m3S = airKgS / airDensity(tiC, airPa);
  return ((gS / m3S / AMMONIA_G_MOL) * GAS * (tiC + KELVIN) * 1e6) / airPa;
}

/** Works all hours of a model's weather. */
export function workYear(model: YearModel): YearColumns {
  const hours = model.weather.tempC.length;
  const columns = yearColumns(hours);
  workHours(model, stepperOf(model), columns, 0, hours);
  return columns;
}

/** The first hour whose columns are no numbers; null where all are. */
export function firstBad(columns: YearColumns): number | null {
  const { tiC, rh, airKgS, condensedKgS, ammoniaPpm: ppm } = columns;
  for (let i = 0; i < tiC.length; i++) {
    const sum =
      (tiC[i] as number) +
      (rh[i] as number) +
      (airKgS[i] as number) +
      (condensedKgS[i] as number) +
      (ppm[i] as number);
    if (!Number.isFinite(sum)) return i;
  }
  return null;
}
