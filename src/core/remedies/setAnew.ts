import { highestOf, hopOf } from '../birds/hops';
import { lotsOf } from '../birds/lots';
import { freeNumber } from '../edit/defaults';
import { newBar, newBoard } from '../edit/new/bars';
import { againstWall } from '../edit/new/nests';
import { barsOf } from '../geometry/bars';
import { freeSpot } from '../geometry/freeRoom';
import { boxesPerTier, solidOf } from '../geometry/solids';
import { OPPOSITE } from '../geometry/walls';
import type { Finding } from '../kernel/finding';
import { mostVesselL, vesselUp } from '../kernel/units/vesselSize';
import { litterEndM } from '../model/litter';
import type { Bar, Fixture, NestBank, Plan, Vessel } from '../model/schema';
import { leastBarZ } from '../proposals/leastBar';
import {
  down,
  metres,
  near,
  type Proposal,
  type ProposalContext,
  type Told,
  up,
} from '../proposals/remedy';
import { chosenSchool, fitM, RULE_BOOK } from '../rules/book';
import { FIT } from '../rules/fit.data';
import { FACTS } from '../rules/singleRules.data';
import { lowBed } from '../stations/litter/remedies/lowBed';
import { hungOutside } from '../stations/nests/remedies/outside';
import { stepsTo } from '../stations/roosts/remedies/steps';
import { MOST_OUTLETS } from '../stations/vessels/remedies/vessels';
import { capacityL } from '../stations/vessels/vessels';

