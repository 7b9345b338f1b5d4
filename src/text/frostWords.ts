import { ruled } from '@/core/rules/rules.data';
import type { FrostOption, FrostWay } from '@/core/stores/frost/compare';

/** Ways to keep water open, as keepers call them. */
export const FROST_WAY_NAMES: Readonly<Record<FrostWay, string>> = {
  carried: 'Bare, water carried',
  tyre: 'In a tyre with straw, water carried',
  foam: 'In foam, water carried',
  heater: 'Heater, switched by the water',
  heaterByAir: 'Heater, on a plug that feels the air',
  foamHeater: 'In foam, with a heater',
  fountHeater: 'A fount on a heated stand instead',
  drained: 'Line drained, founts filled by hand',
  pumped: 'Tank heater, and a pump round the line',
  foamPumped: 'The same, barrel and line in foam',
};

/** Hours in a round number that a keeper acts on. @example hoursText(0.7) // '40 minutes' */
export function hoursText(hours: number): string {
  if (hours < 1) return `${Math.max(5, Math.floor((hours * 60) / 5) * 5)} minutes`;
  if (hours < 48) {
    const whole = Math.floor(hours);
    return whole === 1 ? '1 hour' : `${whole} hours`;
  }
  const days = Math.floor(hours / 24);
  return days < 8 ? `${days} days` : 'over a week';
}

/**
 * What a way asks of the keeper on the coldest night.
 * @param filledEveryH  hours from one fill to the next
 */
export function workText(
  { way, carryEveryH, heater, insulateFirst }: FrostOption,
  filledEveryH: number,
): string {
  if (carryEveryH !== null) {
    if (carryEveryH >= filledEveryH) return 'open till it is filled again';
    if (carryEveryH >= 48) return `carry water every ${hoursText(carryEveryH)}`;
    if (carryEveryH >= 24) return 'carry water once a day';
    if (carryEveryH < ruled('water.frost.soon')) return 'it freezes too soon to carry';
    return `carry water every ${carryEveryH} hours`;
  }
  if (heater === null || heater.sizeW === null) return 'no heater is made for it: insulate';
  const watts = `${heater.sizeW} W`;
  if (!insulateFirst) return watts;
  // what is in foam already is not insulated first
  if (way === 'foamPumped') return `${watts}: rather drain it`;
  return way === 'foamHeater' ? `${watts}: take a smaller one` : `${watts}: insulate first`;
}
