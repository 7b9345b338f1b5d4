import { classOfHen } from '@/core/birds/size';
import type { Breed, Comb, EggColour, Flight } from '@/core/model/breeds.data';
import type { BirdClass } from '@/core/model/classes.data';

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

/** The words a keeper may look for a breed by: its name, class, eggs, comb, hardiness, temper. */
export function breedWords(breed: Breed): string {
  const words = [
    breed.name,
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
export function breedMatches(breed: Breed, typed: string): boolean {
  const words = breedWords(breed).split(/[^a-z0-9']+/);
  return plain(typed)
    .split(/[^a-z0-9']+/)
    .filter((w) => w !== '')
    .every((w) => words.some((word) => word.startsWith(w)));
}

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
