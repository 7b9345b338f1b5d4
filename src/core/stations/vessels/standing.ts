import { birdSize, SIZE_COEFFICIENTS } from '../../birds/size';
import { isReached, rimsAbove, wantedRimM } from '../../birds/vesselReach';
import { gapInPlan } from '../../geometry/segments';
import { solidOf } from '../../geometry/solids';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED } from '../../kernel/working';
import type { Plan, Vessel } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';
import type { StationContext } from '../context';
import { barsOver } from '../shadows';
import { type Sheet, shadowReach } from '../sheet';
import { madeRules } from './homeMade';
import { fullKg } from './vessels';
import { VESSEL_WORKINGS as W } from './vessels.working';

/** Rules that every vessel keeps, whatever is in it: its height, its place, its hook, its top. */
export function vesselRules(
  s: Sheet,
  ctx: StationContext,
  vessels: readonly Vessel[],
  day: number,
): void {
  const { plan, flock, of } = ctx;
  const built = [vessels, plan.litter, flock, day];
  const heaviest = flock.heaviestOnBarsKg;
  const above = [of('bar'), heaviest, plan.litter, plan.shell];
  for (const v of vessels) {
    s.part('vessel.built', built, (own) => vesselBuilt(own, ctx, v, vessels, day), v);
    s.part('vessel.made', [], (own) => madeRules(own, v), v);
    if (v.place !== 'coop' || heaviest === null) continue;
    s.part('vessel.bars', above, (own) => underBars(own, ctx, v, heaviest), v);
  }
}

function underBars(s: Sheet, ctx: StationContext, v: Vessel, heaviest: number): void {
  const solid = ctx.solid(v);
  const over = barsOver(ctx, solid);
  if (over.length === 0) return;
  const ids = [v.id, ...over.map((b) => b.id)];
  const reach = shadowReach(s, heaviest);
  s.find(`${stationOf(v)}.vessel.underBars`, 'harm', ids, { reach }, solid);
}

const stationOf = (v: Vessel): 'feed' | 'water' => (v.kind === 'feeder' ? 'feed' : 'water');

function vesselBuilt(
  s: Sheet,
  ctx: StationContext,
  v: Vessel,
  all: readonly Vessel[],
  d: number,
): void {
  const station = stationOf(v);
  const solid = ctx.solid(v);
  heights(s, ctx, v, all, d);
  const full = v.emptyKg + fullKg(v) * ruled('feed.knock');
  if (v.hung && v.fixing === 'hook' && below(ruled('feed.hook.most'), full)) {
    s.find(
      `${station}.vessel.hook`,
      'awkward',
      [v.id],
      {
        weight: { value: full, unit: 'kg', figure: `${station}.vessel.${v.id}.weight` },
        allowed: s.fact('feed.hook.most'),
      },
      solid,
    );
  }
  if (v.flatTop && !v.hung) {
    s.find(`${station}.vessel.perched`, 'awkward', [v.id], {}, solid);
  }
}

/** A rim at the smallest bird's back; a pin where she lifts her head to it. */
function heights(
  s: Sheet,
  ctx: StationContext,
  v: Vessel,
  all: readonly Vessel[],
  d: number,
): void {
  const { plan, flock } = ctx;
  const station = v.kind === 'feeder' ? 'feed' : 'water';
  const masses = flock.columns.flatMap((c) => ((c.living[d] ?? 0) > 0 ? [c.massKg[d] ?? 0] : []));
  const smallest = Math.min(...masses.filter((m) => m > 0));
  if (!Number.isFinite(smallest)) return;
  const wanted = wantedRimM(v, smallest);
  const { pin } = vesselKind(v);
  const rule = s.worked(
    `${station}.height.${pin === null ? 'back' : 'pin'}`,
    W['vessel.height'],
    {
      mass: smallest,
      coefficient: SIZE_COEFFICIENTS.back,
      back: birdSize(smallest).backM,
      times: pin === null ? 1 : SIZE_COEFFICIENTS.headToBack * ruled(pin),
      height: wanted,
    },
    ASSUMED,
  );
  const at = (m: number) => s.found(`${station}.vessel.${v.id}.above`, 'm', m, ENTERED);
  const zone = solidOf(v, plan);
  const slack = slackOf(v);
  const { fromStart, fromEnd } = rimsAbove(v, plan);
  // one line a size: a high one is for the tall birds where the smallest have another
  const isForTall = masses.some((m) => isReached(v, plan, m));
  const another =
    isForTall &&
    all.some(
      (o) =>
        o.id !== v.id && !below(wantedRimM(o, smallest) + slackOf(o), rimsAbove(o, plan).fromStart),
    );
  if (!another && below(wanted + slack, fromStart)) {
    s.find(
      `${station}.vessel.high`,
      'short',
      [v.id],
      { height: at(fromStart), wanted: rule },
      zone,
    );
  } else if (below(fromEnd, wanted - slack)) {
    s.find(
      `${station}.vessel.low`,
      'awkward',
      [v.id],
      { height: at(Math.max(0, fromEnd)), wanted: rule },
      zone,
    );
  } else at(fromStart);
}

/** What is fixed to the wall stays while the litter rises under it: it has twice the room. */
const slackOf = (v: Vessel): number => ruled(v.onWall ? 'feed.height.wall' : 'feed.height.slack');

/** From ten birds on, two of each apart from one another. */
export function twoApart(
  s: Sheet,
  plan: Plan,
  station: 'feed' | 'water',
  vessels: readonly Vessel[],
  birds: number,
): void {
  if (vessels.length === 0 || below(birds, ruled('feed.two.birds'))) return;
  const apart = ruled('feed.two.apart');
  const two = vessels.some((a, i) =>
    vessels
      .slice(i + 1)
      .some(
        (b) => a.place !== b.place || !below(gapInPlan(solidOf(a, plan), solidOf(b, plan)), apart),
      ),
  );
  if (two) return;
  s.find(
    `${station}.one.only`,
    'awkward',
    vessels.map((v) => v.id),
    {
      birds: s.found(`${station}.birds`, 'birds', birds, ENTERED),
      from: s.fact('feed.two.birds'),
      apart: s.fact('feed.two.apart'),
    },
  );
}
