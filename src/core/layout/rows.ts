import { freeNumber } from '../edit/freeNumber';
import { barOf, boardOf } from '../edit/new/parts';
import { atMost, below } from '../kernel/units/number';
import type { Bar, OfKind, Plan, Side } from '../model/schema';
import { fitM } from '../rules/book';
import { ruled } from '../rules/rules.data';
import { stepsTo } from '../stations/roosts/remedies/steps';
import type { Ground } from './ground';

/** Bars as rows along one wall, all at one height. */
export interface Rows {
  readonly wall: Side;
  readonly count: number;
  /** Under the birds' feet, m above the bare floor. */
  readonly z: number;
  /** From where along the wall, and how far, m. */
  readonly fromM: number;
  readonly lengthM: number;
  readonly wallToWall: boolean;
  /** Steps that lead up and down in front of the foremost. */
  readonly steps: number;
}

/** More rows than this nobody cleans behind. */
const MOST_ROWS = 8;
/** No bar shorter than this is worth its brackets, m. */
const LEAST_BAR_M = 0.4;
/** Bars are made a tenth longer than they must be, so that the widest birds do not decide. */
const SPARE = 1.1;

const isAlongX = (wall: Side): boolean => wall === 'rear' || wall === 'front';

export const alongM = ({ shell }: Plan, wall: Side): number =>
  isAlongX(wall) ? shell.lengthM : shell.widthM;
export const acrossM = ({ shell }: Plan, wall: Side): number =>
  isAlongX(wall) ? shell.widthM : shell.lengthM;

/** Wall to the first bar, and bar to bar, m. */
const gapsOf = ({ sizes, up }: Ground): { wallM: number; apartM: number } => {
  const kg = sizes.heaviestOnBarsKg ?? 2.2;
  return { wallM: up(fitM('roosts.wall', kg)), apartM: up(fitM('roosts.apart.level', kg)) };
};

/**
 * Rows that stand before a wall with floor left to come down to.
 * @param dropM  from the bars to the litter, m
 * @example mostRows(ground, 'rear', 0.5) // 6
 */
export function mostRows(ground: Ground, wall: Side, dropM: number): number {
  const { wallM, apartM } = gapsOf(ground);
  const clear = acrossM(ground.plan, wall) - wallM - Math.min(dropM, STEPPED_DROP_M);
  return below(clear, 0) ? 0 : Math.min(MOST_ROWS, Math.floor(clear / apartM + 1e-9) + 1);
}

/** With steps before it a bar asks for no more floor than this in front, m. */
const STEPPED_DROP_M = 0.3;

/**
 * Rows that hold all who sleep on bars, the fewest and shortest first.
 * @param z  under the birds' feet, m above the bare floor
 * @example [...rowsFor(ground, 'rear', 0.7)][0].count // 1
 */
export function* rowsFor(ground: Ground, wall: Side, z: number): Iterable<Rows> {
  const { plan, seatsM, widestM, up, down, hopM } = ground;
  const room = alongM(plan, wall);
  const end = up(ruled('roosts.end.near'));
  const dropM = z - plan.litter.depthM;
  const most = mostRows(ground, wall, dropM);
  const clear = down(room - 2 * end);
  const kinds = [
    { fromM: end, mostM: clear, lossM: 0, wallToWall: false },
    { fromM: 0, mostM: room, lossM: 2 * ruled('roosts.end.loss'), wallToWall: true },
  ];
  for (const { fromM, mostM, lossM, wallToWall } of kinds) {
    const usable = mostM - lossM;
    if (below(mostM, LEAST_BAR_M) || below(usable, widestM)) continue;
    const least = Math.max(1, Math.ceil(seatsM / usable - 1e-9));
    for (let count = least; count <= Math.min(most, least + 2); count++) {
      const asked = Math.max(LEAST_BAR_M, up((seatsM * SPARE) / count), up(2 * widestM));
      const lengths = wallToWall
        ? [mostM]
        : [...new Set([Math.min(mostM, handy(ground, asked)), mostM])];
      for (const lengthM of lengths) {
        for (const steps of stepsTried(dropM, hopM, frontM(ground, wall, count))) {
          yield { wall, count, z, fromM, lengthM, wallToWall, steps };
        }
      }
    }
  }
}

