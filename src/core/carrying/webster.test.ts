import { createWebster, nextByWebster } from './webster';

/** The order in which birds enter a flock, worked with the function under test. */
function order(counts: number[], ties: number[], birds: number): string {
  const taken = counts.map(() => 0);
  let names = '';
  for (let i = 0; i < birds; i++) {
    const next = nextByWebster(counts, taken, ties);
    taken[next] = (taken[next] ?? 0) + 1;
    names += 'ABC'[next] ?? '?';
  }
  return names;
}

test('four, four and six birds enter as worked by hand', () => {
  // C 6; A 4; B 4; C 6/3 = 2; A 4/3; B 4/3; C 6/5; C 6/7 = 0.857; A 4/5; B 4/5 … see 0.857 > 0.8
  expect(order([4, 4, 6], [0, 1, 2], 9)).toBe('CABCABCCA');
  expect(order([4, 4, 6], [0, 1, 2], 14)).toHaveLength(14);
});

test('at the planned number it is exactly the planned flock, and goes on by the same rule', () => {
  const flocks = createWebster([4, 4, 6], [0, 1, 2]);
  expect(flocks.of(14)).toEqual([4, 4, 6]);
  // 4/9 = 0.444 for A and B; 6/13 = 0.4615 for C
  expect(flocks.of(15)).toEqual([4, 4, 7]);
  expect(flocks.of(0)).toEqual([0, 0, 0]);
});

test('a tie goes to the lot that stands first among ties', () => {
  expect(order([2, 2], [1, 0], 1)).toBe('B');
  expect(order([2, 2], [0, 1], 1)).toBe('A');
});

test('a lot without birds never enters', () => {
  expect(nextByWebster([0, 0], [0, 0], [0, 1])).toBe(-1);
  expect(order([0, 3], [0, 1], 3)).toBe('BBB');
  expect(createWebster([0], [0]).of(3)).toEqual([0]);
});
