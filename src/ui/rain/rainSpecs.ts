import type { Rain } from '@/core/model/schema';
import { GUTTERS, OVERFLOWS, ROOF_COVERS, SIDES, STANDS, WRAPS } from '@/text/choices.data';
import type { Spec } from '../furniture/spec';

const length = (
  label: string,
  get: (r: Rain) => number,
  set: (r: Rain, m: number) => void,
  most = 5,
): Spec<Rain> => ({ kind: 'length', label, most, get, set });
const yes = (
  label: string,
  get: (r: Rain) => boolean,
  set: (r: Rain, y: boolean) => void,
): Spec<Rain> => ({ kind: 'yes', half: true, label, get, set });

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
export const ROOF_SPECS: readonly Spec<Rain>[] = [
  {
    kind: 'choice',
    label: 'Roof is of',
    choices: ROOF_COVERS,
    get: (r) => r.cover,
    set: (r, c) => {
      r.cover = c as Rain['cover'];
    },
  },
  length(
    'Roof past the walls',
    (r) => r.overhangM,
    (r, m) => {
      r.overhangM = m;
    },
    2,
  ),
  {
    kind: 'choice',
    label: 'Gutter along',
    choices: [...SIDES, ...BOTH_SIDES],
    get: (r) => r.eaves.toSorted().join('+'),
    set: (r, sides) => {
      r.eaves = sides.split('+') as Rain['eaves'];
    },
  },
  {
    kind: 'choice',
    label: 'Gutter',
    choices: GUTTERS,
    get: (r) => r.gutter.shape,
    set: (r, shape) => {
      r.gutter = { ...GUTTER_OF[shape as Rain['gutter']['shape']] };
      r.homeMade = shape !== 'half';
    },
  },
  {
    kind: 'length',
    label: 'Across',
    least: 0.02,
    most: 0.5,
    when: (r) => r.gutter.shape === 'half',
    get: (r) => (r.gutter.shape === 'half' ? r.gutter.acrossM : 0),
    set: (r, m) => {
      if (r.gutter.shape === 'half') r.gutter.acrossM = m;
    },
  },
  {
    kind: 'length',
    label: 'Wide',
    least: 0.02,
    most: 0.5,
    when: (r) => r.gutter.shape === 'channel',
    get: (r) => (r.gutter.shape === 'channel' ? r.gutter.wideM : 0),
    set: (r, m) => {
      if (r.gutter.shape === 'channel') r.gutter.wideM = m;
    },
  },
  {
    kind: 'length',
    label: 'Deep',
    least: 0.02,
    most: 0.5,
    when: (r) => r.gutter.shape === 'channel',
    get: (r) => (r.gutter.shape === 'channel' ? r.gutter.deepM : 0),
    set: (r, m) => {
      if (r.gutter.shape === 'channel') r.gutter.deepM = m;
    },
  },
  {
    kind: 'length',
    label: 'Each side',
    least: 0.02,
    most: 0.5,
    when: (r) => r.gutter.shape === 'vee',
    get: (r) => (r.gutter.shape === 'vee' ? r.gutter.sideM : 0),
    set: (r, m) => {
      if (r.gutter.shape === 'vee') r.gutter.sideM = m;
    },
  },
  {
    kind: 'amount',
    label: 'Falls 1 in',
    unit: '',
    least: 5,
    most: 2000,
    step: 50,
    get: (r) => Math.round(1 / r.fall),
    set: (r, n) => {
      r.fall = 1 / n;
    },
  },
  yes(
    'Gutter made at home',
    (r) => r.homeMade,
    (r, y) => {
      r.homeMade = y;
    },
  ),
];

/** What keeps the first dirty water out. */
export const FLUSH_SPECS: readonly Spec<Rain>[] = [
  length(
    'Standpipe inside',
    (r) => r.flushBoreM,
    (r, m) => {
      r.flushBoreM = m;
    },
    0.3,
  ),
  {
    kind: 'openLength',
    label: 'Its length',
    none: 'as needed',
    most: 5,
    get: (r) => r.flushLongM,
    set: (r, m) => {
      r.flushLongM = m;
    },
  },
];

