import { z } from 'zod';
import { BREEDS } from '../birds/breeds.data';

export const PLAN_FORMAT = 'wide-rafter-plan';
export const PLAN_VERSION = 1;

/** Most of each that a plan may hold. */
export const PLAN_LIMITS = { fixtures: 200, groups: 100, birds: 2000, name: 80 } as const;

const id = z
  .string()
  .min(1)
  .max(64)
  .regex(/^[A-Za-z0-9][A-Za-z0-9_-]*$/);
/** Shown on screens, in files and on paper: no control characters, no halves of characters. */
const name = z
  .string()
  .trim()
  .min(1)
  .max(PLAN_LIMITS.name)
  .refine((text) => text.isWellFormed() && !/\p{Cc}/u.test(text), {
    params: { code: 'plan.brokenText' },
  });
const date = z.iso.date();
/** Inside measures of a coop, m. */
const insideM = z.number().min(0.3).max(30);
/** A fixture's own size, m. */
const sizeM = z.number().min(0.005).max(30);
/** A coordinate in the coop, m. */
const coordinateM = z.number().min(-1).max(31);
const side = z.enum(['front', 'rear', 'left', 'right']);

const roof = z.discriminatedUnion('kind', [
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
] as const;

const shell = z.strictObject({
  lengthM: insideM,
  widthM: insideM,
  roof,
  floorAboveGroundM: z.number().min(0).max(3),
  wallBuild: z.enum(BUILDS),
  roofBuild: z.enum(BUILDS),
});

const group = z.strictObject({
  id,
  name,
  breed: z.enum(BREEDS.map((b) => b.id)),
  /** One grown bird of this group, kg; null takes the breed's. */
  massKg: z.number().min(0.2).max(15).nullable(),
  count: z.int().min(1).max(PLAN_LIMITS.birds),
  sex: z.enum(['hen', 'cock']),
  hatchedOn: date.nullable(),
  arrivesOn: date,
  leavesOn: date.nullable(),
});

const section = z.strictObject({
  shape: z.enum(['flat', 'round', 'square', 'branch']),
  widthM: z.number().min(0.01).max(0.3),
  heightM: z.number().min(0.01).max(0.3),
});

/** x, y: the near end on the centreline (left end along x, front end along y); z: under the bird's foot. */
const bar = z.strictObject({
  id,
  kind: z.literal('bar'),
  name,
  x: coordinateM,
  y: coordinateM,
  z: coordinateM,
  axis: z.enum(['x', 'y']),
  lengthM: sizeM,
  section,
  wallToWall: z.boolean(),
  use: z.enum(['sleeping', 'step']),
});

/** x, y: the front left corner of the bank's footprint; lipZ: top of the lowest tier's lip. */
const nestBank = z.strictObject({
  id,
  kind: z.literal('nestBank'),
  name,
  x: coordinateM,
  y: coordinateM,
  lipZ: coordinateM,
  boxes: z.int().min(1).max(60),
  rows: z.int().min(1).max(4),
  boxW: sizeM,
  boxD: sizeM,
  boxH: sizeM,
  /** The side of the coop its entrances look towards. */
  faces: side,
  hungOutside: z.boolean(),
});

/** alongM: from the wall's left end (front, rear) or front end (left, right) to the opening's near edge. */
const opening = {
  id,
  name,
  wall: side,
  alongM: coordinateM,
  sillZ: coordinateM,
  widthM: sizeM,
  heightM: sizeM,
};
const windowFixture = z.strictObject({ kind: z.literal('window'), ...opening });
const door = z.strictObject({ kind: z.literal('door'), ...opening });

/** x, y: the centre; rimZ: the rim birds reach over; heightM: from its foot to its top. */
const vessel = {
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  rimZ: coordinateM,
  diameterM: sizeM,
  heightM: sizeM,
  hung: z.boolean(),
};
const feeder = z.strictObject({
  kind: z.literal('feeder'),
  type: z.enum(['tube', 'pan']),
  ...vessel,
});
const drinker = z.strictObject({ kind: z.literal('drinker'), type: z.enum(['fount']), ...vessel });

const fixture = z.discriminatedUnion('kind', [bar, nestBank, windowFixture, door, feeder, drinker]);

/** The plan file, version 1: JSON, SI, axes x left to right, y front to rear, z up from the bare floor. */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT),
  version: z.literal(PLAN_VERSION),
  id,
  name,
  units: z.enum(['metric', 'imperial']),
  /** Not worked yet: hot and cold rules then do not apply, and the working says so. */
  climate: z.null(),
  timeZone: z.string().min(1).max(64),
  horizonYears: z.int().min(1).max(5),
  schools: z.record(
    z.string().max(64),
    z.union([z.string().max(96), z.strictObject({ custom: z.number() })]),
  ),
  keeper: z.strictObject({ statureM: z.number().min(1).max(2.3) }),
  litter: z.strictObject({
    school: z.enum(['deep', 'thin', 'sand', 'board', 'mesh']),
    depthM: z.number().min(0).max(0.6),
  }),
  limits: z.strictObject({}),
  shell,
  flock: z.array(group).max(PLAN_LIMITS.groups),
  fixtures: z.array(fixture).max(PLAN_LIMITS.fixtures),
});

export type Plan = z.infer<typeof planSchema>;
export type Shell = Plan['shell'];
export type Roof = Shell['roof'];
export type Side = z.infer<typeof side>;
export type Group = z.infer<typeof group>;
export type Fixture = z.infer<typeof fixture>;
export type Bar = z.infer<typeof bar>;
export type NestBank = z.infer<typeof nestBank>;
export type Opening = z.infer<typeof windowFixture> | z.infer<typeof door>;
export type Vessel = z.infer<typeof feeder> | z.infer<typeof drinker>;
