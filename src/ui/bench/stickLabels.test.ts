import fc from 'fast-check';
import { columnPx, footLabels, stickPx } from './stickLabels';

test('feet and inches want a wider column than centimetres, and names come beside it', () => {
  const lengths = [0.9, 2.04, 3];
  expect(columnPx(lengths, 'imperial')).toBeGreaterThan(columnPx(lengths, 'metric'));
  const marks = [{ heightM: 0.22 }, { heightM: 0.36 }];
  const named = stickPx(marks, ['feeder rim', 'sill'], 'metric');
  expect(named - stickPx(marks, [], 'metric')).toBeCloseTo(64, 6);
});

test('labels of the foot never lie on one another, nor past the edge, as long as two rows hold them', () => {
  const marks = fc.array(fc.integer({ min: 120, max: 660 }), { minLength: 1, maxLength: 12 });
  fc.assert(
    fc.property(marks, fc.integer({ min: 40, max: 95 }), (given, column) => {
      const wanted = [...given].sort((a, b) => a - b);
      fc.pre(Math.ceil(wanted.length / 2) * column <= 600);
      const labels = footLabels(wanted, column, [90, 690]);
      expect(labels).toHaveLength(wanted.length);
      for (const row of [0, 1]) {
        const own = labels.filter((l) => l.row === row).map((l) => l.at);
        own.forEach((at, i) => {
          expect(at).toBeGreaterThanOrEqual(90 + column / 2 - 1e-6);
          expect(at).toBeLessThanOrEqual(690 - column / 2 + 1e-6);
          if (i > 0) expect(at - (own[i - 1] as number)).toBeGreaterThanOrEqual(column - 1e-6);
        });
      }
      if (wanted.length * column > 600) expect(labels.some((l) => l.row === 1)).toBe(true);
    }),
  );
});

test('labels that stand near their marks stay in one row; marks close together take two', () => {
  expect(footLabels([100, 300, 500], 80, [0, 600])).toEqual([
    { at: 100, row: 0 },
    { at: 300, row: 0 },
    { at: 500, row: 0 },
  ]);
  expect(footLabels([300, 310, 320], 80, [0, 600]).map((l) => l.row)).toEqual([0, 1, 0]);
});
