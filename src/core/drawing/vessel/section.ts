import type { Lot } from '../../birds/lots';
import { birdSize } from '../../birds/size';
import type { Made, Plan, Vessel } from '../../model/schema';
import { asItStands, bendOf, holeMiddleM, panUnder } from '../../model/vesselForm';
import { ruled } from '../../rules/rules.data';
import { takesUp } from '../../rules/vesselKinds.data';
import { heapHeightM } from '../../stores/vessels/deadHeap';
import { acrossAtM, depthM } from '../../stores/vessels/volume';
import { lookOf } from '../birds/bird';
import { birdShapes } from '../birds/silhouettes';
import { type Face, type Point, pointsOf, polygon, polyline, rect, type Shape } from '../shape';
import { type Measured, measuresOf, sectionWide } from './measures';

/** A vessel cut through its middle: 0 across is its middle, 0 up is the level that birds stand on. */
export interface VesselSection {
  readonly shapes: readonly Shape[];
  readonly face: Face;
  /** Measures to be written on the drawing, from point to point, m. */
  readonly measures: readonly Measured[];
}

/** Points along the slope of a heap. */
const SLOPE_POINTS = 48;
/** Past the birds on both sides, over the top and under the ground, m. */
const AROUND = { left: 0.04, right: 0.15, top: 0.06, ground: 0.05 } as const;
/** A vessel's bottom and its lid as they are drawn, m. */
const THIN_M = 0.004;

/**
 * A home-made vessel in section at its size: its body, the heap that never runs out, what runs out, its mouth, what
 * it stands on, and the birds that eat at it.
 * @param bird  who is drawn at it; null where nobody is
 */
export function vesselSection(
  v: Vessel,
  asMade: Made,
  plan: Pick<Plan, 'litter'>,
  bird: (Pick<Lot, 'class' | 'sex' | 'breed'> & { readonly massKg: number }) | null,
): VesselSection {
  const made = asItStands(v, asMade);
  const floorZ = v.place === 'run' ? 0 : plan.litter.depthM;
  const { rimM } = takesUp(v);
  const foot = v.rimZ - floorZ - (rimM ?? 0);
  const wide = sectionWide(v, made);
  const panned = panUnder(v) && made.pan !== null;
  const bodyFoot = panned && v.type === 'tube' ? foot + made.hole.lowM : foot;
  const outer = (b: number): number => halfOutside(made, b);
  const body = made.body.shape === 'pipe' ? pipe(made, bodyFoot) : vessel(v, made, bodyFoot, outer);
  const reach = panned ? (made.pan?.acrossM ?? 0) / 2 : wide;
  const eating = bird ? birdAt(bird, -reach) : [];
  const shapes = [
    ...eating,
    ...standing(v, foot, reach),
    ...(panned && made.pan
      ? panShapes(made.pan, foot, v.type === 'bucket' ? made.hole : null)
      : []),
    ...body,
  ];
  const points = shapes.flatMap(pointsOf);
  const face: Face = {
    a0: Math.min(...points.map(([a]) => a)) - AROUND.left,
    a1: Math.max(...points.map(([a]) => a)) + AROUND.right,
    b0: Math.min(0, ...points.map(([, b]) => b)) - AROUND.ground,
    b1: Math.max(...points.map(([, b]) => b)) + AROUND.top,
  };
  const ground = rect('litter', { ...face, b1: 0 });
  const top = polyline('litterTop', [face.a0, 0], [face.a1, 0]);
  return {
    shapes: [ground, top, ...shapes],
    face,
    measures: measuresOf(v, made, { foot, bodyFoot, wide, reach, bird }),
  };
}

const halfOutside = ({ body }: Made, aboveFootM: number): number =>
  body.shape === 'box'
    ? body.deepM / 2
    : body.shape === 'pipe'
      ? body.acrossM / 2
      : acrossAtM(body, aboveFootM) / 2;

