import { assess } from '@/core/assess';
import { newDustBath } from '@/core/edit/new/floorThings';
import { newHatch, newPopDoor } from '@/core/edit/new/openings';
import type { Group, Plan } from '@/core/model/schema';
import {
  all,
  apartFeeders,
  climate,
  type Fault,
  fault,
  MM,
  measure,
  type Recipe,
  roomy,
} from './faults.make';
import { bank, bar, change, DAY, hens, soundCoop } from './plans';

/** Birds that leave before they lay, so that nobody needs a layers' feed. */
const YOUNG: Partial<Group> = {
  massKg: 2.2,
  hatchedOn: '2026-10-01',
  arrivesOn: '2026-12-01',
  leavesOn: '2027-09-01',
  figures: { layWeek: 52 },
};

const cock = (parts: Partial<Group> = {}): Group =>
  hens(1, { id: 'cock', name: 'Cock', massKg: 2.2, sex: 'cock', ...parts });

const withCock =
  (count: number): Recipe =>
  (d) => {
    d.flock = [hens(count, YOUNG), cock()];
    d.fills.bagKg = 10;
  };

const secondBar =
  (parts: Parameters<typeof bar>[0]): Recipe =>
  (d) => {
    d.fixtures.push(bar({ id: 'bar-2', x: 0.8, lengthM: 2.4, brackets: 2, ...parts }));
  };

/** A high bar at the rear, with room for a lower one before it. */
const highBar: Recipe = (d) => {
  change(d, 'bar', 'bar', { z: 1 });
  change(d, 'bar', 'step', { y: 1.9 });
};

const bath: Recipe = (d) => {
  d.fixtures.push({ ...newDustBath(d), id: 'bath' });
};

const USABLE_M2 =
  assess(soundCoop(bath), { on: DAY }).figures.get('floor.have')?.value ?? Number.NaN;

const limit = (set: (limits: Plan['limits'], value: number) => void) => (d: Plan, value: number) =>
  set(d.limits, value);

