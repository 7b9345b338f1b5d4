import type { Plan, Rain } from '../../model/schema';
import { ruled } from '../../rules/rules.data';

/** Share of the rain that runs off a cover, 0…1. */
export const runoffOf = (cover: Rain['cover']): number => ruled(RUNOFF[cover]);

const RUNOFF = {
  metal: 'rain.runoff.metal',
  plastic: 'rain.runoff.plastic',
  shingle: 'rain.runoff.shingle',
  green: 'rain.runoff.green',
  unsafe: 'rain.runoff.metal',
} as const;

/** First rain that is kept out, mm: as entered, or by the place. */
export const flushMmOf = (plan: Pick<Plan, 'site'>, rain: Rain): number =>
  rain.flushMm ?? ruled(plan.site.treesOver ? 'rain.flush.dirty' : 'rain.flush.clean');
