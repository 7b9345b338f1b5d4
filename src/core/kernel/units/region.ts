import type { UnitSystem } from './length';

/** Regions whose keepers measure in feet and pounds. */
const IMPERIAL: ReadonlySet<string> = new Set(['US', 'LR', 'MM']);

/**
 * The units of the region that a browser is set to; where its language names no region, of the one where most speak it.
 * @param languages  as the browser prefers them, such as 'en-US'; what is no language is passed over
 * @example          unitsOfRegion(['en-US', 'de']) // 'imperial'
 * @example          unitsOfRegion(['en-GB']) // 'metric'
 */
export function unitsOfRegion(languages: readonly string[]): UnitSystem {
  for (const language of languages) {
    try {
      const locale = new Intl.Locale(language);
      const region = locale.region ?? locale.maximize().region;
      return region && IMPERIAL.has(region) ? 'imperial' : 'metric';
    } catch {
      // not a language: the next one is asked
    }
  }
  return 'metric';
}
