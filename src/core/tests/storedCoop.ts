import fc from 'fast-check';
import { newDrinker, newFeeder } from '../edit/new/floorThings';
import { bodiesFor, newMade, startBody } from '../edit/new/homeMade';
import { newRain } from '../edit/new/rain';
import type { Drinker, Feeder, Made, Plan, Rain } from '../model/schema';
import { sampleClimate, soundCoop } from './plans';

const mm = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((n) => n / 1000);

/** What a vessel may be made like, sensible or not. */
const how = fc.record({
  body: fc.nat(3),
  size: fc.double({ min: 0.1, max: 2.5, noNaN: true }),
  wallM: mm(0, 50),
  floorM: mm(0, 200),
  elbow: fc.record({ acrossM: mm(2, 300), gapM: mm(0, 120), legM: mm(0, 200) }),
  hole: fc.record({ acrossM: mm(2, 300), lowM: mm(0, 300) }),
  pan: fc.option(fc.record({ acrossM: mm(5, 900), deepM: mm(0, 300) })),
  outlets: fc.integer({ min: 1, max: 24 }),
});
type How = typeof how extends fc.Arbitrary<infer T> ? T : never;

const winter = fc.oneof(
  fc.constant({ kind: 'nothing' } as const),
  fc.constant({ kind: 'carried' } as const),
  fc.record({
    kind: fc.constant('heated' as const),
    watts: fc.integer({ min: 0, max: 3000 }),
    by: fc.constantFrom('water' as const, 'air' as const),
    immersed: fc.boolean(),
    cutOut: fc.boolean(),
  }),
);
const wrap = fc.constantFrom('bare' as const, 'tyre' as const, 'foam' as const);
const side = fc.constantFrom('front' as const, 'rear' as const, 'left' as const, 'right' as const);
const gutter = fc.oneof(
  fc.record({ shape: fc.constant('half' as const), acrossM: mm(20, 200) }),
  fc.record({ shape: fc.constant('channel' as const), wideM: mm(20, 200), deepM: mm(20, 200) }),
  fc.record({ shape: fc.constant('vee' as const), sideM: mm(20, 200) }),
);
const share = fc.integer({ min: 0, max: 33 }).map((n) => n / 100);
const beside = fc.record({ scratch: share, scraps: share, sunflower: share });

function madeLike(v: Feeder | Drinker, h: How, units: Plan['units']): Made | null {
  const start = newMade(v, units);
  const shapes = bodiesFor(v);
  const shape = shapes[h.body % shapes.length];
  if (!start || shape === undefined) return null;
  const body = startBody(shape, units) as Record<string, unknown>;
  const sized = Object.fromEntries(
    Object.entries(body).map(([k, n]) =>
      k.endsWith('M') && typeof n === 'number'
        ? [k, Math.min(k === 'acrossM' && shape === 'pipe' ? 0.4 : 3, Math.max(0.01, n * h.size))]
        : [k, n],
    ),
  );
  const { wallM, floorM, elbow, hole, pan } = h;
  return { body: sized as Made['body'], wallM, floorM, elbow, hole, pan };
}

/** A coop with feeders and drinkers made in every way, and rain, frost and a ration as chance has them. */
export const storedCoop: fc.Arbitrary<Plan> = fc
  .record({
    climate: fc.constantFrom(null, 'cold-continental', 'hot-desert', 'wet-upland', 'far-north'),
    units: fc.constantFrom('metric' as const, 'imperial' as const),
    feeder: fc.tuple(
      fc.constantFrom('tube', 'trough', 'port', 'pedal', 'holes', 'pan'),
      fc.option(how),
    ),
    drinker: fc.tuple(
      fc.constantFrom('bucket', 'cup', 'nipple', 'fount', 'trough'),
      fc.option(how),
    ),
    winter,
    wrap,
    rain: fc.option(
      fc.record({
        eaves: fc.uniqueArray(side, { minLength: 1 }),
        gutter,
        litres: fc.integer({ min: 1, max: 5000 }),
        winter,
        wrap,
        foamM: mm(0, 100),
      }),
    ),
    ration: fc.option(fc.record({ cold: beside, warm: beside })),
    price: fc.option(fc.integer({ min: 0, max: 100 })),
  })
  .map(
    (r): Plan =>
      soundCoop((d) => {
        d.units = r.units;
        d.climate = r.climate === null ? null : sampleClimate(r.climate);
        d.ration = r.ration;
        d.prices.bag = r.price;
        d.fixtures = d.fixtures.filter((f) => f.kind !== 'feeder' && f.kind !== 'drinker');
        const feeder = newFeeder(d, { type: r.feeder[0] as Feeder['type'], x: 1, y: 1 });
        const drinker = newDrinker(d, { type: r.drinker[0] as Drinker['type'], x: 3, y: 1 });
        const [f, w] = [r.feeder[1], r.drinker[1]];
        d.fixtures.push(
          { ...feeder, ...(f ? { outlets: f.outlets, made: madeLike(feeder, f, r.units) } : {}) },
          {
            ...drinker,
            winter: r.winter,
            wrap: r.wrap,
            ...(w ? { outlets: w.outlets, made: madeLike(drinker, w, r.units) } : {}),
          },
        );
        d.rain = r.rain && rainLike(d, r.rain);
      }),
  );

function rainLike(
  plan: Plan,
  own: Pick<Rain, 'eaves' | 'gutter'> &
    Pick<Rain['barrel'], 'litres' | 'winter' | 'wrap'> & { foamM: number },
): Rain {
  const rain = newRain(plan);
  const { eaves, gutter, litres, winter, wrap, foamM } = own;
  return {
    ...rain,
    eaves,
    gutter,
    barrel: { ...rain.barrel, litres, winter, wrap },
    line: { ...rain.line, foamM },
  };
}