/** No step stands nearer to a wall, m. */
const STEP_FROM_WALL_M = 0.05;

/** A length that is easily measured: tens of centimetres, or quarters of a foot, m. */
const handy = ({ plan }: Ground, m: number): number => {
  const step = plan.units === 'metric' ? 0.1 : 0.0762;
  return Math.round(Math.ceil(m / step - 1e-6) * step * 1e7) / 1e7;
};

/** Floor from the foremost bar to the wall before it, m. */
const frontM = (ground: Ground, wall: Side, count: number): number => {
  const { wallM, apartM } = gapsOf(ground);
  return acrossM(ground.plan, wall) - wallM - (count - 1) * apartM;
};

/** How many steps are tried: as many as the hop asks for, one more where the floor in front is short. */
function stepsTried(dropM: number, hopM: number, clearM: number): number[] {
  const least = Math.max(0, Math.ceil(dropM / hopM - 1e-9) - 1);
  if (least > 2) return [];
  return atMost(dropM, clearM)
    ? [least]
    : [Math.max(1, least), 2].filter((n, i) => i === 0 || n > least);
}

/** The bars of rows, from the wall outwards, and the steps before them; null where the steps find no room. */
export function barsOf(ground: Ground, rows: Rows): Bar[] | null {
  const { plan, sizes, widestM, down } = ground;
  const { wallM, apartM } = gapsOf(ground);
  const far = acrossM(plan, rows.wall);
  const isFar = rows.wall === 'rear' || rows.wall === 'right';
  const made: Bar[] = [];
  for (let i = 0; i < rows.count; i++) {
    const out = wallM + i * apartM;
    const at = isFar ? down(far - out) : out;
    const n = freeNumber('bar', [...plan.fixtures, ...made]);
    const along = isAlongX(rows.wall);
    const own = { id: `bar-${n}`, name: rows.count === 1 ? 'Bar' : `Bar ${i + 1}` };
    const laid = {
      x: along ? rows.fromM : at,
      y: along ? at : rows.fromM,
      z: rows.z,
      axis: along ? ('x' as const) : ('y' as const),
      lengthM: rows.lengthM,
      wallToWall: rows.wallToWall,
    };
    made.push(barOf(own, laid, widestM, sizes.heaviestOnBarsKg ?? 0));
  }
  const foremost = made[made.length - 1];
  if (!foremost || rows.steps === 0) return made;
  const steps = stepsTo(
    { ...plan, fixtures: [...plan.fixtures, ...made] },
    foremost,
    Math.max(ground.hopM, 0.01),
    rows.steps,
  );
  if (steps.length === 0) return null;
  // they stand before the foremost bar, never behind it
  const along = isAlongX(rows.wall);
  const line = along ? foremost.y : foremost.x;
  const placed = steps.map((s, i) => {
    const out = Math.abs((along ? s.y : s.x) - line);
    const at = isFar ? line - out : line + out;
    return { ...s, ...(along ? { y: at } : { x: at }), brackets: 0, name: `Step ${i + 1}` };
  });
  const isIn = (at: number): boolean => at >= STEP_FROM_WALL_M && at <= far - STEP_FROM_WALL_M;
  return placed.every((s) => isIn(along ? s.y : s.x)) ? [...made, ...placed] : null;
}

/** A hand's room between bars and the board under them, m. */
const BOARD_BELOW_M = 0.08;

/** A board from the wall to what falls before the foremost bar, as long as the coop there. */
export function boardUnder(ground: Ground, rows: Rows, bars: readonly Bar[]): OfKind<'board'> {
  const { plan, up, down } = ground;
  const { wallM, apartM } = gapsOf(ground);
  const across = acrossM(plan, rows.wall);
  const deep = Math.min(
    across,
    up(wallM + (rows.count - 1) * apartM + ruled('roosts.board.front')),
  );
  const under = Math.min(
    ...bars.filter((b) => b.use === 'sleeping').map((b) => b.z - b.section.heightM),
  );
  const own = { id: `board-${freeNumber('board', plan.fixtures)}`, name: 'Droppings board' };
  return boardOf(own, plan, rows.wall, deep, down(under - BOARD_BELOW_M));
}
