import * as z from 'zod/mini';
import { coordinateM, id, name, no, side, sizeM, thingKg, yes } from './parts.schema';
import { dish, drinker, feeder } from './vessels.schema';

/** What bars are made of. */
export const MATERIALS = [
  'softwood',
  'salvaged',
  'hardwood',
  'greenPole',
  'bamboo',
  'metalPipe',
  'plasticPipe',
] as const;

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
  material: z._default(z.enum(MATERIALS), 'softwood'),
  /** Brackets between its ends. */
  brackets: z._default(z.int().check(z.minimum(0), z.maximum(20)), 0),
  /** Cord wound round a round bar, m thick; 0: bare. */
  wrapM: z._default(z.number().check(z.minimum(0), z.maximum(0.03)), 0),
  /** Whether it lifts out for cleaning. */
  liftsOut: yes,
  /** Hung from the rafters; then whether it is tied against swinging. */
  hung: no,
  braced: yes,
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
  /** Slope of its top, degrees: a flatter one is roosted on. */
  lidDeg: z._default(z.number().check(z.minimum(0), z.maximum(90)), 45),
  /** A rail in front of the lip to land on. */
  rail: yes,
  curtain: no,
  collect: z._default(z.enum(['inside', 'flap', 'lid']), 'inside'),
  floor: z._default(z.enum(['bedding', 'pad', 'slopedWire', 'bareWire']), 'bedding'),
  /** Of its flap or lid outside. */
  latch: z._default(z.enum(['none', 'single', 'double']), 'double'),
  lidKg: z._default(thingKg, 0),
  stay: yes,
  /** Top tier shut at night. */
  topShutAtNight: no,
  /** Whose boxes they are; null: ducks' where it stands on the floor and ducks live here, else anybody's. */
  forWhom: z._default(z.nullable(z.enum(['hens', 'ducks', 'anybody'])), null),
  /** Highest step or rail that leads up to its lip, m above the bare floor; 0: none. */
  stepZ: z._default(coordinateM, 0),
  /** Whether dividers, floor, liner and roof come out for cleaning. */
  comesApart: yes,
});

export const COVERS = ['none', 'mesh6', 'mesh13', 'mesh25', 'netting'] as const;
export const SCREENS = ['none', 'louvre', 'insect', 'ridge'] as const;

/** alongM: from the wall's left end (front, rear) or front end (left, right) to the opening's near edge. */
const hole = {
  id,
  name,
  wall: side,
  alongM: coordinateM,
  sillZ: coordinateM,
  widthM: sizeM,
  heightM: sizeM,
};
const airParts = {
  ...hole,
  /** What keeps animals out. */
  screenedBy: z._default(z.enum(SCREENS), 'none'),
  /** Whether the air that comes in is turned up or along the roof. */
  baffle: no,
  /** A stay, chain or catch against the wind. */
  stay: yes,
  /** Whether its inner sill is a ledge that birds can stand on. */
  innerSill: no,
};
/** `unknown`: nobody has looked whether it opens; then it gives no verdict of the air. */
const opens = z.enum(['shut', 'open', 'closable', 'unknown']);
/** What shuts it: a leaf with a pane or a board on hinges, or a panel that is put in for the season and taken out. */
const pane = z.enum(['none', 'acrylic', 'glass', 'board', 'plug']);
const windowFixture = z.strictObject({
  kind: z.literal('window'),
  ...airParts,
  opens: z._default(opens, 'shut'),
  pane: z._default(pane, 'acrylic'),
  cover: z._default(z.enum(COVERS), 'none'),
});
/** An opening made for air; on the ridge it lies under the highest line of the roof. */
const vent = z.strictObject({
  kind: z.literal('vent'),
  ...airParts,
  place: z._default(z.enum(['wall', 'ridge']), 'wall'),
  opens: z._default(opens, 'open'),
  pane: z._default(pane, 'none'),
  cover: z._default(z.enum(COVERS), 'mesh13'),
  /** Drilled holes in a board, instead of one opening. */
  holes: z._default(
    z.nullable(
      z.strictObject({
        count: z.int().check(z.minimum(1), z.maximum(2000)),
        diameterM: z.number().check(z.minimum(0.002), z.maximum(0.2)),
      }),
    ),
    null,
  ),
});

const latch = z._default(z.enum(['none', 'single', 'double']), 'double');
/** A person's door. */
const door = z.strictObject({
  kind: z.literal('door'),
  ...hole,
  latch,
  /** A latch or cord inside, for a person shut in. */
  insideLatch: yes,
  halves: no,
  /** Whether it swings into the coop: birds slip out past it. */
  opensIn: no,
});

/** A flap or hatch that a keeper works through. */
const hatch = z.strictObject({
  kind: z.literal('hatch'),
  ...hole,
  use: z._default(z.enum(['cleanOut', 'look', 'feed']), 'cleanOut'),
  latch,
  /** How wide its flap is, m; null: as the opening. Doors in front of it must be wider. */
  flapM: z._default(z.nullable(sizeM), null),
  /** Clear width between the doors or posts in front of it, m; null: nothing stands there. */
  frontM: z._default(z.nullable(sizeM), null),
  flapKg: z._default(thingKg, 0),
  stay: yes,
});

