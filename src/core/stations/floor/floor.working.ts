import { working, workings } from '../../kernel/working';
import { capacityLines, missingSpec, plainSpec, scaledSpec } from '../shared.working';

/** How each figure of the floor is worked. */
export const FLOOR_WORKINGS = workings({
  'floor.areaOfBird': scaledSpec('m2', 'school'),
  'floor.areaPerBird': working({
    result: 'mean',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      areas: { unit: 'm2', each: 'group', given: 'found' },
      mean: { unit: 'm2', formula: 'sum(counts .* areas) / sum(counts)' },
    },
  }),
  'floor.needed': working({
    result: 'needed',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      areas: { unit: 'm2', each: 'group', given: 'found' },
      needed: { unit: 'm2', formula: 'sum(counts .* areas)' },
    },
  }),
  'floor.inside': working({
    result: 'inside',
    lines: {
      length: { unit: 'm', given: 'entered' },
      width: { unit: 'm', given: 'entered' },
      inside: { unit: 'm2', formula: 'length * width' },
    },
  }),
  'floor.have': working({
    result: 'usable',
    lines: {
      inside: { unit: 'm2', given: 'found' },
      storage: { unit: 'm2', given: 'entered' },
      taken: { unit: 'm2', each: 'taker', given: 'found' },
      usable: { unit: 'm2', formula: 'max(0, inside - storage - sum(taken))' },
    },
  }),
  'floor.density': working({
    result: 'density',
    lines: {
      mass: { unit: 'kg', given: 'found' },
      usable: { unit: 'm2', given: 'found' },
      density: { unit: 'kgM2', formula: 'mass / usable' },
    },
  }),
  'floor.taken': plainSpec('m2', 'found'),
  'floor.capacity': working({
    result: 'carries',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      areas: { unit: 'm2', each: 'group', given: 'found' },
      asked: { unit: 'm2', formula: 'sum(fitted .* areas)' },
      usable: { unit: 'm2', given: 'found' },
      ...capacityLines,
    },
  }),
  'floor.missing': missingSpec('m2'),
});
