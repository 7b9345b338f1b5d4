import type { Solid } from '../kernel/finding';
import type { Opening, Plan, Side } from '../model/schema';
import { roofHeightM } from './shell';

/**
 * To the millimetre, m.
 * @example mm(0.12345) // 0.123
 */
export const mm = (m: number): number => Math.round(m * 1000) / 1000;
export const SIDES: readonly Side[] = ['front', 'rear', 'left', 'right'];
export const OPPOSITE: Readonly<Record<Side, Side>> = {
  front: 'rear',
  rear: 'front',
  left: 'right',
  right: 'left',
};

export const wallLength = (plan: Pick<Plan, 'shell'>, wall: Side): number =>
  wall === 'front' || wall === 'rear' ? plan.shell.lengthM : plan.shell.widthM;

/** The roof over the middle and the ends of a wall, at its lowest, m. */
export function wallTop(plan: Plan, wall: Side): number {
  const { lengthM, widthM } = plan.shell;
  const at = (t: number): number =>
    wall === 'front'
      ? roofHeightM(plan.shell, t * lengthM, 0)
      : wall === 'rear'
        ? roofHeightM(plan.shell, t * lengthM, widthM)
        : wall === 'left'
          ? roofHeightM(plan.shell, 0, t * widthM)
          : roofHeightM(plan.shell, lengthM, t * widthM);
  return Math.min(at(0), at(0.5), at(1));
}

/** Where along a wall a hole of this size is clear of all others, the middle first; null where nowhere. */
export function freeAlong(
  plan: Plan,
  wall: Side,
  hole: { readonly widthM: number; readonly heightM: number; readonly sillZ: number },
  fits: (alongM: number) => boolean = () => true,
  onTape: (m: number) => number = mm,
): number | null {
  const room = wallLength(plan, wall) - hole.widthM;
  if (room < 0) return null;
  const others = plan.fixtures.filter((f): f is Opening => 'wall' in f && f.wall === wall);
  const clear = (at: number): boolean =>
    others.every(
      (o) =>
        at + hole.widthM <= o.alongM ||
        o.alongM + o.widthM <= at ||
        hole.sillZ + hole.heightM <= o.sillZ ||
        o.sillZ + o.heightM <= hole.sillZ,
    );
  const middle = room / 2;
  for (let off = 0; off <= middle + 1e-9; off += 0.05) {
    for (const at of [onTape(middle - off), onTape(middle + off)]) {
      if (at >= 0 && at <= room + 1e-9 && clear(at) && fits(at)) return Math.max(0, at);
    }
  }
  return null;
}

/**
 * The floor inside a hole in the wall, so deep, as tall as the hole.
 * @example floorInside(shell, { wall: 'front', alongM: 0.5, widthM: 0.75, heightM: 1.8, sillZ: 0 }, 0.6).y1 // 0.6
 */
export function floorInside(
  { lengthM, widthM }: Pick<Plan['shell'], 'lengthM' | 'widthM'>,
  hole: Pick<Opening, 'wall' | 'alongM' | 'widthM' | 'heightM' | 'sillZ'>,
  deepM: number,
): Solid {
  const [from, to] = [hole.alongM, hole.alongM + hole.widthM];
  const z = { z0: hole.sillZ, z1: hole.sillZ + hole.heightM };
  switch (hole.wall) {
    case 'front':
      return { x0: from, x1: to, y0: 0, y1: deepM, ...z };
    case 'rear':
      return { x0: from, x1: to, y0: widthM - deepM, y1: widthM, ...z };
    case 'left':
      return { x0: 0, x1: deepM, y0: from, y1: to, ...z };
    case 'right':
      return { x0: lengthM - deepM, x1: lengthM, y0: from, y1: to, ...z };
  }
}

/** Room to stand up in, m: a lower coop is worked through hatches. Source: wide-rafter (assumption). */
const WALKED_INTO_M = 1.7;

/** Whether its keeper walks into a coop. */
export const isWalkedInto = ({ shell }: Pick<Plan, 'shell'>): boolean =>
  shell.roof.highM >= WALKED_INTO_M;
