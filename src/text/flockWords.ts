import { addWeeks, format, parseISO, subDays, subMonths, subWeeks, subYears } from 'date-fns';
import { springHatch } from '@/core/edit/defaults';
import { DAY_MS } from '@/core/kernel/units/day';
import { BREEDS } from '@/core/model/breeds.data';
import type { PlanClimate } from '@/core/model/schema';
import { breedIn } from './flockBreeds';
import { KINDS, NUMBERS } from './flockWords.data';

/** Birds as they were read from a keeper's words. */
export interface ReadBirds {
  readonly breed: string;
  readonly breedName: string;
  readonly count: number;
  readonly sex: 'hen' | 'cock' | 'unsexed';
  /** Known day of hatch; null where nothing was said of their age. */
  readonly hatchedOn: string | null;
  readonly arrivesOn: string;
  /** Chicks that are reared here. */
  readonly raisedHere: boolean;
  /** The words they were read from. */
  readonly said: string;
  /** Whether no breed was named, so that a middling one stands for them. */
  readonly anyBreed: boolean;
}

/** Words that could not be read, and what is missing in them. */
export interface Unread {
  readonly said: string;
  readonly why: 'number' | 'kind' | 'both' | 'tooMany' | 'age';
}

export interface ReadFlock {
  readonly birds: readonly ReadBirds[];
  readonly unread: readonly Unread[];
}

/** More birds than a backyard plan takes of one kind. */
const MOST = 500;

/**
 * A flock from a keeper's own words: a number, a breed or a kind, and an age where one is said.
 * Nothing is guessed in silence: a part without a number or without birds is given back.
 * @param on     the day it is read on
 * @param south  whether it is autumn there when it is spring in the north
 * @example readFlock('6 brahma and 2 ducks', today).birds.map((b) => b.count) // [6, 2]
 */
export function readFlock(text: string, on: string, south = false): ReadFlock {
  const birds: ReadBirds[] = [];
  const unread: Unread[] = [];
  for (const said of partsOf(text)) {
    const read = readPart(said, on, south);
    if ('why' in read) unread.push(read);
    else birds.push(read);
  }
  return { birds: birds.map((b, i) => ofHisHens(b, i, birds)), unread };
}

/**
 * A cock of whom only his sex is said is of his hens' kind: of those said before him, else of those after. A drake is
 * of his ducks'.
 */
function ofHisHens(bird: ReadBirds, at: number, all: readonly ReadBirds[]): ReadBirds {
  const isAny = bird.sex === 'cock' && (bird.breed === 'any-medium' || bird.breed === 'any-duck');
  if (!isAny) return bird;
  const isDuck = (b: ReadBirds): boolean => kindOf(b.breed) === 'duck';
  const hens = [...all.slice(0, at).reverse(), ...all.slice(at + 1)].find(
    (b) => b.sex !== 'cock' && isDuck(b) === isDuck(bird) && kindOf(b.breed) !== 'meat',
  );
  return hens === undefined
    ? bird
    : { ...bird, breed: hens.breed, breedName: hens.breedName, anyBreed: hens.anyBreed };
}

const kindOf = (breed: string): string | undefined => BREEDS.find((b) => b.id === breed)?.kind;

/** "6 brahma and 2 ducks" in its parts; "half a dozen" and "a year and a half" stay whole. */
const partsOf = (text: string): string[] =>
  inDozens(text)
    .replace(/\n/g, ';')
    .replace(/\s+/g, ' ')
    .replace(/\b(year|month|week)s? and a half\b/gi, '$1 1/2')
    .split(/\s*(?:[,;+&/]|\band\b|\bplus\b|\bwith\b)\s*/i)
    .map((part) => part.trim())
    .filter((part) => part !== '');

/** "½ dozen", "1 1/2 dozen" and "two and a half dozen" as "0.5 dozen", "1.5 dozen", "2.5 dozen". */
const inDozens = (text: string): string =>
  text.replace(
    /(?:\b(?!an? )(\w+) )?(?:(\d+) ?)?(?:\b(?:and )?(?:a )?half(?: a)?|½|(?<![\d/])1\/2)[ -](?=doz)/gi,
    (_, word: string | undefined, figures: string | undefined) => {
      const before = figures ?? word;
      const whole = before === undefined ? 0 : amountOf(before.toLowerCase());
      return whole === null ? `${before} 0.5 ` : `${whole + 0.5} `;
    },
  );

