import { fail, type Outcome, ok } from '../kernel/outcome';
import { fixture } from '../model/fixtures.schema';
import { group } from '../model/flock.schema';
import { PLAN_LIMITS } from '../model/limits';
import { type Plan, planSchema } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import type { RuleBook } from '../rules/types';
import { crossChecks, parsePlan } from './parse';

/**
 * Reads a plan made from a valid one by replacing parts of it: only what was replaced is read again.
 * @param before  a plan that `parsePlan` accepted
 * @param next    the plan with parts replaced; parts left alone are the very same objects
 * @returns       what `parsePlan(next)` returns, but for the defaults of keys that are left out
 */
export function parseEdit(before: Plan, next: Plan, book: RuleBook = RULE_BOOK): Outcome<Plan> {
  const keys = Object.keys(next) as (keyof Plan)[];
  const whole = keys.length === Object.keys(before).length;
  // whatever is wrong is told by the reading of the whole
  if (!whole || !keys.every((key) => next[key] === before[key] || reads(key, before, next))) {
    return parsePlan(next, book);
  }
  const issues = crossChecks(next, book, before.timeZone === next.timeZone);
  return issues.length > 0 ? fail(...issues) : ok(next);
}

/** Whether a replaced part is as the schema has it. */
function reads(key: keyof Plan, before: Plan, next: Plan): boolean {
  if (key === 'fixtures')
    return rowsRead(fixture, before.fixtures, next.fixtures, PLAN_LIMITS.fixtures);
  if (key === 'flock') return rowsRead(group, before.flock, next.flock, PLAN_LIMITS.groups);
  return planSchema.shape[key]?.safeParse(next[key]).success === true;
}

function rowsRead<T>(
  schema: { safeParse(row: unknown): { success: boolean } },
  before: readonly T[],
  next: readonly T[],
  most: number,
): boolean {
  const known = new Set(before);
  return (
    Array.isArray(next) &&
    next.length <= most &&
    next.every((row) => known.has(row) || schema.safeParse(row).success)
  );
}
