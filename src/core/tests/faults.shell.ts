import { newDish, newDustBath } from '@/core/edit/new/floorThings';
import { usableFloorM2 } from '@/core/stations/floor/floor';
import { all, choice, type Fault, fault, MM, measure } from './faults.make';
import { giantHouse, withRun } from './faults.parts';
import { change, hens } from './plans';

/** Faults of the shell, its openings, the run and the floor, each raised alone, with a near miss. */
export const SHELL_FAULTS: readonly Fault[] = [
  // shell, openings and run
  choice('shell.opening.unmeshed', (d) => change(d, 'window', 'window', { cover: 'none' })),
  choice('shell.mesh.stapled', (d) => {
    d.shell.meshFixedBy = 'staples';
  }),
  measure('shell.boards.thin', [0.012 - MM, 0.012], (d, m) => {
    d.shell.boardM = m;
  }),
  choice('shell.floor.mesh', (d) => {
    d.shell.floorBuild = 'mesh';
  }),
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
  measure('shell.run.small', [6 * 0.836 - MM, 6 * 0.836], (d, m) =>
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
    // twenty kilograms to the square metre of what the strip leaves
    [MM, 0],
    (d, over) => {
      const massKg = (20 * usableFloorM2(d) + over) / 6;
      d.flock = [hens(6, { breed: 'meat-slow', massKg, figures: { flight: 'fair' } })];
    },
    (d) => {
      d.shell.storage = { wall: 'left', depthM: 3.45 };
      d.schools['floor.area'] = { custom: 0.05 };
      d.schools['litter.cleanOut'] = { custom: 7 };
      giantHouse(d);
      change(d, 'bar', 'bar', { x: 0.6, lengthM: 2.8, brackets: 3 });
      change(d, 'feeder', 'feeder', { capacityL: 24, rimZ: 0.4 });
      change(d, 'drinker', 'drinker', { capacityL: 10, rimZ: 0.4 });
    },
  ),
];
