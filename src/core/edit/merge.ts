import { dropOrphans, withNewIds } from '../model/ids';
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
    if (isSet(b) && isSet(h) && isSet(t)) return joinSets(b, h, t);
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
  // a rough measure is one thing: a band of two windows' ends is nobody's
  const joinRough = (): Plan['roughly'] => {
    const bands = (p: Plan): Bands => new Map(p.roughly.map((r) => [`${r.fixture} ${r.key}`, [r]]));
    const [b, h, t] = [bands(base), bands(mine), bands(there)];
    return [...new Set([...h.keys(), ...t.keys()])].flatMap(
      (of) =>
        join(
          'roughly',
          null,
          [b.get(of) ?? [], h.get(of) ?? [], t.get(of) ?? []],
          [],
        ) as Plan['roughly'],
    );
  };
  const keys = Object.keys(mine) as (keyof Plan)[];
  const plan = Object.fromEntries(
    keys.map((key) => [
      key,
      isListed(key)
        ? joinList(key)
        : key === 'roughly'
          ? joinRough()
          : join(key, null, [base[key], mine[key], there[key]], []),
    ]),
  ) as Plan;
  dropOrphans(plan);
  return { plan, clashes };
}

/** A list in which only what stands in it counts: ids, walls, animals. */
const isSet = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

/** What either window put into a list, without what either took out of it. */
function joinSets(
  base: readonly string[],
  here: readonly string[],
  there: readonly string[],
): string[] {
  const had = new Set(base);
  const [h, t] = [new Set(here), new Set(there)];
  return [...new Set([...here, ...there])].filter((one) =>
    had.has(one) ? h.has(one) && t.has(one) : true,
  );
}

/** Rough measures by what they are of. */
type Bands = ReadonlyMap<string, Plan['roughly']>;

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The plan with new ids for what both windows added under the same one, wherever they are named. */
const withIdsOfItsOwn = (base: Plan, here: Plan, there: Plan): Plan =>
  withNewIds(here, {
    fixture: newIds(base.fixtures, here.fixtures, there.fixtures),
    group: newIds(base.flock, here.flock, there.flock),
    breed: newIds(base.ownBreeds, here.ownBreeds, there.ownBreeds),
  });

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
