import type { UnitSystem } from '@/core/kernel/units/length';

const PAIR = /\[\[([^|\]]*)\|([^\]]*)\]\]/g;

/**
 * A text with its measures in one system: they stand in it as [[metric|imperial]], each as that system's keepers say
 * it, not converted.
 * @example inUnits('[[13 mm|1/2 in]] hardware cloth', 'imperial') // '1/2 in hardware cloth'
 */
export const inUnits = (text: string, units: UnitSystem): string =>
  text.replace(PAIR, (_, metric: string, imperial: string) =>
    units === 'metric' ? metric : imperial,
  );

/** The same with both beside one another, for documents. @example inBoth('[[13 mm|1/2 in]] mesh') // '13 mm (1/2 in) mesh' */
export const inBoth = (text: string): string => text.replace(PAIR, '$1 ($2)');
