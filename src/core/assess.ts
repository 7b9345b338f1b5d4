import { createFlockWorker, dayOf, type FlockByDay } from './birds/flock';
import { byWorst, type Finding, STATIONS, type StationId } from './finding';
import { type PlacedBird, placeBirds } from './geometry/perched';
import type { ReachMap } from './geometry/reach';
import { type FootMark, footMarks, type StickMark, stickMarks } from './geometry/stick';
import type { Plan } from './plan/schema';
import { ZONES, type ZoneId, zonePlan } from './plan/zones';
import { type ChosenSchool, chosenSchool, RULE_BOOK } from './rules/book';
import type { RuleBook } from './rules/types';
import type { Sentence } from './sentence';
import { airOpenings, airStation } from './stations/air';
import { assessBrooder, type BroodPlan } from './stations/brooder';
import { carryOf, shortFrom } from './stations/carrying';
import {
  type CarryingStation,
  createOnce,
  type StationCarry,
  type StationContext,
  schoolOf,
} from './stations/context';
import { carriesFigures, coopFigures, flockDayFigure, shellFigures } from './stations/coop';
import { doorStation } from './stations/door';
import { feedStation } from './stations/feed';
import { type DemandRow, flockFigures } from './stations/flock';
import { flockFindings } from './stations/flock.findings';
import { floorStation, floorTakers } from './stations/floor';
import { assessLitter } from './stations/litter';
import { type MonthRow, monthlyFigures } from './stations/monthly';
import { nestsStation } from './stations/nests';
import { banksOf } from './stations/nests.boxes';
import { type NestOpening, nestOpenings } from './stations/nests.opening';
import { assessReach } from './stations/reach';
import { roostsStation, seatFlock } from './stations/roosts';
import { type SchoolOffer, schoolOffers } from './stations/schools';
import { sheetOf } from './stations/sheet';
import { outsideFindings } from './stations/shell';
import { moreOfShell } from './stations/shell.more';
import { type Verdict, verdictOf } from './stations/verdict';
import { drinkersOf, feedersOf } from './stations/vessels';
import { waterStation } from './stations/water';
import { type Figure, type Figures, type Items, KEEPERS } from './working';

/** A station's rail: what it carries against the plan. */
export interface Stave {
  readonly station: StationId;
  readonly state: StationCarry['state'];
  /** Birds it carries; null where it carries nothing or has not been entered. */
  readonly carries: number | null;
  readonly verdict: Verdict | null;
  /** The day in the horizon that sets it. */
  readonly setOn: string | null;
  /** First day from which it falls short; null where it never does. */
  readonly shortFrom: string | null;
}

export interface Assessment {
  readonly on: string;
  readonly planned: number;
  readonly plannedOn: string | null;
  readonly today: number;
  /** Birds the coop carries; null until every main station has been entered. */
  readonly carries: number | null;
  readonly heldBackBy: readonly StationId[];
  readonly sentence: Sentence;
  readonly staves: readonly Stave[];
  readonly figures: Figures;
  /** What the lists in the figures' workings have one of for each. */
  readonly items: Items;
  readonly findings: readonly Finding[];
  /** What each school of each topic would give. */
  readonly schools: Readonly<Record<string, readonly SchoolOffer[]>>;
  readonly chosen: Readonly<Record<string, ChosenSchool>>;
  /** Days of the horizon on which the flock changes, with the figure of its birds; the first is `on`. */
  readonly days: readonly { readonly day: string; readonly figure: string }[];
  /** The flock by day, and what it asks for today and at most. */
  readonly flock: FlockByDay;
  readonly demand: readonly DemandRow[];
  readonly months: readonly MonthRow[];
  /** When nests are opened for those that come into lay. */
  readonly nestOpenings: readonly NestOpening[];
  readonly birds: readonly PlacedBird[];
  /** Floor within the keeper's reach; null until a door or a hatch has been entered. */
  readonly reach: ReachMap | null;
  /** Chicks of the largest brood, what the brooder carries of them, and each brood week by week. */
  readonly brooder: {
    readonly chicks: number;
    readonly carries: number | null;
    readonly broods: readonly BroodPlan[];
  };
  /** Each zone of a partitioned coop, assessed by itself; null for a coop that is one. */
  readonly zones: Readonly<Record<ZoneId, Assessment>> | null;
  readonly marks: readonly StickMark[];
  /** Lengths along the foot: from the left wall, and from the front wall. */
  readonly feet: { readonly x: readonly FootMark[]; readonly y: readonly FootMark[] };
}

export interface AssessOptions {
  /** The day assessed, YYYY-MM-DD. The core reads no clock. */
  readonly on: string;
  readonly book?: RuleBook;
  /** Leaves out what other schools would give and what is only drawn: for proving remedies. */
  readonly lean?: boolean;
}

