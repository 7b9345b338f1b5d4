// the small form of the schema library: the browser reads plans by it too
import * as z from 'zod/mini';
import { CLIMATES } from '../air/weather/climates.data';
import { COMBS, EGG_COLOURS, FLIGHTS, GROWTHS } from '../birds/breeds.data';

export const PLAN_FORMAT = 'wide-rafter-plan';
export const PLAN_VERSION = 1;

/** Most of each that a plan may hold. */
export const PLAN_LIMITS = {
  fixtures: 200,
  groups: 100,
  birds: 2000,
  ownBreeds: 50,
  name: 80,
} as const;

const id = z
  .string()
  .check(z.minLength(1), z.maxLength(64), z.regex(/^[A-Za-z0-9][A-Za-z0-9_-]*$/));
/** Shown on screens, in files and on paper: no control characters, no halves of characters. */
const name = z.string().check(
  z.trim(),
  z.minLength(1),
  z.maxLength(PLAN_LIMITS.name),
  z.refine((text) => text.isWellFormed() && !/\p{Cc}/u.test(text), {
    params: { code: 'plan.brokenText' },
  }),
);
const date = z.iso.date();
/** Inside measures of a coop, m. */
const insideM = z.number().check(z.minimum(0.3), z.maximum(30));
/** A fixture's own size, m. */
const sizeM = z.number().check(z.minimum(0.005), z.maximum(30));
/** A coordinate in the coop, m. */
const coordinateM = z.number().check(z.minimum(-1), z.maximum(31));
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
  floorAboveGroundM: z.number().check(z.minimum(0), z.maximum(3)),
  wallBuild: z.enum(BUILDS),
  roofBuild: z.enum(BUILDS),
});

const score = z.int().check(z.minimum(1), z.maximum(5));
const eggsYear = z.int().check(z.minimum(0), z.maximum(365));
/** One egg, kg. */
const eggKg = z.number().check(z.minimum(0.015), z.maximum(0.15));

/** A keeper's own breed, beside the catalogue. */
const ownBreed = z.strictObject({
  id,
  name,
  kind: z.enum(['chicken', 'duck', 'meat']),
  growth: z.enum(GROWTHS),
  henKg: z.number().check(z.minimum(0.2), z.maximum(15)),
  eggsYear,
  eggKg,
  eggColour: z.enum(EGG_COLOURS),
  comb: z.enum(COMBS),
  flight: z.enum(FLIGHTS),
  broodiness: score,
  coldHardy: score,
  heatHardy: score,
});

/** The keeper's own figures for a group, where they differ from the breed's. */
const groupFigures = z.strictObject({
  eggsYear: z.optional(eggsYear),
  eggKg: z.optional(eggKg),
  /** Age at the first egg, weeks. */
  layWeek: z.optional(z.int().check(z.minimum(14), z.maximum(52))),
  comb: z.optional(z.enum(COMBS)),
  flight: z.optional(z.enum(FLIGHTS)),
  broodiness: z.optional(score),
  coldHardy: z.optional(score),
  heatHardy: z.optional(score),
});

const group = z.strictObject({
  id,
  name,
  /** A breed of the catalogue, or one of the plan's own. */
  breed: z.string().check(z.minLength(1), z.maxLength(64)),
  /** One grown bird of this group, kg; null takes the breed's. */
  massKg: z.nullable(z.number().check(z.minimum(0.2), z.maximum(15))),
  count: z.int().check(z.minimum(1), z.maximum(PLAN_LIMITS.birds)),
  /** Unsexed chicks are half cocks until they are sorted. */
  sex: z.enum(['hen', 'cock', 'unsexed']),
  hatchedOn: z.nullable(date),
  /** From when they live in the coop. */
  arrivesOn: date,
  leavesOn: z.nullable(date),
  /** Whether they are reared here from the hatch, in a brooder, until they move to the coop. */
  raisedHere: z._default(z.boolean(), false),
  /** When the cocks of an unsexed group are taken out, and how many of them stay; null: not decided. */
  sorted: z._default(
    z.nullable(
      z.strictObject({
        on: date,
        cocksKept: z.int().check(z.minimum(0), z.maximum(PLAN_LIMITS.birds)),
      }),
    ),
    null,
  ),
  figures: z._default(groupFigures, {}),
});

