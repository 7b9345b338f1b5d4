import type { Verdict } from '@/core/carrying/verdict';
import type { StationId } from '@/core/kernel/finding';

export const STATION_NAMES: Readonly<Record<StationId, string>> = {
  flock: 'Flock',
  shell: 'Shell',
  floor: 'Floor',
  roosts: 'Roosts',
  nests: 'Nests',
  air: 'Air',
  feed: 'Feed',
  water: 'Water',
  litter: 'Litter',
  door: 'Door and light',
  reach: 'Reach',
  brooder: 'Brooder',
};

/** As the sentence names a station, with whether its verb is plural. */
export const STATION_IN_SENTENCE: Readonly<Record<StationId, { the: string; plural: boolean }>> = {
  flock: { the: 'the flock', plural: false },
  shell: { the: 'the shell', plural: false },
  floor: { the: 'the floor', plural: false },
  roosts: { the: 'the roosts', plural: true },
  nests: { the: 'the nests', plural: true },
  air: { the: 'the air', plural: false },
  feed: { the: 'the feeders', plural: true },
  water: { the: 'the drinkers', plural: true },
  litter: { the: 'the litter', plural: false },
  door: { the: 'the pop doors', plural: true },
  reach: { the: 'the reach', plural: false },
  brooder: { the: 'the brooder', plural: false },
};

export const VERDICT_NAMES: Readonly<Record<Verdict, string>> = {
  short: 'short',
  tight: 'tight',
  enough: 'enough',
  ample: 'ample',
};
