import { inRun } from '../../geometry/solids';
import { below } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { OfKind } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor } from '../context';
import { barsOver } from '../shadows';
import { type Sheet, shadowReach } from '../sheet';
import { SHELL_WORKINGS as W } from './shell.working';

/** A dust bath for birds that cannot make their own. */
export function dustBath(s: Sheet, ctx: StationContext): void {
  const { plan, flock, of } = ctx;
  if (flock.planned === 0) return;
  const baths = of('dustBath');
  const reads = [baths, flock, plan.limits, schoolFor(ctx, 'floor.area')];
  s.part('shell.dustBath', reads, (own) => bathsOf(own, ctx, baths));
  const above = [of('bar'), flock, plan.litter, plan.shell];
  for (const b of baths) {
    s.part('shell.dustBath.bars', above, (own) => underBars(own, ctx, b), b);
  }
}

function bathsOf(s: Sheet, ctx: StationContext, baths: readonly OfKind<'dustBath'>[]): void {
  const birds = ctx.flock.planned;
  const per = ruled('dustBath.hen');
  const least = ruled('dustBath.least');
  const needed = s.worked(
    'shell.dustBath.needed',
    W['shell.dustBath'],
    {
      birds,
      per,
      least,
      needed: Math.max(least, birds * per),
    },
    KEEPERS,
  );
  if (baths.length === 0) {
    if (shutIn(ctx)) s.find('shell.dustBath.none', 'awkward', [], { needed });
    return;
  }
  const there = baths.reduce((sum, b) => sum + b.lengthM * b.depthM, 0);
  if (below(there, needed.value)) {
    s.find(
      'shell.dustBath.small',
      'awkward',
      baths.map((b) => b.id),
      {
        needed,
        there: s.found('shell.dustBath.have', 'm2', there, ENTERED),
      },
    );
  }
  for (const b of baths) {
    if (below(b.fillM, ruled('dustBath.deep'))) {
      s.find('shell.dustBath.shallow', 'awkward', [b.id], {
        fill: s.entered(`shell.dustBath.${b.id}.fill`, 'm', b.fillM),
        needed: s.fact('dustBath.deep'),
      });
    }
    if (inRun(b) && !b.roofed) s.find('shell.dustBath.wet', 'awkward', [b.id], {});
  }
}

/** Dust under sleeping birds is droppings by the morning. */
function underBars(s: Sheet, ctx: StationContext, bath: OfKind<'dustBath'>): void {
  const heaviest = ctx.flock.heaviestOnBarsKg;
  if (heaviest === null || inRun(bath)) return;
  const solid = ctx.solid(bath);
  const over = barsOver(ctx, solid);
  if (over.length === 0) return;
  const ids = [bath.id, ...over.map((b) => b.id)];
  s.find('shell.dustBath.underBars', 'awkward', ids, { reach: shadowReach(s, heaviest) }, solid);
}

export const shutIn = (ctx: StationContext): boolean =>
  ctx.plan.limits.housingOrder || (schoolFor(ctx, 'floor.area').params.shutIn ?? 0) === 1;
