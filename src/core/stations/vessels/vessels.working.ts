import { working, workings } from '../../kernel/working';
import { capacityLines } from '../shared.working';

/** How figures of feeders and drinkers are worked. */
export const VESSEL_WORKINGS = workings({
  'vessel.contents': working({
    result: 'contents',
    lines: {
      litres: { unit: 'litres', given: 'found' },
      density: { unit: 'kgLitre', given: 'keepers' },
      contents: { unit: 'kg', formula: 'litres * density' },
    },
  }),
  'vessel.full': working({
    result: 'full',
    lines: {
      empty: { unit: 'kg', given: 'entered' },
      contents: { unit: 'kg', given: 'found' },
      full: { unit: 'kg', formula: 'empty + contents' },
    },
  }),
  'vessel.weight': working({
    result: 'weight',
    lines: {
      empty: { unit: 'kg', given: 'entered' },
      contents: { unit: 'kg', given: 'found' },
      knock: { unit: 'ratio', given: 'wide-rafter' },
      weight: { unit: 'kg', formula: 'empty + contents * knock' },
    },
  }),
  'vessel.height': working({
    result: 'height',
    lines: {
      mass: { unit: 'kg', given: 'found' },
      coefficient: { unit: 'ratio', given: 'wide-rafter' },
      back: { unit: 'm', formula: 'coefficient * mass^(1/3)' },
      times: { unit: 'ratio', given: 'keepers' },
      height: { unit: 'm', formula: 'back * times' },
    },
  }),
  'vessel.capacity': working({
    result: 'carries',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      ...capacityLines,
    },
  }),
  'vessel.capacity.best': working({
    result: 'carries',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      ...capacityLines,
    },
  }),
  'vessel.served': working({
    result: 'served',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      served: { unit: 'birds', formula: 'sum(fitted)' },
    },
  }),
  'feed.days': working({
    result: 'days',
    lines: {
      contents: { unit: 'kg', each: 'feeder', given: 'found' },
      waste: { unit: 'ratio', each: 'feeder', given: 'wide-rafter' },
      eaten: { unit: 'kg', each: 'feeder', given: 'found' },
      intake: { unit: 'kgDay', given: 'found' },
      days: { unit: 'days', formula: 'sum(eaten) / intake' },
    },
  }),
  'water.days': working({
    result: 'days',
    lines: {
      litres: { unit: 'litres', each: 'drinker', given: 'found' },
      intake: { unit: 'litresDay', given: 'found' },
      barrel: { unit: 'litres', given: 'entered' },
      days: { unit: 'days', formula: '(sum(litres) + barrel) / intake' },
    },
  }),
  'feed.bag.days': working({
    result: 'days',
    lines: {
      bag: { unit: 'kg', given: 'entered' },
      intake: { unit: 'kgDay', given: 'found' },
      waste: { unit: 'ratio', given: 'wide-rafter' },
      days: { unit: 'days', formula: 'bag / (intake * waste)' },
    },
  }),
});
