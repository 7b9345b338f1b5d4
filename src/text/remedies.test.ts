import { assess } from '@/core/assess';
import { PROPOSERS, remedies, WITHOUT_REMEDY } from '@/core/remedies/remedies';
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
    'Lengthen Rear bar and Front bar to 2.70 m, support Rear bar with 1 bracket between its ends and support Front bar with 1 bracket between its ends',
  );
  expect(texts).toContain('Add 2 dishes of shell');
  for (const text of texts) expect(text).not.toMatch(/[{}]|undefined/);
  expect(bringsText({ brings: [], worsens: [], lesser: [] })).toBeNull();
  expect(
    bringsText({ brings: ['floor.area.short'], worsens: ['feed.access.short'], lesser: [] }),
  ).toBe('It brings, as bad: too little floor. It makes worse: too few places at the feeder.');
});
