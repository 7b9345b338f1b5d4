import { gridUp } from '../../kernel/units/grid';
import type { Drinker, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';

/** Least width of a fount that is sold, m. */
const LEAST_M = 0.3;
/** Rim beyond what its birds ask for: they do not stand as if measured. */
const SPARE = 1.4;

/**
 * A round fount in place of a line of cups or nipples, for as many birds, on a tray: its water is one body that a
 * heated stand keeps open, where a heater in a tank does nothing for the line on it.
 * @param units  what it is measured in
 * @example asFount({ ...drinker, type: 'cup', outlets: 4 }, 'metric').type // 'fount'
 */
export function asFount(v: Drinker, units: Plan['units']): Drinker {
  const { outlet } = vesselKind(v);
  if (outlet === null || outlet === 'class.perPort' || outlet === 'class.perPedal') return v;
  const rimM = v.outlets * ruled(outlet) * ruled('water.round') * SPARE;
  return {
    ...v,
    type: 'fount',
    made: null,
    diameterM: gridUp(Math.max(LEAST_M, rimM / Math.PI), units),
    tray: true,
    hung: false,
    onWall: false,
    tankZ: null,
    boreM: null,
    fillFrom: 'inside',
  };
}
