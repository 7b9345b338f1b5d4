import { BREEDS } from '@/core/model/breeds.data';
import { readFlock } from './flockWords';

const DAY = '2026-11-24';

/** What was read, shortly: "10 brown-hybrid hen", with its day of hatch where it has one. */
const read = (text: string): string[] =>
  readFlock(text, DAY).birds.map(
    (b) =>
      `${b.count} ${b.breed} ${b.sex}${b.hatchedOn ? ` ${b.hatchedOn}` : ''}${b.raisedHere ? ' reared' : ''}`,
  );

/** Forty phrasings, and what a keeper means by them. */
const MEANT: Readonly<Record<string, readonly string[]>> = {
  '13 brown hens': ['13 brown-hybrid hen'],
  '6 Brahma and 2 ducks': ['6 brahma hen', '2 any-duck hen'],
  'a dozen chicks this spring': ['12 any-medium unsexed 2027-04-15 reared'],
  'six Sussex': ['6 sussex hen'],
  '4 Sussex, 4 Marans and 6 Barnevelders': ['4 sussex hen', '4 marans hen', '6 barnevelder hen'],
  'half a dozen leghorns': ['6 leghorn hen'],
  'two dozen layers': ['24 any-medium hen'],
  '3 hens and a cock': ['3 any-medium hen', '1 any-medium cock'],
  'a rooster and eight hens': ['1 any-medium cock', '8 any-medium hen'],
  '5 bantams': ['5 any-bantam hen'],
  '7 buff orpingtons': ['7 orpington hen'],
  '2 barred rocks': ['2 plymouth-rock hen'],
  '4 Rhode Island Reds': ['4 rhode-island-red hen'],
  '12 mixed hens': ['12 mixed-flock hen'],
  '20 birds': ['20 any-medium hen'],
  'twenty chickens': ['20 any-medium hen'],
  '3 heavy hens': ['3 any-heavy hen'],
  '3 large hens': ['3 any-heavy hen'],
  '5 light hens': ['5 any-light hen'],
  '2 indian runner ducks': ['2 indian-runner hen'],
  '3 pekin bantams': ['3 pekin-bantam hen'],
  '8 Leghorn pullets': ['8 leghorn hen 2026-08-04'],
  '8 Leghorn pullets of 16 weeks of age': ['8 leghorn hen 2026-08-04'],
  '6 16-week-old pullets': ['6 any-medium hen 2026-08-04'],
  '4 hens of 2 years of age': ['4 any-medium hen 2024-11-24'],
  '4 two-year-old hens': ['4 any-medium hen 2024-11-24'],
  '5 hens 18 months old': ['5 any-medium hen 2025-05-24'],
  '10 day-old chicks': ['10 any-medium unsexed 2026-11-24 reared'],
  '10 Sussex chicks next spring': ['10 sussex unsexed 2027-04-15 reared'],
  '6 chicks in May': ['6 any-medium unsexed 2027-05-15 reared'],
  '6 sexed barnevelder chicks in April': ['6 barnevelder hen 2027-04-15 reared'],
  'eight hens + one drake': ['8 any-medium hen', '1 any-duck cock'],
  'I have 9 red hens': ['9 brown-hybrid hen'],
  'we keep a pair of silkies': ['2 silkie hen'],
  '3 blue eggers': ['3 easter-egger hen'],
  '2 black sex-links': ['2 black-hybrid hen'],
  '1 hen': ['1 any-medium hen'],
  'a couple of ducks; six hens': ['2 any-duck hen', '6 any-medium hen'],
  '4 australorps\n3 marans': ['4 australorp hen', '3 marans hen'],
  '15 rescue hens': ['15 brown-hybrid hen'],
  'three ladies': ['3 any-medium hen'],
};

test.each(Object.entries(MEANT))('a flock in a keeper’s words: %s', (text, meant) => {
  expect(read(text)).toEqual(meant);
  expect(readFlock(text, DAY).unread).toEqual([]);
});

/** Twenty that mean nothing, or more than one thing: each is asked about. */
const ASKED: Readonly<Record<string, string>> = {
  hens: 'number',
  'some sussex': 'number',
  '10': 'kind',
  '3-4 hens': 'number',
  '3 or 4 hens': 'number',
  'many birds': 'number',
  'blue sky': 'both',
  '5 horses': 'kind',
  '10 brown horses': 'kind',
  '0 hens': 'tooMany',
  '9999 hens': 'tooMany',
  '-4 hens': 'number',
  '4.5 hens': 'number',
  '5 zzzz hens': 'kind',
  'hens hens hens': 'number',
  '2 2 hens': 'number',
  '6 cats': 'kind',
  'a lovely garden': 'kind',
  '3 hens aged 200 years old': 'age',
  '<script>': 'both',
};

test('there are forty of one and twenty of the other', () => {
  expect(Object.keys(MEANT).length).toBeGreaterThanOrEqual(40);
  expect(Object.keys(ASKED).length).toBeGreaterThanOrEqual(20);
});

test.each(Object.entries(ASKED))('what cannot be read is asked about: %s', (text, why) => {
  const { birds, unread } = readFlock(text, DAY);
  expect([birds, unread.map((u) => u.why)]).toEqual([[], [why]]);
});

test('of a flock read in part the rest is asked about, and nothing is lost', () => {
  const { birds, unread } = readFlock('6 brahma and some ducks', DAY);
  expect(birds.map((b) => [b.breed, b.count])).toEqual([['brahma', 6]]);
  expect(unread).toEqual([{ said: 'some ducks', why: 'number' }]);
});

test('south of the equator spring chicks hatch in October', () => {
  expect(readFlock('12 chicks this spring', DAY, true).birds[0]?.hatchedOn).toBe('2027-10-15');
  expect(readFlock('', DAY)).toEqual({ birds: [], unread: [] });
});

test('every breed of the list is read again by its name', () => {
  for (const { id, name } of BREEDS) {
    const { birds, unread } = readFlock(`6 ${name.replace(/, any breed$/, '')}`, '2026-11-24');
    expect([id, birds.map((b) => b.breed), unread]).toEqual([id, [id], []]);
  }
});

describe('a cock is of his hens’ kind', () => {
  const on = '2027-03-01';
  test.each([
    ['8 heavy hens and a cock', 'any-heavy'],
    ['8 orpingtons and a rooster', 'orpington'],
    ['3 bantams and a cock', 'any-bantam'],
    ['a cock and 4 leghorns', 'leghorn'],
    ['4 ducks and a cock', 'any-medium'],
    ['8 orpingtons and a leghorn cock', 'leghorn'],
  ])('%s', (said, breed) => {
    const cock = readFlock(said, on).birds.find((b) => b.sex === 'cock');
    expect(cock?.breed).toMatch(breed);
  });
});

test.each([
  ['½ dozen hens', 6],
  ['1/2 dozen hens', 6],
  ['half a dozen hens', 6],
  ['a half dozen hens', 6],
  ['half-dozen hens', 6],
  ['1½ dozen hens', 18],
  ['1 1/2 dozen hens', 18],
  ['two and a half dozen hens', 30],
  ['a dozen hens', 12],
  ['dozen hens', 12],
  ['2 dozen hens', 24],
  ['a couple dozen hens', 24],
])('%s are %d', (said, count) => {
  expect(readFlock(said, '2027-03-01')).toMatchObject({ birds: [{ count }], unread: [] });
});

test('how many “several dozen” are is asked', () => {
  expect(readFlock('several dozen hens', '2027-03-01').unread).toMatchObject([{ why: 'number' }]);
});
