import type { Plan } from '../model/schema';

/** Parts of a plan that are lists of named things, told one by one. */
type ListedPart = 'fixtures' | 'flock' | 'ownBreeds';

/** One thing in which two plans differ. */
export interface Difference {
  readonly part: 'fixture' | 'group' | 'ownBreed' | Exclude<keyof Plan, ListedPart>;
  readonly change: 'added' | 'removed' | 'changed';
  /** The keeper's name for a fixture or group, as in the plan that has it. */
  readonly name: string | null;
}

/**
 * In what a plan differs from another: groups, fixtures and breeds one by one, all else part by part.
 * @param from  the plan compared with
 * @param to    the plan described: what it has more is added, what it lacks is removed
 */
export function planDifferences(from: Plan, to: Plan): Difference[] {
  const keys = new Set([...Object.keys(from), ...Object.keys(to)] as (keyof Plan)[]);
  const whole = [...keys].flatMap((part): Difference[] =>
    isListed(part) || same(from[part], to[part]) ? [] : [{ part, change: 'changed', name: null }],
  );
  return [
    ...listed('group', from.flock, to.flock),
    ...listed('fixture', from.fixtures, to.fixtures),
    ...listed('ownBreed', from.ownBreeds, to.ownBreeds),
    ...whole,
  ];
}

const isListed = (part: keyof Plan): part is ListedPart =>
  part === 'fixtures' || part === 'flock' || part === 'ownBreeds';

interface Named {
  readonly id: string;
  readonly name: string;
}

function listed(
  part: 'fixture' | 'group' | 'ownBreed',
  from: readonly Named[],
  to: readonly Named[],
): Difference[] {
  const before = new Map(from.map((x) => [x.id, x]));
  const after = new Set(to.map((x) => x.id));
  const come = to.flatMap((x): Difference[] => {
    const was = before.get(x.id);
    if (!was) return [{ part, change: 'added', name: x.name }];
    return same(was, x) ? [] : [{ part, change: 'changed', name: x.name }];
  });
  const gone = from.filter((x) => !after.has(x.id));
  return [...come, ...gone.map((x): Difference => ({ part, change: 'removed', name: x.name }))];
}

/** Plans are plain data with their keys in the schema's order. */
function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(canonical(a)) === JSON.stringify(canonical(b));
}

/** The same data with every object's keys in one order. */
function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, v]) => [key, canonical(v)]),
  );
}
