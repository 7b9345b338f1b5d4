import type { PlaceKindId } from '@/core/layout/places.data';

/** What a coop is made of, as it is chosen. */
export const PLACE_NAMES: Readonly<Record<PlaceKindId, string>> = {
  shed: 'Shed',
  playhouse: 'Small house',
  stall: 'Stall in a building',
  frame: 'Steel frame',
  box: 'Box on legs',
};
