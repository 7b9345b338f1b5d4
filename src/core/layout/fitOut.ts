import { sleepingBars } from '../geometry/bars';
import { solidOf } from '../geometry/solids';
import { isWalkedInto } from '../geometry/walls';
import type { Finding } from '../kernel/finding';
import type { Bar, Fixture, Plan, Side } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { airNeeds } from '../stations/air/air';
import { airThere } from '../stations/air/areas';
import { withFinalDepth } from '../stations/litterCourse';
import { shortest } from '../staves';
import { type Banks, banksFor, leastBarsZ, placeBanks, placeDucks } from './banks';
import { placePopDoors, placeWaysIn } from './doors';
import { placeThings, type Things } from './floorThings';
import { finalWith, type Ground } from './ground';
import { type AirNeeds, placeOpenings } from './openings';
import { materialOf, roundM } from './order';
import { barsOf, boardUnder, type Rows, rowsFor } from './rows';

/** A fit-out that was tried, with what is wrong with it. */
export interface Tried {
  readonly plan: Plan;
  readonly findings: readonly Finding[];
  /** Birds it carries; null where nothing in it carries any. */
  readonly carries: number | null;
  readonly rows: Rows | null;
  readonly banks: Banks | null;
  readonly things: Things;
  readonly board: boolean;
  /** Nothing stands on the floor but what must. */
  readonly leanest: boolean;
}

/** What a keeper has chosen otherwise than the program would. */
export interface Choices {
  readonly wall?: Side | undefined;
  readonly outside?: boolean | undefined;
  readonly tiers?: number | undefined;
  readonly board?: boolean | undefined;
  readonly bath?: boolean | undefined;
  readonly pairs?: boolean | undefined;
  /** False: one room for all, also where ducks live beside hens. */
  readonly parted?: boolean | undefined;
  /** False: no strip of floor for the keeper. */
  readonly strip?: boolean | undefined;
  /** True: feeders made at home from a can with ports. */
  readonly homeMade?: boolean | undefined;
  /** True: a rain barrel. */
  readonly rain?: boolean | undefined;
}

/** Tries are given up after so many that were judged. */
const MOST_JUDGED = 240;
/** Tries that all have one fault, before they are given up. */
const MOST_ALIKE = 90;

/** A floor larger than this takes longer to judge, and has room for the first tries, m². */
const LARGE_M2 = 40;
const MOST_JUDGED_LARGE = 24;
/** Of those that have no harm and nothing short, so many are compared. */
const MOST_FITS = 6;

/** What a fit-out is for: what chicks need in their box is the brooder's, and what a local rule forbids the flock's. */
export const isOfTheCoop = (f: Finding): boolean =>
  isBad(f) && f.station !== 'brooder' && f.station !== 'flock';

/** What no fit-out changes: it comes of who lives here, or of the shell. */
export const isOfTheFlock = ({ code }: Finding): boolean =>
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
 * The best fit-out of those that are tried: nothing harmful and nothing short before all, then by worth, then the
 * order of trying, which is the keeper's: fewest bars, nests where they are handy.
 * @returns the best, whether it fits or not; null where nothing could be placed at all
 */
export function fitOut(ground: Ground, choices: Choices = {}): Tried | null {
  const fits: Tried[] = [];
  let nearest: Tried | null = null;
  let judged = 0;
  let always = null as ReadonlySet<string> | null;
  const { lengthM, widthM } = ground.plan.shell;
  const most = lengthM * widthM > LARGE_M2 ? MOST_JUDGED_LARGE : MOST_JUDGED;
  for (const tried of tries(ground, choices)) {
    judged++;
    const bad = tried.findings.filter(isOfTheCoop).length;
    const codes = new Set<string>(tried.findings.filter(isOfTheCoop).map((f) => f.code));
    always = always === null ? codes : new Set([...always].filter((code) => codes.has(code)));
    if (bad === 0) fits.push(tried);
    else if (nearest === null || bad < nearest.findings.filter(isOfTheCoop).length) nearest = tried;
    // with nothing more to leave out, the floor stays short whatever else is moved
    if (bad > 0 && tried.leanest && tried.findings.some((f) => f.code === 'floor.area.short'))
      break;
    // what is wrong with every one of so many is not mended by another
    if (judged >= MOST_ALIKE && always.size > 0) break;
    if (fits.length >= MOST_FITS || judged >= most) break;
    if (bad === 0 && lesserOf(tried) <= NO_BOARD) break;
  }
  fits.sort(byWorth);
  return fits[0] ?? nearest;
}

/** The fewest findings first; then the shorter round for the keeper, the more birds it has room for, the less to buy. */
const byWorth = (a: Tried, b: Tried): number =>
  lesserOf(a) - lesserOf(b) ||
  roundOf(a) - roundOf(b) ||
  (b.carries ?? 0) - (a.carries ?? 0) ||
  materialOf(a.plan) - materialOf(b.plan);

/** The keeper's round in whole half-metres: less than one nobody notices. Source: wide-rafter (assumption). */
const roundOf = ({ plan }: Tried): number => Math.round(roundM(plan) / A_STEP_M);
const A_STEP_M = 0.5;

/** Whether a bank stands that these birds lay in. */
const hasBankFor = ({ fixtures }: Plan, whom: 'hens' | 'ducks'): boolean =>
  fixtures.some(
    (f) => f.kind === 'nestBank' && (f.forWhom === whom || (f.forWhom === null && whom === 'hens')),
  );

