import { LITRES_PER_GALLON, SQUARE_METRES_PER_SQUARE_FOOT } from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { BarrelRun } from '@/core/stores/rain/barrel';
import type { RainOutlook } from '@/core/stores/rain/outlook';
import { formatPlain } from './format';

const percent = (share: number): string => {
  const whole = Math.floor(share * 1000 + 1e-9) / 10;
  return `${Math.min(100, whole)} %`;
};

/** Water carried, in whole litres or gallons. */
const carriedText = (litres: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${formatPlain(Math.round(litres))} L`
    : `${formatPlain(Math.round(litres / LITRES_PER_GALLON))} gal`;

/** Barrels are told as they are sold: up to the next ten litres, or five gallons. */
const barrelSize = (litres: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${formatPlain(Math.ceil(litres / 10 - 1e-9) * 10)} L`
    : `${formatPlain(Math.ceil(litres / LITRES_PER_GALLON / 5 - 1e-9) * 5)} gal`;

/** Roofs up to the next half square metre, or square foot. */
const roofSize = (areaM2: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${Math.ceil(areaM2 * 2 - 1e-9) / 2} m²`
    : `${Math.ceil(areaM2 / SQUARE_METRES_PER_SQUARE_FOOT - 1e-9)} ft²`;

/** How well a barrel serves: of days without frost, and of all days, whether or not it is heated. */
export const reliabilityLines = (run: BarrelRun): readonly [string, string] => [
  `Over thirty years it has the water on ${run.reliability >= 1 - 1e-9 ? 'every day' : `${percent(run.reliability)} of days`} without frost.`,
  `Of all days, on ${run.reliabilityAll >= 1 - 1e-9 ? 'every one' : percent(run.reliabilityAll)}${
    run.frostDays >= 0.5
      ? `: on ${Math.round(run.frostDays)} frost days a year water is carried`
      : ''
  }.`,
];

/** The same, with how long it is dry and what is carried then. */
export function barrelText(run: BarrelRun, units: UnitSystem): string {
  const both = reliabilityLines(run).join(' ');
  if (run.reliability >= 1 - 1e-9) return both;
  const carried = carriedText(run.carriedL, units);
  const dry = run.longestDry95;
  return `${both} In all but one of thirty years it is dry for ${dry} ${dry === 1 ? 'day' : 'days'} on end at the most. On dry days you carry ${carried} in a mean year.`;
}

/** Which barrel would serve so many days, or which roof. */
export function servesText(
  share: '95 %' | '99 %',
  barrelL: number | null,
  roofM2: number | null,
  units: UnitSystem,
): string {
  if (barrelL !== null) {
    return `For ${share} of days without frost: a barrel of ${barrelSize(barrelL, units)}.`;
  }
  return roofM2 === null
    ? `For ${share} of days without frost: no barrel and no roof here is enough.`
    : `For ${share} of days without frost no barrel is enough: it takes ${roofSize(roofM2, units)} of roof.`;
}

/** Which roof would do with the barrel as it is; nothing where a larger barrel is asked for first. */
const roofLine = (
  { barrel95, roof95, roof99 }: RainOutlook,
  units: UnitSystem,
): readonly string[] => {
  if (barrel95 === null || roof95 === null) return [];
  const more = roof99 === null ? '' : `, ${roofSize(roof99, units)} for 99 %`;
  return [`With this barrel it takes ${roofSize(roof95, units)} of roof for 95 %${more}.`];
};

/** All that is said of thirty years. */
export const outlookLines = (outlook: RainOutlook, units: UnitSystem): string[] => [
  servesText('95 %', outlook.barrel95, outlook.roof95, units),
  servesText('99 %', outlook.barrel99, outlook.roof99, units),
  ...roofLine(outlook, units),
];
