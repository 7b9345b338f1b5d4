import { PIPES, pipeOf } from './pipes.data';

/** Outside and bore as the trade has them, mm: the name is not the outside. */
const SCHEDULE_40 = [
  ['050', 21.3, 15.8],
  ['075', 26.7, 20.9],
  ['100', 33.4, 26.6],
  ['125', 42.2, 35.1],
  ['150', 48.3, 40.9],
  ['200', 60.3, 52.5],
  ['300', 88.9, 77.9],
  ['400', 114.3, 102.3],
] as const;

test.each(SCHEDULE_40)('schedule 40 of %s is %f mm outside and %f inside', (id, outside, bore) => {
  const pipe = PIPES.find((p) => p.id === `schedule40-${id}`);
  expect(Math.abs((pipe?.outsideM ?? 0) * 1000 - outside)).toBeLessThan(0.06);
  expect(Math.abs((pipe?.boreM ?? 0) * 1000 - bore)).toBeLessThan(0.06);
});

test.each([
  [32, 1.8],
  [40, 1.8],
  [50, 1.8],
  [75, 3.2],
  [90, 3.2],
  [110, 3.2],
  [125, 3.2],
  [160, 3.2],
])('metric drain of %f mm is that outside, less two walls of %f', (outside, wall) => {
  const pipe = PIPES.find((p) => p.id === `drain-${outside}`);
  expect(pipe?.outsideM).toBeCloseTo(outside / 1000, 9);
  expect(pipe?.boreM).toBeCloseTo((outside - 2 * wall) / 1000, 9);
});

test('a pipe is known by its outside, and what is none of them is measured', () => {
  expect(pipeOf(0.0889)?.id).toBe('schedule40-300');
  expect(pipeOf(0.11)?.id).toBe('drain-110');
  expect(pipeOf(0.097)).toBeNull();
  for (const p of PIPES) expect(p.boreM).toBeLessThan(p.outsideM);
});
