import { METRES_PER_FOOT } from '@/core/kernel/units/factors.data';
import type { Arrangement } from '@/core/layout/arrange';
import type { Plan } from '@/core/model/schema';

/** No arrangement was found that has all in it. */
export const NOTHING_FITS = 'Nothing fits here. Fewer birds, or a larger room.';

/** How answers are held against one another, for who asks. */
export const HOW_COMPARED =
  'First by what is wrong: harm before shortage, that before what is awkward. Then by your daily round: in by the door, to feed, water, nests and board, and out again; each bend counts [[half a metre|one and a half feet]] more. Then by what stands in the open, crowded or before the nests, by room to spare, and by timber. The weights are our own, no keeper’s rule.';

/** What an arrangement was begun from, as its title. */
export const arrangedTitle = ({ begunAt }: Pick<Arrangement, 'begunAt'>): string =>
  begunAt === 'asItStood' ? 'What stands, moved' : `Bars along the ${begunAt} wall`;

const least = (of: readonly number[], own: number): boolean =>
  own <= Math.min(...of) + 1e-6 && of.some((n) => n > own + 0.05);

/** A keeper's round as she would say it: to half a metre, or to a foot. */
const roundText = (m: number, units: Plan['units']): string =>
  units === 'metric'
    ? `${Math.max(0.5, Math.round(m * 2) / 2)} m`
    : `${Math.max(1, Math.round(m / METRES_PER_FOOT))} ft`;

/** What one of several arrangements is good at, in words and numbers, the most telling first. */
export function goodAt(
  own: Arrangement,
  all: readonly Arrangement[],
  units: Plan['units'],
): string[] {
  const { score } = own;
  const of = (key: 'faults' | 'roundM' | 'material'): number[] => all.map((a) => a.score[key]);
  const round = roundText(score.roundM, units);
  const isShort = least(of('roundM'), score.roundM);
  return [
    ...(score.faults === 0
      ? ['Nothing to mend']
      : least(of('faults'), score.faults)
        ? ['Least to mend']
        : []),
    ...(score.roundM > 0 ? [isShort ? `Shortest round: ${round}` : `Round of ${round}`] : []),
    ...(score.spare > 0 ? [`Room for ${score.spare} more`] : []),
    ...(least(of('material'), score.material) ? ['Least timber'] : []),
  ];
}