/** A can, pail or box: its walls, what lies in it, and its holes. */
function vessel(v: Vessel, made: Made, foot: number, outer: (b: number) => number): Shape[] {
  const { body, wallM, floorM } = made;
  const wall = Math.max(wallM, THIN_M / 2);
  const [floor, top] = [foot + floorM, foot + body.highM];
  const inner = (b: number): number => Math.max(0, outer(b - foot) - wall);
  const outline = polygon('thing', [
    [-outer(0), foot],
    [-outer(body.highM), top],
    [outer(body.highM), top],
    [outer(0), foot],
  ]);
  const room = polygon('hollowed', [
    [-inner(floor), floor],
    [-inner(top), top],
    [inner(top), top],
    [inner(floor), floor],
  ]);
  const filled =
    v.kind === 'feeder' ? feedIn(v, made, floor, inner) : waterIn(v, made, floor, inner);
  const lid = rect('thing', {
    a0: -outer(body.highM) - 0.006,
    a1: outer(body.highM) + 0.006,
    b0: top,
    b1: top + 0.012,
  });
  return [outline, room, ...filled, lid, ...holes(v, made, foot, outer)];
}

/** Feed to the brim; the heap that stays is hatched. */
function feedIn(
  v: Extract<Vessel, { kind: 'feeder' }>,
  made: Made,
  floor: number,
  inner: (b: number) => number,
): Shape[] {
  const fill = depthM(made);
  const half = inner(floor);
  const profile: Point[] = Array.from({ length: SLOPE_POINTS + 1 }, (_, i) => {
    const a = -half + (2 * half * i) / SLOPE_POINTS;
    return [a, floor + heapAt(v, made, half, a, fill)];
  });
  return [
    polygon('feed', [
      [-half, floor],
      [-inner(floor + fill), floor + fill],
      [inner(floor + fill), floor + fill],
      [half, floor],
    ]),
    polygon('deadFeed', [[-half, floor], ...profile, [half, floor]]),
  ];
}

/** The heap over a point of the cut, m: the cut goes through the middle of one outlet, at its left. */
function heapAt(
  v: Extract<Vessel, { kind: 'feeder' }>,
  made: Made,
  half: number,
  a: number,
  fillM: number,
): number {
  const isPort = v.type === 'port';
  const outlets = isPort || v.type === 'holes' ? v.outlets : null;
  const heap = {
    reposeDeg: ruled(v.feed === 'mash' ? 'feed.repose.mash' : 'feed.repose'),
    fillM,
    lipM: isPort
      ? made.elbow.gapM
      : outlets === null
        ? 0
        : Math.max(0, made.hole.lowM - made.floorM),
    acrossM: isPort ? made.elbow.acrossM : outlets === null ? 0 : made.hole.acrossM,
  };
  if (made.body.shape === 'box') return heapHeightM(heap, a + half);
  if (outlets === null) return heapHeightM(heap, half - Math.abs(a));
  const far = Array.from({ length: outlets }, (_, i) => {
    const turn = Math.PI + (2 * Math.PI * i) / outlets;
    return Math.hypot(a - half * Math.cos(turn), half * Math.sin(turn));
  });
  return heapHeightM(heap, Math.min(...far));
}

/** Water to the brim; below the holes of an upturned bucket it stays. */
function waterIn(v: Vessel, made: Made, floor: number, inner: (b: number) => number): Shape[] {
  const top = floor + depthM(made);
  const low = floor + (v.type === 'bucket' ? made.hole.lowM + made.hole.acrossM : 0);
  const slab = (pen: 'water' | 'waterLow', b0: number, b1: number): Shape =>
    polygon(pen, [
      [-inner(b0), b0],
      [-inner(b1), b1],
      [inner(b1), b1],
      [inner(b0), b0],
    ]);
  return [slab('water', low, top), ...(low > floor ? [slab('waterLow', floor, low)] : [])];
}

/** Its elbow at the left in section, and the holes of the far side behind. */
function holes(v: Vessel, made: Made, foot: number, outer: (b: number) => number): Shape[] {
  const { body, elbow, hole } = made;
  if (v.type === 'holes' || v.type === 'bucket') {
    const face = { b0: foot + hole.lowM, b1: foot + hole.lowM + hole.acrossM };
    const at = outer(hole.lowM);
    const wide = Math.max(made.wallM, THIN_M) + 0.002;
    return [
      rect('hollowed', { a0: -at - 0.001, a1: -at + wide, ...face }),
      ...(body.shape !== 'box' && v.outlets % 2 === 0
        ? [rect('hollowed', { a0: at - wide, a1: at + 0.001, ...face })]
        : []),
    ];
  }
  if (v.type !== 'port') return [];
  const middle = foot + holeMiddleM(made);
  const r = elbow.acrossM / 2;
  const at = outer(holeMiddleM(made));
  const floor = foot + made.floorM;
  const mouth = floor + elbow.gapM;
  const out = -at - 0.012;
  // the leg goes in, turns down, and ends over the floor
  const turn = -at + 2 * r * 1.35;
  return [
    polygon('cutHole', [
      [out, middle + r],
      [turn - r * 0.6, middle + r],
      [turn, middle + r * 0.4],
      [turn, mouth],
      [turn - 2 * r, mouth],
      [turn - 2 * r, middle - r],
      [out, middle - r],
    ]),
    rect('feed', { a0: turn - 2 * r + 0.002, a1: turn - 0.002, b0: mouth, b1: middle - r * 0.35 }),
    ...farHoles(v, body, at).map(
      (a): Shape => ({
        kind: 'ellipse',
        pen: 'fold',
        middle: [a, middle],
        half: [Math.max(0.004, r * Math.cos(Math.asin(Math.min(1, Math.abs(a) / at)))), r],
      }),
    ),
  ];
}

