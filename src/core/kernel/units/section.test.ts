import fc from 'fast-check';
import { formatSection, readSection, timberName } from './section';

test.each([
  ['2x4', 0.0889, 0.0381, false],
  ['2 X 4', 0.0889, 0.0381, false],
  ['4×2', 0.0889, 0.0381, false],
  ['4 by 4', 0.0889, 0.0889, false],
  ['1x6', 0.1397, 0.01905, false],
  ['38 x 89', 0.089, 0.038, false],
  ['38 × 89 mm', 0.089, 0.038, false],
  ['4,5 x 4,5 cm', 0.045, 0.045, false],
  ['1 1/2 x 3 1/2 in', 0.0889, 0.0381, false],
  ['50 mm round', 0.05, 0.05, true],
  ['2 in dowel', 0.0508, 0.0508, true],
])('%s is read', (text, widthM, heightM, round) => {
  const read = readSection(text, 'metric');
  expect(read?.round).toBe(round);
  expect(read?.widthM).toBeCloseTo(widthM, 9);
  expect(read?.heightM).toBeCloseTo(heightM, 9);
});

test.each(['', '2', 'x', '2x', 'x4', '2x4x6', 'thick', '0 x 4', '-2 x 4 in', 'round'])(
  '%j is no section',
  (text) => expect(readSection(text, 'imperial')).toBeNull(),
);

test('a bare pair of an imperial plan that is no timber’s name is inches', () => {
  expect(readSection('1.5 x 3.5', 'imperial')?.widthM).toBeCloseTo(0.0889, 9);
  expect(readSection('2.5 x 9', 'imperial')?.widthM).toBeCloseTo(0.2286, 9);
});

test('timber is named as it is sold, and only that', () => {
  expect(timberName(0.089, 0.038)).toBe('2×4');
  expect(timberName(0.019, 0.14)).toBe('1×6');
  expect(timberName(0.1, 0.05)).toBeNull();
});

test('what is written is read as the same section', () => {
  const size = fc.integer({ min: 9, max: 300 }).map((mm) => mm / 1000);
  fc.assert(
    fc.property(
      size,
      size,
      fc.constantFrom('metric' as const, 'imperial' as const),
      (a, b, units) => {
        const section = { widthM: Math.max(a, b), heightM: Math.min(a, b), round: false };
        const back = readSection(formatSection(section, units), units);
        expect(back?.widthM).toBeCloseTo(section.widthM, 2);
        expect(Math.abs((back?.heightM ?? 0) - section.heightM)).toBeLessThan(0.0016);
      },
    ),
  );
});
