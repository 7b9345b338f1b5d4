import type { StationId } from '../kernel/station';
import type { Fixture } from '../model/schema';

/** The station that a kind of fixture is entered at. */
export const ENTERED_AT: Readonly<Record<Fixture['kind'], StationId>> = {
  bar: 'roosts',
  board: 'roosts',
  nestBank: 'nests',
  window: 'air',
  vent: 'air',
  feeder: 'feed',
  dish: 'feed',
  drinker: 'water',
  popDoor: 'door',
  door: 'reach',
  hatch: 'reach',
  dustBath: 'shell',
  ledge: 'shell',
  ceiling: 'shell',
  obstacle: 'shell',
};
