import { wallLength } from '../../geometry/walls';
import type { Solid } from '../../kernel/finding';
import { BARREL_OFF_M, barrelAcrossM, barrelHighM } from '../../model/barrelForm';
import type { Plan, Rain, Side } from '../../model/schema';
import { gutteredEaves } from '../../stores/rain/roof';
import {
  circle,
  extentOf,
  type Face,
  type Point,
  polyline,
  rect,
  type Shape,
  type View,
} from '../shape';
import { faceOf, LIES, WALL_DRAWN_M as T } from '../view';

/** Rain's things that stand beside a coop, as one item of its drawing. */
export interface RainBeside {
  readonly shapes: readonly Shape[];
  readonly face: Face;
}

/** Each barrel outside the coop's walls; 0 up is the coop's floor. */
export function barrelSolids({ shell }: Pick<Plan, 'shell'>, { barrel }: Rain): Solid[] {
  const { side } = barrel;
  const acrossM = barrelAcrossM(barrel);
  const z0 = barrel.standM - shell.floorAboveGroundM;
  const z = { z0, z1: z0 + barrelHighM(barrel) };
  const off = T + BARREL_OFF_M;
  return Array.from({ length: barrel.count }, (_, i) => {
    const from = barrel.alongM + i * (acrossM + BARREL_OFF_M);
    const along = [from, from + acrossM] as const;
    if (side === 'front' || side === 'rear') {
      const y0 = side === 'front' ? -off - acrossM : shell.widthM + off;
      return { x0: along[0], x1: along[1], y0, y1: y0 + acrossM, ...z };
    }
    const x0 = side === 'left' ? -off - acrossM : shell.lengthM + off;
    return { x0, x1: x0 + acrossM, y0: along[0], y1: along[1], ...z };
  });
}

/**
 * Barrels on their stand and the gutters that fill them, outside a coop. In a section they are seen past the walls at
 * its ends only: what stands before or behind the coop is not drawn.
 * @returns null where no rain is collected, or none of it is seen
 */
export function rainBeside(
  plan: Pick<Plan, 'shell' | 'rain' | 'site'>,
  view: View,
): RainBeside | null {
  const { rain } = plan;
  if (rain === null) return null;
  const shapes = view === 'above' ? fromAbove(plan, rain) : fromTheSide(plan, rain, view);
  if (shapes.length === 0) return null;
  const faces = shapes.map(extentOf);
  return {
    shapes,
    face: {
      a0: Math.min(...faces.map((f) => f.a0)),
      a1: Math.max(...faces.map((f) => f.a1)),
      b0: Math.min(...faces.map((f) => f.b0)),
      b1: Math.max(...faces.map((f) => f.b1)),
    },
  };
}

function fromAbove(plan: Pick<Plan, 'shell' | 'site'>, rain: Rain): Shape[] {
  const out = T + rain.overhangM;
  return [
    ...gutteredEaves(plan, rain).map(({ side }) => polyline('pipe', ...alongWall(plan, side, out))),
    ...barrelSolids(plan, rain).flatMap((s) => {
      const middle: Point = [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];
      const half = (s.x1 - s.x0) / 2;
      return [circle('thing', middle, half), circle('water', middle, half * 0.85)];
    }),
  ];
}

/** From corner to corner of a wall, so far outside it. */
function alongWall(plan: Pick<Plan, 'shell'>, side: Side, out: number): [Point, Point] {
  const long = wallLength(plan, side);
  const { lengthM, widthM } = plan.shell;
  switch (side) {
    case 'front':
      return [
        [0, -out],
        [long, -out],
      ];
    case 'rear':
      return [
        [0, widthM + out],
        [long, widthM + out],
      ];
    case 'left':
      return [
        [-out, 0],
        [-out, long],
      ];
    case 'right':
      return [
        [lengthM + out, 0],
        [lengthM + out, long],
      ];
  }
}

function fromTheSide({ shell }: Pick<Plan, 'shell'>, rain: Rain, view: View): Shape[] {
  const { across } = LIES[view];
  const ends: readonly Side[] = across === 'x' ? ['left', 'right'] : ['front', 'rear'];
  if (!ends.includes(rain.barrel.side)) return [];
  // behind one another, they are one
  const [solid] = barrelSolids({ shell }, rain);
  if (!solid) return [];
  const own = faceOf(solid, view, shell);
  // a coop on legs: what stands on the ground below the picture is cut off at its foot
  const foot = Math.max(-T, -shell.floorAboveGroundM);
  const barrel = { ...own, b0: Math.max(foot, own.b0) };
  if (barrel.b1 <= barrel.b0) return [];
  return [
    ...(barrel.b0 > foot + 0.02
      ? [rect('thing', { a0: own.a0 + 0.02, a1: own.a1 - 0.02, b0: foot, b1: barrel.b0 })]
      : []),
    rect('thing', barrel),
    rect('water', {
      a0: own.a0 + 0.012,
      a1: own.a1 - 0.012,
      b0: barrel.b0 + 0.01,
      b1: barrel.b0 + 0.01 + (barrel.b1 - barrel.b0 - 0.04) * rain.barrel.today,
    }),
  ];
}
