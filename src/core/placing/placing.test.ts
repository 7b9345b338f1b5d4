import fc from 'fast-check';
import { flockSizes } from '../birds/flockSizes';
import { solidOf } from '../geometry/solids';
import { METRES_PER_INCH } from '../kernel/units/factors.data';
import { gridNear } from '../kernel/units/grid';
import type { Bar, Fixture, NestBank, OfKind, Plan } from '../model/schema';
import { everything } from '../tests/everything';
import { bank, bar, sample, soundCoop } from '../tests/plans';
import { copied } from './copy';
import { inTheWay } from './inTheWay';
import { heightOf, type PlacingFor, spanOf, studsAlong } from './lines';
import { onWall } from './onWall';
import { type End, endsOf, pull } from './pull';
import { FREE, type Holds, settle } from './settle';

const HOLDS: Holds = { ruleM: 0.08, lineM: 0.05 };
const to = (plan: Plan): PlacingFor => ({ plan, sizes: flockSizes(plan) });

const only = <K extends Fixture['kind']>(plan: Plan, kind: K): OfKind<K> => {
  const found = plan.fixtures.find((f): f is OfKind<K> => f.kind === kind);
  if (!found) throw new Error(`no ${kind}`);
  return found;
};

/** A room of 4 × 3 m with medium hens, one bar across it and nothing else. */
const room = (units: Plan['units'] = 'metric'): Plan =>
  soundCoop((d) => {
    d.units = units;
    d.fixtures = [bar({ id: 'a', x: 1, y: 2.2, z: 0.9, lengthM: 1.8 })];
  });

describe('a bar that is moved', () => {
  test('clicks in at the rule’s distance from the wall behind it, by the tape in hand', () => {
    for (const [units, apart] of [
      ['metric', 0.38],
      ['imperial', 15 * METRES_PER_INCH],
    ] as const) {
      const plan = room(units);
      const wanted = plan.shell.widthM - 0.41;
      const { fixture, lines } = settle(
        only(plan, 'bar'),
        { dx: 0, dy: wanted - 2.2, dz: 0 },
        to(plan),
        HOLDS,
      );
      expect(plan.shell.widthM - (fixture as Bar).y).toBeCloseTo(apart, 6);
      expect(lines.map((l) => l.why)).toEqual([{ kind: 'rule', rule: 'roosts.wall' }]);
    }
  });

  test('clicks in beside another of its height, or a step lower where it hangs a step lower', () => {
    const plan = room();
    const other = bar({ id: 'b', x: 1, y: 1, z: 0.9, lengthM: 1.8 });
    const two = { ...plan, fixtures: [...plan.fixtures, other] };
    const level = settle(other, { dx: 0, dy: 2.2 - 0.5 - 1, dz: 0 }, to(two), HOLDS);
    expect((level.fixture as Bar).y).toBeCloseTo(2.2 - 0.46, 6);
    const lower = { ...other, z: 0.6 };
    const stair = { ...plan, fixtures: [...plan.fixtures, lower] };
    const below = settle(lower, { dx: 0, dy: 2.2 - 0.4 - 1, dz: 0 }, to(stair), HOLDS);
    expect((below.fixture as Bar).y).toBeCloseTo(2.2 - 0.38, 6);
  });

  test('is held by nothing but the tape where nothing may hold it', () => {
    const plan = room();
    const by = { dx: 0.1234, dy: 0.4123, dz: 0.0777 };
    const { fixture, lines } = settle(only(plan, 'bar'), by, to(plan), FREE);
    expect(lines).toEqual([]);
    expect(fixture).toMatchObject({ x: 1.12, y: 2.61, z: 0.98 });
  });

  test('hangs at least so high over the litter as hens sleep', () => {
    const plan = room();
    const litter = plan.litter.depthM;
    const { fixture, lines } = settle(
      only(plan, 'bar'),
      { dx: 0, dy: 0, dz: litter + 0.48 - 0.9 },
      to(plan),
      HOLDS,
    );
    expect(lines[0]?.why).toEqual({ kind: 'rule', rule: 'roosts.lowest' });
    expect((fixture as Bar).z - litter).toBeCloseTo(0.45, 6);
  });
});

