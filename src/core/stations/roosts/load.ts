import { bracketsNeeded, sectionShape, spanOf, strengthOf, timberOf } from '../../build/strength';
import { effectiveLength } from '../../geometry/bars';
import { solidOf } from '../../geometry/solids';
import type { When } from '../../kernel/finding';
import { atMost, wholeDown } from '../../kernel/units/number';
import { GRAVITY } from '../../kernel/units/physics.data';
import { ASSUMED, BREED_STANDARD, ENTERED, KEEPERS } from '../../kernel/working';
import type { Bar } from '../../model/schema';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor, whenHolds } from '../context';
import type { Sheet } from '../sheet';
import { reachedByLots } from './climbing';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { hotFactor } from './widths';

/** The most that one bird of each lot weighs on a bar in the horizon, kg; 0 for lots that take none. */
export const heaviestOnBars = (ctx: StationContext): readonly number[] =>
  ctx.kept('heaviestOnBars', [ctx.flock], () =>
    ctx.flock.columns.map((c) => {
      let most = 0;
      for (let d = 0; d < c.massKg.length; d++) {
        if ((c.living[d] ?? 0) > 0 && (c.lengthFactor[d] ?? 0) > 0) {
          most = Math.max(most, c.massKg[d] ?? 0);
        }
      }
      return most;
    }),
  );

/** By lot, the bars that it gets up to. */
type Reached = readonly ReadonlySet<string>[];

/** Birds of one lot that fill a bar. */
interface Load {
  readonly birds: number;
  readonly massKg: number;
  /** Which lot. */
  readonly lot: number;
}

/** Width of one bird by her mass, by the school of lengths: worked once for each mass of a flock. */
const widthByMass = (ctx: StationContext, length: ChosenSchool): ((massKg: number) => number) =>
  ctx.kept(`widthByMass.${length.id}`, [ctx.flock, length.value], () => {
    const known = new Map<number, number>();
    const hot = hotFactor(ctx.flock);
    return (massKg) => {
      const found = known.get(massKg) ?? hot * scaleToBird(length.value, massKg, length.scale);
      known.set(massKg, found);
      return found;
    };
  });

/** The days looked at, and of each the masses of those then sleeping on bars of some lots, each once, kg. */
function sleepingKg(
  ctx: StationContext,
  lots: readonly number[],
): (d: number) => readonly number[] {
  const { flock } = ctx;
  return ctx.kept(`sleepingKg.${lots.join()}`, [flock], () => {
    const known = new Map<number, readonly number[]>();
    const own = lots.map((i) => flock.columns[i]);
    return (d) => {
      const found = known.get(d);
      if (found) return found;
      const there = own.filter((c) => (c?.living[d] ?? 0) > 0 && (c?.lengthFactor[d] ?? 0) > 0);
      const made = [...new Set(there.map((c) => c?.massKg[d] ?? 0))];
      known.set(d, made);
      return made;
    };
  });
}

/** The most that birds can weigh on a bar: it is full of the lot, of those that get up to it, that makes it heaviest. */
function fullestLoad(ctx: StationContext, bar: Bar, length: ChosenSchool, reached: Reached): Load {
  const { effectiveM } = effectiveLength(bar, ctx.plan.shell);
  const widthOf = widthByMass(ctx, length);
  let most: Load = { birds: 0, massKg: 0, lot: 0 };
  heaviestOnBars(ctx).forEach((massKg, i) => {
    if (massKg === 0 || !reached[i]?.has(bar.id)) return;
    const birds = wholeDown(effectiveM / widthOf(massKg));
    if (birds * massKg > most.birds * most.massKg) most = { birds, massKg, lot: i };
  });
  return most;
}

/** Whether every bar bears the birds that fill it. */
export function strengths(s: Sheet, ctx: StationContext, length: ChosenSchool): void {
  const { plan, flock, of } = ctx;
  const reached = reachedByLots(ctx);
  const sets = [...new Set(reached)];
  for (const bar of of('bar')) {
    // which lots get up to it goes by which of the few sets it is in
    const upTo = sets.reduce((bits, own, i) => bits + (own.has(bar.id) ? 2 ** i : 0), 0);
    const reads = [
      plan.shell,
      plan.litter.depthM,
      flock,
      length,
      schoolFor(ctx, 'roosts.hop'),
      upTo,
    ];
    s.part('roosts.bar.strength', reads, (own) => strength(own, ctx, bar, length, reached), bar);
  }
}

