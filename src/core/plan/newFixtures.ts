import { type FlockSizes, flockSizes } from '../birds/flockSizes';
import { birdSize } from '../birds/size';
import { barsOf, droppingsShadow, highestNestLipZ } from '../geometry/bars';
import { freeSpot } from '../geometry/freeRoom';
import { roofHeightM } from '../geometry/shell';
import { BOARD_M, boxesPerTier, meetInPlan, solidOf } from '../geometry/solids';
import { freeAlong, OPPOSITE, SIDES, wallLength, wallTop } from '../geometry/walls';
import { chosenSchool, fitM, RULE_BOOK } from '../rules/book';
import { FACTS } from '../rules/facts.data';
import { FIT } from '../rules/fit.data';
import { bracketsNeeded, timberOf } from '../stations/roosts.strength';
import { gridDown, gridNear, gridUp } from '../units/grid';
import { below, wholeUp } from '../units/number';
import { freeNumber } from './defaults';
import { fixtureOf } from './fixtures.schema';
import { litterEndM } from './litter';
import type { Bar, Fixture, NestBank, OfKind, Opening, Plan, Side } from './schema';

type Kind = Fixture['kind'];

/** What a further fixture of a kind is called and numbered by. */
const STEMS: Readonly<Record<Kind, readonly [string, string]>> = {
  bar: ['bar', 'Bar'],
  nestBank: ['nests', 'Nest bank'],
  window: ['window', 'Window'],
  vent: ['vent', 'Vent'],
  door: ['door', 'Door'],
  hatch: ['hatch', 'Hatch'],
  popDoor: ['pop-door', 'Pop door'],
  feeder: ['feeder', 'Feeder'],
  drinker: ['drinker', 'Drinker'],
  dish: ['dish', 'Dish'],
  dustBath: ['dust-bath', 'Dust bath'],
  board: ['board', 'Droppings board'],
  ledge: ['ledge', 'Ledge'],
  ceiling: ['ceiling', 'Mesh ceiling'],
};

function named<K extends Kind>(plan: Plan, kind: K) {
  const [stem, word] = STEMS[kind];
  const n = freeNumber(stem, plan.fixtures);
  return { id: `${stem}-${n}`, kind, name: `${word} ${n}` };
}

/** Measures of the plan's own tape, rounded so that a rule is kept. */
const tape = ({ units }: Plan) => ({
  up: (m: number): number => gridUp(m, units),
  down: (m: number): number => gridDown(m, units),
  near: (m: number): number => gridNear(m, units),
});

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
 * A vent under the eaves that stays open: as large as what the floor asks for and still lacks, where no sleeping
 * bird sits in its draught.
 */