test('an opening moves along its wall alone, and between studs', () => {
  const plan = soundCoop((d) => {
    d.shell.studsM = 0.6;
  });
  const window = only(plan, 'window');
  const along = window.wall === 'front' || window.wall === 'rear' ? 'dx' : 'dy';
  const by = { dx: 0, dy: 0, dz: 0, [along]: 0.63 - window.alongM };
  const { fixture, lines } = settle(window, by, to(plan), HOLDS);
  expect(lines[0]?.why).toEqual({ kind: 'stud' });
  // clear of the stud at 0.60 m, which is 38 mm thick
  expect((fixture as typeof window).alongM).toBeCloseTo(0.619, 6);
  const aside = settle(
    window,
    { dx: 0, dy: 0, dz: 0, [along === 'dx' ? 'dy' : 'dx']: 0.5 },
    to(plan),
    HOLDS,
  );
  expect(aside.fixture).toEqual(window);
});

test('studs stand a spacing apart from the first end, with one at the last', () => {
  expect(studsAlong(3, 0.6)).toEqual([0, 0.6, 1.2, 1.8, 2.4, 3].map((m) => expect.closeTo(m, 9)));
  expect(studsAlong(1, 0.6)).toEqual([0, 0.6, 1]);
  expect(studsAlong(3, null)).toEqual([]);
});

test('whatever is moved, however far, comes to stand on the tape or on a line that is told', () => {
  const shift = fc.double({ min: -3, max: 3, noNaN: true });
  for (const units of ['metric', 'imperial'] as const) {
    const plan = { ...everything('lamp'), units };
    fc.assert(
      fc.property(fc.constantFrom(...plan.fixtures), shift, shift, shift, (f, dx, dy, dz) => {
        const { fixture, lines } = settle(f, { dx, dy, dz }, to(plan), HOLDS);
        const held = new Set(lines.map((l) => l.axis));
        if (!('wall' in fixture) && !('wall' in f)) {
          if (!held.has('x') && fixture.x !== f.x) {
            expect(gridNear(fixture.x, units)).toBeCloseTo(fixture.x, 6);
          }
          if (!held.has('y') && fixture.y !== f.y) {
            expect(gridNear(fixture.y, units)).toBeCloseTo(fixture.y, 6);
          }
        }
        const z = heightOf(fixture);
        if (z !== null && !held.has('z') && z !== heightOf(f)) {
          const from = 'wall' in f || f.kind === 'obstacle' ? 0 : plan.litter.depthM;
          expect(gridNear(z - from, units)).toBeCloseTo(z - from, 6);
        }
      }),
      { numRuns: 200 },
    );
  }
});