export const CARRYING_STATIONS: readonly CarryingStation[] = [
  floorStation,
  roostsStation,
  nestsStation,
  airStation,
  feedStation,
  waterStation,
  doorStation,
];

/** What a coop cannot be told to carry without. */
const MAIN: ReadonlySet<StationId> = new Set(['floor', 'roosts', 'nests']);

/**
 * The one door into the core: a valid plan in, everything worked from it out.
 * @param plan  a plan that `parsePlan` accepted, SI
 * @example     assess(plan, { on: '2027-03-01' }).carries
 */
export function assess(plan: Plan, options: AssessOptions): Assessment {
  return createAssessor()(plan, options);
}

/**
 * `assess` with a memory of its own: an edit that touches no group does not work the flock again,
 * and one that touches a group works that group alone.
 * @returns a function that gives what `assess` gives, for a plan edited by replacing changed parts only
 */
export function createAssessor(): (plan: Plan, options: AssessOptions) => Assessment {
  const whole = createOne();
  const zones = { near: createOne(), beyond: createOne() };
  return (plan, options) => {
    if (plan.partition === null) return whole(plan, options);
    const near = zones.near(zonePlan(plan, 'near'), options);
    const beyond = zones.beyond(zonePlan(plan, 'beyond'), options);
    const one = whole({ ...plan, partition: null }, options);
    return joinZones(one, { near: throughMesh(near, one), beyond: throughMesh(beyond, one) });
  };
}

/** Assesses one coop, or one zone of it, with a memory of its own. */
function createOne(): (plan: Plan, options: AssessOptions) => Assessment {
  const worker = createFlockWorker();
  const memo = createMemo();
  return (plan, options) => assessFlock(plan, worker(plan, options.on), options, memo);
}

/**
 * A coop of two zones, each sized by itself. What it carries is what the zones carry together where both
 * have room, and no more than each has birds for where one is short.
 */
function joinZones(whole: Assessment, zones: Readonly<Record<ZoneId, Assessment>>): Assessment {
  const pair = ZONES.map((id) => zones[id]);
  const staves = whole.staves.map((s): Stave => {
    if (OF_THE_WHOLE.has(s.station)) return s;
    const own = pair.flatMap((z) => z.staves.filter((x) => x.station === s.station));
    return joinStaves(
      s,
      own,
      pair.map((z) => z.planned),
      whole.planned,
    );
  });
  const { carries, heldBackBy } = shortest(staves);
  const findings = new Map(
    whole.findings.filter((f) => OF_THE_WHOLE.has(f.station)).map((f) => [f.key, f]),
  );
  for (const id of ZONES) {
    for (const f of zones[id].findings) {
      if (OF_THE_WHOLE.has(f.station)) continue;
      const key = f.fixtures.length === 0 ? `${f.key}@${id}` : f.key;
      findings.set(key, { ...f, key });
    }
  }
  const rails = staves.flatMap((s) => (s.carries === null ? [] : [s.carries]));
  const found = sheetOf('flock');
  for (const s of staves) {
    if (s.carries !== null) found.found(`${s.station}.capacity`, 'birds', s.carries, KEEPERS);
  }
  const told = carries === null ? [] : carriesFigures(carries, whole.planned, rails);
  return {
    ...whole,
    carries,
    heldBackBy,
    sentence: sentenceOf(staves, carries, heldBackBy, whole.planned),
    staves,
    figures: byId([...found.figures, ...told], whole.figures),
    items: {
      ...whole.items,
      station: staves.filter((s) => s.carries !== null).map((s) => s.station),
    },
    findings: [...findings.values()].sort(byWorst),
    zones,
  };
}

/** Stations that two zones have in common: air passes the mesh between them. */
const OF_THE_WHOLE: ReadonlySet<StationId> = new Set(['shell', 'air', 'brooder']);

/** A zone with the air of the whole coop. */
function throughMesh(zone: Assessment, whole: Assessment): Assessment {
  const air = (list: readonly Finding[]): Finding[] => list.filter((f) => f.station === 'air');
  const rest = zone.findings.filter((f) => f.station !== 'air');
  const figures = Object.values(whole.figures).filter((f) => f.id.startsWith('air.'));
  const stave = whole.staves.find((s) => s.station === 'air');
  const staves = zone.staves.map((s) => (s.station === 'air' && stave ? stave : s));
  const { carries, heldBackBy } = shortest(staves);
  const rails = staves.flatMap((s) => (s.carries === null ? [] : [s.carries]));
  const told = carries === null ? [] : carriesFigures(carries, zone.planned, rails);
  return {
    ...zone,
    carries,
    heldBackBy,
    sentence: sentenceOf(staves, carries, heldBackBy, zone.planned),
    findings: [...rest, ...air(whole.findings)].sort(byWorst),
    figures: byId([...figures, ...told], zone.figures),
    staves,
  };
}

