import fc from 'fast-check';
import { roofHeightM } from '@/core/geometry/shell';
import { sample } from '@/core/tests/plans';
import type { Shell } from '../model/schema';
import { boundsOf, type Cylinder, type Form, formsMeet, meet, roomForm } from './forms';

const can = (x: number, y: number, across = 0.3): Cylinder => ({
  kind: 'cylinder',
  axis: 'z',
  box: {
    x0: x - across / 2,
    x1: x + across / 2,
    y0: y - across / 2,
    y1: y + across / 2,
    z0: 0,
    z1: 0.4,
  },
});
const box = (x0: number, x1: number, y0: number, y1: number): Form => ({
  kind: 'box',
  box: { x0, x1, y0, y1, z0: 0, z1: 0.4 },
});

test('two cans whose boxes meet at a corner do not meet, and a can does not meet a box beyond its round', () => {
  // 0.25 m apart both ways: their boxes overlap by 5 cm, their rounds are 5 cm apart
  expect(meet(boundsOf(can(0, 0)), boundsOf(can(0.25, 0.25)))).toBe(true);
  expect(formsMeet(can(0, 0), can(0.25, 0.25))).toBe(false);
  expect(formsMeet(can(0, 0), can(0.2, 0.2))).toBe(true);
  // corner of the box at 0.11, 0.11: 0.156 m from the middle of a can of 0.15 m
  expect(formsMeet(can(0, 0), box(0.11, 1, 0.11, 1))).toBe(false);
  expect(formsMeet(box(0.1, 1, 0.1, 1), can(0, 0))).toBe(true);
});

test('a pole that lies down is met by the box about it', () => {
  const lying: Form = { ...can(0, 0), axis: 'x' };
  expect(formsMeet(lying, box(0.14, 1, 0.14, 1))).toBe(true);
});

test('forms meet only where their boxes do, whichever is asked first', () => {
  const at = fc.double({ min: -0.5, max: 0.5, noNaN: true });
  fc.assert(
    fc.property(at, at, at, at, fc.boolean(), (x, y, a, b, round) => {
      const one = can(x, y);
      const other: Form = round ? can(a, b, 0.2) : box(a, a + 0.2, b, b + 0.3);
      expect(formsMeet(one, other)).toBe(formsMeet(other, one));
      if (formsMeet(one, other)) expect(meet(boundsOf(one), boundsOf(other))).toBe(true);
    }),
  );
});

const shells: Shell[] = [
  sample('pell-garth').shell,
  ...(['x', 'y'] as const).map((ridgeAxis) => ({
    ...sample('pell-garth').shell,
    roof: { kind: 'gable' as const, ridgeAxis, lowM: 1.5, highM: 2.1 },
  })),
  ...(['front', 'rear', 'left', 'right'] as const).map((highSide) => ({
    ...sample('pell-garth').shell,
    roof: { kind: 'mono' as const, highSide, lowM: 1.5, highM: 2.1 },
  })),
];

test('the room under a roof is as high as the roof everywhere, and fills the walls', () => {
  for (const shell of shells) {
    const room = roomForm(shell);
    const { lengthM, widthM, roof } = shell;
    expect(boundsOf(room)).toEqual({
      x0: 0,
      x1: lengthM,
      y0: 0,
      y1: widthM,
      z0: 0,
      z1: roof.highM,
    });
    for (const [across, z] of room.outline.slice(1, -1)) {
      const [x, y] = room.axis === 'x' ? [lengthM / 3, across] : [across, widthM / 3];
      expect(roofHeightM(shell, x, y)).toBeCloseTo(z, 12);
    }
  }
});
