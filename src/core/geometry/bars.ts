import type { Solid } from '../kernel/finding';
import { below } from '../kernel/units/number';
import type { Bar, Plan, Shell } from '../model/schema';
import { fitM } from '../rules/book';
import { type RuleId, ruled } from '../rules/rules.data';
import { meet, TOUCH_M } from './forms';
import { type Placements, placementsOf } from './placed';
import { highestOpenLipZ, solidOf } from './solids';

export const barsOf = (plan: Plan): Bar[] =>
  plan.fixtures.filter((f): f is Bar => f.kind === 'bar');

/** Bars that birds sleep on, in the order of the plan. */
export const sleepingBars = (plan: Plan): Bar[] => barsOf(plan).filter((b) => b.use === 'sleeping');

/** The same by id: where several are in one's way the first is named, whatever the list's order. */
export const sleepingById = (plan: Plan): Bar[] =>
  sleepingBars(plan).sort((a, b) => (a.id < b.id ? -1 : 1));

/** Bars as birds fill them: the highest first, of two as high the first by id. */
export const highestFirst = (a: Bar, b: Bar): number => b.z - a.z || (a.id < b.id ? -1 : 1);

export interface EffectiveLength {
  /** Lost at the near (left or front) end, m. */
  readonly nearLossM: number;
  /** Lost at the far (right or rear) end, m. */
  readonly farLossM: number;
  readonly effectiveM: number;
}

/**
 * Length of a bar that birds can use, m. An end that meets a wall loses 0.05 m; so does an end
 * nearer than 0.15 m to a wall, but never more than brings it to 0.15 m, so that a shorter bar never gains.
 * @source keepers (domain notes, "Roost length")
 */
export function effectiveLength(bar: Bar, shell: Shell): EffectiveLength {
  const [start, room] = bar.axis === 'x' ? [bar.x, shell.lengthM] : [bar.y, shell.widthM];
  const nearLossM = bar.wallToWall ? ruled('roosts.end.loss') : endLossM(start);
  const farLossM = bar.wallToWall ? ruled('roosts.end.loss') : endLossM(room - start - bar.lengthM);
  return { nearLossM, farLossM, effectiveM: Math.max(0, bar.lengthM - nearLossM - farLossM) };
}

function endLossM(gapM: number): number {
  const loss = ruled('roosts.end.loss');
  return Math.min(loss, Math.max(0, ruled('roosts.end.near') - gapM));
}

/** Why a bar does not count as a place to sleep; null where it does. */
export type NotCounted =
  | 'stepBar'
  | 'outside'
  | 'unreached'
  | 'belowNests'
  | 'underAnother'
  | 'coincides'
  | null;

/** What every bar is held against when it is asked whether it counts. */
export interface AmongBars extends Placements {
  /** Bars that birds sleep on, by id. */
  readonly sleeping: readonly Bar[];
  /** Highest nest entrance, m; null without nests. */
  readonly lipM: number | null;
}

export const amongBars = (
  plan: Plan,
  placed: Placements = placementsOf(plan),
  sleeping: readonly Bar[] = sleepingById(plan),
): AmongBars => ({
  ...placed,
  sleeping,
  lipM: highestNestLipZ(plan),
});

/**
 * Whether a bar counts. A step bar, one outside the shell, one that nobody gets up to, one below a nest entrance,
 * one whose birds would sit under another bar's droppings, and one in another's place do not.
 * @param heaviestKg  the heaviest bird that roosts, kg: the droppings fall as wide as she is long
 * @param slept       whether birds sleep on a bar: it lies inside and somebody gets up to it
 * @example notCounted({ ...bar, use: 'step' }, amongBars(plan), 2.2) // 'stepBar'
 */
export function notCounted(
  bar: Bar,
  among: AmongBars,
  heaviestKg: number,
  slept: (bar: Bar) => boolean = () => true,
): NotCounted {
  if (bar.use === 'step') return 'stepBar';
  if (among.outside(bar) !== null) return 'outside';
  if (!slept(bar)) return 'unreached';
  if (among.lipM !== null && below(bar.z, among.lipM)) return 'belowNests';
  if (inAnothersPlace(bar, among)) return 'coincides';
  return upperBarOver(bar, among.sleeping, heaviestKg, slept) ? 'underAnother' : null;
}

