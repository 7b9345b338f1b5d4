import { joinZones, throughMesh } from './assess.zones';
import type { Assessment, AssessOptions } from './assessment';
import { dayOf } from './birds/flock';
import { zoneIn, zonePlan } from './edit/zones';
import { footMarks, stickMarks } from './geometry/stick';
import { createJudge, type Judged } from './judge';
import { byDay } from './kernel/event';
import { byId, type FigureLayer, layeredFigures, lazy } from './kernel/figures';
import { createKept } from './kernel/memory';
import type { StationId } from './kernel/station';
import type { Figures, Items } from './kernel/working';
import type { Plan } from './model/schema';
import type { Scoped, ZoneId } from './model/scope';
import { CARRYING, REGISTRY } from './registry';
import { RULE_BOOK } from './rules/book';
import { airOpenings } from './stations/air/areas';
import { brooderCarries, broodPlans } from './stations/brooder/brooder';
import { NOT_ASKED, schoolOf } from './stations/context';
import { birdsFigures, carriesFigures, flockDayFigure, shellFigures } from './stations/coop';
import { demandRows } from './stations/flock/flock';
import { monthRows } from './stations/flock/monthly';
import { floorTakers } from './stations/floor/floor';
import { reachMapOf } from './stations/reach/reach';
import { placeBirds } from './stations/roosts/perched';
import { roostsStation } from './stations/roosts/roosts';
import { type FlockSeats, seatFlock } from './stations/roosts/seats';
import { schoolOffers } from './stations/schools';
import { explainingSheet } from './stations/sheet';
import { railsOf, sentenceOf, shortest } from './staves';

export type { Assessment, AssessOptions } from './assessment';
export type { Stave } from './staves';

/**
 * The one door into the core: a valid plan in, everything worked from it out.
 * @param plan  a plan that `parsePlan` accepted, SI
 * @example     assess(plan, { on: today }).carries // 6
 */
export function assess(plan: Plan, options: AssessOptions): Assessment {
  return createAssessor()(plan, options);
}

/**
 * `assess` with a memory of its own: what no edit has touched is not judged again, and what is only told is made
 * when it is first read.
 * @returns a function that gives what `assess` gives, for a plan edited by replacing changed parts only
 */
export function createAssessor(): (plan: Scoped, options: AssessOptions) => Assessment {
  const judges = { whole: createJudge(), near: createJudge(), beyond: createJudge() };
  const kept = createKept();
  const one = (
    judge: ReturnType<typeof createJudge>,
    plan: Scoped,
    { on, book = RULE_BOOK, lean = false }: AssessOptions,
  ): Assessment => explained(judge(plan, { on, book, lean }), on);
  return (plan, options) => {
    if (plan.zone) return one(judges[plan.zone.id], plan, options);
    const whole = one(judges.whole, plan, options);
    const { partition, shell } = plan;
    if (partition === null) return whole;
    const zone = (id: ZoneId): Assessment => {
      const own = kept(`zone.${id}`, [partition, shell], () => zoneIn(plan, id));
      return one(judges[id], zonePlan(plan, id, own), options);
    };
    const [near, beyond] = [zone('near'), zone('beyond')];
    return joinZones(whole, { near: throughMesh(near, whole), beyond: throughMesh(beyond, whole) });
  };
}

const NO_FIGURES: Figures = new Map();

