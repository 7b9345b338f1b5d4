/**
 * Ways to keep a coop through the cold that are compared: as it is, all shut or boarded, high openings only, shut only at
 * the height of the bars, all open, with the area it needs, foam in the roof, four more hens, litter kept at work, a
 * sealed panel that warms, a canopy round the bars.
 */
export const WINTER_WAYS = [
  'kept',
  'shut',
  'high',
  'offBars',
  'all',
  'needed',
  'foam',
  'fourHens',
  'litter',
  'panel',
  'canopy',
] as const;
export type WinterWay = (typeof WINTER_WAYS)[number];

/** Ways through the heat: as it is, shut, with the area it needs, shade, a light roof, shingles, foam in it, a fan, four
 * more hens. */
export const SUMMER_WAYS = [
  'kept',
  'shut',
  'needed',
  'shade',
  'lightRoof',
  'shingles',
  'foam',
  'fan',
  'fourHens',
] as const;
export type SummerWay = (typeof SUMMER_WAYS)[number];
