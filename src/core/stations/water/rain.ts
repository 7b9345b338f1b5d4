import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { barrelAcrossM, barrelHighM } from '../../model/barrelForm';
import type { Drinker, Fixture, Plan, Rain } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { isOnBarrel } from '../../stores/frost/open';
import {
  flushPipeM,
  gutterLs,
  gutterSection,
  MANNING_N,
  peakLs,
  sheetM,
  supports,
} from '../../stores/rain/gutter';
import { doorsBehind } from '../../stores/rain/place';
import { barrelsL, drainedM2, gutteredEaves, gutterShare } from '../../stores/rain/roof';
import { flushMmOf, runoffOf } from '../../stores/rain/runoff';
import { drunkByDay } from '../../stores/rain/store';
import { type StationContext, schoolFor } from '../context';
import type { Sheet } from '../sheet';
import { RAIN_WORKINGS as W } from './rain.working';

/** Foot of the barrel above the bare floor of the coop, m. */
export const barrelFootZ = ({ plan }: Pick<StationContext, 'plan'>, rain: Rain): number =>
  rain.barrel.standM - plan.shell.floorAboveGroundM;

/** A year's mean rain that the barrel is brought, L, before what is kept out. */
function broughtL(ctx: StationContext, rain: Rain): { fell: number; litres: number } | null {
  const months = ctx.flock.climate?.months;
  if (!months) return null;
  const fell = months.reduce((sum, m) => sum + m.rainMm, 0);
  return {
    fell,
    litres: fell * drainedM2(ctx.plan, rain) * runoffOf(rain.cover) * gutterShare(rain),
  };
}

/** All that is worked of the rain before it is run through years. */
export function rainFigures(s: Sheet, ctx: StationContext): void {
  const { plan } = ctx;
  const { rain, shell } = plan;
  if (rain === null) return;
  const roof = drainedM2(plan, rain);
  const eaves = gutteredEaves(plan, rain);
  s.worked(
    'water.rain.roof',
    W['rain.roof'],
    {
      long: shell.lengthM,
      wide: shell.widthM,
      overhang: rain.overhangM,
      share: eaves.reduce((sum, e) => sum + e.share, 0),
      roof,
    },
    ENTERED,
  );
  peakFigure(s, ctx, rain);
  carriesFigure(s, rain);
  const sheet = sheetM(rain.gutter);
  if (sheet !== null) s.found('water.rain.sheet', 'm', sheet, ENTERED);
  const hooks = eaves.reduce((sum, e) => sum + supports(e.longM), 0);
  s.found('water.rain.supports', 'brackets', hooks, KEEPERS);
  flushFigure(s, ctx, rain);
  s.found('water.rain.flushMm', 'millimetres', flushMmOf(plan, rain), KEEPERS);
  const litres = barrelsL(rain);
  s.found('water.rain.litres', 'litres', litres, ENTERED);
  const empty = rain.barrel.emptyKg * rain.barrel.count;
  s.worked('water.rain.load', W['rain.load'], { litres, empty, load: litres + empty }, ENTERED);
  for (const v of onBarrel(ctx)) headOf(s, ctx, rain, v);
  const brought = broughtL(ctx, rain);
  if (brought === null) return;
  s.worked(
    'water.rain.brought',
    W['rain.yield'],
    {
      fell: brought.fell,
      roof,
      runoff: runoffOf(rain.cover),
      gutter: gutterShare(rain),
      brought: brought.litres,
    },
    ASSUMED,
  );
  s.found(
    'water.rain.drunk',
    'litres',
    drunkByDay(ctx.flock).reduce((a, b) => a + b, 0),
    ASSUMED,
  );
}

const peakFigure = (s: Sheet, { plan }: StationContext, rain: Rain) => {
  // the longest gutter takes the most
  const most = Math.max(0, ...gutteredEaves(plan, rain).map((e) => e.share));
  const whole = drainedM2(plan, { ...rain, eaves: ['front', 'rear', 'left', 'right'] });
  const roof = whole * most;
  return s.worked(
    'water.rain.peak',
    W['rain.peak'],
    { roof, heaviest: rain.peakMmH, peak: peakLs(roof, rain.peakMmH) },
    KEEPERS,
  );
};

const carriesFigure = (s: Sheet, rain: Rain) => {
  const [section, wetted] = gutterSection(rain.gutter);
  const carries = gutterLs(rain.gutter, rain.fall);
  const parts = { section, wetted, roughness: MANNING_N, fall: rain.fall, carries };
  return s.worked('water.rain.gutter', W['rain.gutter'], parts, KEEPERS);
};

const flushFigure = (s: Sheet, { plan }: StationContext, rain: Rain) => {
  const roof = drainedM2(plan, rain);
  const kept = flushMmOf(plan, rain);
  const bore = rain.flushBoreM;
  return s.worked(
    'water.rain.flush',
    W['rain.flush'],
    { roof, kept, bore, litres: roof * kept, pipe: flushPipeM(roof, kept, bore) },
    KEEPERS,
  );
};

/** Drinkers whose line the barrel feeds: those that have no tank of their own. */
export const onBarrel = (ctx: StationContext): Drinker[] =>
  ctx.plan.rain === null ? [] : ctx.of('drinker').filter((v) => isOnBarrel(v, ctx.plan));

