import type { RuleRow } from './types';

const ALL_BIRDS = [0.4, 8] as const;

const floor = (row: Pick<RuleRow, 'id' | 'school' | 'why' | 'params'>): RuleRow => ({
  topic: 'floor.area',
  scale: 'area',
  validMassKg: ALL_BIRDS,
  evidence: 'keepers',
  source: 'keepers',
  ...row,
});

const length = (row: Pick<RuleRow, 'id' | 'school' | 'why' | 'params'>): RuleRow => ({
  topic: 'roosts.length',
  scale: 'length',
  validMassKg: ALL_BIRDS,
  evidence: 'keepers',
  source: 'keepers',
  ...row,
});

const nests = (row: Pick<RuleRow, 'id' | 'school' | 'why' | 'params'>): RuleRow => ({
  topic: 'nests.hens',
  scale: 'none',
  validMassKg: ALL_BIRDS,
  evidence: 'keepers',
  source: 'keepers',
  ...row,
});

/** The schools a keeper chooses between. Values are for a medium hen of 2.2 kg. */
export const SCHOOLS: readonly RuleRow[] = [
  floor({
    id: 'floor.area.sleepingOnly',
    school: 'sleeping quarters only',
    why: 'The birds are inside only to sleep and lay. It needs a dry, wind-sheltered, roofed run that is open every day.',
    params: { areaM2: 0.25, runM2: 1.0 },
  }),
  floor({
    id: 'floor.area.threeToFourFeet',
    school: 'three to four feet',
    why: 'The common figure for a coop and a run together, where winters are mild.',
    params: { areaM2: 0.33, runM2: 0.85 },
  }),
  floor({
    id: 'floor.area.shutInWinters',
    school: 'shut-in winters',
    why: 'Snow or storms keep the flock in for days on end: crowding, damp and pecking set the size.',
    params: { areaM2: 0.7, runM2: 0.93 },
  }),
  {
    ...floor({
      id: 'floor.area.statutory',
      school: 'statutory floor',
      why: 'Nine hens to the square metre of usable area in commercial houses. To compare with only.',
      params: { areaM2: 1 / 9 },
    }),
    scale: 'none',
    evidence: 'statutory',
    source: 'eu-1999-74',
    comparisonOnly: true,
  },
  {
    ...length({
      id: 'roosts.length.statutory',
      school: 'statutory floor',
      why: 'Fifteen centimetres of perch a hen in commercial houses. To compare with only.',
      params: { widthM: 0.15 },
    }),
    scale: 'none',
    evidence: 'statutory',
    source: 'eu-1999-74',
    comparisonOnly: true,
  },
  length({
    id: 'roosts.length.huddled',
    school: 'huddled',
    why: 'On cold nights birds pack together. Known to fail: low-ranking birds are kept off and sleep on the floor or in the doorway.',
    params: { widthM: 0.23 },
  }),
  length({
    id: 'roosts.length.aFootEach',
    school: 'a foot each',
    why: 'The usual middle: every bird finds a place and can still lean on her neighbour.',
    params: { widthM: 0.3 },
  }),
  length({
    id: 'roosts.length.elbowRoom',
    school: 'elbow room',
    why: 'For squabbles, for newcomers, and for hot nights when wings are held out.',
    params: { widthM: 0.38 },
  }),
  nests({
    id: 'nests.hens.quietFlock',
    school: 'quiet flock',
    why: 'Broody or bossy breeds hog the boxes, so each box serves few.',
    params: { hensPerBox: 3, twoBoxesFromHens: 4 },
  }),
  nests({
    id: 'nests.hens.common',
    school: 'common',
    why: 'Four to five hens a box, the usual figure.',
    params: { hensPerBox: 4.5, twoBoxesFromHens: 4 },
  }),
  nests({
    id: 'nests.hens.smallFlockSharing',
    school: 'small-flock sharing',
    why: 'Up to seven hens rarely queue; seven is also the legal most in commercial houses.',
    params: { hensPerBox: 7 },
  }),
];
