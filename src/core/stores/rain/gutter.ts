import { ruled } from '../../rules/rules.data';

/** A gutter's own section: bought half round, folded or bought channel, or flashing folded to a V. */
export type GutterShape =
  | { readonly shape: 'half'; readonly acrossM: number }
  | { readonly shape: 'channel'; readonly wideM: number; readonly deepM: number }
  | { readonly shape: 'vee'; readonly sideM: number };

/** Roughness of metal and plastic gutters, s/m^(1/3). Source: domain notes, "Rain barrel". */
export const MANNING_N = 0.011;
/** Hem that is folded back along each edge of a sheet, m (assumption). */
const HEM_M = 0.01;

/** Area of water and wetted length of a gutter that runs brim-full, m² and m. */
export function gutterSection(g: GutterShape): readonly [areaM2: number, wetM: number] {
  switch (g.shape) {
    case 'half':
      return [(Math.PI * g.acrossM ** 2) / 8, (Math.PI * g.acrossM) / 2];
    case 'channel':
      return [g.wideM * g.deepM, g.wideM + 2 * g.deepM];
    case 'vee':
      return [g.sideM ** 2 / 2, 2 * g.sideM];
  }
}

/**
 * Water that a gutter carries brim-full, L/s.
 * @param fall  metres down for each metre along, above 0
 * @source Manning; domain notes, "Settled", 37
 * @example gutterLs({ shape: 'channel', wideM: 0.04, deepM: 0.04 }, 1 / 200) // 0.578
 */
export function gutterLs(g: GutterShape, fall: number): number {
  const [areaM2, wetM] = gutterSection(g);
  return (areaM2 / MANNING_N) * (areaM2 / wetM) ** (2 / 3) * Math.sqrt(fall) * 1000;
}

/**
 * Water that the heaviest rain brings off a roof, L/s.
 * @param areaM2   roof on plan, m²
 * @param mmHour   the heaviest rain, mm/h
 * @example peakLs(2, 75) // 0.041667
 */
export const peakLs = (areaM2: number, mmHour: number): number => (areaM2 * mmHour) / 3600;

/**
 * Width of the sheet that a gutter is folded from, with a hem along each edge, m; null where it is bought.
 * @example sheetM({ shape: 'vee', sideM: 0.075 }) // 0.17
 */
export function sheetM(g: GutterShape): number | null {
  if (g.shape === 'half') return null;
  const [, wetM] = gutterSection(g);
  return wetM + 2 * HEM_M;
}

/**
 * Supports along a gutter: one at each end and none further apart than the rule.
 * @param longM  m
 * @example supports(3) // 5
 */
export const supports = (longM: number): number =>
  Math.ceil(longM / ruled('rain.gutter.support') - 1e-9) + 1;

/**
 * Length of a standpipe that keeps the first dirty water back, m.
 * @param areaM2   roof on plan, m²
 * @param flushMm  rain kept out, mm
 * @param boreM    the pipe inside, m
 * @source domain notes, "Rain barrel": V/(π·d²/4)
 * @example flushPipeM(6, 1, 0.1036) // 0.7118
 */
export const flushPipeM = (areaM2: number, flushMm: number, boreM: number): number =>
  (areaM2 * flushMm) / 1000 / ((Math.PI * boreM ** 2) / 4);
