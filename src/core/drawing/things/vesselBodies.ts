import type { Drinker, Feeder } from '../../model/schema';
import { circle, ellipse } from '../shape';
import { LIES } from '../view';
import { type Body, can, inFace, OUTLET_M, pan, panPart, placesOf, upPart } from './vesselParts';

/** A tube with a skirt that lets the feed down into its pan, and a lid with a knob. */
const tube: Body = (_, face) => {
  const p = panPart(face);
  const skirt = p + (1 - p) * 0.16;
  return [
    inFace(
      'thing',
      face,
      ['M', 0.18, p],
      ['L', 0.29, skirt],
      ['L', 0.29, 0.95],
      ['L', 0.71, 0.95],
      ['L', 0.71, skirt],
      ['L', 0.82, p],
      ['Z'],
    ),
    inFace('thingLine', face, ['M', 0.29, skirt], ['L', 0.71, skirt]),
    inFace(
      'thing',
      face,
      ['M', 0.25, 0.93],
      ['L', 0.75, 0.93],
      ['L', 0.6, 1],
      ['L', 0.4, 1],
      ['Z'],
    ),
    pan(face),
  ];
};

/** A dome over the basin that it keeps full, with a handle to carry it by. */
const fount: Body = (_, face) => {
  const p = panPart(face);
  return [
    inFace('thingLine', face, ['M', 0.4, 0.9], ['C', 0.4, 1, 0.6, 1, 0.6, 0.9]),
    inFace(
      'thing',
      face,
      ['M', 0.17, p],
      ['L', 0.2, 0.7],
      ['C', 0.22, 0.96, 0.78, 0.96, 0.8, 0.7],
      ['L', 0.83, p],
      ['Z'],
    ),
    inFace('thingLine', face, ['M', 0.2, 0.7], ['L', 0.8, 0.7]),
    pan(face),
  ];
};

/** A bowl with a rolled rim. */
const bowl: Body = (_, face) => [
  inFace(
    'thing',
    face,
    ['M', 0, 1],
    ['L', 1, 1],
    ['C', 0.98, 0.35, 0.86, 0, 0.72, 0],
    ['L', 0.28, 0],
    ['C', 0.14, 0, 0.02, 0.35, 0, 1],
    ['Z'],
  ),
  inFace('thingLine', face, ['M', 0.012, 0.84], ['L', 0.988, 0.84]),
];

/** A trough from its side, or end on. */
const trough: Body = (_, face, view) =>
  LIES[view].across === 'x'
    ? [
        inFace('thing', face, ['M', 0, 1], ['L', 1, 1], ['L', 0.97, 0], ['L', 0.03, 0], ['Z']),
        inFace('thingLine', face, ['M', 0, 0.86], ['L', 1, 0.86]),
      ]
    : [
        inFace(
          'thing',
          face,
          ['M', 0, 1],
          ['L', 1, 1],
          ['L', 0.76, 0.08],
          ['L', 0.76, 0],
          ['L', 0.24, 0],
          ['L', 0.24, 0.08],
          ['Z'],
        ),
      ];

/** A bin with a lid and hooded holes that birds put their heads into. */
const ports: Body = (v, face) => {
  const [w, h] = [face.a1 - face.a0, face.b1 - face.b0];
  const at = upPart(v.rimZ, face);
  const places = placesOf(v);
  const r = Math.min(0.045, (0.4 * w) / places.length, 0.16 * h);
  const b = face.b0 + at * h;
  return [
    inFace(
      'thing',
      face,
      ['M', 0.03, 0.94],
      ['L', 0.97, 0.94],
      ['L', 0.92, 0],
      ['L', 0.08, 0],
      ['Z'],
    ),
    inFace('thing', face, ['M', 0, 0.93], ['L', 1, 0.93], ['L', 0.97, 1], ['L', 0.03, 1], ['Z']),
    ...places.flatMap((t) => {
      const a = face.a0 + (0.08 + 0.84 * t) * w;
      return [
        circle('thing', [a, b], Math.min(r * 1.3, w / 2)),
        ellipse('hollow', { a0: a - r, a1: a + r, b0: b - r, b1: b + r * 0.75 }),
      ];
    }),
  ];
};

