import type { Assessment } from '../assess';
import type { Plan } from '../model/schema';
import type { Told } from '../proposals/remedy';
import type { Costs } from './brought';
import { OTHER_WISE, TAKES_BIRDS } from './costs';

/** At most so many are offered for one finding, of one kind no more than two. */
const OFFERED = 3;

const OF_A_KIND = 2;

/** A plan as proposals would have it, proved by an assessment. */
export interface Proved {
  readonly plan: Plan;
  readonly after: Assessment;
  readonly steps: readonly Told[];
  readonly hours: number;
  readonly costs: Costs;
}

export const isOtherWise = (r: Proved): boolean => r.steps.some((s) => OTHER_WISE.has(s.code));

/** How many faults a remedy brings or makes worse; those as bad as what it mends weigh most. */
export const weight = (c: Costs): number =>
  1000 * (c.brings.length + c.worsens.length) + 20 * c.lesser.length + c.fresh.length;

export const isClean = (c: Costs): boolean => c.brings.length + c.worsens.length === 0;

export const isSpotless = (c: Costs): boolean => isClean(c) && c.lesser.length === 0;

/** So much work is something built, hours. */
export const BUILT_HOURS = 2;

/** A lesser fault that is brought is worth so much work, hours. */
const LESSER_HOURS = 1.5;

const worth = (r: Proved): number => r.hours + LESSER_HOURS * r.costs.lesser.length;

/** Whether it takes birds out: while anything else mends it, that comes after. */
const takesBirds = (r: Proved): number => (r.steps.some((s) => TAKES_BIRDS.has(s.code)) ? 1 : 0);

/**
 * Clean ones first, birds taken out last, then the least work and money; of equals the fewer changes, then by what is
 * told.
 */
export const byWorth = (a: Proved, b: Proved): number =>
  a.costs.brings.length +
    a.costs.worsens.length -
    (b.costs.brings.length + b.costs.worsens.length) ||
  takesBirds(a) - takesBirds(b) ||
  worth(a) - worth(b) ||
  a.steps.length - b.steps.length ||
  (JSON.stringify(a.steps) < JSON.stringify(b.steps) ? -1 : 1);

/** The first few, no more than two of one kind. */
export function ofAKind(list: readonly Proved[]): Proved[] {
  const seen = new Map<string, number>();
  const said = new Set<string>();
  const taken: Proved[] = [];
  for (const one of list) {
    // the same done a hand higher or longer is no choice
    const way = one.steps.map((s) => [s.code, ...s.fixtures, s.wall ?? ''].join()).join('+');
    if (said.has(way)) continue;
    said.add(way);
    const code = one.steps[0]?.code ?? '';
    const n = seen.get(code) ?? 0;
    if (n >= OF_A_KIND) continue;
    seen.set(code, n + 1);
    taken.push(one);
    if (taken.length === OFFERED) break;
  }
  return taken;
}
