import { fixtureOf } from '@/core/model/fixtures.schema';
import { bank, bar, bareCoop, DAY, fittedCoop, hens } from '@/core/tests/plans';
import { assess } from '../assess';
import { isoDay } from '../kernel/units/day';
import type { Group, Plan } from '../model/schema';

const figures = (plan: Plan) => assess(plan, { on: DAY }).figures;
const value = (plan: Plan, id: string) => figures(plan).get(id)?.value;
const codes = (plan: Plan) => assess(plan, { on: DAY }).findings.map((f) => f.code);
/** A flock of the reference hen, so that rules stand unscaled. */
const medium = (count: number) => hens(count, { massKg: 2.2 });

describe('the floor', () => {
  test('what stands on it takes its footprint; what is raised 0.45 m above the litter does not', () => {
    const nests = (lipZ: number) => bank({ boxes: 2, boxW: 0.3, boxD: 0.4, lipZ });
    // underside 0.10 below the lip, litter 0.10: at a lip of 0.65 it is 0.45 above the litter
    const litter = { ...fittedCoop().litter, finalM: 0.1 };
    const floor = (lipZ: number) =>
      value(fittedCoop({ litter, fixtures: [nests(lipZ)] }), 'floor.have');
    expect(floor(0.65)).toBeCloseTo(12, 9);
    expect(floor(0.649)).toBeCloseTo(12 - 0.24, 9);
  });

  test('a round feeder takes its circle, a bar and a bank hung outside take nothing', () => {
    const feeder = fixtureOf({
      id: 'f',
      kind: 'feeder',
      type: 'tube',
      name: 'Tube',
      x: 1,
      y: 1,
      rimZ: 0.3,
      diameterM: 0.4,
      heightM: 0.5,
      hung: true,
    });
    expect(value(fittedCoop({ fixtures: [feeder, bar()] }), 'floor.have')).toBeCloseTo(
      12 - Math.PI * 0.04,
      9,
    );
    const outside = bank({ x: -0.4, boxD: 0.4, hungOutside: true });
    expect(value(fittedCoop({ fixtures: [outside] }), 'floor.have')).toBeCloseTo(12, 9);
  });

  test('it carries whole birds: 12 m² at 0.33 m² a hen is 36 of them', () => {
    const plan = bareCoop({ flock: [medium(36)] });
    expect(value(plan, 'floor.capacity')).toBe(36);
    expect(codes(plan)).not.toContain('floor.area.short');
    expect(codes({ ...plan, flock: [medium(37)] })).toContain('floor.area.short');
  });
});