/** Findings of what stands in the wrong place, or finds none: what setting all anew may mend. */
export const MENDED_ANEW: readonly string[] = [
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

/** What is moved out from under the bars. */
type Floor = Extract<Fixture, { kind: 'feeder' | 'drinker' | 'dish' | 'dustBath' }>;

/**
 * The bars taken out and laid as rows that all birds get to, level or by turns low and high, the nests and what stands on the
 * floor set where no droppings fall: what is left where nothing less mends it.
 */
export function* setAnew(finding: Finding, ctx: ProposalContext): Iterable<Proposal> {
  const { plan, heaviestKg, sizes, value } = ctx;
  if (!barsOf(plan).some((b) => b.use === 'sleeping')) return;
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

/** More rows than this nobody cleans behind. */
const MOST_ROWS = 8;
/** No row is set higher than this over the litter, m. */
const HIGHEST_M = 2;

const wholeRows = (acrossM: number, apartM: number): number =>
  Math.max(0, Math.floor(acrossM / apartM + 1e-9) + 1);

/** The hop of each lot that sleeps on bars, and the highest it may sleep, over the litter, m. */
const climbsOf = (plan: Plan): { hopM: number; highestM: number }[] => {
  const hops = chosenSchool(RULE_BOOK, plan.schools, 'roosts.hop');
  const heights = chosenSchool(RULE_BOOK, plan.schools, 'roosts.height');
  return plan.flock
    .flatMap((g) => lotsOf(g, plan.ownBreeds))
    .filter((lot) => lot.kind !== 'duck')
    .map((lot) => ({ hopM: hopOf(lot, hops), highestM: highestOf(lot, heights) }));
};

/** Rises between low and high rows: none, the stair's own, and what birds that sleep low do not hop. */
function risesOf(plan: Plan): number[] {
  const least = up(plan, FIT['roosts.stair.rise'].valueM);
  const over = climbsOf(plan).map(({ hopM }) => up(plan, hopM + 0.01));
  const rises = [...new Set(over)].filter((m) => m > least && m <= MOST_RISE_M);
  return [0, least, ...rises.sort((a, b) => a - b)];
}

/** Farther than this no bird gets from row to row, m. */
const MOST_RISE_M = 0.6;

/** Rows all at one height (no rise), or by turns so much higher and lower, and how far apart, m. */
interface Apart {
  readonly riseM: number;
  readonly m: number;
}

/** From where along the coop a row runs, how far, and what of it birds use, m. */
interface Ends {
  readonly fromM: number;
  readonly lengthM: number;
  readonly usableM: number;
  readonly wallToWall: boolean;
  /** The foremost row is so much shorter, m: what stands on the floor goes beside it. */
  readonly frontLessM: number;
}

/** Rows clear of both walls; short of the right one by what a vessel takes out of the droppings; from wall to wall. */
function endsOf({ plan, heaviestKg }: ProposalContext): Ends[] {
  const room = plan.shell.lengthM;
  const end = up(plan, FIT['roosts.end.near'].valueM);
  const loss = FIT['roosts.end.loss'].valueM;
  const feet = plan.fixtures.flatMap((f) =>
    f.kind === 'feeder' || f.kind === 'drinker' ? [f.diameterM] : [],
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

function layRows(
  finding: Finding,
  { plan, sizes, value }: ProposalContext,
  rows: number,
  wallM: number,
  apart: Apart,
  ends: Ends,
): Proposal | null {
  const banks = plan.fixtures.filter((f): f is NestBank => f.kind === 'nestBank');
  const made = asManyBoxes(finding, plan, banks, sizes.boxM);
  const onFloor = plan.fixtures.filter((f): f is Floor => isOnFloor(f));
  const gone = new Set<string>(
    plan.fixtures.filter((f) => f.kind === 'bar' || f.kind === 'board').map((f) => f.id),
  );
  for (const f of [...banks, ...onFloor]) gone.add(f.id);
  const kept = plan.fixtures.filter((f) => !gone.has(f.id));
  // a lot that gets up to the high rows may sleep that high; one that does not stays on the low ones
  const lowM = climbsOf(plan).map(({ hopM, highestM }) =>
    apart.riseM > 0 && hopM >= apart.riseM - 1e-9 ? highestM - apart.riseM : highestM,
  );
  // no more than two steps lead up to the low rows
  const mostM = Math.min(HIGHEST_M, ...lowM, 3 * sizes.hopM);
  const mostZ = down(plan, plan.litter.depthM + mostM);
  const lips = made.map((bank) => lipUnder(plan, bank, mostZ, sizes));
  const lipped = { ...plan, fixtures: [...kept, ...lips] };
  const z = Math.min(leastBarZ(lipped), Math.max(mostZ, leastBarZ({ ...plan, fixtures: kept })));
  const bars = rowsAt({ ...plan, fixtures: kept }, plan, sizes, {
    rows,
    wallM,
    apart,
    z,
    ends,
  });
  // where litter or nests hold the low rows up, the high ones would be too high
  if (apart.riseM > 0 && z > mostZ + 1e-9) return null;
  const foremost = bars[bars.length - 1];
  if (!foremost) return null;
  const steps =
    z - plan.litter.depthM > sizes.hopM + 1e-9
      ? stepsTo({ ...plan, fixtures: [...plan.fixtures, ...bars] }, foremost, sizes.hopM)
      : [];
  let placed: Plan = { ...plan, fixtures: [...kept, ...bars, ...steps] };
  const board = plan.fixtures.find((f) => f.kind === 'board');
  if (board) {
    const { id, name } = board;
    placed = { ...placed, fixtures: [...placed.fixtures, newBoard(placed, { id, name })] };
  }
  // where birds have too little floor the nests take none of it
  const noFloor = (value('floor.needed') ?? 0) > (value('floor.have') ?? Number.POSITIVE_INFINITY);
  const stood: NestBank[] = [];
  for (const bank of lips) {
    const inside = () => againstWall(placed, bank, sizes);
    const out = () => hungOutside(placed, bank) ?? hungOutside(placed, bank, 0);
    const own = bank.hungOutside ? bank : noFloor ? (out() ?? inside()) : (inside() ?? out());
    if (own === null) return null;
    stood.push(own);
    placed = { ...placed, fixtures: [...placed.fixtures, own] };
  }
  const kg = sizes.heaviestOnBarsKg;
  const apartEach = stand(placed, onFloor, kg);
  // where not all of them find room, one on the wall stands for all of its kind
  const few = apartEach.left > 0 ? asOne(plan, onFloor, sizes.birds) : null;
  const together = few && stand(placed, few, kg);
  const stands = together && together.left < apartEach.left ? together : apartEach;
  placed = { ...placed, fixtures: [...placed.fixtures, ...stands.things] };
  const moved = stands.things.filter((f) => !onFloor.includes(f));
  const replaced = stands === together && few ? linesOfOne(onFloor, few) : [];
  const order = new Map(plan.fixtures.map((f, i) => [f.id, i]));
  const at = (f: Fixture): number => order.get(f.id) ?? order.size;
  const fixtures = [...placed.fixtures].sort((a, b) => at(a) - at(b));
  const changed = stood.filter((b) => !banks.some((was) => sameBank(was, b)));
  const brackets = Math.max(...bars.map((b) => b.brackets));
  const roosts: Told = {
    code: `roosts.setAnew${apart.riseM > 0 ? 'Stepped' : ''}${brackets > 0 ? 'OnBrackets' : ''}`,
    fixtures: [],
    numbers: {
      rows: { value: rows, unit: 'bars' as const },
      length: metres(ends.lengthM),
      height: metres(z - plan.litter.depthM),
      ...(apart.riseM > 0 ? { rise: metres(apart.riseM) } : {}),
      wall: metres(wallM),
      apart: metres(apart.m),
      ...(brackets > 0 ? { brackets: { value: brackets, unit: 'brackets' as const } } : {}),
    },
    parts: [
      ...(steps.length === 0
        ? []
        : [
            {
              code: 'roosts.addSteps',
              fixtures: [foremost.id],
              numbers: {
                steps: { value: steps.length, unit: 'bars' as const },
                height: metres(steps[steps.length - 1]?.z ?? 0),
              },
            },
          ]),
      ...(foremost.lengthM < ends.lengthM - 1e-9
        ? [
            {
              code: 'roosts.frontShort',
              fixtures: [foremost.id],
              numbers: { length: metres(foremost.lengthM) },
            },
          ]
        : []),
    ],
  };
  const nests: Told[] = [
    ...made
      .filter((bank, i) => bank !== banks[i])
      .map((bank) => ({
        code: 'nests.remake',
        fixtures: [bank.id],
        numbers: {
          boxes: { value: bank.boxes, unit: 'boxes' as const },
          width: metres(bank.boxW),
          depth: metres(bank.boxD),
          height: metres(bank.boxH),
        },
      })),
    ...changed.map((bank) => ({
      code: bank.hungOutside ? 'nests.setOutside' : 'nests.setAt',
      fixtures: [bank.id],
      numbers: { height: metres(bank.lipZ - plan.litter.depthM) },
      wall: OPPOSITE[bank.faces],
    })),
  ];
  const vessels: Told[] = [
    ...replaced,
    ...moved.map((f) => ({
      code: 'vessels.move',
      fixtures: [f.id],
      numbers: { left: metres(f.x), front: metres(f.y) },
    })),
  ];
  return {
    ...roosts,
    also: [...asChange('nests.setAnew', nests), ...asChange('vessels.setAnew', vessels)],
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

/** What is done to things of one kind is one change, told thing by thing where there is more than one. */
const asChange = (code: string, parts: readonly Told[]): readonly Told[] =>
  parts.length < 2 ? parts : [{ code, fixtures: [], numbers: {}, parts }];

/** Where boxes are short, by number or by size: each as large as the hens want, and as many more as are missing. */
function asManyBoxes(
  { code, numbers }: Finding,
  plan: Plan,
  banks: readonly NestBank[],
  boxM: ProposalContext['sizes']['boxM'],
): readonly NestBank[] {
  if (!code.startsWith('nests.boxes.')) return banks;
  const [boxW, boxD, boxH] = boxM.map((m) => up(plan, m)) as [number, number, number];
  const missing = Math.max(0, (numbers.needed?.value ?? 0) - (numbers.there?.value ?? 0));
  const longest = Math.max(plan.shell.lengthM, plan.shell.widthM) - 0.2;
  return banks.map((bank, i): NestBank => {
    if (bank.forWhom === 'ducks') return bank;
    const boxes = bank.boxes + (i === 0 ? missing : 0);
    const large = {
      ...bank,
      boxes,
      boxW: Math.max(bank.boxW, boxW),
      boxD: Math.max(bank.boxD, boxD),
      boxH: Math.max(bank.boxH, boxH),
    };
    const rows = boxesPerTier(large) * large.boxW > longest ? 2 : bank.rows;
    return { ...large, rows };
  });
}

const isOnFloor = (f: Fixture): boolean =>
  f.kind === 'dish' ||
  ((f.kind === 'feeder' || f.kind === 'drinker' || f.kind === 'dustBath') && f.place !== 'run');

const sameBank = (a: NestBank, b: NestBank): boolean =>
  a.id === b.id &&
  a.x === b.x &&
  a.y === b.y &&
  a.lipZ === b.lipZ &&
  a.hungOutside === b.hungOutside;

/** The bank with its lip low enough for bars no higher than this, and a step up to it where hens ask for one. */
function lipUnder(
  plan: Plan,
  bank: NestBank,
  mostZ: number,
  { hopM, ducks }: Pick<ProposalContext['sizes'], 'hopM' | 'ducks'>,
): NestBank {
  const own = bank.lipZ - plan.litter.depthM;
  // a bank on the floor is the ducks', where ducks live
  if (bank.forWhom === 'ducks' || (ducks && bank.forWhom === null && own <= LOW_LIP_M + 1e-9)) {
    return bank;
  }
  const least = up(
    plan,
    Math.max(
      plan.litter.depthM + LOW_LIP_M + (ducks ? 0.01 : 0),
      litterEndM(plan) + FACTS['nests.lip.final'].value,
    ),
  );
  const most = down(plan, mostZ - FIT['roosts.aboveNests'].valueM - (bank.rows - 1) * bank.boxH);
  const lipZ = Math.max(least, Math.min(bank.lipZ, most));
  const climb = lipZ - plan.litter.depthM;
  return { ...bank, lipZ, stepZ: climb > hopM ? near(plan, plan.litter.depthM + climb / 2) : 0 };
}

/** The lowest lip over litter as it starts that is no duck's, m. */
const LOW_LIP_M = 0.3;

/** Level rows from the rear wall forward; what bars there were go on in them. */
function rowsAt(
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
  const old = barsOf(plan).filter((b) => b.use === 'sleeping');
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

/** Things set one after another where nothing falls on them; what finds no such place stays where it is. */
function stand(
  plan: Plan,
  things: readonly Floor[],
  heaviestKg: number | null,
): { readonly things: readonly Floor[]; readonly left: number } {
  const stood: Floor[] = [];
  let left = 0;
  for (const thing of things) {
    const own = clearOf({ ...plan, fixtures: [...plan.fixtures, ...stood] }, thing, heaviestKg);
    if (own === null) left++;
    stood.push(own ?? thing);
  }
  return { things: stood, left };
}

/** Birds that a port or a cup is tried for (wide-rafter, assumption): proving tells whether it is enough. */
const BIRDS_EACH = 3;

/** Each kind of vessel as one on the wall, with as many outlets as all birds ask for; null where there is but one. */
function asOne(plan: Plan, onFloor: readonly Floor[], birds: number): readonly Floor[] | null {
  const vessels = onFloor.filter((f): f is Vessel => f.kind === 'feeder' || f.kind === 'drinker');
  const outlets = Math.min(MOST_OUTLETS, Math.max(1, Math.ceil(birds / BIRDS_EACH)));
  const ones = (['feeder', 'drinker'] as const).flatMap((kind): Floor[] => {
    const own = vessels.filter((v) => v.kind === kind);
    const [first] = own;
    if (!first || own.length < 2) return own;
    const litres = own.reduce((sum, v) => sum + capacityL(v), 0);
    const type = kind === 'feeder' ? 'port' : 'cup';
    const diameterM = Math.min(first.diameterM, up(plan, 0.25));
    const one = { ...first, type, outlets, diameterM, hung: false, onWall: true };
    return [
      {
        ...one,
        capacityL: Math.min(mostVesselL(plan.units), vesselUp(litres, plan.units)),
      } as Floor,
    ];
  });
  const others = onFloor.filter((f) => f.kind !== 'feeder' && f.kind !== 'drinker');
  return ones.length < vessels.length ? [...ones, ...others] : null;
}

function linesOfOne(before: readonly Floor[], after: readonly Floor[]): Told[] {
  return after.flatMap((one): Told[] => {
    if ((one.kind !== 'feeder' && one.kind !== 'drinker') || before.includes(one)) return [];
    return [
      {
        code: one.kind === 'feeder' ? 'vessels.toPorts' : 'vessels.toCups',
        fixtures: before.filter((f) => f.kind === one.kind).map((f) => f.id),
        numbers: { outlets: { value: one.outlets, unit: 'outlets' } },
      },
    ];
  });
}

/** A thing on the floor where nothing falls on it; where it stands already, if that will do. */
function clearOf<F extends Floor>(plan: Plan, thing: F, heaviestKg: number | null): F | null {
  const corner = solidOf(thing, plan);
  const [offX, offY] = [thing.x - corner.x0, thing.y - corner.y0];
  const spot = freeSpot(plan, heaviestKg, {
    id: thing.id,
    at: (x, y) => solidOf({ ...thing, x: x + offX, y: y + offY }, plan),
  });
  return spot && { ...thing, x: near(plan, spot.x + offX), y: near(plan, spot.y + offY) };
}
