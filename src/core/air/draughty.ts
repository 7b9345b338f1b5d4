import { ruled } from '../rules/rules.data';
import { YEAR_HOURS } from '../weather/hours';
import type { YearColumns, YearModel } from './year';

const [MOST, WARM_C] = [ruled('air.draught.most'), ruled('air.draught.warm')];

/**
 * Whether birds on the bars sit in a draught in an hour of the year: at night, and where it is not so warm that they
 * are glad of it.
 * @param i  hour of the weather
 * @example  isDraughty(model, columns, 12) // false
 */
export const isDraughty = (
  { weather }: Pick<YearModel, 'weather'>,
  columns: YearColumns,
  i: number,
): boolean =>
  (columns.roostMS[i] as number) > MOST &&
  (columns.tiC[i] as number) < WARM_C &&
  (weather.sun.sinHeight[i % YEAR_HOURS] as number) <= 0;
