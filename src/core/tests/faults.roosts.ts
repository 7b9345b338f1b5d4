import { newBoard, newLedge } from '@/core/edit/new/bars';
import { newHatch } from '@/core/edit/new/openings';
import { fixtureOf } from '@/core/model/fixtures.schema';
import { choice, type Fault, fault, flock, MM, measure } from './faults.make';
import { duckHouse, longArm } from './faults.parts';
import { bar, change, hens } from './plans';

/** Faults of the roosts and the nests, each raised alone, with a near miss. */
export const ROOST_FAULTS: readonly Fault[] = [
  // roosts
  measure('roosts.hop.high', [0.75 + MM, 0.75], (d, m) => {
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
    d.litter.finalM = 0.1;
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
        ...newBoard(d, { x: 1.4, y: 1.2, depthM: 0.5, z: 0.55, lengthM: 1 }),
        id: 'board',
      }),
    (d) => d.fixtures.push({ ...newBoard(d, { y: 2.25, depthM: 0.75, z: 0.55 }), id: 'board' }),
    longArm,
  ),
  // nests
  measure('nests.tier.low', [0.3 - MM, 0.3], (d, m) => {
    d.flock = [hens(4, { breed: 'khaki-campbell', massKg: 2.2 })];
    d.litter.finalM = 0.1;
    d.fills.bagKg = 15;
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
];
