import { gridUp } from '../../kernel/units/grid';
import type { UnitSystem } from '../../kernel/units/length';
import type { Made, Vessel, VesselBody } from '../../model/schema';
import { bodySize } from '../../model/vesselForm';
import { ruled } from '../../rules/rules.data';
import { mostElbows } from '../../stores/vessels/holes';

type Shape = VesselBody['shape'];

/** Bodies that each kind of vessel is made from, the commonest first; none where it is bought. */
const BODIES: Readonly<Record<Vessel['type'], readonly Shape[]>> = {
  tube: ['can', 'pail'],
  pan: [],
  trough: ['box'],
  port: ['can', 'pail', 'box', 'pipe'],
  pedal: ['box', 'can'],
  holes: ['pail', 'can'],
  fount: [],
  nipple: ['pail', 'can', 'box'],
  cup: ['pail', 'can', 'box'],
  bucket: ['pail', 'can'],
};

/**
 * What a vessel of this kind can be made from at home.
 * @example bodiesFor(drinker) // []
 */
export const bodiesFor = (v: Pick<Vessel, 'kind' | 'type'>): readonly Shape[] =>
  v.kind === 'drinker' && v.type === 'trough' ? [] : BODIES[v.type];

/** Measures to begin with, as vessels are found about a house: metric, and what is near it in inches. */
const START: Readonly<Record<UnitSystem, Readonly<Record<Shape, VesselBody>>>> = {
  metric: {
    can: { shape: 'can', acrossM: 0.4, highM: 0.6 },
    pail: { shape: 'pail', topM: 0.3, footM: 0.26, highM: 0.36 },
    box: { shape: 'box', longM: 0.5, deepM: 0.3, highM: 0.5 },
    pipe: { shape: 'pipe', acrossM: 0.11, highM: 1, elbowDeg: 90, bendM: null },
  },
  imperial: {
    can: { shape: 'can', acrossM: 0.381, highM: 0.6096 },
    pail: { shape: 'pail', topM: 0.3048, footM: 0.2667, highM: 0.3683 },
    box: { shape: 'box', longM: 0.508, deepM: 0.3048, highM: 0.508 },
    pipe: { shape: 'pipe', acrossM: 0.1143, highM: 0.9144, elbowDeg: 90, bendM: null },
  },
};

/** Wall of a pipe as it is sold, m: the larger drain of each system. */
const PIPE_WALL_M = { metric: 0.0032, imperial: 0.006 } as const;

/**
 * A body of a shape, to begin with.
 * @example startBody('can', 'metric').highM // 0.6
 */
export const startBody = (shape: Shape, units: UnitSystem): VesselBody => ({
  ...START[units][shape],
});

/**
 * Wall of a body as it is found, m: sheet and plastic are thin, boxes are of board.
 * @example startWallM('box', 'metric') // 0.012
 */
export const startWallM = (shape: Shape, units: UnitSystem): number =>
  shape === 'pipe' ? PIPE_WALL_M[units] : shape === 'box' ? 0.012 : 0.002;

/** A can over a pan leaves room for heads all round, m. */
const OVER_PAN: Readonly<Record<UnitSystem, VesselBody>> = {
  metric: { shape: 'can', acrossM: 0.25, highM: 0.5 },
  imperial: { shape: 'can', acrossM: 0.254, highM: 0.508 },
};

/**
 * The same made from another body, as that is found about a house: its wall, and a pan with room for heads round it.
 * @param units  the keeper's
 */
export function withBody(v: Vessel, made: Made, shape: Shape, units: UnitSystem): Made {
  const body =
    v.type === 'tube' && shape === 'can' ? { ...OVER_PAN[units] } : startBody(shape, units);
  const across = bodySize(body, 1).deepM;
  const needed = gridUp(across + 2 * ruled('feed.pan.room'), units);
  const wallM = startWallM(shape, units);
  return {
    ...made,
    body,
    wallM,
    elbow: { ...made.elbow, acrossM: elbowInside(v, made.elbow.acrossM, body, wallM, units) },
    pan: made.pan && { ...made.pan, acrossM: Math.max(made.pan.acrossM, needed) },
  };
}

/** Pipes that elbows are made of, outside, m: the widest a hen is given, and the next that still takes her head. */
const ELBOWS_M: Readonly<Record<UnitSystem, readonly [number, number]>> = {
  metric: [0.075, 0.063],
  imperial: [3.5 * 0.0254, 2.375 * 0.0254],
};

/** The elbow as it is where all of them find room in a round body, otherwise the next pipe below it, m. */
function elbowInside(
  v: Vessel,
  acrossM: number,
  body: VesselBody,
  wallM: number,
  units: UnitSystem,
): number {
  if (v.type !== 'port' || (body.shape !== 'can' && body.shape !== 'pail')) return acrossM;
  const inside = body.shape === 'can' ? body.acrossM : body.footM;
  const fits = v.outlets <= mostElbows({ elbow: { acrossM, gapM: 0, legM: 0 }, wallM }, inside);
  return fits ? acrossM : Math.min(acrossM, ELBOWS_M[units][1]);
}

/**
 * How a vessel is made at home, to begin with: sound measures for its kind, to be changed.
 * @returns null where one of its kind is bought
 */
export function newMade(v: Vessel, units: UnitSystem): Made | null {
  const [shape] = bodiesFor(v);
  if (shape === undefined) return null;
  const inch = 0.0254;
  const isMetric = units === 'metric';
  const isWater = v.kind === 'drinker';
  return {
    body: v.type === 'tube' ? { ...OVER_PAN[units] } : startBody(shape, units),
    wallM: startWallM(shape, units),
    floorM: 0,
    elbow: { acrossM: ELBOWS_M[units][0], gapM: 0.025, legM: isMetric ? 0.025 : inch },
    hole: isWater
      ? { acrossM: isMetric ? 0.012 : inch / 2, lowM: isMetric ? 0.025 : inch }
      : {
          acrossM: isMetric ? ruled('feed.hole.pan') : 2 * inch,
          lowM: v.type === 'tube' ? 0.03 : 0,
        },
    pan: {
      acrossM: isMetric ? 0.46 : 18 * inch,
      deepM: isWater ? (isMetric ? 0.055 : 2.25 * inch) : isMetric ? 0.08 : 3 * inch,
    },
  };
}