/** Whether a bank stays under the bars that stand already. */
const isUnderBars = (ground: Ground, banks: Banks): boolean =>
  sleepingBars(ground.plan).every((b) => leastBarsZ(ground, banks) <= b.z + 1e-9);

/** What has been found out: the floor is short, and boxes inside in so many tiers leave too little of it. */
interface Spent {
  insideTiers: number;
  floorShort: boolean;
}

/** Walls that rows stand along: the longer ones first, those with the higher roof before their opposites. */
function rowWalls({ plan }: Ground): Side[] {
  const long: Side[] =
    plan.shell.lengthM >= plan.shell.widthM ? ['rear', 'left'] : ['left', 'rear'];
  return [
    ...long,
    ...(long[0] === 'rear' ? (['right', 'front'] as const) : (['front', 'right'] as const)),
  ];
}

function* tries(ground: Ground, choices: Choices): Iterable<Tried> {
  const inFirst = isWalkedInto(ground.plan);
  const spent: Spent = { insideTiers: 0, floorShort: false };
  const walls = choices.wall ? [choices.wall] : rowWalls(ground).slice(0, 2);
  const barred = sleepingBars(ground.plan).length > 0;
  const banks =
    ground.hens === null || hasBankFor(ground.plan, 'hens')
      ? [null]
      : [...banksFor(ground, inFirst)].filter(
          (b) =>
            (choices.outside === undefined || b.outside === choices.outside) &&
            (choices.tiers === undefined || b.tiers === choices.tiers) &&
            isUnderBars(ground, b),
        );
  for (const wall of walls) {
    for (const own of banks) {
      for (const rows of barred || ground.chickens.length === 0 || ground.seatsM === 0
        ? [null]
        : rowsOf(ground, wall, own)) {
        if (own !== null && !own.outside && own.tiers <= spent.insideTiers) break;
        yield* built(ground, rows, own, choices, spent);
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
  if (isHandy && isWalkedInto(ground.plan)) {
    for (const rows of rowsFor(ground, wall, boarded)) if (rows.steps === 0) yield rows;
  }
  yield* rowsFor(ground, wall, least);
}

/** Bars over litter as it starts that leave room for a board, and for birds to walk under it as the litter grows, m. */
const BOARDED_M = 0.7;

/** One arrangement of bars and nests with all else put round it, as far as each thing finds its place. */
function* built(
  ground: Ground,
  rows: Rows | null,
  banks: Banks | null,
  choices: Choices,
  spent: Spent,
): Iterable<Tried> {
  const bars = rows === null ? [] : barsOf(ground, rows);
  if (bars === null) return;
  for (const board of rows === null ? [false] : [true, false]) {
    if (choices.board !== undefined && board !== choices.board) continue;
    const settled = withBoard(ground, rows, bars, board);
    if (settled === null) continue;
    const plan = add(settled, placeWaysIn(ground, settled));
    // ducks' boxes take no floor where they hang outside
    const ducksOut = spent.floorShort;
    const ducks = hasBankFor(plan, 'ducks') ? [] : placeDucks(ground, plan, ducksOut);
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
      if (choices.bath !== undefined && things.bath !== choices.bath) continue;
      if (choices.pairs !== undefined && things.pairs !== choices.pairs) continue;
      const stood = placeThings(ground, doored, { ...things, homeMade: choices.homeMade === true });
      if (stood === null) continue;
      none = false;
      const full = add(doored, stood);
      const needs = stillNeeded(ground, full);
      const done = add(full, placeOpenings(ground, full, needs));
      // the depth of the litter is worked, not entered
      const bare = { ...done, litter: litterOf(ground, done) };
      const { findings, staves } = ground.judge(bare);
      const floorShort = findings.some((f) => f.code === 'floor.area.short');
      const least = things === THINGS[THINGS.length - 1] && !board;
      const canHang = banks !== null && !banks.outside;
      yield {
        plan: bare,
        findings,
        carries: shortest(staves).carries,
        rows,
        banks,
        things,
        board,
        leanest: least && !canHang && (ducksOut || ducks.length === 0),
      };
      if (!floorShort && !findings.some((f) => f.code === 'shell.things.clash')) break;
      if (least && floorShort) {
        spent.floorShort = true;
        if (canHang) spent.insideTiers = Math.max(spent.insideTiers, banks.tiers);
      }
    }
    if (none) return;
  }
}

/** The litter as the keeper has it, with a board inside the way in that holds it back as it grows. */
function litterOf({ given, up }: Ground, plan: Plan): Plan['litter'] {
  const isWayIn = plan.fixtures.some((f) => f.kind === 'door' || f.kind === 'hatch');
  const held = up((plan.litter.finalM ?? plan.litter.depthM) + ruled('litter.board.above'));
  return { ...given, retainingM: given.retainingM ?? (isWayIn ? held : null) };
}

/** Air that is needed beside what the openings that stand let through. */
function stillNeeded(ground: Ground, plan: Plan): AirNeeds {
  const needs = airNeeds(ground.judge(ground.plan).ctx);
  const there = airThere(plan);
  return {
    alwaysM2: Math.max(0, needs.alwaysM2 - there.alwaysM2),
    allM2: Math.max(0, needs.allM2 - there.allM2),
  };
}

const THINGS: readonly Things[] = [
  { pairs: true, bath: true },
  { pairs: true, bath: false },
  { pairs: false, bath: true },
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
