import { joinZones, throughMesh } from './assess.zones';
import type { Assessment, AssessOptions } from './assessment';
import { createFlockWorker, dayOf, type FlockByDay } from './birds/flock';
import { zonePlan } from './edit/zones';
import { footMarks, stickMarks } from './geometry/stick';
import { byId, layeredFigures } from './kernel/figures';
import { byWorst, STATIONS, type StationId } from './kernel/finding';
import type { Figures } from './kernel/working';
import type { Plan } from './model/schema';
import { type ChosenSchool, chosenSchool, RULE_BOOK } from './rules/book';
import type { RuleBook } from './rules/types';
import { airOpenings, airStation } from './stations/air/air';
import { assessBrooder } from './stations/brooder/brooder';
import { carryBy, shortBy } from './stations/carried';
import {
  type CarryingStation,
  createKept,
  createOnce,
  type Kept,
  type StationCarry,
  type StationContext,
  schoolOf,
  whenOf,
} from './stations/context';
import { birdsFigures, carriesFigures, flockDayFigure, shellFigures } from './stations/coop';
import { doorStation } from './stations/door/door';
import { feedStation } from './stations/feed/feed';
import { flockFigures } from './stations/flock/flock';
import { flockFindings } from './stations/flock/keeping';
import { monthlyFigures } from './stations/flock/monthly';
import { floorStation, floorTakers } from './stations/floor/floor';
import { assessLitter } from './stations/litter/litter';
import { litterCourse, withFinalDepth } from './stations/litterCourse';
import { banksOf } from './stations/nests/boxes';
import { nestsStation } from './stations/nests/nests';
import { nestOpenings } from './stations/nests/opening';
import { assessReach } from './stations/reach/reach';
import { placeBirds } from './stations/roosts/perched';
import { roostsStation, seatFlock } from './stations/roosts/roosts';
import { schoolOffers } from './stations/schools';
import { outsideFindings } from './stations/shell/outside';
import { moreOfShell } from './stations/shell/shell';
import { drinkersOf, feedersOf } from './stations/vessels/vessels';
import { waterStation } from './stations/water/water';
import { carriesNothing, railsOf, type Stave, sentenceOf, shortest, stave } from './staves';

export const CARRYING_STATIONS: readonly CarryingStation[] = [
  floorStation,
  roostsStation,
  nestsStation,
  airStation,
  feedStation,
  waterStation,
  doorStation,
];

export type { Assessment, AssessOptions } from './assessment';
export type { Stave } from './staves';

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
  const zones = { near: createOne(true), beyond: createOne(true) };
  return (plan, options) => {
    if (plan.partition === null) return whole(plan, options);
    const near = zones.near(zonePlan(plan, 'near'), options);
    const beyond = zones.beyond(zonePlan(plan, 'beyond'), options);
    const one = whole({ ...plan, partition: null }, options);
    return joinZones(one, { near: throughMesh(near, one), beyond: throughMesh(beyond, one) });
  };
}

/** Assesses one coop, or one zone of it, with a memory of its own. */
function createOne(zone = false): (plan: Plan, options: AssessOptions) => Assessment {
  const worker = createFlockWorker();
  const kept = createKept();
  return (plan, options) => assessFlock(plan, worker(plan, options.on), options, kept, zone);
}

/** The school chosen for each topic. */
function chosenSchools({ schools, litter }: Plan, book: RuleBook): Record<string, ChosenSchool> {
  const choices = { ...schools, 'litter.school': `litter.school.${litter.school}` };
  return Object.fromEntries(book.topics.map((t) => [t.id, chosenSchool(book, choices, t.id)]));
}

/** What hangs on the flock, the schools, the limits, the fills and the brooder alone. */
function workFlock(ctx: StationContext) {
  const ofFlock = flockFigures(ctx);
  const together = flockFindings(ctx);
  const monthly = monthlyFigures(ctx.flock, ctx.plan.fills.bagKg);
  const brooder = assessBrooder(ctx);
  const days = ctx.flock.changes.map((d) => {
    const day = dayOf(ctx.flock, d);
    return { day, figure: flockDayFigure(day) };
  });
  const figures = byId([ofFlock, together, monthly, brooder].flatMap((part) => [...part.figures]));
  return { ofFlock, together, monthly, brooder, days, openings: nestOpenings(ctx.flock), figures };
}

