import type { Plan } from '../model/schema';
import type { Part, ValueChange } from './differences';
import { freeNumber } from './freeNumber';
import { isListed, isOneThing, isRecord, LISTED, type ListedPart, sameData } from './sameData';

/** One value that two windows changed in different ways; what a window has taken away is undefined. */
export interface Clash extends Pick<ValueChange, 'path'> {
  readonly part: Part;
  /** The keeper's name for the fixture, group or breed it belongs to. */
  readonly name: string | null;
  readonly here: unknown;
  readonly there: unknown;
}

export interface Merged {
  /** Both windows' edits; of what clashes, the value of the window asked for. */
  readonly plan: Plan;
  readonly clashes: readonly Clash[];
}

/**
 * Joins the edits of two windows made on the same plan. What only one of them touched is taken from it; a thing that
 * each of them added is kept twice.
 * @param base   the plan that both edited
 * @param here   as this window has it
 * @param there  as the other has it
 * @param keep   whose value stands where both changed one to something else
 */
export function mergePlans(
  base: Plan,
  here: Plan,
  there: Plan,
  keep: 'here' | 'there' = 'here',
): Merged {
  const clashes: Clash[] = [];
  const mine = withIdsOfItsOwn(base, here, there);
  const join = (
    part: Part,
    name: string | null,
    [b, h, t]: readonly [unknown, unknown, unknown],
    path: readonly string[],
  ): unknown => {
    if (sameData(h, t) || sameData(b, t)) return h;
    if (sameData(b, h)) return t;
    if (isOneThing(h, t) || !isRecord(b) || !isRecord(h) || !isRecord(t)) {
      clashes.push({ part, name, path, here: h, there: t });
      return keep === 'here' ? h : t;
    }
    const keys = new Set([...Object.keys(h), ...Object.keys(t)]);
    return Object.fromEntries(
      [...keys]
        .map((key) => [key, join(part, name, [b[key], h[key], t[key]], [...path, key])] as const)
        .filter(([, value]) => value !== undefined),
    );
  };
  const joinList = (key: ListedPart): unknown[] => {
    const [b, h, t] = [base[key], mine[key], there[key]].map(
      (list) => new Map<string, Named>(list.map((x) => [x.id, x])),
    ) as [Map<string, Named>, Map<string, Named>, Map<string, Named>];
    return [...new Set([...h.keys(), ...t.keys()])].flatMap((id) => {
      const three = [b.get(id), h.get(id), t.get(id)] as const;
      const name = (three[1] ?? three[2])?.name ?? null;
      const one = join(LISTED[key], name, three, []);
      return one === undefined ? [] : [one];
    });
  };
  const keys = Object.keys(mine) as (keyof Plan)[];
  const plan = Object.fromEntries(
    keys.map((key) => [
      key,
      isListed(key) ? joinList(key) : join(key, null, [base[key], mine[key], there[key]], []),
    ]),
  ) as Plan;
  return { plan, clashes };
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The plan with new ids for what both windows added under the same one, wherever they are named. */
function withIdsOfItsOwn(base: Plan, here: Plan, there: Plan): Plan {
  const fixtures = newIds(base.fixtures, here.fixtures, there.fixtures);
  const groups = newIds(base.flock, here.flock, there.flock);
  const breeds = newIds(base.ownBreeds, here.ownBreeds, there.ownBreeds);
  if (fixtures.size + groups.size + breeds.size === 0) return here;
  const of = (ids: ReadonlyMap<string, string>, id: string): string => ids.get(id) ?? id;
  return {
    ...here,
    fixtures: here.fixtures.map((f) => ({ ...f, id: of(fixtures, f.id) })),
    flock: here.flock.map((g) => ({ ...g, id: of(groups, g.id), breed: of(breeds, g.breed) })),
    ownBreeds: here.ownBreeds.map((o) => ({ ...o, id: of(breeds, o.id) })),
    partition: here.partition && {
      ...here.partition,
      beyond: here.partition.beyond.map((id) => of(groups, id)),
    },
  };
}

function newIds(
  base: readonly Named[],
  here: readonly Named[],
  there: readonly Named[],
): Map<string, string> {
  const known = new Set(base.map((x) => x.id));
  const theirs = new Map(there.map((x) => [x.id, x]));
  const ids = new Map<string, string>();
  const taken = [...here, ...there].map(({ id }) => ({ id }));
  for (const mine of here) {
    const other = theirs.get(mine.id);
    if (known.has(mine.id) || !other || sameData(mine, other)) continue;
    const stem = mine.id.replace(/-\d+$/, '').slice(0, 56);
    const id = `${stem}-${freeNumber(stem, taken)}`;
    taken.push({ id });
    ids.set(mine.id, id);
  }
  return ids;
}
