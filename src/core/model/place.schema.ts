import * as z from 'zod/mini';
import { COVERS } from './fixtures.schema';
import { coordinateM, id, insideM, side, sizeM } from './parts.schema';

export const roof = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('mono'), lowM: insideM, highM: insideM, highSide: side }),
  z.strictObject({
    kind: z.literal('gable'),
    lowM: insideM,
    highM: insideM,
    ridgeAxis: z.enum(['x', 'y']),
  }),
  z.strictObject({ kind: z.literal('flat'), lowM: insideM, highM: insideM }),
]);

export const BUILDS = [
  'ply12',
  'board18',
  'sheetMetal',
  'metalOnPly9',
  'foam25',
  'foam50',
  'acrylic',
  'masonry200',
  'shinglesOnPly12',
  'palletBoards',
] as const;

export const shell = z.strictObject({
  lengthM: insideM,
  widthM: insideM,
  roof,
  floorAboveGroundM: z.number().check(z.minimum(0), z.maximum(3)),
  wallBuild: z.enum(BUILDS),
  roofBuild: z.enum(BUILDS),
  /** A strip along a wall that is the keeper's own; null: none. */
  storage: z._default(z.nullable(z.strictObject({ wall: side, depthM: sizeM })), null),
  /** What the bare floor is made of. */
  floorBuild: z._default(z.enum(['sealed', 'boards', 'concrete', 'mesh', 'earth']), 'sealed'),
  /** How far the floor's cover turns up the walls, m; null: not known. */
  upturnM: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(0.6))), null),
  /** An apron or buried mesh round the foot, m; null: not known. */
  apronM: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(3))), null),
  /** How its mesh is held; null: not looked at. */
  meshFixedBy: z._default(z.nullable(z.enum(['screws', 'battens', 'staples'])), null),
  /** The thinnest board or panel of its walls, m; null: not looked at. */
  boardM: z._default(z.nullable(z.number().check(z.minimum(0.001), z.maximum(0.2))), null),
  /** Studs of its walls, middle to middle from the left or front end, m; null: none, or not known. */
  studsM: z._default(z.nullable(z.number().check(z.minimum(0.1), z.maximum(3))), null),
  /** Its gaps by those of its build: fitted to a thermometer's readings; 1: as built. */
  leakTimes: z._default(z.number().check(z.minimum(0.1), z.maximum(20)), 1),
});

/** The run that the birds have by day. */
export const run = z.strictObject({
  lengthM: sizeM,
  widthM: sizeM,
  roof: z.enum(['none', 'half', 'full']),
  eavesM: z.number().check(z.minimum(0), z.maximum(2)),
  /** Solid foot round its walls, m high. */
  skirtingM: z.number().check(z.minimum(0), z.maximum(2)),
  /** Walls that are solid against the weather. */
  solidSides: z.array(side).check(z.maxLength(4)),
  cover: z.enum(COVERS),
  /** Things to do on shut-in days: swings, stumps, high perches, hanging greens. */
  pastimes: z.int().check(z.minimum(0), z.maximum(50)),
});

/** Wild and stray animals that a coop is kept shut against. */
export const ANIMALS = [
  'fox',
  'dog',
  'badger',
  'raccoon',
  'weasel',
  'rat',
  'mouse',
  'snake',
  'hawk',
  'crow',
] as const;
export type Animal = (typeof ANIMALS)[number];

/** What was looked at once about the place; null: not asked yet. */
export const site = z.strictObject({
  windFrom: z._default(z.nullable(side), null),
  /** Animals that live here; null: not asked yet, then fox and rat are taken. */
  animals: z._default(
    z.nullable(z.array(z.enum(ANIMALS)).check(z.maxLength(ANIMALS.length))),
    null,
  ),
  treesOver: z._default(z.boolean(), false),
  wet: z._default(z.boolean(), false),
  /** The lead from the house to what is heated, m; null: not measured. */
  leadM: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(300))), null),
  /** A plug that feels the air switches heaters on below this, °C. */
  plugC: z._default(z.number().check(z.minimum(-2), z.maximum(2)), 0),
});

/** A mesh wall that makes two zones: across x or y, so far from the left or front wall. */
export const partition = z.strictObject({
  axis: z.enum(['x', 'y']),
  atM: coordinateM,
  /** Groups that live beyond it. */
  beyond: z.array(id).check(z.maxLength(100)),
});

/** Where chicks are reared. */
export const brooder = z.strictObject({
  lengthM: sizeM,
  widthM: sizeM,
  wallM: z.number().check(z.minimum(0), z.maximum(2)),
  lid: z.boolean(),
  /** A round or oval tub takes π/4 of its length × width. */
  shape: z._default(z.enum(['box', 'oval']), 'box'),
  /** One lid, or one of its halves, kg: what one person lifts. */
  lidKg: z._default(z.number().check(z.minimum(0), z.maximum(200)), 0),
  /** A floor that draws out for cleaning, where it stands outdoors. */
  drawer: z._default(z.boolean(), true),
  /** Corners filled in the first week. */
  cornersFilled: z.boolean(),
  /** Warmth of the air it stands in, °C. */
  airC: z.number().check(z.minimum(-40), z.maximum(50)),
  heat: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('none') }),
    z.strictObject({ kind: z.literal('plate'), widthM: sizeM, depthM: sizeM }),
    z.strictObject({
      kind: z.literal('lamp'),
      watts: z.number().check(z.minimum(0), z.maximum(1000)),
      count: z.int().check(z.minimum(1), z.maximum(10)),
      aboveM: z.number().check(z.minimum(0), z.maximum(3)),
      coated: z.boolean(),
      secondFixing: z.boolean(),
    }),
    z.strictObject({
      kind: z.literal('hen'),
      hens: z.int().check(z.minimum(1), z.maximum(20)),
    }),
  ]),
  feedEdgeM: z.number().check(z.minimum(0), z.maximum(20)),
  waterRimM: z.number().check(z.minimum(0), z.maximum(20)),
  /** Outdoors: net area of its high vents, m²; null: it stands indoors. */
  ventM2: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(5))), null),
});
