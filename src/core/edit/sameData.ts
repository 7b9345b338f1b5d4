/** Whether two pieces of plain data say the same, in whatever order the keys of their objects stand. */
export function sameData(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (Array.isArray(a) || Array.isArray(b)) {
    return (
      Array.isArray(a) &&
      Array.isArray(b) &&
      a.length === b.length &&
      a.every((x, i) => sameData(x, b[i]))
    );
  }
  if (!isRecord(a) || !isRecord(b)) return false;
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every((key) => Object.hasOwn(b, key) && sameData(a[key], b[key]))
  );
}

export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Whether a value is one thing that is told and merged whole: no object, or two objects of different kinds or ids,
 * whose keys mean different things.
 */
export const isOneThing = (a: unknown, b: unknown): boolean =>
  !isRecord(a) || !isRecord(b) || a.kind !== b.kind || a.id !== b.id;

/** Parts of a plan that are lists of named things. */
export const LISTED = { fixtures: 'fixture', flock: 'group', ownBreeds: 'ownBreed' } as const;
export type ListedPart = keyof typeof LISTED;
export const isListed = (part: string): part is ListedPart => Object.hasOwn(LISTED, part);
