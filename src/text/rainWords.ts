import type { UnitSystem } from '@/core/kernel/units/length';
import type { BarrelRun } from '@/core/stores/rain/barrel';
import type { RainOutlook } from '@/core/stores/rain/outlook';
import { formatValue } from './format';

const percent = (share: number): string => {
  const whole = Math.floor(share * 1000 + 1e-9) / 10;
  return `${Math.min(100, whole)} %`;
};

/** How well a barrel serves, in a sentence or two. */
export function barrelText(run: BarrelRun, units: UnitSystem): string {
  const frost =
    run.frostDays >= 0.5
      ? ` On ${Math.round(run.frostDays)} frost days a year water is carried.`
      : '';
  if (run.reliability >= 1 - 1e-9) return `It has the water on every day of thirty years.${frost}`;
  const carried = formatValue(Math.round(run.carriedL), 'litres', units);
  const dry = run.longestDry95;
  return `It has the water on ${percent(run.reliability)} of days. In all but one of thirty years it is dry for ${dry} ${dry === 1 ? 'day' : 'days'} on end at the most. You carry ${carried} in a mean year.${frost}`;
}

/** Which barrel would serve so many days, or which roof. */
export function servesText(
  share: '95 %' | '99 %',
  barrelL: number | null,
  roofM2: number | null,
  units: UnitSystem,
): string {
  if (barrelL !== null) {
    return `For ${share} of days: a barrel of ${formatValue(Math.ceil(barrelL / 10) * 10, 'litres', units)}.`;
  }
  return roofM2 === null
    ? `For ${share} of days: no barrel and no roof here is enough.`
    : `For ${share} of days no barrel is enough: it takes ${formatValue(roofM2, 'm2', units)} of roof.`;
}

/** All that is said of thirty years. */
export const outlookLines = (outlook: RainOutlook, units: UnitSystem): string[] => [
  servesText('95 %', outlook.barrel95, outlook.roof95, units),
  servesText('99 %', outlook.barrel99, outlook.roof99, units),
];
