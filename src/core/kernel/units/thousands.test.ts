import fc from 'fast-check';
import type { Outcome } from '../outcome';
import { readAmount } from './amount';
import { readLength, readRoomLength } from './length';
import { readMass } from './mass';
import { readDecimal } from './number';
import { readSection } from './section';
import { askedBack, readCommas } from './thousands';

const asked = (read: Outcome<number>) => (read.ok ? read.value : read.issues[0]?.code);

test.each(['1,200', '1,000', '12,345', '999,999', '-1,200'])(
  '%s is no number until it is asked',
  (t) => {
    expect(readDecimal(t)).toBeNull();
  },
);

test.each([
  ['0,125', 0.125],
  ['2,1', 2.1],
  ['1.200', 1.2],
  ['1234,567', 1234.567],
  ['1,20', 1.2],
  ['1,2000', 1.2],
])('%s is read as ever', (typed, value) => {
  expect(readDecimal(typed)).toBe(value);
});

test('a comma before three figures is asked back about, whatever it is a measure of', () => {
  expect(asked(readLength('1,200 mm', 'metric'))).toBe('number.comma');
  expect(asked(readRoomLength('1,200', 'imperial'))).toBe('number.comma');
  expect(asked(readMass('1,200 g', 'metric'))).toBe('number.comma');
  expect(readAmount('1,000 L', 'L', 'metric')).toBeNull();
  expect(readAmount('1,100 ft', 'altitude', 'imperial')).toBeNull();
  expect(readSection('1,200 x 38 mm', 'metric')).toBeNull();
  expect(askedBack('1,200 mm')?.details).toEqual({
    typed: '1,200 mm',
    point: '1.2',
    thousands: '1,200',
    asPoint: '1.200 mm',
    asThousands: '1200 mm',
  });
  // two separators stay refused, as they were
  expect(asked(readLength('1,200.5 mm', 'metric'))).toBe('length.twoSeparators');
  expect(askedBack('1,234,567')).toBeNull();
});

test('either way of writing it is read as that number', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 999 }), fc.integer({ min: 0, max: 999 }), (a, b) => {
      const typed = `${a},${String(b).padStart(3, '0')}`;
      expect(readDecimal(readCommas(typed, 'point'))).toBeCloseTo(a + b / 1000, 9);
      expect(readDecimal(readCommas(typed, 'thousands'))).toBe(a * 1000 + b);
    }),
  );
});
