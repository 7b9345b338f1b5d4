import type { Made, VesselBody } from '../../model/schema';

const LITRES = 1000;

/** Across inside at the foot and at the top, m; a box and a pipe are the same all the way up. */
const ends = (body: VesselBody): readonly [number, number] => {
  if (body.shape === 'can') return [body.acrossM, body.acrossM];
  if (body.shape === 'pail') return [body.footM, body.topM];
  return [0, 0];
};

/**
 * Outside measure across a round vessel at a height, m: along the taper of a pail.
 * @param aboveFootM  m
 * @example acrossAtM({ shape: 'pail', footM: 0.26, topM: 0.3, highM: 0.4 }, 0.1) // 0.27
 */
export function acrossAtM(body: VesselBody, aboveFootM: number): number {
  const [foot, top] = ends(body);
  return foot + ((top - foot) * aboveFootM) / body.highM;
}

/** How deep it can be filled, m. */
export const depthM = ({ body, floorM }: Pick<Made, 'body' | 'floorM'>): number =>
  Math.max(0, body.highM - (body.shape === 'pipe' ? 0 : floorM));

/**
 * Litres of a frustum: a straight can is one whose ends are alike.
 * @param lowM   across at the foot, m
 * @param highM  across at the top, m
 * @param tallM  m
 * @source domain notes, "Home-made vessels": V = π·h·(D1² + D1·D2 + D2²)/12
 * @example frustumL(0.28, 0.28, 0.35) // 21.551
 */
export const frustumL = (lowM: number, highM: number, tallM: number): number =>
  ((Math.PI * tallM) / 12) * (lowM * lowM + lowM * highM + highM * highM) * LITRES;

/**
 * Litres of an elbow along the middle line of its bend.
 * @param boreM  m
 * @param turnDeg   how far it turns, degrees
 * @param bendM  radius of its middle line, m
 * @source domain notes, "Settled": V = π·d²/4·θ·r
 * @example elbowL(0.1023, 90, 0.1023) // 1.3208
 */
export const elbowL = (boreM: number, turnDeg: number, bendM: number): number =>
  ((Math.PI * boreM ** 2) / 4) * ((turnDeg * Math.PI) / 180) * bendM * LITRES;

/**
 * What a vessel holds when it is filled to a depth over its floor, L, whether birds can have it or not.
 * @param pipes   standing pipes; of anything else there is one
 * @param fillM   how deep it is filled, m
 * @example holdsL(made, 1, 0.2) // 24.63
 */
export function holdsL(
  made: Pick<Made, 'body' | 'floorM' | 'wallM'>,
  pipes: number,
  fillM: number,
): number {
  const { body, floorM, wallM } = made;
  const fill = Math.min(Math.max(0, fillM), depthM(made));
  switch (body.shape) {
    case 'can':
    case 'pail':
      return frustumL(
        inside(acrossAtM(body, floorM), wallM),
        inside(acrossAtM(body, floorM + fill), wallM),
        fill,
      );
    case 'box':
      return inside(body.longM, wallM) * inside(body.deepM, wallM) * fill * LITRES;
    case 'pipe': {
      const bore = inside(body.acrossM, wallM);
      const bend = body.bendM ?? bore;
      return pipes * (frustumL(bore, bore, fill) + elbowL(bore, body.elbowDeg, bend));
    }
  }
}

/** A measure across, less both walls, m. */
const inside = (outsideM: number, wallM: number): number => Math.max(0, outsideM - 2 * wallM);

/**
 * Across inside at the floor, m.
 * @example floorAcrossM(made) // 0.396
 */
export const floorAcrossM = ({
  body,
  floorM,
  wallM,
}: Pick<Made, 'body' | 'floorM' | 'wallM'>): number => inside(acrossAtM(body, floorM), wallM);

/**
 * A box's floor inside, m, along and across.
 * @example boxFloorM({ shape: 'box', longM: 0.5, deepM: 0.3, highM: 0.5 }, 0.01) // [0.48, 0.28]
 */
export const boxFloorM = (
  { longM, deepM }: Extract<VesselBody, { shape: 'box' }>,
  wallM: number,
): readonly [number, number] => [inside(longM, wallM), inside(deepM, wallM)];

/**
 * What lies in the elbows of standing pipes, L.
 * @param pipes  how many
 * @example elbowsL({ shape: 'pipe', acrossM: 0.1023, highM: 1, elbowDeg: 90, bendM: null }, 0, 2) // 2.6416
 */
export const elbowsL = (
  body: Extract<VesselBody, { shape: 'pipe' }>,
  wallM: number,
  pipes: number,
): number => {
  const bore = inside(body.acrossM, wallM);
  return pipes * elbowL(bore, body.elbowDeg, body.bendM ?? bore);
};
