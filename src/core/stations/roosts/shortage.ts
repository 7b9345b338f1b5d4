import type { Carries } from '../../carrying/carrying';
import { barsOf, effectiveLength } from '../../geometry/bars';
import { outsideCode } from '../../geometry/outside';
import type { When } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED, type Figure, figure } from '../../kernel/working';
import { type StationContext, schoolFor, thenId } from '../context';
import { type Found, findingOf, NOTHING, numberOf } from '../found';
import { reachedByLots } from './climbing';
import { whyNotCounted } from './counted';
import { allSeated, widestFirst } from './packing';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { widthsOf } from './widths';

const finding = findingOf('roosts');

/** Birds without a place: too little length, too few whole places, or places that some do not get up to. */
export function lengthShort(
  ctx: StationContext,
  carry: Carries,
  own: readonly Figure[],
  short: When | null,
): Found {
  if (carry.fitting >= carry.present) return NOTHING;
  // where nobody gets up to any bar, the way up is what is told
  const why = [...whyNotCounted(ctx).values()].filter((w) => w !== 'stepBar' && w !== 'outside');
  const unreached = why.length > 0 && why.every((w) => w === 'unreached');
  if (unreached && enoughIfReached(ctx, carry)) return NOTHING;
  const get = (id: string): Figure => {
    const found = own.find((f) => f.id === id);
    if (!found) throw new Error(`the roosts have no figure ${id}`);
    return found;
  };
  const without = get('roosts.without');
  const needed = get(thenId(carry, 'roosts.needed'));
  const there = get('roosts.have');
  const present = figure(
    'roosts.present',
    'roosts.present',
    W['roosts.present'],
    { value: carry.present },
    ENTERED,
  );
  const bars = barsOf(ctx.plan).map((b) => b.id);
  if (!below(there.value, needed.value)) {
    // there is length enough, but each bar holds whole birds only, or lies where some do not get up to
    const kept = keptFromBars(ctx, carry);
    const numbers = {
      without: numberOf(without),
      present: numberOf(present),
      needed: numberOf(needed),
      there: numberOf(there),
    };
    return {
      figures: [present],
      findings: [
        finding(
          kept ? 'roosts.reach.short' : 'roosts.places.short',
          'short',
          bars,
          numbers,
          null,
          short,
        ),
      ],
    };
  }
  const missing = figure(
    'roosts.missing',
    'roosts.missing',
    W['roosts.missing'],
    { needed: needed.value, there: there.value, missing: needed.value - there.value },
    { evidence: needed.evidence, source: needed.source },
  );
  const numbers = {
    without: numberOf(without),
    needed: numberOf(needed),
    there: numberOf(there),
    missing: numberOf(missing),
    present: numberOf(present),
  };
  return {
    figures: [missing, present],
    findings: [finding('roosts.length.short', 'short', bars, numbers, null, short)],
  };
}

/** Whether the bars would hold the birds of the setting day if all of them got up to all of them. */
function enoughIfReached(ctx: StationContext, carry: Carries): boolean {
  const school = schoolFor(ctx, 'roosts.length');
  const widths = widthsOf(ctx.flock, school, carry.setOn);
  const bars = barsOf(ctx.plan).filter(
    (b) => b.use === 'sleeping' && outsideCode(b, ctx.plan) === null,
  );
  const usableM = bars.map((b) => effectiveLength(b, ctx.plan.shell).effectiveM);
  const counts = carry.flock.map((n, i) => (widths[i] === 0 ? 0 : n));
  return allSeated({ usableM, reaches: [] }, widestFirst(widths), counts, widths);
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
