import { meetInPlan } from '../geometry/forms';
import { gapInPlan } from '../geometry/segments';
import { inRun, solidOf } from '../geometry/solids';
import type { Judged } from '../judge';
import type { Finding, Solid } from '../kernel/finding';
import type { Fixture, NestBank, Plan } from '../model/schema';
import { shortest } from '../staves';
import { isOfTheFlock } from './fitOut';
import { materialOf, roundM } from './order';

/** What an arrangement is worth: the lower its total, the better. */
export interface Score {
  readonly total: number;
  /** Faults, weighed: what harms before what leaves birds short, that before what is awkward. */
  readonly faults: number;
  /** The keeper's daily round, m, each bend counted as half a metre more. */
  readonly roundM: number;
  /** Birds that it carries beyond those planned. */
  readonly spare: number;
  /** How much stands in the open, crowded or before the nests, m. */
  readonly untidy: number;
  /** Timber and sheet, as `materialOf` counts them. */
  readonly material: number;
}

/** How much each weighs against a metre of the round. Source: wide-rafter (assumption). */
const WEIGHTS = {
  harm: 2000,
  short: 400,
  awkward: 40,
  spare: 0.3,
  material: 0.05,
  /** So that a total is never below nought. */
  base: 5,
} as const;
/** More birds than this nobody keeps places for. */
const MOST_SPARE = 10;
/** Off a wall by more than this a thing stands in the open, m; nearer to another than this they are crowded. */
const AT_WALL_M = 0.15;
const ROOM_M = 0.3;
/** Before a bank's entrances hens land and walk, m. */
const LANDING_M = 0.45;
/** A metre in the open or of crowding, and a thing before the nests, against a metre of the round. Source: wide-rafter (assumption). */
const UNTIDY = { open: 2, crowded: 6, before: 4 } as const;

const STANDS: ReadonlySet<Fixture['kind']> = new Set(['feeder', 'drinker', 'dish', 'dustBath']);

/**
 * What a keeper would find untidy, m: vessels in the middle of the floor, close together, or before the nests.
 * @example untidyM({ ...plan, fixtures: [] }) // 0
 */
export function untidyM(plan: Plan): number {
  const { lengthM, widthM } = plan.shell;
  const things = plan.fixtures
    .filter((f) => STANDS.has(f.kind) && !inRun(f))
    .map((f) => solidOf(f, plan));
  const landings = plan.fixtures.flatMap((f) =>
    f.kind === 'nestBank' && !f.hungOutside ? [landingOf(f, plan)] : [],
  );
  let sum = 0;
  things.forEach((s, i) => {
    const wall = Math.min(s.x0, lengthM - s.x1, s.y0, widthM - s.y1);
    sum += UNTIDY.open * Math.max(0, wall - AT_WALL_M);
    for (const other of things.slice(i + 1)) {
      sum += UNTIDY.crowded * Math.max(0, ROOM_M - gapInPlan(s, other));
    }
    sum += UNTIDY.before * landings.filter((l) => meetInPlan(l, s)).length;
  });
  return sum;
}

/** The floor before a bank's entrances. */
function landingOf(bank: NestBank, plan: Plan): Solid {
  const s = solidOf(bank, plan);
  switch (bank.faces) {
    case 'front':
      return { ...s, y0: s.y0 - LANDING_M, y1: s.y0 };
    case 'rear':
      return { ...s, y0: s.y1, y1: s.y1 + LANDING_M };
    case 'left':
      return { ...s, x0: s.x0 - LANDING_M, x1: s.x0 };
    case 'right':
      return { ...s, x0: s.x1, x1: s.x1 + LANDING_M };
  }
}

const weightOf = ({ severity }: Finding): number => WEIGHTS[severity];

/** What a plan is worth at best, before it has been judged: with no fault in it, and all the places that count. */
export const scoreAtBest = (plan: Plan): number =>
  WEIGHTS.base + roundM(plan) + untidyM(plan) + WEIGHTS.material * materialOf(plan);

/** What a plan that was judged is worth as an arrangement: what the flock brings along is not counted. */
export function scoreOf(plan: Plan, { findings, staves, ctx }: Judged): Score {
  const faults = findings.reduce((sum, f) => sum + (isOfTheFlock(f) ? 0 : weightOf(f)), 0);
  const carries = shortest(staves).carries ?? 0;
  const spare = Math.max(0, Math.min(MOST_SPARE, carries - ctx.flock.planned));
  const round = roundM(plan);
  const material = materialOf(plan);
  const untidy = untidyM(plan);
  return {
    faults,
    untidy,
    roundM: round,
    spare,
    material,
    total:
      WEIGHTS.base +
      faults +
      round +
      untidy +
      WEIGHTS.spare * (MOST_SPARE - spare) +
      WEIGHTS.material * material,
  };
}
