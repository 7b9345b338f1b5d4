import { z } from 'zod';
import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { PLAN_LIMITS } from '@/core/model/limits';

const name = z
  .string()
  .trim()
  .min(1)
  .max(PLAN_LIMITS.name)
  .refine((text) => text.isWellFormed() && !/\p{Cc}/u.test(text));
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

/** The header that says what was done since the save before: a JSON list of names, percent-encoded. */
export const EDITS_HEADER = 'edit-names';

const edits = z.array(z.string().max(200)).max(60);

/** Reads that header; none where it is missing, null where it can't be read. */
export function readEdits(header: string | null): readonly string[] | null {
  if (header === null) return [];
  try {
    const parsed = edits.safeParse(JSON.parse(decodeURIComponent(header)));
    return parsed.success ? parsed.data.filter((t) => t.isWellFormed()) : null;
  } catch {
    return null;
  }
}
