import { outsideCode } from '../geometry/outside';
import { solidOf } from '../geometry/solids';
import { letsAir } from '../model/opens';
import type { AirOpening, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { type House, type HouseOpening, houseOf } from './house';
import { netM2 } from './net';
import { leaksOf, type Panes, panesOf, shellAreas, shellLoss } from './shellHeat';

/** What of a plan its air follows from, birds and weather apart. */
export type HousePlan = Pick<Plan, 'shell' | 'litter' | 'fixtures'>;

/** An opening this near under the eaves has the eaves' wind, m. */
const UNDER_EAVES_M = 0.15;

/**
 * The house of a plan: its windows and vents that can be open, by day its birds' doors, and the gaps that nobody made.
 * Openings that do not lie in a wall of the shell are left out.
 */
export function planHouse(plan: HousePlan): House {
  return houseOf(
    [...madeOf(plan), ...leaksOf(plan.shell)],
    shellLoss(plan.shell, plan.litter.depthM, panesIn(plan)).allWK,
  );
}

/** Panes of all windows of a plan. */
export const panesIn = ({ fixtures }: Pick<Plan, 'fixtures'>): Panes =>
  panesOf(fixtures.filter((f) => f.kind === 'window'));

function madeOf(plan: HousePlan): HouseOpening[] {
  const { eavesM } = shellAreas(plan.shell);
  const cd = ruled('air.discharge');
  return plan.fixtures.flatMap((f): HouseOpening[] => {
    if (f.kind !== 'window' && f.kind !== 'vent' && f.kind !== 'popDoor') return [];
    if (outsideCode(f, plan) !== null) return [];
    if (f.kind !== 'popDoor' && !letsAir(f)) return [];
    const { z0, z1 } = solidOf(f, plan);
    const onRidge = f.kind === 'vent' && f.place === 'ridge';
    return [
      {
        id: f.id,
        face: onRidge ? 'ridge' : f.wall,
        netM2: f.kind === 'popDoor' ? f.widthM * f.heightM : netM2(f as AirOpening),
        sillM: z0,
        heightM: z1 - z0,
        cd,
        eaves: !onRidge && z1 > eavesM - UNDER_EAVES_M && z1 <= eavesM + 1e-9,
      },
    ];
  });
}
