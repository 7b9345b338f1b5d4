import type { StationId } from '@/core/kernel/finding';
import type { Apart, Kind, Pair, Sentence } from '@/core/kernel/sentence';
import { formatDay } from './format';
import { STATION_IN_SENTENCE } from './stations';

/** A run of words, or a number that leads to its working. */
export type Piece =
  | string
  | { readonly figure: string; readonly value: number }
  | { readonly day: string };

/** The one sentence, in pieces, so that a screen can make each number lead to its working. */
export function sentencePieces(sentence: Sentence): Piece[] {
  switch (sentence.kind) {
    case 'noBirds':
      return ['Add birds to see if they fit.'];
    case 'notEntered':
      return [`Enter ${named(sentence.stations)} to see what this coop carries.`];
    case 'short':
      if (sentence.apart) return apartPieces(sentence.apart, sentence.planned);
      return [
        ...carriesAndPlan(sentence.carries, sentence.planned),
        ` ${heldBack(sentence.heldBackBy)}${sentence.pair ? ': ' : '.'}`,
        ...(sentence.pair ? pairPieces(sentence.pair) : []),
      ];
    case 'enough':
      return [
        ...carriesAndPlan(sentence.carries, sentence.planned, sentence.orMore),
        ...(sentence.room > 0
          ? [
              ' Room for ',
              { figure: 'coop.room', value: sentence.room },
              sentence.orMore ? ' or more; ' : ' more; ',
            ]
          : [' No room to spare; ']),
        comesNext(sentence.next),
      ];
  }
}

/** What stands in a line beneath the sentence, where it tells kinds apart; empty where it does not. */
export const beneathPieces = (sentence: Sentence): Piece[] =>
  sentence.kind === 'short' && sentence.apart && sentence.apart.others.length > 0
    ? [
        `${capital(heldBack(sentence.heldBackBy))}. As one flock: `,
        { figure: 'coop.carries', value: sentence.carries },
        ' of ',
        { figure: 'coop.planned', value: sentence.planned },
        '.',
      ]
    : [];

/** The sentence as plain text, for the shell and for readers of the screen. */
export const sentenceText = (sentence: Sentence): string =>
  [...sentencePieces(sentence), ...beneath(beneathPieces(sentence))]
    .map((p) => (typeof p === 'string' ? p : 'day' in p ? formatDay(p.day) : String(p.value)))
    .join('');

function carriesAndPlan(carries: number, planned: number, orMore = false): Piece[] {
  return [
    'This coop carries ',
    { figure: 'coop.carries', value: carries },
    `${carries === 1 ? ' bird' : ' birds'}${orMore ? ' or more' : ''}. You plan `,
    { figure: 'coop.planned', value: planned },
    '.',
  ];
}

const beneath = (pieces: readonly Piece[]): Piece[] =>
  pieces.length === 0 ? [] : [' ', ...pieces];

/** Who is carried, and of which kind nobody is, with what they lack. */
function apartPieces(
  { station, lack, none, others, carried, from }: Apart,
  planned: number,
): Piece[] {
  const nobody = none.reduce((a, k) => a + k.birds, 0);
  const then = from === null ? ' here now' : ' then here';
  const one = nobody === 1;
  return [
    ...(others.length === 0
      ? [`This coop ${one ? 'does not carry the ' : 'carries none of the '}`]
      : [
          'This coop carries ',
          { figure: 'coop.others', value: carried },
          ` ${kindsWords(others, carried)} ${one ? 'but not the ' : 'and none of the '}`,
        ]),
    { figure: 'coop.none', value: nobody },
    ` ${kindsWords(none, nobody, others.length > 0)}`,
    ...(others.length === 0 && nobody !== planned ? [then] : []),
    `: ${LACKS[station]?.[lack] ?? 'no room for one of them'}`,
    ...(from === null ? ['.'] : [', from ', { day: from }, '.']),
    ' You plan ',
    { figure: 'coop.planned', value: planned },
    '.',
  ];
}

/** One kind or two are named; of more it is said how many kinds they are, where there are others beside them. */
function kindsWords(kinds: readonly Kind[], n: number, beside = false): string {
  const [first, second] = kinds;
  if (first && kinds.length === 1) return kindWords(first, n);
  if (first && second && kinds.length === 2) {
    return sexWord(first) === sexWord(second)
      ? `${breedWord(first)} and ${kindWords(second, n)}`
      : `${kindWords(first, n)} and ${kindWords(second, n)}`;
  }
  const birds = n === 1 ? 'bird' : 'birds';
  return beside ? `${birds} of ${COUNTED[kinds.length] ?? 'several'} other kinds` : birds;
}

/** What one of them is called beside her breed. */
const sexWord = ({ kind, sex }: Kind): string =>
  kind === 'duck' ? (sex === 'hen' ? 'duck' : 'drake') : sex;

/** A breed as it stands before the word for its sex: "any breed" is said by its size, a mixed flock not at all. */
function breedWord({ breed }: Kind): string {
  const word = breed.replace(/,.*/, '').replace(/ ?\b(duck|drake|hen|layer|mixed flock)$/i, '');
  // a size or a make is no name
  return /,|hybrid/i.test(breed) ? word.toLowerCase() : word;
}

/** Birds of a breed and sex. @example kindWords({ breed: 'Brahma', kind: 'chicken', sex: 'hen', birds: 4 }, 4) // 'Brahma hens' */
const kindWords = (kind: Kind, n: number): string =>
  `${breedWord(kind)} ${sexWord(kind)}${n === 1 ? '' : 's'}`.trimStart();

/** What a kind lacks at a station of which nobody of it is served. */
const LACKS: Readonly<Partial<Record<StationId, Readonly<Record<Apart['lack'], string>>>>> = {
  floor: { reach: 'no room on the floor', room: 'no room on the floor' },
  roosts: { reach: 'no bar they can climb to', room: 'no bar with room for one of them' },
  nests: { reach: 'no box they can use', room: 'no box they can use' },
  air: { reach: 'too little air', room: 'too little air for one of them' },
  feed: { reach: 'no feeder they can eat from', room: 'no feeder they can eat from' },
  water: { reach: 'no drinker they can drink from', room: 'no drinker they can drink from' },
  door: { reach: 'no door they fit through', room: 'no door they fit through' },
};

/** One is named; two are both named; of more, the first and how many others. */
function named(stations: readonly StationId[]): string {
  const [first, second] = stations.map((s) => STATION_IN_SENTENCE[s].the);
  if (first === undefined) return '';
  if (second === undefined) return first;
  return stations.length === 2
    ? `${first} and ${second}`
    : `${first} and ${COUNTED[stations.length - 1] ?? 'several'} more`;
}

/** How many stations are not named: in words, since a figure would lead to a working. */
const COUNTED = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'] as const;

const plural = (stations: readonly StationId[]): boolean =>
  stations.length > 1 || stations.some((s) => STATION_IN_SENTENCE[s].plural);

const heldBack = (stations: readonly StationId[]): string =>
  `${capital(named(stations))} ${plural(stations) ? 'hold' : 'holds'} it back`;

/** What the day that sets it comes to, where other birds live here on it than the planned ones. */
const pairPieces = ({ from, birds, of }: Pair): Piece[] => [
  ...(from === null ? [] : ['from ', { day: from }, ', ']),
  { figure: 'coop.pair.birds', value: birds },
  ' of the ',
  { figure: 'coop.pair.of', value: of },
  ` birds ${from === null ? 'here now' : 'then here'}.`,
];

const comesNext = (stations: readonly StationId[]): string =>
  `${named(stations)} ${plural(stations) ? 'come' : 'comes'} next.`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
