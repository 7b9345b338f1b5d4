import type { Roof } from '@/core/model/schema';

/** A roof of this kind with its heights kept. */
export function roofOfKind(kind: Roof['kind'], roof: Pick<Roof, 'lowM' | 'highM'>): Roof {
  const { lowM, highM } = roof;
  if (kind === 'mono') return { kind, lowM, highM, highSide: 'rear' };
  if (kind === 'gable') return { kind, lowM, highM, ridgeAxis: 'x' };
  return { kind, lowM: highM, highM };
}
