import { working, workings } from '../../kernel/working';
import { capacityLines } from '../shared.working';

/** How each figure of the doors is worked. */
export const DOOR_WORKINGS = workings({
  'door.needed': working({
    result: 'needed',
    lines: {
      birds: { unit: 'birds', given: 'found' },
      per: { unit: 'birds', given: 'keepers' },
      needed: { unit: 'doors', formula: 'wholeUp(birds / per)' },
    },
  }),
  'door.capacity': working({
    result: 'carries',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      ...capacityLines,
    },
  }),
  'door.slope': working({
    result: 'slope',
    lines: {
      rise: { unit: 'm', given: 'entered' },
      length: { unit: 'm', given: 'entered' },
      slope: { unit: 'degrees', formula: 'asin(min(1, rise / length)) * 180 / pi' },
    },
  }),
  'door.sill': working({
    result: 'needed',
    lines: {
      final: { unit: 'm', given: 'entered' },
      above: { unit: 'm', given: 'keepers' },
      needed: { unit: 'm', formula: 'final + above' },
    },
  }),
  'door.cleats': working({
    result: 'pitch',
    lines: {
      slope: { unit: 'degrees', given: 'found' },
      flat: { unit: 'm', given: 'keepers' },
      steep: { unit: 'm', given: 'keepers' },
      flatTo: { unit: 'degrees', given: 'keepers' },
      steepAt: { unit: 'degrees', given: 'keepers' },
      pitch: {
        unit: 'm',
        formula: 'flat + min(1, max(0, (slope - flatTo) / (steepAt - flatTo))) * (steep - flat)',
      },
    },
  }),
});
