import { assess } from '@/core/assess';
import type { RemedyCode } from '@/core/kernel/codes.data';
import { PROPOSERS, remedies } from '@/core/remedies/remedies';
import { WITHOUT_REMEDY } from '@/core/remedies/without';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from './findings';
import { bringsText, remedyText } from './remedies';

test('every finding has a way to mend it, or the reason why it has none', () => {
  for (const code of Object.keys(FINDING_WORDS)) {
    expect([code, code in PROPOSERS || code in WITHOUT_REMEDY]).toEqual([code, true]);
    expect([code, code in PROPOSERS && code in WITHOUT_REMEDY]).toEqual([code, false]);
  }
});

test('a remedy is said as what is done, in the plan’s units', () => {
  const plan = sample('pell-garth');
  const before = assess(plan, { on: DAY });
  const all = before.findings.flatMap((f) => remedies(plan, f, before));
  const texts = all.map((r) => remedyText(r, plan));
  expect(texts).toContain(
    'Lengthen Rear bar and Front bar to 2.70 m, put 1 bracket under Rear bar, and put 1 bracket under Front bar',
  );
  expect(texts).toContain('Add 2 dishes of oyster shell');
  for (const text of texts) expect(text).not.toMatch(/[{}]|undefined/);
  expect(bringsText({ brings: [], worsens: [], lesser: [] })).toBeNull();
  expect(
    bringsText({ brings: ['floor.area.short'], worsens: ['feed.access.short'], lesser: [] }),
  ).toBe(
    'But this causes, as bad: too little floor. But this makes worse: too few places at the feeder.',
  );
});

test('what a change is done piece by piece stands under it, and in one line after a colon', () => {
  const plan = sample('pell-garth');
  const told = (code: RemedyCode, fixtures: string[], numbers: Record<string, number> = {}) => ({
    code,
    fixtures,
    numbers: Object.fromEntries(
      Object.entries(numbers).map(([k, value]) => [k, { value, unit: 'm' as const }]),
    ),
  });
  const remedy = {
    plan,
    steps: [
      told('roosts.raise', ['bar-1'], { height: 0.6 }),
      {
        ...told('vessels.setAnew', []),
        parts: [
          told('vessels.move', ['feeder-1'], { left: 1, front: 0.2 }),
          told('vessels.move', ['drinker-1'], { left: 0.3, front: 0.4 }),
        ],
      },
      told('litter.level', [], { depth: 0.15 }),
    ],
  };
  expect(remedyText(remedy, plan)).toBe(
    'Raise Rear bar to 60 cm above the litter, move what stands on the floor out of the droppings: move Hanging tube to 1.00 m from the left and 20 cm from the front wall; move Round fount to 30 cm from the left and 40 cm from the front wall, and level the litter to 15 cm',
  );
});
