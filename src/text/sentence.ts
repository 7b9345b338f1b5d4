import type { StationId } from '@/core/kernel/finding';
import type { Pair, Sentence } from '@/core/kernel/sentence';
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

/** The sentence as plain text, for the shell and for readers of the screen. */
export const sentenceText = (sentence: Sentence): string =>
  sentencePieces(sentence)
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
