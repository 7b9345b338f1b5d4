import { freeNumber } from '../edit/freeNumber';
import { droppingsShadow, sleepingBars } from '../geometry/bars';
import { doorways } from '../geometry/clashes';
import { meet, meetInPlan } from '../geometry/forms';
import { gapInPlan } from '../geometry/segments';
import { inRun, solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import { fixtureOf } from '../model/fixtures.schema';
import type { Drinker, Feeder, Fixture, OfKind, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Ground } from './ground';
import { vesselsOf } from './vessels';

type Standing = Feeder | Drinker | OfKind<'dish'> | OfKind<'dustBath'>;

/** Left free about a thing, m. */
const CLEAR_M = 0.05;
const STEP_M = 0.05;

/** What a thing on the floor is kept clear of: worked once for several places. */
interface Room {
  readonly shadows: readonly Solid[];
  readonly others: readonly { readonly solid: Solid; readonly board: boolean }[];
  readonly ways: readonly Solid[];
}

function roomOf(ground: Ground, plan: Plan): Room {
  const kg = ground.sizes.heaviestOnBarsKg;
  return {
    shadows: kg === null ? [] : sleepingBars(plan).map((b) => droppingsShadow(b, kg, plan)),
    others: plan.fixtures
      .filter((f) => 'x' in f && f.kind !== 'ledge' && f.kind !== 'ceiling' && !inRun(f))
      .map((f) => ({ solid: solidOf(f, plan), board: f.kind === 'board' })),
    ways: doorways(plan),
  };
}

/** @param under  also under what hangs or stands over it */
function isClear({ shadows, others, ways }: Room, own: Solid, under: boolean): boolean {
  for (const s of shadows) if (meetInPlan(s, own)) return false;
  for (const w of ways) if (meet(w, own)) return false;
  for (const { solid, board } of others) {
    if (board) {
      if (meet(solid, own)) return false;
    } else if (gapInPlan(solid, own) < CLEAR_M && !(under && solid.z0 >= own.z1 + CLEAR_M)) {
      return false;
    }
  }
  return true;
}

/**
 * A thing where nothing falls on it and nothing is in its way: along a wall, near the way in, so that the keeper
 * walks little and the middle of the floor stays the birds'. Null where it finds no place.
 * @param apart  from these, so far, m
 */
function placed<F extends Standing>(
  ground: Ground,
  plan: Plan,
  thing: F,
  apart: { readonly from: readonly Fixture[]; readonly m: number } = { from: [], m: 0 },
): F | null {
  const room = roomOf(ground, plan);
  const corner = solidOf(thing, plan);
  const [offX, offY] = [thing.x - corner.x0, thing.y - corner.y0];
  const [wide, deep] = [corner.x1 - corner.x0, corner.y1 - corner.y0];
  const wallM = ground.up(0.02);
  const [farX, farY] = [plan.shell.lengthM - wide - wallM, plan.shell.widthM - deep - wallM];
  if (farX < wallM - 1e-9 || farY < wallM - 1e-9) return null;
  const far = apart.from.map((f) => solidOf(f, plan));
  const from = wayIn(plan);
  const spots = spotsAlong(wallM, farX, farY, from, behindBars(plan, from));
  // what hangs on a wall has one behind it
  const onWall = 'onWall' in thing && thing.onWall;
  const lists = onWall
    ? [spots.handy, spots.behind, spots.middle]
    : [spots.handy, spots.middle, spots.behind];
  let best = null as { x: number; y: number; gap: number } | null;
  for (const under of [false, true]) {
    for (const list of lists) {
      for (const [cornerX, cornerY] of list()) {
        const [x, y] = [ground.near(cornerX + offX), ground.near(cornerY + offY)];
        const [x0, y0] = [x - offX, y - offY];
        const own = { x0, x1: x0 + wide, y0, y1: y0 + deep, z0: corner.z0, z1: corner.z1 };
        if (x0 < 0 || y0 < 0 || own.x1 > plan.shell.lengthM || own.y1 > plan.shell.widthM) continue;
        if (!isClear(room, own, under)) continue;
        let gap = apart.m;
        if (far.length > 0) {
          gap = Number.POSITIVE_INFINITY;
          for (const s of far) gap = Math.min(gap, gapInPlan(s, own));
        }
        if (gap >= apart.m) return { ...thing, x, y };
        if (best === null || gap > best.gap) best = { x, y, gap };
      }
    }
    if (best !== null) return { ...thing, x: best.x, y: best.y };
  }
  return null;
}

/** Whether a place lies beyond the bars for who comes in: what stands there is reached for past them. */
function behindBars(plan: Plan, [inX, inY]: Spot): (at: Spot) => boolean {
  const lines = sleepingBars(plan).map((b) => ({
    x: b.axis === 'y',
    at: b.axis === 'x' ? b.y : b.x,
  }));
  return ([x, y]) =>
    lines.some((line) => {
      const [own, there] = line.x ? [inX, x] : [inY, y];
      return own < line.at ? there > line.at - BESIDE_M : there < line.at + BESIDE_M;
    });
}

/** So near before a bar a thing stands beside it rather than in front, m. */
const BESIDE_M = 0.2;

/** Where the keeper comes in, m; the middle of the front where no way in is. */
function wayIn(plan: Plan): readonly [number, number] {
  const door =
    plan.fixtures.find((f) => f.kind === 'door') ?? plan.fixtures.find((f) => f.kind === 'hatch');
  if (!door) return [plan.shell.lengthM / 2, 0];
  const s = solidOf(door, plan);
  return [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];
}

/** Lowest corners to try, each list made when it is asked for. */
interface Spots {
  /** Along the four walls, the nearest to the way in first. */
  readonly handy: () => readonly Spot[];
  readonly middle: () => readonly Spot[];
  /** Along the walls, past the bars. */
  readonly behind: () => readonly Spot[];
}
type Spot = readonly [number, number];

function spotsAlong(
  wallM: number,
  farX: number,
  farY: number,
  [inX, inY]: readonly [number, number],
  isBehind: (at: Spot) => boolean,
): Spots {
  const xs = steps(wallM, farX);
  const ys = steps(wallM, farY);
  const away = ([x, y]: Spot): number => (x - inX) ** 2 + (y - inY) ** 2;
  const walls: Spot[] = [];
  for (const y of ys) walls.push([wallM, y], [farX, y]);
  for (const x of xs) walls.push([x, wallM], [x, farY]);
  const sorted = walls
    .map((at) => ({ at, away: away(at), behind: isBehind(at) }))
    .sort((p, q) => p.away - q.away);
  return {
    handy: () => sorted.flatMap((s) => (s.behind ? [] : [s.at])),
    middle: () => {
      const list: Spot[] = [];
      for (let j = 0; j < ys.length; j += 2)
        for (let i = 0; i < xs.length; i += 2) list.push([xs[i] as number, ys[j] as number]);
      return list;
    },
    behind: () => sorted.flatMap((s) => (s.behind ? [s.at] : [])),
  };
}

function steps(from: number, to: number): number[] {
  const list: number[] = [];
  for (let at = from; at < to; at += STEP_M) list.push(at);
  return [...list, to];
}

/** What is on the floor beside bars and nests. */
export interface Things {
  /** Two feeders and two drinkers, or one of each. */
  readonly pairs: boolean;
  readonly bath: boolean;
  /** Feeders are made at home where a can holds enough. */
  readonly homeMade?: boolean;
}

/** Feeders, drinkers, dishes and a dust bath where they are clear; null where a feeder or drinker finds no place. */
export function placeThings(
  ground: Ground,
  plan: Plan,
  { pairs, bath, homeMade = false }: Things,
): Fixture[] | null {
  const made: Fixture[] = [];
  const among = (): Plan => ({ ...plan, fixtures: [...plan.fixtures, ...made] });
  const has = (kind: Fixture['kind']): boolean => plan.fixtures.some((f) => f.kind === kind);
  for (const thing of vesselsOf(ground, pairs, homeMade)) {
    if (has(thing.kind)) continue;
    const alike = made.filter((f) => f.kind === thing.kind);
    const apart = { from: alike, m: alike.length === 0 ? 0 : ruled('feed.two.apart') };
    const at = placed<Standing>(ground, among(), thing, apart);
    if (at === null) return null;
    made.push(at);
  }
  for (const dish of has('dish') ? [] : dishes(ground)) {
    const at = placed<Standing>(ground, among(), dish);
    if (at) made.push(at);
  }
  if (bath && !has('dustBath')) {
    for (const own of baths(ground)) {
      const at = placed<Standing>(ground, among(), own);
      if (at === null) continue;
      made.push(at);
      break;
    }
  }
  return made;
}

/** A dish of oyster shell for every twelve hens in lay, and one of grit. */
function dishes({ plan, hens, ducks }: Ground): OfKind<'dish'>[] {
  const laying = (hens?.hens ?? 0) + (ducks?.hens ?? 0);
  if (laying === 0) return [];
  const n = Math.ceil(laying / ruled('feed.shell.hens') - 1e-9);
  const dish = (id: string, name: string, holds: 'shell' | 'grit') =>
    fixtureOf({ id, kind: 'dish', name, holds, x: 0, y: 0 });
  return [
    ...Array.from({ length: n }, (_, i) =>
      dish(
        `dish-${freeNumber('dish', plan.fixtures) + i}`,
        n === 1 ? 'Oyster shell' : `Oyster shell ${i + 1}`,
        'shell',
      ),
    ),
    dish(`dish-${freeNumber('dish', plan.fixtures) + n}`, 'Grit', 'grit'),
  ];
}

/** The dust bath that all ask for, either way round. */
function baths({ plan, sizes, up }: Ground): OfKind<'dustBath'>[] {
  const area = Math.max(ruled('dustBath.least'), sizes.birds * ruled('dustBath.hen'));
  return [0.4, 0.6, 0.8].flatMap((d) => {
    const depthM = up(d);
    const lengthM = up(area / depthM);
    if (lengthM < depthM - 1e-9) return [];
    const id = `dust-bath-${freeNumber('dust-bath', plan.fixtures)}`;
    const bath = fixtureOf({
      id,
      kind: 'dustBath',
      name: 'Dust bath',
      x: 0,
      y: 0,
      lengthM,
      depthM,
      fillM: up(ruled('dustBath.deep')),
    });
    return [bath, { ...bath, lengthM: depthM, depthM: lengthM }];
  });
}
