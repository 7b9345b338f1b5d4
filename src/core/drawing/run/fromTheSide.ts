import { roofHeightM } from '../../geometry/shell';
import type { Plan, PopDoor, Run, Shell, Side } from '../../model/schema';
import { type Point, polygon, polyline, rect, type Shape } from '../shape';
import { wires } from '../things/openings';
import { WALL_DRAWN_M as T } from '../view';
import type { RunItem } from './item';
import { cleats, type Lie, rampOut } from './lie';

/** A run is drawn so high, m: to stand up in (assumption: a plan does not know it). */
export const RUN_HIGH_M = 1.9;
/** A post, and from post to post at most, m. */
const POST_M = 0.06;
const BAY_M = 1.8;
/** Wires of a run's mesh are drawn so far apart, m. */
const WIRE_M = 0.14;

/**
 * The coop on its legs, the ramp, and the run's frame, seen along the shared wall.
 * @param groundM  where the ground lies up the page
 * @example fromTheSide(plan, run, lie, undefined, 2).length // 1
 */
export function fromTheSide(
  plan: Plan,
  run: Run,
  lie: Lie,
  door: PopDoor | undefined,
  groundM: number,
): RunItem[] {
  const { shell } = plan;
  const { coop, run: yard } = lie;
  const floor = groundM + shell.floorAboveGroundM;
  const wall = door?.wall ?? 'right';
  const top = (part: number): number => floor + roofAcross(shell, wall, part);
  const deep = coop.a1 - coop.a0;
  const outer: Point[] = [
    [coop.a0 - T, floor],
    [coop.a0 - T, top(0) + T],
    [coop.a0 + deep / 2, top(0.5) + T],
    [T, top(1) + T],
    [T, floor],
  ];
  const legs =
    shell.floorAboveGroundM > 0.05
      ? [coop.a0, -POST_M].map((a) =>
          rect('timber', { a0: a, a1: a + POST_M, b0: groundM, b1: floor }),
        )
      : [];
  const high = groundM + RUN_HIGH_M;
  const skirt = groundM + Math.min(RUN_HIGH_M, run.skirtingM);
  const openings = { a0: yard.a0, a1: yard.a1, b0: skirt, b1: high };
  const isSolid = run.solidSides.includes(lie.sideOf('below'));
  const roofed = run.roof === 'none' ? 0 : run.roof === 'half' ? 0.5 : 1;
  const roofTo = yard.a0 + (yard.a1 - yard.a0) * roofed;
  const bays = Math.max(1, Math.ceil(run.lengthM / BAY_M));
  const posts = Array.from({ length: bays + 1 }, (_, i) => {
    const a = yard.a0 + (i / bays) * (yard.a1 - yard.a0 - POST_M);
    return rect('timber', { a0: a, a1: a + POST_M, b0: groundM, b1: high });
  });
  const house: Shape[] = [
    ...legs,
    polygon('thing', outer),
    ...(isSolid
      ? [rect('thing', openings)]
      : run.cover === 'none'
        ? []
        : [wires(openings, WIRE_M, run.cover === 'netting')]),
    ...(run.skirtingM > 0
      ? [rect('thing', { a0: yard.a0, a1: yard.a1, b0: groundM, b1: skirt })]
      : []),
    ...posts,
    rect('timber', { a0: yard.a0, a1: yard.a1, b0: high - POST_M, b1: high }),
    ...(roofed > 0
      ? [rect('thing', { a0: yard.a0, a1: roofTo + run.eavesM, b0: high, b1: high + 0.05 })]
      : []),
    polyline('ground', [coop.a0 - 0.3, groundM], [yard.a1 + 0.3, groundM]),
  ];
  if (!door) return [{ what: 'house', key: 'side', shapes: house }];
  const sill = floor + door.sillZ;
  const own: Shape[] = [rect('cutHole', { a0: 0, a1: T, b0: sill, b1: sill + door.heightM })];
  if (door.ramp) {
    const out = rampOut(door, shell);
    const foot: Point = [T + out, groundM];
    const slope = Math.hypot(out, sill - groundM) || 1;
    // square off its slope
    const [na, nb] = [((sill - groundM) / slope) * 0.025, (out / slope) * 0.025];
    own.push(
      polygon('timber', [[T, sill], foot, [foot[0] - na, foot[1] - nb], [T - na, sill - nb]]),
      ...cleats(door.ramp).map((t) => {
        const [a, b] = [T + t * out, sill + t * (groundM - sill)];
        return polyline('leaf', [a, b], [a + na * 0.9, b + nb * 0.9]);
      }),
    );
  }
  return [
    { what: 'house', key: 'side', shapes: house },
    { what: 'fixture', key: `${door.id} side`, shapes: own },
  ];
}

/** The roof's height over the floor along a line square to a wall: 0 at the far wall, 1 at that wall, m. */
function roofAcross(shell: Shell, wall: Side, part: number): number {
  const { lengthM, widthM } = shell;
  const at = {
    right: [part * lengthM, widthM / 2],
    left: [(1 - part) * lengthM, widthM / 2],
    rear: [lengthM / 2, part * widthM],
    front: [lengthM / 2, (1 - part) * widthM],
  }[wall] as [number, number];
  return roofHeightM(shell, at[0], at[1]);
}
