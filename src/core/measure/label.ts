import { firstGroup } from '../edit/defaults';
import { createJudge } from '../judge';
import type { StationId } from '../kernel/station';
import type { Plan } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import { PRESETS, type Preset } from '../rules/presets.data';
import type { Stave } from '../staves';

/** What a coop carries by some rules, and what holds it back. */
export interface Carried {
  /** Null where nothing that carries birds has been entered. */
  readonly carries: number | null;
  readonly heldBackBy: readonly StationId[];
}

/** The number on the label of a bought coop against what it carries. */
export interface Label {
  readonly soldFor: number;
  /** By the rules of the plan. */
  readonly own: Carried;
  /** What its floor, bars and boxes hold by each of the three sets: what a label counts. */
  readonly sets: readonly (Carried & { readonly set: Preset['id'] })[];
  /** Main things that are not there: without them no bird can live in it as it was sold. */
  readonly missing: readonly StationId[];
}

/**
 * What a coop that was sold for so many birds carries. It is judged for the plan's own flock; without one, for as many
 * medium hens as it was sold for.
 * @param on  the day judged, YYYY-MM-DD
 * @returns   null where it was not sold for any number
 */
export function labelOf(plan: Plan, on: string): Label | null {
  const { soldFor } = plan;
  if (soldFor === null) return null;
  const judge = createJudge();
  const lived =
    plan.flock.length > 0
      ? plan
      : { ...plan, flock: [firstGroup({ count: soldFor, breed: 'any-medium', on })] };
  const by = (schools: Plan['schools']) => {
    const { staves } = judge({ ...lived, schools }, { on, book: RULE_BOOK, lean: true });
    return {
      whole: leastOf(staves),
      room: leastOf(staves.filter((s) => ROOM.has(s.station))),
      missing: staves.filter((s) => s.state === 'notEntered').map((s) => s.station),
    };
  };
  const { whole, missing } = by(lived.schools);
  return {
    soldFor,
    own: whole,
    missing,
    sets: PRESETS.map(({ id, schools }) => ({ set: id, ...by({ ...schools }).room })),
  };
}

/** What a coop is counted by where it is sold. */
const ROOM: ReadonlySet<StationId> = new Set(['floor', 'roosts', 'nests']);

function leastOf(staves: readonly Stave[]): Carried {
  const carried = staves.filter((s) => s.carries !== null && s.station !== 'brooder');
  const carries = carried.length === 0 ? null : Math.min(...carried.map((s) => s.carries ?? 0));
  return {
    carries,
    heldBackBy: carried.filter((s) => s.carries === carries).map((s) => s.station),
  };
}
