import type { DemandMeasure } from '@/core/stations/flock/flock';

/** What a flock asks for, as a keeper says it. */
export const DEMAND_NAMES: Readonly<Record<DemandMeasure, string>> = {
  area: 'floor',
  length: 'bar',
  inLay: 'in lay',
  massKg: 'live mass',
  eggs: 'eggs',
  feedKg: 'feed',
  waterL: 'water',
  heatW: 'heat',
  vapourKgDay: 'vapour',
};
