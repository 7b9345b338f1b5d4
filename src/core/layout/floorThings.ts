import { freeNumber } from '../edit/freeNumber';
import { bathOf, turnedRound } from '../edit/new/parts';
import { sleepingBars } from '../geometry/bars';
import { allOver, alongWalls, type Corner, floorRoom, freeCorner } from '../geometry/freeRoom';
import { solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import { fixtureOf } from '../model/fixtures.schema';
import type { Drinker, Feeder, Fixture, OfKind, Plan } from '../model/schema';
import { floorOf } from '../model/scope';
import { ruled } from '../rules/rules.data';
import type { Ground } from './ground';
import { vesselsOf } from './vessels';

type Standing = Feeder | Drinker | OfKind<'dish'> | OfKind<'dustBath'>;

/** Places are tried this far from one another, m. */
const STEP_M = 0.05;

/**
 * A thing where nothing falls on it and nothing is in its way: along a wall, near the way in, so that the keeper
 * walks little and the middle of the floor stays the birds'. What hangs on a wall is always along one. Null where it
 * finds no place.
 * @param apart  from these, so far, m
 */
function placed<F extends Standing>(
  ground: Ground,
  plan: Plan,
  thing: F,
  apart: { readonly from: readonly Fixture[]; readonly m: number } = { from: [], m: 0 },
): F | null {
  const room = floorRoom(plan, ground.sizes.heaviestOnBarsKg);
  const own = solidOf(thing, plan);
  const [offX, offY] = [thing.x - own.x0, thing.y - own.y0];
  const size = { wide: own.x1 - own.x0, deep: own.y1 - own.y0, off: ground.up(0.02) };
  const onTape = ([x, y]: Corner): Corner => [ground.near(x + offX), ground.near(y + offY)];
  const floor = floorOf(plan);
  const at = (corner: Corner): Solid | null => {
    const [x, y] = onTape(corner);
    const [x0, y0] = [x - offX, y - offY];
    const here = { x0, x1: x0 + size.wide, y0, y1: y0 + size.deep, z0: own.z0, z1: own.z1 };
    return x0 < floor.x0 || y0 < floor.y0 || here.x1 > floor.x1 || here.y1 > floor.y1 ? null : here;
  };
  const spots = spotsAlong({ floor, ...size }, plan);
  const lists =
    'onWall' in thing && thing.onWall
      ? [spots.handy, spots.behind]
      : [spots.handy, spots.middle, spots.behind];
  const far = { from: apart.from.map((f) => solidOf(f, plan)), m: apart.m };
  for (const under of [false, true]) {
    let best: ReturnType<typeof freeCorner> = null;
    for (const list of lists) {
      const found = freeCorner(room, list(), { at, take: 'first', apart: far, under });
      if (found && (best === null || found.apartM > best.apartM)) best = found;
      if (best && best.apartM >= apart.m) break;
    }
    if (best) {
      const [x, y] = onTape(best.corner);
      return { ...thing, x, y };
    }
  }
  return null;
}

/** Whether a place lies beyond the bars for who comes in: what stands there is reached for past them. */
function behindBars(plan: Plan, [inX, inY]: Corner): (at: Corner) => boolean {
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
function wayIn(plan: Plan): Corner {
  const door =
    plan.fixtures.find((f) => f.kind === 'door') ?? plan.fixtures.find((f) => f.kind === 'hatch');
  if (!door) return [plan.shell.lengthM / 2, 0];
  const s = solidOf(door, plan);
  return [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];
}

/** Lowest corners to try, each list made when it is asked for. */
interface Spots {
  /** Along the four walls, the nearest to the way in first. */
  readonly handy: () => readonly Corner[];
  readonly middle: () => readonly Corner[];
  /** Along the walls, past the bars. */
  readonly behind: () => readonly Corner[];
}

function spotsAlong(on: Parameters<typeof alongWalls>[0], plan: Plan): Spots {
  const from = wayIn(plan);
  const isBehind = behindBars(plan, from);
  const sorted = alongWalls(on, STEP_M, true)
    .map((at) => ({
      at,
      away: (at[0] - from[0]) ** 2 + (at[1] - from[1]) ** 2,
      behind: isBehind(at),
    }))
    .sort((p, q) => p.away - q.away);
  return {
    handy: () => sorted.flatMap((s) => (s.behind ? [] : [s.at])),
    middle: () => (sorted.length === 0 ? [] : allOver(on, 2 * STEP_M)),
    behind: () => sorted.flatMap((s) => (s.behind ? [s.at] : [])),
  };
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
const baths = ({ plan, sizes, up }: Ground): OfKind<'dustBath'>[] =>
  [0.4, 0.6, 0.8].flatMap((deep) => {
    const id = `dust-bath-${freeNumber('dust-bath', plan.fixtures)}`;
    const bath = bathOf({ id, name: 'Dust bath' }, plan, sizes.birds, up(deep));
    return bath.lengthM < bath.depthM - 1e-9 ? [] : [bath, turnedRound(bath)];
  });
