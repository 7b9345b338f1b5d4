import { applyPatches, enablePatches, produceWithPatches } from 'immer';
import { createAssessor } from '@/core/assess';
import { flockSizes } from '@/core/birds/flockSizes';
import { ADDS } from '@/core/edit/adds';
import { newGroup } from '@/core/edit/defaults';
import { parseEdit } from '@/core/edit/parseEdit';
import { dropOrphans } from '@/core/model/ids';
import { copied } from '@/core/placing/copy';
import { inTheWay } from '@/core/placing/inTheWay';
import { mirrored } from '@/core/placing/mirror';
import { endsOf, pull } from '@/core/placing/pull';
import { withFinalDepth } from '@/core/stations/litterCourse';
import { FINDING_SAY } from '@/text/findings';
import { issueText } from '@/text/issues';

enablePatches();

/** What edits are made, checked and judged with: fetched once the page has been seen. */
export const engine = {
  createAssessor,
  parseEdit,
  produceWithPatches,
  applyPatches,
  dropOrphans,
  flockSizes,
  withFinalDepth,
  newGroup,
  adds: ADDS,
  endsOf,
  pull,
  copied,
  mirrored,
  inTheWay,
  findingSay: FINDING_SAY,
  issueText,
} as const;

export type Engine = typeof engine;

/** A thing that a button adds. */
export type AddId = keyof typeof ADDS;
