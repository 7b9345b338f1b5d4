import { tidy } from '../kernel/units/number';

export type Verdict = 'short' | 'tight' | 'enough' | 'ample';

/**
 * How a station stands: short below the plan, tight below 1.1 of it, enough below 1.5, else ample.
 * @param have  what it carries (or holds), ≥ 0
 * @param need  what is planned (or needed), > 0
 * @source      domain notes, "What carries N birds means"
 * @throws      RangeError where need is not above 0 (NaN too)
 * @example verdictOf(10, 12) // 'short'
 */
export function verdictOf(have: number, need: number): Verdict {
  if (!(need > 0)) throw new RangeError(`a verdict needs something to hold against, not ${need}`);
  const ratio = tidy(have / need);
  if (ratio < 1) return 'short';
  if (ratio < 1.1) return 'tight';
  return ratio < 1.5 ? 'enough' : 'ample';
}
