import { produce } from 'immer';
import { assess } from '../assess';
import { solidOf } from '../geometry/solids';
import type { Plan } from '../model/schema';
import { measured, standing, thing } from '../tests/measured';
import { DAY } from '../tests/plans';
import { about, between, exactly } from './bands';
import { roughIn, uncertainOf, withMeasure } from './uncertain';

const room = {
  ...measured().room,
  length: exactly(2.4),
  width: exactly(1.8),
  litter: exactly(0.1),
};
const coop = (bar: Parameters<typeof thing>[1]): Plan =>
  standing({
    room,
    things: [thing('bar', { length: exactly(1.6), behind: exactly(0.5), ...bar })],
  });

test('a bar roughly so long: the roosts carry from to, as judged at both ends by the assessment itself', () => {
  const plan = coop({ length: between(1.1, 1.9) });
  const [first] = uncertainOf(plan, DAY);
  expect(first?.roughly).toMatchObject({ key: 'lengthM', fromM: 1.1, toM: 1.9 });
  const carries = (m: number): number | null | undefined => {
    const at = produce(plan, (d: Plan) => {
      const bar = d.fixtures[0];
      if (bar?.kind === 'bar') bar.lengthM = m;
    });
    return assess(at, { on: DAY }).staves.find((s) => s.station === 'roosts')?.carries;
  };
  expect(first?.stations).toEqual([{ station: 'roosts', least: carries(1.1), most: carries(1.9) }]);
});

test('a bar roughly so far from the wall: whether it is too near hangs on it', () => {
  const codes = uncertainOf(coop({ behind: between(0.3, 0.5) }), DAY).flatMap((u) =>
    u.findings.map((f) => f.code),
  );
  expect(codes).toContain('roosts.bar.nearWall');
});

test('what is rough and decides nothing is left out', () => {
  expect(uncertainOf(coop({ behind: between(0.6, 0.62) }), DAY)).toEqual([]);
});

test('typed anew, a measure is rough no longer', () => {
  const plan = coop({ length: about(1.6) });
  expect(roughIn(plan)).toHaveLength(1);
  const typed = produce(plan, (d: Plan) => {
    const bar = d.fixtures[0];
    if (bar?.kind === 'bar') bar.lengthM = 1.55;
  });
  expect(roughIn(typed)).toEqual([]);
  expect(uncertainOf(typed, DAY)).toEqual([]);
  // nor is that of a thing that was taken out
  expect(roughIn({ ...plan, fixtures: [] })).toEqual([]);
});

test('what the coop’s own number hangs on comes first', () => {
  const plan = coop({ length: between(1.1, 1.9), behind: between(0.3, 0.5) });
  expect(uncertainOf(plan, DAY).map((u) => u.roughly.key)).toEqual(['lengthM', 'y']);
});

test('of the room, a roof’s low side stays under its high one', () => {
  const plan = standing({ room: { ...room, front: exactly(1.5), rear: between(1.2, 1.6) } });
  const [low] = plan.roughly;
  if (!low) throw new Error('no rough measure');
  expect(withMeasure(plan, low, 1.6).shell.roof).toMatchObject({ lowM: 1.6, highM: 1.6 });
  expect(withMeasure(plan, low, 1.2).shell.roof).toMatchObject({ lowM: 1.2, highM: 1.5 });
});

test('in a longer or shorter room things stay at their walls, and bars as far before the rear one', () => {
  const plan = standing({
    room: { ...room, length: between(2, 2.8), width: between(1.6, 2) },
    things: [
      thing('bar', { length: exactly(1.2), behind: exactly(0.4) }),
      thing('nests', {}, { wall: 'right' }),
      thing('nests', {}, { wall: 'left', outside: true }),
      thing('opening', { wide: exactly(0.4) }, { wall: 'front' }),
    ],
  });
  const [length, width] = [
    plan.roughly.find((r) => r.key === 'lengthM'),
    plan.roughly.find((r) => r.key === 'widthM'),
  ];
  if (!length || !width) throw new Error('no rough measure');
  const wide = withMeasure(plan, width, 2);
  const long = withMeasure(plan, length, 2.8);
  const bar = (p: Plan) => p.fixtures.find((f) => f.kind === 'bar');
  expect(2 - (bar(wide) as { y: number }).y).toBeCloseTo(0.4, 6);
  expect((bar(long) as { x: number }).x).toBeCloseTo(0.8, 6);
  const [inside, out] = long.fixtures.filter((f) => f.kind === 'nestBank');
  expect(inside && solidOf(inside, long).x1).toBeCloseTo(2.8, 6);
  expect(out && solidOf(out, long).x1).toBeCloseTo(0, 6);
  expect(long.fixtures.find((f) => f.kind === 'vent')).toMatchObject({
    alongM: expect.closeTo(1.2, 6),
  });
  // so that nothing is told to be past a wall that moved
  const codes = uncertainOf(plan, DAY).flatMap((u) => u.findings.map((f) => f.code));
  expect(codes).not.toContain('shell.fixture.pastWall');
});
