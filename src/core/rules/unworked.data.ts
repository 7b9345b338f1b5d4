import type { ToldRuleId } from './rules.data';

/** Rules that nothing is worked from: they are told where the choice is made, or stand beside to compare. */
export const UNWORKED: readonly ToldRuleId[] = [
  'roosts.apart.legal',
  'roosts.wall.legal',
  'roosts.descent.slope',
  'water.nipple.legal',
  'water.cup.legal',
  'water.round.legal',
  'water.trough.legal',
  'door.legal.width',
  'door.legal.height',
  'door.clock.noSunset',
  'door.nights',
  'light.hours',
  'light.dim',
  'light.dusk.lux',
  'light.counts.lux',
  'light.pullets.weeks',
  'light.pullets.off',
  'light.pullets.lux',
  'brooder.join.share',
];