const section = z.strictObject({
  shape: z.enum(['flat', 'round', 'square', 'branch']),
  widthM: z.number().check(z.minimum(0.01), z.maximum(0.3)),
  heightM: z.number().check(z.minimum(0.01), z.maximum(0.3)),
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
  boxes: z.int().check(z.minimum(1), z.maximum(60)),
  rows: z.int().check(z.minimum(1), z.maximum(4)),
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

const celsius = z.number().check(z.minimum(-70), z.maximum(60));

/** One month's normals, as climate tables give them. */
const monthNormals = z.strictObject({
  meanC: celsius,
  minC: celsius,
  maxC: celsius,
  rh: z.number().check(z.minimum(0), z.maximum(1)),
  windMS: z.number().check(z.minimum(0), z.maximum(40)),
  rainMm: z.number().check(z.minimum(0), z.maximum(3000)),
  rainDays: z.number().check(z.minimum(0), z.maximum(31)),
  sunHours: z.number().check(z.minimum(0), z.maximum(24)),
});

const climate = z.strictObject({
  source: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('shipped'), id: z.enum(CLIMATES.map((c) => c.id)) }),
    z.strictObject({
      kind: z.literal('normals'),
      name,
      /** January first. */
      months: z.array(monthNormals).check(z.length(12)),
    }),
  ]),
  /** North positive. */
  latitudeDeg: z.number().check(z.minimum(-90), z.maximum(90)),
  altitudeM: z.number().check(z.minimum(-450), z.maximum(6000)),
  exposure: z.enum(['open', 'garden', 'courtyard']),
});

const atMostBirds = z._default(
  z.nullable(z.int().check(z.minimum(0), z.maximum(PLAN_LIMITS.birds))),
  null,
);

/** What the local rules allow, as the keeper has found them; null: no rule known. */
const limits = z.strictObject({
  mostBirds: atMostBirds,
  /** A permit is asked for from so many birds on. */
  permitFrom: atMostBirds,
  cocksAllowed: atMostBirds,
  /** Least distance to the boundary or a dwelling, m, and what it is here. */
  setbackM: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(500))), null),
  standsM: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(500))), null),
  /** A housing order: birds must be kept in. */
  housingOrder: z._default(z.boolean(), false),
});

/** The plan file, version 1: JSON, SI, axes x left to right, y front to rear, z up from the bare floor. */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT),
  version: z.literal(PLAN_VERSION),
  id,
  name,
  units: z.enum(['metric', 'imperial']),
  /** Null: rules for hot and cold places then do not apply, and the working says so. */
  climate: z.nullable(climate),
  timeZone: z.string().check(z.minLength(1), z.maxLength(64)),
  horizonYears: z.int().check(z.minimum(1), z.maximum(5)),
  schools: z.record(
    z.string().check(z.maxLength(64)),
    z.union([z.string().check(z.maxLength(96)), z.strictObject({ custom: z.number() })]),
  ),
  keeper: z.strictObject({ statureM: z.number().check(z.minimum(1), z.maximum(2.3)) }),
  litter: z.strictObject({
    school: z.enum(['deep', 'thin', 'sand', 'board', 'mesh']),
    depthM: z.number().check(z.minimum(0), z.maximum(0.6)),
  }),
  limits,
  ownBreeds: z._default(z.array(ownBreed).check(z.maxLength(PLAN_LIMITS.ownBreeds)), []),
  shell,
  flock: z.array(group).check(z.maxLength(PLAN_LIMITS.groups)),
  fixtures: z.array(fixture).check(z.maxLength(PLAN_LIMITS.fixtures)),
});

export type Plan = z.infer<typeof planSchema>;
export type Shell = Plan['shell'];
export type Roof = Shell['roof'];
export type Side = z.infer<typeof side>;
export type Group = z.infer<typeof group>;
export type GroupFigures = Group['figures'];
export type OwnBreed = z.infer<typeof ownBreed>;
export type Limits = z.infer<typeof limits>;
export type PlanClimate = z.infer<typeof climate>;
/** A plan as a file may have it: what has a default may be left out. */
export type PlanInput = z.input<typeof planSchema>;
export type Fixture = z.infer<typeof fixture>;
export type Bar = z.infer<typeof bar>;
export type NestBank = z.infer<typeof nestBank>;
export type Opening = z.infer<typeof windowFixture> | z.infer<typeof door>;
export type Vessel = z.infer<typeof feeder> | z.infer<typeof drinker>;
