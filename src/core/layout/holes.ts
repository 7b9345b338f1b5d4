import { freeNumber } from '../edit/freeNumber';
import { droppingsShadow, sleepingBars } from '../geometry/bars';
import { meetInPlan } from '../geometry/forms';
import { gapInPlan } from '../geometry/segments';
import { solidOf } from '../geometry/solids';
import { OPPOSITE, SIDES, wallLength, wallTop } from '../geometry/walls';
import { atMost } from '../kernel/units/number';
import { fixtureOf } from '../model/fixtures.schema';
import { litterEndM } from '../model/litter';
import type { Fixture, OfKind, Opening, Plan, Side } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Ground } from './ground';

export interface Hole {
  readonly wall: Side;
  readonly alongM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly sillZ: number;
}

/** A coop is walked into from so high on, m: lower ones are worked through hatches. Source: wide-rafter (assumption). */
const WALKED_INTO_M = 1.7;

export const isWalkedInto = ({ shell }: Plan): boolean => shell.roof.highM >= WALKED_INTO_M;

/** Left between two holes of one wall, and at its ends, m: a stud stands there. */
const STUD_M = 0.05;
/** Places along a wall are tried this far apart, m. */
const STEP_M = 0.1;

/** Walls with the lee first and the weather side last. */
const byShelter = ({ site }: Plan): Side[] => {
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

/** The floor inside a hole, so deep, as a solid. */
export function insideOf({ shell }: Plan, hole: Hole, deepM: number) {
  const [from, to] = [hole.alongM, hole.alongM + hole.widthM];
  const z = { z0: hole.sillZ, z1: hole.sillZ + hole.heightM };
  switch (hole.wall) {
    case 'front':
      return { x0: from, x1: to, y0: 0, y1: deepM, ...z };
    case 'rear':
      return { x0: from, x1: to, y0: shell.widthM - deepM, y1: shell.widthM, ...z };
    case 'left':
      return { x0: 0, x1: deepM, y0: from, y1: to, ...z };
    case 'right':
      return { x0: shell.lengthM - deepM, x1: shell.lengthM, y0: from, y1: to, ...z };
  }
}

/** Whether nothing stands, and no droppings fall, so deep inside a hole. */
function isClear(plan: Plan, kg: number | null, hole: Hole, deepM: number, ofDroppings: boolean) {
  const room = insideOf(plan, hole, deepM);
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

type Wish = (hole: Hole) => boolean;

/** The first hole, of sizes and walls in their order, that the first wish finds; then the next wish. */
function firstHole(
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

const numbered = (plan: Plan, stem: string): number => freeNumber(stem, plan.fixtures);

/** A door to walk in by where one can stand up, else hatches to clean out and to reach in. */
export function placeWaysIn(ground: Ground, plan: Plan): Fixture[] {
  const { down, up, sizes } = ground;
  const kg = sizes.heaviestOnBarsKg;
  if (isWalkedInto(plan)) {
    const heights = [...new Set(SIDES.map((w) => down(Math.min(1.8, wallTop(plan, w) - 0.05))))]
      .filter((h) => h >= 1.2)
      .sort((a, b) => b - a);
    const widths = [0.75, 0.6].map(down);
    const hole = firstHole(
      ground,
      plan,
      widths.flatMap((widthM) => heights.map((heightM) => ({ widthM, heightM, sillZ: 0 }))),
      [
        (h) => isClear(plan, kg, h, ruled('reach.path'), true),
        (h) => isClear(plan, kg, h, ruled('shell.doorway'), false),
      ],
    );
    if (hole) {
      return [
        fixtureOf({ id: `door-${numbered(plan, 'door')}`, kind: 'door', name: 'Door', ...hole }),
      ];
    }
  }
  const made: Fixture[] = [];
  // what no arm gets to from one long side is got to from the other
  const { lengthM, widthM } = plan.shell;
  const walls: Side[] = lengthM >= widthM ? ['front', 'rear'] : ['left', 'right'];
  const needed = Math.min(lengthM, widthM) > plan.keeper.armM ? 2 : 1;
  for (const [k, wall] of [...walls, ...SIDES.filter((s) => !walls.includes(s))].entries()) {
    if (made.length >= needed && k >= 2) break;
    if (made.length >= needed) continue;
    const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const long = wallLength(plan, wall);
    const widths = [...new Set([down(Math.min(1.2, long - 2 * STUD_M)), up(0.5)])];
    const heightM = up(Math.min(0.5, Math.max(0.3, wallTop(plan, wall) - 0.1)));
    const hole = firstHole(
      ground,
      among,
      widths.filter((w) => w >= 0.3).map((w) => ({ widthM: w, heightM, sillZ: 0 })),
      [() => true],
      [wall],
    );
    if (!hole) continue;
    const n = numbered(among, 'hatch');
    made.push(
      fixtureOf({
        id: `hatch-${n}`,
        kind: 'hatch',
        name: made.length === 0 ? 'Clean-out hatch' : `Hatch ${made.length + 1}`,
        use: 'cleanOut',
        ...hole,
      }),
    );
  }
  return made;
}

/** Pop doors for all birds: over the litter as it ends, far from bars and nests where that can be. */
export function placePopDoors(ground: Ground, plan: Plan): OfKind<'popDoor'>[] | null {
  const { sizes, up, hopM } = ground;
  const needed = Math.max(1, Math.ceil(sizes.birds / ruled('door.birds') - 1e-9));
  const sillZ = up(litterEndM(plan) + ruled('door.sill.above'));
  const widthM = up(Math.max(0.3, sizes.doorM[0]));
  const heightM = up(Math.max(0.35, sizes.doorM[1]));
  const kg = sizes.heaviestOnBarsKg;
  const made: OfKind<'popDoor'>[] = [];
  for (let k = 0; k < needed; k++) {
    const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const far = (kind: Fixture['kind'], leastM: number): Wish => {
      const solids = among.fixtures
        .filter((f) => f.kind === kind && !(f.kind === 'bar' && f.use === 'step'))
        .map((f) => solidOf(f, plan));
      return (h) => {
        const own = solidOf({ kind: 'popDoor', ...h } as Fixture, plan);
        return solids.every((s) => gapInPlan(s, own) >= leastM);
      };
    };
    const clear: Wish = (h) => isClear(among, kg, h, ruled('shell.doorway'), false);
    const fromNests = far('nestBank', ruled('nests.light.apart'));
    const fromBars = far('bar', ruled('door.bars.apart'));
    const hole = firstHole(
      ground,
      among,
      [{ widthM, heightM, sillZ }],
      [
        (h) => clear(h) && fromNests(h) && fromBars(h),
        (h) => clear(h) && fromNests(h),
        (h) => clear(h) && fromBars(h),
        clear,
      ],
    );
    if (hole === null) return null;
    made.push(withWays(ground, among, hole, needed, hopM));
  }
  return made;
}

/** The pop door with the ramp, the step or the ramp inside that its birds ask for. */
function withWays(
  { sizes, up, down }: Ground,
  plan: Plan,
  hole: Hole,
  needed: number,
  chickensHopM: number,
): OfKind<'popDoor'> {
  const { floorAboveGroundM } = plan.shell;
  const [steepest, rampWidth] = sizes.rampM;
  const slope = Math.sin((Math.min(30, steepest) * Math.PI) / 180);
  const hopM = sizes.ducks ? ruled('door.duck.step') : chickensHopM;
  const climb = hole.sillZ - plan.litter.depthM;
  const half = up(plan.litter.depthM + climb / 2);
  const oneStep = Math.max(half - plan.litter.depthM, hole.sillZ - half) <= hopM + 1e-9;
  const n = numbered(plan, 'pop-door');
  return fixtureOf({
    id: `pop-door-${n}`,
    kind: 'popDoor',
    name: needed === 1 ? 'Pop door' : `Pop door ${n}`,
    ...hole,
    ramp:
      floorAboveGroundM > 0.2
        ? { lengthM: up(floorAboveGroundM / slope), widthM: up(rampWidth), cleatM: down(0.14) }
        : null,
    stepZ: climb > hopM + 1e-9 && oneStep ? half : 0,
    rampInside: climb > hopM + 1e-9 && !oneStep,
  });
}

/** Free share of half-inch hardware cloth. */
const MESH_FREE = 0.8416;
/** Made a hair larger than must be, so that a rounding never decides. */
const AIR_SPARE = 1.02;

/** Net area that must stand open high up in winter, and be there in all, m². */
export interface AirNeeds {
  readonly alwaysM2: number;
  readonly allM2: number;
}

/** Openings by rule: strips under the eaves that stay open, and windows to shut, wherever the walls are free. */
export function placeOpenings(ground: Ground, plan: Plan, needs: AirNeeds): Fixture[] {
  const made: Fixture[] = [];
  let always = (needs.alwaysM2 * AIR_SPARE) / MESH_FREE;
  let all = (needs.allM2 * AIR_SPARE) / MESH_FREE;
  const bars = sleepingBars(plan).map((b) => b.z);
  const bandTop = Math.max(0, ...bars) + ruled('air.band.above');
  const { down, up } = ground;
  // where strips clear of sleeping birds are too few, all of them turn their air up
  const clearM2 = wallsFor(plan).reduce((sum, wall) => {
    const { top, room, tallest } = stripOf(ground, plan, wall);
    return sum + Math.max(0, room * Math.min(tallest, top - bandTop));
  }, 0);
  const kinds = clearM2 > 1.3 * always ? [false, true] : [true];
  for (const wall of wallsFor(plan)) {
    if (always <= 1e-9) break;
    const { top, room, tallest } = stripOf(ground, plan, wall);
    const clearOfBirds = top - bandTop;
    for (const baffle of kinds) {
      const most = down(baffle ? tallest : Math.min(tallest, clearOfBirds));
      if (most < 0.05) continue;
      for (let k = 0; k < MOST_VENTS && always > 1e-9; k++) {
        const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
        const sizes = [room, room / 2, room / 3, 0.6, 0.3].map(down).flatMap((width) => {
          if (width < 0.15) return [];
          const heightM = Math.min(most, Math.max(up(0.1), up(always / width)));
          const widthM = Math.min(width, up(Math.max(0.15, always / heightM)));
          return [{ widthM, heightM, sillZ: down(top - heightM) }];
        });
        const hole = firstHole(ground, among, sizes, [() => true], [wall]);
        if (!hole) break;
        made.push(
          fixtureOf({
            id: `vent-${numbered(among, 'vent')}`,
            kind: 'vent',
            name: `Vent ${made.length + 1}`,
            ...hole,
            baffle,
          }),
        );
        always -= hole.widthM * hole.heightM;
        all -= hole.widthM * hole.heightM;
      }
    }
  }
  let windows = 0;
  for (const [widthMost, heightMost] of WINDOWS) {
    for (const wall of byShelter(plan)) {
      for (let k = 0; k < 6 && all > 1e-9; k++) {
        const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
        const low = up(litterEndM(plan) + 0.1);
        const high = wallTop(plan, wall) - 0.05;
        const widthM = down(Math.min(widthMost, wallLength(plan, wall) - 2 * STUD_M));
        const heightM = down(Math.min(heightMost, high - low));
        if (widthM < 0.15 || heightM < 0.15) break;
        const asked = Math.max(0.15, all / widthM);
        const own = Math.min(heightM, up(asked));
        const sills = [...new Set([down(high - own), up((low + high - own) / 2), low])];
        const hole = firstHole(
          ground,
          among,
          sills.map((sillZ) => ({ widthM, heightM: own, sillZ })),
          [() => true],
          [wall],
        );
        if (!hole) break;
        windows++;
        made.push(
          fixtureOf({
            id: `window-${numbered(among, 'window')}`,
            kind: 'window',
            name: `Window ${windows}`,
            ...hole,
            opens: 'closable',
            cover: 'mesh13',
          }),
        );
        all -= widthM * own;
      }
    }
  }
  return made;
}

/** The strip under the eaves of a wall: its top, how long it may be, and how tall, m. */
function stripOf({ down }: Ground, plan: Plan, wall: Side) {
  const wallM = wallTop(plan, wall);
  const top = down(wallM - 0.02);
  return {
    top,
    room: down(wallLength(plan, wall) - 2 * STUD_M),
    // its middle lies in the upper third: it may reach twice as far below the top as that is
    tallest: Math.min(2 * (top - wallM * ruled('air.high.share')) - 0.02, top - 0.1, 0.5),
  };
}

/** No wall has more strips than this. */
const MOST_VENTS = 4;

/** Windows as they are made, largest first, m. */
const WINDOWS = [
  [1.2, 0.8],
  [0.8, 0.6],
  [0.6, 0.4],
  [0.4, 0.3],
  [0.3, 0.2],
] as const;

/** Walls for vents: the long ones first, the weather side last. */
const wallsFor = (plan: Plan): Side[] =>
  [...SIDES].sort(
    (a, b) =>
      Number(a === plan.site.windFrom) - Number(b === plan.site.windFrom) ||
      wallTop(plan, b) - wallTop(plan, a) ||
      wallLength(plan, b) - wallLength(plan, a),
  );

/** Whether what is there lets enough air through. */
export const hasAir = (there: AirNeeds, needs: AirNeeds): boolean =>
  atMost(needs.alwaysM2, there.alwaysM2) && atMost(needs.allM2, there.allM2);
