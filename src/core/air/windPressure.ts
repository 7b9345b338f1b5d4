import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { type House, type HouseOpening, WALL_DEG } from './house';

/** Pressure coefficients of a low building, by where a face lies to the wind. Source: published tables, rounded. */
const CP = { windward: 0.6, side: -0.55, lee: -0.3, ridge: -0.5, eaves: -0.1 } as const;
const RAD = Math.PI / 180;
/** A face within so much of the wind's way has all of it, degrees. */
const FULL_DEG = 45;
const FULL_COS = Math.cos(FULL_DEG * RAD);

/**
 * Pressure coefficient of a wall.
 * @param offDeg  between the wind's way and the wall's outward normal: 0 where it blows straight on to it
 * @source        air-cp: low buildings, rounded; between them by the cosine
 * @example       wallCp(90) // -0.55
 */
export function wallCp(offDeg: number): number {
  const cos = Math.cos(offDeg * RAD);
  if (cos >= FULL_COS) return CP.windward;
  if (cos >= 0) return CP.side + ((CP.windward - CP.side) * cos) / FULL_COS;
  return CP.side + (CP.lee - CP.side) * -cos;
}

/**
 * Pressure coefficient of an opening.
 * @param windDeg  where the wind comes from, degrees clockwise from straight on to the front wall
 * @example        cpOf({ id: 'v', face: 'rear', netM2: 0.1, sillM: 1, heightM: 0.1, cd: 0.6 }, 0) // -0.3
 */
export function cpOf(opening: HouseOpening, windDeg: number): number {
  if (opening.face === 'given') return opening.cp ?? 0;
  if (opening.face === 'ridge') return CP.ridge;
  const cp = wallCp(windDeg - WALL_DEG[opening.face]);
  return opening.eaves && cp > CP.eaves ? CP.eaves : cp;
}

/** Coefficients of a house's openings for the wind that mostly blows: on to the wall named, else the front. */
export const cpOfWind = ({ site }: Pick<Plan, 'site'>, { openings }: House): Float64Array =>
  Float64Array.from(openings, (o) => cpOf(o, WALL_DEG[site.windFrom ?? 'front']));

/** Wind at the coop by that of the weather station, by how the place lies. */
const AT_COOP = {
  open: ruled('air.wind.open'),
  garden: ruled('air.wind.garden'),
  courtyard: ruled('air.wind.courtyard'),
} as const;

/**
 * Wind at the coop's eaves, m/s.
 * @param windMS  at 10 m in the open, m/s
 * @example       windHere({ climate: null }, 3) // 3
 */
export const windHere = ({ climate }: Pick<Plan, 'climate'>, windMS: number): number =>
  climate === null ? windMS : windMS * AT_COOP[climate.exposure];

/** Coefficients of each opening for winds by the degree, one row of openings after another: 360 rows. */
export function cpTable(openings: readonly HouseOpening[]): Float64Array {
  const table = new Float64Array(360 * openings.length);
  for (let deg = 0; deg < 360; deg++) {
    openings.forEach((o, j) => {
      table[deg * openings.length + j] = cpOf(o, deg);
    });
  }
  return table;
}
