import fc from 'fast-check';
import { assess } from '@/core/assess';
import type { Apart } from '@/core/kernel/sentence';
import type { Plan } from '@/core/model/schema';
import { anyPlan, DAY, sample } from '@/core/tests/plans';
import { sentenceText } from './sentence';

const apartOf = (plan: Plan): Apart | null => {
  const { sentence } = assess(plan, { on: DAY });
  return sentence.kind === 'short' ? (sentence.apart ?? null) : null;
};

const osk = sample('osk-landing');
/** Osk Landing's coop with other birds in it. */
const of = (...birds: readonly (readonly [breed: string, count: number])[]): Plan => ({
  ...osk,
  flock: birds.map(([breed, count], i) => ({
    ...(osk.flock[0] as Plan['flock'][number]),
    id: `lot-${i}`,
    name: `Lot ${i}`,
    breed,
    count,
  })),
});

test('a kind that gets up to no bar is told apart from those that do', () => {
  const plan = of(['brown-hybrid', 8], ['brahma', 4]);
  const { carries, sentence, staves, figures } = assess(plan, { on: DAY });
  expect(sentenceText(sentence)).toBe(
    'This coop carries 8 brown hybrid hens and none of the 4 Brahma hens: no bar they can climb to. ' +
      'You plan 12. The roosts hold it back. As one flock: 1 of 12.',
  );
  // what it carries, the rail and the figure stay as they are by shares
  expect(carries).toBe(1);
  expect(staves.find((s) => s.station === 'roosts')?.carries).toBe(1);
  expect(figures.get('coop.others')).toMatchObject({ value: 8 });
  expect(figures.get('coop.none')).toMatchObject({ value: 4, parts: { nobody: [0, 4] } });
});

test('one kind alone is told so, without a line for the flock', () => {
  expect(sentenceText(assess(of(['brahma', 5]), { on: DAY }).sentence)).toBe(
    'This coop carries none of the 5 Brahma hens: no bar they can climb to. You plan 5.',
  );
  expect(sentenceText(assess(of(['brahma', 1]), { on: DAY }).sentence)).toBe(
    'This coop does not carry the 1 Brahma hen: no bar they can climb to. You plan 1.',
  );
});

test('where some of every kind are served the sentence is the old one', () => {
  expect(apartOf(sample('pell-garth'))).toBeNull();
  expect(apartOf(of(['brown-hybrid', 60]))).toBeNull();
});

/** Whether a bank's lip is at most 12 cm above the first litter: it stands on the floor. */
const isOnFloor = ({ litter }: Plan, { lipZ }: { lipZ: number }): boolean =>
  lipZ - litter.depthM <= 0.12 + 1e-9;

test('of random plans: one of a kind that is told apart finds nothing there alone, and the others do', () => {
  let told = 0;
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const apart = plan.partition === null ? apartOf(plan) : null;
      if (!apart) return;
      told++;
      const { lots } = assess(plan, { on: DAY }).flock;
      // a bank on the floor that nobody is named for is the ducks' while some that lay are here: it stays theirs
      const ducksLay = lots.some((l) => l.kind === 'duck' && l.laysFrom !== null);
      const fixtures = plan.fixtures.map((f) =>
        ducksLay && f.kind === 'nestBank' && f.forWhom === null && isOnFloor(plan, f)
          ? { ...f, forWhom: 'ducks' as const }
          : f,
      );
      // by another way: the plan itself with that kind alone, one bird of it
      apart.counts.forEach((n, i) => {
        const lot = lots[i];
        if (n === 0 || !lot || lot.group.sex === 'unsexed') return;
        const alone = assess(
          { ...plan, fixtures, flock: [{ ...lot.group, count: 1 }] },
          { on: DAY },
        );
        const rail = alone.staves.find((s) => s.station === apart.station);
        expect([lot.id, rail?.carries]).toEqual([lot.id, 0]);
      });
      const there = apart.others.reduce((a, k) => a + k.birds, 0);
      expect(apart.carried).toBeLessThanOrEqual(there);
      if (there > 0) expect(apart.carried).toBeGreaterThan(0);
    }),
    { numRuns: 60 },
  );
  expect(told).toBeGreaterThan(10);
});
