import { fail, issue, type Outcome, ok } from '../kernel/outcome';
import type { Plan } from '../model/schema';
import { readEditNames } from './editNames';
import { parsePlan, parsePlanText } from './parse';
import { isRecord } from './sameData';

/** A plan to be saved, with what was done since the save before, as the screen names it. */
export interface Save {
  readonly plan: Plan;
  readonly edits: readonly string[];
}

/** Largest text of a save that is read, bytes: a plan of 1 MB and the names of its edits beside it. */
export const MOST_SAVE_BYTES = 1_200_000;

/**
 * Reads what a save brings: a plan alone, or `{ plan, edits: [names] }`. Names that can't be read count as none.
 * @returns the save, or what `parsePlanText` finds wrong; paths begin at the plan
 */
export function parseSaveText(text: string): Outcome<Save> {
  let raw: unknown;
  try {
    raw = JSON.parse(text.replace(/^\u{FEFF}/u, ''));
  } catch {
    raw = null;
  }
  if (!isRecord(raw) || !Object.hasOwn(raw, 'plan') || Object.hasOwn(raw, 'format')) {
    const alone = parsePlanText(text);
    return alone.ok ? ok({ plan: alone.value, edits: [] }) : alone;
  }
  const foreign = Object.keys(raw).filter((key) => key !== 'plan' && key !== 'edits');
  if (foreign.length > 0) return fail(issue('plan.unknownKeys', { keys: foreign }, []));
  const parsed = parsePlan(raw.plan);
  return parsed.ok ? ok({ plan: parsed.value, edits: readEditNames(raw.edits) }) : parsed;
}
