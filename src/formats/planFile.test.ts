import fc from 'fast-check';
import { parsePlanText } from '@/core/edit/parse';
import { anyPlan, sample } from '@/core/tests/plans';
import { issueLine } from '@/text/issues';
import { planFile } from './planFile';

const pell = sample('pell-garth');

test('a plan taken out as a file comes back the same', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      expect(parsePlanText(planFile(plan).text)).toEqual({ ok: true, value: plan });
    }),
    { numRuns: 30 },
  );
});

test('a file name is plain letters whatever the plan is called', () => {
  expect(planFile({ ...pell, name: 'Pell Garth' }).name).toBe('pell-garth.json');
  expect(planFile({ ...pell, name: '"; rm -rf /\n<b>' }).name).toBe('rm-rf-b.json');
  expect(planFile({ ...pell, name: '鶏小屋' }).name).toBe('plan.json');
});

test('one plan has one text, in whatever order its schools were chosen', () => {
  const schools = { 'roosts.length': 'roosts.length.huddled', 'floor.area': { custom: 0.4 } };
  const turned = Object.fromEntries(Object.entries(schools).reverse());
  expect(planFile({ ...pell, schools }).text).toBe(planFile({ ...pell, schools: turned }).text);
});

test('what is wrong with a file is told in sentences that say what to do', () => {
  const wrong = { ...pell, name: '', colour: 'red', horizonYears: 9, flock: [{}], timeZone: 7 };
  const parsed = parsePlanText(JSON.stringify(wrong));
  if (parsed.ok) throw new Error('a bad plan was taken');
  const lines = parsed.issues.map(issueLine);
  expect(lines).toContain('It has keys that a plan does not have: colour. Remove them.');
  expect(lines).toContain('name: Give it a name.');
  expect(lines).toContain('horizonYears: It is too large or too many: 5 is the most.');
  expect(lines.some((l) => l.startsWith('flock[0].sex: It must be one of: '))).toBe(true);
  for (const line of lines) expect(line.length).toBeGreaterThan(15);
});
