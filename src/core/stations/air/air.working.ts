import { working, workings } from '../../kernel/working';
import { capacityLines } from '../shared.working';

/** Lines of an area worked for the birds and the place. */
const computedLines = {
  heat: { unit: 'watts', given: 'cigr-2002' },
  loss: { unit: 'wattsKelvin', given: 'found' },
  outdoors: { unit: 'celsius', given: 'found' },
  wind: { unit: 'metresSecond', given: 'found' },
  inside: { unit: 'celsius', given: 'air-network' },
  damp: { unit: 'share', given: 'air-network' },
  worked: { unit: 'm2', given: 'air-network' },
  birds: { unit: 'birds', given: 'found' },
  asking: { unit: 'birds', given: 'found' },
  needed: { unit: 'm2', formula: 'worked * asking / birds' },
} as const;

/** How each figure of the air is worked. */
export const AIR_WORKINGS = workings({
  'air.opening': working({
    result: 'net',
    lines: {
      gross: { unit: 'm2', given: 'entered' },
      cover: { unit: 'ratio', given: 'keepers' },
      screen: { unit: 'ratio', given: 'keepers' },
      net: { unit: 'm2', formula: 'gross * cover * screen' },
    },
  }),
  'air.have': working({
    result: 'there',
    lines: {
      net: { unit: 'm2', each: 'opening', given: 'found' },
      there: { unit: 'm2', formula: 'sum(net)' },
    },
  }),
  'air.needed': working({
    result: 'needed',
    lines: {
      counts: { unit: 'birds', each: 'group', given: 'entered' },
      shares: { unit: 'ratio', each: 'group', given: 'found' },
      floor: { unit: 'm2', given: 'found' },
      share: { unit: 'ratio', given: 'school' },
      perBird: { unit: 'm2', given: 'school' },
      needed: { unit: 'm2', formula: 'share * floor + perBird * sum(counts .* shares)' },
    },
  }),
  'air.computed.winter': working({ result: 'needed', lines: computedLines }),
  'air.computed.summer': working({ result: 'needed', lines: computedLines }),
  'air.panel': working({
    result: 'area',
    lines: {
      width: { unit: 'm', given: 'entered' },
      height: { unit: 'm', given: 'entered' },
      more: { unit: 'm', given: 'wide-rafter' },
      area: { unit: 'm2', formula: '(width + more) * (height + more)' },
    },
  }),
  'air.lesson.rise': working({
    result: 'rise',
    lines: {
      heat: { unit: 'watts', given: 'cigr-2002' },
      loss: { unit: 'wattsKelvin', given: 'found' },
      outdoors: { unit: 'celsius', given: 'found' },
      open: { unit: 'm2', given: 'found' },
      hours: { unit: 'hours', given: 'found' },
      rise: { unit: 'kelvin', given: 'air-network' },
    },
  }),
  'air.lesson.gain': working({
    result: 'gain',
    lines: {
      shut: { unit: 'kelvin', given: 'air-network' },
      opened: { unit: 'kelvin', given: 'air-network' },
      gain: { unit: 'kelvin', formula: 'shut - opened' },
    },
  }),
  'air.lesson.settled': working({
    result: 'settled',
    lines: {
      given: { unit: 'pouredLitres', given: 'cigr-2002' },
      carried: { unit: 'pouredLitres', given: 'air-network' },
      open: { unit: 'm2', given: 'found' },
      hours: { unit: 'hours', given: 'found' },
      settled: { unit: 'pouredLitres', formula: 'given - carried' },
    },
  }),
  'air.lesson.more': working({
    result: 'more',
    lines: {
      shut: { unit: 'pouredLitres', given: 'air-network' },
      opened: { unit: 'pouredLitres', given: 'air-network' },
      more: { unit: 'pouredLitres', formula: 'shut - opened' },
    },
  }),
  'air.lesson.inside': working({
    result: 'inside',
    lines: {
      heat: { unit: 'watts', given: 'cigr-2002' },
      sun: { unit: 'watts', given: 'found' },
      loss: { unit: 'wattsKelvin', given: 'found' },
      outdoors: { unit: 'celsius', given: 'found' },
      open: { unit: 'm2', given: 'found' },
      inside: { unit: 'celsius', given: 'air-network' },
    },
  }),
  'air.capacity': working({
    result: 'carries',
    lines: {
      fitted: { unit: 'birds', each: 'group', given: 'found' },
      all: { unit: 'm2', given: 'found' },
      always: { unit: 'm2', given: 'found' },
      ...capacityLines,
    },
  }),
});
