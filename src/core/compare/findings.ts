import type { Finding } from '../kernel/finding';

/** How what is found in one plan differs from what is found in another. */
export interface FindingsApart {
  /** Found in the second and not in the first, worst first. */
  readonly come: readonly Finding[];
  /** Found in the first and no longer in the second, worst first. */
  readonly gone: readonly Finding[];
  /** Found in both. */
  readonly stay: number;
}

/**
 * What is found in one plan and not in another. The same fault of the same fixtures is one; where the fixtures are
 * others (two plans of no one family), the same fault is set against the same fault, one for one.
 */
export function findingsApart(
  before: readonly Finding[],
  after: readonly Finding[],
): FindingsApart {
  const keys = new Set(before.map((f) => f.key));
  const kept = new Set(after.filter((f) => keys.has(f.key)).map((f) => f.key));
  const left = before.filter((f) => !kept.has(f.key));
  const come: Finding[] = [];
  for (const f of after) {
    if (kept.has(f.key)) continue;
    const same = left.findIndex((g) => g.code === f.code && g.severity === f.severity);
    if (same === -1) come.push(f);
    else left.splice(same, 1);
  }
  return { come, gone: left, stay: after.length - come.length };
}
