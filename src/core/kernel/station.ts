/** The stations in the order the work is done. */
export const STATIONS = [
  'flock',
  'shell',
  'floor',
  'roosts',
  'nests',
  'air',
  'feed',
  'water',
  'litter',
  'door',
  'reach',
  'brooder',
] as const;
export type StationId = (typeof STATIONS)[number];
