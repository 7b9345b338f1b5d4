import { highestOf, hopOf } from '../../birds/hops';
import type { Lot } from '../../birds/lots';
import { birdSize } from '../../birds/size';
import type { Carries } from '../../carrying/carrying';
import { barsOf, sleepingBars } from '../../geometry/bars';
import { meetInPlan } from '../../geometry/forms';
import { outsideCode } from '../../geometry/outside';
import { roofOverM } from '../../geometry/shell';
import { solidOf } from '../../geometry/solids';
import type { When } from '../../kernel/finding';
import { atMost, below } from '../../kernel/units/number';
import { ASSUMED, ENTERED } from '../../kernel/working';
import type { Bar } from '../../model/schema';
import type { ChosenSchool } from '../../rules/book';
import { ruled, type ToldRuleId } from '../../rules/rules.data';
import { basisOf, type StationContext, schoolFor, whenHolds } from '../context';
import type { Sheet } from '../sheet';
import { descentsIn, reachedByLots } from './climbing';
import { boards } from './droppings';
import { ceilingsOf, ledges } from './ledges';
import { heaviestOnBars, strengths } from './load';
import { ROOSTS_WORKINGS as W } from './roosts.working';

/** What one bar is held to by how it is built: headroom, section, and how it hangs. */
export function barBuilt(s: Sheet, ctx: StationContext, bar: Bar): void {
  if (sleepersOf(ctx).length === 0) return;
  headroom(s, ctx, bar);
  section(s, ctx, bar);
  hung(s, ctx, bar);
}

/** What the bars are held to together: ways up and down, strength, ledges, a ladder's pitch, boards under them. */
export function wholeRows(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
): void {
  const { plan, flock, of } = ctx;
  const sleepers = sleepersOf(ctx);
  if (sleepers.length === 0) return;
  const hops = schoolFor(ctx, 'roosts.hop');
  const heights = schoolFor(ctx, 'roosts.height');
  const reached = reachedByLots(ctx);
  s.part(
    'roosts.waysUp',
    [of('bar'), plan.shell, plan.litter, flock, hops, heights, reached],
    (own) => waysUp(own, ctx, sleepers),
  );
  waysDown(s, ctx);
  strengths(s, ctx, school);
  ledges(s, ctx);
  const spacing = schoolFor(ctx, 'roosts.spacing');
  s.part('roosts.ladder', [of('bar'), flock, spacing, hops], (own) => ladder(own, ctx, sleepers));
  boards(s, ctx, carry, school);
}

/** Lots that ever sleep on bars. */
const sleepersOf = (ctx: StationContext): readonly Lot[] =>
  ctx.kept('roosts.sleepers', [ctx.flock], () => {
    const heaviest = heaviestOnBars(ctx);
    return ctx.flock.lots.filter((_, i) => (heaviest[i] ?? 0) > 0);
  });

/** Most birds of a lot that live here on one day. */
const mostLiving = ({ flock, kept }: StationContext, lot: Lot): number =>
  kept('mostLiving', [flock], () =>
    flock.columns.map((c) => c.living.reduce((most, n) => Math.max(most, n), 0)),
  )[flock.lots.indexOf(lot)] ?? 0;

const heightOf = (bar: Bar, ctx: StationContext) => ({
  value: bar.z - ctx.plan.litter.depthM,
  unit: 'm' as const,
  figure: `roosts.bar.${bar.id}.height`,
});

/** The days on which some of these lots sleep on bars. */
const whenSleeping = (ctx: StationContext, lots: readonly Lot[]): When | null => {
  const own = lots.map((lot) => ctx.flock.columns[ctx.flock.lots.indexOf(lot)]);
  return whenHolds(ctx, (d) =>
    own.some((c) => (c?.living[d] ?? 0) > 0 && (c?.lengthFactor[d] ?? 0) > 0),
  );
};

