import type { Finding } from '../../../kernel/finding';
import type { Plan, Vessel } from '../../../model/schema';
import { fixtureIn } from '../../../proposals/setting';

export const VESSELS = ['feeder', 'drinker'] as const;

export const vesselIn = (plan: Plan, finding: Finding): Vessel | null =>
  fixtureIn(plan, finding, VESSELS);
