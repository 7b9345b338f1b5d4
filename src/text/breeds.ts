import { classOfHen } from '@/core/birds/size';
import type { Breed, Comb, EggColour, Flight } from '@/core/model/breeds.data';
import type { BirdClass } from '@/core/model/classes.data';
import { BREED_ALIASES } from './breedAliases.data';

export const CLASS_NAMES: Readonly<Record<BirdClass, string>> = {
  bantam: 'bantam',
  lightLayer: 'light layer',
  medium: 'medium',
  heavy: 'heavy',
  giant: 'giant',
  lightDuck: 'light duck',
  heavyDuck: 'heavy duck',
  meat: 'meat bird',
};

export const EGG_COLOUR_NAMES: Readonly<Record<EggColour, string>> = {
  white: 'white',
  cream: 'cream',
  tinted: 'tinted',
  brown: 'brown',
  darkBrown: 'dark brown',
  blue: 'blue',
  green: 'green',
};

export const COMB_NAMES: Readonly<Record<Comb, string>> = {
  single: 'single comb',
  pea: 'pea comb',
  rose: 'rose comb',
  walnut: 'walnut comb',
  other: 'other comb',
};

export const FLIGHT_NAMES: Readonly<Record<Flight, string>> = {
  poor: 'poor flier',
  fair: 'fair flier',
  strong: 'strong flier',
};

const HARDY_FROM = 4;

/** The words a keeper may look for a breed by: its names, class, eggs, comb, hardiness, temper. */
export function breedWords(breed: Breed): string {
  const words = [
    breed.name,
    ...aliasesOf(breed),
    CLASS_NAMES[classOfHen(breed.kind, breed.henKg).id],
    `${EGG_COLOUR_NAMES[breed.eggColour]} eggs`,
    breed.kind === 'duck' ? '' : COMB_NAMES[breed.comb],
    FLIGHT_NAMES[breed.flight],
    breed.coldHardy >= HARDY_FROM ? 'cold hardy' : '',
    breed.heatHardy >= HARDY_FROM ? 'heat hardy' : '',
    breed.broodiness >= HARDY_FROM ? 'broody' : '',
  ];
  return plain(words.join(' '));
}

/** Whether every word typed begins a word of the breed's; accents and case do not matter. */
export const breedMatches = (breed: Breed, typed: string): boolean =>
  allBegin(wordsIn(typed), breedWords(breed));

/**
 * How well a breed answers what was typed, 0 … 1: its own name best, then one of its other names, then the rest.
 * @example breedRank(plymouthRock, 'barred rock') // 0.8
 */
export function breedRank(breed: Breed, typed: string): number {
  const words = wordsIn(typed);
  if (allBegin(words, breed.name)) return 1;
  if (aliasFor(breed, typed) !== null) return 0.8;
  return breedMatches(breed, typed) ? 0.5 : 0;
}

/** The other name by which a breed was found; null where its own name or none has all the words. */
export function aliasFor(breed: Breed, typed: string): string | null {
  const words = wordsIn(typed);
  if (words.length === 0 || allBegin(words, breed.name)) return null;
  return aliasesOf(breed).find((alias) => allBegin(words, alias)) ?? null;
}

const aliasesOf = (breed: Breed): readonly string[] => BREED_ALIASES[breed.id] ?? [];

const wordsIn = (text: string): string[] =>
  plain(text)
    .split(/[^a-z0-9']+/)
    .filter((w) => w !== '');

/** "hens" is found by hen, and "reds" by red. */
const allBegin = (typed: readonly string[], text: string): boolean => {
  const words = wordsIn(text);
  return typed.every((t) =>
    words.some((word) => word.startsWith(t) || (t.length > 3 && word === t.replace(/s$/, ''))),
  );
};

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
