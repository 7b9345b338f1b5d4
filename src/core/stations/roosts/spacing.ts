import { hopOf } from '../../birds/hops';
import {
  highestNestLipZ,
  type NotCounted,
  upperBarOver,
  type WallGap,
  wallGap,
} from '../../geometry/bars';
import { solidOf } from '../../geometry/solids';
import type { Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM, litterStartM } from '../../model/litter';
import type { Bar, Plan } from '../../model/schema';
import { fitM } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor } from '../context';
import { sleepingIn } from '../shadows';
import type { Sheet } from '../sheet';
import { apartOf } from './between';
import { whyNotCounted } from './counted';
import { neededNumber } from './needed';
import { ROOSTS_WORKINGS as W } from './roosts.working';

/** What one bar is held to by itself: the wall, the litter, the nests, the cold. */
export function barAlone(s: Sheet, ctx: StationContext, bar: Bar, heaviestKg: number): void {
  nearWall(s, bar, ctx.plan, heaviestKg);
  tooLow(s, bar, ctx.plan);
  nearNests(s, bar, ctx);
  narrowInCold(s, bar, ctx);
}

/** Bars on which nobody sleeps for want of a way up, or under another's droppings. */
export function barsUncounted(s: Sheet, ctx: StationContext, heaviestKg: number): void {
  for (const bar of ctx.of('bar')) uncounted(s, bar, ctx, heaviestKg);
}

function nearWall(s: Sheet, bar: Bar, plan: Plan, heaviestKg: number): void {
  if (bar.use === 'step') return;
  const gap = wallGap(bar, plan.shell);
  if (!below(gap.gapM, fitM('roosts.wall', heaviestKg))) return;
  const parts = { wall: gap.wallM, bar: gap.barM, gap: gap.gapM };
  const gapFigure = s.worked(`roosts.bar.${bar.id}.wall`, W['roosts.bar.wall'], parts, ENTERED);
  const numbers = { gap: gapFigure, needed: neededNumber('roosts.wall', heaviestKg) };
  const zone = behindBar(bar, plan, gap);
  s.find('roosts.bar.nearWall', 'awkward', [bar.id], numbers, zone);
}

/** The wall behind a bar that its birds foul: the strip between them, a bird's height up. */
function behindBar(bar: Bar, plan: Plan, gap: WallGap): Solid {
  const box = solidOf(bar, plan);
  const lo = Math.min(gap.wallM, gap.barM);
  const hi = Math.max(gap.wallM, gap.barM);
  const z = { z0: plan.litter.depthM, z1: bar.z + 0.3 };
  return bar.axis === 'x' ? { ...box, y0: lo, y1: hi, ...z } : { ...box, x0: lo, x1: hi, ...z };
}

function tooLow(s: Sheet, bar: Bar, plan: Plan): void {
  if (bar.use === 'step') return;
  // both levels must hold: litter rises under the bar
  const low = (
    [
      [litterStartM(plan), 'roosts.lowest'],
      [litterEndM(plan), 'roosts.lowest.final'],
    ] as const
  ).find(([litter, rule]) => below(bar.z - litter, ruled(rule)));
  if (!low) return;
  const [litter, rule] = low;
  const height = bar.z - litter;
  const over = s.worked(
    `roosts.bar.${bar.id}.clearance`,
    W['roosts.bar.height'],
    { bar: bar.z, litter, height },
    ENTERED,
  );
  const numbers = { height: over, needed: neededNumber(rule, 2.2) };
  s.find('roosts.bar.low', 'awkward', [bar.id], numbers, solidOf(bar, plan));
}

function uncounted(s: Sheet, bar: Bar, ctx: StationContext, heaviestKg: number): void {
  const { plan } = ctx;
  const all = whyNotCounted(ctx);
  const why = all.get(bar.id);
  if (why === 'unreached') unreached(s, bar, ctx, all);
  if (why !== 'underAnother') return;
  const upper = upperBarOver(bar, sleepingIn(ctx), heaviestKg, (b) => {
    const own = all.get(b.id);
    return own !== 'unreached' && own !== 'outside';
  });
  if (!upper) return;
  const numbers = {
    apart: apartOf(s, bar, upper),
    needed: neededNumber('roosts.shadow', heaviestKg),
  };
  s.find('roosts.bar.underAnother', 'short', [bar.id, upper.id], numbers, solidOf(bar, plan));
}

/** A bar that no bird of this flock gets up to, where others do count: where none does, the way up is told once. */
function unreached(
  s: Sheet,
  bar: Bar,
  ctx: StationContext,
  all: ReadonlyMap<string, NotCounted>,
): void {
  if (![...all.values()].some((why) => why === null)) return;
  const school = schoolFor(ctx, 'roosts.hop');
  const hops = ctx.flock.lots.filter((lot) => lot.kind !== 'duck').map((lot) => hopOf(lot, school));
  const hop = s.worked('roosts.hop.most', W['roosts.rule'], { value: Math.max(...hops) }, ASSUMED);
  const height = {
    value: bar.z - ctx.plan.litter.depthM,
    unit: 'm',
    figure: `roosts.bar.${bar.id}.height`,
  } as const;
  s.find('roosts.bar.unreached', 'short', [bar.id], { height, hop }, solidOf(bar, ctx.plan));
}

/** Highest nest entrance, m above the bare floor; null without nests. */
export const nestLipZ = (ctx: StationContext): number | null =>
  ctx.kept('roosts.nestLip', [ctx.of('nestBank')], () => highestNestLipZ(ctx.plan));

/** A bar must clear the highest nest entrance, or birds sleep in the nests. */
function nearNests(s: Sheet, bar: Bar, ctx: StationContext): void {
  const lip = nestLipZ(ctx);
  if (lip === null || bar.use === 'step') return;
  const above = bar.z - lip;
  if (!below(above, ruled('roosts.aboveNests'))) return;
  const aboveFigure = s.worked(
    `roosts.bar.${bar.id}.aboveNests`,
    W['roosts.aboveNests'],
    { bar: bar.z, lip, above },
    ENTERED,
  );
  const numbers = { above: aboveFigure, needed: neededNumber('roosts.aboveNests', 2.2) };
  // below the entrance the bar does not count at all; a little above it birds still choose the nest
  const [code, severity] =
    above < 0
      ? (['roosts.bar.belowNests', 'short'] as const)
      : (['roosts.bar.nearNests', 'awkward'] as const);
  s.find(code, severity, [bar.id], numbers, solidOf(bar, ctx.plan));
}

/** Design winter minimum at and below which a wide bar is preferred, °C. Source: keepers. */
const COLD_C = -5;

/** Where nights are hard, a narrow bar leaves the toes out of the feathers. */
function narrowInCold(s: Sheet, bar: Bar, { flock }: StationContext): void {
  const winterC = flock.climate?.design.winterC;
  const rule = 'roosts.section.cold';
  if (winterC === undefined || below(COLD_C, winterC)) return;
  const value = bar.section.widthM + 2 * bar.wrapM;
  if (!below(value, ruled(rule))) return;
  const width = s.worked(
    `roosts.bar.${bar.id}.section`,
    W['roosts.bar.section'],
    { value },
    ENTERED,
  );
  const needed = s.worked(`${rule}.needed`, W['roosts.rule'], { value: ruled(rule) }, KEEPERS);
  const numbers = {
    width: width,
    needed: needed,
    winter: { value: winterC, unit: 'celsius', figure: 'climate.designWinter' } as const,
  };
  s.find('roosts.bar.narrowInCold', 'awkward', [bar.id], numbers);
}