/** Every code of flock, floor, length of bar, number and lip of nests, and what fits in the shell. */
export const MAIN_FAULTS: readonly Fault[] = [
  // flock
  fault('flock.cocks.tooMany', withCock(5), withCock(6)),
  fault('flock.cocks.tooFew', withCock(19), withCock(18), (d) => {
    roomy(d);
    apartFeeders(d);
    d.fixtures.push({ ...newPopDoor(d, { wall: 'front', alongM: 2.6, sillZ: 0.2 }), id: 'pop-2' });
    change(d, 'popDoor', 'pop', { sillZ: 0.2 });
  }),
  // reared here from chicks sold as hens; those that come eight weeks old had been told by then
  fault(
    'flock.cock.maybe',
    (d) => {
      d.flock = [hens(6, { ...YOUNG, arrivesOn: '2026-11-25' })];
    },
    (d) => {
      d.flock = [hens(6, { ...YOUNG, arrivesOn: '2026-11-26' })];
    },
  ),
  fault(
    'flock.cocks.undecided',
    () => {},
    (d) => {
      const [group] = d.flock;
      if (group) group.sorted = { on: '2026-12-20', cocksKept: 0 };
    },
    (d) => {
      d.flock = [hens(6, { ...YOUNG, sex: 'unsexed', leavesOn: '2026-12-25' })];
      d.fills.bagKg = 10;
    },
  ),
  fault(
    'flock.feed.mixed',
    (d) => d.flock.push(pullet('2026-12-27')),
    // thirty weeks old on the 28th: in lay
    (d) => d.flock.push(pullet('2026-12-28')),
  ),
  fault(
    'flock.ducks.withHens',
    (d) =>
      d.flock.push(hens(1, { id: 'drake', breed: 'khaki-campbell', massKg: 2.2, sex: 'cock' })),
    () => {},
    (d) => {
      d.flock = [hens(6, YOUNG)];
      d.fills.bagKg = 10;
      change(d, 'popDoor', 'pop', { widthM: 0.4, heightM: 0.45 });
      change(d, 'drinker', 'drinker', { capacityL: 10 });
    },
  ),
  measure(
    'flock.limit.birds',
    [5, 6],
    limit((l, n) => {
      l.mostBirds = n;
    }),
  ),
  measure(
    'flock.limit.permit',
    [6, 7],
    limit((l, n) => {
      l.permitFrom = n;
    }),
  ),
  measure(
    'flock.limit.cocks',
    [0, 1],
    limit((l, n) => {
      l.cocksAllowed = n;
    }),
    withCock(6),
  ),
  measure(
    'flock.limit.setback',
    [5 - MM, 5],
    limit((l, m) => {
      l.setbackM = 5;
      l.standsM = m;
    }),
  ),
  fault(
    'flock.limit.housing',
    () => {},
    (d) => {
      d.schools['floor.area'] = 'floor.area.shutInWinters';
    },
    all(bath, (d) => {
      d.limits.housingOrder = true;
    }),
  ),
  // floor
  measure(
    'floor.area.short',
    [USABLE_M2 / 6 + 1e-4, USABLE_M2 / 6],
    (d, m2) => {
      d.schools['floor.area'] = { custom: m2 };
    },
    bath,
  ),
  // roosts
  measure('roosts.length.short', [1.8 - MM, 1.8], (d, m) =>
    change(d, 'bar', 'bar', { lengthM: m }),
  ),
  measure('roosts.bar.nearWall', [0.38 - MM, 0.38], (d, m) =>
    change(d, 'bar', 'bar', { y: 3 - m }),
  ),
  measure(
    'roosts.bar.low',
    [0.45 - MM, 0.45],
    (d, m) => change(d, 'bar', 'bar', { z: 0.1 + m }),
    (d) => {
      d.fixtures = d.fixtures.filter((f) => f.id !== 'bank');
    },
  ),
  fault(
    'roosts.bar.underAnother',
    secondBar({ y: 2.55 - 0.25 + MM, z: 0.7 }),
    // just out of the droppings it is still too close a step: the next that is right is 0.38 m out
    secondBar({ y: 2.55 - 0.38, z: 0.7 }),
    highBar,
  ),
  fault(
    'roosts.bar.belowNests',
    secondBar({ y: 2.05, z: 0.6 - MM }),
    // from the lip up to 0.15 m over it the bar counts, and is told as barely above the nests
    secondBar({ y: 2.05, z: 0.75 }),
    (d) => {
      change(d, 'nestBank', 'bank', { lipZ: 0.6 });
      change(d, 'bar', 'bar', { z: 0.75 });
      change(d, 'bar', 'step', { y: 1.6 });
    },
  ),
  measure('roosts.bar.nearNests', [0.7 - MM, 0.7], (d, z) => change(d, 'bar', 'bar', { z })),
  measure(
    'roosts.bars.tooClose',
    [0.4572 - MM, 0.4572],
    (d, m) => secondBar({ y: 2.55 - m, z: 0.7 })(d),
    (d) => change(d, 'bar', 'step', { y: 1.6 }),
  ),
  measure(
    'roosts.bars.stairTooClose',
    [0.38 - MM, 0.38],
    (d, m) => secondBar({ y: 2.55 - m, z: 0.7 })(d),
    highBar,
  ),
  measure(
    'roosts.bar.narrowInCold',
    [0.064 - MM, 0.064],
    (d, m) => change(d, 'bar', 'bar', { section: { shape: 'flat', widthM: m, heightM: 0.038 } }),
    all(climate('cold-continental'), (d) => {
      change(d, 'feeder', 'feeder', { capacityL: 14 });
      change(d, 'bar', 'step', { section: { shape: 'flat', widthM: 0.089, heightM: 0.038 } });
    }),
  ),
  // nests
  measure('nests.boxes.short', [1, 2], (d, n) => change(d, 'nestBank', 'bank', { boxes: n })),
  measure(
    'nests.boxes.sizeShort',
    // three quarters of 0.3556 m serves; her own size raises nothing at all
    [0.2667 - MM, 0.3556],
    (d, m) => d.fixtures.push(bank({ id: 'bank-2', x: 0, y: 1.2, lipZ: 0.55, boxes: 1, boxW: m })),
    (d) => {
      d.flock = [
        hens(4, { id: 'heavy', massKg: 3 }),
        hens(2, { id: 'light', breed: 'leghorn', massKg: 1.9 }),
      ];
      // too small for the heavy as they want it, and told apart from their number
      for (const f of d.fixtures) if (f.kind === 'nestBank') f.boxW = 0.36;
      change(d, 'nestBank', 'bank', { boxes: 1 });
      change(d, 'feeder', 'feeder', { capacityL: 14 });
    },
  ),
  measure('nests.bank.underBars', [2.3 + MM, 2.3], (d, far) =>
    change(d, 'nestBank', 'bank', { x: 0.5, y: far - 0.72 }),
  ),
  measure('nests.lip.low', [0.45 - MM, 0.45], (d, m) =>
    change(d, 'nestBank', 'bank', { lipZ: 0.1 + m }),
  ),
  measure(
    'nests.lip.high',
    [0.762 + MM, 0.762],
    (d, m) => change(d, 'nestBank', 'bank', { lipZ: 0.1 + m }),
    (d) => {
      // hens that hop as high, and bars that clear the lip
      d.flock = [hens(6, { massKg: 1.9 })];
      change(d, 'bar', 'bar', { z: 1.05 });
      change(d, 'vent', 'vent', { baffle: true });
    },
  ),
  measure('nests.box.small', [0.3 - MM, 0.3], (d, m) =>
    d.fixtures.push(bank({ id: 'bank-2', x: 0, y: 1.2, lipZ: 0.55, boxes: 1, boxW: m })),
  ),
  // shell
  measure('shell.fixture.pastWall', [3.92 + MM, 3.92], (d, x) => change(d, 'dish', 'shell', { x })),
  measure('shell.fixture.throughRoof', [2 + MM, 2], (d, m) =>
    change(d, 'door', 'door', { heightM: m }),
  ),
  measure('shell.fixture.belowFloor', [-MM, 0], (d, m) =>
    d.fixtures.push({ ...newHatch(d), id: 'hatch', sillZ: m }),
  ),
];

function pullet(arrivesOn: string): Group {
  return hens(1, {
    id: 'pullet',
    name: 'Pullet',
    massKg: 2.2,
    hatchedOn: '2026-06-01',
    arrivesOn,
    figures: { layWeek: 30 },
  });
}
