import { assess } from '@/core/assess';
import { newBrooder, newRun } from '@/core/plan/defaults';
import { fixtureOf } from '@/core/plan/fixtures.schema';
import {
  newBoard,
  newDish,
  newDustBath,
  newFeeder,
  newHatch,
  newLedge,
} from '@/core/plan/newFixtures';
import type { Plan, Run } from '@/core/plan/schema';
import { MAIN_FAULTS } from './faults.main';
import {
  all,
  apartFeeders,
  choice,
  climate,
  type Fault,
  fault,
  flock,
  MM,
  measure,
  type Recipe,
  roomy,
} from './faults.make';
import { bar, change, DAY, hens, soundCoop } from './plans';

const withRun =
  (parts: Partial<Run> = {}): Recipe =>
  (d) => {
    d.run = { ...newRun(d), ...parts };
  };

/** A keeper who gets to the wall under a board with its step before it. */
const longArm: Recipe = (d) => {
  d.keeper.armM = 1.2;
};

/** Chicks in the brooder that move out so many days after their hatch. */
const withBrood =
  (count = 10, days = 60, massKg = 2.2): Recipe =>
  (d) => {
    d.brooder = {
      ...newBrooder(),
      lengthM: 3,
      widthM: 1,
      feedEdgeM: 1,
      waterRimM: 1,
      heat: { kind: 'plate', widthM: 0.5, depthM: 0.4 },
    };
    // they move out after the horizon's end, so that the coop stays as it is
    const hatched = new Date(Date.UTC(2028, 9, 20));
    const out = new Date(hatched.getTime() + days * 86_400_000);
    d.flock.push(
      hens(count, {
        id: 'chicks',
        name: 'Chicks',
        massKg,
        hatchedOn: hatched.toISOString().slice(0, 10),
        arrivesOn: out.toISOString().slice(0, 10),
        raisedHere: true,
      }),
    );
  };

const lamp =
  (parts: object): Recipe =>
  (d) => {
    if (!d.brooder) return;
    d.brooder.heat = {
      kind: 'lamp',
      watts: 100,
      count: 2,
      aboveM: 0.45,
      coated: false,
      secondFixing: true,
      ...parts,
    };
  };

const brooderIs =
  (parts: Partial<NonNullable<Plan['brooder']>>): Recipe =>
  (d) => {
    if (d.brooder) Object.assign(d.brooder, parts);
  };

/** Rims at the back of a bantam among medium hens. */
function smallBirds(d: Plan, kg: number): void {
  const rimZ = 0.1 + 0.185 * Math.cbrt(kg);
  change(d, 'feeder', 'feeder', { rimZ });
  change(d, 'drinker', 'drinker', { rimZ });
}

function duckHouse(d: Plan): void {
  d.shell.floorAboveGroundM = 0.21;
  change(d, 'nestBank', 'bank', { collect: 'flap' });
  change(d, 'popDoor', 'pop', { widthM: 0.4, heightM: 0.45 });
  change(d, 'drinker', 'drinker', { capacityL: 10 });
}

function heavyHouse(d: Plan): void {
  change(d, 'feeder', 'feeder', { capacityL: 14 });
}

const raised: Recipe = (d) => {
  d.shell.floorAboveGroundM = 0.6;
};

/** Doors and bars for the largest birds. */
function giantHouse(d: Plan): void {
  change(d, 'popDoor', 'pop', { widthM: 0.4, heightM: 0.45 });
  change(d, 'bar', 'bar', { y: 2.42 });
  change(d, 'bar', 'step', { y: 1.95 });
}

const SOUND = assess(soundCoop(), { on: DAY });
/** Floor of the sound coop that nothing stands on, m². */
const TAKEN_FREE_M2 = SOUND.figures['floor.have']?.value ?? Number.NaN;
const HENS_KG_DAY = SOUND.flock.peaks.coopFeedKg?.value ?? Number.NaN;
const EATEN = SOUND.flock.totals.coopFeedKg;
const MEAN_KG_DAY = EATEN.reduce((a, b) => a + b, 0) / EATEN.length;
const HENS_L_DAY = SOUND.flock.peaks.coopWaterL?.value ?? Number.NaN;
/** A week's feed of the sound coop through ports, as litres of pellets. */
const FEED_WEEK_L = (7 * HENS_KG_DAY * 1.04) / 0.65;
const LITTER_DAYS = (0.01 / (SOUND.figures['litter.rise']?.value ?? 1)) * 365;

