import type { VesselBody } from '../../model/schema';
import { acrossAtM } from './volume';

/** A wall laid flat: where a point so far round it and so far up from the holes lies on the paper, m. */
export interface Developed {
  /** Radius of the line of the holes on the paper, m; Infinity where it is straight. */
  readonly radiusM: number;
  at(roundM: number, upM: number): readonly [across: number, up: number];
}

/**
 * The wall of a can or pail laid flat about the line of its holes. A can's is a straight band. A pail's wall is part
 * of a cone, and the line is an arc: a straight strip would climb its side.
 * @param heightM  of the holes above the foot, m
 * @source geometry of the cone: R = (D/2)/sin α, tan α = (D_top − D_foot)/(2·h)
 * @example developed({ shape: 'can', acrossM: 0.3, highM: 0.4 }, 0.1).at(0.2, 0.01) // [0.2, 0.01]
 */
export function developed(body: VesselBody, heightM: number): Developed {
  const lean = body.shape === 'pail' ? Math.atan2(body.topM - body.footM, 2 * body.highM) : 0;
  if (Math.abs(lean) < 1e-6) {
    return { radiusM: Number.POSITIVE_INFINITY, at: (roundM, upM) => [roundM, upM] };
  }
  const radiusM = acrossAtM(body, heightM) / 2 / Math.sin(lean);
  return {
    radiusM: Math.abs(radiusM),
    at: (roundM, upM) => {
      // wider at the top: the middle of the arc lies below the strip
      const turn = roundM / radiusM;
      return [(radiusM + upM) * Math.sin(turn), (radiusM + upM) * Math.cos(turn) - radiusM];
    },
  };
}
