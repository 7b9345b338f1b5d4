import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';

/** What birds are given beside their feed. */
export const FOODS = ['scratch', 'scraps', 'sunflower'] as const;
export type Food = (typeof FOODS)[number];
export type Shares = NonNullable<Plan['ration']>['cold'];

/** What is in a kilogram of a mix. */
export interface Mix {
  readonly kcalKg: number;
  /** Crude protein and calcium, 0…1. */
  readonly protein: number;
  readonly calcium: number;
  /** Share that is the main feed, 0…1. */
  readonly main: number;
}

/** What the main feed has: layer feed, or one grower or all-flock feed for all. */
const mainOf = (allFlock: boolean): Omit<Mix, 'main'> =>
  allFlock
    ? {
        kcalKg: ruled('feed.energy.grower'),
        protein: ruled('ration.grower.protein'),
        calcium: ruled('ration.grower.calcium'),
      }
    : {
        kcalKg: ruled('feed.energy.layer'),
        protein: ruled('ration.layer.protein'),
        calcium: ruled('ration.layer.calcium'),
      };

const IN_FOOD = {
  scratch: {
    kcalKg: 'ration.scratch.energy',
    protein: 'ration.scratch.protein',
    calcium: 'ration.scratch.calcium',
  },
  scraps: {
    kcalKg: 'ration.scraps.energy',
    protein: 'ration.scraps.protein',
    calcium: 'ration.scraps.calcium',
  },
  sunflower: {
    kcalKg: 'ration.sunflower.energy',
    protein: 'ration.sunflower.protein',
    calcium: 'ration.sunflower.calcium',
  },
} as const;

/**
 * A ration by its shares.
 * @param shares  of the whole by mass; the rest is the main feed
 * @source domain notes, "Home-made vessels": ration by shares
 */
export function mixOf(shares: Shares, allFlock: boolean): Mix {
  const beside = FOODS.reduce((sum, f) => sum + shares[f], 0);
  const main = Math.max(0, 1 - beside);
  const own = mainOf(allFlock);
  const sum = (key: keyof Omit<Mix, 'main'>): number =>
    FOODS.reduce((all, f) => all + shares[f] * ruled(IN_FOOD[f][key]), main * own[key]);
  return { kcalKg: sum('kcalKg'), protein: sum('protein'), calcium: sum('calcium'), main };
}
