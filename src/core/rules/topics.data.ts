import type { Topic } from './types';

export const TOPICS: readonly Topic[] = [
  {
    id: 'floor.area',
    station: 'floor',
    param: 'areaM2',
    unit: 'm2',
    defaultRule: 'floor.area.threeToFourFeet',
    customRange: [0.05, 5],
  },
  {
    id: 'roosts.length',
    station: 'roosts',
    param: 'widthM',
    unit: 'm',
    defaultRule: 'roosts.length.aFootEach',
    customRange: [0.1, 1],
  },
  {
    id: 'nests.hens',
    station: 'nests',
    param: 'hensPerBox',
    unit: 'hensPerBox',
    defaultRule: 'nests.hens.common',
    customRange: [1, 12],
  },
];
