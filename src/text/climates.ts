import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import type { ClimateRow, MonthNormals } from '@/core/model/climates.data';
import { monthOfDay, monthStart } from '@/core/weather/yearCurve';

const MONTHS = [
  ...['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun'],
  ...['Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
];

/** The coldest and the warmest month, each with its mean: "Jan 3 °C, Jul 14 °C". */
export function monthsText(
  months: readonly Pick<MonthNormals, 'meanC'>[],
  units: UnitSystem,
): string {
  const means = months.map((m) => m.meanC);
  const of = (meanC: number): string =>
    `${MONTHS[means.indexOf(meanC)]} ${formatTemperature(meanC, units)}`;
  return `${of(Math.min(...means))}, ${of(Math.max(...means))}`;
}

/** A shipped climate as it is chosen: its type, a place of that type, its coldest and warmest month. */
export const climateChoice = (row: ClimateRow, units: UnitSystem): string =>
  `${row.type} (${monthsText(row.months, units)})`;

/** A day of the year, 0…364, as "20 Nov". */
export function dayOfYearText(day: number): string {
  const month = monthOfDay(day);
  return `${day - monthStart(month) + 1} ${MONTHS[month] ?? ''}`;
}
