import { working, workings } from '../../kernel/working';

/** How each figure of the litter is worked. */
export const LITTER_WORKINGS = workings({
  'litter.start': working({
    result: 'litres',
    lines: {
      floor: { unit: 'm2', given: 'found' },
      depth: { unit: 'm', given: 'entered' },
      litres: { unit: 'bulkLitres', formula: 'floor * depth * 1000' },
    },
  }),
  'litter.droppings': working({
    result: 'day',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      each: { unit: 'kgDay', each: 'group', given: 'wide-rafter' },
      day: { unit: 'kgDay', formula: 'sum(counts .* each)' },
    },
  }),
  'litter.onLitter': working({
    result: 'week',
    lines: {
      day: { unit: 'kgDay', given: 'found' },
      night: { unit: 'ratio', given: 'found' },
      byDay: { unit: 'ratio', given: 'wide-rafter' },
      nightShare: { unit: 'ratio', given: 'school' },
      week: { unit: 'kg', formula: 'day * 7 * (night + byDay * (1 - nightShare))' },
    },
  }),
  'litter.weekly': working({
    result: 'litres',
    lines: {
      week: { unit: 'kg', given: 'found' },
      nitrogen: { unit: 'ratio', given: 'wide-rafter' },
      cnOfDroppings: { unit: 'ratio', given: 'wide-rafter' },
      least: { unit: 'ratio', given: 'keepers' },
      carbon: { unit: 'ratio', given: 'wide-rafter' },
      cn: { unit: 'ratio', given: 'keepers' },
      bulk: { unit: 'kgM3', given: 'keepers' },
      kg: {
        unit: 'kg',
        formula:
          'max(0, (least * week * nitrogen - week * nitrogen * cnOfDroppings) / (carbon * (1 - least / cn)))',
      },
      litres: { unit: 'bulkLitres', formula: 'kg / bulk * 1000' },
    },
  }),
  'litter.year': working({
    result: 'year',
    lines: {
      start: { unit: 'bulkLitres', given: 'found' },
      every: { unit: 'days', given: 'school' },
      weekly: { unit: 'bulkLitres', given: 'found' },
      weeks: { unit: 'weeks', given: 'wide-rafter' },
      year: { unit: 'bulkLitres', formula: 'start * 365 / every + weekly * weeks' },
    },
  }),
  'litter.bales': working({
    result: 'bales',
    lines: {
      year: { unit: 'bulkLitres', given: 'found' },
      bale: { unit: 'bulkLitres', given: 'entered' },
      bales: { unit: 'bales', formula: 'year / bale' },
    },
  }),
  'litter.rise': working({
    result: 'rise',
    lines: {
      week: { unit: 'kg', given: 'found' },
      dry: { unit: 'ratio', given: 'wide-rafter' },
      topUp: { unit: 'kg', given: 'found' },
      weeks: { unit: 'weeks', given: 'wide-rafter' },
      lost: { unit: 'ratio', given: 'wide-rafter' },
      settled: { unit: 'kgM3', given: 'wide-rafter' },
      floor: { unit: 'm2', given: 'found' },
      rise: {
        unit: 'm',
        formula: '(week * dry + topUp) * weeks * (1 - lost) / (settled * floor)',
      },
    },
  }),
  'litter.depth.final': working({
    result: 'depth',
    lines: {
      grown: { unit: 'm', given: 'found' },
      most: { unit: 'm', given: 'school' },
      depth: { unit: 'm', formula: 'min(grown, most)' },
    },
  }),
  'litter.depth.end': working({
    result: 'depth',
    lines: {
      start: { unit: 'm', given: 'entered' },
      rise: { unit: 'm', given: 'found' },
      days: { unit: 'days', given: 'school' },
      depth: { unit: 'm', formula: 'start + rise * days / 365' },
    },
  }),
  'litter.retaining': working({
    result: 'needed',
    lines: {
      final: { unit: 'm', given: 'entered' },
      above: { unit: 'm', given: 'keepers' },
      needed: { unit: 'm', formula: 'final + above' },
    },
  }),
});
