import type { Fixture, OfKind } from './schema';

/** The fixtures of a kind, in the order of the plan. */
export type FixtureLists = <K extends Fixture['kind']>(kind: K) => readonly OfKind<K>[];

const NONE: readonly Fixture[] = [];

/** Sorts plans' fixtures by kind; of two plans after one another a kind without a change has the same list. */
export function createFixtureLists(): (fixtures: readonly Fixture[]) => FixtureLists {
  let last = new Map<Fixture['kind'], readonly Fixture[]>();
  return (fixtures) => {
    const lists = new Map<Fixture['kind'], Fixture[]>();
    for (const f of fixtures) {
      const own = lists.get(f.kind);
      if (own === undefined) lists.set(f.kind, [f]);
      else own.push(f);
    }
    const now = new Map<Fixture['kind'], readonly Fixture[]>();
    for (const [kind, list] of lists) {
      const before = last.get(kind);
      now.set(kind, before !== undefined && sameList(before, list) ? before : list);
    }
    last = now;
    return <K extends Fixture['kind']>(kind: K) => (now.get(kind) ?? NONE) as readonly OfKind<K>[];
  };
}

function sameList(a: readonly Fixture[], b: readonly Fixture[]): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
}
