import type { RainDays, RainStore } from '../stores/rain/barrel';
import { workClimate } from '../weather/climate';
import { generateWeatherDays } from '../weather/days';
import { weatherNormals } from '../weather/normals';
import { YEAR_DAYS } from '../weather/yearCurve';
import { sampleClimate } from './plans';

/** Days of a sample climate, as rain is caught in them. */
export const daysOf = (id: string, years = 31, seed = 7): RainDays => {
  const climate = workClimate(sampleClimate(id));
  if (!climate) throw new Error(id);
  return generateWeatherDays(weatherNormals(climate), years, seed);
};

/** A roof, a gutter and a barrel of which three litres are drawn a day. */
export const store = (parts: Partial<RainStore> = {}): RainStore => ({
  roofM2: 6,
  runoff: 0.9,
  gutter: 0.95,
  flushMm: 1,
  barrelL: 200,
  heated: false,
  drawnL: new Float64Array(YEAR_DAYS).fill(3),
  ...parts,
});