/** The barrel and what it stands on. */
export const BARREL_SPECS: readonly Spec<Rain>[] = [
  {
    kind: 'amount',
    label: 'Holds',
    unit: 'L',
    least: 1,
    most: 5000,
    step: 10,
    get: (r) => r.barrel.litres,
    set: (r, n) => {
      r.barrel.litres = n;
    },
  },
  {
    kind: 'count',
    label: 'Joined at the foot',
    least: 1,
    most: 12,
    get: (r) => r.barrel.count,
    set: (r, n) => {
      r.barrel.count = n;
    },
  },
  {
    kind: 'openLength',
    label: 'Barrel, across',
    none: 'by litres',
    most: 3,
    get: (r) => r.barrel.acrossM,
    set: (r, m) => {
      r.barrel.acrossM = m;
    },
  },
  length(
    'Foot above ground',
    (r) => r.barrel.standM,
    (r, m) => {
      r.barrel.standM = m;
    },
  ),
  {
    kind: 'choice',
    label: 'Stands at the',
    choices: SIDES,
    get: (r) => r.barrel.side,
    set: (r, side) => {
      r.barrel.side = side as Rain['barrel']['side'];
    },
  },
  length(
    'From its corner',
    (r) => r.barrel.alongM,
    (r, m) => {
      r.barrel.alongM = m;
    },
    12,
  ),
  {
    kind: 'choice',
    label: 'Stands on',
    choices: STANDS,
    get: (r) => r.barrel.stand,
    set: (r, s) => {
      r.barrel.stand = s as Rain['barrel']['stand'];
    },
  },
  {
    kind: 'choice',
    label: 'Overflow',
    choices: OVERFLOWS,
    get: (r) => r.barrel.overflow,
    set: (r, o) => {
      r.barrel.overflow = o as Rain['barrel']['overflow'];
    },
  },
  {
    kind: 'choice',
    label: 'Wrapped in',
    choices: WRAPS,
    get: (r) => r.barrel.wrap,
    set: (r, w) => {
      r.barrel.wrap = w as Rain['barrel']['wrap'];
    },
  },
  {
    kind: 'amount',
    label: 'Full today',
    unit: '%',
    least: 0,
    most: 100,
    step: 10,
    get: (r) => Math.round(r.barrel.today * 100),
    set: (r, n) => {
      r.barrel.today = n / 100;
    },
  },
  yes(
    'Covered',
    (r) => r.barrel.lid,
    (r, y) => {
      r.barrel.lid = y;
    },
  ),
  yes(
    'Dark',
    (r) => r.barrel.dark,
    (r, y) => {
      r.barrel.dark = y;
    },
  ),
];

/** The line to the drinkers. */
export const LINE_SPECS: readonly Spec<Rain>[] = [
  length(
    'Line inside',
    (r) => r.line.boreM,
    (r, m) => {
      r.line.boreM = m;
      r.line.outsideM = Math.max(r.line.outsideM, m + 0.002);
    },
    0.1,
  ),
  length(
    'Line, long',
    (r) => r.line.lengthM,
    (r, m) => {
      r.line.lengthM = m;
    },
    50,
  ),
  length(
    'Foam round it',
    (r) => r.line.foamM,
    (r, m) => {
      r.line.foamM = m;
    },
    0.1,
  ),
  yes(
    'Screen at its inlet',
    (r) => r.line.screen,
    (r, y) => {
      r.line.screen = y;
    },
  ),
  yes(
    'Flush valve at its end',
    (r) => r.line.flush,
    (r, y) => {
      r.line.flush = y;
    },
  ),
  yes(
    'Drain valve',
    (r) => r.line.drain,
    (r, y) => {
      r.line.drain = y;
    },
  ),
  yes(
    'Unions',
    (r) => r.line.unions,
    (r, y) => {
      r.line.unions = y;
    },
  ),
];
