import { sleepingBars } from '../geometry/bars';
import { boxesPerTier } from '../geometry/solids';
import { isWalkedInto, OPPOSITE } from '../geometry/walls';
import type { StationId } from '../kernel/station';
import { atMost } from '../kernel/units/number';
import type { Unit } from '../kernel/working';
import type { Fixture, NestBank, OfKind, Opening, Plan, Side } from '../model/schema';
import { meshFor } from '../stations/shell/shell';
import type { DecisionCode } from './decisions.data';
import type { Tried } from './fitOut';
import type { Ground } from './ground';
import { alongM } from './rows';

/** What was decided, and with what numbers: the words are in `src/text/decisions`. */
export interface Decision {
  readonly code: DecisionCode;
  readonly station: StationId;
  /** The rule that it goes by, where keepers have several. */
  readonly topic: string | null;
  readonly fixtures: readonly string[];
  readonly numbers: Readonly<Record<string, { readonly value: number; readonly unit: Unit }>>;
  readonly wall?: Side | 'mesh';
  /** What else could be chosen here. */
  readonly aspect: Aspect | null;
}

/** What of a fit-out a keeper may choose otherwise. */
export type Aspect =
  | 'wall'
  | 'rows'
  | 'nests'
  | 'board'
  | 'bath'
  | 'vessels'
  | 'water'
  | 'zones'
  | 'strip';

const metres = (value: number) => ({ value, unit: 'm' as const });
const count = (value: number, unit: Unit) => ({ value, unit });

/** Why a room is as large as it is, where the program chose it. */
export const roomDecision = ({ shell, flock }: Plan): Decision => ({
  code: 'shell.size',
  station: 'shell',
  topic: null,
  fixtures: [],
  numbers: {
    length: metres(shell.lengthM),
    width: metres(shell.widthM),
    birds: count(
      flock.reduce((n, g) => n + g.count, 0),
      'birds',
    ),
  },
  aspect: null,
});

/**
 * Why a fit-out is as it is, one decision a line, in the order of building.
 */
export const decisionsOf = (ground: Ground, tried: Tried): Decision[] => {
  const { plan } = tried;
  return [
    ...rowDecisions(ground, tried),
    ...of(plan, 'nestBank').map((bank) => bankDecision(plan, bank, ground)),
    ...doorDecisions(plan),
    ...feederDecisions(plan),
    ...drinkerDecisions(ground, plan),
    ...bathDecisions(plan),
    ...airDecisions(plan),
    ...litterDecisions(plan),
  ];
};

const of = <K extends Fixture['kind']>(plan: Plan, kind: K): OfKind<K>[] =>
  plan.fixtures.filter((f): f is OfKind<K> => f.kind === kind);

const decided = (
  code: DecisionCode,
  station: StationId,
  fixtures: readonly Fixture[],
  numbers: Decision['numbers'] = {},
  more: Partial<Pick<Decision, 'topic' | 'wall' | 'aspect'>> = {},
): Decision => ({
  code,
  station,
  fixtures: fixtures.map((f) => f.id),
  numbers,
  topic: null,
  aspect: null,
  ...more,
});

function rowDecisions(ground: Ground, { plan, rows, banks, board }: Tried): Decision[] {
  if (rows === null) return [];
  const bars = sleepingBars(plan);
  const room = alongM(plan, rows.wall);
  const numbers = {
    bars: count(rows.count, 'bars'),
    length: metres(rows.lengthM),
    wallLength: metres(room),
    whole: metres(ground.up(ground.seatsM)),
  };
  const many = ground.seatsM > room - 0.3 ? 'roosts.rowsByWall' : 'roosts.rows';
  const steps = of(plan, 'bar').filter((b) => b.use === 'step');
  const heightM = rows.z - plan.litter.depthM;
  // as a tape says it, and no bird is asked for more
  const above = { height: metres(heightM), hop: metres(ground.down(ground.hopM)) };
  const isUp = steps.length > 0 && !atMost(heightM, ground.hopM);
  const topic = isUp ? ('roosts.hop' as const) : null;
  const brackets = bars[0]?.brackets ?? 0;
  return [
    decided(rows.count === 1 ? 'roosts.oneBar' : many, 'roosts', bars, numbers, {
      topic: 'roosts.length',
      wall: rows.wall,
      aspect: 'wall',
    }),
    steps.length > 0
      ? decided(
          isUp ? 'roosts.heightSteps' : 'roosts.heightDown',
          'roosts',
          steps,
          { ...above, steps: count(steps.length, 'bars') },
          { topic },
        )
      : decided(banks === null ? 'roosts.heightLitter' : 'roosts.height', 'roosts', bars, above),
    ...(brackets > 0
      ? [decided('roosts.brackets', 'roosts', bars, { brackets: count(brackets, 'brackets') })]
      : []),
    decided(
      board ? 'litter.board' : 'litter.noBoard',
      'litter',
      of(plan, 'board'),
      {},
      {
        aspect: 'board',
      },
    ),
  ];
}

