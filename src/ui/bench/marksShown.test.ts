import type { StickMark } from '@/core/geometry/stick';
import { withFigures } from './marksShown';

const mark = (kind: StickMark['kind'], z: number, fixture: string) => ({
  kind,
  z,
  fixtures: [fixture],
});
const kindOf = (m: { kind: StickMark['kind'] }) => m.kind;

test('where there is room for all, all keep their figures', () => {
  const marks = [mark('ledge', 0.2, 'a'), mark('bar', 0.9, 'b')];
  expect(withFigures(marks, 2, null, kindOf)).toBe(marks);
});

test('where there is not, bars and lips keep theirs before ledges and sills, in their order along the stick', () => {
  const marks = [
    mark('ledge', 0.1, 'a'),
    mark('bar', 0.9, 'b'),
    mark('sill', 1.1, 'c'),
    mark('lip', 1.2, 'd'),
  ];
  expect(withFigures(marks, 2, null, kindOf).map((m) => m.fixtures[0])).toEqual(['b', 'd']);
  expect(withFigures(marks, 0, null, kindOf)).toEqual([]);
});

test('what is picked keeps its figures before all others', () => {
  const marks = [mark('ledge', 0.1, 'a'), mark('bar', 0.9, 'b'), mark('bar', 1, 'c')];
  expect(withFigures(marks, 1, 'a', kindOf).map((m) => m.fixtures[0])).toEqual(['a']);
});
