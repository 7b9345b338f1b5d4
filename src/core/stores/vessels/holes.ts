import type { Made, Vessel, VesselBody } from '../../model/schema';
import { asItStands, holeMiddleM } from '../../model/vesselForm';
import { ruled } from '../../rules/rules.data';
import { mostHoles } from './ports';

/** A body that a strip of paper can be wrapped round. */
export type RoundBody = Extract<VesselBody, { shape: 'can' | 'pail' }>;

/** Holes of ports are cut in a wall; a standing pipe is its own port. */
export const hasPorts = (v: Vessel): boolean =>
  v.made !== null && v.type === 'port' && v.made.body.shape !== 'pipe';

/** Across at the foot and at the top, m. */
export const endsOf = (body: RoundBody): readonly [footM: number, topM: number] =>
  body.shape === 'can' ? [body.acrossM, body.acrossM] : [body.footM, body.topM];

/** A hole for what goes through it, m across. */
export const portHoleM = ({ elbow }: Pick<Made, 'elbow'>): number =>
  elbow.acrossM + ruled('feed.hole.over');

/**
 * Ports that go round a can: as many as leave wall enough between their holes, and room enough between their elbows,
 * which reach in towards one another.
 * @param acrossM  the can outside at the height of its holes, m
 * @example mostPorts(made, 0.4) // 10
 */
export function mostPorts(made: Pick<Made, 'elbow' | 'wallM'>, acrossM: number): number {
  const round = mostHoles(Math.PI * acrossM, portHoleM(made), ruled('feed.web'));
  return Math.min(round, mostElbows(made, acrossM));
}

/**
 * Elbows that find room beside one another inside a can: their inner sides stand on a smaller ring.
 * @param acrossM  the can outside at the height of its holes, m
 * @example mostElbows(made, 0.4) // 11
 */
export function mostElbows(
  { elbow, wallM }: Pick<Made, 'elbow' | 'wallM'>,
  acrossM: number,
): number {
  // middle of the turned-down mouths
  const ring = acrossM / 2 - wallM - ruled('feed.elbow.reach') * elbow.acrossM + elbow.acrossM / 2;
  if (ring <= 0) return 1;
  // chords of a ring: n elbows side by side
  const half = elbow.acrossM / 2 / ring;
  return half >= 1 ? 1 : Math.max(1, Math.floor(Math.PI / Math.asin(half) + 1e-9));
}

/** Holes round a can or pail, to be marked on it. */
export interface RoundHoles {
  readonly vessel: Vessel;
  readonly made: Made & { readonly body: RoundBody };
  readonly holes: number;
  /** One across, and its middle above the foot, m. */
  readonly holeM: number;
  readonly middleM: number;
}

/**
 * The holes of a vessel that go round it: ports, holes into a pan, or those of an upturned bucket.
 * @returns null where it has none, or is not round
 * @example roundHoles(drinker) // null
 */
export function roundHoles(v: Vessel): RoundHoles | null {
  if (v.made === null) return null;
  const made = asItStands(v, v.made);
  if (made.body.shape !== 'can' && made.body.shape !== 'pail') return null;
  const round = made as RoundHoles['made'];
  if (v.type === 'port') {
    const middleM = holeMiddleM(made);
    return { vessel: v, made: round, holes: v.outlets, holeM: portHoleM(made), middleM };
  }
  if (v.type !== 'holes' && v.type !== 'bucket') return null;
  const { acrossM, lowM } = made.hole;
  return { vessel: v, made: round, holes: v.outlets, holeM: acrossM, middleM: lowM + acrossM / 2 };
}
