import { assess } from '@/core/assess';
import { seenOf, sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { sayFigure } from './say';

test('every figure is said at first as it is said once the core has come', () => {
  for (const id of ['osk-landing', 'pell-garth', 'tamar-flats'] as const) {
    const worked = assess(sample(id), { on: DAY });
    const seen = seenOf(JSON.parse(JSON.stringify(sightOf(worked))));
    expect(seen.figures.size).toBeGreaterThan(50);
    for (const [key, figure] of seen.figures) {
      const whole = worked.figures.get(key);
      for (const units of ['metric', 'imperial'] as const) {
        expect([key, sayFigure(figure, units)]).toEqual([
          key,
          whole ? sayFigure(whole, units) : null,
        ]);
      }
    }
  }
});
