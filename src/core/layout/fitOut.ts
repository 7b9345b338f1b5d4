import { solidOf } from '../geometry/solids';
import type { Finding } from '../kernel/finding';
import type { Bar, Fixture, Plan, Side } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { airNeeds } from '../stations/air/air';
import { withFinalDepth } from '../stations/litterCourse';
import { type Banks, banksFor, leastBarsZ, placeBanks, placeDucks } from './banks';
import { placeThings, type Things } from './floorThings';
import { finalWith, type Ground } from './ground';
import { isWalkedInto, placeOpenings, placePopDoors, placeWaysIn } from './holes';
import { barsOf, boardUnder, type Rows, rowsFor } from './rows';

/** A fit-out that was tried, with what is wrong with it. */
export interface Tried {
  readonly plan: Plan;
  readonly findings: readonly Finding[];
  readonly rows: Rows | null;
  readonly banks: Banks | null;
  readonly things: Things;
  readonly board: boolean;
}

/** Tries are given up after so many that were judged. */
const MOST_JUDGED = 240;
/** Of those that have no harm and nothing short, so many are compared. */
const MOST_FITS = 6;

/** What no fit-out changes: it comes of who lives here, or of the shell. */
const isOfTheFlock = ({ code }: Finding): boolean =>
  code.startsWith('flock.') || OF_THE_FLOCK.has(code);
const OF_THE_FLOCK: ReadonlySet<string> = new Set(['feed.tall.none', 'reach.headroom.none']);

/** To go without a droppings board weighs half of what an awkward finding does. */
const NO_BOARD = 0.5;

/** What is awkward about a fit-out that another might not have; a walked-into coop does without a board unwillingly. */
const lesserOf = ({ findings, board, rows, plan }: Tried): number =>
  findings.filter((f) => !isOfTheFlock(f)).length +
  (rows !== null && !board && isWalkedInto(plan) ? NO_BOARD : 0);

/** What leaves birds short or does them harm. */
export const isBad = ({ severity }: Finding): boolean => severity !== 'awkward';

/**
 * The best fit-out of those that are tried: nothing harmful and nothing short before all, then the fewest findings,
 * then the order of trying, which is the keeper's: fewest bars, nests where they are handy.
 * @returns the best, whether it fits or not; null where nothing could be placed at all
 */
export function fitOut(ground: Ground): Tried | null {
  const fits: Tried[] = [];
  let nearest: Tried | null = null;
  let judged = 0;
  for (const tried of tries(ground)) {
    judged++;
    const bad = tried.findings.filter(isBad).length;
    if (bad === 0) fits.push(tried);
    else if (nearest === null || bad < nearest.findings.filter(isBad).length) nearest = tried;
    // with nothing more to leave out, the floor stays short whatever else is moved
    if (bad > 0 && isLeanest(tried) && tried.findings.some((f) => f.code === 'floor.area.short'))
      break;
    if (fits.length >= MOST_FITS || judged >= MOST_JUDGED) break;
    if (bad === 0 && lesserOf(tried) <= NO_BOARD) break;
  }
  fits.sort((a, b) => lesserOf(a) - lesserOf(b));
  return fits[0] ?? nearest;
}

/** Nothing stands on the floor but what must. */
const isLeanest = ({ banks, things, board, rows }: Tried): boolean =>
  (banks === null || banks.outside) &&
  things === THINGS[THINGS.length - 1] &&
  !board &&
  rows !== null;

/** Walls that rows stand along: the longer ones first, those with the higher roof before their opposites. */
function rowWalls({ plan }: Ground): Side[] {
  const long: Side[] =
    plan.shell.lengthM >= plan.shell.widthM ? ['rear', 'left'] : ['left', 'rear'];
  return [
    ...long,
    ...(long[0] === 'rear' ? (['right', 'front'] as const) : (['front', 'right'] as const)),
  ];
}

