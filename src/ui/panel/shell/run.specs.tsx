'use client';
import type { Plan, Run, Side } from '@/core/model/schema';
import { COVERS, RUN_ROOFS, SIDES } from '@/text/choices.data';
import type { Spec } from '../../furniture/spec';

const solid = (side: Side, label: string): Spec<Run> => ({
  kind: 'yes',
  label,
  get: (r) => r.solidSides.includes(side),
  set: (r, v) => {
    r.solidSides = v ? [...r.solidSides, side] : r.solidSides.filter((s) => s !== side);
  },
});

export const RUN: readonly Spec<Run>[] = [
  {
    kind: 'length',
    label: 'Run, length',
    least: 0.5,
    get: (r) => r.lengthM,
    set: (r, m) => {
      r.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Run, width',
    least: 0.5,
    get: (r) => r.widthM,
    set: (r, m) => {
      r.widthM = m;
    },
  },
  {
    kind: 'choice',
    label: 'Roofed',
    choices: RUN_ROOFS,
    get: (r) => r.roof,
    set: (r, v) => {
      r.roof = v as Run['roof'];
    },
  },
  {
    kind: 'length',
    label: 'Eaves',
    most: 2,
    get: (r) => r.eavesM,
    set: (r, m) => {
      r.eavesM = m;
    },
  },
  {
    kind: 'length',
    label: 'Solid foot, high',
    most: 2,
    get: (r) => r.skirtingM,
    set: (r, m) => {
      r.skirtingM = m;
    },
  },
  {
    kind: 'choice',
    label: 'Covered with',
    choices: COVERS,
    get: (r) => r.cover,
    set: (r, v) => {
      r.cover = v as Run['cover'];
    },
  },
  {
    kind: 'count',
    label: 'Things to do',
    least: 0,
    most: 50,
    get: (r) => r.pastimes,
    set: (r, n) => {
      r.pastimes = n;
    },
  },
  solid('front', 'Solid in front'),
  solid('rear', 'Solid at the rear'),
  solid('left', 'Solid on the left'),
  solid('right', 'Solid on the right'),
];

export const SITE: readonly Spec<Plan['site']>[] = [
  {
    kind: 'choice',
    label: 'Weather comes from',
    choices: [{ id: 'unknown', name: 'not known' }, ...SIDES],
    get: (s) => s.windFrom ?? 'unknown',
    set: (s, v) => {
      s.windFrom = v === 'unknown' ? null : (v as Side);
    },
  },
  {
    kind: 'yes',
    label: 'Trees stand over the roof',
    get: (s) => s.treesOver,
    set: (s, v) => {
      s.treesOver = v;
    },
  },
  {
    kind: 'yes',
    label: 'Water stands here after rain',
    get: (s) => s.wet,
    set: (s, v) => {
      s.wet = v;
    },
  },
];

/** Mesh to cut, by kind; those that nothing is covered with are not shown. */
export const MESH = [
  { name: '[[6 mm|1/4 in]] hardware cloth to cut', id: 'shell.mesh.mesh6', note: 'with its lap' },
  { name: '[[13 mm|1/2 in]] hardware cloth to cut', id: 'shell.mesh.mesh13', note: 'with its lap' },
  { name: '[[25 mm|1 in]] mesh to cut', id: 'shell.mesh.mesh25', note: 'with its lap' },
];
