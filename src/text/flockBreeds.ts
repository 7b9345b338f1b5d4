import { BREEDS, type Breed } from '@/core/model/breeds.data';
import { BREED_ALIASES } from './breedAliases.data';
import { FILLERS, PLAIN } from './flockWords.data';

const KIND_WORDS =
  /\b(hens?|cocks?|cockerels?|roosters?|roos?|pullets?|chicks?|hatchlings?|chickens?|birds?|layers?|girls|ladies|chooks?|poultry|females?|males?|sexed|unsexed|growers?|point|lay)\b/g;

export const tidied = (text: string): string =>
  text
    .replace(/[^a-zà-ÿ' -]/g, ' ')
    .replace(/(^|\s)[-']+(?=\s|$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/** The breed that the words name, or one that stands for birds of which only their kind is said. */
export function breedIn(text: string, hasKind: boolean): { breed: Breed; any: boolean } | null {
  const words = tidied(text.replace(FILLERS, ' '));
  const named = tidied(words.replace(KIND_WORDS, ' '));
  const plain = PLAIN.find(([pattern]) => pattern.test(words));
  const left = tidied(
    PLAIN.reduce((rest, [pattern]) => rest.replace(new RegExp(pattern.source, 'g'), ' '), named),
  );
  if (left === '') {
    if (plain) return { breed: breedOf(plain[1]), any: true };
    return hasKind ? { breed: breedOf('any-medium'), any: true } : null;
  }
  const exact = found(named) ?? found(left);
  return exact ? { breed: exact, any: false } : null;
}

/** Of a breed in the plural the singular: "silkies", "reds", "wyandottes". */
const singular = (word: string): string => word.replace(/(?<!s)s$/, '');

const wordsOf = (name: string): string[] =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter((w) => w !== '')
    .map(singular);

/** Every breed's own name and its other names, as words. */
const NAMES = BREEDS.map((breed) => ({
  breed,
  names: [breed.name, ...(BREED_ALIASES[breed.id] ?? [])].map(wordsOf),
}));

/** The breed that has all of these words in one of its names, whole; the one with the fewest words beside them. */
function found(text: string): Breed | null {
  const words = wordsOf(text);
  if (words.length === 0) return null;
  let best: { breed: Breed; more: number } | null = null;
  for (const { breed, names } of NAMES) {
    for (const name of names) {
      if (!words.every((w) => name.includes(w))) continue;
      const more = name.length - words.length;
      if (best === null || more < best.more) best = { breed, more };
    }
  }
  return best?.breed ?? null;
}

export const breedOf = (id: string): Breed => {
  const breed = BREEDS.find((b) => b.id === id);
  if (!breed) throw new Error(`no breed has the id ${id}`);
  return breed;
};
