import * as z from 'zod/mini';
import { coordinateM, no, side, sizeM, thingKg, yes } from './parts.schema';

const share = z.number().check(z.minimum(0), z.maximum(1));
const pipeM = z.number().check(z.minimum(0.004), z.maximum(0.3));
const watts = z.number().check(z.minimum(0), z.maximum(3000));

/** How a vessel or a barrel is kept open through frost, and what switches it. */
export const winter = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('nothing') }),
  /** Fresh water is carried on frost days. */
  z.strictObject({ kind: z.literal('carried') }),
  z.strictObject({
    kind: z.literal('heated'),
    watts,
    /** Switched by the water at +5 °C, or by a plug that feels the air. */
    by: z._default(z.enum(['water', 'air']), 'water'),
    /** In the water: it must never run dry. */
    immersed: no,
    /** It switches off where the water is low. */
    cutOut: yes,
  }),
]);
/** What is round it. */
export const wrap = z.enum(['bare', 'tyre', 'foam']);

/** Rain from the roof to the drinkers, as the keeper builds it. */
export const rain = z.strictObject({
  /** Eaves with a gutter. */
  eaves: z.array(side).check(z.minLength(1), z.maxLength(4)),
  overhangM: z._default(z.number().check(z.minimum(0), z.maximum(2)), 0.1),
  cover: z._default(z.enum(['metal', 'plastic', 'shingle', 'green', 'unsafe']), 'metal'),
  gutter: z.discriminatedUnion('shape', [
    z.strictObject({ shape: z.literal('half'), acrossM: sizeM }),
    z.strictObject({ shape: z.literal('channel'), wideM: sizeM, deepM: sizeM }),
    z.strictObject({ shape: z.literal('vee'), sideM: sizeM }),
  ]),
  /** Down for each metre along. */
  fall: z._default(z.number().check(z.minimum(0.0005), z.maximum(0.2)), 0.005),
  homeMade: yes,
  /** Share of the water that a home-made one brings. */
  brings: z._default(z.number().check(z.minimum(0.9), z.maximum(1)), 0.95),
  peakMmH: z._default(z.number().check(z.minimum(5), z.maximum(500)), 75),
  /** First rain kept out, mm; null: by the place. */
  flushMm: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(10))), null),
  flushBoreM: z._default(pipeM, 0.1),
  /** The standpipe as it is built, m; null: as long as it must be. */
  flushLongM: z._default(z.nullable(sizeM), null),
  barrel: z.strictObject({
    litres: z.number().check(z.minimum(1), z.maximum(5000)),
    count: z._default(z.int().check(z.minimum(1), z.maximum(12)), 1),
    /** Null: as barrels of its litres are. */
    acrossM: z._default(z.nullable(sizeM), null),
    emptyKg: z._default(thingKg, 8),
    /** Its foot above the ground. */
    standM: z._default(coordinateM, 0.4),
    stand: z._default(z.enum(['ground', 'blocks', 'slab', 'shelf']), 'blocks'),
    /** The wall it stands at, and from its left (seen from above, its front) end to the barrel's near edge. */
    side: z._default(side, 'right'),
    alongM: z._default(coordinateM, 0.4),
    lid: yes,
    dark: yes,
    overflow: z._default(z.enum(['away', 'footings', 'none']), 'away'),
    wrap: z._default(wrap, 'bare'),
    winter: z._default(winter, { kind: 'nothing' }),
    /** Level today, as a share of all that it holds. */
    today: z._default(share, 1),
  }),
  line: z._default(
    z.strictObject({
      boreM: pipeM,
      outsideM: pipeM,
      lengthM: z.number().check(z.minimum(0), z.maximum(100)),
      foamM: z.number().check(z.minimum(0), z.maximum(0.1)),
      screen: yes,
      flush: yes,
      drain: yes,
      unions: yes,
      /** Warm water from the barrel goes round in it on frost days. */
      pump: no,
    }),
    {
      ...{ boreM: 0.025, outsideM: 0.032, lengthM: 3, foamM: 0 },
      ...{ screen: true, flush: true, drain: true, unions: true, pump: false },
    },
  ),
});