function waysUp(s: Sheet, ctx: StationContext, sleepers: readonly Lot[]): void {
  const { plan } = ctx;
  const bars = sleepingBars(plan).filter((b) => outsideCode(b, plan) === null);
  if (bars.length === 0) return;
  const hops = schoolFor(ctx, 'roosts.hop');
  const heights = schoolFor(ctx, 'roosts.height');
  const reachedBy = reachedByLots(ctx);
  const kept: Lot[] = [];
  /** By bar, the lot that it is most too high for. */
  const over = new Map<string, { bar: Bar; lots: Lot[]; lot: Lot; allowedM: number }>();
  for (const lot of sleepers) {
    const reached = reachedBy[ctx.flock.lots.indexOf(lot)];
    const own = bars.filter((b) => reached?.has(b.id));
    if (own.length === 0) kept.push(lot);
    const allowedM = highestOf(lot, heights);
    for (const bar of own) {
      if (atMost(bar.z - plan.litter.depthM, allowedM)) continue;
      const worst = over.get(bar.id);
      const lots = [...(worst?.lots ?? []), lot];
      over.set(
        bar.id,
        !worst || allowedM < worst.allowedM ? { bar, lots, lot, allowedM } : { ...worst, lots },
      );
    }
  }
  // of bars as low as one another the first by id is told, whatever the list's order
  const lowest = bars.reduce((a, b) => (b.z < a.z || (b.z === a.z && b.id < a.id) ? b : a));
  const weakest = kept.reduce<Lot | null>(
    (a, b) => (a === null || weaker(b, a, hops) ? b : a),
    null,
  );
  if (weakest) {
    const birds = kept.reduce((n, lot) => n + mostLiving(ctx, lot), 0);
    s.find(
      'roosts.hop.high',
      'short',
      [lowest.id],
      {
        birds: s.found('roosts.hop.kept', 'birds', birds, ASSUMED),
        height: heightOf(lowest, ctx),
        hop: s.rule(`roosts.hop.${weakest.id}`, 'm', hopOf(weakest, hops), basisOf(hops)),
      },
      solidOf(lowest, plan),
      whenSleeping(ctx, kept),
    );
  }
  for (const { bar, lots, lot, allowedM } of over.values()) {
    s.find(
      'roosts.bar.high',
      'harm',
      [bar.id],
      {
        height: heightOf(bar, ctx),
        allowed: s.rule(`roosts.highest.${lot.id}`, 'm', allowedM, basisOf(heights)),
      },
      solidOf(bar, plan),
      whenSleeping(ctx, lots),
    );
  }
  const { leastM } = heights.params;
  if (leastM !== undefined && below(lowest.z - plan.litter.depthM, leastM)) {
    s.find(
      'roosts.bars.lowForSchool',
      'awkward',
      [lowest.id],
      {
        height: heightOf(lowest, ctx),
        needed: s.rule('roosts.height.least', 'm', leastM, basisOf(heights)),
      },
      solidOf(lowest, plan),
    );
  }
}

/** Whether a lot hops less than another; of two that hop alike the first by id. */
function weaker(a: Lot, b: Lot, hops: ChosenSchool): boolean {
  const [one, other] = [hopOf(a, hops), hopOf(b, hops)];
  return one < other || (one === other && a.id < b.id);
}

function waysDown(s: Sheet, ctx: StationContext): void {
  for (const { bar, dropM, clearM, safe } of descentsIn(ctx)) {
    if (safe) continue;
    s.find(
      'roosts.bar.descent',
      'harm',
      [bar.id],
      {
        drop: { ...heightOf(bar, ctx), value: dropM },
        clear: s.found(`roosts.bar.${bar.id}.clear`, 'm', clearM, ASSUMED),
      },
      solidOf(bar, ctx.plan),
    );
  }
}

function headroom(s: Sheet, ctx: StationContext, bar: Bar): void {
  const heaviest = ctx.flock.heaviestOnBarsKg;
  if (bar.use === 'step' || heaviest === null) return;
  const own = ctx.solid(bar);
  const roof = Math.min(
    roofOverM(ctx.plan.shell, own),
    ...ceilingsOf(ctx.plan)
      .filter((c) => meetInPlan(ctx.solid(c), own) && !below(c.z, bar.z))
      .map((c) => c.z),
  );
  const back = birdSize(heaviest).backM;
  const times = ruled('roosts.headroom.times');
  const plus = ruled('roosts.headroom.plus');
  const room = roof - bar.z;
  if (!below(room, times * back + plus)) return;
  s.find(
    'roosts.bar.headroom',
    'awkward',
    [bar.id],
    {
      room: s.worked(
        `roosts.bar.${bar.id}.headroom`,
        W['roosts.headroom'],
        { roof, bar: bar.z, room },
        ENTERED,
      ),
      needed: s.worked(
        'roosts.headroom.needed',
        W['roosts.headroom.needed'],
        { times, back, plus, needed: times * back + plus },
        ASSUMED,
      ),
    },
    { ...own, z0: bar.z, z1: roof },
  );
}

