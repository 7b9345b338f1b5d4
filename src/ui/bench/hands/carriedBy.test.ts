import { project } from '@/core/drawing/projection';
import type { Fixture } from '@/core/model/schema';
import { bank, bar, soundCoop } from '@/core/tests/plans';
import { carriedBy } from './carriedBy';

const plan = soundCoop((d) => {
  d.fixtures = [];
});
const FRAME = { width: 600, height: 500, left: 60, right: 20, top: 20, bottom: 40 };
const of = (view: 'front' | 'rear' | 'above') => project(view, plan.shell, FRAME);
const own = bar({ id: 'a', axis: 'x', x: 1, y: 2, z: 0.9, lengthM: 1.2 });

test('a bar is carried as far over the page as it is moved, to the left where it is seen from behind', () => {
  const to = { ...own, x: 1.25, z: 1 };
  const { scale } = of('front');
  const by = (view: 'front' | 'rear' | 'above') => carriedBy([own], [to], plan, of(view));
  expect(by('front')).toEqual([0.25 * scale, -0.1 * scale].map((n) => expect.closeTo(n, 6)));
  expect(by('rear')).toEqual(
    [-0.25 * of('rear').scale, -0.1 * of('rear').scale].map((n) => expect.closeTo(n, 6)),
  );
  expect(by('above')?.[1]).toBeCloseTo(0, 6);
});

test.each<[string, Fixture, Fixture]>([
  ['made longer', own, { ...own, lengthM: 1.5 }],
  ['hung from the roof', { ...own, hung: true }, { ...own, hung: true, x: 1.2 }],
  ['a bank whose lid is as high as the roof lets it', bank({}), { ...bank({}), lipZ: 0.9 }],
])('%s, it is drawn anew', (_, then, now) => {
  expect(carriedBy([then], [now], plan, of('front'))).toBeNull();
});

test('things that go different ways are drawn anew', () => {
  const other = { ...own, id: 'b', y: 1 };
  expect(carriedBy([own, other], [{ ...own, x: 1.1 }, other], plan, of('front'))).toBeNull();
});
