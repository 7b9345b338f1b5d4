import type { Finding, FindingCode, Severity } from '@/core/kernel/finding';
import type { Figures } from '@/core/kernel/working';
import type { Plan } from '@/core/model/schema';
import { formatDay } from './format';
import { sayFigure, sayValue } from './say';

/** `{name}` is a number of the finding, `{name|bare}` without its noun, `{fixtures}` the fixtures' names, `{from}` the day (where no number has that name). */
export interface FindingWords {
  readonly title: string;
  readonly text: string;
}

export type FindingTable = Readonly<Partial<Record<FindingCode, FindingWords>>>;

export const SEVERITY_NAMES: Readonly<Record<Severity, string>> = {
  harm: 'harm',
  short: 'short',
  awkward: 'awkward',
};

/** A run of words, a number of the finding, or the name of a fixture as the keeper gave it. */
export type FindingPiece =
  | { readonly kind: 'words'; readonly text: string }
  | {
      readonly kind: 'number';
      readonly name: string;
      readonly bare: boolean;
      /** Said with all its digits: another number of the finding would read the same. */
      readonly fine: boolean;
    }
  | { readonly kind: 'fixtures'; readonly names: string }
  | { readonly kind: 'day'; readonly day: string };

/** On which days a finding holds, where it is not told by its own words; null where it holds whatever the day. */
function whenText({ from, till, another }: Finding, text: string, on: string): string | null {
  if (!from || text.includes('{from}')) return null;
  const told =
    from <= on
      ? till
        ? `Now, until ${formatDay(till)}.`
        : 'Now, and it stays so.'
      : till
        ? `From ${formatDay(from)} until ${formatDay(till)}.`
        : `From ${formatDay(from)}.`;
  if (another === undefined) return told;
  return another <= on
    ? `${told} It is so now too.`
    : `${told} It is so ${another < from ? 'before' : 'again'}, from ${formatDay(another)}.`;
}

/** A sentence in pieces. */
function piecesOf(finding: Finding, text: string, plan: Plan): FindingPiece[] {
  return textOf(finding, text)
    .split(/(\{[\w|]+\})/)
    .filter((part) => part !== '')
    .map((part): FindingPiece => {
      const [, name, bare] = /^\{(\w+)(\|bare)?\}$/.exec(part) ?? [];
      if (name === undefined) return { kind: 'words', text: part };
      if (name === 'rule') return { kind: 'words', text: ruleInUse(finding, plan) };
      if (name === 'from' && !finding.numbers.from) return { kind: 'day', day: finding.from ?? '' };
      return name === 'fixtures'
        ? { kind: 'fixtures', names: fixtureNames(finding.fixtures, plan) }
        : {
            kind: 'number',
            name,
            bare: bare !== undefined,
            fine: readsTheSame(finding, name, plan),
          };
    });
}

/** What decides a figure where a keeper can choose: the usual rule until she has chosen one. */
const ruleInUse = ({ station }: Finding, { schools }: Plan): string =>
  schools[`${station}.area`] === undefined ? 'the usual rule' : 'the rule you chose';

/** Of boxes that are too small only what is too small about them is told. */
const BOX_SIDES = [
  ['width', 'neededWidth', 'narrow', 'wide'],
  ['depth', 'neededDepth', 'shallow', 'deep'],
  ['height', 'neededHeight', 'low', 'high'],
] as const;

/** Words for several birds, and those for one alone. */
const OF_ONE: readonly (readonly [string, string])[] = [
  ['{birds} weigh ', '{birds} weighs '],
  ['trap them', 'trap her'],
  ['They starve', 'She starves'],
  ['no other feeder for them', 'no other feeder for her'],
  ['they eat at the other feeder until they are', 'she eats at the other feeder until she is'],
];

function textOf(finding: Finding, text: string): string {
  if (finding.code.startsWith('feed.pedal.') && finding.numbers.birds?.value === 1) {
    return OF_ONE.reduce((said, [many, one]) => said.replace(many, one), text);
  }
  if (finding.code !== 'nests.box.small') return text;
  const { numbers } = finding;
  const lacking = BOX_SIDES.filter(
    ([is, needed]) => (numbers[is]?.value ?? 0) < (numbers[needed]?.value ?? 0) - 1e-9,
  );
  if (lacking.length === 0) return text;
  const too = lacking.map(([, , adjective]) => adjective).join(' and too ');
  const sides = lacking.map(
    ([is, needed, , word]) => `{${is}} ${word} where they need {${needed}}`,
  );
  return `In a tight box eggs crack and the sides are fouled. {fixtures}: too ${too} for the largest hens, ${sides.join(', ')}.`;
}

/** Whether a number of a finding is another than one beside it, and would read the same: 38 cm where 38 cm is the least. */
function readsTheSame({ numbers }: Finding, name: string, { units }: Plan): boolean {
  const own = numbers[name];
  if (!own) return false;
  const text = sayValue(own.value, own.unit, units);
  return Object.values(numbers).some(
    (other) =>
      other.unit === own.unit &&
      Math.abs(other.value - own.value) > 1e-9 &&
      sayValue(other.value, other.unit, units) === text,
  );
}

function fixtureNames(ids: readonly string[], plan: Plan): string {
  const named = [...plan.fixtures, ...plan.flock];
  const names = ids.map((id) => named.find((f) => f.id === id)?.name ?? id);
  const last = names.pop();
  return names.length === 0 ? (last ?? '') : `${names.join(', ')} and ${last}`;
}

/**
 * Says findings by a table of words: of all of them, or of those that are known to be wanted.
 * @throws where a finding has no words in it
 */
export function sayingFindings(table: FindingTable) {
  const wordsOf = ({ code }: Finding): FindingWords => {
    const words = table[code];
    if (!words) throw new Error(`no words for the finding ${code}`);
    return words;
  };
  const when = (finding: Finding, on: string): string | null =>
    whenText(finding, wordsOf(finding).text, on);
  const pieces = (finding: Finding, plan: Plan): FindingPiece[] =>
    piecesOf(finding, wordsOf(finding).text, plan);
  return {
    title: (finding: Finding): string => wordsOf(finding).title,
    /** On which days a finding holds; null where it holds whatever the day, or its own words tell. */
    when,
    /** The same in pieces, so that a screen can mark each day as one. */
    whenPieces: (finding: Finding, on: string): readonly string[] =>
      when(finding, on)?.split(/(\d+ \w+ \d{4})/) ?? [],
    /** A finding's sentence in pieces, so that a screen can make each number lead to its working. */
    pieces,
    /** A finding's sentence as plain text. */
    text: (finding: Finding, plan: Plan, figures: Figures): string =>
      pieces(finding, plan)
        .map((piece) => {
          if (piece.kind === 'words') return piece.text;
          if (piece.kind === 'fixtures') return piece.names;
          if (piece.kind === 'day') return formatDay(piece.day);
          const figure = figures.get(finding.numbers[piece.name]?.figure ?? '');
          return figure ? sayFigure(figure, plan.units, piece.bare, piece.fine) : '';
        })
        .join(''),
  };
}

export type FindingSay = ReturnType<typeof sayingFindings>;
