import { readFileSync } from 'node:fs';
import { parsePlan } from '@/core/edit/parse';
import { samplePlans } from '@/core/edit/samples.data';
import { DAY } from '@/core/tests/plans';
import { areasTable, METHOD, withAreas } from './areasTable';
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

test('the areas read as a keeper would: more birds and heavier ones ask for more, foam for less, heat for more than cold', () => {
  const rows = areasTable()
    .split('\n')
    .slice(2)
    .map((line) => line.split('|').slice(2, -1))
    .map((cells) => cells.map((cell) => cell.split('/').map(Number) as [number, number]));
  expect(rows).toHaveLength(16);
  for (const [six, fourteen, heavy, bantams, foam] of rows) {
    if (!six || !fourteen || !heavy || !bantams || !foam) throw new Error('a cell is missing');
    for (const season of [0, 1] as const) {
      expect(six[season]).toBeGreaterThan(0.02);
      expect(fourteen[season]).toBeGreaterThanOrEqual(six[season]);
      expect(heavy[season]).toBeGreaterThanOrEqual(fourteen[season]);
      expect(foam[season]).toBeLessThanOrEqual(fourteen[season]);
    }
    expect(fourteen[0]).toBeGreaterThan(six[0]);
    expect(fourteen[1]).toBeGreaterThan(fourteen[0]);
  }
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
