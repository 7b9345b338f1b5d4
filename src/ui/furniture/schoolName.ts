import type { UnitSystem } from '@/core/kernel/units/length';
import type { SchoolOffer } from '@/core/stations/schools';
import { inUnits } from '@/text/inUnits';

/** What a rule is called in its list. */
export const nameOf = (offer: SchoolOffer, units: UnitSystem): string =>
  offer.row ? inUnits(offer.row.school, units) : 'your own figure';