function joinStaves(
  s: Stave,
  own: readonly Stave[],
  birds: readonly number[],
  planned: number,
): Stave {
  const asked = own.filter((z) => z.state !== 'notApplicable');
  if (asked.length === 0) return { ...carriesNothing(s.station), state: s.state };
  if (asked.some((z) => z.state === 'notEntered')) {
    return { ...carriesNothing(s.station), state: 'notEntered' };
  }
  const enough = own.every((z, i) => z.carries === null || z.carries >= (birds[i] ?? 0));
  // a zone that asks nothing of a station holds nobody back
  const sum = own.reduce((n, z, i) => {
    const here = birds[i] ?? 0;
    return n + (z.carries === null ? here : enough ? z.carries : Math.min(z.carries, here));
  }, 0);
  const carries = Math.min(500, sum);
  const shortFrom = own.flatMap((z) => (z.shortFrom === null ? [] : [z.shortFrom])).sort()[0];
  const setOn = own.flatMap((z) => (z.setOn === null ? [] : [z.setOn])).sort()[0];
  return {
    ...s,
    state: 'carries',
    carries,
    verdict: verdictOf(carries, planned),
    setOn: setOn ?? s.setOn,
    shortFrom: shortFrom ?? null,
  };
}

/** What hangs on the flock, the schools, the limits and the brooder alone, kept while those stay. */
type Memo = (ctx: StationContext) => {
  readonly ofFlock: ReturnType<typeof flockFigures>;
  readonly together: ReturnType<typeof flockFindings>;
  readonly monthly: ReturnType<typeof monthlyFigures>;
  readonly brooder: ReturnType<typeof assessBrooder>;
  /** All their figures. */
  readonly figures: Figures;
};

function createMemo(): Memo {
  let last: { ctx: StationContext; value: ReturnType<Memo> } | null = null;
  return (ctx) => {
    const same =
      last !== null &&
      last.ctx.flock === ctx.flock &&
      last.ctx.book === ctx.book &&
      last.ctx.plan.schools === ctx.plan.schools &&
      last.ctx.plan.limits === ctx.plan.limits &&
      last.ctx.plan.brooder === ctx.plan.brooder &&
      last.ctx.plan.fills === ctx.plan.fills;
    if (last === null || !same) {
      const ofFlock = flockFigures(ctx);
      const together = flockFindings(ctx);
      const monthly = monthlyFigures(ctx.flock);
      const brooder = assessBrooder(ctx);
      const figures = byId(
        [ofFlock, together, monthly, brooder].flatMap((part) => [...part.figures]),
      );
      last = { ctx, value: { ofFlock, together, monthly, brooder, figures } };
    }
    return last.value;
  };
}

function assessFlock(
  plan: Plan,
  flock: FlockByDay,
  { on, book = RULE_BOOK, lean = false }: AssessOptions,
  memo: Memo,
): Assessment {
  const choices = { ...plan.schools, 'litter.school': `litter.school.${plan.litter.school}` };
  const schools = Object.fromEntries(
    book.topics.map((t) => [t.id, chosenSchool(book, choices, t.id)]),
  );
  const ctx: StationContext = { plan, flock, book, schools, once: createOnce() };
  const results = CARRYING_STATIONS.map((station) => {
    const school = schoolOf(ctx, station);
    const result = station.assess(ctx, carryOfStation(ctx, station, school), school);
    return { ...result, shortOn: shortFrom(flock, station.demand(ctx, school)) };
  });
  const litter = assessLitter(ctx);
  const reach = assessReach(ctx);
  const { ofFlock, together, monthly, brooder, figures: known } = memo(ctx);
  const shell = moreOfShell(ctx);
  const staves = STATIONS.map((id): Stave => {
    const r = results.find((x) => x.station === id);
    if (r) return stave(r.station, r.carry, r.shortOn, flock);
    return id === 'brooder' ? brooderStave(brooder) : carriesNothing(id);
  });
  const { carries, heldBackBy } = shortest(staves);
  const carried = Object.fromEntries(staves.map((s) => [s.station, s.carries]));
  const offers = lean
    ? { byTopic: {}, figures: [] }
    : schoolOffers(ctx, CARRYING_STATIONS, carried);
  const marks = lean ? [] : stickMarks(plan);
  const feet = lean ? { x: [], y: [] } : { x: footMarks(plan, 'x'), y: footMarks(plan, 'y') };
  const seats = seatFlock(ctx, carryOfResult(results, 'roosts'), schoolOf(ctx, roostsStation));
  const figures = lean
    ? []
    : [
        ...coopFigures(flock, seats.d, carries, staves),
        ...shellFigures(plan, marks, [...feet.x, ...feet.y]),
        ...results.flatMap((r) => r.figures),
        ...litter.figures,
        ...reach.figures,
        ...shell.figures,
        ...offers.figures,
      ];
  return {
    on,
    planned: flock.planned,
    plannedOn: flock.plannedOn,
    today: flock.today,
    carries,
    heldBackBy,
    sentence: sentenceOf(staves, carries, heldBackBy, flock.planned),
    staves,
    figures: lean ? {} : byId(figures, known),
    items: {
      group: flock.lots.map((lot) => lot.id),
      bar: seats.bars.map((b) => b.bar.id),
      bank: banksOf(plan).map((b) => b.id),
      taker: floorTakers(plan).map((t) => t.fixture.id),
      station: staves.filter((s) => s.carries !== null).map((s) => s.station),
      opening: airOpenings(plan).map((o) => o.id),
      feeder: feedersOf(plan).map((f) => f.id),
      drinker: drinkersOf(plan).map((f) => f.id),
    },
    findings: [
      ...results.flatMap((r) => r.findings),
      ...together.findings,
      ...outsideFindings(plan),
      ...[litter, reach, brooder, shell].flatMap((r) => r.findings),
    ].sort(byWorst),
    schools: offers.byTopic,
    chosen: schools,
    days: flock.changes.map((d) => ({
      day: dayOf(flock, d),
      figure: flockDayFigure(dayOf(flock, d)),
    })),
    flock,
    demand: ofFlock.demand,
    months: monthly.months,
    nestOpenings: lean ? [] : nestOpenings(flock),
    birds: lean ? [] : placeBirds(plan, flock, seats),
    reach: reach.map,
    zones: null,
    brooder: {
      chicks: brooder.chicks,
      carries: brooder.carriesChicks,
      broods: brooder.broods,
    },
    marks,
    feet,
  };
}