describe('the roosts', () => {
  test('1.20 m holds three heavy hens of 0.34 m, and four medium ones', () => {
    const plan = fittedCoop({
      flock: [hens(9, { massKg: 3.2 })],
      fixtures: [bar({ lengthM: 1.2 })],
    });
    expect(value(plan, 'roosts.capacity')).toBe(3);
    expect(value({ ...plan, flock: [medium(9)] }, 'roosts.capacity')).toBe(4);
  });

  test('a step bar is there to hop up by and carries nobody', () => {
    const step = bar({ id: 'bar-2', y: 1, z: 0.4, use: 'step' });
    const plan = fittedCoop({ flock: [medium(9)], fixtures: [bar({ lengthM: 1.2 }), step] });
    expect(value(plan, 'roosts.capacity')).toBe(4);
    expect(codes(plan)).not.toContain('roosts.bar.low');
  });

  test('ducks take no bar', () => {
    const ducks = bareCoop({ flock: [hens(4, { breed: 'khaki-campbell' })], fixtures: [bar()] });
    expect(assess(ducks, { on: DAY }).staves.find((s) => s.station === 'roosts')?.state).toBe(
      'notApplicable',
    );
    const mixed = bareCoop({
      flock: [medium(4), hens(9, { id: 'd', breed: 'khaki-campbell' })],
      fixtures: [bar({ lengthM: 1.2 })],
    });
    expect(value(mixed, 'roosts.without')).toBe(0);
    expect(value(mixed, 'roosts.widthPerBird')).toBeCloseTo(0.3, 9);
  });

  // the reference hen: 0.38 m to the wall, 0.4572 m level, 0.38 m stepped, 0.45 m above the litter
  test.each([
    ['roosts.bar.nearWall', [bar({ y: 3 - 0.379 })], [bar({ y: 3 - 0.38 })]],
    ['roosts.bar.low', [bar({ z: 0.549 })], [bar({ z: 0.55 })]],
    [
      'roosts.bars.tooClose',
      [bar({ y: 2.5 }), bar({ id: 'b', y: 2.0438 })],
      [bar({ y: 2.5 }), bar({ id: 'b', y: 2.0428 })],
    ],
    [
      'roosts.bars.stairTooClose',
      [bar({ y: 2.5, z: 1.1 }), bar({ id: 'b', y: 2.121, z: 0.8 })],
      [bar({ y: 2.5, z: 1.1 }), bar({ id: 'b', y: 2.12, z: 0.8 })],
    ],
    [
      'roosts.bar.underAnother',
      [bar({ y: 2.5, z: 1.1 }), bar({ id: 'b', y: 2.251, z: 0.8 })],
      [bar({ y: 2.5, z: 1.1 }), bar({ id: 'b', y: 2.25, z: 0.8 })],
    ],
    [
      'roosts.bar.nearNests',
      [bar({ z: 0.849 }), bank({ lipZ: 0.7 })],
      [bar({ z: 0.85 }), bank({ lipZ: 0.7 })],
    ],
    [
      'roosts.bar.belowNests',
      [bar({ z: 0.699 }), bank({ lipZ: 0.7 })],
      [bar({ z: 0.7 }), bank({ lipZ: 0.7 })],
    ],
    ['nests.lip.low', [bank({ lipZ: 0.549 })], [bank({ lipZ: 0.55 })]],
    ['nests.lip.unreached', [bank({ lipZ: 0.851 })], [bank({ lipZ: 0.85 })]],
    ['nests.box.small', [bank({ boxW: 0.299 })], [bank({ boxW: 0.3 })]],
    [
      'nests.bank.underBars',
      [bar({ y: 2.5, z: 1 }), bank({ x: 1.2, y: 2.251, faces: 'front' })],
      [bar({ y: 2.5, z: 1 }), bank({ x: 1.2, y: 2.25, faces: 'front' })],
    ],
    ['shell.fixture.pastWall', [bar({ x: 2.001, lengthM: 2 })], [bar({ x: 2, lengthM: 2 })]],
    ['shell.fixture.throughRoof', [bank({ lipZ: 1.701 })], [bank({ lipZ: 1.7 })]],
    ['shell.fixture.belowFloor', [bank({ lipZ: 0.099 })], [bank({ lipZ: 0.1 })]],
  ])('%s is raised, and not a millimetre on the right side', (code, wrong, right) => {
    const plan = (fixtures: Plan['fixtures']) => fittedCoop({ flock: [medium(4)], fixtures });
    expect(codes(plan(wrong))).toContain(code);
    expect(codes(plan(right))).not.toContain(code);
  });
});

