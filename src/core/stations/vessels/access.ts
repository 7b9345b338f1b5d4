import { livingOn, massThen } from '../../birds/flock';
import { type Carries, fittingOn } from '../../carrying/carrying';
import type { StationDemand } from '../../carrying/fitting';
import { allShare, shareOut } from '../../carrying/sharing';
import type { FindingNumber, When } from '../../kernel/finding';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { Vessel } from '../../model/schema';
import { byDay, capacityParts, type StationContext, thenId } from '../context';
import { factFor, type Sheet } from '../sheet';
import { type Sharer, sharedBy, sharer, sharerAtReach, vesselsWithin } from './vessels';
import { VESSEL_WORKINGS as W } from './vessels.working';

/** Whether all birds find a place at once, shared out among the vessels as well as can be. */
export function accessDemand(ctx: StationContext, vessels: readonly Vessel[]): StationDemand {
  const sharesOn = sharesBy(ctx, vessels);
  return {
    measure: 'rim',
    perBird: byDay(ctx, 'rims', [], (flock, d) =>
      flock.lots.map((_, i) => factFor('feed.round', massThen(flock, i, d))),
    ),
    fits: (taken, { d }) => allShare(sharesOn(d), taken),
  };
}

/** By day, what share of each vessel within reach one bird of each lot takes. */
function sharesBy(
  ctx: StationContext,
  vessels: readonly Vessel[],
  sharerOf: (v: Vessel) => Sharer = (v) => sharer(v, ctx.plan),
  within: readonly Vessel[] = vesselsWithin(vessels, ctx),
): (d: number) => number[][] {
  const { flock } = ctx;
  const sharers = within.map(sharerOf);
  let last: { d: number; shares: number[][] } | null = null;
  return (d) => {
    if (last?.d !== d) {
      const masses = flock.lots.map((_, i) => massThen(flock, i, d));
      const shares = sharers.map((share) =>
        flock.lots.map((lot, i) => share(lot, masses[i] as number)),
      );
      last = { d, shares };
    }
    return last.shares;
  };
}

/** What the birds ask for and find when the vessels have just been filled, and whether some find no place. */
export function access(
  s: Sheet,
  ctx: StationContext,
  station: 'feed' | 'water',
  vessels: readonly Vessel[],
  carry: Carries,
  short: When | null,
): void {
  s.explain(() => accessFigures(s, ctx, station, vessels, carry));
  const without = carry.present - carry.fitting;
  if (without <= 0 || vessels.length === 0 || toldAsStarving(s, ctx, vessels, carry)) return;
  // that vessels stand too high or outside the shell is told of each; put right, they would do
  const isTold =
    s.findings.some((f) => f.code === `${station}.vessel.high`) ||
    vessels.some((v) => ctx.outside(v) !== null);
  const putRight = () => sharesBy(ctx, vessels, sharerAtReach, vessels)(carry.setOn);
  if (isTold && allShare(putRight(), carry.flock)) return;
  // on the day of the most birds it is that day's own figures that are told
  const taken = carry.setOn === carry.needOn ? mostFitting(ctx, station, vessels, carry) : carry;
  const present = carry.setOn === carry.needOn ? livingBirds(ctx, carry.needOn) : carry.present;
  s.find(
    `${station}.access.short`,
    'short',
    vessels.map((v) => v.id),
    {
      needed: s.found(thenId(carry, `${station}.needed`), 'birds', present, ENTERED),
      there: served(s, thenId(carry, `${station}.have`), taken.taken),
      without: s.found(`${station}.without`, 'birds', without, KEEPERS),
    },
    null,
    short,
  );
}

const livingBirds = ({ flock }: StationContext, d: number): number =>
  livingOn(flock, d).reduce((a, b) => a + b, 0);

/** The most birds that find a place on the day of the most. */
const mostFitting = (
  ctx: StationContext,
  station: 'feed' | 'water',
  vessels: readonly Vessel[],
  carry: Carries,
) =>
  ctx.kept(
    `access.most.${station}`,
    [ctx.flock, carry.needOn, ...sharedBy(vesselsWithin(vessels, ctx), ctx.plan)],
    () => fittingOn(ctx.flock, accessDemand(ctx, vessels), carry.needOn),
  );

const served = (s: Sheet, id: string, taken: readonly number[]): FindingNumber =>
  s.worked(
    id,
    W['vessel.served'],
    { fitted: taken, served: taken.reduce((a, b) => a + b, 0) },
    KEEPERS,
  );

function accessFigures(
  s: Sheet,
  ctx: StationContext,
  station: 'feed' | 'water',
  vessels: readonly Vessel[],
  carry: Carries,
): void {
  s.found(`${station}.needed`, 'birds', livingBirds(ctx, carry.needOn), ENTERED);
  served(s, `${station}.have`, mostFitting(ctx, station, vessels, carry).taken);
  const best = ctx.kept(
    `access.best.${station}`,
    [ctx.flock, carry, ...sharedBy(vesselsWithin(vessels, ctx), ctx.plan)],
    () => givenUp(ctx, vessels, carry),
  );
  // where the search was given up, the figure says that it is the best that was found
  const key = best ? 'vessel.capacity.best' : 'vessel.capacity';
  s.worked(`${station}.capacity`, W[key], capacityParts(ctx, carry), KEEPERS);
}

/** Whether those without a place are birds that can use no vessel at all: that is told, and is worse. */
function toldAsStarving(
  s: Sheet,
  ctx: StationContext,
  vessels: readonly Vessel[],
  carry: Carries,
): boolean {
  if (!s.findings.some((f) => f.code === 'feed.lot.none')) return false;
  const shares = sharesBy(ctx, vessels)(carry.setOn);
  const others = carry.flock.map((n, i) => (shares.some((own) => Number.isFinite(own[i])) ? n : 0));
  return allShare(shares, others);
}

/** Whether the search for room for all birds of the setting day was given up. */
function givenUp(ctx: StationContext, vessels: readonly Vessel[], carry: Carries): boolean {
  return (
    carry.fitting < carry.present &&
    shareOut(sharesBy(ctx, vessels)(carry.setOn), carry.flock).givenUp
  );
}
