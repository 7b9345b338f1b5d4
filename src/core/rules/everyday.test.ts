import { METRES_PER_INCH, SQUARE_METRES_PER_SQUARE_FOOT } from '../kernel/units/factors.data';
import { EVERYDAY_AREAS, EVERYDAY_LENGTHS } from './everyday.data';
import { RULES } from './rules.data';
import { SCHOOLS } from './schools.data';
import { TOPICS } from './topics.data';

test.each(EVERYDAY_LENGTHS)('$si m decides of $metric cm and $imperial in', (row) => {
  const forms = [row.metric / 100, row.imperial * METRES_PER_INCH];
  const off = forms.map((m) => Math.abs(m - row.si));
  // the value that decides is one of the two, to half a millimetre, and lies outside neither
  expect(Math.min(...off)).toBeLessThan(5e-4);
  expect(row.si).toBeGreaterThanOrEqual(Math.min(...forms) - 5e-4);
  expect(row.si).toBeLessThanOrEqual(Math.max(...forms) + 5e-4);
});

test.each(EVERYDAY_AREAS)('$si m² decides of $metric m² and $imperial ft²', (row) => {
  const forms = [row.metric, row.imperial * SQUARE_METRES_PER_SQUARE_FOOT];
  expect(Math.abs(Math.min(...forms) - row.si)).toBeLessThan(2e-4);
});

test('each length that keepers give has both of its everyday forms', () => {
  const keepers = [
    ...Object.entries(RULES).flatMap(([id, f]) =>
      f.unit === 'm' && f.evidence === 'keepers' ? [[id, f.value] as const] : [],
    ),
    ...SCHOOLS.flatMap((row) => {
      const topic = TOPICS.find((t) => t.id === row.topic);
      const value = topic?.param ? row.params[topic.param] : undefined;
      return topic?.unit === 'm' && row.evidence === 'keepers' && value !== undefined
        ? [[row.id, value] as const]
        : [];
    }),
  ];
  expect(keepers.length).toBeGreaterThan(50);
  const known = new Set(EVERYDAY_LENGTHS.map((r) => r.si));
  expect(keepers.filter(([, value]) => !known.has(value))).toEqual([]);
});
