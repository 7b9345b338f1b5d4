import type { StationId } from '@/core/kernel/station';
import type { Fixture } from '@/core/model/schema';

/** The station that sizes each kind of thing. */
export const STATION_OF: Readonly<Record<Fixture['kind'], StationId>> = {
  bar: 'roosts',
  board: 'roosts',
  ledge: 'roosts',
  ceiling: 'roosts',
  nestBank: 'nests',
  window: 'air',
  vent: 'air',
  feeder: 'feed',
  dish: 'feed',
  drinker: 'water',
  popDoor: 'door',
  door: 'reach',
  hatch: 'reach',
  dustBath: 'floor',
  obstacle: 'floor',
};