/** A box whose lid lifts off the feed when a bird stands on its pedal. */
const pedal: Body = (_, face) => [
  inFace(
    'thing',
    face,
    ['M', 0.06, 0.1],
    ['L', 0.06, 0.94],
    ['L', 0.94, 0.94],
    ['L', 0.94, 0.1],
    ['Z'],
  ),
  inFace(
    'hollow',
    face,
    ['M', 0.16, 0.36],
    ['L', 0.16, 0.56],
    ['L', 0.84, 0.56],
    ['L', 0.84, 0.36],
    ['Z'],
  ),
  inFace(
    'thing',
    face,
    ['M', 0.12, 0.5],
    ['L', 0.12, 0.6],
    ['L', 0.88, 0.6],
    ['L', 0.88, 0.5],
    ['Z'],
  ),
  inFace('thing', face, ['M', 0, 0.93], ['L', 1, 0.93], ['L', 1, 1], ['L', 0, 1], ['Z']),
  inFace(
    'thingLine',
    face,
    ['M', 0.02, 0.55],
    ['L', 0.02, 0.04],
    ['M', 0.98, 0.55],
    ['L', 0.98, 0.04],
  ),
  inFace('timber', face, ['M', 0, 0], ['L', 0, 0.07], ['L', 1, 0.07], ['L', 1, 0], ['Z']),
];

/** A can with pins beneath that give a drop when they are pushed. */
const nipples: Body = (v, face) => {
  const at = upPart(v.rimZ, face);
  const h = face.b1 - face.b0;
  const foot = Math.min(0.88, at + 0.035 / Math.max(0.05, h));
  return [
    ...can(v, face, foot),
    ...placesOf(v).flatMap((t) => {
      const a = 0.1 + 0.8 * t;
      return [
        inFace('thingLine', face, ['M', a, foot], ['L', a, at]),
        circle('outlet', [face.a0 + a * (face.a1 - face.a0), face.b0 + at * h], OUTLET_M / 2),
      ];
    }),
  ];
};

/** A can with little cups on its side that stay full. */
const cups: Body = (v, face) => {
  const [w, h] = [face.a1 - face.a0, face.b1 - face.b0];
  const at = upPart(v.rimZ, face);
  const places = placesOf(v);
  const r = Math.min(0.035, (0.36 * w) / places.length) / w;
  const deep = Math.min(at, 0.045 / h);
  return [
    ...can(v, face, Math.max(0, at - 0.06 / h)),
    ...places.map((t) => {
      const a = 0.1 + 0.8 * t;
      return inFace(
        'thing',
        face,
        ['M', a - r, at],
        ['L', a + r, at],
        ['C', a + r, at - deep, a - r, at - deep, a - r, at],
        ['Z'],
      );
    }),
  ];
};

/** A bucket with its bail down. */
const bucket: Body = (_, face) => [
  inFace('thing', face, ['M', 0, 0.96], ['L', 1, 0.96], ['L', 0.84, 0], ['L', 0.16, 0], ['Z']),
  inFace('thing', face, ['M', 0, 0.93], ['L', 0, 1], ['L', 1, 1], ['L', 1, 0.93], ['Z']),
  inFace('thingLine', face, ['M', 0.03, 0.93], ['C', 0.2, 0.5, 0.8, 0.5, 0.97, 0.93]),
];

/** A bucket screwed into a pan, with its holes low in the wall. */
const bucketInPan: Body = (v, face) => {
  const p = panPart(face);
  const hole = p * 0.45;
  return [
    inFace(
      'thing',
      face,
      ['M', 0.2, 0.94],
      ['L', 0.8, 0.94],
      ['L', 0.76, 0],
      ['L', 0.24, 0],
      ['Z'],
    ),
    inFace(
      'thing',
      face,
      ['M', 0.18, 0.93],
      ['L', 0.82, 0.93],
      ['L', 0.8, 1],
      ['L', 0.2, 1],
      ['Z'],
    ),
    pan(face),
    ...placesOf(v).map((t) => {
      const a = face.a0 + (0.28 + 0.44 * t) * (face.a1 - face.a0);
      return circle('outlet', [a, face.b0 + (p + hole) * (face.b1 - face.b0)], OUTLET_M / 2);
    }),
  ];
};

/** How each kind of feeder looks from its side. */
export const FEEDERS: Readonly<Record<Feeder['type'], Body>> = {
  tube,
  holes: bucketInPan,
  pan: bowl,
  trough,
  port: ports,
  pedal,
};
/** How each kind of drinker looks from its side. */
export const DRINKERS: Readonly<Record<Drinker['type'], Body>> = {
  fount,
  trough,
  nipple: nipples,
  cup: cups,
  bucket,
};
