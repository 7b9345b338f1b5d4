import { bareOf } from '../../air/bare';
import { airNeedsOf } from '../../air/needs';
import { type FlockSizes, flockSizes } from '../../birds/flockSizes';
import { droppingsShadow, sleepingBars } from '../../geometry/bars';
import { meetInPlan } from '../../geometry/forms';
import { solidOf } from '../../geometry/solids';
import {
  floorInside,
  freeAlong,
  isWalkedInto,
  OPPOSITE,
  SIDES,
  wallLength,
  wallTop,
} from '../../geometry/walls';
import { fixtureOf } from '../../model/fixtures.schema';
import { litterEndM } from '../../model/litter';
import type { Fixture, OfKind, Opening, Plan, Side } from '../../model/schema';
import { tape } from '../../model/tape';
import { chosenSchool, RULE_BOOK } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { workClimate } from '../../weather/climate';
import { named } from './named';

interface Hole {
  readonly widthM: number;
  readonly heightM: number;
  readonly sillZ: number;
}

/** What the place of a hole ought to be beside free of other holes. */
type Wish = (wall: Side, alongM: number) => boolean;

/** A hole in the first wall, of those given, that has room for it; null where none has. */
function holeIn<H extends Hole>(
  plan: Plan,
  walls: readonly Side[],
  hole: H,
  wish: Wish = () => true,
): (H & { wall: Side; alongM: number }) | null {
  const { down } = tape(plan);
  for (const wall of walls) {
    if (wallTop(plan, wall) < hole.sillZ + hole.heightM) continue;
    const at = freeAlong(plan, wall, hole, (alongM) => wish(wall, alongM), down);
    if (at !== null) return { ...hole, wall, alongM: at };
  }
  return null;
}

/**
 * The same; in the middle of the first wall where none has room for it.
 * @param wishes  where no wall has a place as the first asks, the next is asked for
 */
function inWall<H extends Hole>(
  plan: Plan,
  walls: readonly Side[],
  hole: H,
  wishes: readonly Wish[] = [],
): H & { wall: Side; alongM: number } {
  const { down } = tape(plan);
  for (const wish of [...wishes, () => true]) {
    const found = holeIn(plan, walls, hole, wish);
    if (found) return found;
  }
  const wall = walls[0] ?? 'front';
  const middle = Math.max(0, (wallLength(plan, wall) - hole.widthM) / 2);
  return { ...hole, wall, alongM: down(middle) };
}

/** Walls in the order a thing is tried: the lee first, then those beside it, the weather side last. */
function byShelter({ site }: Plan, first: Side): Side[] {
  const windward = site.windFrom;
  const start = windward === null ? first : OPPOSITE[windward];
  return [
    start,
    ...SIDES.filter((s) => s !== start && s !== windward),
    ...(windward ? [windward] : []),
  ].filter((s, i, all) => all.indexOf(s) === i);
}

/** Net share of half-inch hardware cloth, which new vents have. */
const MESH_FREE = 0.84;

/**
 * A vent under the eaves that stays open: as large as what the rule chosen asks for and the coop still lacks, where no
 * sleeping bird sits in its draught.
 * @param sizes  of the flock; left out where the size is given
 */
export function newVent(
  plan: Plan,
  parts: Partial<OfKind<'vent'>> = {},
  sizes: FlockSizes | null = null,
): OfKind<'vent'> {
  const { up, down } = tape(plan);
  const { lengthM } = plan.shell;
  const open = plan.fixtures.reduce(
    (sum, f) => sum + (f.kind === 'vent' ? f.widthM * f.heightM * MESH_FREE : 0),
    0,
  );
  const wanted = Math.max(0.05, (sizes ? wantedM2(plan, sizes) : 0) - open) / MESH_FREE;
  const band = Math.max(0, ...sleepingBars(plan).map((b) => b.z + ruled('air.band.above')));
  let best: {
    hole: { widthM: number; heightM: number; sillZ: number };
    wall: Side;
    alongM: number;
    area: number;
  } | null = null;
  for (const wall of SIDES) {
    const top = down(wallTop(plan, wall) - 0.01);
    const low = Math.max(band, wallTop(plan, wall) * ruled('air.high.share'));
    const room = down(wallLength(plan, wall) - 0.1);
    const tall = down(top - up(low));
    if (tall < 0.04 || room < 0.1) continue;
    const heightM = Math.min(tall, Math.max(up(0.1), up(wanted / room)));
    const hole = {
      widthM: Math.min(room, up(wanted / heightM)),
      heightM,
      sillZ: down(top - heightM),
    };
    const at = freeAlong(plan, wall, hole);
    const area = hole.widthM * hole.heightM;
    if (at !== null && (best === null || area > best.area + 1e-9)) {
      best = { hole, wall, alongM: down(at), area };
    }
  }
  const fallback = {
    wall: 'front' as const,
    alongM: up(0.1),
    sillZ: Math.max(up(0.1), down(wallTop(plan, 'front') - 0.2)),
    widthM: down(Math.min(0.6, lengthM / 2)),
    heightM: up(0.15),
  };
  const where = best === null ? fallback : { ...best.hole, wall: best.wall, alongM: best.alongM };
  return fixtureOf({ ...named(plan, 'vent'), ...where, ...parts });
}

