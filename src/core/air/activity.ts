import { ruled } from '../rules/rules.data';

/**
 * How busy birds are, by the day's mean; on the perch never less than 0.6.
 * @param hour     0…24, by the sun
 * @param onPerch  whether they are on the bars
 * @source         cigr-2002: a sine through the day
 * @example        activity(12, 'layer', false) // 1.61
 */
export function activity(hour: number, kind: 'layer' | 'meat', onPerch: boolean): number {
  const swing = ruled(kind === 'layer' ? 'air.activity.layer' : 'air.activity.meat');
  const quiet = ruled(kind === 'layer' ? 'air.activity.layer.hour' : 'air.activity.meat.hour');
  const at = 1 - swing * Math.sin(((2 * Math.PI) / 24) * (hour + 6 - quiet));
  return onPerch ? Math.max(ruled('air.activity.perch'), at) : at;
}
