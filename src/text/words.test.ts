import { WITHOUT_REMEDY } from '@/core/remedies/without';
import { SCHOOLS } from '@/core/rules/schools.data';
import { CAUTION_WORDS } from './cautions';
import * as choices from './choices.data';
import { DEMAND_NAMES } from './demand';
import { FIELDS, PART_NAMES } from './fieldNames.data';
import { FINDING_WORDS } from './findings';
import { inUnits } from './inUnits';
import { GIVEN_NAMES, LINE_NAMES, MONTH_LINES } from './lineNames.data';
import { MARK_NAMES } from './marks';
import { NOTHING_FITS, REMEDY_WORDS } from './remedyWords.data';
import { RULE_WORDS } from './ruleWords.data';
import { STATION_IN_SENTENCE, STATION_NAMES } from './stations';
import { TOPIC_NAMES } from './topics';

interface Text {
  readonly where: string;
  readonly text: string;
}

const of = (where: string, words: Readonly<Record<string, string>>): Text[] =>
  Object.entries(words).map(([key, text]) => ({ where: `${where} ${key}`, text }));

/** Every text there is in tables, in both systems. */
const TEXTS: readonly Text[] = [
  ...Object.entries(FINDING_WORDS).flatMap(([code, { title, text }]) => [
    { where: `finding ${code}`, text: title },
    { where: `finding ${code}`, text },
  ]),
  ...of('remedy', REMEDY_WORDS),
  ...of('nothing fits', NOTHING_FITS),
  ...of('without remedy', WITHOUT_REMEDY as Readonly<Record<string, string>>),
  ...of('caution', CAUTION_WORDS),
  ...of('rule', RULE_WORDS),
  ...of('topic', TOPIC_NAMES),
  ...of('line', { ...LINE_NAMES, ...MONTH_LINES, ...GIVEN_NAMES }),
  ...of('mark', MARK_NAMES),
  ...of('demand', DEMAND_NAMES),
  ...of('part', PART_NAMES),
  ...of('station', STATION_NAMES),
  ...Object.values(STATION_IN_SENTENCE).map(({ the }) => ({ where: 'sentence', text: the })),
  ...Object.entries(FIELDS).map(([key, [name]]) => ({ where: `field ${key}`, text: name })),
  ...Object.values(choices)
    .flat()
    .map(({ id, name }) => ({ where: `choice ${id}`, text: name })),
  ...SCHOOLS.flatMap((r) => [
    { where: `school ${r.id}`, text: r.school },
    { where: `school ${r.id}`, text: r.why },
  ]),
].flatMap(({ where, text }) =>
  text.includes('[[')
    ? (['metric', 'imperial'] as const).map((units) => ({ where, text: inUnits(text, units) }))
    : [{ where, text }],
);

/** A word that is not said, and what is said for it; see docs/words.md. */
const NOT_SAID: readonly (readonly [RegExp, string])[] = [
  [/(?<!high )\bperch(es|ed)?\b/i, 'bar'],
  [/\broosts?\b(?! hold)/i, 'bar, but for the station'],
  [/\bschools?\b/i, 'rule'],
  [/\bnest box(es)?\b/i, 'box'],
  [/\bventilation\b/i, 'air'],
  [/(?<!oyster )\bshell (dish|in a dish|and grit)|\bof shell\b/i, 'oyster shell'],
  [/\bpop ?hole\b|\bhen door\b/i, 'pop door'],
  [/\blumber\b/i, 'timber'],
  [/\beye\b/i, 'sensor'],
  [/\bwants?\b|\bwanted\b/i, 'need'],
  [/\bheld to\b|\bhold to\b/i, 'judged from'],
  [/\bhouses?\b(?! order)|\bhen ?house\b/i, 'coop'],
  [/\bminimum\b|\bmaximum\b/i, 'at least, at most'],
  [/\brooster|\bchook/i, 'cock, hen'],
  [/\bstressed\b|\bcapacity\b/i, 'plain words'],
  [/\bpsi\b|\bMPa\b/i, 'nothing: the stress is in the working'],
  [/\ba dim-down\b|\bgrippy\b|\bsquabbl|\bcrouch|\bhog\b/i, 'a plain word'],
];

/** A text without the names of its numbers. */
const bare = (text: string): string => text.replace(/\{[^}]*\}/g, '…');

/** The station's own names. */
const ROOSTS = /^(station roosts|sentence)$/;

test('one word for one thing: no text has a word that another is said for', () => {
  const found = TEXTS.flatMap(({ where, text }) =>
    NOT_SAID.filter(([pattern]) => pattern.test(bare(text)) && !ROOSTS.test(where)).map(
      ([pattern, say]) => `${where}: “${pattern.exec(bare(text))?.[0]}” in “${text}”; say ${say}`,
    ),
  );
  expect(found).toEqual([]);
});

const MOST_WORDS = 25;

/** The sentences of a text; a placeholder counts for a word or two. */
const sentencesOf = ({ where, text }: Text): { where: string; words: number; text: string }[] =>
  text
    .split(/(?<=[.!?])\s+(?=[“A-Z{\d])/)
    .map((sentence) => ({ where, words: sentence.split(/\s+/).length, text: sentence }));

test('no sentence is longer than twenty-five words; the forty longest are these', () => {
  const longest = TEXTS.flatMap(sentencesOf)
    .sort((a, b) => b.words - a.words)
    .slice(0, 40);
  if (process.env.SHOW_SENTENCES) {
    process.stdout.write(
      longest.map(({ where, words, text }) => `${words}  ${text}  (${where})\n`).join(''),
    );
  }
  expect(longest).toHaveLength(40);
  expect(longest.filter(({ words }) => words > MOST_WORDS)).toEqual([]);
});