/** Net area that the rule chosen asks for of what stays open, with a hair to spare, m²; of rules of the floor or the bird, in all. */
function wantedM2(plan: Plan, { mediums, heat }: FlockSizes): number {
  const { params } = chosenSchool(RULE_BOOK, plan.schools, 'air.area');
  const { lengthM, widthM } = plan.shell;
  const climate = params.computed === 1 ? workClimate(plan.climate) : null;
  if (climate === null || heat.layerW + heat.meatW === 0)
    return (params.floorShare ?? 0) * lengthM * widthM + (params.perBirdM2 ?? 0) * mediums;
  const needs = airNeedsOf(bareOf(plan, heat), climate.hours);
  // what stays open all winter; windows to open in the heat are others
  return AIR_SPARE * needs.winter.netM2;
}
/** Made a hair larger than must be, so that a rounding never decides. */
const AIR_SPARE = 1.02;

/** A meshed window that shuts, over the birds' floor, where no other hole is. */
export function newWindow(plan: Plan, sizes = flockSizes(plan)): OfKind<'window'> {
  const { up, down } = tape(plan);
  const walls = byShelter(plan, 'front');
  const sillZ = up(litterEndM(plan) + WINDOW_SILL_M);
  const most = Math.max(...walls.map((w) => wallTop(plan, w))) - sillZ - 0.05;
  const heightM = down(Math.min(0.5, Math.max(0.1, most)));
  const widthM = down(Math.min(0.6, plan.shell.lengthM * 0.8));
  const own = { widthM, heightM, sillZ };
  const beside = withDoorToCome(plan, sizes);
  const hole = holeIn(beside, walls, own) ?? inWall(plan, walls, own);
  return fixtureOf({ ...named(plan, 'window'), ...hole, opens: 'closable', cover: 'mesh13' });
}

/** A new window's sill over litter as it ends, m: over the heads of birds on the floor. Source: wide-rafter (assumption). */
const WINDOW_SILL_M = 0.8;

/** A person's door, as tall as the roof allows, where no bird sleeps over the way in. */
export function newDoor(
  plan: Plan,
  parts: Partial<OfKind<'door'>> = {},
  sizes = flockSizes(plan),
): OfKind<'door'> {
  const { down } = tape(plan);
  const walls = byShelter(plan, 'front');
  const heightM = down(Math.min(1.8, Math.max(...walls.map((w) => wallTop(plan, w))) - 0.05));
  const widthM = down(Math.min(0.75, plan.shell.lengthM * 0.8));
  // a path to walk in by, clear of the bars; else a step in
  const wishes = [ruled('reach.path'), ruled('shell.doorway')].flatMap((deepM, i) => {
    const clear = clearInside(plan, sizes, deepM, i === 0);
    return [(wall: Side, alongM: number) => clear({ wall, alongM, widthM, heightM, sillZ: 0 })];
  });
  const hole = inWall(plan, walls, { widthM, heightM, sillZ: 0 }, wishes);
  return fixtureOf({ ...named(plan, 'door'), ...hole, ...parts });
}

/** The plan with the door by which its keeper will walk in: what is put before it is kept clear of where that goes. */
export function withDoorToCome(plan: Plan, sizes: FlockSizes): Plan {
  const has = plan.fixtures.some((f) => f.kind === 'door' || f.kind === 'hatch');
  if (has || !isWalkedInto(plan)) return plan;
  return { ...plan, fixtures: [...plan.fixtures, newDoor(plan, {}, sizes)] };
}

