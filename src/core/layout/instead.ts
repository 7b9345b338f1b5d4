import { SIDES } from '../geometry/walls';
import { createJudge } from '../judge';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Aspect } from './decisions';
import type { Choices } from './fitOut';
import type { RoughFit } from './fitted';
import { fitOf, headCount } from './roughOut';

/** Something that could be chosen otherwise, and fits as well. */
export interface Instead {
  readonly aspect: Aspect;
  readonly choices: Choices;
  /** What of it is chosen anew. */
  readonly own: Choices;
}

/**
 * What could be chosen instead, of what a fit-out has: only what leaves nobody short and does no harm.
 * @param choices  what has been chosen already
 */
export function insteadOf(plan: Plan, on: string, fit: RoughFit, choices: Choices): Instead[] {
  const judge = createJudge();
  const { rows, banks, things, board } = fit.tried;
  const others: Pick<Instead, 'aspect' | 'choices'>[] = [
    ...(rows === null
      ? []
      : SIDES.filter((w) => w !== rows.wall).map(
          (wall) => ({ aspect: 'wall', choices: { wall } }) as const,
        )),
    ...(banks === null
      ? []
      : ([
          { aspect: 'nests', choices: { outside: !banks.outside, tiers: undefined } },
          { aspect: 'nests', choices: { outside: undefined, tiers: banks.tiers === 1 ? 2 : 1 } },
        ] as const)),
    ...(rows === null ? [] : [{ aspect: 'board', choices: { board: !board } } as const]),
    ...(things.bath ? [{ aspect: 'bath', choices: { bath: false } } as const] : []),
    ...(fit.plan.shell.storage !== null
      ? [{ aspect: 'strip', choices: { strip: false } } as const]
      : []),
    ...(fit.parted ? [{ aspect: 'zones', choices: { parted: false } } as const] : []),
    ...(choices.homeMade === true ||
    fit.plan.fixtures.every((f) => f.kind !== 'feeder' || f.type !== 'port')
      ? []
      : [{ aspect: 'vessels', choices: { homeMade: true } } as const]),
    ...(fit.plan.rain === null && fit.plan.climate !== null
      ? [{ aspect: 'water', choices: { rain: true } } as const]
      : []),
    ...(things.pairs && headCount(plan) >= ruled('feed.two.birds')
      ? [{ aspect: 'vessels', choices: { pairs: false } } as const]
      : []),
  ];
  return others
    .map(({ aspect, choices: own }) => ({ aspect, own, choices: { ...choices, ...own } }))
    .filter((other) => fitOf(plan, on, judge, other.choices).kind === 'fits');
}
