import { working } from '../working';
import { capacityLines, missingSpec, plainSpec, scaledSpec } from './shared.working';

/** How each figure of the roosts is worked. */
export const ROOSTS_WORKINGS = {
  'roosts.widthOfBird': working({
    result: 'scaled',
    lines: {
      ...scaledSpec('m', 'school').lines,
      hot: { unit: 'ratio', given: 'keepers' },
      scaled: { unit: 'm', formula: 'rule * (mass / reference)^power * hot' },
    },
  }),
  'roosts.widthPerBird': working({
    result: 'mean',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      mean: { unit: 'm', formula: 'sum(counts .* widths) / sum(counts)' },
    },
  }),
  'roosts.needed': working({
    result: 'needed',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      needed: { unit: 'm', formula: 'sum(counts .* widths)' },
    },
  }),
  'roosts.have': working({
    result: 'there',
    lines: {
      effective: { unit: 'm', each: 'bar', given: 'found' },
      there: { unit: 'm', formula: 'sum(effective)' },
    },
  }),
  'roosts.capacity': working({
    result: 'carries',
    lines: {
      effective: { unit: 'm', each: 'bar', given: 'found' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      ...capacityLines,
    },
  }),
  'roosts.without': working({
    result: 'without',
    lines: {
      sleepers: { unit: 'birds', given: 'found' },
      seated: { unit: 'birds', each: 'bar', given: 'found' },
      without: { unit: 'birds', formula: 'sleepers - sum(seated)' },
    },
  }),
  'roosts.missing': missingSpec('m'),
  'roosts.bar.effective': working({
    result: 'effective',
    lines: {
      length: { unit: 'm', given: 'entered' },
      nearLoss: { unit: 'm', given: 'keepers' },
      farLoss: { unit: 'm', given: 'keepers' },
      effective: { unit: 'm', formula: 'max(0, length - nearLoss - farLoss)' },
    },
  }),
  'roosts.bar.birds': working({
    result: 'birds',
    lines: {
      effective: { unit: 'm', given: 'found' },
      widths: { unit: 'm', each: 'group', given: 'found' },
      seated: { unit: 'birds', each: 'group', given: 'found' },
      used: { unit: 'm', formula: 'sum(seated .* widths)' },
      birds: { unit: 'birds', formula: 'sum(seated)' },
    },
  }),
  'roosts.bar.wall': working({
    result: 'gap',
    lines: {
      wall: { unit: 'm', given: 'entered' },
      bar: { unit: 'm', given: 'entered' },
      gap: { unit: 'm', formula: 'abs(wall - bar)' },
    },
  }),
  'roosts.bar.height': working({
    result: 'height',
    lines: {
      bar: { unit: 'm', given: 'entered' },
      litter: { unit: 'm', given: 'entered' },
      height: { unit: 'm', formula: 'bar - litter' },
    },
  }),
  'roosts.apart': working({
    result: 'apart',
    lines: {
      one: { unit: 'm', given: 'entered' },
      other: { unit: 'm', given: 'entered' },
      apart: { unit: 'm', formula: 'abs(one - other)' },
    },
  }),
  'roosts.aboveNests': working({
    result: 'above',
    lines: {
      bar: { unit: 'm', given: 'entered' },
      lip: { unit: 'm', given: 'found' },
      above: { unit: 'm', formula: 'bar - lip' },
    },
  }),
  'roosts.fit': scaledSpec('m', 'keepers'),
  'roosts.rule': plainSpec('m', 'keepers'),
  'roosts.bar.section': plainSpec('m', 'entered'),
} as const;
