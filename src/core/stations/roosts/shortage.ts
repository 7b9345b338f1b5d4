import type { Carries } from '../../carrying/carrying';
import { effectiveLength, highestFirst } from '../../geometry/bars';
import { outsideCode } from '../../geometry/outside';
import type { When } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED } from '../../kernel/working';
import type { ChosenSchool } from '../../rules/book';
import { type StationContext, schoolFor } from '../context';
import { sleepingIn } from '../shadows';
import type { Sheet } from '../sheet';
import { reachedByLots } from './climbing';
import { whyNotCounted } from './counted';
import { haveOf, neededThen, withoutOf } from './length';
import { allSeated, widestFirst } from './packing';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { barsFor, seatFlock } from './seats';
import { widthsOf } from './widths';

/** Birds without a place: too little length, too few whole places, or places that some do not get up to. */
export function lengthShort(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
  short: When | null,
): void {
  if (carry.fitting >= carry.present) return;
  // where nobody gets up to any bar, the way up is what is told
  const why = [...whyNotCounted(ctx).values()].filter((w) => w !== 'stepBar' && w !== 'outside');
  const unreached = why.length > 0 && why.every((w) => w === 'unreached');
  if (unreached && enoughIfReached(ctx, carry)) return;
  if (enoughIfInside(ctx, carry)) return;
  const seats = seatFlock(ctx, carry, school);
  const without = withoutOf(s, seats, school);
  const needed = neededThen(s, carry, seats, school);
  const there = haveOf(s, seats);
  const present = s.worked(
    'roosts.present',
    W['roosts.present'],
    { value: carry.present },
    ENTERED,
  );
  const bars = ctx.of('bar').map((b) => b.id);
  if (!below(there.value, needed.value)) {
    // there is length enough, but each bar holds whole birds only, or lies where some do not get up to
    const code = keptFromBars(ctx, carry) ? 'roosts.reach.short' : 'roosts.places.short';
    s.find(code, 'short', bars, { without, present, needed, there }, null, short);
    return;
  }
  const missing = s.worked(
    'roosts.missing',
    W['roosts.missing'],
    { needed: needed.value, there: there.value, missing: needed.value - there.value },
    { evidence: school.evidence, source: school.source },
  );
  const numbers = { without, needed, there, missing, present };
  s.find('roosts.length.short', 'short', bars, numbers, null, short);
}

/** Whether the bars would hold the birds of the setting day if all of them got up to all of them. */
function enoughIfReached(ctx: StationContext, carry: Carries): boolean {
  const school = schoolFor(ctx, 'roosts.length');
  const widths = widthsOf(ctx.flock, school, carry.setOn);
  const bars = sleepingIn(ctx)
    .filter((b) => outsideCode(b, ctx.plan) === null)
    .sort(highestFirst);
  const usableM = bars.map((b) => effectiveLength(b, ctx.plan.shell).effectiveM);
  const counts = carry.flock.map((n, i) => (widths[i] === 0 ? 0 : n));
  return allSeated({ usableM, reaches: [] }, widestFirst(widths), counts, widths);
}

/**
 * Whether bars that lie outside the shell, each told of by itself, would seat the birds of the setting day beside the
 * others if they were put inside.
 */
function enoughIfInside(ctx: StationContext, carry: Carries): boolean {
  const outside = ctx.of('bar').filter((b) => b.use === 'sleeping' && ctx.outside(b) !== null);
  if (outside.length === 0) return false;
  const { usableM, reaches } = barsFor(ctx);
  const widths = widthsOf(ctx.flock, schoolFor(ctx, 'roosts.length'), carry.setOn);
  const more = outside.map((b) => effectiveLength(b, ctx.plan.shell).effectiveM);
  const counts = carry.flock.map((n, i) => (widths[i] === 0 ? 0 : n));
  const all = {
    usableM: [...usableM, ...more],
    reaches: reaches.map((own) => [...own, ...more.map(() => true)]),
  };
  return allSeated(all, widestFirst(widths), counts, widths);
}

/** Whether some of the birds of the setting day get up to fewer bars than others do. */
function keptFromBars(ctx: StationContext, carry: Carries): boolean {
  const counted = [...whyNotCounted(ctx)].flatMap(([id, why]) => (why === null ? [id] : []));
  const reached = reachedByLots(ctx);
  return ctx.flock.lots.some(
    (lot, i) =>
      lot.kind !== 'duck' &&
      (carry.flock[i] ?? 0) > 0 &&
      counted.some((id) => !reached[i]?.has(id)),
  );
}