describe('the nests', () => {
  const nests = (boxes: number, birds: number, school?: string) =>
    fittedCoop({
      flock: [medium(birds)],
      fixtures: [bank({ boxes })],
      schools: school ? { 'nests.hens': school } : {},
    });

  test('three boxes serve thirteen hens at four and a half each', () => {
    expect(value(nests(3, 14), 'nests.capacity')).toBe(13);
    expect(value(nests(3, 14), 'nests.needed')).toBe(4);
  });

  test('from four hens in lay on, one box is not enough; keepers who share say it is', () => {
    expect(value(nests(1, 4), 'nests.capacity')).toBe(3);
    expect(value(nests(1, 3), 'nests.needed')).toBe(1);
    expect(value(nests(1, 4), 'nests.needed')).toBe(2);
    expect(value(nests(1, 7, 'nests.hens.smallFlockSharing'), 'nests.capacity')).toBe(7);
  });

  test('a hen counts in a box of three quarters of her size, and in none smaller', () => {
    const flock = [hens(4, { id: 'heavy', massKg: 3.2 }), medium(4)];
    // a heavy hen's box is 0.3556 by 0.40 m: three quarters are 0.2667 by 0.30
    const snug = bank({ boxes: 4, boxW: 0.2667, boxD: 0.3, boxH: 0.33 });
    expect(value(fittedCoop({ flock, fixtures: [snug] }), 'nests.capacity')).toBe(18);
    expect(codes(fittedCoop({ flock, fixtures: [snug] }))).toContain('nests.box.small');
    const small = bank({ boxes: 4, boxW: 0.2666, boxD: 0.3, boxH: 0.33 });
    const plan = fittedCoop({ flock, fixtures: [small] });
    expect(value(plan, 'nests.capacity')).toBe(0);
    expect(codes(plan)).toContain('nests.boxes.sizeShort');
    const oneLarge = fittedCoop({ flock, fixtures: [small, bank({ id: 'large', boxes: 2 })] });
    expect(value(oneLarge, 'nests.capacity')).toBeGreaterThanOrEqual(8);
  });

  test('where only ducks live no bar drops anything on the nests', () => {
    const fixtures = [bar({ y: 2.5, z: 1 }), bank({ x: 1.2, y: 2.4, faces: 'front' })];
    const flock = (breed: string) => fittedCoop({ flock: [hens(2, { breed })], fixtures });
    expect(codes(flock('marans'))).toContain('nests.bank.underBars');
    expect(codes(flock('aylesbury'))).not.toContain('nests.bank.underBars');
  });

  test('a heavy group that has left, or comes after the horizon, sets no distance', () => {
    const left = hens(1, {
      id: 'left',
      massKg: 5,
      arrivesOn: '2020-01-01',
      leavesOn: '2026-01-01',
    });
    const plan = fittedCoop({ flock: [medium(2), left], fixtures: [bar({ y: 3 - 0.38 })] });
    expect(codes(plan)).not.toContain('roosts.bar.nearWall');
  });

  test('cocks ask for none, and pullets none before the point of lay', () => {
    const cocks = bareCoop({ flock: [hens(3, { sex: 'cock' })], fixtures: [bank()] });
    expect(assess(cocks, { on: DAY }).staves.find((s) => s.station === 'nests')?.state).toBe(
      'notApplicable',
    );
    const pullets = { hatchedOn: '2026-09-01', arrivesOn: '2026-11-01', leavesOn: '2026-12-31' };
    const sold = bareCoop({ flock: [hens(9, pullets)], fixtures: [bank()] });
    expect(assess(sold, { on: DAY }).staves.find((s) => s.station === 'nests')?.state).toBe(
      'notApplicable',
    );
  });
});

test('boxes are opened two weeks before the point of lay, and never before the hens live here', () => {
  const pullets = hens(6, {
    hatchedOn: '2026-08-01',
    arrivesOn: '2026-10-01',
    figures: { layWeek: 20 },
  });
  const openings = (group: Group) =>
    assess(fittedCoop({ flock: [group] }), { on: DAY }).events.flatMap((e) =>
      e.code === 'nests.open' ? [[e.lot, e.on, isoDay(e.numbers.lays ?? 0)]] : [],
    );
  // twenty weeks after the first of August
  expect(openings(pullets)).toEqual([['hens', '2026-12-05', '2026-12-19']]);
  expect(openings({ ...pullets, arrivesOn: '2026-12-15' })[0]?.[1]).toBe('2026-12-15');
  expect(openings(hens(6))).toEqual([]);
});
