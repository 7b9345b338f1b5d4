import { below } from '../../kernel/units/number';
import { ASSUMED } from '../../kernel/working';
import { ruled } from '../../rules/rules.data';
import { mixOf } from '../../stores/ration';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';

/** Halves of the year that are fed apart. */
const SEASONS = ['cold', 'warm'] as const;

/** What the mix of each half-year has. */
export function rationFigures(s: Sheet, { plan }: StationContext): void {
  const { ration, fills } = plan;
  if (ration === null) return;
  for (const season of SEASONS) {
    const mix = mixOf(ration[season], fills.allFlock);
    s.found(`feed.ration.${season}.energy`, 'kcalKg', mix.kcalKg, ASSUMED);
    s.found(`feed.ration.${season}.protein`, 'share', mix.protein, ASSUMED);
    s.found(`feed.ration.${season}.calcium`, 'share', mix.calcium, ASSUMED);
    s.found(`feed.ration.${season}.main`, 'share', mix.main, ASSUMED);
  }
}

/** Whether what they get beside their feed thins it. */
export function rationRules(s: Sheet, ctx: StationContext): void {
  const { ration, fills } = ctx.plan;
  if (ration === null) return;
  for (const season of SEASONS) {
    const { scratch } = ration[season];
    if (below(ruled('ration.scratch.most'), scratch)) {
      s.find('feed.ration.scratch', 'awkward', [], {
        scratch: s.entered(`feed.ration.${season}.scratch`, 'share', scratch),
        most: s.fact('ration.scratch.most'),
      });
      return;
    }
    const mix = mixOf(ration[season], fills.allFlock);
    if (!below(mix.protein, ruled('ration.protein.least'))) continue;
    s.find('feed.ration.protein', 'awkward', [], {
      protein: {
        value: mix.protein,
        unit: 'share',
        figure: `feed.ration.${season}.protein`,
      },
      needed: s.fact('ration.protein.least'),
    });
    return;
  }
}
