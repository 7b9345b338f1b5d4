import type { Plan, Rain, Shell, Side } from '../../model/schema';

/** One eaves with what drains to it. */
export interface Eave {
  readonly side: Side;
  /** Share of the whole roof that drains to it, 0…1; 0 where it is no eaves. */
  readonly share: number;
  /** How long its gutter is, m. */
  readonly longM: number;
}

/**
 * Which sides of a roof its rain runs to, and how much of it.
 * @param overhangM  past the walls' inner faces all round, m
 * @example eavesOf({ lengthM: 3, widthM: 2, roof: { kind: 'gable', lowM: 2, highM: 3, ridgeAxis: 'x' } }, 0.1)[0].share // 0.5
 */
export function eavesOf(
  { roof, lengthM, widthM }: Pick<Shell, 'roof' | 'lengthM' | 'widthM'>,
  overhangM: number,
): readonly Eave[] {
  const long = (side: Side): number =>
    (side === 'front' || side === 'rear' ? lengthM : widthM) + 2 * overhangM;
  const eave = (side: Side, share: number): Eave => ({ side, share, longM: long(side) });
  if (roof.kind === 'gable') {
    const low: readonly Side[] = roof.ridgeAxis === 'x' ? ['front', 'rear'] : ['left', 'right'];
    return low.map((side) => eave(side, 0.5));
  }
  if (roof.kind === 'mono') return [eave(OPPOSITE[roof.highSide], 1)];
  // a flat roof is laid to fall to the side that its gutter is on
  return (['front', 'rear', 'left', 'right'] as const).map((side) => eave(side, 1));
}

const OPPOSITE: Readonly<Record<Side, Side>> = {
  front: 'rear',
  rear: 'front',
  left: 'right',
  right: 'left',
};

/** A roof on plan with its overhang, m². @example roofM2({ lengthM: 3, widthM: 2 }, 0.1) // 7.04 */
export const roofM2 = (
  { lengthM, widthM }: Pick<Shell, 'lengthM' | 'widthM'>,
  overhangM: number,
): number => (lengthM + 2 * overhangM) * (widthM + 2 * overhangM);

/** The eaves that have a gutter and that rain runs to; of a flat roof one takes all. */
export function gutteredEaves(plan: Pick<Plan, 'shell'>, rain: Rain): readonly Eave[] {
  const own = eavesOf(plan.shell, rain.overhangM).filter((e) => rain.eaves.includes(e.side));
  return plan.shell.roof.kind === 'flat' ? own.slice(0, 1) : own;
}

/** Roof that drains into the barrel, on plan, m². */
export const drainedM2 = (plan: Pick<Plan, 'shell'>, rain: Rain): number =>
  gutteredEaves(plan, rain).reduce((sum, e) => sum + e.share, 0) *
  roofM2(plan.shell, rain.overhangM);

/** Share of the water that the gutter brings, 0…1. */
export const gutterShare = (rain: Rain): number => (rain.homeMade ? rain.brings : 1);

/** All that the joined barrels hold, L. */
export const barrelsL = ({ barrel }: Pick<Rain, 'barrel'>): number => barrel.litres * barrel.count;
