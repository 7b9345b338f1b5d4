import { hopOf } from '../../birds/hops';
import type { Carries } from '../../carrying/carrying';
import {
  barsOf,
  highestNestLipZ,
  type NotCounted,
  upperBarOver,
  type WallGap,
  wallGap,
} from '../../geometry/bars';
import { solidOf } from '../../geometry/solids';
import type { Finding, Solid, When } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, type Figure, figure, KEEPERS } from '../../kernel/working';
import { litterEndM, litterStartM } from '../../model/litter';
import type { Bar, Plan } from '../../model/schema';
import { fitM } from '../../rules/book';
import { FIT } from '../../rules/fit.data';
import { type StationContext, schoolFor } from '../context';
import { type Found, findingOf, NOTHING, numberOf } from '../found';
import { apartFigure, tooClose } from './between';
import { whyNotCounted } from './counted';
import { neededFigures, neededNumber } from './needed';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { lengthShort } from './shortage';

/** Every rule of the roosts that this coop breaks, with the figures the findings speak of. */
export function roostFindings(
  ctx: StationContext,
  carry: Carries,
  own: readonly Figure[],
  heaviestKg: number,
  short: When | null,
): Found {
  const { plan } = ctx;
  const figures = neededFigures(heaviestKg);
  const findings: Finding[] = [];
  const take = (found: Found): void => {
    figures.push(...found.figures);
    findings.push(...found.findings);
  };
  take(lengthShort(ctx, carry, own, short));
  const bars = barsOf(plan);
  for (const bar of bars) {
    take(nearWall(bar, plan, heaviestKg));
    take(tooLow(bar, plan));
    take(uncounted(bar, ctx, heaviestKg));
    take(nearNests(bar, plan));
    take(narrowInCold(bar, ctx));
  }
  bars.forEach((a, i) => {
    for (const b of bars.slice(i + 1)) take(tooClose(a, b, ctx, heaviestKg));
  });
  return { figures, findings };
}

const finding = findingOf('roosts');

function nearWall(bar: Bar, plan: Plan, heaviestKg: number): Found {
  if (bar.use === 'step') return NOTHING;
  const gap = wallGap(bar, plan.shell);
  if (!below(gap.gapM, fitM('roosts.wall', heaviestKg))) return NOTHING;
  const parts = { wall: gap.wallM, bar: gap.barM, gap: gap.gapM };
  const gapFigure = figure(
    `roosts.bar.${bar.id}.wall`,
    'roosts.bar.wall',
    W['roosts.bar.wall'],
    parts,
    ENTERED,
  );
  const numbers = { gap: numberOf(gapFigure), needed: neededNumber('roosts.wall', heaviestKg) };
  const zone = behindBar(bar, plan, gap);
  return {
    figures: [gapFigure],
    findings: [finding('roosts.bar.nearWall', 'awkward', [bar.id], numbers, zone)],
  };
}

/** The wall behind a bar that its birds foul: the strip between them, a bird's height up. */
function behindBar(bar: Bar, plan: Plan, gap: WallGap): Solid {
  const s = solidOf(bar, plan);
  const lo = Math.min(gap.wallM, gap.barM);
  const hi = Math.max(gap.wallM, gap.barM);
  const z = { z0: plan.litter.depthM, z1: bar.z + 0.3 };
  return bar.axis === 'x' ? { ...s, y0: lo, y1: hi, ...z } : { ...s, x0: lo, x1: hi, ...z };
}

function tooLow(bar: Bar, plan: Plan): Found {
  if (bar.use === 'step') return NOTHING;
  // both levels must hold: litter rises under the bar
  const low = (
    [
      [litterStartM(plan), 'roosts.lowest'],
      [litterEndM(plan), 'roosts.lowest.final'],
    ] as const
  ).find(([litter, rule]) => below(bar.z - litter, FIT[rule].valueM));
  if (!low) return NOTHING;
  const [litter, rule] = low;
  const height = bar.z - litter;
  const over = figure(
    `roosts.bar.${bar.id}.clearance`,
    'roosts.bar.height',
    W['roosts.bar.height'],
    { bar: bar.z, litter, height },
    ENTERED,
  );
  const numbers = { height: numberOf(over), needed: neededNumber(rule, 2.2) };
  return {
    figures: [over],
    findings: [finding('roosts.bar.low', 'awkward', [bar.id], numbers, solidOf(bar, plan))],
  };
}

