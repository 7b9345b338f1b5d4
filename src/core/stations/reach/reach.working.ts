import { working, workings } from '../../kernel/working';

/** How each figure of reach and posture is worked. */
export const REACH_WORKINGS = workings({
  'reach.headroom': working({
    result: 'headroom',
    lines: {
      stature: { unit: 'm', given: 'entered' },
      over: { unit: 'm', given: 'keepers' },
      headroom: { unit: 'm', formula: 'stature + over' },
    },
  }),
  'reach.barrow': working({
    result: 'sill',
    lines: {
      rim: { unit: 'm', given: 'entered' },
      over: { unit: 'm', given: 'keepers' },
      sill: { unit: 'm', formula: 'rim + over' },
    },
  }),
  'reach.clear': working({
    result: 'clear',
    lines: {
      front: { unit: 'm', given: 'entered' },
      flap: { unit: 'm', given: 'entered' },
      clear: { unit: 'm', formula: '(front - flap) / 2' },
    },
  }),
  'reach.elbow': working({
    result: 'most',
    lines: {
      stature: { unit: 'm', given: 'entered' },
      share: { unit: 'ratio', given: 'wide-rafter' },
      slack: { unit: 'm', given: 'keepers' },
      most: { unit: 'm', formula: 'stature * share + slack' },
    },
  }),
});