function doorDecisions(plan: Plan): Decision[] {
  const [door] = of(plan, 'door');
  const hatches = of(plan, 'hatch');
  const pops = of(plan, 'popDoor');
  const [pop] = pops;
  const made: Decision[] = [];
  if (door) made.push(decided('reach.door', 'reach', [door], {}, { wall: door.wall }));
  else if (hatches.length > 0) {
    const code = isWalkedInto(plan) ? 'reach.hatchesInstead' : 'reach.hatches';
    made.push(decided(code, 'reach', hatches, { arm: metres(plan.keeper.armM) }));
  }
  if (pop) {
    const { widthM, heightM, wall } = pop;
    const numbers = {
      doors: count(pops.length, 'doors'),
      width: metres(widthM),
      height: metres(heightM),
    };
    made.push(decided('door.popDoors', 'door', pops, numbers, { wall }));
  }
  return made;
}

function feederDecisions(plan: Plan): Decision[] {
  const feeders = of(plan, 'feeder');
  const [each] = feeders;
  if (!each) return [];
  const { made } = each;
  const numbers = {
    feeders: count(feeders.length, 'ratio'),
    litres: count(each.capacityL ?? 0, 'litres'),
    days: count(plan.fills.feedDays, 'days'),
    ports: count(each.outlets, 'outlets'),
    across: metres(made?.body.shape === 'can' ? made.body.acrossM : 0),
    high: metres(made?.body.highM ?? 0),
  };
  const code = made !== null ? 'feed.made' : feeders.length > 1 ? 'feed.several' : 'feed.one';
  return [decided(code, 'feed', feeders, numbers, { aspect: 'vessels', topic: 'feed.rodents' })];
}

function drinkerDecisions(ground: Ground, plan: Plan): Decision[] {
  const drinkers = of(plan, 'drinker');
  const [each] = drinkers;
  if (!each) return [];
  const kind = each.type !== 'fount' ? 'cups' : ground.sizes.ducks ? 'founts' : 'stands';
  const numbers = {
    drinkers: count(drinkers.length, 'ratio'),
    litres: count(each.capacityL ?? 0, 'litres'),
    days: count(plan.fills.waterDays, 'days'),
    cups: count(each.outlets, 'outlets'),
  };
  const code = `water.${kind}${drinkers.length > 1 ? 'Each' : ''}` as const;
  const told = [decided(code, 'water', drinkers, numbers, { aspect: 'water' })];
  if (plan.rain !== null) {
    const { barrel, eaves } = plan.rain;
    const rained = { litres: count(barrel.litres, 'litres'), height: metres(barrel.standM) };
    told.push(decided('water.rain', 'water', [], rained, eaves[0] ? { wall: eaves[0] } : {}));
  }
  const coldC = ground.flock.climate?.design.winterC ?? 0;
  const cold = count(coldC, 'celsius');
  if (each.winter.kind === 'heated') {
    const watts = drinkers.reduce(
      (w, v) => w + (v.winter.kind === 'heated' ? v.winter.watts : 0),
      0,
    );
    told.push(
      decided('water.heated', 'water', drinkers, { watts: count(watts, 'electricWatts'), cold }),
    );
  } else if (coldC < 0) told.push(decided('water.carried', 'water', drinkers, { cold }));
  return told;
}

function bathDecisions(plan: Plan): Decision[] {
  const baths = of(plan, 'dustBath');
  const [bath] = baths;
  if (!bath) return [decided('shell.noBath', 'shell', [])];
  const numbers = { length: metres(bath.lengthM), depth: metres(bath.depthM) };
  return [decided('shell.bath', 'shell', baths, numbers, { aspect: 'bath' })];
}

function airDecisions(plan: Plan): Decision[] {
  const vents = of(plan, 'vent');
  const windows = of(plan, 'window');
  const area = (holes: readonly Opening[]): Decision['numbers'] => ({
    area: count(
      holes.reduce((sum, v) => sum + v.widthM * v.heightM, 0),
      'm2',
    ),
  });
  const turned = vents.some((v) => v.baffle) ? 'air.ventsTurned' : 'air.vents';
  const meshed = meshFor(plan) === 'mesh6' ? 'air.windowsFine' : 'air.windows';
  const topic = { topic: 'air.area' } as const;
  return [
    ...(vents.length > 0 ? [decided(turned, 'air', vents, area(vents), topic)] : []),
    ...(windows.length > 0 ? [decided(meshed, 'air', windows, area(windows), topic)] : []),
  ];
}

function litterDecisions({ litter: { depthM, retainingM }, brooder }: Plan): Decision[] {
  const numbers = { depth: metres(depthM), board: metres(retainingM ?? 0) };
  const code = retainingM === null ? 'litter.deep' : 'litter.deepHeld';
  return [
    decided(code, 'litter', [], numbers, { topic: 'litter.school' }),
    ...(brooder === null ? [] : [decided('brooder.box', 'brooder', [])]),
  ];
}

function bankDecision(plan: Plan, bank: NestBank, ground: Ground): Decision {
  const numbers = {
    boxes: count(bank.boxes, 'boxes'),
    hens: count((bank.forWhom === 'ducks' ? ground.ducks : ground.hens)?.hens ?? 0, 'hens'),
    lip: metres(bank.lipZ - plan.litter.depthM),
    across: metres(boxesPerTier(bank) * bank.boxW),
  };
  const wall = OPPOSITE[bank.faces];
  if (bank.forWhom === 'ducks') {
    return decided('nests.ducks', 'nests', [bank], numbers, { topic: 'nests.hens', wall });
  }
  const code = bank.hungOutside
    ? isWalkedInto(plan)
      ? 'nests.outsideForFloor'
      : 'nests.outside'
    : 'nests.inside';
  return decided(code, 'nests', [bank], numbers, { topic: 'nests.hens', wall, aspect: 'nests' });
}