/** What would go wrong between the ridge and the cup. */
export function rainRules(s: Sheet, ctx: StationContext): void {
  const { plan } = ctx;
  const { rain } = plan;
  if (rain === null) return;
  if (rain.cover === 'unsafe') s.find('water.roof.unsafe', 'harm', [], {});
  const eaves = gutteredEaves(plan, rain);
  if (eaves.length === 0) {
    s.find('water.gutter.noEave', 'short', [], {});
    return;
  }
  const peak = peakFigure(s, ctx, rain);
  const carries = carriesFigure(s, rain);
  if (below(carries.value, peak.value))
    s.find('water.gutter.small', 'short', [], { carries, peak });
  if (rain.flushLongM !== null) {
    const needed = flushFigure(s, ctx, rain);
    if (below(rain.flushLongM, needed.value)) {
      const there = s.entered('water.rain.flushLong', 'm', rain.flushLongM);
      s.find('water.flush.short', 'awkward', [], { there, needed });
    }
  }
  ofBarrel(s, plan, rain);
  if (plan.site.treesOver && schoolFor(ctx, 'rain.screens').params.everywhere === 1) {
    s.find('water.screens.shed', 'awkward', [], {});
  }
  for (const v of onBarrel(ctx)) {
    const foot = barrelFootZ(ctx, rain);
    if (!below(foot - v.rimZ, ruled('water.tank.above'))) continue;
    s.find('water.barrel.low', 'short', [v.id], {
      above: headOf(s, ctx, rain, v),
      needed: s.fact('water.tank.above'),
    });
  }
  const brought = broughtL(ctx, rain);
  if (brought === null) return;
  const drunk = drunkByDay(ctx.flock).reduce((a, b) => a + b, 0);
  if (below(brought.litres, drunk)) {
    s.find('water.rain.little', 'awkward', [], {
      brought: { value: brought.litres, unit: 'litres', figure: 'water.rain.brought' },
      drunk: { value: drunk, unit: 'litres', figure: 'water.rain.drunk' },
    });
  }
}

const headOf = (s: Sheet, { plan }: StationContext, rain: Rain, v: Drinker) =>
  s.worked(
    `water.rain.head.${v.id}`,
    W['rain.head'],
    {
      foot: rain.barrel.standM,
      floor: plan.shell.floorAboveGroundM,
      outlet: v.rimZ,
      above: rain.barrel.standM - plan.shell.floorAboveGroundM - v.rimZ,
    },
    ENTERED,
  );

/** Doors that nobody gets through for the barrel before them; birds shut out are worse than a keeper. */
export function barrelRules(
  s: Sheet,
  { rain, shell }: Pick<Plan, 'rain' | 'shell'>,
  doors: readonly Fixture[],
): void {
  if (rain === null) return;
  const behind = doorsBehind({ shell, fixtures: doors }, rain.barrel);
  if (behind.length === 0) return;
  s.find(
    'water.barrel.door',
    behind.some((d) => d.kind === 'popDoor') ? 'short' : 'awkward',
    behind.map((d) => d.id),
    {},
  );
}

/** The gutter's outlet above the ground, m: a little under the eaves that it hangs on. */
export const gutterOutletM = ({ shell }: Pick<Plan, 'shell'>): number =>
  shell.floorAboveGroundM + shell.roof.lowM - ruled('rain.gutter.drop');

/**
 * What keeps a barrel from standing and filling: too slim, or taller than its gutter; null where nothing does.
 * @source keepers (domain notes, "A barrel has a height")
 */
export function barrelFault(
  plan: Pick<Plan, 'shell'>,
  barrel: Rain['barrel'],
): 'tall' | 'high' | null {
  const high = barrelHighM(barrel);
  if (below(ruled('rain.barrel.tall') * barrelAcrossM(barrel), high)) return 'tall';
  const most = gutterOutletM(plan) - ruled('rain.barrel.under');
  return below(most, barrel.standM + high) ? 'high' : null;
}

/** A barrel that no rain runs into, or that is too slim to stand. */
function barrelStands(s: Sheet, plan: Pick<Plan, 'shell'>, { barrel }: Rain): void {
  const fault = barrelFault(plan, barrel);
  if (fault === null) return;
  const [across, high] = [barrelAcrossM(barrel), barrelHighM(barrel)];
  const numbers = { high: s.found('water.rain.high', 'm', high, ENTERED) };
  if (fault === 'tall') {
    s.find('water.barrel.tall', 'short', [], {
      ...numbers,
      across: s.found('water.rain.across', 'm', across, ENTERED),
      most: s.fact('rain.barrel.tall'),
    });
    return;
  }
  const outlet = gutterOutletM(plan);
  s.find('water.barrel.high', 'short', [], {
    top: s.found('water.rain.top', 'm', barrel.standM + high, ENTERED),
    outlet: s.found('water.rain.outlet', 'm', outlet, ASSUMED),
    needed: s.fact('rain.barrel.under'),
  });
}

function ofBarrel(s: Sheet, plan: Pick<Plan, 'shell'>, rain: Rain): void {
  const { barrel, line } = rain;
  barrelStands(s, plan, rain);
  if (barrel.stand === 'shelf') {
    const litres = barrelsL(rain);
    const empty = barrel.emptyKg * barrel.count;
    const parts = { litres, empty, load: litres + empty };
    s.find('water.stand.shelf', 'harm', [], {
      load: s.worked('water.rain.load', W['rain.load'], parts, ENTERED),
    });
  }
  if (!barrel.lid || !barrel.dark) s.find('water.barrel.open', 'awkward', [], {});
  if (barrel.overflow !== 'away') s.find('water.overflow.footings', 'awkward', [], {});
  if (!line.screen || !line.flush || !line.unions) s.find('water.line.fittings', 'awkward', [], {});
}
