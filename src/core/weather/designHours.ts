import { ruled } from '../rules/rules.data';
import { daylightHours } from './daylight';
import { dryCloud, type WeatherNormals } from './days';
import { type DesignTemperatures, designTemperatures } from './generator';
import { humRatio, overWaterPa, pressurePa, saturationPa } from './psychrometrics';
import { globalWM2, sunAt } from './sun';
import { monthStart } from './yearCurve';

/** One hour that a house is sized by. */
export interface DesignHour {
  readonly month: number;
  /** Hour of the day by the sun. */
  readonly hour: number;
  readonly outC: number;
  readonly outW: number;
  readonly pressurePa: number;
  /** At 10 m in the open, m/s. */
  readonly windMS: number;
  /** Sun on level ground, W/m², the sine of its height, and where it stands, degrees clockwise from north. */
  readonly globalWM2: number;
  readonly sinHeight: number;
  readonly azimuthDeg: number;
}

/** The coldest hour of the design night, and the hottest of the design day. */
export interface DesignHours {
  readonly night: DesignHour;
  readonly day: DesignHour;
}

const [COLDEST_H, HOTTEST_H] = [3, 15];
const WIND_SWING = 0.3;

/**
 * The hours that a house is sized by: the coldest of a night that one in fifty of the coldest month passes, the hottest
 * of a day that one in fifty of the hottest passes, with that month's damp, wind and, by day, the sun of a dry day.
 * @source domain notes, "Weather": design values
 */
export function designHours(
  normals: WeatherNormals,
  design: DesignTemperatures = designTemperatures(normals),
): DesignHours {
  return {
    night: calmer(hourOf(normals, coldestOf(normals), COLDEST_H, design.winterC)),
    day: hourOf(normals, hottestOf(normals), HOTTEST_H, design.summerC),
  };
}

/** The day whose night is the coldest, or whose afternoon is the hottest. */
export type DesignDay = 'cold' | 'hot';

/**
 * The hours of the design day, 0 to 23 by the sun: its coldest, or hottest, is that which a house is sized by.
 * @example designDay(normals, { winterC: -20, summerC: 30 }, 'hot')[15].outC // 30
 */
export function designDay(
  normals: WeatherNormals,
  design: DesignTemperatures,
  which: DesignDay,
): DesignHour[] {
  const cold = which === 'cold';
  const month = cold ? coldestOf(normals) : hottestOf(normals);
  const half = halfOf(normals, month);
  const mean = cold ? design.winterC + half : design.summerC - half;
  return Array.from({ length: 24 }, (_, h) => {
    const hour = hourOf(normals, month, h, mean + half * waveOf(h));
    return cold ? calmer(hour) : hour;
  });
}

const coldestOf = ({ minC }: WeatherNormals): number => minC.indexOf(Math.min(...minC));
const hottestOf = ({ maxC }: WeatherNormals): number => maxC.indexOf(Math.max(...maxC));

/** Still nights are the damp ones. */
const calmer = (night: DesignHour): DesignHour => ({
  ...night,
  windMS: night.windMS * ruled('air.design.calm'),
});

/**
 * The night hours of a month's middle day, by the month's means.
 * @param month  0…11
 * @example      nightHours(normals, 0).length // 15
 */
export function nightHours(normals: WeatherNormals, month: number): DesignHour[] {
  const half = halfOf(normals, month);
  const mean = ((normals.minC[month] ?? 0) + (normals.maxC[month] ?? 0)) / 2;
  return Array.from({ length: 24 }, (_, h) =>
    hourOf(normals, month, h, mean + half * waveOf(h)),
  ).filter(({ sinHeight }) => sinHeight <= 0);
}

/**
 * The warmest hour of a month's middle day, by the month's means.
 * @param month  0…11
 * @example      hottestHour(normals, 6).hour // 15
 */
export const hottestHour = (normals: WeatherNormals, month: number): DesignHour =>
  hourOf(normals, month, HOTTEST_H, normals.maxC[month] ?? 0);

/** How far an hour is towards the day's warmest, −1…1. */
const waveOf = (hour: number): number => Math.cos((2 * Math.PI * (hour - HOTTEST_H)) / 24);

const halfOf = (normals: WeatherNormals, month: number): number =>
  ((normals.maxC[month] ?? 0) - (normals.minC[month] ?? 0)) / 2;

function hourOf(normals: WeatherNormals, month: number, hour: number, outC: number): DesignHour {
  const wave = waveOf(hour);
  const air = pressurePa(normals.altitudeM);
  const vapour = (normals.rh[month] ?? 0) * overWaterPa(outC - wave * halfOf(normals, month));
  const middle = monthStart(month) + 14;
  const sun = sunAt(middle, hour, normals.latitudeDeg);
  const cloud = dryCloud(normals, month, daylightHours(normals.latitudeDeg)[middle] ?? 0);
  return {
    month,
    hour,
    outC,
    outW: humRatio(Math.min(vapour, saturationPa(outC)), air),
    pressurePa: air,
    windMS: (normals.windMS[month] ?? 0) * (1 + wave * WIND_SWING),
    globalWM2: globalWM2(sun.sinHeight, cloud),
    sinHeight: sun.sinHeight,
    azimuthDeg: sun.azimuthDeg,
  };
}
