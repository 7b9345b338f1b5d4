import type { Brooder } from '@/core/model/schema';
import { HEATS, TUBS } from '@/text/choices.data';
import type { Rows } from '../../furniture/rows';

export const BOX: Rows<Brooder> = [
  'lengthM',
  'widthM',
  'wallM',
  'airC',
  'feedEdgeM',
  'waterRimM',
  { path: 'ventM2', none: 'stands indoors' },
  { path: 'shape', choices: TUBS },
  { path: 'lidKg', step: 0.5, when: (b) => b.lid },
  { path: 'drawer', when: (b) => b.ventM2 !== null },
  'lid',
  'cornersFilled',
];

const HEAT_AT_FIRST: Readonly<Record<Brooder['heat']['kind'], Brooder['heat']>> = {
  plate: { kind: 'plate', widthM: 0.4, depthM: 0.3 },
  lamp: {
    kind: 'lamp',
    watts: 100,
    count: 2,
    aboveM: 0.5,
    coated: false,
    secondFixing: true,
  },
  hen: { kind: 'hen', hens: 1 },
  none: { kind: 'none' },
};

export const HEAT: Rows<Brooder> = [
  {
    path: 'heat.kind',
    choices: HEATS,
    after: (b) => {
      b.heat = HEAT_AT_FIRST[b.heat.kind];
    },
  },
  'heat.widthM',
  'heat.depthM',
  { path: 'heat.watts', step: 25 },
  'heat.count',
  'heat.aboveM',
  'heat.coated',
  'heat.secondFixing',
  'heat.hens',
];
