import { working, workings } from '../../kernel/working';

/** How each figure of the brooder is worked. */
export const BROODER_WORKINGS = workings({
  'brooder.needed': working({
    result: 'needed',
    lines: {
      chicks: { unit: 'chicks', given: 'entered' },
      age: { unit: 'days', given: 'found' },
      perChick: { unit: 'm2', given: 'school' },
      needed: { unit: 'm2', formula: 'chicks * perChick' },
    },
  }),
  'brooder.hatch': working({
    result: 'forGroup',
    lines: {
      set: { unit: 'eggs', given: 'entered' },
      rate: { unit: 'ratio', given: 'keepers' },
      hatched: { unit: 'chicks', formula: 'wholeDown(set * rate)' },
      share: { unit: 'ratio', given: 'keepers' },
      forGroup: { unit: 'chicks', formula: 'wholeDown(hatched * share)' },
    },
  }),
  'brooder.have': working({
    result: 'area',
    lines: {
      length: { unit: 'm', given: 'entered' },
      width: { unit: 'm', given: 'entered' },
      shape: { unit: 'ratio', given: 'found' },
      area: { unit: 'm2', formula: 'length * width * shape' },
    },
  }),
  'brooder.edge': working({
    result: 'needed',
    lines: {
      chicks: { unit: 'chicks', given: 'entered' },
      perChick: { unit: 'm', given: 'keepers' },
      needed: { unit: 'm', formula: 'chicks * perChick' },
    },
  }),
  'brooder.capacity': working({
    result: 'carries',
    lines: {
      area: { unit: 'm2', given: 'found' },
      perChick: { unit: 'm2', given: 'school' },
      bySpace: { unit: 'chicks', formula: 'wholeDown(area / perChick)' },
      byFeed: { unit: 'chicks', given: 'found' },
      byWater: { unit: 'chicks', given: 'found' },
      byHeat: { unit: 'chicks', given: 'found' },
      carries: { unit: 'chicks', formula: 'min(bySpace, byFeed, byWater, byHeat)' },
    },
  }),
  'brooder.lamp': working({
    result: 'watts',
    lines: {
      comfort: { unit: 'celsius', given: 'keepers' },
      air: { unit: 'celsius', given: 'entered' },
      chicks: { unit: 'chicks', given: 'entered' },
      perChick: { unit: 'm2', given: 'keepers' },
      least: { unit: 'm2', given: 'keepers' },
      watts: {
        unit: 'watts',
        formula: '10 * max(0, comfort - air) * max(perChick * chicks, least) / 0.6',
      },
    },
  }),
  'brooder.vent': working({
    result: 'needed',
    lines: {
      chicks: { unit: 'chicks', given: 'entered' },
      perTen: { unit: 'm2', given: 'wide-rafter' },
      needed: { unit: 'm2', formula: '2 * perTen * chicks / 10' },
    },
  }),
});
