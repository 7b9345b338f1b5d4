import { newDish, newFeeder } from '@/core/edit/new/floorThings';
import { newDoor, newVent } from '@/core/edit/new/openings';
import { choice, type Fault, fault, flock, MM, measure } from './faults.make';
import { brooderIs, lamp, withBrood, withRun } from './faults.parts';
import { bank, bar, change, hens } from './plans';

/** Faults of place and size: what is in another's way, out of reach, of the wrong kind; each raised alone, with a near miss. */
export const PLACE_FAULTS: readonly Fault[] = [
  // bars that nobody gets up to, or that hold whole birds only
  measure('roosts.bar.unreached', [1 + MM, 1], (d, gap) => {
    // a second bar so far from the step that leads up, and too high from the litter
    const y = 2.1 - gap - 0.089;
    d.fixtures.push(bar({ id: 'far', x: 0.8, y, z: 0.95, lengthM: 2.4, brackets: 2 }));
    change(d, 'bar', 'step', { y: 2.1, z: 0.4 });
    change(d, 'bar', 'bar', { y: 2.55, z: 0.7 });
    change(d, 'vent', 'vent', { baffle: true });
    change(d, 'feeder', 'feeder', { x: 0.6, y: 1.6 });
    change(d, 'drinker', 'drinker', { x: 3.5, y: 1.6 });
    change(d, 'dish', 'shell', { x: 3.5, y: 2.4 });
    d.fixtures = d.fixtures.filter((f) => f.id !== 'bank' && f.id !== 'door');
    d.fixtures.push({ ...newDoor(d), id: 'door', wall: 'left', alongM: 0.6 });
    d.fixtures.push(bank({ id: 'bank', x: 3.6, y: 0.1, faces: 'left' }));
    change(d, 'popDoor', 'pop', { alongM: 2.4 });
  }),
  fault(
    'roosts.places.short',
    // two bars of 0.55 m hold one bird each, though the three ask for 0.90
    (d) => change(d, 'bar', 'bar-2', { lengthM: 0.55 }),
    (d) => change(d, 'bar', 'bar-2', { lengthM: 0.6 }),
    (d) => {
      flock(3)(d);
      change(d, 'bar', 'bar', { lengthM: 0.55 });
      change(d, 'bar', 'step', { lengthM: 2 });
      d.fixtures.push(bar({ id: 'bar-2', x: 1.8, y: 2.55, z: 0.7, lengthM: 0.55 }));
      d.fills.bagKg = 10;
      change(d, 'feeder', 'feeder', { capacityL: 8 });
    },
  ),
  fault(
    'roosts.reach.short',
    (d) => change(d, 'bar', 'bar-2', { lengthM: 0.35 }),
    (d) => change(d, 'bar', 'bar-2', { lengthM: 0.75 }),
    (d) => {
      // a poor flier sleeps on the low bar only, and there the others leave her no room
      d.flock = [
        hens(5, { massKg: 2.2 }),
        hens(2, { id: 'crested', breed: 'polish', massKg: 2.2 }),
      ];
      change(d, 'bar', 'bar', { z: 1.05, y: 2.55 });
      change(d, 'bar', 'step', { z: 0.4, y: 1.7 });
      d.fixtures.push(bar({ id: 'bar-2', x: 2.2, y: 2.1, z: 0.7, lengthM: 0.35 }));
      change(d, 'nestBank', 'bank', { stepZ: 0.35 });
      change(d, 'popDoor', 'pop', { sillZ: 0.16 });
      change(d, 'vent', 'vent', { baffle: true });
      d.fills.bagKg = 20;
    },
  ),
  fault(
    'roosts.bar.breaks',
    (d) =>
      change(d, 'bar', 'bar', {
        section: { shape: 'flat', widthM: 0.01, heightM: 0.01 },
        brackets: 0,
      }),
    (d) =>
      change(d, 'bar', 'bar', {
        section: { shape: 'flat', widthM: 0.03, heightM: 0.03 },
        brackets: 5,
      }),
    (d) => {
      flock(6, { massKg: 2.79 })(d);
      change(d, 'bar', 'bar', { x: 0.15, lengthM: 3.7, material: 'salvaged' });
      d.schools['roosts.length'] = 'roosts.length.huddled';
      change(d, 'feeder', 'feeder', { capacityL: 14 });
    },
  ),
  // nests
  measure(
    'nests.lip.unreached',
    [0.5 + MM, 0.5],
    (d, m) => change(d, 'nestBank', 'bank', { lipZ: 0.1 + m }),
    (d) => {
      d.schools['roosts.hop'] = 'roosts.hop.gentle';
      change(d, 'bar', 'bar', { z: 0.8 });
    },
  ),
  // shell
  choice('shell.things.clash', (d) => change(d, 'drinker', 'drinker', { x: 1.3 })),
  measure('shell.bars.cross', [2.1 + 0.04, 2.1 + 0.1], (d, y) => {
    d.fixtures.push(bar({ id: 'bar-2', axis: 'y', x: 1.2, y, z: 0.42, lengthM: 0.3, use: 'step' }));
    change(d, 'bar', 'bar', { y: 2.62 });
  }),
  measure('shell.bars.inOne', [2.55 - 0.088, 2.55 - 0.4572], (d, y) => {
    d.fixtures.push(bar({ id: 'bar-2', x: 0.8, y, z: 0.7, lengthM: 2.4, brackets: 2 }));
    change(d, 'bar', 'step', { y: 1.7 });
  }),
  measure('shell.openings.clash', [0.1 - MM, 0.1], (d, m) =>
    d.fixtures.push(
      newVent(d, {
        id: 'vent-2',
        wall: 'right',
        alongM: 0.2,
        sillZ: 1.4 + m,
        widthM: 0.5,
        heightM: 0.2,
      }),
    ),
  ),
  measure('shell.door.blocked', [0.38 - MM, 0.38], (d, y) =>
    change(d, 'dish', 'shell', { x: 2, y }),
  ),
  fault(
    'shell.opening.strongMesh',
    (d) => change(d, 'window', 'window', { cover: 'mesh25' }),
    () => {},
    (d) => {
      d.site.animals = ['fox', 'hawk'];
    },
  ),
  fault(
    'shell.opening.smallMesh',
    (d) => change(d, 'window', 'window', { cover: 'mesh13' }),
    (d) => change(d, 'window', 'window', { cover: 'mesh6' }),
    (d) => {
      d.site.animals = ['snake'];
      change(d, 'vent', 'vent', { cover: 'mesh6', heightM: 0.45, sillZ: 1.45 });
      change(d, 'window', 'window', { heightM: 0.7 });
    },
  ),
  fault('shell.run.strongMesh', withRun({ cover: 'mesh25' }), withRun(), (d) => {
    d.site.animals = ['fox'];
    d.fixtures.push({ ...newDish(d, 'grit'), id: 'grit', x: 2, y: 1.5 });
  }),
  // feed
  fault(
    'feed.lot.none',
    (d) => {
      d.fixtures = d.fixtures.filter((f) => f.id !== 'feeder');
    },
    (d) => {
      d.flock = d.flock.map((g) => (g.id === 'small' ? { ...g, massKg: 0.9 } : g));
      d.fixtures = d.fixtures.filter((f) => f.id !== 'feeder');
    },
    (d) => {
      d.flock.push(hens(1, { id: 'small', breed: 'dutch-bantam', massKg: 0.89 }));
      const rimZ = 0.1 + 0.185 * Math.cbrt(0.9);
      change(d, 'drinker', 'drinker', { rimZ });
      d.fixtures.push({
        ...newFeeder(d, {
          type: 'pedal',
          x: 1.2,
          y: 0.9,
          rimZ,
          hung: false,
          capacityL: 11,
          outlets: 1,
        }),
        id: 'pedal',
      });
    },
  ),
  // litter
  choice('litter.board.none', (d) => {
    d.litter.school = 'board';
    d.schools['litter.cleanOut'] = { custom: 7 };
  }),
  measure('litter.floor.upturn', [0.05 - MM, 0.05], (d, m) => {
    d.shell.upturnM = m;
  }),
  // brooder
  measure('brooder.lid.heavy', [10.1, 10], (d, lidKg) => brooderIs({ lidKg })(d), withBrood()),
  fault('brooder.floor.fixed', brooderIs({ drawer: false }), brooderIs({ drawer: true }), (d) => {
    withBrood()(d);
    brooderIs({ ventM2: 0.02 })(d);
  }),
  fault('brooder.lamp.strong', lamp({ watts: 251 }), lamp({ watts: 250 }), withBrood()),
];