function uncounted(bar: Bar, ctx: StationContext, heaviestKg: number): Found {
  const { plan } = ctx;
  const all = whyNotCounted(ctx);
  const why = all.get(bar.id);
  if (why === 'unreached') return unreached(bar, ctx, all);
  if (why !== 'underAnother') return NOTHING;
  const upper = upperBarOver(bar, plan, heaviestKg, (b) => {
    const own = all.get(b.id);
    return own !== 'unreached' && own !== 'outside';
  });
  if (!upper) return NOTHING;
  const apart = apartFigure(bar, upper);
  const numbers = { apart: numberOf(apart), needed: neededNumber('roosts.shadow', heaviestKg) };
  return {
    figures: [apart],
    findings: [
      finding('roosts.bar.underAnother', 'short', [bar.id, upper.id], numbers, solidOf(bar, plan)),
    ],
  };
}

/** A bar that no bird of this flock gets up to, where others do count: where none does, the way up is told once. */
function unreached(bar: Bar, ctx: StationContext, all: ReadonlyMap<string, NotCounted>): Found {
  if (![...all.values()].some((why) => why === null)) return NOTHING;
  const school = schoolFor(ctx, 'roosts.hop');
  const hops = ctx.flock.lots.filter((lot) => lot.kind !== 'duck').map((lot) => hopOf(lot, school));
  const hop = figure(
    'roosts.hop.most',
    'roosts.rule',
    W['roosts.rule'],
    { value: Math.max(...hops) },
    ASSUMED,
  );
  const height = {
    value: bar.z - ctx.plan.litter.depthM,
    unit: 'm',
    figure: `roosts.bar.${bar.id}.height`,
  } as const;
  return {
    figures: [hop],
    findings: [
      finding(
        'roosts.bar.unreached',
        'short',
        [bar.id],
        { height, hop: numberOf(hop) },
        solidOf(bar, ctx.plan),
      ),
    ],
  };
}

/** A bar must clear the highest nest entrance, or birds sleep in the nests. */
function nearNests(bar: Bar, plan: Plan): Found {
  const lip = highestNestLipZ(plan);
  if (lip === null || bar.use === 'step') return NOTHING;
  const above = bar.z - lip;
  if (!below(above, FIT['roosts.aboveNests'].valueM)) return NOTHING;
  const aboveFigure = figure(
    `roosts.bar.${bar.id}.aboveNests`,
    'roosts.aboveNests',
    W['roosts.aboveNests'],
    { bar: bar.z, lip, above },
    ENTERED,
  );
  const numbers = { above: numberOf(aboveFigure), needed: neededNumber('roosts.aboveNests', 2.2) };
  // below the entrance the bar does not count at all; a little above it birds still choose the nest
  const [code, severity] =
    above < 0
      ? (['roosts.bar.belowNests', 'short'] as const)
      : (['roosts.bar.nearNests', 'awkward'] as const);
  return {
    figures: [aboveFigure],
    findings: [finding(code, severity, [bar.id], numbers, solidOf(bar, plan))],
  };
}

/** Design winter minimum at and below which a wide bar is preferred, °C. Source: keepers. */
const COLD_C = -5;

/** Where nights are hard, a narrow bar leaves the toes out of the feathers. */
function narrowInCold(bar: Bar, { flock }: StationContext): Found {
  const winterC = flock.climate?.design.winterC;
  const rule = 'roosts.section.cold';
  if (winterC === undefined || below(COLD_C, winterC)) return NOTHING;
  const value = bar.section.widthM + 2 * bar.wrapM;
  if (!below(value, FIT[rule].valueM)) return NOTHING;
  const width = figure(
    `roosts.bar.${bar.id}.section`,
    'roosts.bar.section',
    W['roosts.bar.section'],
    { value },
    ENTERED,
  );
  const needed = figure(
    `${rule}.needed`,
    'roosts.rule',
    W['roosts.rule'],
    { value: FIT[rule].valueM },
    KEEPERS,
  );
  const numbers = {
    width: numberOf(width),
    needed: numberOf(needed),
    winter: { value: winterC, unit: 'celsius', figure: 'climate.designWinter' } as const,
  };
  return {
    figures: [width, needed],
    findings: [finding('roosts.bar.narrowInCold', 'awkward', [bar.id], numbers, null)],
  };
}
