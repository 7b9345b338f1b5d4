import { working, workings } from '../../kernel/working';

/** How a month's figures are worked from its days. */
export const MONTHLY_WORKINGS = workings({
  'month.birds': working({
    result: 'most',
    lines: {
      birds: { unit: 'birds', given: 'found' },
      most: { unit: 'birds', formula: 'max(birds)' },
    },
  }),
  'month.dozens': working({
    result: 'dozens',
    lines: {
      eggs: { unit: 'eggsDay', given: 'found' },
      dozens: { unit: 'dozens', formula: 'sum(eggs) / 12' },
    },
  }),
  'month.feed': working({
    result: 'total',
    lines: {
      feed: { unit: 'kgDay', given: 'found' },
      total: { unit: 'kg', formula: 'sum(feed)' },
    },
  }),
  'month.bags': working({
    result: 'bags',
    lines: {
      feed: { unit: 'kg', given: 'found' },
      bag: { unit: 'kg', given: 'entered' },
      bags: { unit: 'bags', formula: 'feed / bag' },
    },
  }),
  'month.water': working({
    result: 'total',
    lines: {
      water: { unit: 'litresDay', given: 'found' },
      total: { unit: 'litres', formula: 'sum(water)' },
    },
  }),
});
