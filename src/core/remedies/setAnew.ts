import { newBoard } from '../edit/new/bars';
import { againstWall } from '../edit/new/nests';
import { sleepingBars } from '../geometry/bars';
import { OPPOSITE } from '../geometry/walls';
import type { FindingCode, RemedyCode } from '../kernel/codes.data';
import type { Finding } from '../kernel/finding';
import type { Bar, Fixture, NestBank, Plan } from '../model/schema';
import { down, up } from '../model/tape';
import { leastBarZ } from '../proposals/leastBar';
import { metres, type Proposal, type ProposalContext, type Told } from '../proposals/remedy';
import { fitM } from '../rules/book';
import { lowBed } from '../stations/litter/remedies/lowBed';
import { hungOutside } from '../stations/nests/remedies/outside';
import { stepsTo } from '../stations/roosts/remedies/steps';
import { asOne, type Floor, isOnFloor, linesOfOne, stand } from './floorAnew';
import { asManyBoxes, lipUnder, sameBank } from './nestsAnew';
import {
  type Apart,
  climbsOf,
  type Ends,
  endsOf,
  HIGHEST_M,
  MOST_ROWS,
  risesOf,
  rowsAt,
  wholeRows,
} from './rowsAnew';

/** Findings of what stands in the wrong place, or finds none: what setting all anew may mend. */
export const MENDED_ANEW: readonly FindingCode[] = [
  'roosts.length.short',
  'roosts.places.short',
  'roosts.reach.short',
  'roosts.hop.high',
  'roosts.bar.high',
  'roosts.bar.underAnother',
  'roosts.bar.belowNests',
  'roosts.bar.unreached',
  'roosts.bar.descent',
  'nests.bank.underBars',
  'nests.boxes.short',
  'nests.boxes.sizeShort',
  'feed.vessel.underBars',
  'water.vessel.underBars',
  'feed.access.short',
  'water.access.short',
  'shell.fixture.pastWall',
];

/**
 * The bars taken out and laid as rows that all birds get to, level or by turns low and high, the nests and what stands on the
 * floor set where no droppings fall: what is left where nothing less mends it.
 */
export function* setAnew(finding: Finding, ctx: ProposalContext): Iterable<Proposal> {
  const { plan, heaviestKg, sizes, value } = ctx;
  if (sleepingBars(plan).length === 0) return;
  const wall = up(plan, fitM('roosts.wall', heaviestKg));
  const needed = Math.max(sizes.roostM, value('roosts.needed') ?? 0);
  const tried = new Set<string>();
  for (const riseM of risesOf(plan)) {
    const rule = riseM === 0 ? 'roosts.apart.level' : 'roosts.apart.stair';
    const apart = { riseM, m: up(plan, fitM(rule, heaviestKg)) };
    const most = Math.min(MOST_ROWS, wholeRows(plan.shell.widthM - 2 * wall, apart.m));
    for (const ends of endsOf(ctx)) {
      const asked = needed + ends.frontLessM;
      const rows = Math.max(1, Math.ceil(asked / Math.max(0.3, ends.usableM) - 1e-9));
      for (const n of [Math.min(most, rows), rows + 1, most - 1]) {
        const key = `${riseM} ${n} ${ends.fromM} ${ends.lengthM} ${ends.frontLessM}`;
        if (n > most || n < 1 || tried.has(key)) continue;
        tried.add(key);
        const laid = layRows(finding, ctx, n, wall, apart, ends);
        if (laid !== null) yield laid;
        // over a bed kept lower, birds that hop little get up where else they would not
        const low = riseM === 0 ? lowBed(plan, sizes.hopM) : null;
        const kept = low && layRows(finding, { ...ctx, plan: low }, n, wall, apart, ends);
        if (kept) yield onLowBed(kept, low);
      }
    }
  }
}

/** The same, with the bed kept so low told first of what is done beside it. */
function onLowBed(proposal: Proposal, { litter }: Plan): Proposal {
  const { finalM } = litter;
  return {
    ...proposal,
    also: [
      { code: 'litter.keepTo', fixtures: [], numbers: { depth: metres(finalM ?? 0) } },
      ...(proposal.also ?? []),
    ],
    hours: (proposal.hours ?? 1) + 4,
    change: (draft) => {
      proposal.change(draft);
      draft.litter.finalM = finalM;
    },
  };
}

