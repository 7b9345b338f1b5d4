import type { Plan } from './schema';

/** What says where a fixture is; what it is made of, how big it is and how it opens may change where it stands. */
const PLACE_KEYS = [
  'x',
  'y',
  'z',
  'axis',
  'wall',
  'facing',
  'alongM',
  'sillZ',
  'lipZ',
  'rimZ',
  'hungOutside',
  'place',
] as const;

/**
 * Whether every fixture that is pinned before is there after, where it was. Remedies, Finish and Arrange keep to it;
 * the keeper's own hand need not.
 * @example keepsPins({ ...plan, pinned: [] }, { ...plan, fixtures: [] }) // true
 */
export function keepsPins(before: Plan, after: Plan): boolean {
  return before.pinned.every((id) => {
    const old = before.fixtures.find((f) => f.id === id);
    if (!old) return true;
    const now = after.fixtures.find((f) => f.id === id);
    if (!now) return false;
    const [was, is] = [old, now] as unknown as Record<string, unknown>[];
    return PLACE_KEYS.every((key) => was?.[key] === is?.[key]);
  });
}
