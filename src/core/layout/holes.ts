import { freeNumber } from '../edit/freeNumber';
import { droppingsShadow, sleepingBars } from '../geometry/bars';
import { meetInPlan } from '../geometry/forms';
import { gapInPlan } from '../geometry/segments';
import { solidOf } from '../geometry/solids';
import { floorInside, OPPOSITE, SIDES, wallLength, wallTop } from '../geometry/walls';
import type { Fixture, Plan, Side } from '../model/schema';
import type { Ground } from './ground';

export interface Hole {
  readonly wall: Side;
  readonly alongM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly sillZ: number;
}

/** Left between two holes of one wall, and at its ends, m: a stud stands there. */
export const STUD_M = 0.05;
/** Places along a wall are tried this far apart, m. */
const STEP_M = 0.1;

/** Walls with the lee first and the weather side last. */
export const byShelter = ({ site }: Plan): Side[] => {
  const first = site.windFrom === null ? 'front' : OPPOSITE[site.windFrom];
  return [...new Set<Side>([first, ...SIDES])].sort(
    (a, b) => Number(a === site.windFrom) - Number(b === site.windFrom),
  );
};

/** Places along a wall for something so wide: its ends first, then inwards from both. */
function placesAlong(
  plan: Plan,
  wall: Side,
  widthM: number,
  near: (m: number) => number,
): number[] {
  const last = wallLength(plan, wall) - widthM - STUD_M;
  if (last < STUD_M - 1e-9) return last < -STUD_M ? [] : [Math.max(0, last + STUD_M)];
  const places: number[] = [];
  for (let off = STUD_M; off <= last / 2 + STEP_M; off += STEP_M) {
    places.push(Math.min(last, near(off)), Math.max(STUD_M, near(last - off + STUD_M)));
  }
  return [...new Set(places)].filter((at) => at >= 0 && at <= last + 1e-9);
}

/** Whether a hole is clear of all others of its wall, and of boxes hung or standing there. */
function isFree(plan: Plan, hole: Hole): boolean {
  const own = solidOf({ kind: 'hatch', ...hole } as Fixture, plan);
  return plan.fixtures.every((f) => {
    if ('wall' in f) {
      if (f.wall !== hole.wall || (f.kind === 'vent' && f.place === 'ridge')) return true;
      return (
        hole.alongM + hole.widthM + STUD_M <= f.alongM + 1e-9 ||
        f.alongM + f.widthM + STUD_M <= hole.alongM + 1e-9 ||
        hole.sillZ + hole.heightM <= f.sillZ + 1e-9 ||
        f.sillZ + f.heightM <= hole.sillZ + 1e-9
      );
    }
    if (f.kind !== 'nestBank') return true;
    const s = solidOf(f, plan);
    return gapInPlan(s, own) > 0.12 || own.z1 <= s.z0 + 1e-9 || own.z0 >= s.z1 - 1e-9;
  });
}

/**
 * Whether nothing stands, and no droppings fall, so deep inside a hole.
 * @param kg  the heaviest bird that sleeps on bars, kg; null: none does
 * @example isClear({ ...plan, fixtures: [] }, 2.2, { wall: 'front', alongM: 0.5, widthM: 0.75, heightM: 1.8, sillZ: 0 }, 0.6, true) // true
 */
export function isClear(
  plan: Plan,
  kg: number | null,
  hole: Hole,
  deepM: number,
  ofDroppings: boolean,
) {
  const room = floorInside(plan.shell, hole, deepM);
  const fouled =
    ofDroppings && kg !== null
      ? sleepingBars(plan).some((b) => meetInPlan(droppingsShadow(b, kg, plan), room))
      : false;
  if (fouled) return false;
  return plan.fixtures.every((f) => {
    if (!('x' in f) || f.kind === 'ledge' || f.kind === 'ceiling') return true;
    const s = solidOf(f, plan);
    return !meetInPlan(s, room) || s.z0 >= room.z1 || s.z1 <= room.z0;
  });
}

export type Wish = (hole: Hole) => boolean;

/** The first hole, of sizes and walls in their order, that the first wish finds; then the next wish. */
export function firstHole(
  { near }: Pick<Ground, 'near'>,
  plan: Plan,
  sizes: readonly Omit<Hole, 'wall' | 'alongM'>[],
  wishes: readonly Wish[],
  walls: readonly Side[] = byShelter(plan),
): Hole | null {
  for (const wish of wishes) {
    for (const size of sizes) {
      for (const wall of walls) {
        if (wallTop(plan, wall) < size.sillZ + size.heightM) continue;
        for (const alongM of placesAlong(plan, wall, size.widthM, near)) {
          const hole = { ...size, wall, alongM };
          if (isFree(plan, hole) && wish(hole)) return hole;
        }
      }
    }
  }
  return null;
}

export const numbered = (plan: Plan, stem: string): number => freeNumber(stem, plan.fixtures);