/** What is laid anew: the rows, and with them nests and what stands on the floor. */
interface Laid {
  readonly rows: number;
  readonly wallM: number;
  readonly apart: Apart;
  readonly ends: Ends;
}

function layRows(
  finding: Finding,
  ctx: ProposalContext,
  rows: number,
  wallM: number,
  apart: Apart,
  ends: Ends,
): Proposal | null {
  const { plan, sizes } = ctx;
  const laid = { rows, wallM, apart, ends };
  const banks = plan.fixtures.filter((f): f is NestBank => f.kind === 'nestBank');
  const made = asManyBoxes(finding, plan, banks, sizes.boxM);
  const onFloor = plan.fixtures.filter((f): f is Floor => isOnFloor(f));
  const kept = plan.fixtures.filter(
    (f) => !['bar', 'board', 'nestBank'].includes(f.kind) && !isOnFloor(f),
  );
  const roosts = roostsAnew(plan, kept, made, sizes, laid);
  if (roosts === null) return null;
  const { bars, steps, lips } = roosts;
  let placed: Plan = { ...plan, fixtures: [...kept, ...bars, ...steps] };
  const board = plan.fixtures.find((f) => f.kind === 'board');
  if (board) {
    const { id, name } = board;
    placed = { ...placed, fixtures: [...placed.fixtures, newBoard(placed, { id, name })] };
  }
  const stood = standBanks(placed, lips, ctx);
  if (stood === null) return null;
  placed = { ...placed, fixtures: [...placed.fixtures, ...stood] };
  const kg = sizes.heaviestOnBarsKg;
  const apartEach = stand(placed, onFloor, kg);
  // where not all of them find room, one on the wall stands for all of its kind
  const few = apartEach.left > 0 ? asOne(plan, onFloor, sizes.birds) : null;
  const together = few && stand(placed, few, kg);
  const stands = together && together.left < apartEach.left ? together : apartEach;
  const moved = stands.things.filter((f) => !onFloor.includes(f));
  const replaced = stands === together && few ? linesOfOne(onFloor, few) : [];
  const order = new Map(plan.fixtures.map((f, i) => [f.id, i]));
  const at = (f: Fixture): number => order.get(f.id) ?? order.size;
  const fixtures = [...placed.fixtures, ...stands.things].sort((a, b) => at(a) - at(b));
  const changed = stood.filter((b) => !banks.some((was) => sameBank(was, b)));
  const remade = made.filter((bank, i) => bank !== banks[i]);
  return {
    ...rowsTold(plan, roosts, laid),
    also: [
      ...asChange('nests.setAnew', banksTold(plan, remade, changed)),
      ...asChange('vessels.setAnew', [...replaced, ...moved.map(movedTold)]),
    ],
    last: true,
    hours:
      (apart.riseM > 0 ? 1.7 : 1.5) * rows +
      0.3 * banks.length +
      1.5 * changed.length +
      0.3 * moved.length +
      2,
    change: (draft) => {
      draft.fixtures = fixtures;
    },
  };
}

/** Bars as rows, the steps up to them, and the nests' lips low enough for them. */
interface Roosts {
  readonly bars: readonly Bar[];
  readonly steps: readonly Bar[];
  readonly lips: readonly NestBank[];
  /** The low rows, m above the bare floor. */
  readonly z: number;
}

/** The rows at the height that birds, nests and litter leave them; null where the high ones would be too high. */
function roostsAnew(
  plan: Plan,
  kept: Fixture[],
  banks: readonly NestBank[],
  sizes: ProposalContext['sizes'],
  { rows, wallM, apart, ends }: Laid,
): Roosts | null {
  // a lot that gets up to the high rows may sleep that high; one that does not stays on the low ones
  const lowM = climbsOf(plan).map(({ hopM, highestM }) =>
    apart.riseM > 0 && hopM >= apart.riseM - 1e-9 ? highestM - apart.riseM : highestM,
  );
  // no more than two steps lead up to the low rows
  const mostM = Math.min(HIGHEST_M, ...lowM, 3 * sizes.hopM);
  const mostZ = down(plan, plan.litter.depthM + mostM);
  const lips = banks.map((bank) => lipUnder(plan, bank, mostZ, sizes));
  const without = { ...plan, fixtures: kept };
  const lipped = { ...plan, fixtures: [...kept, ...lips] };
  const z = Math.min(leastBarZ(lipped), Math.max(mostZ, leastBarZ(without)));
  const bars = rowsAt(without, plan, sizes, { rows, wallM, apart, z, ends });
  // where litter or nests hold the low rows up, the high ones would be too high
  if (apart.riseM > 0 && z > mostZ + 1e-9) return null;
  const foremost = bars[bars.length - 1];
  if (!foremost) return null;
  const among = { ...plan, fixtures: [...plan.fixtures, ...bars] };
  const isHigh = z - plan.litter.depthM > sizes.hopM + 1e-9;
  return { bars, steps: isHigh ? stepsTo(among, foremost, sizes.hopM) : [], lips, z };
}

