import fc from 'fast-check';
import { assess } from '../../assess';
import { chickGroup } from '../../edit/defaults';
import { bareCoop, DAY } from '../../tests/plans';
import { brooderFor } from './brooderFor';

const withChicks = (count: number, breed: string, units: 'metric' | 'imperial') => {
  const plan = { ...bareCoop(), units };
  return { ...plan, flock: [{ ...chickGroup(plan, DAY), count, breed }] };
};

test('a brooder that is added carries the chicks that come, to their last day in it', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 15 }),
      fc.constantFrom('brown-hybrid', 'brahma', 'pekin-bantam', 'any-duck'),
      fc.constantFrom('metric' as const, 'imperial' as const),
      (count, breed, units) => {
        const plan = withChicks(count, breed, units);
        const { broods } = assess(plan, { on: DAY }).brooder;
        const after = assess({ ...plan, brooder: brooderFor(units, broods) }, { on: DAY });
        expect(after.brooder.chicks).toBe(count);
        expect(after.brooder.carries).toBeGreaterThanOrEqual(count);
        const bad = after.findings.filter(
          (f) => f.code.startsWith('brooder.') && !f.code.startsWith('brooder.out'),
        );
        expect(bad.map((f) => f.code)).toEqual([]);
      },
    ),
    { numRuns: 60 },
  );
});

test('chicks that are added are a day old today, reared here and move out after eight weeks', () => {
  const group = chickGroup(bareCoop(), '2027-03-01');
  expect(group).toMatchObject({
    hatchedOn: '2027-03-01',
    arrivesOn: '2027-04-26',
    raisedHere: true,
    sex: 'unsexed',
  });
});
