import type { Rain } from '@/core/model/schema';
import { GUTTERS, OVERFLOWS, ROOF_COVERS, SIDES, STANDS, WRAPS } from '@/text/choices.data';
import type { Rows } from '../furniture/rows';
import { ONE_IN, PERCENT } from '../furniture/shown';

/** Eaves opposite to one another, as the plan has them. */
const BOTH_SIDES = [
  { id: 'front+rear', name: 'front and rear' },
  { id: 'left+right', name: 'left and right' },
] as const;

/** A gutter's own size, by its shape, to begin with. */
const GUTTER_OF: Readonly<Record<Rain['gutter']['shape'], Rain['gutter']>> = {
  half: { shape: 'half', acrossM: 0.1 },
  channel: { shape: 'channel', wideM: 0.065, deepM: 0.065 },
  vee: { shape: 'vee', sideM: 0.075 },
};

/** The roof, and the gutter along it. */
export const ROOF_ROWS: Rows<Rain> = [
  { path: 'cover', choices: ROOF_COVERS },
  'overhangM',
  {
    path: 'eaves',
    choices: [...SIDES, ...BOTH_SIDES],
    as: {
      type: 'choice',
      show: (sides) => (sides as Rain['eaves']).toSorted().join('+'),
      store: (sides) => (sides as string).split('+'),
    },
  },
  {
    path: 'gutter.shape',
    choices: GUTTERS,
    after: (r) => {
      r.gutter = { ...GUTTER_OF[r.gutter.shape] };
      r.homeMade = r.gutter.shape !== 'half';
    },
  },
  'gutter.acrossM',
  'gutter.wideM',
  'gutter.deepM',
  'gutter.sideM',
  { path: 'fall', as: ONE_IN, step: 50 },
  { path: 'homeMade', half: true },
];

/** What keeps the first dirty water out. */
export const FLUSH_ROWS: Rows<Rain> = ['flushBoreM', { path: 'flushLongM', none: 'as needed' }];

/** The barrel and what it stands on. */
export const BARREL_ROWS: Rows<Rain> = [
  { path: 'barrel.litres', step: 10 },
  'barrel.count',
  { path: 'barrel.acrossM', none: 'by litres' },
  'barrel.standM',
  { path: 'barrel.side', choices: SIDES },
  'barrel.alongM',
  { path: 'barrel.stand', choices: STANDS },
  { path: 'barrel.overflow', choices: OVERFLOWS },
  { path: 'barrel.wrap', choices: WRAPS },
  { path: 'barrel.today', as: PERCENT, step: 10 },
  { path: 'barrel.lid', half: true },
  { path: 'barrel.dark', half: true },
];

/** The line to the drinkers. */
export const LINE_ROWS: Rows<Rain> = [
  {
    path: 'line.boreM',
    after: ({ line }) => {
      line.outsideM = Math.max(line.outsideM, line.boreM + 0.002);
    },
  },
  'line.lengthM',
  'line.foamM',
  { path: 'line.screen', half: true },
  { path: 'line.flush', half: true },
  { path: 'line.drain', half: true },
  { path: 'line.unions', half: true },
];