function carryOfStation(
  ctx: StationContext,
  station: CarryingStation,
  school: ChosenSchool,
): StationCarry {
  const carry = carryOf(ctx.flock, station.demand(ctx, school));
  return carry.state === 'carries' && !station.entered(ctx.plan)
    ? { state: 'notEntered', asked: carry }
    : carry;
}

function carryOfResult(
  results: readonly { station: StationId; carry: StationCarry }[],
  station: StationId,
): Exclude<StationCarry, { state: 'notEntered' }> {
  const carry = results.find((r) => r.station === station)?.carry;
  return carry === undefined || carry.state === 'notEntered' ? { state: 'notApplicable' } : carry;
}

/** The brooder's rail is its own: it never enters the coop's sentence. */
const brooderStave = (b: ReturnType<typeof assessBrooder>): Stave => ({
  ...carriesNothing('brooder'),
  state: b.chicks > 0 && b.carriesChicks === null ? 'notEntered' : 'notApplicable',
});

const carriesNothing = (station: StationId): Stave => ({
  station,
  state: 'notApplicable',
  carries: null,
  verdict: null,
  setOn: null,
  shortFrom: null,
});

function stave(
  station: StationId,
  carry: StationCarry,
  shortOn: number | null,
  flock: FlockByDay,
): Stave {
  if (carry.state !== 'carries') return { ...carriesNothing(station), state: carry.state };
  const { carries, setOn } = carry;
  return {
    station,
    state: 'carries',
    carries,
    verdict: verdictOf(carries, flock.planned),
    setOn: dayOf(flock, setOn),
    shortFrom: shortOn === null ? null : dayOf(flock, shortOn),
  };
}

/** The shortest stave is what the coop carries, once every main station has been entered. */
function shortest(staves: readonly Stave[]): { carries: number | null; heldBackBy: StationId[] } {
  const numbered = staves.filter((s) => s.carries !== null);
  if (numbered.length === 0 || missing(staves).length > 0) {
    return { carries: null, heldBackBy: [] };
  }
  const carries = Math.min(...numbered.map((s) => s.carries ?? Infinity));
  return {
    carries,
    heldBackBy: numbered.filter((s) => s.carries === carries).map((s) => s.station),
  };
}

/** Main stations that have not been entered. */
const missing = (staves: readonly Stave[]): StationId[] =>
  staves.filter((s) => s.state === 'notEntered' && MAIN.has(s.station)).map((s) => s.station);

function sentenceOf(
  staves: readonly Stave[],
  carries: number | null,
  heldBackBy: readonly StationId[],
  planned: number,
): Sentence {
  if (planned === 0) return { kind: 'noBirds' };
  if (carries === null) {
    return { kind: 'notEntered', stations: missing(staves) };
  }
  return carries < planned
    ? { kind: 'short', carries, planned, heldBackBy }
    : { kind: 'enough', carries, planned, room: carries - planned, next: heldBackBy };
}

/** Figures by id, over those known already. */
function byId(figures: readonly Figure[], known: Figures = {}): Figures {
  const all: Record<string, Figure> = { ...known };
  for (const f of figures) all[f.id] = f;
  return all;
}
