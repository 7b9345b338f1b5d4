import { newBoard } from '@/core/edit/new/bars';
import { newDish } from '@/core/edit/new/floorThings';
import { newHatch } from '@/core/edit/new/openings';
import { apartFeeders, choice, type Fault, fault, flock, MM, measure, roomy } from './faults.make';
import { heavyHouse, LITTER_DAYS, longArm, raised } from './faults.parts';
import { bar, change, hens } from './plans';

/** Faults of litter, doors and reach, each raised alone, with a near miss. */
export const GROUND_FAULTS: readonly Fault[] = [
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
    d.litter.finalM = 0.1;
    d.schools['litter.cleanOut'] = { custom: days };
  }),
  measure('litter.board.low', [0.22 - MM, 0.22], (d, m) => {
    d.litter.finalM = 0.12;
    change(d, 'popDoor', 'pop', { sillZ: 0.17 });
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
    d.fixtures.push({ ...newDish(d), id: 'shell-2', x: 2, y: 1.4 });
  }),
  measure('door.size.small', [0.3 - MM, 0.3], (d, m) => change(d, 'popDoor', 'pop', { widthM: m })),
  measure('door.sill.high', [0.75 + MM, 0.75], (d, m) =>
    change(d, 'popDoor', 'pop', { sillZ: 0.1 + m }),
  ),
  measure('door.sill.low', [0.17 - MM, 0.17], (d, m) => {
    d.litter.finalM = 0.12;
    change(d, 'popDoor', 'pop', { sillZ: m });
  }),
  measure('door.ramp.none', [0.75 + MM, 0.75], (d, m) => {
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
];
