import type { Plan, Run, Side } from '@/core/model/schema';
import { COVERS, RUN_ROOFS, SIDES } from '@/text/choices.data';
import type { Row, Rows } from '../../furniture/rows';
import { among } from '../../furniture/shown';

const solid = (side: Side, label: string): Row<Run> => ({
  path: 'solidSides',
  label,
  as: among(side),
});

export const RUN: Rows<Run> = [
  'lengthM',
  'widthM',
  { path: 'roof', choices: RUN_ROOFS },
  'eavesM',
  'skirtingM',
  { path: 'cover', choices: COVERS },
  'pastimes',
  solid('front', 'Solid in front'),
  solid('rear', 'Solid at the rear'),
  solid('left', 'Solid on the left'),
  solid('right', 'Solid on the right'),
];

export const SITE: Rows<Plan['site']> = [
  { path: 'windFrom', choices: SIDES, none: 'not known' },
  'treesOver',
  'wet',
];

/** Mesh to cut, by kind; those that nothing is covered with are not shown. */
export const MESH = [
  { name: '[[6 mm|1/4 in]] hardware cloth to cut', id: 'shell.mesh.mesh6', note: 'with its lap' },
  { name: '[[13 mm|1/2 in]] hardware cloth to cut', id: 'shell.mesh.mesh13', note: 'with its lap' },
  { name: '[[25 mm|1 in]] mesh to cut', id: 'shell.mesh.mesh25', note: 'with its lap' },
];
