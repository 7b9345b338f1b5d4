import { createWebster } from '../carrying/webster';
import type { Proposal, Proposer } from './remedy';

/** As many birds as the station carries; the others want a second house. */
export const FEWER_BIRDS: Proposer = (finding, { plan, value }) => {
  const carries = value(`${finding.station}.capacity`);
  const counts = plan.flock.map((g) => g.count);
  const birds = counts.reduce((a, b) => a + b, 0);
  if (carries === undefined || carries < 1 || carries >= birds) return [];
  const order = plan.flock.map((_, i) => i);
  return [carries, carries - 1, carries - 2]
    .filter((n) => n >= 1)
    .map((n): Proposal => {
      const kept = createWebster(counts, order).of(n);
      return {
        code: 'flock.fewer',
        fixtures: [],
        numbers: { birds: { value: n, unit: 'birds' } },
        more: n < carries,
        change: (draft) => {
          const countOf = new Map(plan.flock.map((g, i) => [g.id, kept[i] ?? 0]));
          draft.flock = draft.flock.flatMap((g) => {
            const count = countOf.get(g.id) ?? g.count;
            return count === 0 ? [] : [{ ...g, count }];
          });
        },
      };
    });
};
