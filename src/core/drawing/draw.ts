import type { ReachMap } from '../geometry/reach';
import { inRun, solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import type { Fixture } from '../model/schema';
import type { Scoped } from '../model/scope';
import type { PlacedBird } from '../stations/roosts/perched';
import { type BirdItem, birdItem } from './birds/bird';
import { fixtureShapes } from './fixtures';
import { rainBeside } from './rain/beside';
import {
  cornersOf,
  extentOf,
  type Face,
  type Item,
  lines,
  path,
  rect,
  type Shape,
  type View,
} from './shape';
import { shellShapes } from './shell';
import { keeperShapes, keeperStands } from './things/keeper';
import { type Cut, faceOf, lieToCut, nearness, roomOf, WALL_DRAWN_M } from './view';

/** A fixture as an item of a drawing. */
export interface FixtureItem extends Item {
  readonly what: 'fixture';
  readonly fixture: Fixture;
  /** Whether the section is cut through it. */
  readonly isCut: boolean;
}

export type DrawnItem =
  | FixtureItem
  | BirdItem
  | (Item & { readonly what: 'shell' | 'keeper' | 'reach' | 'rain' | 'markOut' });

/** What is drawn beside the plan itself. */
export interface DrawnWith {
  readonly birds?: readonly PlacedBird[];
  /** Floor out of the keeper's reach, shown from above. */
  readonly reach?: ReachMap | null;
  /** Clearances that are broken. */
  readonly zones?: readonly Solid[];
  /** Where a section is cut, m from the inner face of its near wall; what lies before it is not drawn. */
  readonly cutM?: number;
}

/**
 * A coop in one view, m: its shell, then fixtures and birds from the farthest to the nearest, then what is marked.
 * What stands in the run is not part of it.
 * @returns items whose shapes are drawn in their order; every renderer draws this one list
 */
export function draw(
  plan: Scoped,
  view: View,
  { birds = [], reach = null, zones = [], cutM = 0 }: DrawnWith = {},
): DrawnItem[] {
  const { shell } = plan;
  const { acrossM, upM } = roomOf(view, shell);
  const t = WALL_DRAWN_M;
  const whole: Face = { a0: -t, a1: acrossM + t, b0: view === 'above' ? -t : 0, b1: upM + t };
  const things = [
    ...standing(plan, plan.fixtures, view, birds, cutM),
    ...keeperItem(plan, view, lies(view, shell, cutM)),
  ].sort(farthestFirst);
  return [
    { what: 'shell', key: 'shell', face: whole, shapes: shellShapes(plan, view, cutM) },
    ...rainItem(plan, view),
    ...(reach && view === 'above' ? outOfReach(reach, whole) : []),
    ...things.map(({ item }) => item),
    ...drawBroken(zones, view, shell),
  ];
}

/**
 * Some of a coop's fixtures and birds alone, the farthest first.
 * @example drawSome(plan, [bar], 'front', []).length // 1
 */
export const drawSome = (
  plan: Scoped,
  fixtures: readonly Fixture[],
  view: View,
  birds: readonly PlacedBird[],
  cutM = 0,
): DrawnItem[] =>
  standing(plan, fixtures, view, birds, cutM)
    .sort(farthestFirst)
    .map(({ item }) => item);

function rainItem(plan: Scoped, view: View): DrawnItem[] {
  const beside = rainBeside(plan, view);
  return beside === null ? [] : [{ what: 'rain', key: 'rain', ...beside }];
}

/** An item, and how near to the eye it is. */
interface Standing {
  readonly near: number;
  readonly item: DrawnItem;
}

const farthestFirst = (a: Standing, b: Standing): number => a.near - b.near;

/** How solids lie to a cut: all behind it where nothing is cut. */
const lies =
  (view: View, shell: Scoped['shell'], cutM: number) =>
  (solid: Solid): Cut =>
    view === 'above' || cutM <= 0 ? 'behind' : lieToCut(solid, view, shell, cutM);

function standing(
  plan: Scoped,
  fixtures: readonly Fixture[],
  view: View,
  birds: readonly PlacedBird[],
  cutM: number,
): Standing[] {
  const { shell } = plan;
  const lie = lies(view, shell, cutM);
  return [
    ...fixtures
      .filter((f) => !inRun(f))
      .flatMap((fixture) => {
        const solid = solidOf(fixture, plan);
        const lying = lie(solid);
        if (lying === 'before') return [];
        const item = fixtureItem(fixture, solid, plan, view, lying === 'through');
        return [{ near: nearness(solid, view), item }];
      }),
    ...birds.flatMap((bird, i) =>
      // a bird is shown whole as long as her middle lies behind the cut
      lie({ x0: bird.x, x1: bird.x, y0: bird.y, y1: bird.y, z0: 0, z1: 0 }) === 'before'
        ? []
        : [
            {
              near: birdNearness(bird, view),
              item: birdItem(bird, i, view, shell),
            },
          ],
    ),
  ];
}

function fixtureItem(
  fixture: Fixture,
  solid: Solid,
  plan: Scoped,
  view: View,
  isCut: boolean,
): FixtureItem {
  const own = faceOf(solid, view, plan.shell);
  const drawn = fixtureShapes(fixture, own, plan, view);
  const shapes = isCut ? [...drawn, ...cutOver(drawn)] : drawn;
  // a hole seen edge on is drawn as deep as its wall: what is pressed is what is drawn
  const cut = shapes.find((s) => s.pen === 'cutHole');
  const face = cut === undefined ? own : extentOf(cut);
  return { what: 'fixture', key: fixture.id, fixture, face, shapes, isCut };
}

/** What is cut is drawn heavier: its outline, and the grain of timber. */
const cutOver = (shapes: readonly Shape[]): Shape[] =>
  shapes.flatMap((s): Shape[] => {
    if (s.pen === 'timber')
      return [
        { ...s, pen: 'cutGrain' },
        { ...s, pen: 'cutEdge' },
      ];
    return s.pen === 'thing' || s.pen === 'dust' ? [{ ...s, pen: 'cutEdge' }] : [];
  });

/** The keeper where she can stand: how large things are beside her. */
function keeperItem(plan: Scoped, view: View, lie: (solid: Solid) => Cut): Standing[] {
  const at = keeperStands(plan);
  if (at === null) return [];
  const spot: Solid = { x0: at.x, x1: at.x, y0: at.y, y1: at.y, z0: 0, z1: plan.keeper.statureM };
  if (lie(spot) === 'before') return [];
  const shapes = keeperShapes(at, plan, view);
  const face = faceOf(spot, view, plan.shell);
  // from above she is under everything: only where she stands is told
  const near = view === 'above' ? -1 : nearness(spot, view);
  return [{ near, item: { what: 'keeper', key: 'keeper', face, shapes } }];
}

/** A bird on a bar is drawn just over it; one on the floor before what stands behind her. */
function birdNearness(bird: PlacedBird, view: View): number {
  const { x, y, z, heightM } = bird;
  const near = nearness({ x0: x, x1: x, y0: y, y1: y, z0: z, z1: z + heightM }, view);
  const half = bird.across === 'x' ? bird.lengthM / 2 : bird.widthM / 2;
  return near + (bird.barId === null ? half : 0.01);
}

/**
 * Clearances that are broken, over everything else.
 * @example drawBroken([{ x0: 0, x1: 1, y0: 0, y1: 1, z0: 0, z1: 1 }], 'front', plan.shell).length // 1
 */
export const drawBroken = (
  zones: readonly Solid[],
  view: View,
  shell: Scoped['shell'],
): DrawnItem[] =>
  apart(zones).map(([key, zone]) => {
    const face = faceOf(zone, view, shell);
    return { what: 'markOut', key, face, shapes: [rect('broken', face), rect('brokenEdge', face)] };
  });

/** Zones by what they are: faults of one thing share a zone, which is hatched once. */
const apart = (zones: readonly Solid[]): [string, Solid][] => [
  ...new Map(zones.map((z) => [JSON.stringify(z), z])),
];

/** Floor that no arm gets to, cell by cell; nothing where there is none. */
function outOfReach(map: ReachMap, face: Face): DrawnItem[] {
  const cells = [...map.within].flatMap((within, at) => {
    if (within === 1) return [];
    const a0 = (at % map.columns) * map.cellX;
    const b0 = Math.floor(at / map.columns) * map.cellY;
    return lines(cornersOf({ a0, a1: a0 + map.cellX, b0, b1: b0 + map.cellY }), true);
  });
  if (cells.length === 0) return [];
  return [{ what: 'reach', key: 'reach', face, shapes: [path('outOfReach', ...cells)] }];
}

/**
 * Fixtures as a change would have them; those that it leaves alone are not drawn.
 * @param plan  the plan as it is
 * @param then  the plan as it would be
 */
export function drawChanged(plan: Scoped, then: Scoped, view: View): FixtureItem[] {
  const now = new Map(plan.fixtures.map((f) => [f.id, f]));
  return then.fixtures
    .filter((f) => JSON.stringify(now.get(f.id)) !== JSON.stringify(f))
    .map((fixture) => {
      const face = faceOf(solidOf(fixture, then), view, then.shell);
      const shapes = [rect('ghost', face)];
      return { what: 'fixture', key: fixture.id, fixture, face, shapes, isCut: false };
    });
}