/** What a load may do to a bar, the worst first: it is told once, by that. */
const WORST_FIRST = [
  { is: 'breaks', code: 'roosts.bar.breaks', severity: 'harm' },
  { is: 'over', code: 'roosts.bar.weak', severity: 'harm' },
  { is: 'sags', code: 'roosts.bar.sags', severity: 'awkward' },
] as const;

/** Whether a bar bears the birds that fill it, and from when it does not. */
function strength(
  s: Sheet,
  ctx: StationContext,
  bar: Bar,
  length: ChosenSchool,
  reached: Reached,
): void {
  const timber = timberOf(bar);
  if (!timber || bar.use === 'step' || ctx.outside(bar) !== null) return;
  const { birds, massKg, lot } = fullestLoad(ctx, bar, length, reached);
  if (birds === 0) return;
  const found = strengthOf(bar, timber, birds * massKg, bar.lengthM, bar.brackets);
  const { inertiaM4, modulusM3 } = sectionShape(bar.section, bar.material === 'bamboo');
  const load = {
    birds,
    mass: massKg,
    gravity: GRAVITY,
    factor: ruled('roosts.load.factor'),
    length: bar.lengthM,
    load: found.loadNM,
    brackets: bar.brackets,
    span: found.spanM,
  };
  const PUBLISHED = { evidence: timber.evidence, source: timber.source };
  const sag = s.worked(
    `roosts.bar.${bar.id}.sag`,
    W['roosts.bar.sag'],
    {
      ...load,
      stiffness: timber.stiffnessPa,
      inertia: inertiaM4,
      sag: found.sagM,
    },
    PUBLISHED,
  );
  const stress = s.worked(
    `roosts.bar.${bar.id}.stress`,
    W['roosts.bar.stress'],
    {
      ...load,
      modulus: modulusM3,
      stress: found.stressPa,
    },
    PUBLISHED,
  );
  const needs = bracketsNeeded(bar, timber, birds * massKg);
  const numbers = {
    sag,
    stress,
    birds: s.found(`roosts.bar.${bar.id}.full`, 'birds', birds, KEEPERS),
    mass: s.found(
      `roosts.bar.${bar.id}.mass`,
      'kg',
      massKg,
      // a weight of the breed's table is not the keeper's own
      ctx.flock.lots[lot]?.group.massKg === null ? BREED_STANDARD : ENTERED,
    ),
    allowedSag: s.worked(
      `roosts.bar.${bar.id}.sagAllowed`,
      W['roosts.bar.sagAllowed'],
      { span: found.spanM, share: ruled('roosts.sag.share'), allowed: found.sagAllowedM },
      ASSUMED,
    ),
    allowedStress: s.rule(`roosts.timber.${bar.material}`, 'pascals', timber.allowedPa, PUBLISHED),
    breaksAt: s.rule(`roosts.timber.${bar.material}.breaks`, 'pascals', timber.breaksPa, ASSUMED),
    ...(needs === null
      ? {}
      : { brackets: s.found(`roosts.bar.${bar.id}.brackets`, 'brackets', needs, PUBLISHED) }),
  };
  const worst = WORST_FIRST.find(({ is }) => found[is]);
  if (!worst) return;
  const perKg = spanOf(bar, timber, bar.lengthM, bar.brackets);
  const tooMuch = (kg: number): boolean =>
    worst.is === 'sags'
      ? !atMost(kg * perKg.sagM, perKg.sagAllowedM)
      : !atMost(kg * perKg.stressPa, worst.is === 'over' ? timber.allowedPa : timber.breaksPa);
  const when = whenLoaded(ctx, bar, length, reached, tooMuch);
  s.find(worst.code, worst.severity, [bar.id], numbers, solidOf(bar, ctx.plan), when);
}

/** The days on which a bar full of some lot then living bears too much. */
function whenLoaded(
  ctx: StationContext,
  bar: Bar,
  length: ChosenSchool,
  reached: Reached,
  tooMuch: (birdsKg: number) => boolean,
): When | null {
  const { effectiveM } = effectiveLength(bar, ctx.plan.shell);
  const widthOf = widthByMass(ctx, length);
  const lots = reached.flatMap((own, i) => (own.has(bar.id) ? [i] : []));
  const massesOn = sleepingKg(ctx, lots);
  return whenHolds(ctx, (d) =>
    massesOn(d).some((kg) => tooMuch(wholeDown(effectiveM / widthOf(kg)) * kg)),
  );
}
