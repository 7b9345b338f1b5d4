// the small form of the schema library: the browser reads plans by it too

import * as z from 'zod/mini';
import { COMBS, EGG_COLOURS, FLIGHTS, GROWTHS } from './breeds.data';
import { CLIMATES } from './climates.data';
import { COVERS, fixture } from './fixtures.schema';
import { PLAN_LIMITS } from './limits';
import { coordinateM, date, id, insideM, name, side, sizeM } from './parts.schema';

export const PLAN_FORMAT = 'wide-rafter-plan';
export const PLAN_VERSION = 1;

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
  'shinglesOnPly12',
  'palletBoards',
] as const;

const shell = z.strictObject({
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
});

/** The run that the birds have by day. */
const run = z.strictObject({
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
const site = z.strictObject({
  windFrom: z._default(z.nullable(side), null),
  /** Animals that live here; null: not asked yet, then fox and rat are taken. */
  animals: z._default(
    z.nullable(z.array(z.enum(ANIMALS)).check(z.maxLength(ANIMALS.length))),
    null,
  ),
  treesOver: z._default(z.boolean(), false),
  wet: z._default(z.boolean(), false),
});

/** A mesh wall that makes two zones: across x or y, so far from the left or front wall. */
const partition = z.strictObject({
  axis: z.enum(['x', 'y']),
  atM: coordinateM,
  /** Groups that live beyond it. */
  beyond: z.array(id).check(z.maxLength(100)),
});

/** Where chicks are reared. */
const brooder = z.strictObject({
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

/** Days a keeper lets pass between fills. */
const fills = z.strictObject({
  feedDays: z.number().check(z.minimum(1), z.maximum(60)),
  waterDays: z.number().check(z.minimum(1), z.maximum(60)),
  /** Feed as it is bought, kg a bag. */
  bagKg: z.number().check(z.minimum(1), z.maximum(1000)),
  /** One grower or all-flock feed for all, with shell apart. */
  allFlock: z._default(z.boolean(), false),
});
export const FILLS = { feedDays: 7, waterDays: 2, bagKg: 20, allFlock: false } as const;

/** What the keeper can reach. */
export const KEEPER = { reachM: 1.4, armM: 0.75, barrowRimM: 0.62 } as const;

export const BEDDINGS = ['shavings', 'hemp', 'straw', 'hay', 'chip', 'leaves', 'sand'] as const;
export const LITTER = {
  finalM: null,
  material: 'shavings',
  retainingM: null,
  turned: true,
  baleL: 500,
} as const;

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

export const group = z.strictObject({
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
  /** Eggs that they are hatched from here, of the keeper's own flock or posted; null: bought as chicks. */
  eggsSet: z._default(
    z.nullable(
      z.strictObject({ eggs: z.int().check(z.minimum(1), z.maximum(5000)), posted: z.boolean() }),
    ),
    null,
  ),
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
  keeper: z.strictObject({
    statureM: z.number().check(z.minimum(1), z.maximum(2.3)),
    /** Highest that she collects from, m above where she stands. */
    reachM: z._default(z.number().check(z.minimum(0.5), z.maximum(2.5)), KEEPER.reachM),
    armM: z._default(z.number().check(z.minimum(0.3), z.maximum(1.5)), KEEPER.armM),
    barrowRimM: z._default(z.number().check(z.minimum(0), z.maximum(1.5)), KEEPER.barrowRimM),
  }),
  litter: z.strictObject({
    school: z.enum(['deep', 'thin', 'sand', 'board', 'mesh']),
    /** As it is started, m. */
    depthM: z.number().check(z.minimum(0), z.maximum(0.6)),
    /** As it is cleaned out, m; null: kept as it is started. */
    finalM: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(0.8))), LITTER.finalM),
    material: z._default(z.enum(BEDDINGS), LITTER.material),
    /** Board that holds it in, m above the bare floor; null: not known. */
    retainingM: z._default(
      z.nullable(z.number().check(z.minimum(0), z.maximum(1))),
      LITTER.retainingM,
    ),
    /** Turned twice a week. */
    turned: z._default(z.boolean(), LITTER.turned),
    /** What a bale fills when it is shaken out, L. */
    baleL: z._default(z.number().check(z.minimum(5), z.maximum(3000)), LITTER.baleL),
  }),
  fills: z._default(fills, FILLS),
  run: z._default(z.nullable(run), null),
  site: z._default(site, { windFrom: null, treesOver: false, wet: false, animals: null }),
  partition: z._default(z.nullable(partition), null),
  brooder: z._default(z.nullable(brooder), null),
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
export type Run = NonNullable<Plan['run']>;
export type Brooder = NonNullable<Plan['brooder']>;
export type Litter = Plan['litter'];
export type {
  AirOpening,
  Bar,
  Drinker,
  Feeder,
  Fixture,
  Hatch,
  NestBank,
  OfKind,
  Opening,
  PopDoor,
  Vessel,
} from './fixtures.schema';
