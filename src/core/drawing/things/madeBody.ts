import type { Made, Vessel } from '../../model/schema';
import { asItStands, bendOf, holeMiddleM, panUnder } from '../../model/vesselForm';
import {
  circle,
  type Face,
  type Point,
  polygon,
  polyline,
  rect,
  type Shape,
  type View,
} from '../shape';
import { LIES } from '../view';
import { MOST_OUTLETS, OUTLET_M } from './vesselParts';

/** A vessel made at home from its side: its own outline at its size, its pan, its ports. */
export function madeBody(v: Vessel, asMade: Made, face: Face, view: View): Shape[] {
  const made = asItStands(v, asMade);
  const { body } = made;
  const middle = (face.a0 + face.a1) / 2;
  const pan = panUnder(v) ? made.pan : null;
  const foot = face.b1 - (body.shape === 'pipe' ? face.b1 - face.b0 : body.highM);
  const alongX = LIES[view].across === 'x';
  if (body.shape === 'pipe') return pipes(v, body, face, alongX);
  const [low, top] = halves(body, alongX);
  const outline = polygon('thing', [
    [middle - low, foot],
    [middle - top, face.b1],
    [middle + top, face.b1],
    [middle + low, foot],
  ]);
  return [
    outline,
    polyline('thingLine', [middle - top, face.b1 - 0.02], [middle + top, face.b1 - 0.02]),
    ...(pan
      ? [
          rect('thing', {
            a0: middle - pan.acrossM / 2,
            a1: middle + pan.acrossM / 2,
            b0: face.b0,
            b1: face.b0 + pan.deepM,
          }),
        ]
      : []),
    ...portsOf(v, made, middle, low, face.b0),
  ];
}

/** Half as wide as its foot and its top show, m. */
function halves(body: Exclude<Made['body'], { shape: 'pipe' }>, alongX: boolean): [number, number] {
  if (body.shape === 'can') return [body.acrossM / 2, body.acrossM / 2];
  if (body.shape === 'pail') return [body.footM / 2, body.topM / 2];
  const wide = alongX ? body.longM : body.deepM;
  return [wide / 2, wide / 2];
}

function portsOf(v: Vessel, made: Made, middle: number, half: number, foot: number): Shape[] {
  if (v.type !== 'port' && v.type !== 'holes' && v.type !== 'bucket') return [];
  const isPort = v.type === 'port';
  const n = Math.min(MOST_OUTLETS, v.outlets);
  const r = isPort ? made.elbow.acrossM / 2 : Math.max(made.hole.acrossM / 2, OUTLET_M / 3);
  const b = foot + (isPort ? holeMiddleM(made) : made.hole.lowM + made.hole.acrossM / 2);
  // those of the near half of a round one; of a box, those of its front
  const at =
    made.body.shape === 'box'
      ? Array.from({ length: n }, (_, i) => middle + half * (((i + 0.5) / n) * 2 - 1))
      : Array.from({ length: n }, (_, i) => (2 * Math.PI * (i + 0.5)) / n)
          .filter((turn) => Math.sin(turn) >= 0)
          .map((turn) => middle + half * Math.cos(turn) * 0.94);
  return at.map((a) => circle(isPort ? 'hollow' : 'outlet', [a, b], r));
}

/** Standing pipes beside one another, or one behind another from the end. */
function pipes(
  v: Vessel,
  body: Extract<Made['body'], { shape: 'pipe' }>,
  { a0, a1, b0, b1 }: Face,
  alongX: boolean,
): Shape[] {
  const r = body.acrossM / 2;
  const low = b0 + r + bendOf(body);
  const one = (middle: number): Shape[] => [
    rect('thing', { a0: middle - r, a1: middle + r, b0: low - bendOf(body), b1 }),
    circle('hollow', [middle, b0 + r], r * 0.85),
  ];
  if (alongX) {
    const n = Math.min(MOST_OUTLETS, v.outlets);
    return Array.from({ length: n }, (_, i) => one(a0 + ((a1 - a0) * (i + 0.5)) / n)).flat();
  }
  const back = a1 - r;
  const turn: Point[] = [
    [back + r, b1],
    [back + r, b0],
    [a0, b0],
    [a0, b0 + body.acrossM],
    [back - r, b0 + body.acrossM],
    [back - r, b1],
  ];
  return [polygon('thing', turn)];
}
