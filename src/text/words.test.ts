import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { WITHOUT_REMEDY } from '@/core/remedies/without';
import { SCHOOLS } from '@/core/rules/schools.data';
import { CAUTION_WORDS } from './cautions';
import * as building from './choices.building.data';
import * as choices from './choices.data';
import { DECISION_WORDS } from './decisions';
import { DEMAND_NAMES } from './demand';
import { FIELDS, PART_NAMES } from './fieldNames.data';
import { FINDING_WORDS } from './findings';
import { inUnits } from './inUnits';
import { GIVEN_NAMES, LINE_NAMES, MONTH_LINES } from './lineNames.data';
import { MARK_NAMES } from './marks';
import { PLACE_NAMES } from './places';
import { PRESET_WORDS } from './presets';
import { NOTHING_FITS, REMEDY_WORDS } from './remedyWords.data';
import { RULE_WORDS } from './ruleWords.data';
import { STATION_IN_SENTENCE, STATION_NAMES } from './stations';
import { TOPIC_NAMES } from './topics';
import { MOST_WORDS, NOT_SAID } from './words.data';

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
  ...of('decision', DECISION_WORDS),
  ...of('place', PLACE_NAMES),
  ...Object.values(PRESET_WORDS).flatMap(({ name, why }) => [
    { where: 'preset', text: name },
    { where: 'preset', text: why },
  ]),
  ...of('demand', DEMAND_NAMES),
  ...of('part', PART_NAMES),
  ...of('station', STATION_NAMES),
  ...Object.values(STATION_IN_SENTENCE).map(({ the }) => ({ where: 'sentence', text: the })),
  ...Object.entries(FIELDS).map(([key, [name]]) => ({ where: `field ${key}`, text: name })),
  ...Object.values({ ...building, ...choices })
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

/** What is written by hand for readers, without its tables, its code and its headings. */
const DOCS = ['README.md', 'docs/method.md', 'docs/performance.md', 'docs/words.md'].map(
  (where) => ({
    where,
    text: readFileSync(join(import.meta.dirname, '../..', where), 'utf8')
      .replace(/```[\s\S]*?```/g, '')
      .replace(/^[|#].*$/gm, ''),
  }),
);

test('the docs are read as easily: no sentence of theirs is over thirty words', () => {
  const long = DOCS.flatMap(({ where, text }) =>
    text
      .split(/\n\s*\n|\n-\s/)
      .flatMap((part) => part.replace(/\s+/g, ' ').split(/(?<=[.!?:])\s+(?=[“A-Z*`[\d])/))
      .filter((sentence) => sentence.split(' ').length > 30)
      .map((sentence) => `${where}: ${sentence}`),
  );
  expect(long).toEqual([]);
});
