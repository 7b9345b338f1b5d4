'use client';
import type { Brooder } from '@/core/model/schema';
import { HEATS, TUBS } from '@/text/choices.data';
import type { Spec } from '../../furniture/spec';

export const BOX: readonly Spec<Brooder>[] = [
  {
    kind: 'length',
    label: 'Length inside',
    least: 0.1,
    get: (b) => b.lengthM,
    set: (b, m) => {
      b.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Width inside',
    least: 0.1,
    get: (b) => b.widthM,
    set: (b, m) => {
      b.widthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Wall, high',
    most: 2,
    get: (b) => b.wallM,
    set: (b, m) => {
      b.wallM = m;
    },
  },
  {
    kind: 'amount',
    label: 'Air where it stands',
    unit: '°C',
    least: -40,
    most: 50,
    get: (b) => b.airC,
    set: (b, v) => {
      b.airC = v;
    },
  },
  {
    kind: 'length',
    label: 'Feed edge',
    most: 20,
    get: (b) => b.feedEdgeM,
    set: (b, m) => {
      b.feedEdgeM = m;
    },
  },
  {
    kind: 'length',
    label: 'Water rim',
    most: 20,
    get: (b) => b.waterRimM,
    set: (b, m) => {
      b.waterRimM = m;
    },
  },
  {
    kind: 'openAmount',
    label: 'Outdoors: high vents',
    unit: 'm²',
    none: 'stands indoors',
    least: 0,
    most: 5,
    get: (b) => b.ventM2,
    set: (b, v) => {
      b.ventM2 = v;
    },
  },
  {
    kind: 'choice',
    label: 'Its shape',
    choices: TUBS,
    get: (b) => b.shape,
    set: (b, v) => {
      b.shape = v as Brooder['shape'];
    },
  },
  {
    kind: 'amount',
    label: 'Lid or half weighs',
    unit: 'kg',
    least: 0,
    most: 200,
    step: 0.5,
    when: (b) => b.lid,
    get: (b) => b.lidKg,
    set: (b, v) => {
      b.lidKg = v;
    },
  },
  {
    kind: 'yes',
    label: 'A floor that draws out',
    when: (b) => b.ventM2 !== null,
    get: (b) => b.drawer,
    set: (b, v) => {
      b.drawer = v;
    },
  },
  {
    kind: 'yes',
    label: 'A lid, or mesh over it',
    get: (b) => b.lid,
    set: (b, v) => {
      b.lid = v;
    },
  },
  {
    kind: 'yes',
    label: 'Corners rounded off',
    get: (b) => b.cornersFilled,
    set: (b, v) => {
      b.cornersFilled = v;
    },
  },
];

const isPlate = (b: Brooder): boolean => b.heat.kind === 'plate';
const isLamp = (b: Brooder): boolean => b.heat.kind === 'lamp';

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

export const HEAT: readonly Spec<Brooder>[] = [
  {
    kind: 'choice',
    label: 'Heat',
    choices: HEATS,
    get: (b) => b.heat.kind,
    set: (b, v) => {
      b.heat = HEAT_AT_FIRST[v as Brooder['heat']['kind']];
    },
  },
  {
    kind: 'length',
    label: 'Plate, width',
    least: 0.05,
    most: 3,
    when: isPlate,
    get: (b) => (b.heat.kind === 'plate' ? b.heat.widthM : 0),
    set: (b, m) => {
      if (b.heat.kind === 'plate') b.heat.widthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Plate, depth',
    least: 0.05,
    most: 3,
    when: isPlate,
    get: (b) => (b.heat.kind === 'plate' ? b.heat.depthM : 0),
    set: (b, m) => {
      if (b.heat.kind === 'plate') b.heat.depthM = m;
    },
  },
  {
    kind: 'amount',
    label: 'Each lamp',
    unit: 'W',
    least: 0,
    most: 1000,
    step: 25,
    when: isLamp,
    get: (b) => (b.heat.kind === 'lamp' ? b.heat.watts : 0),
    set: (b, v) => {
      if (b.heat.kind === 'lamp') b.heat.watts = v;
    },
  },
  {
    kind: 'count',
    label: 'Lamps',
    least: 1,
    most: 10,
    when: isLamp,
    get: (b) => (b.heat.kind === 'lamp' ? b.heat.count : 1),
    set: (b, n) => {
      if (b.heat.kind === 'lamp') b.heat.count = n;
    },
  },
  {
    kind: 'length',
    label: 'Lamp above the litter',
    most: 3,
    when: isLamp,
    get: (b) => (b.heat.kind === 'lamp' ? b.heat.aboveM : 0),
    set: (b, m) => {
      if (b.heat.kind === 'lamp') b.heat.aboveM = m;
    },
  },
  {
    kind: 'yes',
    label: 'A shatter-proof coating',
    when: isLamp,
    get: (b) => b.heat.kind === 'lamp' && b.heat.coated,
    set: (b, v) => {
      if (b.heat.kind === 'lamp') b.heat.coated = v;
    },
  },
  {
    kind: 'yes',
    label: 'Two fixings and a guard',
    when: isLamp,
    get: (b) => b.heat.kind === 'lamp' && b.heat.secondFixing,
    set: (b, v) => {
      if (b.heat.kind === 'lamp') b.heat.secondFixing = v;
    },
  },
  {
    kind: 'count',
    label: 'Broody hens',
    least: 1,
    most: 20,
    when: (b) => b.heat.kind === 'hen',
    get: (b) => (b.heat.kind === 'hen' ? b.heat.hens : 1),
    set: (b, n) => {
      if (b.heat.kind === 'hen') b.heat.hens = n;
    },
  },
];
