import type { Finding } from '../../../kernel/finding';
import type { Plan } from '../../../model/schema';
import { up } from '../../../model/tape';
import { told } from '../../../proposals/setting';

/** Longest side of a brooder that is still a box, m. */
const MOST_BOX_M = 2.4;

/**
 * Sides of a box of the same shape that has a part of what is asked for; null where it would fill a room.
 * @param part  share of what is asked for, above 0
 * @example sidesFor({ ...plan, brooder: { lengthM: 1, widthM: 0.5 } }, { numbers: { needed: { value: 2 }, there: { value: 1 } } }, 1) // { lengthM: 1.42, widthM: 0.71 }
 */
export function sidesFor(
  plan: Plan,
  finding: Finding,
  part: number,
): { lengthM: number; widthM: number } | null {
  const { brooder } = plan;
  if (!brooder) return null;
  const times = Math.max(1, (part * told(finding, 'needed')) / told(finding, 'there'));
  const square = Math.min(MOST_BOX_M, brooder.lengthM * Math.sqrt(times));
  const lengthM = up(plan, Math.max(brooder.lengthM, square));
  const widthM = up(plan, (times * brooder.lengthM * brooder.widthM) / lengthM);
  return lengthM > MOST_BOX_M + 0.01 || widthM > MOST_BOX_M ? null : { lengthM, widthM };
}
