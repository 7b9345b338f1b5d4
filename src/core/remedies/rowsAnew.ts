import { highestOf, hopOf } from '../birds/hops';
import { lotsOf } from '../birds/lots';
import { freeNumber } from '../edit/freeNumber';
import { newBar } from '../edit/new/bars';
import { sleepingBars } from '../geometry/bars';
import type { Bar, Plan } from '../model/schema';
import { down, up } from '../model/tape';
import type { ProposalContext } from '../proposals/remedy';
import { chosenSchool, fitM, RULE_BOOK } from '../rules/book';
import { ruled } from '../rules/rules.data';
import { takesUp } from '../rules/vesselKinds.data';

/** More rows than this nobody cleans behind. */
export const MOST_ROWS = 8;

/** No row is set higher than this over the litter, m. */
export const HIGHEST_M = 2;

/**
 * Rows that stand so far apart, m, over a breadth, m: one at either end.
 * @example wholeRows(1.2, 0.38) // 4
 */
export const wholeRows = (acrossM: number, apartM: number): number =>
  Math.max(0, Math.floor(acrossM / apartM + 1e-9) + 1);

/** The hop of each lot that sleeps on bars, and the highest it may sleep, over the litter, m. */
export const climbsOf = (plan: Plan): { hopM: number; highestM: number }[] => {
  const hops = chosenSchool(RULE_BOOK, plan.schools, 'roosts.hop');
  const heights = chosenSchool(RULE_BOOK, plan.schools, 'roosts.height');
  return plan.flock
    .flatMap((g) => lotsOf(g, plan.ownBreeds))
    .filter((lot) => lot.kind !== 'duck')
    .map((lot) => ({ hopM: hopOf(lot, hops), highestM: highestOf(lot, heights) }));
};

/** Rises between low and high rows: none, the stair's own, and what birds that sleep low do not hop. */
export function risesOf(plan: Plan): number[] {
  const least = up(plan, ruled('roosts.stair.rise'));
  const over = climbsOf(plan).map(({ hopM }) => up(plan, hopM + 0.01));
  const rises = [...new Set(over)].filter((m) => m > least && m <= MOST_RISE_M);
  return [0, least, ...rises.sort((a, b) => a - b)];
}

/** Farther than this no bird gets from row to row, m. */
const MOST_RISE_M = 0.6;

/** Rows all at one height (no rise), or by turns so much higher and lower, and how far apart, m. */
export interface Apart {
  readonly riseM: number;
  readonly m: number;
}

/** From where along the coop a row runs, how far, and what of it birds use, m. */
export interface Ends {
  readonly fromM: number;
  readonly lengthM: number;
  readonly usableM: number;
  readonly wallToWall: boolean;
  /** The foremost row is so much shorter, m: what stands on the floor goes beside it. */
  readonly frontLessM: number;
}

/** Rows clear of both walls; short of the right one by what a vessel takes out of the droppings; from wall to wall. */
export function endsOf({ plan, heaviestKg }: ProposalContext): Ends[] {
  const room = plan.shell.lengthM;
  const end = up(plan, ruled('roosts.end.near'));
  const loss = ruled('roosts.end.loss');
  const feet = plan.fixtures.flatMap((f) =>
    f.kind === 'feeder' || f.kind === 'drinker' ? [takesUp(f).deepM] : [],
  );
  const strip =
    feet.length === 0 ? 0 : Math.max(...feet) + fitM('roosts.shadow', heaviestKg) + 0.15;
  const clear = down(plan, room - 2 * end);
  const beside = down(plan, room - strip - end);
  const whole = { fromM: 0, lengthM: room, usableM: room - 2 * loss, wallToWall: true };
  const short = up(plan, strip);
  return [
    { fromM: end, lengthM: clear, usableM: clear, wallToWall: false, frontLessM: 0 },
    ...(strip > 0
      ? [{ fromM: end, lengthM: beside, usableM: beside, wallToWall: false, frontLessM: 0 }]
      : []),
    { ...whole, frontLessM: 0 },
    ...(strip > 0 && room - short >= 0.3 ? [{ ...whole, frontLessM: short }] : []),
  ].filter((ends) => ends.lengthM >= 0.3);
}

/** Level rows from the rear wall forward; what bars there were go on in them. */
export function rowsAt(
  kept: Plan,
  plan: Plan,
  sizes: ProposalContext['sizes'],
  {
    rows,
    wallM,
    apart,
    z,
    ends: { fromM, lengthM: wholeM, wallToWall: toWalls, frontLessM },
  }: { rows: number; wallM: number; apart: Apart; z: number; ends: Ends },
): Bar[] {
  const old = sleepingBars(plan);
  const made: Bar[] = [];
  for (let i = 0; i < rows; i++) {
    const cut = i === rows - 1 && rows > 1 && frontLessM > 0;
    const lengthM = cut ? down(plan, wholeM - frontLessM) : wholeM;
    const wallToWall = toWalls && !cut;
    // measured as the only row, so that its brackets are for its own length
    const fresh = newBar(kept, { ...sizes, roostM: Math.max(sizes.roostM, lengthM) });
    const was = old[i];
    const id = was?.id ?? freeId(plan, made);
    const y = down(plan, plan.shell.widthM - wallM - i * apart.m);
    // the foremost is a low one: it is what they hop up to
    const high = (rows - 1 - i) % 2 === 1;
    const at = high && apart.riseM > 0 ? up(plan, z + apart.riseM) : z;
    const name = was?.name ?? `Bar ${id.replace('bar-', '')}`;
    made.push({ ...fresh, id, name, x: fromM, y, z: at, lengthM, wallToWall });
  }
  return made;
}

const freeId = (plan: Plan, made: readonly Bar[]): string =>
  `bar-${freeNumber('bar', [...plan.fixtures, ...made])}`;