function* tries(ground: Ground): Iterable<Tried> {
  const inFirst = isWalkedInto(ground.plan);
  const walls = rowWalls(ground);
  const banks = ground.hens === null ? [null] : [...banksFor(ground, inFirst)];
  for (const wall of walls.slice(0, 2)) {
    for (const own of banks) {
      for (const rows of ground.chickens.length === 0 || ground.seatsM === 0
        ? [null]
        : rowsOf(ground, wall, own)) {
        yield* built(ground, rows, own);
      }
    }
  }
}

function* rowsOf(ground: Ground, wall: Side, banks: Banks | null): Iterable<Rows> {
  const least = leastBarsZ(ground, banks);
  const start = ground.plan.litter.depthM;
  const most = start + ground.highestM;
  if (least > most + 1e-9) return;
  // as high as a board under them asks for, where birds may sleep there and get up by one hop
  const boarded = ground.up(ground.plan.litter.depthM + BOARDED_M);
  const isHandy = boarded > least && boarded <= Math.min(most, start + ground.hopM) + 1e-9;
  if (isHandy && isWalkedInto(ground.plan)) yield* rowsFor(ground, wall, boarded);
  yield* rowsFor(ground, wall, least);
}

/** Bars over litter as it starts that leave room for a board, and for birds to walk under it as the litter grows, m. */
const BOARDED_M = 0.7;

/** One arrangement of bars and nests with all else put round it, as far as each thing finds its place. */
function* built(ground: Ground, rows: Rows | null, banks: Banks | null): Iterable<Tried> {
  const bars = rows === null ? [] : barsOf(ground, rows);
  if (bars === null) return;
  for (const board of rows === null ? [false] : [true, false]) {
    const settled = withBoard(ground, rows, bars, board);
    if (settled === null) continue;
    const plan = add(settled, placeWaysIn(ground, settled));
    const ducks = placeDucks(ground, plan);
    if (ducks === null) return;
    const ducked = add(plan, ducks);
    const own = banks === null ? [] : placeBanks(ground, ducked, banks);
    if (own === null) return;
    const nested = add(ducked, own);
    const pops = placePopDoors(ground, nested);
    if (pops === null) continue;
    const doored = add(nested, pops);
    let none = true;
    for (const things of THINGS) {
      const stood = placeThings(ground, doored, things);
      if (stood === null) continue;
      none = false;
      const full = add(doored, stood);
      const needs = airNeeds(ground.judge(ground.plan).ctx);
      const done = add(full, placeOpenings(ground, full, needs));
      // the depth of the litter is worked, not entered
      const bare = { ...done, litter: { ...done.litter, finalM: ground.given.finalM } };
      const { findings } = ground.judge(bare);
      yield { plan: bare, findings, rows, banks, things, board };
      if (!findings.some((f) => f.code.startsWith('floor.') || f.code.startsWith('shell.things')))
        break;
    }
    if (none) return;
  }
}

const THINGS: readonly Things[] = [
  { pairs: true, bath: true },
  { pairs: true, bath: false },
  { pairs: false, bath: false },
];

const add = (plan: Plan, fixtures: readonly Fixture[]): Plan => ({
  ...plan,
  fixtures: [...plan.fixtures, ...fixtures],
});

/** The bars with a droppings board under them and the litter as deep as it then grows; null where no board goes there. */
function withBoard(
  ground: Ground,
  rows: Rows | null,
  bars: readonly Bar[],
  board: boolean,
): Plan | null {
  const plan = add(ground.plan, bars);
  if (!board || rows === null) return plan;
  const made = boardUnder(ground, rows, bars);
  const boarded = add(plan, [made]);
  const finalM = finalWith({ ...boarded, litter: ground.given }, ground.judge(ground.plan));
  const settled = withFinalDepth(boarded, finalM);
  // birds walk under it, or it takes more floor than it is worth
  return solidOf(made, settled).z0 - finalM < ruled('floor.raised') ? null : settled;
}
