import { flockSizes } from '../../birds/flockSizes';
import { barsOf, highestNestLipZ, sleepingBars } from '../../geometry/bars';
import { BOARD_M } from '../../geometry/solids';
import { below } from '../../kernel/units/number';
import { fixtureOf } from '../../model/fixtures.schema';
import { litterEndM } from '../../model/litter';
import type { Bar, OfKind, Plan } from '../../model/schema';
import { tape } from '../../model/tape';
import { fitM } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { named } from './named';
import { barOf, boardOf } from './parts';
import { overNestsToCome } from './toCome';

/** How far a new board hangs under the bars, and the nearest it may: droppings are scraped from between, m. Source: wide-rafter (assumption). */
const BOARD_BELOW_M = 0.1;
const BOARD_NEAREST_M = 0.06;

/** A board under the bars, from the wall they stand at to what falls before the foremost; without bars, along the rear wall. */
export function newBoard(plan: Plan, parts: Partial<OfKind<'board'>> = {}): OfKind<'board'> {
  const { up, down, near } = tape(plan);
  const { widthM } = plan.shell;
  const bars = sleepingBars(plan).filter((b) => b.axis === 'x');
  const front = ruled('roosts.board.front');
  const y = bars.length === 0 ? widthM - 0.7 : Math.min(...bars.map((b) => b.y)) - front;
  const under = Math.min(...bars.map((b) => b.z - b.section.heightM));
  const low = near(under - BOARD_BELOW_M);
  // a hand nearer to the bars where that leaves the floor below it to the birds
  const isRaised = !below(low - BOARD_M - litterEndM(plan), ruled('floor.raised'));
  const z =
    bars.length === 0
      ? near(plan.litter.depthM + 0.5)
      : isRaised
        ? low
        : down(under - BOARD_NEAREST_M);
  const from = Math.max(0, down(y));
  const board = boardOf(named(plan, 'board'), plan, 'rear', widthM - from, Math.max(up(0.05), z));
  return { ...board, depthM: Math.max(0.1, board.depthM), y: from, ...parts };
}

/** A rafter or brace as it stands in the house: narrow enough that nobody roosts on it until it is said to be wider. */
export const newLedge = (plan: Plan): OfKind<'ledge'> =>
  fixtureOf({
    ...named(plan, 'ledge'),
    x: 0,
    y: tape(plan).near(plan.shell.widthM / 2),
    z: tape(plan).near(plan.litter.depthM + 1.2),
    lengthM: plan.shell.lengthM,
    depthM: tape(plan).down(ruled('roosts.ledge.width')),
  });

/**
 * Mesh from wall to wall under the lowest ledge that birds would sleep on, else under the eaves, and over the heads of
 * those on the bars.
 */
export function newCeiling(plan: Plan): OfKind<'ceiling'> {
  const { down } = tape(plan);
  const { lengthM, widthM, roof } = plan.shell;
  const bars = barsOf(plan).map((b) => b.z);
  const from = bars.length === 0 ? 0 : Math.min(...bars) - ruled('roosts.ledge.below');
  const ledges = plan.fixtures.flatMap((f) => (f.kind === 'ledge' && f.z >= from ? [f.z] : []));
  const under = (ledges.length === 0 ? roof.lowM : Math.min(...ledges)) - RAFTER_M;
  return fixtureOf({
    ...named(plan, 'ceiling'),
    x: 0,
    y: 0,
    z: Math.max(0.1, down(under)),
    lengthM,
    depthM: widthM,
  });
}

/** Mesh hangs so far under the top of what it keeps birds off, m. Source: wide-rafter (assumption). */
const RAFTER_M = 0.1;

/**
 * A further bar: off the rear wall by what its birds want, clear of the litter at both levels and of the nests, as
 * long as the flock asks for or the room allows, with the brackets it needs; or one row in front of the foremost.
 */
export function newBar(plan: Plan, sizes = flockSizes(plan)): Bar {
  const { up, down } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const kg = sizes.heaviestOnBarsKg ?? 2.2;
  const bars = sleepingBars(plan).filter((b) => b.axis === 'x');
  const foremost = bars.reduce<Bar | null>((a, b) => (a === null || b.y < a.y ? b : a), null);
  const end = up(ruled('roosts.end.near'));
  const most = Math.max(0.3, down(lengthM - 2 * end));
  const wanted = sizes.birds === 0 ? 2.4 : sizes.roostM + 0.05;
  const barLength = foremost?.lengthM ?? Math.min(most, Math.max(up(0.6), up(wanted)));
  const lip = highestNestLipZ(plan);
  const z =
    foremost?.z ??
    up(
      Math.max(
        plan.litter.depthM + ruled('roosts.lowest'),
        litterEndM(plan) + ruled('roosts.lowest.final'),
        lip === null ? overNestsToCome(plan, sizes) : lip + ruled('roosts.aboveNests'),
      ),
    );
  const y = foremost
    ? foremost.y - up(fitM('roosts.apart.level', kg))
    : widthM - up(fitM('roosts.wall', kg));
  const laid = {
    x: foremost?.x ?? down((lengthM - barLength) / 2),
    y: Math.max(up(0.1), y),
    z,
    axis: 'x' as const,
    lengthM: barLength,
    wallToWall: false,
  };
  const each = sizes.birds === 0 ? 0.3 : sizes.roostM / Math.max(1, sizes.birds);
  return barOf(named(plan, 'bar'), laid, each, kg);
}
