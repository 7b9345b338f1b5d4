import type { Side } from '../model/schema';

/** Faces that an opening lies in: the walls, the ridge, or none where its wind pressure is given. */
export type Face = 'front' | 'right' | 'rear' | 'left' | 'ridge' | 'given';
export const FACES = ['front', 'right', 'rear', 'left', 'ridge', 'given'] as const;

/** Where the walls look, degrees clockwise from where the front wall does, as seen from above. */
export const WALL_DEG: Readonly<Record<Side, number>> = {
  front: 0,
  left: 90,
  rear: 180,
  right: 270,
};

/** One opening as the air meets it. */
export interface HouseOpening {
  readonly id: string;
  readonly face: Face;
  /** Net free area with all of it open, m². */
  readonly netM2: number;
  /** Lower edge and height, m above the bare floor. */
  readonly sillM: number;
  readonly heightM: number;
  /** Discharge coefficient, 0…1. */
  readonly cd: number;
  /** Right under the eaves, where the wind presses less. */
  readonly eaves?: boolean;
  /** Pressure coefficient where the face is given. */
  readonly cp?: number;
  /** A gap that nobody made: no opening of the keeper's. */
  readonly leak?: boolean;
}

/** Slices that an opening is cut into, from its lower edge up; a gap that nobody made is one. */
const SLICES = 8;

/** A house as the hot loop reads it: made once, then only read. */
export interface House {
  readonly openings: readonly HouseOpening[];
  /** Of each opening: the place of its first slice; one more, after the last. */
  readonly from: Int32Array;
  /** Of each slice: height of its middle, m, and discharge × net area, m². */
  readonly sliceZ: Float64Array;
  readonly sliceCdA: Float64Array;
  /** Of each opening: its face's place in `FACES`. */
  readonly face: Int8Array;
  /** Of each opening, all of it open, m². */
  readonly netM2: Float64Array;
  /** Heat lost by walls, roof and floor, W/K, above 0. */
  readonly uaWK: number;
}

/**
 * A house from its openings.
 * @param uaWK  heat lost by walls, roof and floor, W/K
 * @throws      RangeError where that is not above 0, or an opening's area below 0 (NaN too)
 * @example     houseOf([], 30).uaWK // 30
 */
export function houseOf(openings: readonly HouseOpening[], uaWK: number): House {
  if (!(uaWK > 0)) throw new RangeError(`a house loses heat: UA must be above 0 W/K, not ${uaWK}`);
  const n = openings.length;
  // plain loops: a house is made anew at each edit
  const from = new Int32Array(n + 1);
  const [face, netM2] = [new Int8Array(n), new Float64Array(n)];
  for (let j = 0; j < n; j++) {
    const o = openings[j] as HouseOpening;
    from[j + 1] = (from[j] as number) + slicesOf(o);
    if (!(o.netM2 >= 0)) throw new RangeError(`${o.id} has no area: ${o.netM2} m²`);
    face[j] = FACES.indexOf(o.face);
    netM2[j] = o.netM2;
  }
  const slices = from[n] as number;
  const [sliceZ, sliceCdA] = [new Float64Array(slices), new Float64Array(slices)];
  for (let j = 0; j < n; j++) {
    const o = openings[j] as HouseOpening;
    const cut = slicesOf(o);
    for (let k = 0; k < cut; k++) {
      const s = (from[j] as number) + k;
      sliceZ[s] = o.sillM + (o.heightM * (k + 0.5)) / cut;
      sliceCdA[s] = (o.cd * o.netM2) / cut;
    }
  }
  return { openings, from, sliceZ, sliceCdA, face, netM2, uaWK };
}

const slicesOf = (o: HouseOpening): number => (o.leak ? 1 : SLICES);
