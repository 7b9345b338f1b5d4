import type { Vessel } from '@/core/model/schema';
import { ruled } from '@/core/rules/rules.data';
import { isRound, vesselKind } from '@/core/rules/vesselKinds.data';
import { FILLED_FROM, FIXINGS, PLACES } from '@/text/choices.data';
import { feedIn } from '../../forms/measures';
import type { Row } from '../../furniture/rows';
import { RIM_ABOVE_LITTER } from '../../furniture/shown';

const bought = (v: Vessel): boolean => v.made === null;

export const main: readonly Row<Vessel>[] = [
  { path: 'outlets', when: (v) => vesselKind(v).outlet !== null },
  { path: 'lengthM', when: (v) => bought(v) && !isRound(v) },
  { path: 'diameterM', when: bought },
  {
    path: 'capacityL',
    // feed is bought and poured by its mass
    measure: (v, units) =>
      v.kind === 'feeder' ? feedIn(ruled(`feed.density.${v.feed}`), units) : null,
    none: 'by its size',
  },
  { path: 'rimZ', as: RIM_ABOVE_LITTER },
  { path: 'place', choices: PLACES },
];

export const more: readonly Row<Vessel>[] = [
  { path: 'heightM', when: bought },
  { path: 'emptyKg', step: 0.5 },
  { path: 'x' },
  { path: 'y' },
  { path: 'fillFrom', choices: FILLED_FROM },
  { path: 'hung' },
  { path: 'onWall', when: (v) => !v.hung },
  { path: 'fixing', choices: FIXINGS, when: (v) => v.hung },
  { path: 'bothSides', when: (v) => !isRound(v) },
  { path: 'flatTop' },
];