/** Where the holes of the far side show across the section, m. */
const farHoles = (v: Vessel, body: Made['body'], at: number): number[] =>
  body.shape === 'box'
    ? []
    : Array.from({ length: v.outlets }, (_, i) => Math.PI + (2 * Math.PI * i) / v.outlets)
        .filter((turn) => Math.sin(turn) > 0.05)
        .map((turn) => at * Math.cos(turn));

/** A standing pipe with its elbow to the left, filled. */
function pipe({ body, wallM }: Made, foot: number): Shape[] {
  if (body.shape !== 'pipe') return [];
  const [r, bend] = [body.acrossM / 2, bendOf(body)];
  const bore = Math.max(0.002, r - wallM);
  const turn = (body.elbowDeg * Math.PI) / 180;
  const low = foot + r + bend * Math.sin(turn);
  const top = low + body.highM;
  // the middle of the bend lies to the left of the pipe
  const bent = (radius: number): Point[] =>
    Array.from({ length: 13 }, (_, i) => {
      const t = (turn * i) / 12;
      return [-bend + radius * Math.cos(t), low - radius * Math.sin(t)];
    });
  const run = (half: number): Point[] => [
    [half, top],
    ...bent(bend + half),
    ...bent(bend - half).toReversed(),
    [-half, top],
  ];
  return [
    polygon('thing', run(r)),
    polygon('deadFeed', [...bent(bend + bore), ...bent(bend - bore).toReversed()]),
    rect('feed', { a0: -bore, a1: bore, b0: low, b1: top }),
    rect('thing', { a0: -r - 0.006, a1: r + 0.006, b0: top, b1: top + 0.02 }),
  ];
}

/** A pan with what has run into it. */
function panShapes(
  { acrossM, deepM }: NonNullable<Made['pan']>,
  foot: number,
  water: Made['hole'] | null,
): Shape[] {
  const half = acrossM / 2;
  const wall = 0.005;
  const level = water ? water.lowM + water.acrossM : deepM * 0.6;
  return [
    polygon('thing', [
      [-half, foot + deepM],
      [-half, foot - wall],
      [half, foot - wall],
      [half, foot + deepM],
      [half - wall, foot + deepM],
      [half - wall, foot],
      [-half + wall, foot],
      [-half + wall, foot + deepM],
    ]),
    rect(water ? 'waterLow' : 'feed', {
      a0: -half + wall,
      a1: half - wall,
      b0: foot,
      b1: foot + Math.min(deepM, level),
    }),
  ];
}

/** The block it stands on, or the chain it hangs by. */
function standing(v: Vessel, foot: number, reach: number): Shape[] {
  if (v.hung) {
    const top = foot + takesUp(v).highM;
    return [polyline('chain', [0, top], [0, top + 0.12])];
  }
  if (foot < 0.01 || v.onWall) return [];
  const wide = Math.max(0.08, reach * 0.7);
  return [rect('timber', { a0: -wide, a1: wide, b0: 0, b1: foot })];
}

/** A bird that eats at it: her breast at the rim, her feet on the litter. */
function birdAt(
  { massKg, ...lot }: Pick<Lot, 'class' | 'sex' | 'breed'> & { readonly massKg: number },
  rim: number,
): Shape[] {
  const { lengthM, headM } = birdSize(massKg);
  const look = lookOf({ class: lot.class.id, sex: lot.sex, comb: lot.breed.comb });
  const near = rim - 0.015;
  const face: Face = { a0: near - lengthM, a1: near, b0: 0, b1: headM };
  return birdShapes(look, 'profile', 'standing', face, false);
}