/** Of bars in one place the first by height and id is the one that counts. */
const inAnothersPlace = (bar: Bar, { sleeping, solid }: AmongBars): boolean =>
  sleeping.some(
    (other) =>
      other.id !== bar.id &&
      other.axis === bar.axis &&
      meet(solid(bar), solid(other)) &&
      (below(bar.z, other.z) || (!below(other.z, bar.z) && other.id < bar.id)),
  );

/**
 * The bar whose droppings would fall on this one's birds, if there is one.
 * @example upperBarOver({ ...bar, id: 'low', z: 0.5 }, [bar], 2.2)?.id // 'bar'
 */
export function upperBarOver(
  bar: Bar,
  sleeping: readonly Bar[],
  heaviestKg: number,
  slept: (bar: Bar) => boolean = () => true,
): Bar | null {
  const reach = fitM('roosts.shadow', heaviestKg);
  for (const other of sleeping) {
    if (other.id === bar.id || !below(bar.z, other.z) || !slept(other)) continue;
    const sideways = sidewaysM(bar, other);
    if (sideways !== null && below(sideways, reach)) return other;
  }
  return null;
}

/** Highest nest entrance of the coop, m above the bare floor; null without nests. */
export function highestNestLipZ(plan: Plan): number | null {
  let highest: number | null = null;
  for (const f of plan.fixtures) {
    if (f.kind === 'nestBank') highest = Math.max(highest ?? -Infinity, highestOpenLipZ(f));
  }
  return highest;
}

/** Centre to centre, sideways, of two bars that run alongside one another, m; null where they don't. */
export function sidewaysM(a: Bar, b: Bar): number | null {
  if (a.axis !== b.axis) return null;
  const [a0, b0] = a.axis === 'x' ? [a.x, b.x] : [a.y, b.y];
  const alongside = Math.min(a0 + a.lengthM, b0 + b.lengthM) - Math.max(a0, b0);
  if (alongside <= TOUCH_M) return null;
  return a.axis === 'x' ? Math.abs(a.y - b.y) : Math.abs(a.x - b.x);
}

export interface WallGap {
  /** Coordinate of the nearest wall alongside, m, and of the bar's centre. */
  readonly wallM: number;
  readonly barM: number;
  readonly gapM: number;
  readonly side: 'front' | 'rear' | 'left' | 'right';
}

/** The nearest wall alongside a bar. */
export function wallGap(bar: Bar, shell: Shell): WallGap {
  const [barM, far, sides] =
    bar.axis === 'x'
      ? ([bar.y, shell.widthM, ['front', 'rear']] as const)
      : ([bar.x, shell.lengthM, ['left', 'right']] as const);
  const isFar = far - barM <= barM;
  const wallM = isFar ? far : 0;
  return { wallM, barM, gapM: Math.abs(wallM - barM), side: isFar ? sides[1] : sides[0] };
}

/** The spacing rule that two bars fall under: a stair where one stands a step above the other. */
export const spacingRule = (a: Bar, b: Bar): RuleId =>
  below(Math.abs(a.z - b.z), ruled('roosts.stair.rise'))
    ? 'roosts.apart.level'
    : 'roosts.apart.stair';

/**
 * Where a bar's droppings fall: as long as the bar, from its underside to the floor.
 * @example droppingsShadow({ ...bar, axis: 'x', y: 1 }, 2.2, plan).y0 // 0.75
 */
export function droppingsShadow(bar: Bar, heaviestKg: number, plan: Plan): Solid {
  const reach = fitM('roosts.shadow', heaviestKg);
  const s = solidOf(bar, plan);
  return bar.axis === 'x'
    ? { ...s, y0: bar.y - reach, y1: bar.y + reach, z0: 0, z1: s.z0 }
    : { ...s, x0: bar.x - reach, x1: bar.x + reach, z0: 0, z1: s.z0 };
}
