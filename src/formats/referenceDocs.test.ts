import { readFileSync } from 'node:fs';
import { parsePlan } from '@/core/edit/parse';
import { samplePlans } from '@/core/edit/samples.data';
import { DAY } from '@/core/tests/plans';
import { METHOD, withAreas } from './areasTable';
import { referenceDocs, unusedLineNames } from './referenceDocs';

test.each(Object.entries(referenceDocs()))(
  '%s is what the code says (else: npm run docs)',
  (path, text) => {
    expect(readFileSync(path, 'utf8')).toBe(text);
  },
);

test('the areas by climate in docs/method.md are what the code says (else: npm run docs)', () => {
  const page = readFileSync(METHOD, 'utf8');
  expect(page).toBe(withAreas(page));
});

test('no words are left over from a working that is gone', () => {
  expect(unusedLineNames()).toEqual([]);
});

test('the schema shipped describes what is read: every key of a plan, and no other', () => {
  const schema = JSON.parse(readFileSync('docs/plan.schema.json', 'utf8'));
  for (const plan of samplePlans(DAY)) {
    expect(parsePlan(plan).ok).toBe(true);
    expect(Object.keys(plan).sort()).toEqual(Object.keys(schema.properties).sort());
    expect(Object.keys(plan)).toEqual(expect.arrayContaining(schema.required));
  }
  expect(schema.additionalProperties).toBe(false);
});
