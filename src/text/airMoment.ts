import type { AirMoment } from '@/core/air/airMoment';
import {
  LITRES_PER_CUBIC_FOOT,
  MILES_HOUR_PER_METRE_SECOND,
} from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { sayValue } from './say';

/**
 * What flows, as it is told beside an arrow: "12 L/s", "25 ft³/min".
 * @param bare  without its unit, where there is no room for it
 */
export function flowText(litresSecond: number, units: UnitSystem, bare = false): string {
  const value =
    units === 'metric' ? litresSecond : litresSecond * CUBIC_FEET_MINUTE_PER_LITRE_SECOND;
  const said = value < 10 ? value.toFixed(1) : String(Number(Math.round(value).toPrecision(3)));
  return bare ? said : `${said} ${units === 'metric' ? 'L/s' : 'ft³/min'}`;
}
const CUBIC_FEET_MINUTE_PER_LITRE_SECOND = 60 / LITRES_PER_CUBIC_FOOT;

/** How fast air is: "0.12 m/s", "0.3 mph". */
export const speedText = (metresSecond: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${metresSecond.toFixed(2)} m/s`
    : `${(metresSecond * MILES_HOUR_PER_METRE_SECOND).toFixed(1)} mph`;

/** One hour of a coop's air in lines, with the balance that its warmth is worked from. */
export function momentLines(m: AirMoment, units: UnitSystem): string[] {
  const c = (tempC: number): string => formatTemperature(tempC, units);
  const percent = (rh: number): string => `${Math.round(100 * rh)} %`;
  const into = m.flows.reduce((sum, f) => sum + f.inLS, m.gaps.inLS);
  const gained = m.birdsW + m.sunW;
  const rise = m.tiC - m.outC;
  return [
    `Outdoors ${c(m.outC)}, damp ${percent(m.outRh)}, wind ${speedText(m.windMS, units)}.`,
    `Inside ${c(m.tiC)}, damp ${percent(m.rh)}: ${sayValue(Math.abs(rise), 'kelvin', units)} ${rise < 0 ? 'colder' : 'warmer'}.`,
    `${flowText(into, units)} in, as much out; ${flowText(m.gaps.inLS, units)} of it through gaps.`,
    m.settlesKgH > 0.0005
      ? `${sayValue(m.settlesKgH, 'pouredLitres', units)} of water settles in this hour.`
      : m.roofDew
        ? 'Dew hangs on the roof.'
        : 'No water settles.',
    `Birds give ${watts(m.birdsW, units)} of heat, the sun ${watts(m.sunW, units)}. Walls and roof take ${watts(m.lossWK * rise, units)}, the air ${watts(gained - m.lossWK * rise, units)}.`,
  ];
}

const watts = (w: number, units: UnitSystem): string =>
  sayValue(Math.round(w), 'watts', units).replace('-', '−');