/** Every code of the stations of this list, each with a plan that raises it alone and a near miss. */
export const FAULTS: readonly Fault[] = [
  ...MAIN_FAULTS,
  // shell, openings and run
  choice('shell.opening.unmeshed', (d) => change(d, 'window', 'window', { cover: 'none' })),
  choice('shell.opening.netting', (d) => change(d, 'vent', 'vent', { cover: 'netting' })),
  fault(
    'shell.opening.wideMesh',
    (d) => change(d, 'vent', 'vent', { cover: 'mesh25' }),
    (d) => change(d, 'vent', 'vent', { cover: 'mesh13' }),
  ),
  choice('shell.glass.breaks', (d) => change(d, 'window', 'window', { pane: 'glass' })),
  choice('shell.stay.none', (d) => change(d, 'window', 'window', { stay: false })),
  choice('shell.latch.weak', (d) => change(d, 'door', 'door', { latch: 'single' })),
  measure(
    'shell.floor.diggers',
    [0.45 - MM, 0.45],
    (d, m) => {
      d.shell.apronM = m;
    },
    (d) => {
      d.shell.floorBuild = 'earth';
    },
  ),
  fault(
    'shell.run.none',
    () => {},
    withRun({ widthM: 3 }),
    all(
      (d) => {
        d.schools['floor.area'] = 'floor.area.sleepingOnly';
      },
      (d) => d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' }),
    ),
  ),
  measure('shell.run.small', [6 * 0.85 - MM, 6 * 0.85], (d, m) =>
    all(withRun({ lengthM: m, widthM: 1 }), (e) =>
      e.fixtures.push({ ...newDish(e, 'grit'), id: 'grit' }),
    )(d),
  ),
  fault('shell.run.open', withRun({ roof: 'half' }), (d) => {
    withRun({ roof: 'half' })(d);
    d.schools['run.floor'] = 'run.floor.halfRoofed';
  }),
  measure(
    'shell.run.eaves',
    [0.2 - MM, 0.2],
    (d, m) => withRun({ eavesM: m })(d),
    (d) => d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' }),
  ),
  measure(
    'shell.run.skirting',
    [0.2 - MM, 0.2],
    (d, m) => withRun({ skirtingM: m })(d),
    (d) => d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' }),
  ),
  fault(
    'shell.run.windward',
    withRun({ solidSides: ['rear'] }),
    withRun({ solidSides: ['left'] }),
    (d) => {
      d.site.windFrom = 'left';
      d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' });
    },
  ),
  fault('shell.run.lee', withRun({ solidSides: [] }), withRun({ solidSides: ['left'] }), (d) =>
    d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' }),
  ),
  fault('shell.run.mesh', withRun({ cover: 'mesh25' }), withRun({ cover: 'mesh13' }), (d) =>
    d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' }),
  ),
  measure(
    'shell.run.idle',
    [0, 1],
    (d, n) => withRun({ pastimes: n, lengthM: 6 })(d),
    (d) => {
      d.schools['floor.area'] = 'floor.area.shutInWinters';
      d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' });
      d.fixtures.push({ ...newDustBath(d), id: 'bath', place: 'run' });
    },
  ),
  fault(
    'shell.dustBath.underBars',
    // the bar's middle is 2.55 m out, and droppings fall 0.25 m in front of it
    (d) => d.fixtures.push({ ...newDustBath(d, { x: 1.5, y: 1.9 + MM }), id: 'bath' }),
    (d) => d.fixtures.push({ ...newDustBath(d, { x: 1.5, y: 1.9 }), id: 'bath' }),
  ),
  fault(
    'shell.dustBath.none',
    () => {},
    (d) => d.fixtures.push({ ...newDustBath(d), id: 'bath' }),
    (d) => {
      d.schools['floor.area'] = 'floor.area.shutInWinters';
    },
  ),
  measure('shell.dustBath.small', [0.4 - MM, 0.4], (d, m) =>
    d.fixtures.push({ ...newDustBath(d, { lengthM: 0.6, depthM: m }), id: 'bath' }),
  ),
  measure('shell.dustBath.shallow', [0.2 - MM, 0.2], (d, m) =>
    d.fixtures.push({ ...newDustBath(d), id: 'bath', fillM: m }),
  ),
  choice(
    'shell.dustBath.wet',
    (d) => change(d, 'dustBath', 'bath', { roofed: false }),
    all(withRun(), (d) => {
      d.fixtures.push({ ...newDustBath(d), id: 'bath', place: 'run' });
      d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' });
    }),
  ),
  choice(
    'shell.run.wildBirds',
    (d) => {
      if (d.run) d.run.roof = 'half';
      d.schools['run.floor'] = 'run.floor.halfRoofed';
    },
    all(withRun({ pastimes: 1, lengthM: 6 }), (d) => {
      d.limits.housingOrder = true;
      d.schools['floor.area'] = 'floor.area.shutInWinters';
      d.fixtures.push({ ...newDustBath(d), id: 'bath' });
      d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit' });
    }),
  ),
  // six meat birds of 4.5 kg are 27 kg: 20 to the square metre on 1.35 of it
  measure(
    'floor.meat.dense',
    [1.35 - MM, 1.35],
    (d, usable) => {
      d.shell.storage = { wall: 'left', depthM: (TAKEN_FREE_M2 - usable) / 3 };
    },
    (d) => {
      d.flock = [hens(6, { breed: 'meat-slow', massKg: 4.5, figures: { flight: 'fair' } })];
      d.schools['floor.area'] = { custom: 0.05 };
      d.schools['litter.cleanOut'] = { custom: 7 };
      giantHouse(d);
      change(d, 'feeder', 'feeder', { capacityL: 24, rimZ: 0.4 });
      change(d, 'drinker', 'drinker', { capacityL: 10, rimZ: 0.4 });
    },
  ),
  // roosts
  measure('roosts.hop.high', [0.5 + MM, 0.5], (d, m) => {
    d.fixtures = d.fixtures.filter((f) => f.id !== 'step');
    change(d, 'bar', 'bar', { z: 0.1 + m });
    change(d, 'nestBank', 'bank', { lipZ: 0.55 });
    // the bar stands clear over the nests: the lip comes down with a low bar
    d.fixtures = d.fixtures.filter((f) => f.id !== 'bank');
  }),
  measure('roosts.bar.high', [1.2 + MM, 1.2], (d, m) => {
    // band, headroom and way down move with the bar: nothing blows, steps lead up
    change(d, 'bar', 'bar', { z: 0.1 + m, y: 2.0 });
    change(d, 'bar', 'step', { z: 0.1 + 0.45, y: 1.1 });
    d.fixtures.push(
      bar({ id: 'step-2', x: 0.8, y: 1.5, z: 0.1 + 0.85, lengthM: 2.4, use: 'step' }),
    );
    change(d, 'vent', 'vent', { baffle: true });
  }),
  measure(
    'roosts.bars.lowForSchool',
    [0.6 - MM, 0.6],
    (d, m) => change(d, 'bar', 'bar', { z: 0.1 + m }),
    (d) => {
      d.schools['roosts.height'] = 'roosts.height.stepped';
      d.fixtures = d.fixtures.filter((f) => f.id !== 'bank');
    },
  ),
  measure('roosts.bar.descent', [0.6 - MM, 0.6], (d, m) => {
    // a bank across the whole coop leaves so much clear floor in front, and the step is gone
    d.fixtures = d.fixtures.filter(
      (f) => !['step', 'bank', 'feeder', 'drinker', 'shell'].includes(f.id),
    );
    change(d, 'bar', 'bar', { z: 0.7, y: 2.55 });
    d.schools['roosts.section'] = 'roosts.section.any';
    const [group] = d.flock;
    if (group) group.massKg = 1.9;
    d.fixtures.push(
      fixtureOf({
        kind: 'dustBath',
        id: 'bath',
        name: 'Bath',
        x: 0.2,
        y: 2.55 - m - 0.5,
        lengthM: 3.6,
        depthM: 0.5,
      }),
    );
  }),
  measure('roosts.bar.headroom', [0.48498 - MM, 0.48498 + MM], (d, m) => {
    // the roof of a small coop stands so much over the bar
    d.shell.roof = { kind: 'flat', lowM: 0.7 + m, highM: 0.7 + m };
    d.fixtures = d.fixtures.filter((f) => !['door', 'vent', 'window'].includes(f.id));
    d.fixtures.push({ ...newHatch(d), id: 'hatch', wall: 'front', alongM: 1.2 });
    d.fixtures.push({ ...newHatch(d), id: 'hatch-2', wall: 'left', alongM: 1.1 });
    d.fixtures.push({ ...newHatch(d), id: 'hatch-3', wall: 'right', alongM: 1.1 });
    d.fixtures.push({ ...newHatch(d), id: 'hatch-4', wall: 'rear', alongM: 1.6 });
    d.keeper.armM = 1.5;
  }),
  measure('roosts.bar.thin', [0.038 - MM, 0.038], (d, m) =>
    change(d, 'bar', 'bar', {
      section: { shape: 'round', widthM: m, heightM: m },
      brackets: 5,
    }),
  ),
  choice('roosts.bar.pipe', (d) => change(d, 'bar', 'bar', { material: 'plasticPipe' })),
  choice('roosts.bar.fixed', (d) => change(d, 'bar', 'bar', { liftsOut: false })),
  fault(
    'roosts.bar.weak',
    (d) => change(d, 'bar', 'bar', { material: 'salvaged', brackets: 0 }),
    (d) => change(d, 'bar', 'bar', { material: 'salvaged', brackets: 1 }),
  ),
  fault(
    'roosts.bar.sags',
    (d) => change(d, 'bar', 'bar', { brackets: 0 }),
    (d) => change(d, 'bar', 'bar', { brackets: 1 }),
  ),
  measure('roosts.hung.low', [0.6 - MM, 0.6], (d, m) => {
    change(d, 'bar', 'bar', { hung: true, z: 0.1 + m + 0.038, liftsOut: false });
    // a hung bar that is fixed is told once for its crevices too
    change(d, 'bar', 'bar', { liftsOut: false });
  }),
  choice('roosts.hung.swings', (d) => change(d, 'bar', 'bar', { hung: true, braced: false })),
  measure('roosts.ledge.roosted', [0.03 + MM, 0.03], (d, m) =>
    d.fixtures.push({ ...newLedge(d), id: 'ledge', depthM: m, y: 1.4, z: 1.0 }),
  ),
  choice('roosts.sill.roosted', (d) => change(d, 'window', 'window', { innerSill: true })),
  fault(
    'roosts.ladder.giants',
    (d) => {
      d.schools['roosts.spacing'] = 'roosts.spacing.ladder';
    },
    () => {},
    (d) => {
      flock(4, { massKg: 4.3 })(d);
      d.fixtures = d.fixtures.filter((f) => f.id !== 'step');
      change(d, 'bar', 'bar', { z: 0.1 + 0.45, brackets: 3 });
      d.fixtures.push(bar({ id: 'step', x: 0.8, y: 2.0, z: 0.35, lengthM: 2.4, use: 'step' }));
      // as a ladder leans: out as far as it rises
      change(d, 'bar', 'bar', { y: 2.2 });
      change(d, 'nestBank', 'bank', { lipZ: 0.4, boxW: 0.36 });
      d.fixtures = d.fixtures.filter((f) => f.id !== 'bank');
      change(d, 'popDoor', 'pop', { widthM: 0.4, heightM: 0.45, alongM: 3.4 });
      change(d, 'feeder', 'feeder', { rimZ: 0.4, capacityL: 14 });
      change(d, 'drinker', 'drinker', { rimZ: 0.4 });
    },
  ),
  measure(
    'roosts.ladder.lean',
    [0.305, 0.295],
    (d, side) => change(d, 'bar', 'step', { y: 2.55 - side, z: 0.4 }),
    (d) => {
      d.schools['roosts.spacing'] = 'roosts.spacing.ladder';
    },
  ),
  measure(
    'roosts.ladder.pitch',
    [0.61, 0.59],
    (d, pitch) => {
      // forty-eight degrees from the lower rung
      const lean = (48 * Math.PI) / 180;
      change(d, 'bar', 'bar', { z: 0.4 + pitch * Math.sin(lean), y: 2.1 + pitch * Math.cos(lean) });
    },
    (d) => {
      d.schools['roosts.spacing'] = 'roosts.spacing.ladder';
    },
  ),
  measure(
    'roosts.board.shallow',
    [0.3 - MM, 0.3],
    (d, m) =>
      d.fixtures.push({ ...newBoard(d, { y: 2.55 - m, depthM: 0.45 + m, z: 0.55 }), id: 'board' }),
    longArm,
  ),
  fault(
    'roosts.board.noBars',
    (d) =>
      d.fixtures.push({
        ...newBoard(d, { y: 0.6, depthM: 0.5, z: 0.55, lengthM: 1 }),
        id: 'board',
      }),
    (d) => d.fixtures.push({ ...newBoard(d, { y: 2.25, depthM: 0.75, z: 0.55 }), id: 'board' }),
    longArm,
  ),
  // nests
  measure('nests.tier.low', [0.3 - MM, 0.3], (d, m) => {
    d.flock = [hens(4, { breed: 'khaki-campbell', massKg: 2.2 })];
    change(d, 'nestBank', 'bank', { rows: 2, lipZ: 0.1 + m, boxW: 0.4 });
    duckHouse(d);
  }),
  measure('nests.tier.reach', [1 + MM, 1], (d, m) => {
    d.keeper.reachM = 1;
    change(d, 'nestBank', 'bank', { rows: 2, lipZ: 0.55, boxH: m - 0.55, topShutAtNight: true });
  }),
  measure('nests.lid.flat', [44.9, 45], (d, deg) => change(d, 'nestBank', 'bank', { lidDeg: deg })),
  measure(
    'nests.rail.none',
    [0.45 + MM, 0.45],
    (d, m) => change(d, 'nestBank', 'bank', { lipZ: 0.1 + m, rail: false }),
    (d) => {
      change(d, 'bar', 'bar', { z: 0.75 });
    },
  ),
  choice('nests.floor.bareWire', (d) => change(d, 'nestBank', 'bank', { floor: 'bareWire' })),
  fault(
    'nests.latch.weak',
    (d) => change(d, 'nestBank', 'bank', { collect: 'flap', latch: 'single', lipZ: 0.6 }),
    (d) => change(d, 'nestBank', 'bank', { collect: 'flap', latch: 'double', lipZ: 0.6 }),
    (d) => change(d, 'bar', 'bar', { z: 0.75 }),
  ),
  measure(
    'nests.collect.height',
    [0.6 - MM, 0.6],
    (d, m) => change(d, 'nestBank', 'bank', { collect: 'flap', lipZ: m }),
    (d) => change(d, 'bar', 'bar', { z: 0.75 }),
  ),
  measure('nests.box.wide', [0.45 + MM, 0.45], (d, m) =>
    change(d, 'nestBank', 'bank', { boxW: m }),
  ),
  measure('nests.bank.byDoor', [0.6 - MM, 0.6], (d, m) =>
    // the bank's right side is at 0.40, its front at 0.10
    change(d, 'popDoor', 'pop', { alongM: 0.4 + Math.sqrt(m * m - 0.01) }),
  ),
  // air
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
    d.flock.push(hens(1, { id: 'small', breed: 'pekin-bantam', massKg: kg }));
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
  // litter
  measure(
    'litter.depth.shallow',
    [0.05 - MM, 0.05],
    (d, m) => {
      d.litter.depthM = m;
    },
    (d) => {
      d.litter.school = 'thin';
    },
  ),
  measure(
    'litter.depth.deep',
    [0.1 + MM, 0.1],
    (d, m) => {
      d.litter.depthM = m;
    },
    (d) => {
      d.litter.school = 'sand';
      change(d, 'popDoor', 'pop', { sillZ: 0.16 });
      change(d, 'bar', 'bar', { z: 0.71 });
      change(d, 'nestBank', 'bank', { lipZ: 0.56 });
    },
  ),
  measure('litter.depth.outgrows', [LITTER_DAYS + 1, LITTER_DAYS - 1], (d, days) => {
    d.schools['litter.cleanOut'] = { custom: days };
  }),
  measure('litter.board.low', [0.2 - MM, 0.2], (d, m) => {
    d.litter.retainingM = m;
  }),
  choice('litter.bed.unturned', (d) => {
    d.litter.turned = false;
  }),
  choice('litter.floor.seams', (d) => {
    d.shell.floorBuild = 'boards';
  }),
  fault(
    'litter.mesh.noTray',
    () => {},
    (d) => d.fixtures.push({ ...newBoard(d, { y: 2.25, depthM: 0.75, z: 0.5 }), id: 'board' }),
    (d) => {
      longArm(d);
      d.litter.school = 'mesh';
      d.litter.depthM = 0;
      change(d, 'bar', 'bar', { z: 0.6 });
      change(d, 'bar', 'step', { z: 0.3 });
      change(d, 'nestBank', 'bank', { lipZ: 0.45 });
      change(d, 'popDoor', 'pop', { sillZ: 0.05 });
      change(d, 'feeder', 'feeder', { rimZ: 0.24 });
      change(d, 'drinker', 'drinker', { rimZ: 0.24 });
      // eggs below the knee would be told too: they are collected at 0.5
      change(d, 'nestBank', 'bank', { lipZ: 0.5 });
      change(d, 'bar', 'bar', { z: 0.65 });
      change(d, 'bar', 'step', { z: 0.33 });
    },
  ),
  // door and light
  fault('door.count.short', flock(16), flock(15), (d) => {
    roomy(d);
    apartFeeders(d);
    d.fixtures.push({ ...newDish(d), id: 'shell-2', x: 1.6 });
  }),
  measure('door.size.small', [0.3 - MM, 0.3], (d, m) => change(d, 'popDoor', 'pop', { widthM: m })),
  measure('door.sill.high', [0.5 + MM, 0.5], (d, m) =>
    change(d, 'popDoor', 'pop', { sillZ: 0.1 + m }),
  ),
  measure('door.sill.low', [0.15 - MM, 0.15], (d, m) => change(d, 'popDoor', 'pop', { sillZ: m })),
  measure('door.ramp.none', [0.5 + MM, 0.5], (d, m) => {
    d.shell.floorAboveGroundM = m;
  }),
  measure(
    'door.ramp.steep',
    [35.1, 34.9],
    (d, deg) =>
      change(d, 'popDoor', 'pop', {
        ramp: { lengthM: 0.6 / Math.sin((deg * Math.PI) / 180), widthM: 0.3, cleatM: 0.14 },
      }),
    raised,
  ),
  measure(
    'door.ramp.narrow',
    [0.2 - MM, 0.2],
    (d, m) => change(d, 'popDoor', 'pop', { ramp: { lengthM: 1.5, widthM: m, cleatM: 0.14 } }),
    raised,
  ),
  // 0.6 in 1.2 is 30°: two thirds of the way from 0.20 to 0.14
  measure(
    'door.ramp.cleats',
    [0.16 + MM, 0.16 - MM],
    (d, m) => change(d, 'popDoor', 'pop', { ramp: { lengthM: 1.2, widthM: 0.3, cleatM: m } }),
    raised,
  ),
  measure(
    'door.place.byBars',
    [0.6 - MM, 0.6],
    // the bar's end is 0.10 from the right wall, its side 2.5055 from the front
    (d, m) =>
      change(d, 'popDoor', 'pop', {
        wall: 'right',
        alongM: 2.5055 - Math.sqrt(m * m - 0.01) - 0.35,
      }),
    (d) => change(d, 'bar', 'bar', { x: 1.5 }),
  ),
  fault(
    'door.place.windward',
    (d) => {
      d.site.windFrom = 'front';
    },
    (d) => {
      d.site.windFrom = 'left';
    },
  ),
  fault(
    'door.sensor.lamp',
    (d) => change(d, 'popDoor', 'pop', { works: 'light', lampInView: true }),
    (d) => change(d, 'popDoor', 'pop', { works: 'clock', lampInView: true }),
  ),
  measure('door.margin.long', [76, 75], (d, m) =>
    change(d, 'popDoor', 'pop', { works: 'clock', closesAfterMin: m }),
  ),
  fault(
    'door.override.none',
    (d) => change(d, 'popDoor', 'pop', { works: 'clock', override: false }),
    (d) => change(d, 'popDoor', 'pop', { works: 'manual', override: false }),
  ),
  fault(
    'door.track.open',
    (d) => change(d, 'popDoor', 'pop', { works: 'clock', guarded: false }),
    (d) => change(d, 'popDoor', 'pop', { works: 'clock', guarded: true }),
  ),
  // reach
  measure(
    'reach.floor.unreached',
    [0.499, 0.5],
    (d, m) => {
      d.keeper.armM = m;
    },
    // a bar from wall to wall shuts the keeper out of the strip behind it
    (d) => change(d, 'bar', 'bar', { x: 0, lengthM: 4, wallToWall: true, brackets: 4 }),
  ),
  measure('reach.headroom.none', [2 - 0.05 + MM, 2 - 0.05], (d, m) => {
    d.keeper.statureM = m;
    for (const wall of ['left', 'right', 'rear', 'front'] as const) {
      const alongM = wall === 'front' ? 2.4 : wall === 'rear' ? 1.6 : 1.1;
      d.fixtures.push({ ...newHatch(d), id: `hatch-${wall}`, wall, alongM, use: 'look' });
    }
    d.keeper.armM = 1.5;
  }),
  measure('reach.cleanOut.narrow', [0.5 - MM, 0.5], (d, m) =>
    d.fixtures.push({ ...newHatch(d), id: 'hatch', widthM: m }),
  ),
  measure('reach.cleanOut.sill', [0.65 - MM, 0.65], (d, m) =>
    d.fixtures.push({ ...newHatch(d), id: 'hatch', sillZ: m }),
  ),
  measure('reach.flap.blocked', [0.98 - MM, 0.98], (d, m) =>
    d.fixtures.push({ ...newHatch(d), id: 'hatch', widthM: 0.8, frontM: m }),
  ),
  measure(
    'reach.vessel.far',
    [0.499, 0.5],
    (d, m) => {
      d.keeper.armM = m;
    },
    (d) => {
      change(d, 'bar', 'bar', { x: 0, lengthM: 4, wallToWall: true, brackets: 4 });
      change(d, 'feeder', 'feeder', { x: 3.5, y: 2.95, diameterM: 0.1 });
    },
  ),
  measure('reach.path.underBars', [0.6 + 0.25 - MM, 0.6 + 0.25], (d, y) => {
    d.fixtures.push(bar({ id: 'front', x: 1, y, z: 0.7, lengthM: 1.3, brackets: 1 }));
    change(d, 'feeder', 'feeder', { x: 3.7, y: 1.5 });
  }),
  choice('reach.door.shutIn', (d) => change(d, 'door', 'door', { insideLatch: false })),
  measure('reach.lid.heavy', [3 + MM, 3], (d, kg) =>
    change(d, 'nestBank', 'bank', { lidKg: kg, stay: false }),
  ),
  measure('reach.fill.high', [1.3584 + MM, 1.3584], (d, m) =>
    change(d, 'feeder', 'feeder', { heightM: m - 0.34 + 0.08 }),
  ),
  measure('reach.nests.low', [0.5 - MM, 0.5], (d, m) => {
    d.flock = [hens(6, { massKg: 3 })];
    heavyHouse(d);
    change(d, 'nestBank', 'bank', { lipZ: m });
  }),
  // brooder
  measure(
    'brooder.space.short',
    [10 * 0.19 - MM, 10 * 0.19],
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
    [0.13 - MM, 0.13],
    (d, m) => brooderIs({ heat: { kind: 'plate', widthM: 1, depthM: m } })(d),
    withBrood(),
  ),
  fault(
    'brooder.lamp.tooCold',
    lamp({ watts: 250, count: 4, aboveM: 0.45 }),
    lamp({ watts: 250, count: 5, aboveM: 0.45 }),
    // ninety chicks in air of −34 °C would want 1,035 W
    all(withBrood(90), (d) => {
      if (!d.brooder) return;
      Object.assign(d.brooder, { lengthM: 20, feedEdgeM: 5, waterRimM: 5, airC: -34 });
    }),
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
