import { working, workings } from '../kernel/working';
import { plainSpec } from './shared.working';

/** How a school's own figures are worked. */
export const SCHOOLS_WORKINGS = workings({
  'school.rule.m': plainSpec('m', 'school'),
  'school.rule.m2': plainSpec('m2', 'school'),
  'school.rule.ratio': plainSpec('ratio', 'school'),
  'school.rule.days': plainSpec('days', 'school'),
  'school.rule.hensPerBox': plainSpec('hensPerBox', 'school'),
  'school.carries': working({
    result: 'carried',
    lines: {
      rule: { unit: 'ratio', given: 'school' },
      carried: { unit: 'birds', given: 'found' },
    },
  }),
});