function readPart(said: string, on: string, south: boolean): ReadBirds | Unread {
  const plain = said
    .toLowerCase()
    .replace(/[’']/g, "'")
    .replace(/[.!]+$/, '');
  const aged = takeAge(plain, on, south);
  if (aged === null) return { said, why: 'age' };
  const counted = takeCount(aged.rest);
  const kind = KINDS.find(({ pattern }) => pattern.test(aged.rest)) ?? null;
  const breed = breedIn(counted?.rest ?? aged.rest, kind !== null);
  if (breed === null) return { said, why: counted === null ? 'both' : 'kind' };
  if (counted === null) return { said, why: 'number' };
  if (counted.count < 1 || counted.count > MOST) return { said, why: 'tooMany' };
  const young = aged.young ?? kind?.young ?? null;
  const sex = kind?.sex ?? (young === 'chicks' ? 'unsexed' : 'hen');
  return {
    breed: breed.breed.id,
    breedName: breed.breed.name,
    count: counted.count,
    // chicks of one sex are said to be so
    sex: young === 'chicks' && /\b(hen|female|pullet|sexed)\b/.test(aged.rest) ? 'hen' : sex,
    ...lifeOf(young, aged.hatchedOn, on, south),
    said,
    anyBreed: breed.any,
  };
}

/** When they hatch, and from when they live in the coop. */
function lifeOf(
  young: 'chicks' | 'pullets' | null,
  hatchedOn: string | null,
  on: string,
  south: boolean,
): Pick<ReadBirds, 'hatchedOn' | 'arrivesOn' | 'raisedHere'> {
  if (young === 'chicks') {
    const hatched = hatchedOn ?? hatchDay(on, south);
    const moves = iso(addWeeks(parseISO(hatched), WEEKS_TO_THE_COOP));
    return { hatchedOn: hatched, arrivesOn: moves > on ? moves : on, raisedHere: moves > on };
  }
  if (hatchedOn !== null) return { hatchedOn, arrivesOn: on, raisedHere: false };
  if (young === 'pullets') {
    return {
      hatchedOn: iso(subWeeks(parseISO(on), PULLET_WEEKS)),
      arrivesOn: on,
      raisedHere: false,
    };
  }
  return { hatchedOn: null, arrivesOn: on, raisedHere: false };
}

const WEEKS_TO_THE_COOP = 8;

const MONTHS = [
  ...['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september'],
  ...['october', 'november', 'december'],
];

/** The next spring's usual day of hatch; of a month that is named, the middle of the next one. */
function hatchDay(on: string, south: boolean, month?: string): string {
  const at = month === undefined ? -1 : MONTHS.indexOf(month);
  if (at < 0) {
    return springHatch({ climate: south ? SOUTH : null }, on, 0);
  }
  const year = Number(on.slice(0, 4));
  const day = `${String(at + 1).padStart(2, '0')}-15`;
  return `${`${year}-${day}` > on ? year : year + 1}-${day}`;
}

/** Any place south of the equator: of it only the season is read. */
const SOUTH = { latitudeDeg: -1 } as PlanClimate;
/** Pullets of whom nothing else is said are sold at this age, weeks. Source: keepers. */
const PULLET_WEEKS = 16;

const iso = (day: Date): string => format(day, 'yyyy-MM-dd');

interface Aged {
  readonly rest: string;
  readonly hatchedOn: string | null;
  readonly young: 'chicks' | 'pullets' | null;
}

/** Takes what is said of their age out of the words; null where it is said and cannot be. */
function takeAge(text: string, on: string, south: boolean): Aged | null {
  const day = parseISO(on);
  // "ten day-old chicks" are ten, where no other number stands beside them
  const dayOld = /\bday[- ]olds?\b/.exec(text);
  if (dayOld && takeCount(text.replace(/\S+[ -]day[- ]olds?\b/, ' ')) === null) {
    return { rest: text.replace(dayOld[0], ' '), hatchedOn: on, young: 'chicks' };
  }
  const old =
    /\b(?:aged? (?:of )?)?([a-z]+|\d+(?:\.\d+)?(?: 1\/2)?)[- ](day|week|month|year|wk|yr)s?(?:[- ]olds?|\b(?= of age))?(?: of age)?\b/.exec(
      text,
    );
  if (old) {
    const n = amountOf(old[1] ?? '');
    if (n !== null) {
      const rest = text.replace(old[0], ' ');
      const unit = old[2] ?? 'year';
      const hatched = {
        day: subDays(day, Math.round(n)),
        week: subWeeks(day, Math.round(n)),
        wk: subWeeks(day, Math.round(n)),
        month: subMonths(day, Math.round(n)),
        year: subMonths(day, Math.round(n * 12)),
        yr: subMonths(day, Math.round(n * 12)),
      }[unit];
      if (!hatched || hatched < subYears(day, 25)) return null;
      const weeks = (day.getTime() - hatched.getTime()) / (7 * DAY_MS);
      return { rest, hatchedOn: iso(hatched), young: weeks < 6 ? 'chicks' : null };
    }
  }
  const season = new RegExp(
    `\\b(?:this|next|in|the coming|in the|coming|for) ?(spring|${MONTHS.join('|')})\\b`,
  ).exec(text);
  if (season) {
    const rest = text.replace(season[0], ' ');
    return { rest, hatchedOn: hatchDay(on, south, season[1]), young: 'chicks' };
  }
  return { rest: text, hatchedOn: null, young: null };
}

const amountOf = (word: string): number | null => {
  const half = /^(\d+) 1\/2$/.exec(word);
  if (half) return Number(half[1]) + 0.5;
  const n = NUMBERS[word] ?? Number(word);
  return word !== '' && Number.isFinite(n) && !(word === 'a' && n !== 1) ? n : null;
};

interface Counted {
  readonly rest: string;
  readonly count: number;
}

/** Takes the number out of the words: figures, or a number in words, by the dozen too. */
function takeCount(text: string): Counted | null {
  const dozens = /(?:(\S+) )?\bdozens?\b/.exec(text);
  if (dozens) {
    const times = dozens[1] === undefined ? 1 : dozenTimes(dozens[1]);
    const count = times === null ? Number.NaN : times * 12;
    return Number.isInteger(count) ? { rest: text.replace(dozens[0], ' '), count } : null;
  }
  // "3-4 hens", "3 to 4 hens": which of them is not ours to say
  if (/\d+\s*(?:-|–|to|or)\s*\d+/.test(text)) return null;
  const figures = /(?<![\d.,-])(\d+)(?![\d.,]*\d)(?:\s*x\b)?/.exec(text);
  if (figures) {
    const others = text.replace(figures[0], ' ');
    return /\d/.test(others) ? null : { rest: others, count: Number(figures[1]) };
  }
  // "a pair of silkies" is two
  const words = text.split(' ');
  for (const word of [...words.filter((w) => !/^an?$/.test(w)), ...words]) {
    const n = NUMBERS[word];
    if (n !== undefined) return { rest: text.replace(new RegExp(`\\b${word}\\b`), ' '), count: n };
  }
  return null;
}

/** How many dozens a word before it says: "two", "1.5", "couple"; null where it says none. */
const dozenTimes = (word: string): number | null =>
  /^(my|our|the|about|some)$/.test(word) ? 1 : amountOf(word);

/**
 * The same words with another number in them.
 * @param was  the number that was read from them
 * @example withCount('a dozen brown hens', 12, 11) // '11 brown hens'
 */
export function withCount(said: string, was: number, count: number): string {
  const figures = new RegExp(`(?<![\\d.,-])${was}(?![\\d.,-])`);
  if (figures.test(said)) return said.replace(figures, String(count));
  const rest = takeCount(said.toLowerCase())?.rest ?? said;
  return `${count} ${rest.replace(/\s+/g, ' ').trim()}`;
}