/** The banks where they find a wall, inside or through it, one after another; null where one finds none. */
function standBanks(
  plan: Plan,
  banks: readonly NestBank[],
  { sizes, value }: ProposalContext,
): NestBank[] | null {
  // where birds have too little floor the nests take none of it
  const noFloor = (value('floor.needed') ?? 0) > (value('floor.have') ?? Number.POSITIVE_INFINITY);
  const stood: NestBank[] = [];
  for (const bank of banks) {
    const placed = { ...plan, fixtures: [...plan.fixtures, ...stood] };
    const inside = () => againstWall(placed, bank, sizes);
    const out = () => hungOutside(placed, bank) ?? hungOutside(placed, bank, 0);
    const own = bank.hungOutside ? bank : noFloor ? (out() ?? inside()) : (inside() ?? out());
    if (own === null) return null;
    stood.push(own);
  }
  return stood;
}

function rowsTold(
  plan: Plan,
  { bars, steps, z }: Roosts,
  { rows, wallM, apart, ends }: Laid,
): Told {
  const brackets = Math.max(...bars.map((b) => b.brackets));
  const foremost = bars.at(-1) as Bar;
  const parts: Told[] = [];
  if (steps.length > 0) {
    const numbers = {
      steps: { value: steps.length, unit: 'bars' as const },
      height: metres(steps.at(-1)?.z ?? 0),
    };
    parts.push({ code: 'roosts.addSteps', fixtures: [foremost.id], numbers });
  }
  if (foremost.lengthM < ends.lengthM - 1e-9) {
    const numbers = { length: metres(foremost.lengthM) };
    parts.push({ code: 'roosts.frontShort', fixtures: [foremost.id], numbers });
  }
  return {
    code: `roosts.setAnew${apart.riseM > 0 ? 'Stepped' : ''}${brackets > 0 ? 'OnBrackets' : ''}`,
    fixtures: [],
    numbers: {
      rows: { value: rows, unit: 'bars' },
      length: metres(ends.lengthM),
      height: metres(z - plan.litter.depthM),
      ...(apart.riseM > 0 ? { rise: metres(apart.riseM) } : {}),
      wall: metres(wallM),
      apart: metres(apart.m),
      ...(brackets > 0 ? { brackets: { value: brackets, unit: 'brackets' as const } } : {}),
    },
    parts,
  };
}

const banksTold = (
  plan: Plan,
  remade: readonly NestBank[],
  changed: readonly NestBank[],
): Told[] => [
  ...remade.map((bank) => ({
    code: 'nests.remake' as const,
    fixtures: [bank.id],
    numbers: {
      boxes: { value: bank.boxes, unit: 'boxes' as const },
      width: metres(bank.boxW),
      depth: metres(bank.boxD),
      height: metres(bank.boxH),
    },
  })),
  ...changed.map((bank) => ({
    code: bank.hungOutside ? ('nests.setOutside' as const) : ('nests.setAt' as const),
    fixtures: [bank.id],
    numbers: { height: metres(bank.lipZ - plan.litter.depthM) },
    wall: OPPOSITE[bank.faces],
  })),
];

const movedTold = (f: Floor): Told => ({
  code: 'vessels.move',
  fixtures: [f.id],
  numbers: { left: metres(f.x), front: metres(f.y) },
});

/** What is done to things of one kind is one change, told thing by thing where there is more than one. */
const asChange = (code: RemedyCode, parts: readonly Told[]): readonly Told[] =>
  parts.length < 2 ? parts : [{ code, fixtures: [], numbers: {}, parts }];