/** A judged coop with everything that is told of it: each part is made when it is first read. */
function explained(judged: Judged, on: string): Assessment {
  const { ctx, staves, findings } = judged;
  const { plan, flock, lean } = ctx;
  const { carries, heldBackBy } = shortest(staves);
  const sentence = lazy(() => sentenceOf(staves, flock.planned));
  const carried = lazy(() => Object.fromEntries(staves.map((s) => [s.station, s.carries])));
  const offers = lazy(() => schoolOffers(ctx, CARRYING, carried()));
  const seats = lazy(() => seatsOf(judged));
  const marks = lazy(() => stickMarks(plan));
  const feet = lazy(() => ({ x: footMarks(plan, 'x'), y: footMarks(plan, 'y') }));
  const items = lazy(() => itemsOf(judged, seats()));
  const figures = lazy(() =>
    lean
      ? NO_FIGURES
      : layeredFigures([
          ...offers().layers,
          ...stationLayers(judged, () => coopFigures(judged, seats(), marks(), feet())),
        ]),
  );
  const days = lazy(() =>
    flock.changes.map((d) => {
      const day = dayOf(flock, d);
      return { day, figure: flockDayFigure(day) };
    }),
  );
  const demand = lazy(() => demandRows(flock));
  const months = lazy(() => monthRows(flock));
  const events = lazy(() => REGISTRY.flatMap((s) => s.events?.(ctx) ?? []).sort(byDay));
  const brooder = lazy(() => ({ ...brooderCarries(ctx), broods: broodPlans(ctx) }));
  const birds = lazy(() => placeBirds(plan, flock, seats()));
  return {
    on,
    planned: flock.planned,
    plannedOn: flock.plannedOn,
    today: flock.today,
    carries,
    heldBackBy,
    get sentence() {
      return sentence();
    },
    staves,
    findings,
    chosen: ctx.schools,
    flock,
    litterFinalM: ctx.litter.finalM,
    zones: null,
    get figures() {
      return figures();
    },
    get items() {
      return items();
    },
    get schools() {
      return offers().byTopic;
    },
    get days() {
      return days();
    },
    get demand() {
      return demand();
    },
    get months() {
      return months();
    },
    get events() {
      return events();
    },
    get birds() {
      return birds();
    },
    get reach() {
      return reachMapOf(ctx);
    },
    get brooder() {
      return brooder();
    },
    get marks() {
      return marks();
    },
    get feet() {
      return feet();
    },
  };
}

/** Where the flock of the day that sets the roosts sits. */
function seatsOf({ ctx, asked }: Judged): FlockSeats {
  const carry = asked.roosts?.carry;
  const entered = carry === undefined || carry.state === 'notEntered';
  return seatFlock(ctx, entered ? { state: 'notApplicable' } : carry, schoolOf(ctx, roostsStation));
}

/**
 * The figures of every station, made station by station: one's own is looked for first where the id begins with
 * its name.
 * @param coop  figures of the coop as a whole
 */
function stationLayers({ ctx, asked }: Judged, coop: () => Figures): FigureLayer[] {
  const made = REGISTRY.map((station) => ({
    id: station.id,
    make: lazy((): Figures => {
      const sheet = explainingSheet(station.id);
      station.judge(sheet, ctx, asked[station.id] ?? NOT_ASKED);
      return sheet.figures;
    }),
  }));
  const begins =
    (station: StationId) =>
    (id: string): boolean =>
      id.startsWith(`${station}.`);
  const ofCoop = lazy(coop);
  const every = lazy(
    (): Figures =>
      byId([ofCoop, ...made.map((m) => m.make)].flatMap((make) => [...make().values()])),
  );
  return [
    ...made.map(({ id, make }) => ({ owns: begins(id), make })),
    { owns: (id) => !id.startsWith('fact.'), make: ofCoop },
    { owns: () => true, make: every },
  ];
}

function coopFigures(
  { ctx, staves }: Judged,
  seats: FlockSeats,
  marks: Assessment['marks'],
  feet: Assessment['feet'],
): Figures {
  const { flock, plan } = ctx;
  const all = shortest(staves);
  const { carries } = all;
  return byId([
    ...ctx.kept('coop.birds', [flock, seats.d], () => birdsFigures(flock, seats.d)),
    ...(carries === null ? [] : carriesFigures(carries, flock.planned, railsOf(staves), all)),
    ...shellFigures(plan, marks, [...feet.x, ...feet.y]),
  ]);
}

/** What the lists in the figures' workings have one of for each. */
function itemsOf({ ctx, staves }: Judged, seats: FlockSeats): Items {
  const ids = (list: readonly { readonly id: string }[]): string[] => list.map((f) => f.id);
  return {
    group: ids(ctx.flock.lots),
    bar: seats.bars.map((b) => b.bar.id),
    bank: ids(ctx.of('nestBank')),
    taker: floorTakers(ctx.plan).map((t) => t.fixture.id),
    station: staves.filter((s) => s.carries !== null).map((s) => s.station),
    opening: ids(airOpenings(ctx.plan)),
    feeder: ids(ctx.of('feeder')),
    drinker: ids(ctx.of('drinker')),
  };
}
