import { working, workings } from '../../kernel/working';

/** How figures of rain and its barrel are worked. */
export const RAIN_WORKINGS = workings({
  'rain.roof': working({
    result: 'roof',
    lines: {
      long: { unit: 'm', given: 'entered' },
      wide: { unit: 'm', given: 'entered' },
      overhang: { unit: 'm', given: 'entered' },
      share: { unit: 'ratio', given: 'found' },
      roof: { unit: 'm2', formula: '(long + 2 * overhang) * (wide + 2 * overhang) * share' },
    },
  }),
  'rain.peak': working({
    result: 'peak',
    lines: {
      roof: { unit: 'm2', given: 'found' },
      heaviest: { unit: 'millimetres', given: 'entered' },
      peak: { unit: 'litresSecond', formula: 'roof * heaviest / 3600' },
    },
  }),
  'rain.gutter': working({
    result: 'carries',
    lines: {
      section: { unit: 'm2', given: 'found' },
      wetted: { unit: 'm', given: 'found' },
      roughness: { unit: 'ratio', given: 'keepers' },
      fall: { unit: 'ratio', given: 'entered' },
      carries: {
        unit: 'litresSecond',
        formula: 'section / roughness * (section / wetted)^(2/3) * sqrt(fall) * 1000',
      },
    },
  }),
  'rain.flush': working({
    result: 'pipe',
    lines: {
      roof: { unit: 'm2', given: 'found' },
      kept: { unit: 'millimetres', given: 'keepers' },
      bore: { unit: 'm', given: 'entered' },
      litres: { unit: 'litres', formula: 'roof * kept' },
      pipe: { unit: 'm', formula: 'litres / 1000 / (pi / 4 * bore^2)' },
    },
  }),
  'rain.load': working({
    result: 'load',
    lines: {
      litres: { unit: 'litres', given: 'entered' },
      empty: { unit: 'kg', given: 'entered' },
      load: { unit: 'kg', formula: 'litres + empty' },
    },
  }),
  'rain.yield': working({
    result: 'brought',
    lines: {
      fell: { unit: 'millimetres', given: 'found' },
      roof: { unit: 'm2', given: 'found' },
      runoff: { unit: 'ratio', given: 'keepers' },
      gutter: { unit: 'ratio', given: 'entered' },
      brought: { unit: 'litres', formula: 'fell * roof * runoff * gutter' },
    },
  }),
  'rain.head': working({
    result: 'above',
    lines: {
      foot: { unit: 'm', given: 'entered' },
      floor: { unit: 'm', given: 'entered' },
      outlet: { unit: 'm', given: 'found' },
      above: { unit: 'm', formula: 'foot - floor - outlet' },
    },
  }),
});

/** How figures of frost are worked. */
export const FROST_WORKINGS = workings({
  'frost.zero': working({
    result: 'zero',
    lines: {
      litres: { unit: 'litres', given: 'found' },
      area: { unit: 'm2', given: 'found' },
      loss: { unit: 'ratio', given: 'wide-rafter' },
      air: { unit: 'celsius', given: 'found' },
      fresh: { unit: 'celsius', given: 'keepers' },
      zero: {
        unit: 'hours',
        formula: 'litres * 4186 / (loss * area) * log((fresh - air) / (0 - air)) / 3600',
      },
    },
  }),
  'frost.blocked': working({
    result: 'blocked',
    lines: {
      litres: { unit: 'litres', given: 'found' },
      area: { unit: 'm2', given: 'found' },
      loss: { unit: 'ratio', given: 'wide-rafter' },
      air: { unit: 'celsius', given: 'found' },
      zero: { unit: 'hours', given: 'found' },
      blocked: {
        unit: 'hours',
        formula: 'zero + 0.15 * litres * 334000 / (loss * area * (0 - air)) / 3600',
      },
    },
  }),
  'frost.watts': working({
    result: 'watts',
    lines: {
      area: { unit: 'm2', given: 'found' },
      loss: { unit: 'ratio', given: 'wide-rafter' },
      air: { unit: 'celsius', given: 'found' },
      watts: { unit: 'electricWatts', formula: 'max(0, loss * area * (3 - air))' },
    },
  }),
});
