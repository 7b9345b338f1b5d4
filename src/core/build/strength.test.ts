import fc from 'fast-check';
import type { Bar } from '../model/schema';
import { bracketsNeeded, sectionShape, strengthOf, timberOf } from './strength';

const material = fc.constantFrom('softwood', 'salvaged', 'hardwood', 'greenPole', 'bamboo');
const section = fc.record({
  shape: fc.constantFrom('flat', 'round', 'square', 'branch'),
  widthM: fc.integer({ min: 30, max: 100 }).map((n) => n / 1000),
  heightM: fc.integer({ min: 30, max: 100 }).map((n) => n / 1000),
}) as fc.Arbitrary<Bar['section']>;
const any = fc.record({
  section,
  material: material as fc.Arbitrary<Bar['material']>,
  lengthM: fc.integer({ min: 30, max: 400 }).map((n) => n / 100),
  birdsKg: fc.integer({ min: 1, max: 80 }),
});

const timber = (m: Bar['material']) => {
  const found = timberOf({ material: m });
  if (!found) throw new Error(m);
  return found;
};

test('the brackets told are enough, and one fewer is not', () => {
  fc.assert(
    fc.property(any, ({ birdsKg, ...bar }) => {
      const t = timber(bar.material);
      const k = bracketsNeeded(bar, t, birdsKg);
      if (k === null) {
        const most = strengthOf(bar, t, birdsKg, bar.lengthM, 20);
        expect(most.sags || most.over).toBe(true);
        return;
      }
      const held = strengthOf(bar, t, birdsKg, bar.lengthM, k);
      expect([held.sags, held.over]).toEqual([false, false]);
      if (k === 0) return;
      const fewer = strengthOf(bar, t, birdsKg, bar.lengthM, k - 1);
      expect(fewer.sags || fewer.over).toBe(true);
    }),
    { numRuns: 300 },
  );
});

test('heavier birds sag a bar more, in proportion; a stiffer timber sags less', () => {
  fc.assert(
    fc.property(any, ({ birdsKg, ...bar }) => {
      const t = timber(bar.material);
      const one = strengthOf(bar, t, birdsKg, bar.lengthM, 0);
      const two = strengthOf(bar, t, 2 * birdsKg, bar.lengthM, 0);
      expect(two.sagM / one.sagM).toBeCloseTo(2, 6);
      expect(two.stressPa / one.stressPa).toBeCloseTo(2, 6);
      const stiff = strengthOf(
        bar,
        { ...t, stiffnessPa: 2 * t.stiffnessPa },
        birdsKg,
        bar.lengthM,
        0,
      );
      expect(stiff.sagM / one.sagM).toBeCloseTo(0.5, 6);
    }),
  );
});

test('a section laid the other way bears by the cube of its height', () => {
  const flat = sectionShape({ shape: 'flat', widthM: 0.089, heightM: 0.038 }, false);
  const edge = sectionShape({ shape: 'flat', widthM: 0.038, heightM: 0.089 }, false);
  expect(edge.inertiaM4 / flat.inertiaM4).toBeCloseTo((0.089 / 0.038) ** 2, 9);
  // a culm of the same width, its wall an eighth, keeps 1 − 0.75⁴ of a solid pole
  const pole = sectionShape({ shape: 'round', widthM: 0.06, heightM: 0.06 }, false);
  const culm = sectionShape({ shape: 'round', widthM: 0.06, heightM: 0.06 }, true);
  expect(culm.inertiaM4 / pole.inertiaM4).toBeCloseTo(1 - 0.75 ** 4, 9);
});
