import type { AirOpening } from '../model/schema';
import { COVER_ROWS, SCREEN_FREE } from '../rules/materials.data';

/** Gross area, m². */
export function grossM2(o: AirOpening): number {
  if (o.kind === 'vent' && o.holes) return (o.holes.count * Math.PI * o.holes.diameterM ** 2) / 4;
  return o.widthM * o.heightM;
}

/** Free share of an opening's area through all that covers it. */
export function freeShare(o: AirOpening): number {
  const cover = COVER_ROWS.find((c) => c.id === o.cover);
  return (cover?.free ?? 1) * SCREEN_FREE[o.screenedBy];
}

/** Net free area, m². */
export const netM2 = (o: AirOpening): number => grossM2(o) * freeShare(o);
