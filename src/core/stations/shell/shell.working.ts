import { working, workings } from '../../kernel/working';

/** How figures of the run, the mesh and the dust bath are worked. */
export const SHELL_WORKINGS = workings({
  'shell.run': working({
    result: 'area',
    lines: {
      length: { unit: 'm', given: 'entered' },
      width: { unit: 'm', given: 'entered' },
      area: { unit: 'm2', formula: 'length * width' },
    },
  }),
  'shell.run.share': working({
    result: 'area',
    lines: {
      length: { unit: 'm', given: 'entered' },
      width: { unit: 'm', given: 'entered' },
      share: { unit: 'ratio', given: 'found' },
      area: { unit: 'm2', formula: 'length * width * share' },
    },
  }),
  'shell.run.needed': working({
    result: 'needed',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      areas: { unit: 'm2', each: 'group', given: 'found' },
      needed: { unit: 'm2', formula: 'sum(counts .* areas)' },
    },
  }),
  'shell.mesh': working({
    result: 'area',
    lines: {
      areas: { unit: 'm2', each: 'opening', given: 'entered' },
      edges: { unit: 'm', each: 'opening', given: 'entered' },
      lap: { unit: 'm', given: 'keepers' },
      count: { unit: 'things', given: 'found' },
      area: { unit: 'm2', formula: 'sum(areas) + lap * sum(edges) + 4 * lap^2 * count' },
    },
  }),
  'shell.dustBath': working({
    result: 'needed',
    lines: {
      birds: { unit: 'birds', given: 'found' },
      per: { unit: 'm2', given: 'keepers' },
      least: { unit: 'm2', given: 'keepers' },
      needed: { unit: 'm2', formula: 'max(least, birds * per)' },
    },
  }),
});
