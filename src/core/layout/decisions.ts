import { sleepingBars } from '../geometry/bars';
import { boxesPerTier } from '../geometry/solids';
import { isWalkedInto, OPPOSITE } from '../geometry/walls';
import type { StationId } from '../kernel/station';
import { atMost } from '../kernel/units/number';
import type { Unit } from '../kernel/working';
import type { Fixture, NestBank, Plan, Side } from '../model/schema';
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
export function decisionsOf(ground: Ground, tried: Tried): Decision[] {
  const { plan, rows, banks, board } = tried;
  const of = <K extends Fixture['kind']>(kind: K): Extract<Fixture, { kind: K }>[] =>
    plan.fixtures.filter((f): f is Extract<Fixture, { kind: K }> => f.kind === kind);
  const ids = (list: readonly Fixture[]): string[] => list.map((f) => f.id);
  const made: Decision[] = [];
  const add = (
    code: DecisionCode,
    station: StationId,
    fixtures: readonly Fixture[],
    numbers: Decision['numbers'] = {},
    more: Partial<Pick<Decision, 'topic' | 'wall' | 'aspect'>> = {},
  ): void => {
    made.push({
      code,
      station,
      fixtures: ids(fixtures),
      numbers,
      topic: null,
      aspect: null,
      ...more,
    });
  };
  if (rows !== null) {
    const bars = sleepingBars(plan);
    const room = alongM(plan, rows.wall);
    const numbers = {
      bars: count(rows.count, 'bars'),
      length: metres(rows.lengthM),
      wallLength: metres(room),
      whole: metres(ground.up(ground.seatsM)),
    };
    const code =
      rows.count === 1
        ? 'roosts.oneBar'
        : ground.seatsM > room - 0.3
          ? 'roosts.rowsByWall'
          : 'roosts.rows';
    add(code, 'roosts', bars, numbers, { topic: 'roosts.length', wall: rows.wall, aspect: 'wall' });
    const steps = of('bar').filter((b) => b.use === 'step');
    const heightM = rows.z - plan.litter.depthM;
    // as a tape says it, and no bird is asked for more
    const above = { height: metres(heightM), hop: metres(ground.down(ground.hopM)) };
    const isUp = steps.length > 0 && !atMost(heightM, ground.hopM);
    add(
      steps.length > 0
        ? isUp
          ? 'roosts.heightSteps'
          : 'roosts.heightDown'
        : banks === null
          ? 'roosts.heightLitter'
          : 'roosts.height',
      'roosts',
      steps.length > 0 ? steps : bars,
      steps.length > 0 ? { ...above, steps: count(steps.length, 'bars') } : above,
      { topic: isUp ? 'roosts.hop' : null },
    );
    const brackets = bars[0]?.brackets ?? 0;
    if (brackets > 0) {
      add('roosts.brackets', 'roosts', bars, { brackets: count(brackets, 'brackets') });
    }
    add(board ? 'litter.board' : 'litter.noBoard', 'litter', of('board'), {}, { aspect: 'board' });
  }
  for (const bank of of('nestBank')) add(...bankWords(plan, bank, ground));
  const door = of('door')[0];
  const hatches = of('hatch');
  if (door) add('reach.door', 'reach', [door], {}, { wall: door.wall });
  else if (hatches.length > 0) {
    const code = isWalkedInto(plan) ? 'reach.hatchesInstead' : 'reach.hatches';
    add(code, 'reach', hatches, { arm: metres(plan.keeper.armM) });
  }
  const pops = of('popDoor');
  if (pops.length > 0) {
    add(
      'door.popDoors',
      'door',
      pops,
      {
        doors: count(pops.length, 'doors'),
        width: metres(pops[0]?.widthM ?? 0),
        height: metres(pops[0]?.heightM ?? 0),
      },
      pops[0] ? { wall: pops[0].wall } : {},
    );
  }
  const feeders = of('feeder');
  if (feeders.length > 0) {
    const each = feeders[0];
    const made = each?.made ?? null;
    add(
      made !== null ? 'feed.made' : feeders.length > 1 ? 'feed.several' : 'feed.one',
      'feed',
      feeders,
      {
        feeders: count(feeders.length, 'ratio'),
        litres: count(each?.capacityL ?? 0, 'litres'),
        days: count(plan.fills.feedDays, 'days'),
        ports: count(each?.outlets ?? 0, 'outlets'),
        across: metres(made?.body.shape === 'can' ? made.body.acrossM : 0),
        high: metres(made?.body.highM ?? 0),
      },
      { aspect: 'vessels', topic: 'feed.rodents' },
    );
  }
  const drinkers = of('drinker');
  if (drinkers.length > 0) {
    const each = drinkers[0];
    const kind = each?.type !== 'fount' ? 'cups' : ground.sizes.ducks ? 'founts' : 'stands';
    const numbers = {
      drinkers: count(drinkers.length, 'ratio'),
      litres: count(each?.capacityL ?? 0, 'litres'),
      days: count(plan.fills.waterDays, 'days'),
      cups: count(each?.outlets ?? 0, 'outlets'),
    };
    add(`water.${kind}${drinkers.length > 1 ? 'Each' : ''}`, 'water', drinkers, numbers, {
      aspect: 'water',
    });
    if (plan.rain !== null) {
      const { barrel, eaves } = plan.rain;
      const rained = { litres: count(barrel.litres, 'litres'), height: metres(barrel.standM) };
      add('water.rain', 'water', [], rained, eaves[0] ? { wall: eaves[0] } : {});
    }
    const cold = ground.flock.climate?.design.winterC ?? 0;
    if (each?.winter.kind === 'heated') {
      const watts = drinkers.reduce(
        (sum, v) => sum + (v.winter.kind === 'heated' ? v.winter.watts : 0),
        0,
      );
      add('water.heated', 'water', drinkers, {
        watts: count(watts, 'electricWatts'),
        cold: count(cold, 'celsius'),
      });
    } else if (cold < 0) add('water.carried', 'water', drinkers, { cold: count(cold, 'celsius') });
  }
  const baths = of('dustBath');
  if (baths.length > 0) {
    const [bath] = baths;
    add(
      'shell.bath',
      'shell',
      baths,
      { length: metres(bath?.lengthM ?? 0), depth: metres(bath?.depthM ?? 0) },
      { aspect: 'bath' },
    );
  } else add('shell.noBath', 'shell', []);
  const vents = of('vent');
  if (vents.length > 0) {
    add(
      vents.some((v) => v.baffle) ? 'air.ventsTurned' : 'air.vents',
      'air',
      vents,
      {
        area: count(
          vents.reduce((sum, v) => sum + v.widthM * v.heightM, 0),
          'm2',
        ),
      },
      { topic: 'air.area' },
    );
  }
  const windows = of('window');
  if (windows.length > 0) {
    add(
      meshFor(plan) === 'mesh6' ? 'air.windowsFine' : 'air.windows',
      'air',
      windows,
      {
        area: count(
          windows.reduce((sum, v) => sum + v.widthM * v.heightM, 0),
          'm2',
        ),
      },
      { topic: 'air.area' },
    );
  }
  const { depthM, retainingM } = plan.litter;
  add(
    retainingM === null ? 'litter.deep' : 'litter.deepHeld',
    'litter',
    [],
    { depth: metres(depthM), board: metres(retainingM ?? 0) },
    { topic: 'litter.school' },
  );
  if (plan.brooder !== null) add('brooder.box', 'brooder', []);
  return made;
}

function bankWords(
  plan: Plan,
  bank: NestBank,
  ground: Ground,
): [DecisionCode, StationId, readonly Fixture[], Decision['numbers'], Partial<Decision>] {
  const numbers = {
    boxes: count(bank.boxes, 'boxes'),
    hens: count((bank.forWhom === 'ducks' ? ground.ducks : ground.hens)?.hens ?? 0, 'hens'),
    lip: metres(bank.lipZ - plan.litter.depthM),
    across: metres(boxesPerTier(bank) * bank.boxW),
  };
  const wall = OPPOSITE[bank.faces];
  if (bank.forWhom === 'ducks') {
    return ['nests.ducks', 'nests', [bank], numbers, { topic: 'nests.hens', wall }];
  }
  const code = bank.hungOutside
    ? isWalkedInto(plan)
      ? 'nests.outsideForFloor'
      : 'nests.outside'
    : 'nests.inside';
  return [code, 'nests', [bank], numbers, { topic: 'nests.hens', wall, aspect: 'nests' }];
}
