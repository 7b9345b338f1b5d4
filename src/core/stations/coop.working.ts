import { working, workings } from '../kernel/working';
import { plainSpec } from './shared.working';

/** How the coop's own figures are worked. */
export const COOP_WORKINGS = workings({
  'coop.carries': working({
    result: 'carries',
    lines: {
      staves: { unit: 'birds', each: 'station', given: 'found' },
      carries: { unit: 'birds', formula: 'min(staves)' },
    },
  }),
  'coop.planned': working({
    result: 'planned',
    lines: {
      living: { unit: 'birds', each: 'group', given: 'entered' },
      planned: { unit: 'birds', formula: 'sum(living)' },
    },
  }),
  'coop.room': working({
    result: 'room',
    lines: {
      carries: { unit: 'birds', given: 'found' },
      planned: { unit: 'birds', given: 'found' },
      room: { unit: 'birds', formula: 'carries - planned' },
    },
  }),
  'coop.none': working({
    result: 'none',
    lines: {
      nobody: { unit: 'birds', each: 'group', given: 'found' },
      none: { unit: 'birds', formula: 'sum(nobody)' },
    },
  }),
  'coop.others': working({
    result: 'others',
    lines: {
      fits: { unit: 'birds', each: 'station', given: 'found' },
      others: { unit: 'birds', formula: 'min(fits)' },
    },
  }),
  'coop.found': plainSpec('birds', 'found'),
  'flock.mass': plainSpec('kg', 'entered'),
  'flock.mass.standard': working({
    result: 'standard',
    lines: {
      breedHen: { unit: 'kg', given: 'breed-standards' },
      timesHen: { unit: 'ratio', given: 'keepers' },
      standard: { unit: 'kg', formula: 'breedHen * timesHen' },
    },
  }),
  'flock.length': working({
    result: 'size',
    lines: {
      coefficient: { unit: 'ratio', given: 'wide-rafter' },
      mass: { unit: 'kg', given: 'found' },
      size: { unit: 'm', formula: 'coefficient * mass^(1/3)' },
    },
  }),
  'flock.height': working({
    result: 'size',
    lines: {
      coefficient: { unit: 'ratio', given: 'wide-rafter' },
      headToBack: { unit: 'ratio', given: 'wide-rafter' },
      mass: { unit: 'kg', given: 'found' },
      size: { unit: 'm', formula: 'headToBack * coefficient * mass^(1/3)' },
    },
  }),
  'shell.measure': plainSpec('m', 'entered'),
});
