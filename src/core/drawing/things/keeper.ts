import { roofHeightM } from '../../geometry/shell';
import { floorInside } from '../../geometry/walls';
import type { Plan } from '../../model/schema';
import { bothSides, smooth } from '../birds/outline';
import type { OutlinePoint } from '../birds/silhouettes.data';
import { type Command, ellipse, path, type Shape, type View } from '../shape';
import { acrossPage, LIES } from '../view';

/** Where the keeper stands in a coop, m. */
export interface Standing {
  readonly x: number;
  readonly y: number;
}

/** How deep the floor inside a door is that she stands on, m. */
const STEP_M = 0.5;
/** Her breadth from above, and from breast to back, as parts of her height. */
const SHOULDERS = 0.26;
const DEEP = 0.14;

/** Where she stands upright just inside the first door that lets her; null where no roof is high enough. */
export function keeperStands({ fixtures, shell, keeper }: Plan): Standing | null {
  for (const door of fixtures) {
    if (door.kind !== 'door') continue;
    const { x0, x1, y0, y1 } = floorInside(shell, door, STEP_M);
    const [x, y] = [(x0 + x1) / 2, (y0 + y1) / 2];
    if (roofHeightM(shell, x, y) >= keeper.statureM) return { x, y };
  }
  return null;
}

/** The right half of somebody who stands at ease, from the crown down to the fork: hundredths of her height. */
const RIGHT_HALF: readonly OutlinePoint[] = [
  [50, 0],
  [53, 1],
  [54.6, 4.6],
  [54, 8.6],
  [52.4, 11.6],
  [52.4, 14.4],
  [55.5, 16.4],
  [61.4, 18.4],
  [63.4, 23],
  [64.4, 35],
  [65, 47],
  [64.6, 54],
  [62.4, 55.4],
  [61.4, 48],
  [60.4, 36],
  [59.2, 29],
  [59, 40],
  [60.2, 52],
  [59.4, 66],
  [57.6, 80],
  [57.4, 94],
  [60.6, 98.4],
  [60, 100, 'corner'],
  [51.8, 100, 'corner'],
  [52, 92],
  [51.8, 74],
  [50.8, 56],
  [50, 54.5],
];

const OUTLINE = smooth(bothSides(RIGHT_HALF));

/**
 * The keeper's silhouette at her own height, as she stands in a view.
 * @example keeperShapes({ x: 1, y: 0.5 }, plan, 'front')[0].pen // 'keeper'
 */
export function keeperShapes(at: Standing, { shell, keeper }: Plan, view: View): Shape[] {
  const tall = keeper.statureM;
  const { across } = LIES[view];
  const a = acrossPage(view, shell, across === 'x' ? at.x : at.y);
  if (view === 'above') {
    const [wide, deep] = [(SHOULDERS * tall) / 2, (DEEP * tall) / 2];
    const head = 0.05 * tall;
    return [
      ellipse('keeper', { a0: at.x - wide, a1: at.x + wide, b0: at.y - deep, b1: at.y + deep }),
      ellipse('keeper', { a0: at.x - head, a1: at.x + head, b0: at.y - head, b1: at.y + head }),
    ];
  }
  const body = OUTLINE.map(
    ([letter, ...n]) =>
      [
        letter,
        ...n.map((k, i) => (i % 2 === 0 ? a + ((k - 50) / 100) * tall : (1 - k / 100) * tall)),
      ] as unknown as Command,
  );
  return [path('keeper', ...body)];
}
