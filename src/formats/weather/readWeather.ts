import type { Outcome } from '@/core/kernel/outcome';
import type { Commas } from '@/core/kernel/units/thousands';
import { decodeText } from './decode';
import { readEpw } from './epw';
import type { HourlyFile } from './hourly';
import { readHourlyCsv } from './hourlyCsv';

/** Largest file of hours that is read, bytes: a year of many columns has a third of it. */
export const MOST_WEATHER_BYTES = 6_000_000;

/**
 * A year of hours from a file: by its first word that of a building program, else a table with named columns.
 * @param name   of the file
 * @param where   the place, for a table that does not name it
 * @param commas  what a comma before three figures is, where the keeper was asked
 */
export function readWeather(
  name: string,
  bytes: Uint8Array,
  where: { readonly latitudeDeg: number; readonly altitudeM: number },
  commas: Commas | null = null,
): Outcome<HourlyFile> {
  const text = decodeText(bytes);
  if (!/\.(csv|txt|tsv)$/i.test(name) || /^\s*location,/i.test(text)) return readEpw(text);
  const place = { ...where, place: name.replace(/\.\w+$/, ''), longitudeDeg: 0, zoneH: 0 };
  return readHourlyCsv(text, place, commas);
}
