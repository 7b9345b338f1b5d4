import fc from 'fast-check';
import { assess } from '@/core/assess';
import { fixtureOf } from '@/core/model/fixtures.schema';
import type { Plan, Side } from '@/core/model/schema';
import { DAY, soundCoop } from '@/core/tests/plans';
import { extentOf, pointsOf, type Shape } from '../shape';
import { drawRun } from './run';

const RUN: NonNullable<Plan['run']> = {
  lengthM: 4,
  widthM: 1.5,
  roof: 'half',
  eavesM: 0.2,
  skirtingM: 0.3,
  solidSides: [],
  cover: 'mesh13',
  pastimes: 2,
};

/** A coop of 3 × 2 m, half a metre off the ground, with a pop door in a wall and a ramp of 1 m from its sill. */
const withRun = (wall: Side, change: (plan: Plan) => void = () => {}): Plan =>
  soundCoop((d) => {
    d.shell = { ...d.shell, lengthM: 3, widthM: 2, floorAboveGroundM: 0.5 };
    d.run = { ...RUN };
    d.fixtures = [
      fixtureOf({
        kind: 'popDoor',
        id: 'pop',
        name: 'Pop door',
        wall,
        alongM: 0.4,
        sillZ: 0.1,
        widthM: 0.3,
        heightM: 0.35,
        ramp: { lengthM: 1, widthM: 0.25, cleatM: 0.1 },
      }),
    ];
    change(d);
  });

const drawn = (plan: Plan) => {
  const run = drawRun(plan, []);
  if (run === null) throw new Error('no run');
  return run;
};
const shapesOf = (plan: Plan, key: string): readonly Shape[] =>
  drawn(plan).items.find((i) => i.key === key)?.shapes ?? [];

test('a plan without a run has none to draw', () => {
  expect(drawRun(soundCoop(), [])).toBeNull();
});

test.each([
  // along each wall from where it begins, turned so that the run lies to the right
  ['right', 0.4],
  ['front', 0.4],
  ['rear', 3 - 0.4 - 0.3],
  ['left', 2 - 0.4 - 0.3],
] as const)(
  'in the %s wall the pop door stands where a plan turned by hand has it',
  (wall, from) => {
    const [gap] = shapesOf(withRun(wall), 'pop');
    if (!gap) throw new Error('no gap');
    const { b0, b1, a0 } = extentOf(gap);
    expect([a0, b0, b1]).toEqual([0, from, from + 0.3].map((m) => expect.closeTo(m, 9)));
  },
);

test('the ramp goes down from the sill to the ground, as far out as is left of its length, by hand', () => {
  const plan = withRun('right');
  const { measures, groundB } = drawn(plan);
  // 0.6 m down in 1 m of ramp leaves 0.8 m out
  const ramp = measures.find((m) => m.key === 'ramp');
  expect((ramp?.to[0] ?? 0) - (ramp?.from[0] ?? 0)).toBeCloseTo(0.8, 9);
  const [, board] = shapesOf(plan, 'pop side');
  if (!board) throw new Error('no ramp');
  const tops = pointsOf(board).slice(0, 2);
  expect(tops[0]?.[1]).toBeCloseTo(groundB + 0.6, 9);
  expect(tops[1]?.[1]).toBeCloseTo(groundB, 9);
  // ten cleats to the metre
  expect(shapesOf(plan, 'pop side').filter((s) => s.pen === 'leaf')).toHaveLength(10);
});

test('a run as wide as it is has its measures beside it, and nothing is written that is not there', () => {
  const keys = (plan: Plan) => drawn(plan).measures.map((m) => [m.key, m.metres]);
  expect(keys(withRun('right'))).toEqual([
    ['length', 4],
    ['width', 1.5],
    ['floor', 0.5],
    ['skirting', 0.3],
    ['ramp', 1],
  ]);
  const bare = withRun('right', (d) => {
    d.shell.floorAboveGroundM = 0;
    d.run = { ...RUN, skirtingM: 0 };
    d.fixtures = [];
  });
  expect(keys(bare).map(([key]) => key)).toEqual(['length', 'width']);
});

test('birds stand in the run at their own size', () => {
  const plan = withRun('right');
  const { birds } = assess(plan, { on: DAY });
  const run = drawRun(plan, birds);
  const [first] = run?.items.filter((i) => i.what === 'bird') ?? [];
  const sizes = first?.shapes.map(extentOf) ?? [];
  const side = sizes.filter((f) => f.b0 >= (run?.groundB ?? 0) - 1e-6);
  const tall = Math.max(...side.map((f) => f.b1)) - (run?.groundB ?? 0);
  expect(tall).toBeCloseTo(birds[0]?.heightM ?? 0, 1);
});

test('whatever a run is like, it is drawn with numbers', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<Side>('front', 'rear', 'left', 'right'),
      fc.double({ min: 0.3, max: 20, noNaN: true }),
      fc.double({ min: 0.3, max: 20, noNaN: true }),
      fc.constantFrom('none', 'half', 'full'),
      fc.double({ min: 0, max: 3, noNaN: true }),
      (wall, lengthM, widthM, roof, floorAboveGroundM) => {
        const plan = withRun(wall, (d) => {
          d.run = { ...RUN, lengthM, widthM, roof: roof as 'none' };
          d.shell.floorAboveGroundM = floorAboveGroundM;
        });
        const { items, face } = drawn(plan);
        const points = items.flatMap((i) => i.shapes.flatMap(pointsOf));
        expect(points.flat().every(Number.isFinite)).toBe(true);
        expect(Object.values(face).every(Number.isFinite)).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});
