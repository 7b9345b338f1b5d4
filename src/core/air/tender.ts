import type { FlockByDay } from '../birds/flock';
import { ruled } from '../rules/rules.data';

/** From where cold and heat are told, by the most tender of those that live here, °C. */
export interface Tender {
  /** In damp or moving air, and in any. Null where nobody has a comb. */
  readonly frost: { readonly dampC: number; readonly anyC: number } | null;
  /** Heat index: alert, danger, emergency. */
  readonly heatC: readonly [number, number, number];
}

/**
 * How tender the flock is.
 * @source domain notes, "The year": frost by the comb; index of hens by Zulovich and DeShazer 1990, bands assumed
 */
export function tenderOf(flock: FlockByDay): Tender {
  const hens = flock.lots.filter((l) => l.kind === 'chicken');
  const single = hens.some((l) => l.breed.comb === 'single' || l.breed.comb === 'other');
  const less = flock.lots.some((l) => l.class.id === 'heavy' || l.class.id === 'giant')
    ? ruled('air.heat.heavy')
    : 0;
  const frost = single
    ? { dampC: ruled('air.frost.single.damp'), anyC: ruled('air.frost.single.any') }
    : { dampC: ruled('air.frost.flat.damp'), anyC: ruled('air.frost.flat.any') };
  return {
    frost: hens.length === 0 ? null : frost,
    heatC: [
      ruled('air.heat.alert') - less,
      ruled('air.heat.danger') - less,
      ruled('air.heat.emergency') - less,
    ],
  };
}

const FROST_RH = ruled('air.frost.rh');

/**
 * Whether frost bites the most tender combs of the flock.
 * @param tiC        inside, °C
 * @param rh         over water, 0…1
 * @param inDraught  on the bars
 * @example          isFrosty({ frost: { dampC: -4, anyC: -18 }, heatC: [24, 27, 30] }, -5, 0.9, false) // true
 */
export const isFrosty = ({ frost }: Tender, tiC: number, rh: number, inDraught: boolean): boolean =>
  frost !== null && (tiC <= frost.anyC || (tiC <= frost.dampC && (rh >= FROST_RH || inDraught)));