const ramp = z.strictObject({
  lengthM: z.number().check(z.minimum(0.1), z.maximum(10)),
  widthM: z.number().check(z.minimum(0.05), z.maximum(2)),
  /** Cleat to cleat, m; 0: none. */
  cleatM: z.number().check(z.minimum(0), z.maximum(1)),
});

/** The birds' door. */
const popDoor = z.strictObject({
  kind: z.literal('popDoor'),
  ...hole,
  works: z._default(z.enum(['manual', 'light', 'clock', 'earlier']), 'manual'),
  /** It closes so long after sunset, minutes. */
  closesAfterMin: z._default(z.number().check(z.minimum(0), z.maximum(240)), 30),
  /** A lamp in view of its light sensor. */
  lampInView: no,
  /** Hand override and a second door shut by hand. */
  override: yes,
  guarded: yes,
  /** Highest step inside that birds climb to its sill, m above the bare floor; 0: none. */
  stepZ: z._default(coordinateM, 0),
  /** A ramp inside that leads up to its sill, for birds that do not hop. */
  rampInside: no,
  latch,
  ramp: z._default(z.nullable(ramp), null),
});

/** A box of dust to bathe in; x, y: its front left corner. */
const dustBath = z.strictObject({
  kind: z.literal('dustBath'),
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  lengthM: sizeM,
  depthM: sizeM,
  fillM: z._default(z.number().check(z.minimum(0), z.maximum(1)), 0.2),
  place: z._default(z.enum(['coop', 'run']), 'coop'),
  roofed: yes,
});

/** A board or tray under the bars that catches droppings; x, y: its front left corner, z: its top. */
const board = z.strictObject({
  kind: z.literal('board'),
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  z: coordinateM,
  lengthM: sizeM,
  depthM: sizeM,
});

/** A rafter, brace or sill that a bird could stand on; x, y: its front left corner, z: its top. */
const ledge = z.strictObject({
  kind: z.literal('ledge'),
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  z: coordinateM,
  lengthM: sizeM,
  depthM: sizeM,
  sloped: no,
});

/** Mesh stretched level under the rafters, so that nobody roosts above it; x, y: its front left corner, z: its level. */
const ceiling = z.strictObject({
  kind: z.literal('ceiling'),
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  z: coordinateM,
  lengthM: sizeM,
  depthM: sizeM,
  cover: z._default(z.enum(['mesh13', 'mesh25']), 'mesh25'),
});

export const OBSTACLES = ['post', 'step', 'machine', 'other'] as const;

/** What stands in the way and stays: x, y: its front left corner, z: its underside above the bare floor. */
const obstacle = z.strictObject({
  kind: z.literal('obstacle'),
  id,
  name,
  what: z._default(z.enum(OBSTACLES), 'post'),
  x: coordinateM,
  y: coordinateM,
  z: z._default(coordinateM, 0),
  lengthM: sizeM,
  depthM: sizeM,
  heightM: sizeM,
});

export const fixture = z.discriminatedUnion('kind', [
  bar,
  nestBank,
  windowFixture,
  vent,
  door,
  hatch,
  popDoor,
  feeder,
  drinker,
  dish,
  dustBath,
  board,
  ledge,
  ceiling,
  obstacle,
]);

export type Fixture = z.infer<typeof fixture>;
export type OfKind<K extends Fixture['kind']> = Extract<Fixture, { kind: K }>;
export type Bar = OfKind<'bar'>;
export type NestBank = OfKind<'nestBank'>;
export type AirOpening = OfKind<'window'> | OfKind<'vent'>;
export type PopDoor = OfKind<'popDoor'>;
export type Hatch = OfKind<'hatch'>;
/** Any hole in a wall. */
export type Opening = AirOpening | OfKind<'door'> | Hatch | PopDoor;
export type Feeder = OfKind<'feeder'>;
export type Drinker = OfKind<'drinker'>;
export type Vessel = Feeder | Drinker;
/** How a vessel is made at home, and what from. */
export type Made = NonNullable<Vessel['made']>;
export type VesselBody = Made['body'];

/** What a fixture of a kind has until the keeper says otherwise; what she must say is not in it. */
type Stated = 'id' | 'kind' | 'name' | 'type' | 'holds';

/**
 * A fixture with its kind's defaults filled in.
 * @throws Error where what is given does not make a fixture: for our own tables, never for bad input
 */
export function fixtureOf<K extends Fixture['kind']>(
  given: { kind: K } & Partial<OfKind<K>> & Pick<OfKind<K>, Extract<Stated, keyof OfKind<K>>>,
): OfKind<K> {
  return z.parse(fixture, given) as OfKind<K>;
}
