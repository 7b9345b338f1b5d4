import type { Solid } from '../kernel/finding';
import { tidy } from '../kernel/units/number';
import type { Fixture } from '../model/schema';
import { floorOf, type Scoped } from '../model/scope';
import { droppingsShadow, sleepingBars } from './bars';
import { doorways } from './clashes';
import { meet, meetInPlan } from './forms';
import { gapInPlan } from './segments';
import { inRun, solidOf } from './solids';

/** Left free about a thing that is stood on the floor, m. */
const CLEAR_M = 0.05;
/** What stands on the floor, or hangs on a wall, stands so far off it, m. */
export const OFF_WALL_M = { metric: 0.02, imperial: 0.0254 } as const;
/** Places are tried this far from one another, m: whole centimetres, or whole half inches. */
const STEP_M = { metric: 0.1, imperial: 0.1016 } as const;
/** Room beyond this is all the same, m. */
const ENOUGH_M = 1;

/** A thing's lowest corner in plan, m from the left and the front. */
export type Corner = readonly [x: number, y: number];

/** What a thing on the floor is kept clear of: worked once for all the places that are tried. */
export interface FloorRoom {
  readonly shadows: readonly Solid[];
  readonly others: readonly { readonly solid: Solid; readonly board: boolean }[];
  readonly ways: readonly Solid[];
}

/**
 * What a plan has on its floor and over it that a thing is kept clear of: droppings, doorways, and what stands.
 * @param heaviestKg  the heaviest bird that sleeps on bars, kg: how far droppings reach; null: none does
 * @param id          the thing's own, where it stands in the plan already
 * @example floorRoom({ ...plan, fixtures: [] }, 3).others.length // 0
 */
export const floorRoom = (plan: Scoped, heaviestKg: number | null, id?: string): FloorRoom => ({
  shadows:
    heaviestKg === null ? [] : sleepingBars(plan).map((b) => droppingsShadow(b, heaviestKg, plan)),
  others: plan.fixtures
    .filter(
      (f) => f.id !== id && 'x' in f && f.kind !== 'ledge' && f.kind !== 'ceiling' && !inRun(f),
    )
    .map((f) => ({ solid: solidOf(f, plan), board: f.kind === 'board' })),
  ways: doorways(plan),
});

/**
 * Free floor about a thing, m: no more than a metre; null where it is in the droppings, in a doorway or in the way of
 * what stands. What lies wholly under a raised board is out of its way, though not out of the droppings.
 * @param under  also under what hangs or stands over it
 */
function clearM({ shadows, others, ways }: FloorRoom, own: Solid, under: boolean): number | null {
  for (const s of shadows) if (meetInPlan(s, own)) return null;
  for (const w of ways) if (meet(w, own)) return null;
  let clear: number = ENOUGH_M;
  for (const { solid, board } of others) {
    if (board && !meet(solid, own)) continue;
    const gap = gapInPlan(solid, own);
    if (gap < CLEAR_M && !(under && !board && solid.z0 >= own.z1 + CLEAR_M)) return null;
    if (gap < clear) clear = gap;
  }
  return clear;
}

/** Which of the places that are clear is taken, and what the thing keeps apart from. */
export interface Wanted {
  /** The thing with its lowest corner at a place; null where it cannot be there. */
  readonly at: (corner: Corner) => Solid | null;
  /** The first that is clear in the order of the places, or the one with most floor free about it. */
  readonly take: 'first' | 'roomiest';
  /** Stays so far from these, m. */
  readonly apart?: { readonly from: readonly Solid[]; readonly m: number };
  /** Also under what hangs or stands over it. */
  readonly under?: boolean;
}

/**
 * The one search for free room: new things, moved things, things to add and a rough-out's are put where it says.
 * @param corners  places in the order they are liked
 * @returns the place, m, and how far it is from what it stays apart from; null where none is clear. Of places that
 * are clear and all too near, the first search has the farthest and the roomiest none
 */
export function freeCorner(
  room: FloorRoom,
  corners: Iterable<Corner>,
  { at, take, apart = { from: [], m: 0 }, under = false }: Wanted,
): { readonly corner: Corner; readonly apartM: number } | null {
  let best: { corner: Corner; apartM: number; worth: number } | null = null;
  for (const corner of corners) {
    const own = at(corner);
    const clear = own && clearM(room, own, under);
    if (own === null || clear === null) continue;
    let apartM = apart.from.length === 0 ? apart.m : Number.POSITIVE_INFINITY;
    for (const s of apart.from) apartM = Math.min(apartM, gapInPlan(s, own));
    const isApart = apartM >= apart.m;
    if (take === 'first' && isApart) return { corner, apartM };
    if (take === 'roomiest' && !isApart) continue;
    const worth = take === 'first' ? apartM : clear;
    if (best === null || worth > best.worth + 1e-9) best = { corner, apartM, worth };
  }
  return best;
}

/** A thing's lengths in plan, m, and the floor it goes on. */
interface Ground {
  readonly floor: Pick<Solid, 'x0' | 'x1' | 'y0' | 'y1'>;
  readonly wide: number;
  readonly deep: number;
  /** Kept off the walls, m. */
  readonly off: number;
}