describe('an end that is pulled', () => {
  const plan = everything('lamp');

  test('leaves the other where it was, whatever is pulled and how far', () => {
    const ends = plan.fixtures.flatMap((f) => endsOf(f).map((end): [Fixture, End] => [f, end]));
    expect(ends.length).toBeGreaterThan(20);
    fc.assert(
      fc.property(
        fc.constantFrom(...ends),
        fc.double({ min: -2, max: 2, noNaN: true }),
        ([f, end], by) => {
          const { fixture } = pull(f, end, by, to(plan), HOLDS);
          const before = spanOf(solidOf(f, plan), end.axis);
          const after = spanOf(solidOf(fixture, plan), end.axis);
          const still = end.side === 'low' ? 1 : 0;
          // a ridge vent lies in the middle of its ridge, whatever its height
          if (f.kind === 'vent' && f.place === 'ridge') return;
          expect(after[still]).toBeCloseTo(before[still], 6);
          expect(after[1]).toBeGreaterThan(after[0]);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('a bank grows by whole boxes: pulled out by a box and a bit at its left, it has one more', () => {
    const own: NestBank = bank({
      x: 1,
      y: 2.6,
      boxes: 3,
      rows: 1,
      boxW: 0.3,
      boxD: 0.35,
      faces: 'front',
    });
    const { fixture } = pull(own, { axis: 'x', side: 'low' }, -0.38, to(plan), HOLDS);
    expect(fixture).toMatchObject({ boxes: 4, x: 0.7 });
    expect(pull(own, { axis: 'x', side: 'high' }, -5, to(plan), HOLDS).fixture).toMatchObject({
      boxes: 1,
      x: 1,
    });
  });
});

test('in the way is what was not in the way before', () => {
  const plan = room();
  const own = only(plan, 'bar');
  const feeder = { ...only(sample('pell-garth'), 'feeder'), x: 3, y: 1, hung: false };
  const two: Plan = { ...plan, fixtures: [own, feeder] };
  const at = (f: Fixture): Plan => ({
    ...two,
    fixtures: two.fixtures.map((o) => (o.id === f.id ? f : o)),
  });
  expect(inTheWay(two, at({ ...own, y: 1.5 }), own.id)).toEqual([]);
  expect(inTheWay(two, at({ ...own, x: 2, y: 1, z: 0.3 }), own.id)).toMatchObject([
    { kind: 'clash', how: 'things', other: { id: feeder.id } },
  ]);
  expect(inTheWay(two, at({ ...own, x: 3.5 }), own.id)).toEqual([
    { kind: 'outside', code: 'shell.fixture.pastWall' },
  ]);
  // what reached through the wall already may be moved along it
  const past = { ...own, x: 3.5 };
  expect(inTheWay(at(past), at({ ...past, y: 1.9 }), own.id)).toEqual([]);
});

test('a second one of anything stands in nothing’s way, and three of a bar make a row by the rule', () => {
  const plan = everything('lamp');
  for (const f of plan.fixtures) {
    const copy = copied(f, 'copy', 'Copy', to(plan));
    if (copy === null) continue;
    expect(inTheWay(plan, { ...plan, fixtures: [...plan.fixtures, copy] }, 'copy')).toEqual([]);
  }
  let row: Plan = { ...room(), fixtures: [bar({ id: 'a', x: 1, y: 2.6, z: 0.9, lengthM: 1.8 })] };
  for (const id of ['b', 'c']) {
    const last = row.fixtures.at(-1) as Bar;
    const next = copied(last, id, id, to(row));
    if (!next) throw new Error('no room');
    row = { ...row, fixtures: [...row.fixtures, next] };
  }
  expect(row.fixtures.map((f) => (f as Bar).y)).toEqual(
    [2.6, 2.14, 1.68].map((y) => expect.closeTo(y, 6)),
  );
});

describe('an opening taken round a corner, by hand in a room of 4 × 3 m', () => {
  const plan = { shell: room().shell };
  const hole = { wall: 'front', widthM: 0.6 } as const;

  test('its middle goes where the hand is, along the nearest wall', () => {
    expect(onWall(hole, [1.5, 0.1], plan)).toEqual({
      wall: 'front',
      alongM: expect.closeTo(1.2, 9),
    });
    expect(onWall(hole, [3.9, 2], plan)).toEqual({ wall: 'right', alongM: expect.closeTo(1.7, 9) });
    expect(onWall(hole, [-0.4, 1], plan)).toEqual({ wall: 'left', alongM: expect.closeTo(0.7, 9) });
    expect(onWall(hole, [2, 3.3], plan)).toEqual({ wall: 'rear', alongM: expect.closeTo(1.7, 9) });
  });

  test('it never reaches past its wall, and stays in its own where two are as near', () => {
    expect(onWall(hole, [0.05, 0.06], plan)).toEqual({ wall: 'front', alongM: 0 });
    expect(onWall(hole, [4.2, 2.95], plan)).toEqual({ wall: 'rear', alongM: 4 - 0.6 });
    // too wide for the short walls
    expect(onWall({ wall: 'front', widthM: 3.5 }, [4, 1.5], plan).wall).not.toBe('right');
  });
});
