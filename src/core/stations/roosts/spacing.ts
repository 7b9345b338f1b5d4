import { hopOf } from '../../birds/hops';
import type { Carries } from '../../carrying/carrying';
import {
  barsOf,
  effectiveLength,
  highestNestLipZ,
  type NotCounted,
  notCounted,
  sidewaysM,
  spacingRule,
  upperBarOver,
  type WallGap,
  wallGap,
} from '../../geometry/bars';
import { outsideCode } from '../../geometry/outside';
import { solidOf } from '../../geometry/solids';
import {
  type Finding,
  type FindingNumber,
  findingKey,
  type Severity,
  type Solid,
  type When,
} from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, type Figure, figure, KEEPERS } from '../../kernel/working';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import { litterEndM, litterStartM } from '../../model/litter';
import type { Bar, Plan } from '../../model/schema';
import { fitM } from '../../rules/book';
import { FIT, type FitRuleId } from '../../rules/fit.data';
import { type StationContext, schoolFor, thenId } from '../context';
import { scaledParts } from '../shared.working';
import { reachedByLots } from './climbing';
import { allSeated, widestFirst } from './packing';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { widthsOf } from './widths';

interface Found {
  readonly figures: Figure[];
  readonly findings: Finding[];
}

/** Why each bar does not count; null for those that do. */
export const whyNotCounted = (ctx: StationContext): ReadonlyMap<string, NotCounted> =>
  ctx.once('notCounted', () => {
    const heaviest = ctx.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG;
    const reached = reachedByLots(ctx);
    const sleepers = ctx.flock.lots.flatMap((lot, i) => (lot.kind === 'duck' ? [] : [i]));
    // without birds on bars nobody is kept from them
    const slept = (bar: Bar): boolean =>
      outsideCode(bar, ctx.plan) === null &&
      (sleepers.length === 0 || sleepers.some((i) => reached[i]?.has(bar.id)));
    return new Map(
      barsOf(ctx.plan).map((bar) => [bar.id, notCounted(bar, ctx.plan, heaviest, slept)]),
    );
  });

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

const NOTHING: Found = { figures: [], findings: [] };

const number = (f: Figure): FindingNumber => ({ value: f.value, unit: f.unit, figure: f.id });

function finding(
  code: string,
  severity: Severity,
  fixtures: readonly string[],
  numbers: Finding['numbers'],
  zone: Solid | null,
  when: When | null = null,
): Finding {
  return {
    ...when,
    code,
    key: findingKey(code, fixtures),
    station: 'roosts',
    severity,
    fixtures,
    numbers,
    zone,
  };
}

/** What the spacing rules ask for this flock. */
function neededFigures(heaviestKg: number): Figure[] {
  const scaled: readonly FitRuleId[] = [
    'roosts.apart.level',
    'roosts.apart.stair',
    'roosts.wall',
    'roosts.shadow',
  ];
  const plain: readonly FitRuleId[] = ['roosts.lowest', 'roosts.lowest.final', 'roosts.aboveNests'];
  return [
    ...scaled.map((id) =>
      figure(
        `${id}.needed`,
        'roosts.fit',
        W['roosts.fit'],
        scaledParts(FIT[id].valueM, heaviestKg, FIT[id].scale, fitM(id, heaviestKg)),
        KEEPERS,
      ),
    ),
    ...plain.map((id) =>
      figure(`${id}.needed`, 'roosts.rule', W['roosts.rule'], { value: FIT[id].valueM }, KEEPERS),
    ),
  ];
}

const neededNumber = (id: FitRuleId, heaviestKg: number): FindingNumber => ({
  value: fitM(id, heaviestKg),
  unit: 'm',
  figure: `${id}.needed`,
});

function lengthShort(
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
      without: number(without),
      present: number(present),
      needed: number(needed),
      there: number(there),
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
    without: number(without),
    needed: number(needed),
    there: number(there),
    missing: number(missing),
    present: number(present),
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
  const numbers = { gap: number(gapFigure), needed: neededNumber('roosts.wall', heaviestKg) };
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
  const numbers = { height: number(over), needed: neededNumber(rule, 2.2) };
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
  const numbers = { apart: number(apart), needed: neededNumber('roosts.shadow', heaviestKg) };
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
        { height, hop: number(hop) },
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
  const numbers = { above: number(aboveFigure), needed: neededNumber('roosts.aboveNests', 2.2) };
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
    width: number(width),
    needed: number(needed),
    winter: { value: winterC, unit: 'celsius', figure: 'climate.designWinter' } as const,
  };
  return {
    figures: [width, needed],
    findings: [finding('roosts.bar.narrowInCold', 'awkward', [bar.id], numbers, null)],
  };
}

function apartFigure(a: Bar, b: Bar): Figure {
  const [one, other] = a.axis === 'x' ? [a.y, b.y] : [a.x, b.x];
  const ids = [a.id, b.id].sort().join('.');
  const parts = { one, other, apart: Math.abs(one - other) };
  return figure(`roosts.apart.${ids}`, 'roosts.apart', W['roosts.apart'], parts, ENTERED);
}

function tooClose(a: Bar, b: Bar, ctx: StationContext, heaviestKg: number): Found {
  const { plan } = ctx;
  if (a.use === 'step' || b.use === 'step') return NOTHING;
  const apart = sidewaysM(a, b);
  const rule = spacingRule(a, b);
  // the rungs of a ladder go by its pitch
  const ladder = schoolFor(ctx, 'roosts.spacing').params.pitchM !== undefined;
  if (ladder && rule === 'roosts.apart.stair') return NOTHING;
  if (apart === null || !below(apart, fitM(rule, heaviestKg))) return NOTHING;
  // one under the other is told as a bar that does not count
  const why = whyNotCounted(ctx);
  const told: readonly (NotCounted | undefined)[] = ['underAnother', 'coincides', 'outside'];
  if (told.includes(why.get(a.id)) || told.includes(why.get(b.id))) return NOTHING;
  const apartOf = apartFigure(a, b);
  const numbers = { apart: number(apartOf), needed: neededNumber(rule, heaviestKg) };
  const code = rule === 'roosts.apart.level' ? 'roosts.bars.tooClose' : 'roosts.bars.stairTooClose';
  return {
    figures: [apartOf],
    findings: [finding(code, 'awkward', [a.id, b.id], numbers, between(a, b, plan))],
  };
}

/** From the one bar's centre to the other's, where they run alongside. */
function between(a: Bar, b: Bar, plan: Plan): Solid {
  const s = solidOf(a, plan);
  const t = solidOf(b, plan);
  const z = { z0: Math.min(a.z, b.z), z1: Math.max(a.z, b.z) + 0.3 };
  return a.axis === 'x'
    ? {
        x0: Math.max(s.x0, t.x0),
        x1: Math.min(s.x1, t.x1),
        y0: Math.min(a.y, b.y),
        y1: Math.max(a.y, b.y),
        ...z,
      }
    : {
        y0: Math.max(s.y0, t.y0),
        y1: Math.min(s.y1, t.y1),
        x0: Math.min(a.x, b.x),
        x1: Math.max(a.x, b.x),
        ...z,
      };
}
