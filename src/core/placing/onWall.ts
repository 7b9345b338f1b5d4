import { wallLength } from '../geometry/walls';
import type { Opening, Plan, Side } from '../model/schema';

/** Another wall must be nearer than its own by so much before an opening goes round the corner, m. */
const STAYS_M = 0.08;

/** Where an opening would be: its wall, and how far along it begins, m. */
export interface WallPlace {
  readonly wall: Side;
  readonly alongM: number;
}

/**
 * The wall that an opening comes to when its middle is taken to a point of the floor: its own, unless another is
 * clearly nearer and long enough.
 * @param at  m from the left and the front wall; it may lie outside
 * @example onWall({ wall: 'front', widthM: 0.4 }, [2.9, 1], { shell: { ...shell, lengthM: 3, widthM: 2 } }).wall // 'right'
 */
export function onWall(
  o: Pick<Opening, 'wall' | 'widthM'>,
  [x, y]: readonly [number, number],
  plan: Pick<Plan, 'shell'>,
): WallPlace {
  const { lengthM, widthM } = plan.shell;
  const away: Readonly<Record<Side, number>> = {
    front: Math.abs(y),
    rear: Math.abs(widthM - y),
    left: Math.abs(x),
    right: Math.abs(lengthM - x),
  };
  const walls = (Object.keys(away) as Side[]).filter((w) => wallLength(plan, w) >= o.widthM);
  const nearest = walls.reduce((a, b) => (away[b] < away[a] ? b : a), o.wall);
  const wall = away[nearest] < away[o.wall] - STAYS_M ? nearest : o.wall;
  const middle = wall === 'front' || wall === 'rear' ? x : y;
  const most = Math.max(0, wallLength(plan, wall) - o.widthM);
  return { wall, alongM: Math.max(0, Math.min(most, middle - o.widthM / 2)) };
}
