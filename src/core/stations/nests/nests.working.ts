import { working, workings } from '../../kernel/working';
import { capacityLines, missingSpec, plainSpec } from '../shared.working';

/** How each figure of the nests is worked. */
export const NESTS_WORKINGS = workings({
  'nests.hensInLay': working({
    result: 'hens',
    lines: {
      laying: { unit: 'hens', each: 'group', given: 'found' },
      hens: { unit: 'hens', formula: 'sum(laying)' },
    },
  }),
  'nests.needed': working({
    result: 'boxes',
    lines: {
      hens: { unit: 'hens', given: 'found' },
      hensPerBox: { unit: 'hensPerBox', given: 'school' },
      least: { unit: 'boxes', given: 'keepers' },
      boxes: { unit: 'boxes', formula: 'max(least, wholeUp(hens / hensPerBox))' },
    },
  }),
  'nests.have': working({
    result: 'there',
    lines: {
      boxes: { unit: 'boxes', each: 'bank', given: 'found' },
      there: { unit: 'boxes', formula: 'sum(boxes)' },
    },
  }),
  'nests.capacity': working({
    result: 'carries',
    lines: {
      boxes: { unit: 'boxes', each: 'bank', given: 'found' },
      hensPerBox: { unit: 'hensPerBox', given: 'school' },
      served: { unit: 'ratio', formula: 'sum(boxes) * hensPerBox' },
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      ...capacityLines,
    },
  }),
  'nests.missing': missingSpec('boxes'),
  'nests.bank.lip': working({
    result: 'lip',
    lines: {
      entrance: { unit: 'm', given: 'entered' },
      litter: { unit: 'm', given: 'entered' },
      lip: { unit: 'm', formula: 'entrance - litter' },
    },
  }),
  'nests.lip.rule': plainSpec('m', 'keepers'),
  'nests.box.rule': plainSpec('m', 'keepers'),
  'nests.bank.box': plainSpec('m', 'entered'),
});
