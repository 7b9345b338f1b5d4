import type { Plan } from './schema';

/** One thing in which two plans differ. */
export interface Difference {
  readonly part: 'fixture' | 'group' | 'shell' | 'litter' | 'schools' | 'name' | 'units' | 'other';
  readonly change: 'added' | 'removed' | 'changed';
  /** The keeper's name for a fixture or group, as in the plan that has it. */
  readonly name: string | null;
}

/**
 * In what a plan differs from another, fixture by fixture and group by group.
 * @param from  the plan compared with
 * @param to    the plan described: what it has more is added, what it lacks is removed
 */
export function planDifferences(from: Plan, to: Plan): Difference[] {
  const whole = (part: Difference['part'], a: unknown, b: unknown): Difference[] =>
    same(a, b) ? [] : [{ part, change: 'changed', name: null }];
  const rest = ({ climate, timeZone, horizonYears, keeper, limits }: Plan) => [
    climate,
    timeZone,
    horizonYears,
    keeper,
    limits,
  ];
  return [
    ...whole('name', from.name, to.name),
    ...whole('units', from.units, to.units),
    ...listed('group', from.flock, to.flock),
    ...whole('shell', from.shell, to.shell),
    ...whole('litter', from.litter, to.litter),
    ...whole('schools', sorted(from.schools), sorted(to.schools)),
    ...listed('fixture', from.fixtures, to.fixtures),
    ...whole('other', rest(from), rest(to)),
  ];
}

interface Named {
  readonly id: string;
  readonly name: string;
}

function listed(
  part: 'fixture' | 'group',
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

const sorted = (record: Plan['schools']): unknown =>
  Object.entries(record).sort(([a], [b]) => (a < b ? -1 : 1));

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
