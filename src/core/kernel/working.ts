import type { FigureEvidence } from './evidence';

export const UNITS = [
  'm',
  'm2',
  'kg',
  'birds',
  'hens',
  'boxes',
  'bars',
  'hensPerBox',
  'ratio',
  'celsius',
  'kelvin',
  'days',
  'weeks',
  'months',
  'eggsDay',
  'kgDay',
  'gramsDay',
  'litresDay',
  'litres',
  'pouredLitres',
  'bulkLitres',
  'dozens',
  'bags',
  'watts',
  'wattsKelvin',
  'metresSecond',
  'kcalDay',
  'kcalKg',
  'kcalGram',
  'degrees',
  'minutes',
  'hours',
  'kgLitre',
  'kgM3',
  'kgM2',
  'lux',
  'chicks',
  'pascals',
  'newtonsM',
  'm3',
  'm4',
  'share',
  'doors',
  'brackets',
  'dishes',
  'eggs',
  'outlets',
  'tiers',
  'things',
  'bales',
  'money',
  'kilowattHours',
  'electricWatts',
  'litresSecond',
  'millimetres',
] as const;
export type Unit = (typeof UNITS)[number];

/** A named intermediate: one number, or one a group, bar or bank in the order of the plan. */
export type PartValue = number | readonly number[];

/** Where a line's value comes from when no formula gives it. */
export type Given =
  | 'entered'
  | 'school'
  | 'found'
  | 'keepers'
  | 'breed-standards'
  | 'nrc-1994'
  | 'cigr-2002'
  | 'air-network'
  | 'timber-tables'
  | 'wide-rafter';

/**
 * How one intermediate is explained. `formula` names other lines of the same working;
 * it is arithmetic in plain notation (`sum`, `wholeDown`, `wholeUp`, `.*` for item by item),
 * so that a test can evaluate what the keeper reads.
 */
/** What a list has one of for each. */
export type Each =
  | 'group'
  | 'bar'
  | 'bank'
  | 'taker'
  | 'station'
  | 'opening'
  | 'feeder'
  | 'drinker';

export type LineSpec = { readonly unit: Unit; readonly each?: Each } & (
  | { readonly formula: string }
  | { readonly given: Given }
);

/** Explains every intermediate of one kind of figure, in reading order; the result is one of them. */
export interface Explained<K extends string = string> {
  readonly result: K;
  readonly lines: Readonly<Record<K, LineSpec>>;
}

/** The same in its table, with the key it has there. */
export interface WorkingSpec<K extends string = string> extends Explained<K> {
  readonly key: string;
}

/** Keeps a spec's own line names while holding it to the type. */
export const working = <const L extends Readonly<Record<string, LineSpec>>>(spec: {
  readonly result: keyof L & string;
  readonly lines: L;
}): Explained<keyof L & string> => spec;

/** A table of workings: each carries its own key. */
export const workings = <
  const T extends Readonly<
    Record<string, { readonly result: string; readonly lines: Readonly<Record<string, LineSpec>> }>
  >,
>(
  table: T,
): { readonly [K in keyof T]: T[K] & { readonly key: K & string } } =>
  Object.fromEntries(Object.entries(table).map(([key, spec]) => [key, { ...spec, key }])) as never;

/** A number that a keeper can be shown, with what it rests on. */
export interface Figure {
  readonly id: string;
  readonly value: number;
  readonly unit: Unit;
  readonly evidence: FigureEvidence;
  readonly source: string;
  /** Key into the table of working specs. */
  readonly working: string;
  readonly parts: Readonly<Record<string, PartValue>>;
  /** The topic of the rule behind it, where a school was chosen. */
  readonly topic?: string;
}

/** Ids behind the items of workings' lists: one order for every list that has one for each. */
export type Items = Readonly<Record<Each, readonly string[]>>;

/** Figures by their ids. */
export type Figures = ReadonlyMap<string, Figure>;

/** What a figure rests on. */
export interface Basis {
  readonly evidence: FigureEvidence;
  readonly source: string;
  readonly topic?: string;
}

export const ENTERED: Basis = { evidence: 'entered', source: 'plan' };
export const BREED_STANDARD: Basis = { evidence: 'published', source: 'breed-standards' };
export const KEEPERS: Basis = { evidence: 'keepers', source: 'keepers' };
export const ASSUMED: Basis = { evidence: 'assumption', source: 'wide-rafter' };

/**
 * Makes a figure of the arithmetic's named intermediates.
 * An intermediate without a line in the spec, or a line without its value, does not compile.
 */
export function figure<K extends string>(
  id: string,
  spec: WorkingSpec<K>,
  parts: Readonly<Record<NoInfer<K>, PartValue>>,
  basis: Basis,
): Figure {
  const value = parts[spec.result];
  if (typeof value !== 'number') throw new Error(`the result of ${id} is a list`);
  return { id, value, unit: spec.lines[spec.result].unit, working: spec.key, parts, ...basis };
}
