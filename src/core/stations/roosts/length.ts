import { livingOn, massThen } from '../../birds/flock';
import { demandOf } from '../../carrying/asked';
import type { Carries } from '../../carrying/carrying';
import { effectiveLength } from '../../geometry/bars';
import type { FindingNumber } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import { basisOf, capacityParts, type StationContext, thenId } from '../context';
import { scaledParts } from '../shared.working';
import type { Sheet } from '../sheet';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { type FlockSeats, seatFlock } from './seats';
import { hotFactor, widthsOf } from './widths';

/** Usable length and height of every bar. */
export function lengthFigures(s: Sheet, { plan, of }: StationContext): void {
  for (const bar of of('bar')) {
    const {
      nearLossM: nearLoss,
      farLossM: farLoss,
      effectiveM: effective,
    } = effectiveLength(bar, plan.shell);
    const height = bar.z - plan.litter.depthM;
    s.worked(
      `roosts.bar.${bar.id}.effective`,
      W['roosts.bar.effective'],
      { length: bar.lengthM, nearLoss, farLoss, effective },
      KEEPERS,
    );
    s.worked(
      `roosts.bar.${bar.id}.height`,
      W['roosts.bar.height'],
      { bar: bar.z, litter: plan.litter.depthM, height },
      ENTERED,
    );
  }
}

function widthParts(ctx: StationContext, school: ChosenSchool, mass: number) {
  const hot = hotFactor(ctx.flock);
  const scaled = hot * scaleToBird(school.value, mass, school.scale);
  return { ...scaledParts(school.value, mass, school.scale, scaled), hot };
}

const totalsOf = ({ seated }: FlockSeats): number[] =>
  seated.map((bar) => bar.reduce((a, b) => a + b, 0));

/** Of those that sleep on bars, how many find no place on the day that sets the station. */
export function withoutOf(s: Sheet, seats: FlockSeats, school: ChosenSchool): FindingNumber {
  const sleepers = seats.counts.reduce((a, b) => a + b, 0);
  const totals = totalsOf(seats);
  const seated = totals.reduce((a, b) => a + b, 0);
  return s.worked(
    'roosts.without',
    W['roosts.without'],
    { sleepers, seated: totals, without: sleepers - seated },
    basisOf(school),
  );
}

function needed(
  s: Sheet,
  id: string,
  own: { readonly counts: readonly number[]; readonly widths: readonly number[] },
  school: ChosenSchool,
): FindingNumber {
  const { counts, widths } = own;
  const parts = { counts, widths, needed: demandOf(counts, widths) };
  return s.worked(id, W['roosts.needed'], parts, basisOf(school));
}

/** Length asked for on the day that sets the station. */
export const neededThen = (
  s: Sheet,
  carry: Carries,
  seats: FlockSeats,
  school: ChosenSchool,
): FindingNumber => needed(s, thenId(carry, 'roosts.needed'), seats, school);

/** Usable length of the bars that count. */
export function haveOf(s: Sheet, seats: FlockSeats): FindingNumber {
  const effective = seats.bars.map((b) => b.effectiveM);
  const parts = { effective, there: effective.reduce((a, b) => a + b, 0) };
  return s.worked('roosts.have', W['roosts.have'], parts, KEEPERS);
}

/** What the flock asks for along the bars, what is there, and who sits where. */
export function carryFigures(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
): void {
  const basis = basisOf(school);
  const seats = seatFlock(ctx, carry, school);
  const { widths } = seats;
  const most = carry.needOn;
  const mostWidths = widthsOf(ctx.flock, school, most);
  const mostCounts = livingOn(ctx.flock, most).map((n, i) => (mostWidths[i] === 0 ? 0 : n));
  ctx.flock.lots.forEach((lot, i) => {
    if (lot.kind === 'duck') return;
    s.worked(
      `roosts.widthPerBird.${lot.id}`,
      W['roosts.widthOfBird'],
      widthParts(ctx, school, massThen(ctx.flock, i, most)),
      basis,
    );
  });
  const birds = Math.max(
    1,
    mostCounts.reduce((a, b) => a + b, 0),
  );
  s.worked(
    'roosts.widthPerBird',
    W['roosts.widthPerBird'],
    { counts: mostCounts, widths: mostWidths, mean: demandOf(mostCounts, mostWidths) / birds },
    basis,
  );
  // where one day both sets the station and asks for most, it is told of those that are seated
  const own = carry.setOn === most ? seats : { counts: mostCounts, widths: mostWidths };
  needed(s, 'roosts.needed', own, school);
  neededThen(s, carry, seats, school);
  haveOf(s, seats);
  const effective = seats.bars.map((b) => b.effectiveM);
  s.worked(
    'roosts.capacity',
    W['roosts.capacity'],
    { effective, widths, ...capacityParts(ctx, carry) },
    basis,
  );
  withoutOf(s, seats, school);
  const totals = totalsOf(seats);
  seats.bars.forEach(({ bar, effectiveM }, b) => {
    const onBar = seats.seated[b] ?? [];
    s.worked(
      `roosts.bar.${bar.id}.birds`,
      W['roosts.bar.birds'],
      {
        effective: effectiveM,
        widths,
        seated: onBar,
        used: demandOf(onBar, widths),
        birds: totals[b] ?? 0,
      },
      basis,
    );
  });
  topBar(s, seats);
}

/** Whether the top bar alone carries the flock: small flocks crowd onto it. */
function topBar(s: Sheet, seats: FlockSeats): void {
  const top = Math.max(...seats.bars.map((b) => b.bar.z));
  if (!Number.isFinite(top)) return;
  const birds = seats.bars.reduce(
    (n, b, i) => (below(b.bar.z, top) ? n : n + (seats.seated[i] ?? []).reduce((a, x) => a + x, 0)),
    0,
  );
  s.found('roosts.topBar', 'birds', birds, KEEPERS);
}
