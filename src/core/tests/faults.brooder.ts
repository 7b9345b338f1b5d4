import { all, choice, climate, type Fault, fault, MM, measure } from './faults.make';
import { brooderIs, lamp, withBrood } from './faults.parts';
import { change } from './plans';

/** Faults of the brooder, each raised alone, with a near miss. */
export const BROODER_FAULTS: readonly Fault[] = [
  measure(
    'brooder.space.short',
    [10 * 0.1858 - MM, 10 * 0.1858],
    (d, m) => brooderIs({ lengthM: m, widthM: 1 })(d),
    withBrood(),
  ),
  measure(
    'brooder.eggs.few',
    // nineteen hatch of twenty-six: nine of them hens
    [26, 27],
    (d, eggs) => {
      for (const g of d.flock) if (g.raisedHere) g.eggsSet = { eggs, posted: false };
    },
    all(withBrood(), brooderIs({ widthM: 2, heat: { kind: 'plate', widthM: 0.7, depthM: 0.5 } })),
  ),
  measure(
    'brooder.feed.short',
    [0.4 - MM, 0.4],
    (d, m) => brooderIs({ feedEdgeM: m })(d),
    withBrood(),
  ),
  measure(
    'brooder.water.short',
    [0.15 - MM, 0.15],
    (d, m) => brooderIs({ waterRimM: m })(d),
    withBrood(),
  ),
  measure('brooder.wall.low', [0.45 - MM, 0.45], (d, m) => brooderIs({ wallM: m })(d), withBrood()),
  choice('brooder.lid.none', brooderIs({ lid: false }), withBrood()),
  choice('brooder.corners.open', brooderIs({ cornersFilled: false }), withBrood()),
  measure(
    'brooder.vent.small',
    [0.02 - 1e-4, 0.02],
    (d, m) => brooderIs({ ventM2: m })(d),
    withBrood(),
  ),
  measure(
    'brooder.heat.none',
    [34.9, 35],
    (d, c) => brooderIs({ heat: { kind: 'none' }, airC: c })(d),
    withBrood(),
  ),
  measure('brooder.plate.cold', [9.9, 10], (d, c) => brooderIs({ airC: c })(d), withBrood()),
  measure(
    'brooder.heat.short',
    [0.128 - MM, 0.128],
    (d, m) => brooderIs({ heat: { kind: 'plate', widthM: 1, depthM: m } })(d),
    withBrood(),
  ),
  fault(
    'brooder.lamp.tooCold',
    // sixty chicks want 510 W at −16 °C, 500 at −15
    (d) => {
      lamp({ watts: 250, count: 2, aboveM: 0.45 })(d);
      brooderIs({ airC: -16 })(d);
    },
    (d) => {
      lamp({ watts: 250, count: 2, aboveM: 0.45 })(d);
      brooderIs({ airC: -15 })(d);
    },
    all(withBrood(60), brooderIs({ lengthM: 20, feedEdgeM: 5, waterRimM: 5 })),
  ),
  measure(
    'brooder.lamp.weak',
    [34, 36],
    (d, w) => lamp({ watts: w, count: 1 })(d),
    all(withBrood(14), brooderIs({ airC: 20 })),
  ),
  fault(
    'brooder.lamp.one',
    lamp({ watts: 200, count: 1 }),
    lamp({ watts: 175, count: 1 }),
    all(withBrood(20), brooderIs({ lengthM: 4 })),
  ),
  measure('brooder.lamp.low', [0.45 - MM, 0.45], (d, m) => lamp({ aboveM: m })(d), withBrood()),
  fault('brooder.lamp.coated', lamp({ coated: true }), lamp({ coated: false }), withBrood()),
  fault(
    'brooder.lamp.fixing',
    lamp({ secondFixing: false }),
    lamp({ secondFixing: true }),
    withBrood(),
  ),
  fault('brooder.out.early', withBrood(10, 41), withBrood(10, 42)),
  fault(
    'brooder.out.cold',
    withBrood(10, 56),
    withBrood(10, 98),
    all(climate('cold-continental'), (d) => change(d, 'feeder', 'feeder', { capacityL: 14 })),
  ),
];