export function newVent(plan: Plan, parts: Partial<OfKind<'vent'>> = {}): OfKind<'vent'> {
  const { up, down } = tape(plan);
  const school = chosenSchool(RULE_BOOK, plan.schools, 'air.area');
  const { lengthM, widthM } = plan.shell;
  const share = school.params.floorShare ?? 0;
  const open = plan.fixtures.reduce(
    (sum, f) => sum + (f.kind === 'vent' ? f.widthM * f.heightM * MESH_FREE : 0),
    0,
  );
  const wanted = Math.max(0.05, share * lengthM * widthM - open) / MESH_FREE;
  const band = Math.max(
    0,
    ...barsOf(plan)
      .filter((b) => b.use === 'sleeping')
      .map((b) => b.z + FACTS['air.band.above'].value),
  );
  let best: {
    hole: { widthM: number; heightM: number; sillZ: number };
    wall: Side;
    alongM: number;
    area: number;
  } | null = null;
  for (const wall of SIDES) {
    const top = down(wallTop(plan, wall) - 0.01);
    const low = Math.max(band, wallTop(plan, wall) * FACTS['air.high.share'].value);
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
  const wishes = [FACTS['reach.path'].value, FACTS['shell.doorway'].value].flatMap((deepM, i) => {
    const clear = clearInside(plan, sizes, deepM, i === 0);
    return [(wall: Side, alongM: number) => clear({ wall, alongM, widthM, heightM, sillZ: 0 })];
  });
  const hole = inWall(plan, walls, { widthM, heightM, sillZ: 0 }, wishes);
  return fixtureOf({ ...named(plan, 'door'), ...hole, ...parts });
}

/** Room to stand up in, m: lower ones are opened, not walked into. Source: wide-rafter (assumption). */
const WALKED_INTO_M = 1.7;

/** The plan with the door by which its keeper will walk in: what is put before it is kept clear of where that goes. */
function withDoorToCome(plan: Plan, sizes: FlockSizes): Plan {
  const has = plan.fixtures.some((f) => f.kind === 'door' || f.kind === 'hatch');
  if (has || plan.shell.roof.highM < WALKED_INTO_M) return plan;
  return { ...plan, fixtures: [...plan.fixtures, newDoor(plan, {}, sizes)] };
}

/** Depth along the rear wall that the first bar and its droppings will take, m; 0 where there is one, or nobody sleeps on bars. */
function barsToComeM(plan: Plan, { heaviestOnBarsKg: kg }: FlockSizes): number {
  if (kg === null || barsOf(plan).some((b) => b.use === 'sleeping')) return 0;
  return tape(plan).up(fitM('roosts.wall', kg) + fitM('roosts.shadow', kg));
}

/** Whether nothing stands, and nobody sleeps, over so much floor inside a hole in the wall. */
function clearInside(plan: Plan, sizes: FlockSizes, deepM: number, ofDroppings = true) {
  const kg = ofDroppings ? sizes.heaviestOnBarsKg : null;
  const shadows =
    kg === null
      ? []
      : barsOf(plan)
          .filter((b) => b.use === 'sleeping')
          .map((b) => droppingsShadow(b, kg, plan));
  const things = plan.fixtures
    .filter((f) => 'x' in f && f.kind !== 'ledge' && f.kind !== 'ceiling')
    .map((f) => solidOf(f, plan));
  return (hole: Pick<Opening, 'wall' | 'alongM' | 'widthM' | 'sillZ' | 'heightM'>): boolean => {
    const { lengthM, widthM } = plan.shell;
    const [from, to] = [hole.alongM, hole.alongM + hole.widthM];
    const strip = {
      front: { x0: from, x1: to, y0: 0, y1: deepM },
      rear: { x0: from, x1: to, y0: widthM - deepM, y1: widthM },
      left: { x0: 0, x1: deepM, y0: from, y1: to },
      right: { x0: lengthM - deepM, x1: lengthM, y0: from, y1: to },
    }[hole.wall];
    const solid = { ...strip, z0: hole.sillZ, z1: hole.sillZ + hole.heightM };
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
  const sillZ = up(litterEndM(plan) + FACTS['door.sill.above'].value);
  const [widthM, heightM] = [up(Math.max(0.3, sizes.doorM[0])), up(Math.max(0.35, sizes.doorM[1]))];
  const clear = clearInside(plan, sizes, FACTS['shell.doorway'].value);
  const far = apartFrom(plan, (f) => f.kind === 'nestBank' || f.kind === 'bar');
  const walls = byShelter(plan, 'front');
  const own = { widthM, heightM, sillZ };
  const isClear: Wish = (wall, alongM) => clear({ wall, alongM, ...own });
  const isFar: Wish = (wall, alongM) =>
    isClear(wall, alongM) && far({ wall, alongM, ...own }, FACTS['door.bars.apart'].value);
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
  const hop = sizes.ducks ? FACTS['door.duck.step'].value : sizes.hopM;
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

/** Where a round thing of this plan stands clear: its middle, or the quarter given where there is no room. */
function standing<F extends OfKind<'feeder'> | OfKind<'drinker'> | OfKind<'dish'>>(
  plan: Plan,
  fixture: F,
  sizes: FlockSizes,
): F {
  const corner = solidOf(fixture, plan);
  const [offX, offY] = [fixture.x - corner.x0, fixture.y - corner.y0];
  const alike = plan.fixtures.filter((f) => f.kind === fixture.kind);
  const deepM = corner.y1 - corner.y0;
  const look = (among: Plan, apartM: number, rearM = 0) =>
    freeSpot(among, sizes.heaviestOnBarsKg, {
      id: fixture.id,
      at: (x, y) => solidOf({ ...fixture, x: x + offX, y: y + offY }, plan),
      apartFrom: alike,
      apartM,
      only: (_, y) => y + deepM <= plan.shell.widthM - rearM,
    });
  const apart = fixture.kind === 'dish' ? 0 : FACTS['feed.two.apart'].value;
  const toCome = withDoorToCome(plan, sizes);
  const rearM = barsToComeM(plan, sizes);
  const spot =
    look(toCome, apart, rearM) ?? look(plan, apart) ?? look(toCome, 0, rearM) ?? look(plan, 0);
  const { near } = tape(plan);
  return spot === null ? fixture : { ...fixture, x: near(spot.x + offX), y: near(spot.y + offY) };
}

/** A hanging tube feeder, its rim at the smallest bird's back, where nothing stands and nothing falls. */
export function newFeeder(
  plan: Plan,
  parts: Partial<OfKind<'feeder'>> = {},
  sizes = flockSizes(plan),
): OfKind<'feeder'> {
  const { near, up } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const wanted = birdSize(sizes.smallestKg).backM;
  const wall = parts.type === 'port';
  const fixture = fixtureOf({
    ...named(plan, 'feeder'),
    type: 'tube',
    x: near(lengthM * 0.25),
    y: near(widthM * 0.3),
    rimZ: near(rimFor(plan, wanted, wall)),
    diameterM: up(0.3),
    lengthM: up(0.6),
    heightM: up(0.45),
    hung: true,
    onWall: wall,
    takenInAtNight: parts.type === undefined || parts.type === 'tube',
    ...parts,
  });
  return placedBy(parts) ? fixture : standing(plan, fixture, sizes);
}

const placedBy = (parts: { x?: number; y?: number; place?: string }): boolean =>
  parts.x !== undefined || parts.y !== undefined || parts.place === 'run';

/** A rim over the litter as it starts; fixed to the wall, midway between what both levels allow. */
const rimFor = (plan: Plan, wantedM: number, onWall: boolean): number => {
  const start = plan.litter.depthM;
  return onWall ? wantedM + (start + litterEndM(plan)) / 2 : wantedM + start;
};

/** A round fount on a tray, its rim at the smallest bird's back. */
export function newDrinker(
  plan: Plan,
  parts: Partial<OfKind<'drinker'>> = {},
  sizes = flockSizes(plan),
): OfKind<'drinker'> {
  const { near, up } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const { backM, headM } = birdSize(sizes.smallestKg);
  const nipple = parts.type === 'nipple';
  const wall = nipple || parts.type === 'cup';
  const wanted = nipple ? FACTS['water.nipple.times'].value * headM : backM;
  const fixture = fixtureOf({
    ...named(plan, 'drinker'),
    type: 'fount',
    x: near(lengthM * 0.75),
    y: near(widthM * 0.3),
    rimZ: near(rimFor(plan, wanted, wall)),
    diameterM: up(0.3),
    lengthM: up(0.6),
    heightM: up(0.35),
    hung: false,
    onWall: wall,
    ...parts,
  });
  return placedBy(parts) ? fixture : standing(plan, fixture, sizes);
}

/** A dish of shell or grit, where nothing falls on it. */
export function newDish(
  plan: Plan,
  holds: 'shell' | 'grit' = 'shell',
  sizes = flockSizes(plan),
): OfKind<'dish'> {
  const { near } = tape(plan);
  const fixture = fixtureOf({
    ...named(plan, 'dish'),
    name: holds === 'shell' ? 'Shell dish' : 'Grit dish',
    holds,
    x: near(plan.shell.lengthM * 0.5),
    y: near(0.15),
  });
  return standing(plan, fixture, sizes);
}

/** A dust bath as large as all birds of the plan ask for at once, where there is room for it. */
export function newDustBath(
  plan: Plan,
  parts: Partial<OfKind<'dustBath'>> = {},
  sizes = flockSizes(plan),
): OfKind<'dustBath'> {
  const { up, near } = tape(plan);
  const area = Math.max(FACTS['dustBath.least'].value, sizes.birds * FACTS['dustBath.hen'].value);
  const depthM = parts.depthM ?? up(area <= 0.24 ? 0.4 : 0.6);
  const lengthM = parts.lengthM ?? up(area / depthM);
  const fixture = fixtureOf({
    ...named(plan, 'dustBath'),
    x: near(Math.max(0, plan.shell.lengthM - lengthM - 0.05)),
    y: near(0.05),
    lengthM,
    depthM,
    fillM: up(FACTS['dustBath.deep'].value),
    ...parts,
  });
  if (placedBy(parts)) return fixture;
  const look = (f: OfKind<'dustBath'>, among: Plan, rearM: number) =>
    freeSpot(among, sizes.heaviestOnBarsKg, {
      id: f.id,
      at: (x, y) => solidOf({ ...f, x, y }, plan),
      only: (_, y) => y + f.depthM <= plan.shell.widthM - rearM,
    });
  for (const [among, rearM] of [
    [withDoorToCome(plan, sizes), barsToComeM(plan, sizes)],
    [plan, 0],
  ] as const) {
    for (const turned of [fixture, { ...fixture, lengthM: depthM, depthM: lengthM }]) {
      const spot = look(turned, among, rearM);
      if (spot) return { ...turned, x: near(spot.x), y: near(spot.y) };
    }
  }
  // no room indoors: it stands in the run where there is one
  return plan.run === null ? fixture : { ...fixture, place: 'run', roofed: true };
}

/** How far a new board hangs under the bars, and the nearest it may: droppings are scraped from between, m. Source: wide-rafter (assumption). */
const BOARD_BELOW_M = 0.1;
const BOARD_NEAREST_M = 0.06;

/** A board under the bars, from the wall they stand at to what falls before the foremost; without bars, along the rear wall. */
export function newBoard(plan: Plan, parts: Partial<OfKind<'board'>> = {}): OfKind<'board'> {
  const { up, down, near } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const bars = barsOf(plan).filter((b) => b.use === 'sleeping' && b.axis === 'x');
  const front = FACTS['roosts.board.front'].value;
  const y = bars.length === 0 ? widthM - 0.7 : Math.min(...bars.map((b) => b.y)) - front;
  const under = Math.min(...bars.map((b) => b.z - b.section.heightM));
  const low = near(under - BOARD_BELOW_M);
  // a hand nearer to the bars where that leaves the floor below it to the birds
  const isRaised = !below(low - BOARD_M - litterEndM(plan), FIT['floor.raised'].valueM);
  const z =
    bars.length === 0
      ? near(plan.litter.depthM + 0.5)
      : isRaised
        ? low
        : down(under - BOARD_NEAREST_M);
  const from = Math.max(0, down(y));
  return fixtureOf({
    ...named(plan, 'board'),
    x: 0,
    y: from,
    z: Math.max(up(0.05), z),
    lengthM: lengthM,
    depthM: Math.max(0.1, widthM - from),
    ...parts,
  });
}

/** A rafter or brace as it stands in the house: narrow enough that nobody roosts on it until it is said to be wider. */
export const newLedge = (plan: Plan): OfKind<'ledge'> =>
  fixtureOf({
    ...named(plan, 'ledge'),
    x: 0,
    y: tape(plan).near(plan.shell.widthM / 2),
    z: tape(plan).near(plan.litter.depthM + 1.2),
    lengthM: plan.shell.lengthM,
    depthM: tape(plan).down(FACTS['roosts.ledge.width'].value),
  });

/**
 * Mesh from wall to wall under the lowest ledge that birds would sleep on, else under the eaves, and over the heads of
 * those on the bars.
 */
export function newCeiling(plan: Plan): OfKind<'ceiling'> {
  const { down } = tape(plan);
  const { lengthM, widthM, roof } = plan.shell;
  const bars = barsOf(plan).map((b) => b.z);
  const from = bars.length === 0 ? 0 : Math.min(...bars) - FACTS['roosts.ledge.below'].value;
  const ledges = plan.fixtures.flatMap((f) => (f.kind === 'ledge' && f.z >= from ? [f.z] : []));
  const under = (ledges.length === 0 ? roof.lowM : Math.min(...ledges)) - RAFTER_M;
  return fixtureOf({
    ...named(plan, 'ceiling'),
    x: 0,
    y: 0,
    z: Math.max(0.1, down(under)),
    lengthM,
    depthM: widthM,
  });
}

/** Mesh hangs so far under the top of what it keeps birds off, m. Source: wide-rafter (assumption). */
const RAFTER_M = 0.1;

/**
 * A further bar: off the rear wall by what its birds want, clear of the litter at both levels and of the nests, as
 * long as the flock asks for or the room allows, with the brackets it needs; or one row in front of the foremost.
 */
export function newBar(plan: Plan, sizes = flockSizes(plan)): Bar {
  const { up, down } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const kg = sizes.heaviestOnBarsKg ?? 2.2;
  const bars = barsOf(plan).filter((b) => b.axis === 'x' && b.use === 'sleeping');
  const foremost = bars.reduce<Bar | null>((a, b) => (a === null || b.y < a.y ? b : a), null);
  const end = up(FIT['roosts.end.near'].valueM);
  const most = Math.max(0.3, down(lengthM - 2 * end));
  const wanted = sizes.birds === 0 ? 2.4 : sizes.roostM + 0.05;
  const barLength = foremost?.lengthM ?? Math.min(most, Math.max(up(0.6), up(wanted)));
  const lip = highestNestLipZ(plan);
  const z =
    foremost?.z ??
    up(
      Math.max(
        plan.litter.depthM + FIT['roosts.lowest'].valueM,
        litterEndM(plan) + FIT['roosts.lowest.final'].valueM,
        lip === null ? overNestsToCome(plan, sizes) : lip + FIT['roosts.aboveNests'].valueM,
      ),
    );
  const y = foremost
    ? foremost.y - up(fitM('roosts.apart.level', kg))
    : widthM - up(fitM('roosts.wall', kg));
  const bar = fixtureOf({
    ...named(plan, 'bar'),
    x: foremost?.x ?? down((lengthM - barLength) / 2),
    y: Math.max(up(0.1), y),
    z,
    axis: 'x',
    lengthM: barLength,
    section: { shape: 'flat', widthM: 0.089, heightM: 0.038 },
    wallToWall: false,
    use: 'sleeping',
  });
  const timber = timberOf(bar);
  const each = sizes.birds === 0 ? 0.3 : sizes.roostM / Math.max(1, sizes.birds);
  const load = Math.ceil(barLength / Math.max(0.15, each)) * kg;
  return { ...bar, brackets: timber === null ? 0 : (bracketsNeeded(bar, timber, load) ?? 0) };
}

/** Where a hen's lip stands by default, m above the bare floor: birds get in, and the keeper need not stoop. */
const usualLipZ = (plan: Plan): number =>
  Math.max(plan.litter.depthM + 0.45, FACTS['reach.bend'].value);

/** How high bars stand so that nests still to come fit under them, as far as all birds get up there and may sleep so high. */
function overNestsToCome(plan: Plan, { layers, highestM, hopM }: FlockSizes): number {
  if (layers === 0) return 0;
  const most = plan.litter.depthM + Math.min(highestM, hopM);
  const over = tape(plan).up(usualLipZ(plan) + FIT['roosts.aboveNests'].valueM + SPARE_M);
  return over <= most + 1e-9 ? over : Math.max(0, tape(plan).down(most));
}

/** Room that is left between nests and bars beside the rule's own, m. */
const SPARE_M = 0.02;

/** A hen's lip stands no lower over litter as it starts, m. */
const LOW_LIP_M = 0.3;

/**
 * A further bank of boxes, large enough for the largest hens and as many as they ask for, out of the droppings and
 * away from the pop door, its lip where hens get to it and the keeper need not stoop.
 */
export function newNestBank(plan: Plan, sizes = flockSizes(plan)): NestBank {
  const { up } = tape(plan);
  const school = chosenSchool(RULE_BOOK, plan.schools, 'nests.hens');
  const there = plan.fixtures.reduce((n, f) => n + (f.kind === 'nestBank' ? f.boxes : 0), 0);
  const needed = sizes.layers === 0 ? 2 : Math.max(2, wholeUp(sizes.layers / school.value));
  const onFloor = sizes.ducks && plan.flock.length === 1;
  const sleeping = barsOf(plan).flatMap((b) => (b.use === 'sleeping' ? [b.z] : []));
  const lipZ = onFloor
    ? up(litterEndM(plan) + 0.1)
    : up(
        Math.max(
          plan.litter.depthM + LOW_LIP_M + (sizes.ducks ? 0.01 : 0),
          litterEndM(plan) + FACTS['nests.lip.final'].value,
          Math.min(
            usualLipZ(plan),
            // bars stand clear over it, and birds that sleep low sleep there
            plan.litter.depthM + sizes.highestM - FIT['roosts.aboveNests'].valueM - SPARE_M,
            // the bars that are there stay where they are
            Math.min(...sleeping) - FIT['roosts.aboveNests'].valueM - SPARE_M,
          ),
        ),
      );
  const climb = lipZ - plan.litter.depthM;
  const made = fixtureOf({
    ...named(plan, 'nestBank'),
    x: 0,
    y: 0,
    lipZ,
    boxes: Math.max(1, there === 0 ? needed : needed - there),
    rows: 1,
    boxW: up(sizes.boxM[0]),
    boxD: up(sizes.boxM[1]),
    boxH: up(sizes.boxM[2]),
    faces: 'right',
    hungOutside: false,
    stepZ: climb > sizes.hopM ? up(plan.litter.depthM + climb / 2) : 0,
  });
  const rearM = barsToComeM(plan, sizes);
  const toCome = withDoorToCome(plan, sizes);
  return (
    againstWall(toCome, made, sizes, rearM) ??
    againstWall(plan, made, sizes, rearM) ??
    againstWall(plan, made, sizes) ??
    made
  );
}

/**
 * A bank against the wall that is darkest and free: out of the droppings, clear of things, doorways and the pop door's light.
 * @param rearM  left free along the rear wall, m
 */
export function againstWall(
  plan: Plan,
  bank: NestBank,
  sizes: Pick<FlockSizes, 'heaviestOnBarsKg'>,
  rearM = 0,
): NestBank | null {
  const across = boxesPerTier(bank) * bank.boxW;
  const { lengthM, widthM } = plan.shell;
  const faces: readonly Side[] = ['right', 'left', 'rear', 'front'];
  const doors = plan.fixtures.filter((f) => f.kind === 'popDoor').map((f) => solidOf(f, plan));
  const dark = FACTS['nests.light.apart'].value;
  for (const face of faces) {
    const alongX = face === 'front' || face === 'rear';
    if (across > (alongX ? lengthM : widthM)) continue;
    const turned = { ...bank, faces: face };
    const at = (x: number, y: number): NestBank => ({ ...turned, x, y });
    const flush = {
      right: (x: number) => x < 0.03,
      left: () => true,
      rear: (_: number, y: number) => y < 0.03,
      front: () => true,
    }[face];
    const spot = freeSpot(plan, sizes.heaviestOnBarsKg, {
      id: bank.id,
      at: (x, y) =>
        solidOf(
          at(toWall(face, x, lengthM - bank.boxD), toWall(face, y, widthM - bank.boxD, true)),
          plan,
        ),
      only: (x, y) => {
        if (!flush(x, y)) return false;
        const here = solidOf(
          at(toWall(face, x, lengthM - bank.boxD), toWall(face, y, widthM - bank.boxD, true)),
          plan,
        );
        if (here.y1 > widthM - rearM + 1e-9) return false;
        return doors.every((d) => {
          const dx = Math.max(0, d.x0 - here.x1, here.x0 - d.x1);
          const dy = Math.max(0, d.y0 - here.y1, here.y0 - d.y1);
          return Math.hypot(dx, dy) >= dark;
        });
      },
    });
    if (spot) {
      return at(
        toWall(face, spot.x, lengthM - bank.boxD),
        toWall(face, spot.y, widthM - bank.boxD, true),
      );
    }
  }
  return null;
}

/** A bank stands with its back to the wall: to the last digit. */
function toWall(face: Side, at: number, farM: number, isY = false): number {
  if (!isY) return face === 'right' ? 0 : face === 'left' ? farM : at;
  return face === 'rear' ? 0 : face === 'front' ? farM : at;
}

/** The lowest roof over a fixture, m. */
export const roofOver = (fixture: Fixture, plan: Plan): number => {
  const s = solidOf(fixture, plan);
  return Math.min(
    ...[s.x0, s.x1].flatMap((x) => [s.y0, s.y1].map((y) => roofHeightM(plan.shell, x, y))),
  );
};
