import type { Plan } from '../model/schema';
import { isListed, isOneThing, isRecord, LISTED, type ListedPart, sameData } from './sameData';

/** A part of a plan, as differences name it. */
export type Part = (typeof LISTED)[ListedPart] | Exclude<keyof Plan, ListedPart>;

/** One value that is another: where it stands within its part, and what it was and is. */
export interface ValueChange {
  readonly path: readonly string[];
  readonly from: unknown;
  readonly to: unknown;
}

/** One thing in which two plans differ. */
export interface Difference {
  readonly part: Part;
  readonly change: 'added' | 'removed' | 'changed';
  /** The keeper's name for a fixture, group or breed, as in the plan that has it. */
  readonly name: string | null;
  /** Its id; null of a part of the plan that there is one of. */
  readonly id: string | null;
  /** Of what is changed: every value that is another. */
  readonly values: readonly ValueChange[];
}

/**
 * In what a plan differs from another: groups, fixtures and breeds one by one, all else part by part, each with the
 * values before and after.
 * @param from  the plan compared with
 * @param to    the plan described: what it has more is added, what it lacks is removed
 */
export function planDifferences(from: Plan, to: Plan): Difference[] {
  const keys = new Set([...Object.keys(from), ...Object.keys(to)] as (keyof Plan)[]);
  const whole = [...keys].flatMap((part): Difference[] => {
    if (isListed(part) || sameData(from[part], to[part])) return [];
    return [
      {
        part,
        change: 'changed',
        name: null,
        id: null,
        values: valueChanges(from[part], to[part], []),
      },
    ];
  });
  return [
    ...listed('flock', from, to),
    ...listed('fixtures', from, to),
    ...listed('ownBreeds', from, to),
    ...whole,
  ];
}

function listed(key: ListedPart, from: Plan, to: Plan): Difference[] {
  const part = LISTED[key];
  const before = new Map(from[key].map((x) => [x.id, x]));
  const after = new Set(to[key].map((x) => x.id));
  const come = to[key].flatMap((x): Difference[] => {
    const { id, name } = x;
    const was = before.get(id);
    if (!was) return [{ part, change: 'added', name, id, values: [] }];
    if (sameData(was, x)) return [];
    return [{ part, change: 'changed', name, id, values: valueChanges(was, x, []) }];
  });
  const gone = from[key].filter((x) => !after.has(x.id));
  return [
    ...come,
    ...gone.map(({ id, name }): Difference => ({ part, change: 'removed', name, id, values: [] })),
  ];
}

function valueChanges(from: unknown, to: unknown, path: readonly string[]): ValueChange[] {
  if (sameData(from, to)) return [];
  if (isOneThing(from, to) || !isRecord(from) || !isRecord(to)) return [{ path, from, to }];
  return [...new Set([...Object.keys(from), ...Object.keys(to)])].flatMap((key) =>
    valueChanges(from[key], to[key], [...path, key]),
  );
}
