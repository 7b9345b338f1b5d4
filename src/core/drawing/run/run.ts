import { inRun } from '../../geometry/solids';
import type { Plan, PopDoor, Run } from '../../model/schema';
import type { PlacedBird } from '../../stations/roosts/perched';
import { extentOf, type Face, type Point } from '../shape';
import { WALL_DRAWN_M as T } from '../view';
import { inPlan } from './fromAbove';
import { fromTheSide, RUN_HIGH_M } from './fromTheSide';
import type { RunItem } from './item';
import { type Lie, layOut, rampOut } from './lie';
import { roaming, standing } from './things';

/** A length that is written on the drawing: from where to where, m. */
export interface RunMeasure {
  readonly key: 'length' | 'width' | 'ramp' | 'floor' | 'skirting';
  readonly from: Point;
  readonly to: Point;
  readonly metres: number;
}

/** A run with its coop: from its side over the same from above, at one scale, m. */
export interface RunDrawing {
  readonly items: readonly RunItem[];
  readonly measures: readonly RunMeasure[];
  readonly face: Face;
  /** Ground line of the elevation, m up the page; the plan's near edge is at 0. */
  readonly groundB: number;
}

/** Room kept between the two drawings, m. */
const BETWEEN_M = 0.7;
/** Birds that are drawn in it at most. */
const MOST_BIRDS = 40;

/**
 * The run as far as a plan knows it: it joins the coop at the wall of the first pop door, its length goes away from
 * the coop, and what stands in it stands in a row, since no plan says where.
 * @param birds  the flock, each at her own size
 * @returns      null where the plan has no run
 * @example drawRun({ ...plan, run: null }, []) // null
 */
export function drawRun(plan: Plan, birds: readonly PlacedBird[]): RunDrawing | null {
  const { run, shell } = plan;
  if (run === null) return null;
  const doors = plan.fixtures.filter((f): f is PopDoor => f.kind === 'popDoor');
  const wall = doors[0]?.wall ?? 'right';
  const own = doors.filter((d) => d.wall === wall);
  const lie = layOut(shell, run, wall, own);
  const groundB = Math.max(lie.run.b1, lie.coop.b1) + BETWEEN_M;
  const things = plan.fixtures.filter(inRun);
  const flock = birds.slice(0, MOST_BIRDS);
  const items: RunItem[] = [
    ...inPlan(plan, run, lie, own, wall),
    ...fromTheSide(plan, run, lie, own[0], groundB),
    ...things.map((f, i): RunItem => standing(f, i, things.length, plan, lie.run, groundB)),
    ...flock.map((bird, i) => roaming(bird, i, flock.length, lie.run, groundB)),
  ];
  const faces = items.flatMap((i) => i.shapes.map(extentOf));
  return {
    items,
    measures: measuresOf(plan, run, lie, own[0], groundB),
    groundB,
    face: {
      a0: Math.min(...faces.map((f) => f.a0)),
      a1: Math.max(...faces.map((f) => f.a1)),
      b0: Math.min(...faces.map((f) => f.b0)),
      b1: Math.max(...faces.map((f) => f.b1)),
    },
  };
}

/** Measures are written so far off what they measure, m. */
const OFF_M = 0.28;

function measuresOf(
  { shell }: Plan,
  run: Run,
  { coop, run: yard }: Lie,
  door: PopDoor | undefined,
  ground: number,
): RunMeasure[] {
  const floor = shell.floorAboveGroundM;
  const [below, beside, before] = [yard.b0 - OFF_M, yard.a1 + OFF_M, coop.a0 - T - OFF_M];
  const upright = (key: RunMeasure['key'], a: number, metres: number): RunMeasure[] =>
    metres < 0.05 ? [] : [{ key, from: [a, ground], to: [a, ground + metres], metres }];
  const ramp = door?.ramp ?? null;
  return [
    { key: 'length', from: [yard.a0, below], to: [yard.a1, below], metres: run.lengthM },
    { key: 'width', from: [beside, yard.b0], to: [beside, yard.b1], metres: run.widthM },
    ...upright('floor', before, floor),
    ...upright('skirting', beside, Math.min(RUN_HIGH_M, run.skirtingM)),
    ...(door && ramp
      ? [
          {
            key: 'ramp',
            from: [T, ground - OFF_M],
            to: [T + rampOut(door, shell), ground - OFF_M],
            metres: ramp.lengthM,
          } as const,
        ]
      : []),
  ];
}