/** Whether nothing stands, and nobody sleeps, over so much floor inside a hole in the wall. */
function clearInside(plan: Plan, sizes: FlockSizes, deepM: number, ofDroppings = true) {
  const kg = ofDroppings ? sizes.heaviestOnBarsKg : null;
  const shadows = kg === null ? [] : sleepingBars(plan).map((b) => droppingsShadow(b, kg, plan));
  const things = plan.fixtures
    .filter((f) => 'x' in f && f.kind !== 'ledge' && f.kind !== 'ceiling')
    .map((f) => solidOf(f, plan));
  return (hole: Pick<Opening, 'wall' | 'alongM' | 'widthM' | 'sillZ' | 'heightM'>): boolean => {
    const solid = floorInside(plan.shell, hole, deepM);
    return (
      shadows.every((s) => !meetInPlan(s, solid)) &&
      things.every((s) => !meetInPlan(s, solid) || s.z0 >= solid.z1 || s.z1 <= solid.z0)
    );
  };
}

/** A clean-out hatch level with the floor. */
export function newHatch(plan: Plan, parts: Partial<OfKind<'hatch'>> = {}): OfKind<'hatch'> {
  const { up, down } = tape(plan);
  const widthM = down(Math.min(0.8, plan.shell.widthM * 0.8));
  const walls: Side[] = ['left', 'right', 'rear', 'front'];
  const hole = inWall(plan, walls, { widthM, heightM: up(0.5), sillZ: 0 });
  return fixtureOf({ ...named(plan, 'hatch'), ...hole, ...parts });
}

/** A pop door, its sill over the litter as it ends, large enough for the largest birds planned, away from nests and bars. */
export function newPopDoor(
  plan: Plan,
  parts: Partial<OfKind<'popDoor'>> = {},
  sizes = flockSizes(plan),
): OfKind<'popDoor'> {
  const { up, down } = tape(plan);
  const sillZ = up(litterEndM(plan) + ruled('door.sill.above'));
  const [widthM, heightM] = [up(Math.max(0.3, sizes.doorM[0])), up(Math.max(0.35, sizes.doorM[1]))];
  const clear = clearInside(plan, sizes, ruled('shell.doorway'));
  const far = apartFrom(plan, (f) => f.kind === 'nestBank' || f.kind === 'bar');
  const walls = byShelter(plan, 'front');
  const own = { widthM, heightM, sillZ };
  const isClear: Wish = (wall, alongM) => clear({ wall, alongM, ...own });
  const isFar: Wish = (wall, alongM) =>
    isClear(wall, alongM) && far({ wall, alongM, ...own }, ruled('door.bars.apart'));
  const hole =
    holeIn(withDoorToCome(plan, sizes), walls, own, isFar) ??
    inWall(plan, walls, own, [isFar, isClear]);
  const { floorAboveGroundM } = plan.shell;
  const [steepest, rampWidth] = sizes.rampM;
  const slope = Math.sin((Math.min(30, steepest) * Math.PI) / 180);
  const ramp =
    floorAboveGroundM > 0.2
      ? { lengthM: up(floorAboveGroundM / slope), widthM: up(rampWidth), cleatM: down(0.14) }
      : null;
  const climb = sillZ - plan.litter.depthM;
  const hop = sizes.ducks ? ruled('door.duck.step') : sizes.hopM;
  const half = up(plan.litter.depthM + climb / 2);
  // where one step is not enough they walk up
  const rampInside = climb > hop && Math.max(half - plan.litter.depthM, sillZ - half) > hop;
  const stepZ = climb > hop && !rampInside ? half : 0;
  return fixtureOf({ ...named(plan, 'popDoor'), ...hole, ramp, stepZ, rampInside, ...parts });
}

/** How far a hole in the wall lies from things of a kind, seen from above. */
function apartFrom(plan: Plan, of: (f: Fixture) => boolean) {
  const solids = plan.fixtures.filter(of).map((f) => solidOf(f, plan));
  return (
    hole: Pick<Opening, 'wall' | 'alongM' | 'widthM' | 'sillZ' | 'heightM'>,
    leastM: number,
  ): boolean => {
    const door = solidOf({ ...named(plan, 'popDoor'), ...hole } as Fixture, plan);
    return solids.every((s) => {
      const dx = Math.max(0, s.x0 - door.x1, door.x0 - s.x1);
      const dy = Math.max(0, s.y0 - door.y1, door.y0 - s.y1);
      return Math.hypot(dx, dy) >= leastM;
    });
  };
}
