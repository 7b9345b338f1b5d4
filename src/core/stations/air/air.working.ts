import { working, workings } from '../../kernel/working';
import { capacityLines } from '../shared.working';

/** How each figure of the air is worked. */
export const AIR_WORKINGS = workings({
  'air.opening': working({
    result: 'net',
    lines: {
      gross: { unit: 'm2', given: 'entered' },
      cover: { unit: 'ratio', given: 'keepers' },
      screen: { unit: 'ratio', given: 'keepers' },
      net: { unit: 'm2', formula: 'gross * cover * screen' },
    },
  }),
  'air.have': working({
    result: 'there',
    lines: {
      net: { unit: 'm2', each: 'opening', given: 'found' },
      there: { unit: 'm2', formula: 'sum(net)' },
    },
  }),
  'air.needed': working({
    result: 'needed',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      shares: { unit: 'ratio', each: 'group', given: 'found' },
      floor: { unit: 'm2', given: 'found' },
      share: { unit: 'ratio', given: 'school' },
      perBird: { unit: 'm2', given: 'school' },
      needed: { unit: 'm2', formula: 'share * floor + perBird * sum(counts .* shares)' },
    },
  }),
  'air.capacity': working({
    result: 'carries',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      all: { unit: 'm2', given: 'found' },
      always: { unit: 'm2', given: 'found' },
      ...capacityLines,
    },
  }),
});
