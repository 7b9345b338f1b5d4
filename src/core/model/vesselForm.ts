import type { Made, Vessel, VesselBody } from './schema';

/** What a vessel takes up, m, and how high the rim that birds reach over lies above its foot. */
export interface VesselForm {
  readonly round: boolean;
  /** Along x, and along y. */
  readonly longM: number;
  readonly deepM: number;
  readonly highM: number;
  /** Null where nothing is known of how it is made. */
  readonly rimM: number | null;
}

/** A pedal's lid and a trough's edge lie so far above the foot that they are filled from, m (assumption). */
const FRONT_M = 0.1;

/**
 * The form of a vessel: as it is made at home, or by the size that is entered for it.
 * @param longTrough  whether a bought one of its kind is long, and not round
 */
export function vesselForm(v: Vessel, longTrough: boolean): VesselForm {
  if (v.made === null) {
    return {
      round: !longTrough,
      longM: longTrough ? v.lengthM : v.diameterM,
      deepM: v.diameterM,
      highM: v.heightM,
      rimM: null,
    };
  }
  const { body, pan, hole } = v.made;
  const panned = pan !== null && panUnder(v);
  const own = { ...bodySize(body, v.outlets), rimM: rimOf(v.made, v.type) };
  if (!panned) return own;
  return {
    round: own.round,
    longM: Math.max(pan.acrossM, own.longM),
    deepM: Math.max(pan.acrossM, own.deepM),
    // a bucket stands in its pan, with its holes over the floor; a tube's foot hangs over it
    highM: v.type === 'tube' ? own.highM + hole.lowM : own.highM,
    rimM: pan.deepM,
  };
}

/**
 * How a vessel is made, as it stands: an upturned bucket has the foot of its pail up and the open rim down, where its
 * holes are. Heights are over where it stands.
 * @example asItStands({ type: 'bucket' }, { ...made, body: { shape: 'pail', footM: 0.26, topM: 0.3, highM: 0.4 } }).body // { shape: 'pail', footM: 0.3, topM: 0.26, highM: 0.4 }
 */
export function asItStands({ type }: Pick<Vessel, 'type'>, made: Made): Made {
  const { body } = made;
  if (type !== 'bucket' || body.shape !== 'pail') return made;
  const known = TURNED.get(made);
  if (known && isSame(known.of, made) && isSame(known.body, body)) return known.turned;
  const turned: Made = { ...made, body: { ...body, footM: body.topM, topM: body.footM } };
  TURNED.set(made, { of: { ...made }, body: { ...body }, turned });
  return turned;
}

/** Turned over once for as long as it is made so: what is being changed is turned over again. */
const TURNED = new WeakMap<
  Made,
  { readonly of: Made; readonly body: VesselBody; readonly turned: Made }
>();

const isSame = <T extends object>(a: T, b: T): boolean =>
  (Object.keys(b) as (keyof T)[]).every((key) => a[key] === b[key]);

/** Whether birds eat or drink from a pan under it. */
export const panUnder = (v: Pick<Vessel, 'type'>): boolean =>
  v.type === 'tube' || v.type === 'holes' || v.type === 'bucket' || v.type === 'fount';

/**
 * How far a vessel made so reaches, m.
 * @param pipes  standing pipes beside one another
 * @example bodySize({ shape: 'can', acrossM: 0.3, highM: 0.4 }, 1).deepM // 0.3
 */
export function bodySize(
  body: VesselBody,
  pipes: number,
): {
  readonly round: boolean;
  readonly longM: number;
  readonly deepM: number;
  readonly highM: number;
} {
  switch (body.shape) {
    case 'can':
      return { round: true, longM: body.acrossM, deepM: body.acrossM, highM: body.highM };
    case 'pail': {
      const across = Math.max(body.topM, body.footM);
      return { round: true, longM: across, deepM: across, highM: body.highM };
    }
    case 'box':
      return { round: false, longM: body.longM, deepM: body.deepM, highM: body.highM };
    case 'pipe': {
      const reach = bendOf(body) + body.acrossM / 2;
      return {
        round: false,
        longM: pipes * body.acrossM * PIPES_APART,
        deepM: body.acrossM / 2 + reach,
        highM: body.highM + reach,
      };
    }
  }
}

/** Standing pipes stand so many of their own widths apart, middle to middle (assumption: a head and a half). */
const PIPES_APART = 2;

/** Radius of the middle line of a pipe's bend, m: as measured, or its bore. */
export const bendOf = (body: Extract<VesselBody, { shape: 'pipe' }>): number =>
  body.bendM ?? body.acrossM;

/**
 * Height of the middle of a hole for a port above the foot, m: floor, gap, leg, and half of what goes through.
 * @source domain notes, "Home-made vessels"
 * @example holeMiddleM({ ...made, floorM: 0.025, elbow: { acrossM: 0.06, gapM: 0.025, legM: 0.025 } }) // 0.105
 */
export const holeMiddleM = ({ floorM, elbow }: Pick<Made, 'floorM' | 'elbow'>): number =>
  floorM + elbow.gapM + elbow.legM + elbow.acrossM / 2;

function rimOf(m: Made, type: Vessel['type']): number {
  if (type === 'port') {
    return m.body.shape === 'pipe' ? m.body.acrossM / 2 : holeMiddleM(m) - m.elbow.acrossM / 2;
  }
  return m.floorM + FRONT_M;
}
