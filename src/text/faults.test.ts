import { FAULTS } from '@/core/tests/faults';
import { FINDING_WORDS } from './findings';

test('every finding the program can raise has a plan that raises it alone, and a near miss', () => {
  expect([...new Set(FAULTS.map((f) => f.code))].sort()).toEqual(Object.keys(FINDING_WORDS).sort());
});
