import { STATIONS, type StationId } from './kernel/station';
import { airStation } from './stations/air/air';
import { brooderStation } from './stations/brooder/brooder';
import type { CarryingStation, Station } from './stations/context';
import { doorStation } from './stations/door/door';
import { feedStation } from './stations/feed/feed';
import { flockStation } from './stations/flock/flock';
import { floorStation } from './stations/floor/floor';
import { litterStation } from './stations/litter/litter';
import { nestsStation } from './stations/nests/nests';
import { reachStation } from './stations/reach/reach';
import { roostsStation } from './stations/roosts/roosts';
import { shellStation } from './stations/shell/shell';
import { waterStation } from './stations/water/water';

const BY_ID: Readonly<Record<StationId, Station | CarryingStation>> = {
  flock: flockStation,
  shell: shellStation,
  floor: floorStation,
  roosts: roostsStation,
  nests: nestsStation,
  air: airStation,
  feed: feedStation,
  water: waterStation,
  litter: litterStation,
  door: doorStation,
  reach: reachStation,
  brooder: brooderStation,
};

export const carriesBirds = (station: Station | CarryingStation): station is CarryingStation =>
  'demand' in station;

/** Every station, in the order the work is done. */
export const REGISTRY: readonly (Station | CarryingStation)[] = STATIONS.map((id) => BY_ID[id]);

/** Those that carry birds. */
export const CARRYING: readonly CarryingStation[] = REGISTRY.filter(carriesBirds);
