import { below } from '../../kernel/units/number';
import { ASSUMED } from '../../kernel/working';
import { ruled } from '../../rules/rules.data';
import { mixOf } from '../../stores/ration';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';

/** Halves of the year that are fed apart. */
const SEASONS = ['cold', 'warm'] as const;

/** What the mix of each half-year has. */
export function rationFigures(s: Sheet, ctx: StationContext): void {
  const { ration, fills } = ctx.plan;
  if (ration === null) return;
  s.fact(leastProtein(ctx));
  s.fact('ration.calcium.lay');
  for (const season of SEASONS) {
    const mix = mixOf(ration[season], fills.allFlock);
    s.found(`feed.ration.${season}.energy`, 'kcalKg', mix.kcalKg, ASSUMED);
    s.found(`feed.ration.${season}.protein`, 'share', mix.protein, ASSUMED);
    s.found(`feed.ration.${season}.calcium`, 'share', mix.calcium, ASSUMED);
    s.found(`feed.ration.${season}.main`, 'share', mix.main, ASSUMED);
  }
}

/**
 * Least protein of what the birds eat that live here: growing ones ask for more. Chicks eat chick crumbs, and young
 * birds beside layers' feed are told of under Flock.
 */
function leastProtein({
  plan,
  flock,
}: StationContext): 'ration.protein.least' | 'ration.protein.growing' {
  const isGrowing = (i: number, d: number): boolean => {
    const lot = flock.lots[i];
    if (!lot || lot.bornOn === null || lot.laysFrom === null) return false;
    const day = flock.horizon.first + d;
    const age = day - lot.bornOn;
    return age >= ruled('feed.starter.days') && day < lot.laysFrom - ruled('feed.layer.before');
  };
  const some = flock.looked.some(({ d, counts }) =>
    counts.some((n, i) => n > 0 && isGrowing(i, d)),
  );
  return plan.fills.allFlock && some ? 'ration.protein.growing' : 'ration.protein.least';
}

/** Whether what they get beside their feed thins it. */
export function rationRules(s: Sheet, ctx: StationContext): void {
  const { ration, fills } = ctx.plan;
  if (ration === null) return;
  const least = leastProtein(ctx);
  for (const season of SEASONS) {
    const { scratch } = ration[season];
    const mix = mixOf(ration[season], fills.allFlock);
    if (below(ruled('ration.scratch.most'), scratch)) {
      s.find('feed.ration.scratch', 'awkward', [], {
        scratch: s.entered(`feed.ration.${season}.scratch`, 'share', scratch),
        most: s.fact('ration.scratch.most'),
      });
      return;
    }
    if (below(mix.protein, ruled(least))) {
      const needed = s.fact(least);
      const id = `feed.ration.${season}.protein`;
      s.find('feed.ration.protein', 'awkward', [], {
        protein: { value: mix.protein, unit: 'share', figure: id },
        needed,
      });
      return;
    }
  }
}
