import type { FigureEvidence } from '../kernel/evidence';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { RULES, type RuleId, ruled } from './rules.data';
import { SCHOOLS } from './schools.data';
import { TOPICS } from './topics.data';
import type { RuleBook, RuleRow, Scale, Topic } from './types';

/** The rules that ship with the program. */
export const RULE_BOOK: RuleBook = { rows: SCHOOLS, topics: TOPICS };

/** A topic's school as the plan has it: a row of the book, or the keeper's own value. */
export interface ChosenSchool {
  readonly topic: string;
  /** The row's id, or `custom`. */
  readonly id: string;
  readonly value: number;
  readonly params: Readonly<Record<string, number>>;
  readonly scale: Scale;
  readonly evidence: FigureEvidence;
  readonly source: string;
}

export type SchoolChoice = string | { readonly custom: number };

/**
 * A bird's share of a rule given for the reference hen.
 * @param value   the rule, m or m², for a hen of 2.2 kg
 * @param massKg  live mass of the bird, kg, above 0
 * @source        domain notes, "Birds": length × (m/2.2)^(1/3), area × (m/2.2)^(2/3)
 * @throws        RangeError where the mass is not above 0 (NaN too)
 * @example       scaleToBird(0.3, 3.2, 'length') // 0.33991
 */
export function scaleToBird(value: number, massKg: number, scale: Scale): number {
  if (!(massKg > 0)) throw new RangeError(`a bird's mass must be above 0 kg, not ${massKg}`);
  if (scale === 'none') return value;
  if (scale === 'sideways') return value * sidewaysTimes(massKg);
  const power = scale === 'length' ? 1 / 3 : 2 / 3;
  return value * (massKg / REFERENCE_HEN_KG) ** power;
}

/** Keepers give one distance for all standard birds, kg. */
const STANDARD_KG = [1.2, 3.8] as const;

/**
 * Distances sideways hold as they stand from 1.2 to 3.8 kg; below and above they go with her length.
 * @source wide-rafter (assumption)
 */
const sidewaysTimes = (massKg: number): number => Math.cbrt(massKg / standardKg(massKg));

/**
 * The standard bird nearest to one of this mass, kg.
 * @example standardKg(4.8) // 3.8
 */
export const standardKg = (massKg: number): number =>
  Math.min(STANDARD_KG[1], Math.max(STANDARD_KG[0], massKg));

/**
 * A fit-out distance for a bird of this mass, m.
 * @example fitM('roosts.wall', 2.9) // 0.38
 */
export const fitM = (id: RuleId, massKg: number): number =>
  scaleToBird(ruled(id), massKg, RULES[id].scale);

/** @throws Error for a topic the book does not hold: a broken table, not bad input. */
export function topicById(book: RuleBook, id: string): Topic {
  const topic = book.topics.find((t) => t.id === id);
  if (!topic) throw new Error(`the rule book has no topic ${id}`);
  return topic;
}

/** Every row of a topic, the comparison-only ones included, in the book's order. */
export const rowsOf = (book: RuleBook, topic: string): readonly RuleRow[] =>
  book.rows.filter((row) => row.topic === topic);

/** Rows a keeper may choose for a topic. */
export const selectableRows = (book: RuleBook, topic: string): readonly RuleRow[] =>
  rowsOf(book, topic).filter((row) => !row.comparisonOnly);

/** A row as a station takes it. @throws Error where the row lacks its topic's parameter. */
export function asChosen(book: RuleBook, row: RuleRow): ChosenSchool {
  const { param } = topicById(book, row.topic);
  const value = param === null ? 0 : row.params[param];
  if (value === undefined) throw new Error(`rule ${row.id} has no ${param}`);
  const { id, topic, params, scale, evidence, source } = row;
  return { id, topic, value, params, scale, evidence, source };
}

/**
 * The school a plan has chosen for a topic, or the topic's default.
 * @throws Error where the plan names a rule the book lacks; `parsePlan` refuses such plans first.
 */
export function chosenSchool(
  book: RuleBook,
  schools: Readonly<Record<string, SchoolChoice>>,
  topicId: string,
): ChosenSchool {
  const topic = topicById(book, topicId);
  const choice = schools[topicId] ?? topic.defaultRule;
  if (typeof choice !== 'string') return customSchool(book, topic, choice.custom);
  const row = book.rows.find((r) => r.id === choice && r.topic === topicId);
  if (!row) throw new Error(`the rule book has no ${choice} under ${topicId}`);
  return asChosen(book, row);
}

/** A keeper's own value scales, and keeps its other parameters, as the topic's default does. */
function customSchool(book: RuleBook, topic: Topic, value: number): ChosenSchool {
  const standard = book.rows.find((r) => r.id === topic.defaultRule);
  if (!standard) throw new Error(`the rule book lacks the default ${topic.defaultRule}`);
  return {
    id: 'custom',
    topic: topic.id,
    value,
    params: topic.param === null ? standard.params : { ...standard.params, [topic.param]: value },
    scale: standard.scale,
    evidence: 'entered',
    source: 'plan',
  };
}
