import { BREEDS } from '@/core/model/breeds.data';
import { breedMatches } from './breeds';

const found = (typed: string): string[] =>
  BREEDS.filter((b) => breedMatches(b, typed)).map((b) => b.id);

test('a breed is found by its name as one types it, accents or not', () => {
  expect(found('suss')).toEqual(['sussex']);
  expect(found('FLECHE')).toEqual(['la-fleche']);
  expect(found('crèv')).toEqual(['crevecoeur']);
});

test('by class, egg colour, comb and hardiness, in any order', () => {
  expect(found('blue eggs')).toEqual(['ameraucana', 'araucana', 'cream-legbar']);
  expect(found('cold pea heavy')).toEqual(['buckeye']);
  expect(found('heat hardy light').length).toBeGreaterThan(3);
  expect(found('dark brown')).toContain('marans');
  expect(found('zebra')).toEqual([]);
  expect(found('')).toHaveLength(BREEDS.length);
});
