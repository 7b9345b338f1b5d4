import { newDish, newFeeder } from '@/core/edit/new/floorThings';
import {
  all,
  apartFeeders,
  choice,
  type Fault,
  fault,
  flock,
  MM,
  measure,
  roomy,
} from './faults.make';
import {
  FEED_WEEK_L,
  giantHouse,
  HENS_L_DAY,
  MEAN_KG_DAY,
  smallBirds,
  withRun,
} from './faults.parts';
import { change, hens } from './plans';

/** Faults of air, feed and water, each raised alone, with a near miss. */
export const VESSEL_FAULTS: readonly Fault[] = [
  // air
  fault(
    'air.shut',
    (d) => {
      for (const f of d.fixtures) if (f.kind === 'vent' || f.kind === 'window') f.opens = 'shut';
    },
    () => {},
  ),
  fault(
    'air.winter.short',
    (d) => change(d, 'vent', 'vent', { widthM: (1.2 - 1e-4) / 0.4 / 0.8422 }),
    (d) => change(d, 'vent', 'vent', { widthM: (1.2 + 1e-4) / 0.4 / 0.8422 }),
    (d) => change(d, 'window', 'window', { heightM: 0.65 }),
  ),
  fault(
    'air.summer.short',
    (d) => change(d, 'window', 'window', { heightM: (1.2 - 1e-3) / 2.6 / 0.8422 }),
    (d) => change(d, 'window', 'window', { heightM: (1.2 + 1e-3) / 2.6 / 0.8422 }),
    (d) => change(d, 'vent', 'vent', { widthM: 1.2 / 0.4 / 0.8421 }),
  ),
  measure('air.opening.inDraught', [1.2 - MM, 1.2], (d, m) =>
    change(d, 'vent', 'vent', { sillZ: m, heightM: 0.6, widthM: 3.6 }),
  ),
  // feed
  fault('feed.access.short', flock(9), flock(8), (d) => {
    change(d, 'feeder', 'feeder', { capacityL: 14 });
    change(d, 'bar', 'bar', { lengthM: 2.9, x: 0.5, brackets: 3 });
  }),
  fault('feed.one.only', flock(10), flock(9), (d) => {
    roomy(d);
    d.fixtures.push({
      ...newFeeder(d, { type: 'port', outlets: 3, x: 1.2 + 0.3 + 0.4, y: 0.9, capacityL: 10 }),
      id: 'feeder-2',
    });
  }),
  fault(
    'feed.vessel.high',
    (d) => change(d, 'feeder', 'feeder', { rimZ: 0.1 + 0.2406 + 0.06 + MM }),
    (d) => change(d, 'feeder', 'feeder', { rimZ: 0.1 + 0.2406 + 0.06 }),
  ),
  fault(
    'feed.vessel.low',
    (d) => change(d, 'feeder', 'feeder', { rimZ: 0.1 + 0.2407 - 0.06 - MM }),
    (d) => change(d, 'feeder', 'feeder', { rimZ: 0.1 + 0.2407 - 0.06 }),
  ),
  fault(
    'feed.vessel.underBars',
    (d) => change(d, 'feeder', 'feeder', { y: 2.3 - 0.15 + MM }),
    (d) => change(d, 'feeder', 'feeder', { y: 2.3 - 0.15 }),
    (d) => change(d, 'bar', 'step', { y: 1.8 }),
  ),
  fault(
    'feed.dish.underBars',
    (d) => change(d, 'dish', 'shell', { y: 2.3 - 0.08 + MM }),
    (d) => change(d, 'dish', 'shell', { y: 2.3 - 0.08 }),
  ),
  fault(
    'feed.vessel.hook',
    // 10 L of pellets are 6.5 kg; × 1.25 and its own weight
    (d) => change(d, 'feeder', 'feeder', { fixing: 'hook', emptyKg: 1.875 + MM }),
    (d) => change(d, 'feeder', 'feeder', { fixing: 'hook', emptyKg: 1.875 }),
  ),
  fault(
    'feed.vessel.perched',
    (d) => change(d, 'feeder', 'feeder', { flatTop: true, hung: false }),
    (d) => change(d, 'feeder', 'feeder', { flatTop: true }),
  ),
  fault(
    'feed.vessel.rain',
    all(withRun({ roof: 'half' }), (d) => {
      d.schools['run.floor'] = 'run.floor.halfRoofed';
    }),
    all(withRun(), (d) => d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' })),
    (d) => change(d, 'feeder', 'feeder', { place: 'run', rimZ: 0.24 }),
  ),
  fault(
    'feed.open.night',
    (d) => change(d, 'feeder', 'feeder', { type: 'tube' }),
    (d) => change(d, 'feeder', 'feeder', { type: 'tube', takenInAtNight: true }),
  ),
  measure('feed.pedal.small', [0.9 - MM, 0.9], (d, kg) => {
    d.flock.push(hens(1, { id: 'small', breed: 'dutch-bantam', massKg: kg }));
    smallBirds(d, kg);
    d.fixtures.push({
      ...newFeeder(d, {
        type: 'pedal',
        x: 1.2,
        y: 1.6,
        rimZ: 0.1 + 0.185 * Math.cbrt(kg),
        capacityL: 1,
      }),
      id: 'pedal',
    });
  }),
  fault(
    'feed.days.short',
    (d) => change(d, 'feeder', 'feeder', { capacityL: FEED_WEEK_L - 0.01 }),
    (d) => change(d, 'feeder', 'feeder', { capacityL: FEED_WEEK_L + 0.01 }),
  ),
  fault(
    'feed.fill.stale',
    (d) => change(d, 'feeder', 'feeder', { capacityL: FEED_WEEK_L * 6 + 0.02 }),
    (d) => change(d, 'feeder', 'feeder', { capacityL: FEED_WEEK_L * 6 - 0.02 }),
  ),
  fault(
    'feed.bag.stale',
    (d) => {
      d.fills.bagKg = 42 * MEAN_KG_DAY * 1.04 + 0.01;
    },
    (d) => {
      d.fills.bagKg = 42 * MEAN_KG_DAY * 1.04 - 0.01;
    },
  ),
  fault('feed.shell.few', flock(13), flock(12), (d) => {
    roomy(d);
    apartFeeders(d);
  }),
  choice(
    'feed.grit.none',
    (d) => {
      d.fixtures = d.fixtures.filter((f) => f.id !== 'grit');
    },
    all(withRun(), (d) => d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' })),
  ),
  // a cock of 5.8 kg has his back at 0.33239 m
  measure(
    'feed.tall.none',
    [0.33239 - 0.15 - MM, 0.33239 - 0.15],
    (d, m) => change(d, 'feeder', 'feeder', { rimZ: 0.1 + m }),
    (d) => {
      d.flock.push(hens(1, { id: 'cock', name: 'Cock', sex: 'cock', massKg: 5.8 }));
      d.fills.allFlock = true;
      giantHouse(d);
      change(d, 'feeder', 'feeder', { capacityL: 14 });
    },
  ),
  // water
  fault('water.access.short', flock(9), flock(8), (d) => {
    roomy(d);
    d.fixtures = d.fixtures.filter((f) => f.id !== 'drinker-2');
    change(d, 'drinker', 'drinker', { type: 'nipple', outlets: 2, rimZ: 0.1 + 0.42, capacityL: 9 });
  }),
  fault('water.one.only', flock(10), flock(9), (d) => {
    roomy(d);
    d.fixtures.push({
      ...newFeeder(d, { type: 'port', outlets: 3, x: 3.0, y: 0.9, capacityL: 10 }),
      id: 'feeder-2',
    });
    d.fixtures = d.fixtures.filter((f) => f.id !== 'drinker-2');
  }),
  fault(
    'water.vessel.high',
    (d) => change(d, 'drinker', 'drinker', { rimZ: 0.1 + 0.2406 + 0.06 + MM }),
    (d) => change(d, 'drinker', 'drinker', { rimZ: 0.1 + 0.2406 + 0.06 }),
  ),
  fault(
    'water.vessel.low',
    (d) => change(d, 'drinker', 'drinker', { rimZ: 0.1 + 0.2407 - 0.06 - MM }),
    (d) => change(d, 'drinker', 'drinker', { rimZ: 0.1 + 0.2407 - 0.06 }),
  ),
  fault(
    'water.vessel.underBars',
    (d) => change(d, 'drinker', 'drinker', { y: 2.3 - 0.15 + MM }),
    (d) => change(d, 'drinker', 'drinker', { y: 2.3 - 0.15 }),
    (d) => change(d, 'bar', 'step', { y: 1.8 }),
  ),
  fault(
    'water.vessel.hook',
    (d) => change(d, 'drinker', 'drinker', { fixing: 'hook', hung: true, emptyKg: 2.5 + MM }),
    (d) => change(d, 'drinker', 'drinker', { fixing: 'hook', hung: true, emptyKg: 2.5 }),
  ),
  choice('water.vessel.perched', (d) => change(d, 'drinker', 'drinker', { flatTop: true })),
  choice('water.vessel.overLitter', (d) => change(d, 'drinker', 'drinker', { tray: false })),
  fault(
    'water.days.short',
    (d) => change(d, 'drinker', 'drinker', { capacityL: HENS_L_DAY * 2 - 0.01 }),
    (d) => change(d, 'drinker', 'drinker', { capacityL: HENS_L_DAY * 2 + 0.01 }),
  ),
  measure(
    'water.line.low',
    [0.15 - MM, 0.15],
    (d, m) => change(d, 'drinker', 'drinker', { tankZ: 0.1 + 0.42 + m }),
    (d) => change(d, 'drinker', 'drinker', { type: 'nipple', outlets: 3, rimZ: 0.1 + 0.42 }),
  ),
  measure(
    'water.line.narrow',
    [0.025 - MM, 0.025],
    (d, m) => change(d, 'drinker', 'drinker', { boreM: m }),
    (d) => change(d, 'drinker', 'drinker', { type: 'cup', outlets: 2 }),
  ),
  fault(
    'water.bucket.chicks',
    (d) => {
      const [group] = d.flock;
      if (group) group.arrivesOn = '2021-01-28';
    },
    (d) => {
      const [group] = d.flock;
      if (group) group.arrivesOn = '2021-01-29';
    },
    (d) => {
      const [group] = d.flock;
      if (group) group.hatchedOn = '2021-01-01';
      change(d, 'drinker', 'drinker', { type: 'bucket' });
    },
  ),
];
