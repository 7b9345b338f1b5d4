import { z } from 'zod';
import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { PLAN_LIMITS } from '@/core/model/limits';

const saveName = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1)
    .max(PLAN_LIMITS.name)
    .refine((text) => text.isWellFormed() && !/\p{Cc}/u.test(text))
    .nullable(),
});

/** Reads `{ "name": … }`: the name of a save, or null to take it away. */
export function parseSaveName(text: string): Outcome<string | null> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return fail(issue('plan.notJson'));
  }
  const parsed = saveName.safeParse(raw);
  return parsed.success ? ok(parsed.data.name) : fail(issue('plan.invalid', {}, ['name']));
}