const LEAST_WIDTH: Readonly<Partial<Record<Bar['section']['shape'], ToldRuleId>>> = {
  round: 'roosts.round.least',
  square: 'roosts.square.least',
  branch: 'roosts.branch.least',
};

function section(s: Sheet, ctx: StationContext, bar: Bar): void {
  if (bar.use === 'step') return;
  const school = schoolFor(ctx, 'roosts.section');
  const rule = LEAST_WIDTH[bar.section.shape];
  if (rule && school.params.judgesWidth !== 0 && below(acrossM(bar), ruled(rule))) {
    s.find('roosts.bar.thin', 'awkward', [bar.id], {
      width: s.entered(`roosts.bar.${bar.id}.width`, 'm', acrossM(bar)),
      needed: s.fact(rule),
    });
  }
  if (bar.material === 'metalPipe' || bar.material === 'plasticPipe') {
    s.find('roosts.bar.pipe', 'awkward', [bar.id], {});
  }
  if (!bar.liftsOut && !bar.hung) s.find('roosts.bar.fixed', 'awkward', [bar.id], {});
}

/** What toes close round, m: cord wound round a bar counts on both sides. */
const acrossM = ({ section, wrapM }: Bar): number => section.widthM + 2 * wrapM;

function hung(s: Sheet, ctx: StationContext, bar: Bar): void {
  if (!bar.hung) return;
  const clear = bar.z - bar.section.heightM - (ctx.plan.litter.finalM ?? ctx.plan.litter.depthM);
  const rule = ruled('roosts.hung.clear');
  if (!bar.liftsOut && below(clear, rule)) {
    s.find('roosts.hung.low', 'awkward', [bar.id], {
      clear: s.found(`roosts.bar.${bar.id}.under`, 'm', clear, ENTERED),
      needed: s.fact('roosts.hung.clear'),
    });
  }
  if (!bar.braced) s.find('roosts.hung.swings', 'awkward', [bar.id], {});
}

/** A leaning ladder: rungs no farther apart than a hop along the lean, and no lean but 45–50°. */
function ladder(s: Sheet, ctx: StationContext, sleepers: readonly Lot[]): void {
  const school = schoolFor(ctx, 'roosts.spacing');
  const { pitchM, leanLeastDeg, leanMostDeg } = school.params;
  if (pitchM === undefined || leanLeastDeg === undefined || leanMostDeg === undefined) return;
  const giants = sleepers.filter((lot) => lot.class.id === 'giant' || lot.class.id === 'meat');
  const rungs = barsOf(ctx.plan).sort((a, b) => a.z - b.z);
  if (giants.length > 0 && rungs.length > 0) {
    s.find(
      'roosts.ladder.giants',
      'awkward',
      rungs.map((b) => b.id),
      {},
    );
  }
  const hops = schoolFor(ctx, 'roosts.hop');
  const hop = Math.min(...sleepers.map((lot) => hopOf(lot, hops)));
  for (let i = 1; i < rungs.length; i++) {
    const [low, high] = [rungs[i - 1], rungs[i]];
    if (!low || !high || low.axis !== high.axis) continue;
    const rise = high.z - low.z;
    const side = Math.abs(high.axis === 'x' ? high.y - low.y : high.x - low.x);
    const lean = (Math.atan2(rise, side) * 180) / Math.PI;
    const pitch = Math.hypot(rise, side);
    const most = rise <= 0 ? pitchM : Math.min(pitchM, hop / Math.sin((lean * Math.PI) / 180));
    const ids = [low.id, high.id];
    if (below(lean, leanLeastDeg) || below(leanMostDeg, lean)) {
      s.find('roosts.ladder.lean', 'awkward', ids, {
        lean: s.found(`roosts.ladder.${ids.join('.')}.lean`, 'degrees', lean, ENTERED),
        least: s.rule('roosts.ladder.least', 'degrees', leanLeastDeg, basisOf(school)),
        most: s.rule('roosts.ladder.most', 'degrees', leanMostDeg, basisOf(school)),
      });
    } else if (below(most, pitch)) {
      s.find('roosts.ladder.pitch', 'awkward', ids, {
        pitch: s.found(`roosts.ladder.${ids.join('.')}.pitch`, 'm', pitch, ENTERED),
        allowed: s.found(`roosts.ladder.${ids.join('.')}.allowed`, 'm', most, basisOf(school)),
      });
    }
  }
}
