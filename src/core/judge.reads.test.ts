import fc from 'fast-check';
import { everything } from '@/core/tests/everything';
import { badCoop, DAY } from '@/core/tests/plans';
import { createJudge } from './judge';
import { createKept, type Kept } from './kernel/memory';
import type { Plan } from './model/schema';
import { RULE_BOOK } from './rules/book';

/** One property of one part of a plan, as it was read: of the shell, of a fixture, of a group. */
interface Read {
  readonly part: object;
  readonly key: string;
  readonly value: unknown;
}

/** A plan that tells what is read of it. */
function toldOf(given: Plan, told: (read: Read) => void): Plan {
  const wrapped = new WeakMap<object, object>();
  /** @param part  what a read of it is a read of; null where each child is a part of its own */
  const wrap = (target: object, part: object | null): object => {
    const known = wrapped.get(target);
    if (known) return known;
    const proxy: object = new Proxy(target, {
      get(own, key) {
        const value: unknown = Reflect.get(own, key);
        if (typeof key === 'symbol' || typeof value === 'function') return value;
        const reading = part ?? proxy;
        if (value !== null && typeof value === 'object') {
          const apart = own === root || own === root.fixtures || own === root.flock;
          return wrap(value, apart ? null : reading);
        }
        // what kind a thing is, and how many there are, is told by the lists
        if (key !== 'kind' && key !== 'length') told({ part: reading, key, value });
        return value;
      },
    });
    wrapped.set(target, proxy);
    return proxy;
  };
  const root = structuredClone(given);
  return wrap(root, null) as Plan;
}

/** Work under way: what it declared that it reads, and what it has read. */
interface Scope {
  readonly declared: ReadonlySet<unknown>;
  readonly reads: Read[];
}

/** Work that is kept by the values that birds are weighed against, not by what those are worked from. */
const BY_VALUE = /^(carry|short|access)\./;

/**
 * A memory that holds every piece of work to what it declares that it reads: what is read of a part of the
 * plan that it did not name is a fault.
 */
function strictMemory() {
  const scopes: Scope[] = [];
  const faults = new Set<string>();
  const readsOf = new WeakMap<object, readonly Read[]>();
  const declaredBy = (from: readonly unknown[]): Set<unknown> => {
    const declared = new Set<unknown>(from.flatMap((f) => (Array.isArray(f) ? [f, ...f] : [f])));
    for (const f of from) {
      if (f === null || typeof f !== 'object') continue;
      for (const { part } of readsOf.get(f) ?? []) declared.add(part);
      // the flock by day is worked from its groups, and carries them
      if ('lots' in f) for (const lot of f.lots as { group: object }[]) declared.add(lot.group);
    }
    return declared;
  };
  const memory = (): Kept => {
    const kept = createKept();
    return (name, from, work, of) => {
      const worked = () => {
        const declared = declaredBy(of === undefined ? from : [...from, of]);
        const scope: Scope = { declared, reads: [] };
        scopes.push(scope);
        const made = work();
        scopes.pop();
        for (const { part, key, value } of scope.reads) {
          const declared = scope.declared.has(part) || scope.declared.has(value);
          if (!declared && !BY_VALUE.test(name)) faults.add(`${name} reads ${key}`);
        }
        return { made, reads: scope.reads };
      };
      // what was made is boxed with what was read for it
      const { made, reads } = kept(name, from, worked, of);
      if (made !== null && typeof made === 'object') readsOf.set(made, reads);
      const outer = scopes.at(-1);
      if (outer && !outer.declared.has(made)) outer.reads.push(...reads);
      return made;
    };
  };
  return { faults, memory, tell: (read: Read): void => void scopes.at(-1)?.reads.push(read) };
}

/** Its final depth entered: else the litter is another object, and is not told of. */
const withDepth = (plan: Plan): Plan => ({ ...plan, litter: { ...plan.litter, finalM: 0.3 } });

test('no part of the judging reads what it did not declare', () => {
  const { faults, memory, tell } = strictMemory();
  const judge = (plan: Plan): void => {
    createJudge(memory)(toldOf(plan, tell), { on: DAY, book: RULE_BOOK, lean: false });
  };
  for (const heat of ['lamp', 'hen', 'plate'] as const) judge(withDepth(everything(heat)));
  fc.assert(
    fc.property(badCoop, (plan) => {
      judge(withDepth(plan));
    }),
    { numRuns: 60 },
  );
  expect([...faults]).toEqual([]);
});

test('work that reads more than it declares is found out, and work that is handed what it reads is not', () => {
  const { faults, memory, tell } = strictMemory();
  const plan = toldOf(everything('lamp'), tell);
  const kept = memory();
  const high = kept('high', [plan.shell], () => plan.shell.roof.highM);
  kept('by its number', [high], () => kept('high', [plan.shell], () => plan.shell.roof.highM) + 1);
  kept('by its part', [plan.shell], () => plan.shell.lengthM * plan.shell.widthM);
  expect([...faults]).toEqual([]);
  kept('careless', [plan.litter], () => plan.shell.roof.lowM);
  kept('careless within', [plan.litter], () =>
    kept('low', [plan.shell], () => plan.shell.roof.lowM),
  );
  expect([...faults]).toEqual(['careless reads lowM', 'careless within reads lowM']);
});
