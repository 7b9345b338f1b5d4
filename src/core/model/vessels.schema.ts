import * as z from 'zod/mini';
import { coordinateM, id, name, no, sizeM, thingKg, yes } from './parts.schema';
import { winter, wrap } from './rain.schema';

const shortM = z.number().check(z.minimum(0), z.maximum(1));
const holeM = z.number().check(z.minimum(0.002), z.maximum(0.4));

/** What a home-made vessel is made from: its outside measures, m. */
const vesselBody = z.discriminatedUnion('shape', [
  z.strictObject({ shape: z.literal('can'), acrossM: sizeM, highM: sizeM }),
  z.strictObject({ shape: z.literal('pail'), topM: sizeM, footM: sizeM, highM: sizeM }),
  z.strictObject({ shape: z.literal('box'), longM: sizeM, deepM: sizeM, highM: sizeM }),
  /** Standing pipes, one an outlet, each ending in an elbow; highM: the straight part. */
  z.strictObject({
    shape: z.literal('pipe'),
    acrossM: holeM,
    highM: sizeM,
    elbowDeg: z._default(z.literal([45, 90]), 90),
    /** Radius of the bend's middle line; null: the bore. */
    bendM: z._default(z.nullable(holeM), null),
  }),
]);
/** How the keeper makes it; null: it is bought, and known by its size. */
const made = z._default(
  z.nullable(
    z.strictObject({
      body: vesselBody,
      wallM: z._default(z.number().check(z.minimum(0), z.maximum(0.05)), 0.002),
      /** The floor that the feed lies on, above the foot: a recessed or a false bottom. */
      floorM: z._default(shortM, 0),
      /** What is pushed through each hole: its outside, how far its mouth hangs above that floor, its leg down. */
      elbow: z._default(z.strictObject({ acrossM: holeM, gapM: shortM, legM: shortM }), {
        acrossM: 0.075,
        gapM: 0.025,
        legM: 0.025,
      }),
      /** Bare holes into a pan, and their lower edge above the foot. */
      hole: z._default(z.strictObject({ acrossM: holeM, lowM: shortM }), {
        acrossM: 0.05,
        lowM: 0,
      }),
      /** What it stands in, and its rim above its floor. */
      pan: z._default(z.nullable(z.strictObject({ acrossM: sizeM, deepM: shortM })), null),
    }),
  ),
  null,
);

/** x, y: the centre; rimZ: the rim birds reach over, or a nipple's pin; heightM: from its foot to its top. */
const vessel = {
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  rimZ: coordinateM,
  diameterM: sizeM,
  heightM: sizeM,
  hung: z.boolean(),
  /** Fixed to the wall: it stays where it is while the litter rises. */
  onWall: no,
  place: z._default(z.enum(['coop', 'run']), 'coop'),
  /** Length of a trough, m, along x. */
  lengthM: z._default(sizeM, 0.6),
  bothSides: yes,
  /** Ports, boxes, nipples or cups. */
  outlets: z._default(z.int().check(z.minimum(1), z.maximum(60)), 1),
  /** What it holds that birds can have, L; null: worked from its size. */
  capacityL: z._default(z.nullable(z.number().check(z.minimum(0.1), z.maximum(2000))), null),
  /** Empty, kg. */
  emptyKg: z._default(thingKg, 1),
  fixing: z._default(z.enum(['hook', 'bolt']), 'bolt'),
  /** Whether a bird can stand on top. */
  flatTop: no,
  fillFrom: z._default(z.enum(['inside', 'outside']), 'inside'),
  made,
};
export const feeder = z.strictObject({
  kind: z.literal('feeder'),
  type: z.enum(['tube', 'pan', 'trough', 'port', 'pedal', 'holes']),
  ...vessel,
  feed: z._default(z.enum(['pellets', 'crumbs', 'mash', 'grain']), 'pellets'),
  takenInAtNight: no,
  /** Feed put out for feed eaten, as the keeper knows it; null: by its kind. */
  waste: z._default(z.nullable(z.number().check(z.minimum(1), z.maximum(3))), null),
});
export const drinker = z.strictObject({
  kind: z.literal('drinker'),
  type: z.enum(['fount', 'trough', 'nipple', 'cup', 'bucket']),
  ...vessel,
  winter: z._default(winter, { kind: 'nothing' }),
  wrap: z._default(wrap, 'bare'),
  /** A tray under it, where it stands over litter. */
  tray: yes,
  /** Bottom of the tank that feeds its line, m above the bare floor; null: no tank. */
  tankZ: z._default(z.nullable(coordinateM), null),
  /** Bore of the line its outlets tap, m; null: no line. */
  boreM: z._default(z.nullable(z.number().check(z.minimum(0.002), z.maximum(0.2))), null),
});

/** A dish of oyster shell or of grit. */
export const dish = z.strictObject({
  kind: z.literal('dish'),
  id,
  name,
  x: coordinateM,
  y: coordinateM,
  holds: z.enum(['shell', 'grit']),
});
