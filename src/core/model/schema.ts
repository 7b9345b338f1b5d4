import * as z from 'zod/mini';
import { TAPES } from '../kernel/units/tape';
import { CLIMATES } from './climates.data';
import { fixture } from './fixtures.schema';
import { group, ownBreed } from './flock.schema';
import { PLAN_LIMITS } from './limits';
import { coordinateM, id, name, type side } from './parts.schema';
import { brooder, partition, run, shell, site } from './place.schema';
import { rain } from './rain.schema';

// the small form of the schema library: the browser reads plans by it too
export const PLAN_FORMAT = 'wide-rafter-plan';
export const PLAN_VERSION = 1;

/** Days a keeper lets pass between fills. */
const fills = z.strictObject({
  feedDays: z.number().check(z.minimum(1), z.maximum(60)),
  waterDays: z.number().check(z.minimum(1), z.maximum(60)),
  /** Feed as it is bought, kg a bag. */
  bagKg: z.number().check(z.minimum(1), z.maximum(1000)),
  /** One grower or all-flock feed for all, with shell apart. */
  allFlock: z._default(z.boolean(), false),
  /** From seeing that feed runs low to having more, days. */
  shopDays: z._default(z.number().check(z.minimum(0), z.maximum(60)), 4),
});
const price = z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(1e6))), null);
const part = z._default(z.number().check(z.minimum(0), z.maximum(1)), 0);
/** What birds get beside their feed, of the whole by mass. */
const beside = z.strictObject({ scratch: part, scraps: part, sunflower: part }).check(
  z.refine((s) => s.scratch + s.scraps + s.sunflower <= 1, {
    params: { code: 'plan.rationOver' },
  }),
);
/** What the keeper pays, in a currency that she names. */
const prices = z.strictObject({
  currency: z._default(z.nullable(name), null),
  /** A bag of feed as it is bought. */
  bag: price,
  /** A kilowatt-hour. */
  kWh: price,
});
export const PRICES = { currency: null, bag: null, kWh: null } as const;
export const FILLS = {
  feedDays: 7,
  waterDays: 2,
  bagKg: 20,
  allFlock: false,
  shopDays: 4,
} as const;

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

/** January first. */
const months = z.array(monthNormals).check(z.length(12));

const climate = z.strictObject({
  source: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('shipped'), id: z.enum(CLIMATES.map((c) => c.id)) }),
    z.strictObject({ kind: z.literal('normals'), name, months }),
    z.strictObject({
      kind: z.literal('hours'),
      name,
      /** The normals of its hours: all but the year goes by them. */
      months,
      /** Where the hours are kept: what their bytes come to by SHA-256, in hexadecimal. */
      file: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
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

/** Measures that can be rough: of a fixture, or of the room and its litter. */
export const ROUGH_KEYS = [
  'x',
  'y',
  'z',
  'lipZ',
  'sillZ',
  'rimZ',
  'alongM',
  'lengthM',
  'widthM',
  'heightM',
  'depthM',
  'diameterM',
  'boxW',
  'boxD',
  'boxH',
  'lowM',
  'highM',
] as const;

/** A measure taken by eye: it holds as long as the plan has the value it was taken for. */
const roughly = z.strictObject({
  /** The fixture; null: the room, or its litter's depth. */
  fixture: z.nullable(id),
  key: z.enum(ROUGH_KEYS),
  atM: coordinateM,
  /** Between these it may be, m. */
  fromM: coordinateM,
  toM: coordinateM,
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
    /** What her tape is marked in; null: as the plan's units have it. */
    tape: z._default(z.nullable(z.enum(TAPES)), null),
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
  prices: z._default(prices, PRICES),
  /** In the cold half of the year and in the warm; null: nothing but feed. */
  ration: z._default(z.nullable(z.strictObject({ cold: beside, warm: beside })), null),
  run: z._default(z.nullable(run), null),
  rain: z._default(z.nullable(rain), null),
  site: z._default(site, {
    ...{ windFrom: null, treesOver: false, wet: false, animals: null, leadM: null, plugC: 0 },
  }),
  partition: z._default(z.nullable(partition), null),
  brooder: z._default(z.nullable(brooder), null),
  limits,
  ownBreeds: z._default(z.array(ownBreed).check(z.maxLength(PLAN_LIMITS.ownBreeds)), []),
  shell,
  flock: z.array(group).check(z.maxLength(PLAN_LIMITS.groups)),
  fixtures: z.array(fixture).check(z.maxLength(PLAN_LIMITS.fixtures)),
  /** Fixtures that stay where they are when the coop is arranged. */
  pinned: z._default(z.array(id).check(z.maxLength(PLAN_LIMITS.fixtures)), []),
  /** What was measured by eye only. */
  roughly: z._default(z.array(roughly).check(z.maxLength(PLAN_LIMITS.fixtures)), []),
  /** Birds that a bought coop was sold for; null: it was not. */
  soldFor: z._default(z.nullable(z.int().check(z.minimum(1), z.maximum(PLAN_LIMITS.birds))), null),
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
export type Rain = NonNullable<Plan['rain']>;
export type Winter = Rain['barrel']['winter'];
export type Brooder = NonNullable<Plan['brooder']>;
export type Litter = Plan['litter'];
export type Roughly = z.infer<typeof roughly>;
export type {
  AirOpening,
  Bar,
  Drinker,
  Feeder,
  Fixture,
  Hatch,
  Made,
  NestBank,
  OfKind,
  Opening,
  PopDoor,
  Vessel,
  VesselBody,
} from './fixtures.schema';
