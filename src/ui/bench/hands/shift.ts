import type { View } from '@/core/drawing/shape';
import { LIES } from '@/core/drawing/view';
import type { Shift } from '@/core/placing/settle';

/**
 * What a way over the page is in the coop.
 * @param acrossM  m to the right on the page
 * @param upM      m up the page
 */
export function shiftOf(view: View, acrossM: number, upM: number): Shift {
  const { across, mirrored } = LIES[view];
  const along = mirrored ? -acrossM : acrossM;
  const dx = across === 'x' ? along : 0;
  const dy = view === 'above' ? upM : across === 'y' ? along : 0;
  return { dx, dy, dz: view === 'above' ? 0 : upM };
}
