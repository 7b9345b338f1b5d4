import { inRun } from '../../geometry/solids';
import { wholeUp } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';
import { barsOver } from '../shadows';
import { type Sheet, shadowReach } from '../sheet';

/** Shell or grit under sleeping birds is fouled by the morning. */
export function dishesUnderBars(s: Sheet, ctx: StationContext): void {
  const heaviest = ctx.flock.heaviestOnBarsKg;
  if (heaviest === null) return;
  for (const f of ctx.of('dish')) {
    if (inRun(f)) continue;
    const solid = ctx.solid(f);
    const over = barsOver(ctx, solid);
    if (over.length === 0) continue;
    const ids = [f.id, ...over.map((b) => b.id)];
    s.find('feed.dish.underBars', 'awkward', ids, { reach: shadowReach(s, heaviest) }, solid);
  }
}

/** Shell for hens in lay, one dish for twelve; grit where they do not range. */
export function dishes(s: Sheet, ctx: StationContext): void {
  const peak = ctx.flock.peaks.inLay;
  if (peak === null) return;
  const hens = peak.value;
  const per = ruled('feed.shell.hens');
  const count = (holds: 'shell' | 'grit'): number =>
    ctx.plan.fixtures.filter((f) => f.kind === 'dish' && f.holds === holds).length;
  const needed = wholeUp(hens / per);
  if (count('shell') < needed) {
    s.find('feed.shell.few', 'awkward', [], {
      there: s.found('feed.shell.there', 'dishes', count('shell'), ENTERED),
      needed: s.found('feed.shell.needed', 'dishes', needed, KEEPERS),
      hens: s.found('feed.shell.laying', 'hens', hens, ENTERED),
      per: s.fact('feed.shell.hens'),
    });
  }
  if (count('grit') === 0 && ctx.plan.run !== null && ranging(ctx.plan) === false) {
    s.find('feed.grit.none', 'awkward', [], {});
  }
}

/** Whether birds get out on ground of their own: only a run that is roofed and floored keeps them off it. */
const ranging = (plan: Plan): boolean => plan.run === null || plan.run.roof !== 'full';
