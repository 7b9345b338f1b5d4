// the small form of the schema library: the browser reads plans by it too

import * as z from 'zod/mini';
import { isPlainText } from '../kernel/plainText';
import { PLAN_LIMITS } from './limits';

export const id = z
  .string()
  .check(z.minLength(1), z.maxLength(64), z.regex(/^[A-Za-z0-9][A-Za-z0-9_-]*$/));
/** A breed of the catalogue, or one of the plan's own. */
export const breedId = z.string().check(z.minLength(1), z.maxLength(64));
/** Shown on screens, in files and on paper: no controls or overrides of direction, no halves of characters. */
export const name = z.string().check(
  z.trim(),
  z.minLength(1),
  z.maxLength(PLAN_LIMITS.name),
  z.refine(isPlainText, {
    params: { code: 'plan.brokenText' },
  }),
);
export const date = z.iso.date();
/** Inside measures of a coop, m. */
export const insideM = z.number().check(z.minimum(0.3), z.maximum(30));
/** A fixture's own size, m. */
export const sizeM = z.number().check(z.minimum(0.005), z.maximum(30));
/** A coordinate in the coop, m. */
export const coordinateM = z.number().check(z.minimum(-1), z.maximum(31));
export const side = z.enum(['front', 'rear', 'left', 'right']);

export const yes = z._default(z.boolean(), true);
export const no = z._default(z.boolean(), false);
/** Mass of a thing, kg. */
export const thingKg = z.number().check(z.minimum(0), z.maximum(500));
