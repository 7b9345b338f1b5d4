import { z } from 'zod';
import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { isPlainText } from '@/core/kernel/plainText';
import { PLAN_LIMITS } from '@/core/model/limits';

const name = z.string().trim().min(1).max(PLAN_LIMITS.name).refine(isPlainText);
const planName = z.strictObject({ name });
const saveName = z.strictObject({ name: name.nullable() });

/** Reads `{ "name": … }`: the name of a plan. */
export const parsePlanName = (text: string): Outcome<string> => nameIn(planName, text);

/** Reads `{ "name": … }`: the name of a save, or null to take it away. */
export const parseSaveName = (text: string): Outcome<string | null> => nameIn(saveName, text);

function nameIn<T>(schema: z.ZodType<{ name: T }>, text: string): Outcome<T> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return fail(issue('plan.notJson'));
  }
  const parsed = schema.safeParse(raw);
  return parsed.success ? ok(parsed.data.name) : fail(issue('plan.invalid', {}, ['name']));
}
