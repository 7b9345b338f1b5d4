import type { StationId } from '@/core/kernel/station';

/** A figure that plans are compared by: its id, and what it is called beside another plan's. */
export interface ComparedFigure {
  readonly id: string;
  readonly name: string;
}

const needed = (station: StationId, need: string, have: string): ComparedFigure[] => [
  { id: `${station}.needed`, name: need },
  { id: `${station}.have`, name: have },
];

/** What plans side by side are compared by, in the order of the work. */
export const COMPARED_FIGURES: readonly ComparedFigure[] = [
  { id: 'coop.planned', name: 'birds planned' },
  { id: 'coop.today', name: 'birds today' },
  { id: 'demand.eggs.most', name: 'eggs at most' },
  { id: 'demand.feedKg.most', name: 'feed at most' },
  { id: 'demand.waterL.most', name: 'water at most' },
  { id: 'shell.length', name: 'length inside' },
  { id: 'shell.width', name: 'width inside' },
  { id: 'reach.headroom', name: 'headroom for the keeper' },
  ...needed('floor', 'floor needed', 'floor there'),
  ...needed('roosts', 'bar needed', 'bar there'),
  { id: 'roosts.without', name: 'birds without a place on a bar' },
  ...needed('nests', 'boxes needed', 'boxes there'),
  ...needed('air', 'openings needed', 'openings there, net'),
  { id: 'air.high', name: 'of them high up' },
  { id: 'air.low', name: 'of them low down' },
  ...needed('feed', 'places at feeders needed', 'places at feeders there'),
  { id: 'feed.days', name: 'feed holds for' },
  ...needed('water', 'places at drinkers needed', 'places at drinkers there'),
  { id: 'water.days', name: 'water holds for' },
  { id: 'litter.start', name: 'litter to start' },
  { id: 'litter.weekly', name: 'litter to add a week' },
  { id: 'litter.year', name: 'litter in a year' },
  ...needed('door', 'pop doors needed', 'pop doors there'),
  ...needed('brooder', 'brooder needed', 'brooder there'),
];
