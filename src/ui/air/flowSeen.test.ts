import type { AirMoment } from '@/core/air/airMoment';
import type { Plan, Side } from '@/core/model/schema';
import { aired } from '@/core/tests/aired';
import { viewOfFlow } from './flowSeen';

const plan = aired('osk-landing');
const window = plan.fixtures.find((f) => f.kind === 'window');
if (!window) throw new Error('the sample has a window');
const withWindows = (...walls: Side[]): Plan => ({
  ...plan,
  fixtures: walls.map((wall) => ({ ...window, id: wall, wall })),
});
const flowing = (...flows: [id: string, ls: number][]): AirMoment =>
  ({ flows: flows.map(([id, inLS]) => ({ id, inLS, outLS: 0 })) }) as unknown as AirMoment;

test('air through front and rear is seen from the right, through left and right from the front', () => {
  const through = withWindows('front', 'rear');
  const flow = flowing(['front', 8], ['rear', 8]);
  expect(viewOfFlow(through, flow, 'front')).toBe('right');
  expect(viewOfFlow(through, flow, 'rear')).toBe('right');
  expect(viewOfFlow(through, flow, 'left')).toBeNull();
  const across = withWindows('left', 'right');
  const other = flowing(['left', 8], ['right', 8]);
  expect(viewOfFlow(across, other, 'right')).toBe('front');
  expect(viewOfFlow(across, other, 'front')).toBeNull();
});

test('a view that shows some of it is left; from above none of it is seen', () => {
  const corner = withWindows('front', 'left');
  const flow = flowing(['front', 9], ['left', 1]);
  expect(viewOfFlow(corner, flow, 'front')).toBeNull();
  expect(viewOfFlow(corner, flow, 'above')).toBe('right');
  expect(viewOfFlow(corner, flowing(['front', 99], ['left', 1]), 'front')).toBe('right');
});

test('where nothing flows no view is better, but from above', () => {
  expect(viewOfFlow(withWindows('front'), flowing(), 'front')).toBeNull();
  expect(viewOfFlow(withWindows('front'), flowing(), 'above')).toBe('right');
});
