import type { Lot } from '../../birds/lots';
import { isReached, rimsAbove } from '../../birds/vesselReach';
import { ASSUMED, type Basis, ENTERED } from '../../kernel/working';
import type { Drinker, Feeder, Plan, Vessel } from '../../model/schema';
import type { VesselForm } from '../../model/vesselForm';
import { scaleToBird } from '../../rules/book';
import { RULES, ruled, type ToldRuleId } from '../../rules/rules.data';
import { takesUp, vesselKind } from '../../rules/vesselKinds.data';
import { contentsOf } from '../../stores/vessels/contents';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { VESSEL_WORKINGS as W } from './vessels.working';

/** Vessels that birds get at: those of the run, and those that stand within the shell. */
export const vesselsWithin = <V extends Vessel>(
  vessels: readonly V[],
  { outside }: Pick<StationContext, 'outside'>,
): V[] => vessels.filter((v) => outside(v) === null);

export const feedersOf = (plan: Plan): Feeder[] =>
  plan.fixtures.filter((f): f is Feeder => f.kind === 'feeder');
export const drinkersOf = (plan: Plan): Drinker[] =>
  plan.fixtures.filter((f): f is Drinker => f.kind === 'drinker');

/** The rule for one bird along a vessel's edge; null where birds share its outlets. */
export const edgeRule = (v: Vessel): ToldRuleId | null => vesselKind(v).edge;

/** Edge that birds can stand along, m: a rim, or one or both long sides. */
export const edgeM = (v: Vessel): number => edgeOf(takesUp(v), v.bothSides);

const edgeOf = ({ round, longM }: VesselForm, bothSides: boolean): number =>
  round ? Math.PI * longM : longM * (bothSides ? 2 : 1);

/**
 * Birds of a lot that one outlet serves; 0 where it serves none of them.
 * @example perOutlet({ ...drinker, type: 'nipple' }, lot, 2.2) // 4
 */
export function perOutlet(v: Vessel, lot: Lot, massKg: number): number {
  const { outlet, lightest } = vesselKind(v);
  if (outlet === null || (lightest !== null && massKg < ruled(lightest))) return 0;
  if (outlet === 'class.perPort') return lot.class.perPort;
  return outlet === 'class.perPedal' ? lot.class.perPedal : ruled(outlet);
}

/** All that `sharer` reads of some vessels: one that has only been moved aside serves as many as before. */
export const sharedBy = (
  vessels: readonly Vessel[],
  plan: Pick<Plan, 'litter'>,
): readonly unknown[] =>
  vessels.flatMap((v) => [
    v.type,
    edgeRule(v) === null ? v.outlets : edgeM(v),
    rimsAbove(v, plan).fromStart,
  ]);

/** What share of a vessel one bird takes; Infinity where she cannot use it. */
export type Sharer = (lot: Lot, massKg: number) => number;

/** What share of a vessel one bird takes as it stands: Infinity also where it stands above her reach. */
export function sharer(v: Vessel, plan: Pick<Plan, 'litter'>): Sharer {
  const share = sharerAtReach(v);
  return (lot, massKg) =>
    isReached(v, plan, massKg) ? share(lot, massKg) : Number.POSITIVE_INFINITY;
}

/** What share of a vessel one bird takes that gets at it, however high it stands. */
export function sharerAtReach(v: Vessel): Sharer {
  const rule = edgeRule(v);
  if (rule !== null) {
    const { value, scale } = RULES[rule];
    const edge = edgeM(v);
    return (_, massKg) => scaleToBird(value, massKg, scale) / edge;
  }
  return (lot, massKg) => {
    const birds = v.outlets * perOutlet(v, lot, massKg);
    return birds === 0 ? Number.POSITIVE_INFINITY : 1 / birds;
  };
}

/**
 * The vessels that somebody who lives here on a day gets at.
 * @param d  day of the horizon, from 0
 * @example reachedOn([], ctx, 0) // []
 */
export const reachedOn = <V extends Vessel>(
  vessels: readonly V[],
  ctx: Pick<StationContext, 'plan' | 'flock' | 'outside'>,
  d: number,
): V[] => {
  const masses = ctx.flock.columns.flatMap((c) =>
    (c.living[d] ?? 0) > 0 ? [c.massKg[d] ?? 0] : [],
  );
  return vessels.filter(
    (v) => ctx.outside(v) === null && masses.some((m) => isReached(v, ctx.plan, m)),
  );
};

/** Where nothing was said: what it holds by how it is made, or by its size, L. */
function sizeL(v: Vessel): number {
  if (v.made !== null) return contentsOf(v, v.made).usableL;
  const body = ruled('feed.body.share');
  const deep = ruled('feed.pan.deep');
  const round = (Math.PI * v.diameterM ** 2) / 4;
  switch (vesselKind(v).body) {
    case 'canOverPan':
      return round * body * body * v.heightM * 1000;
    case 'pan':
      return round * deep * 1000;
    case 'trough':
      return v.lengthM * v.diameterM * deep * 1000;
    case 'can':
      return round * v.heightM * 1000;
  }
}

/** What birds can have of a full vessel, L. */
export const capacityL = (v: Vessel): number => v.capacityL ?? sizeL(v);

/** Feed put out for feed eaten. */
export const wasteOf = (v: Feeder): number => {
  if (v.waste !== null) return v.waste;
  const rule = vesselKind(v).waste;
  return rule === null ? 1 : ruled(rule.usual);
};

const densityOf = (v: Vessel): number =>
  v.kind === 'feeder' ? ruled(`feed.density.${v.feed}`) : 1;

/** What birds can have of a full vessel, kg. */
export const contentsKg = (v: Vessel): number => capacityL(v) * densityOf(v);

/** What is in it when it is full, L: what never runs out weighs as much as the rest. */
export const wholeL = (v: Vessel): number =>
  v.made === null ? capacityL(v) : capacityL(v) + contentsOf(v, v.made).deadL;

/** All that a full vessel has in it, kg. */
export const fullKg = (v: Vessel): number => wholeL(v) * densityOf(v);

/** The vessel's size, what it weighs full, and what it gives, for its row in the panel. */
export function vesselFigures(s: Sheet, v: Vessel): void {
  const station = v.kind === 'feeder' ? 'feed' : 'water';
  const density = densityOf(v);
  const litres = capacityL(v);
  const basis: Basis = v.capacityL === null ? ASSUMED : ENTERED;
  if (v.made === null || v.capacityL !== null) {
    s.found(`${station}.vessel.${v.id}.litres`, 'litres', litres, basis);
  }
  s.worked(
    `${station}.vessel.${v.id}.contents`,
    W['vessel.contents'],
    { litres, density, contents: litres * density },
    basis,
  );
  const contents = fullKg(v);
  s.worked(
    `${station}.vessel.${v.id}.full`,
    W['vessel.full'],
    { empty: v.emptyKg, contents, full: v.emptyKg + contents },
    ASSUMED,
  );
  const knock = ruled('feed.knock');
  s.worked(
    `${station}.vessel.${v.id}.weight`,
    W['vessel.weight'],
    {
      empty: v.emptyKg,
      contents,
      knock,
      weight: v.emptyKg + contents * knock,
    },
    ASSUMED,
  );
  if (edgeRule(v)) s.found(`${station}.vessel.${v.id}.edge`, 'm', edgeM(v), ENTERED);
}
