import { BREEDS } from '@/core/model/breeds.data';
import { BREED_ALIASES } from './breedAliases.data';
import { aliasFor, breedMatches, breedRank } from './breeds';

const found = (typed: string): string[] =>
  BREEDS.filter((b) => breedMatches(b, typed)).map((b) => b.id);

test('a breed is found by its name as one types it, accents or not', () => {
  expect(found('suss')).toEqual(['sussex']);
  expect(found('FLECHE')).toEqual(['la-fleche']);
  expect(found('crèv')).toEqual(['crevecoeur']);
});

test('by class, egg colour, comb and hardiness, in any order', () => {
  expect(found('blue eggs pea')).toEqual(['ameraucana', 'araucana', 'easter-egger']);
  expect(found('cold pea heavy')).toEqual(['buckeye']);
  expect(found('heat hardy light').length).toBeGreaterThan(3);
  expect(found('dark brown')).toContain('marans');
  expect(found('zebra')).toEqual([]);
  expect(found('')).toHaveLength(BREEDS.length);
});

/** The breed that stands first for what is typed. */
const first = (typed: string): string | undefined =>
  [...BREEDS].sort((a, b) => breedRank(b, typed) - breedRank(a, typed))[0]?.id;

test.each([
  ['barred rock', 'plymouth-rock'],
  ['Buff Orpington', 'orpington'],
  ['buff orpingtons', 'orpington'],
  ['blue egger', 'easter-egger'],
  ['easter egger', 'easter-egger'],
  ['red hybrid', 'brown-hybrid'],
  ['brown hybrid', 'brown-hybrid'],
  ['black sex-link', 'black-hybrid'],
  ['red sexlink', 'brown-hybrid'],
  ['medium hen', 'any-medium'],
  ['mixed flock', 'mixed-flock'],
  ['black copper', 'marans'],
  ['silver laced', 'wyandotte'],
  ['turken', 'naked-neck'],
  ['cornish cross', 'meat-fast'],
  ['runner duck', 'indian-runner'],
  ['leghorn', 'leghorn'],
  ['rock', 'plymouth-rock'],
])('%j leads to %s, and says by which name', (typed, id) => {
  expect(first(typed)).toBe(id);
  const breed = BREEDS.find((b) => b.id === id);
  if (!breed) throw new Error(id);
  const own = breed.name.toLowerCase();
  const byName = typed
    .toLowerCase()
    .split(/[ -]/)
    .every((w) => own.includes(w));
  expect(aliasFor(breed, typed) === null).toBe(byName);
});

test('every other name belongs to a breed there is, and to one only', () => {
  const ids = new Set(BREEDS.map((b) => b.id));
  expect(Object.keys(BREED_ALIASES).filter((id) => !ids.has(id))).toEqual([]);
  const all = Object.values(BREED_ALIASES).flat();
  expect(all.filter((alias, i) => all.indexOf(alias) !== i)).toEqual([]);
});