/**
 * From one end towards the other a step apart, to a tenth of a millimetre, m.
 * @param withEnd  the other end too, wherever the steps come to
 * @example spaced(0, 0.25, 0.1, true) // [0, 0.1, 0.2, 0.25]
 */
export function spaced(fromM: number, toM: number, stepM: number, withEnd = false): number[] {
  const places: number[] = [];
  for (let k = 0; fromM + k * stepM <= toM + (withEnd ? -1e-9 : 1e-9); k++) {
    places.push(Math.round((fromM + k * stepM) * 1e4) / 1e4);
  }
  return withEnd && toM >= fromM - 1e-9 ? [...places, toM] : places;
}

/**
 * All over the floor, row by row from the front.
 * @example allOver({ floor: { x0: 0, x1: 1, y0: 0, y1: 1 }, wide: 0.3, deep: 0.3, off: 0.02 }, 0.1)[0] // [0.02, 0.02]
 */
export function allOver(
  { floor, wide, deep, off }: Ground,
  stepM: number,
  withEnds = false,
): Corner[] {
  const xs = spaced(floor.x0 + off, floor.x1 - wide - off, stepM, withEnds);
  return spaced(floor.y0 + off, floor.y1 - deep - off, stepM, withEnds).flatMap((y) =>
    xs.map((x): Corner => [x, y]),
  );
}

/**
 * Along the four walls, as near to them as things hang: where alone a thing that hangs on a wall goes.
 * @example alongWalls({ floor: { x0: 0, x1: 1, y0: 0, y1: 1 }, wide: 0.3, deep: 0.3, off: 0.02 }, 0.1)[0] // [0.02, 0.02]
 */
export function alongWalls(
  { floor, wide, deep, off }: Ground,
  stepM: number,
  withEnds = false,
): Corner[] {
  const [left, right] = [floor.x0 + off, floor.x1 - wide - off];
  const [front, rear] = [floor.y0 + off, floor.y1 - deep - off];
  if (right < left - 1e-9 || rear < front - 1e-9) return [];
  return [
    ...spaced(front, rear, stepM, withEnds).flatMap((y): Corner[] => [
      [left, y],
      [right, y],
    ]),
    ...spaced(left, right, stepM, withEnds).flatMap((x): Corner[] => [
      [x, front],
      [x, rear],
    ]),
  ];
}

/** Beside its own solid: what a thing that is looked for keeps to. */
export interface Kept {
  readonly apartFrom?: readonly Fixture[];
  readonly apartM?: number;
  /** Whether it may be there at all: the solid, and the place that was tried, m. */
  readonly only?: (own: Solid, x: number, y: number) => boolean;
}

/**
 * The roomiest place on the floor for a solid that is known wherever it is put.
 * @param own   its id, where it stands in the plan already, and the solid with its lowest corner at x and y, m
 * @returns its lowest corner in plan, m, or null where there is none
 * @example freeSpot({ ...plan, fixtures: [] }, null, { id: 'new', at: (x, y) => ({ x0: x, x1: x + 0.3, y0: y, y1: y + 0.3, z0: 0, z1: 0.3 }) }) // { x: 0.02, y: 0.02 }
 */
export function freeSpot(
  plan: Scoped,
  heaviestKg: number | null,
  { id, at }: { readonly id: string; readonly at: (x: number, y: number) => Solid },
  { apartFrom = [], apartM = 0, only }: Kept = {},
  onWall = false,
): { readonly x: number; readonly y: number } | null {
  const own = at(0, 0);
  const off = OFF_WALL_M[plan.units];
  const ground = { floor: floorOf(plan), wide: own.x1 - own.x0, deep: own.y1 - own.y0, off };
  const step = STEP_M[plan.units];
  const spot = freeCorner(
    floorRoom(plan, heaviestKg, id),
    onWall ? alongWalls(ground, step) : allOver(ground, step),
    {
      at: ([x, y]) => {
        const here = at(x, y);
        return only && !only(here, x, y) ? null : here;
      },
      take: 'roomiest',
      apart: { from: apartFrom.map((f) => solidOf(f, plan)), m: apartM },
    },
  );
  return spot && { x: spot.corner[0], y: spot.corner[1] };
}

/** What stands on the floor, or hangs over it, by a place of its own. */
type Standing = Extract<Fixture, { readonly x: number; readonly y: number }>;

/**
 * Where a fixture of a plan stands clear, the roomiest: along the walls where it hangs on one.
 * @param onTape  to what a tape is read to, m
 * @returns its own x and y, m, or null where there is no such place
 * @example clearPlace({ ...plan, fixtures: [] }, drinker, null, (m) => m) // { x: 0.17, y: 0.17 }
 */
export function clearPlace(
  plan: Scoped,
  thing: Standing,
  heaviestKg: number | null,
  onTape: (m: number) => number,
  kept: Kept = {},
): { readonly x: number; readonly y: number } | null {
  const corner = solidOf(thing, plan);
  const [offX, offY] = [tidy(thing.x - corner.x0), tidy(thing.y - corner.y0)];
  const at = (x: number, y: number): Solid => solidOf({ ...thing, x: x + offX, y: y + offY }, plan);
  const onWall = 'onWall' in thing && thing.onWall;
  const spot = freeSpot(plan, heaviestKg, { id: thing.id, at }, kept, onWall);
  return spot && { x: onTape(spot.x + offX), y: onTape(spot.y + offY) };
}