function assessFlock(
  given: Plan,
  flock: FlockByDay,
  { on, book = RULE_BOOK, lean = false }: AssessOptions,
  kept: Kept,
  zone: boolean,
): Assessment {
  const schools = kept('schools', [given.schools, given.litter.school, book], () =>
    chosenSchools(given, book),
  );
  const litterOf = (topic: string): ChosenSchool => {
    const school = schools[topic];
    if (!school) throw new Error(`no school has been chosen for ${topic}`);
    return school;
  };
  const course = kept('litter', [given.litter, given.shell, given.fixtures, flock, schools], () =>
    litterCourse(given, flock, {
      litter: litterOf('litter.school'),
      cleanOut: litterOf('litter.cleanOut'),
      night: litterOf('roosts.droppings'),
    }),
  );
  const plan = withFinalDepth(given, course.finalM);
  const once = createOnce();
  const ctx: StationContext = {
    plan,
    flock,
    book,
    schools,
    zone,
    litter: course,
    lean,
    once,
    kept,
  };
  const results = CARRYING_STATIONS.map((station) => {
    const school = schoolOf(ctx, station);
    const spell = lean ? null : shortBy(ctx, station, school);
    const short = spell && whenOf(flock, spell);
    return { ...station.assess(ctx, carryOfStation(ctx, station, school), school, short), short };
  });
  const litter = assessLitter(ctx);
  const reach = assessReach(ctx);
  const known = kept(
    'flock',
    [flock, book, plan.schools, plan.limits, plan.brooder, plan.fills],
    () => workFlock(ctx),
  );
  const { ofFlock, together, monthly, brooder } = known;
  const shell = moreOfShell(ctx);
  const staves = STATIONS.map((id): Stave => {
    const r = results.find((x) => x.station === id);
    if (r) return stave(r.station, r.carry, r.short, flock);
    return id === 'brooder' ? brooderStave(brooder) : carriesNothing(id);
  });
  const { carries, heldBackBy, pair } = shortest(staves);
  const carried = Object.fromEntries(staves.map((s) => [s.station, s.carries]));
  const offers = lean ? { byTopic: {}, layers: [] } : schoolOffers(ctx, CARRYING_STATIONS, carried);
  const marks = lean ? [] : stickMarks(plan);
  const feet = lean ? { x: [], y: [] } : { x: footMarks(plan, 'x'), y: footMarks(plan, 'y') };
  const seats = seatFlock(ctx, carryOfResult(results, 'roosts'), schoolOf(ctx, roostsStation));
  const stationFigures = (): Figures =>
    byId(
      [
        ...kept('birds', [flock, seats.d], () => birdsFigures(flock, seats.d)),
        ...(carries === null ? [] : carriesFigures(carries, flock.planned, railsOf(staves), pair)),
        ...shellFigures(plan, marks, [...feet.x, ...feet.y]),
        ...results.flatMap((r) => r.figures),
        ...litter.figures,
        ...reach.figures,
        ...shell.figures,
      ],
      known.figures,
    );
  return {
    on,
    planned: flock.planned,
    plannedOn: flock.plannedOn,
    today: flock.today,
    carries,
    heldBackBy,
    sentence: sentenceOf(staves, flock.planned),
    staves,
    figures: lean
      ? new Map()
      : layeredFigures([{ owns: () => true, make: stationFigures }, ...offers.layers]),
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
    days: lean ? [] : known.days,
    flock,
    demand: ofFlock.demand,
    months: monthly.months,
    nestOpenings: lean ? [] : known.openings,
    litterFinalM: course.finalM,
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
  const carry = carryBy(ctx, station, school);
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
