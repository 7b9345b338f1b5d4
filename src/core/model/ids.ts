import type { Plan } from './schema';

/** What an id of a plan names. */
type Named = 'fixture' | 'group' | 'breed';

/**
 * Every place of a plan where one of its things is named by its id; `*` is any row of a list. What is renamed, taken
 * out or joined goes by this list. `ids.test.ts` holds it to the schema.
 */
export const ID_PLACES: Readonly<Record<string, Named | 'plan'>> = {
  id: 'plan',
  'flock.*.id': 'group',
  'flock.*.breed': 'breed',
  'ownBreeds.*.id': 'breed',
  'partition.beyond.*': 'group',
  'fixtures.*.id': 'fixture',
  'pinned.*': 'fixture',
  'roughly.*.fixture': 'fixture',
};

/** New ids by old ones, of each kind of thing. */
export type NewIds = Readonly<Record<Named, ReadonlyMap<string, string>>>;

/**
 * A plan with some of its ids changed, everywhere they are named.
 * @returns the very same plan where none is
 */
export function withNewIds(plan: Plan, ids: NewIds): Plan {
  if (ids.fixture.size + ids.group.size + ids.breed.size === 0) return plan;
  let next: unknown = plan;
  for (const [place, named] of Object.entries(ID_PLACES)) {
    if (named === 'plan' || ids[named].size === 0) continue;
    next = at(next, place.split('.'), (id) => ids[named].get(id) ?? id);
  }
  return next as Plan;
}

/** A value with the ids at a path below it changed; what is not there is left. */
function at(value: unknown, path: readonly string[], change: (id: string) => string): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return typeof value === 'string' ? change(value) : value;
  if (key === '*') {
    return Array.isArray(value) ? value.map((row) => at(row, rest, change)) : value;
  }
  if (typeof value !== 'object' || value === null) return value;
  const record = value as Readonly<Record<string, unknown>>;
  return { ...record, [key]: at(record[key], rest, change) };
}

/**
 * Takes out of a plan, in place, what names a thing that is not there any more: pins and rough measures of fixtures,
 * groups beyond a partition.
 * @param plan  a plan, or the draft of one
 * @returns     whether anything was taken out
 */
export function dropOrphans(plan: Pick<Plan, 'fixtures' | 'flock'> & Mentions): boolean {
  const fixtures = new Set(plan.fixtures.map((f) => f.id));
  const groups = new Set(plan.flock.map((g) => g.id));
  const isLeft = (id: string): boolean => fixtures.has(id);
  const pinned = [...new Set(plan.pinned)].filter(isLeft);
  const roughly = plan.roughly.filter((r) => r.fixture === null || isLeft(r.fixture));
  const beyond = plan.partition?.beyond.filter((id) => groups.has(id));
  const gone =
    plan.pinned.length +
    plan.roughly.length +
    (plan.partition?.beyond.length ?? 0) -
    (pinned.length + roughly.length + (beyond?.length ?? 0));
  if (gone === 0) return false;
  if (pinned.length < plan.pinned.length) plan.pinned = pinned;
  if (roughly.length < plan.roughly.length) plan.roughly = roughly;
  if (plan.partition && beyond && beyond.length < plan.partition.beyond.length) {
    plan.partition = { ...plan.partition, beyond };
  }
  return true;
}

/** The parts of a plan that name other things of it. */
interface Mentions {
  pinned: Plan['pinned'];
  roughly: Plan['roughly'];
  partition: Plan['partition'];
}
