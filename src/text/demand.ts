import type { DemandMeasure } from '@/core/stations/flock';

/** What a flock asks for, as a keeper says it. */
export const DEMAND_NAMES: Readonly<Record<DemandMeasure, string>> = {
  area: 'floor',
  length: 'bar',
  inLay: 'nests, for',
  massKg: 'live mass',
  eggs: 'eggs',
  feedKg: 'feed eaten',
  waterL: 'water drunk',
  heatW: 'heat given off',
  vapourKgDay: 'water vapour',
};
