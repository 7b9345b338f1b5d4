import type { Solid } from '../finding';
import { barsOf, droppingsShadow } from '../geometry/bars';
import { gapInPlan } from '../geometry/segments';
import { meetInPlan, solidOf } from '../geometry/solids';
import type { Fixture, Plan } from '../plan/schema';
import { metres, type Proposer } from './remedy';
import { changing, fixtureIn } from './setting';
import { mm } from './walls';

/** Places are tried this far from one another, m. */
const STEP_M = 0.15;
/** Left free about a thing that is stood on the floor, m. */
const CLEAR_M = 0.05;
const OF_THE_WALL_M = 0.02;

/** What is looked for on the floor: a thing's own solid wherever it is put, and what it keeps apart from. */
export interface Wanted {
  readonly id: string;
  /** The thing with its lowest corner, in plan, at x and y. */
  readonly at: (x: number, y: number) => Solid;
  readonly apartFrom?: readonly Fixture[];
  readonly apartM?: number;
  /** Where its corner may be at all. */
  readonly only?: (x: number, y: number) => boolean;
}

/**
 * The roomiest place on the floor for a thing: out of the droppings, clear of what stands there.
 * @returns its lowest corner in plan, m, or null where there is none
 */
export function freeSpot(
  plan: Plan,
  heaviestKg: number,
  { id, at, apartFrom = [], apartM = 0, only = () => true }: Wanted,
): { readonly x: number; readonly y: number } | null {
  const shadows = barsOf(plan)
    .filter((b) => b.use === 'sleeping')
    .map((b) => droppingsShadow(b, heaviestKg, plan));
  const others = plan.fixtures
    .filter((f) => f.id !== id && 'x' in f && f.kind !== 'ledge' && f.kind !== 'board')
    .map((f) => solidOf(f, plan));
  const own = at(0, 0);
  const [wide, deep] = [own.x1 - own.x0, own.y1 - own.y0];
  let best: { x: number; y: number; room: number } | null = null;
  for (let y = OF_THE_WALL_M; y <= plan.shell.widthM - deep - OF_THE_WALL_M; y += STEP_M) {
    for (let x = OF_THE_WALL_M; x <= plan.shell.lengthM - wide - OF_THE_WALL_M; x += STEP_M) {
      if (!only(mm(x), mm(y))) continue;
      const here = at(mm(x), mm(y));
      if (shadows.some((s) => meetInPlan(s, here))) continue;
      const gaps = others.map((o) => gapInPlan(o, here));
      if (gaps.some((g) => g < CLEAR_M)) continue;
      if (apartFrom.some((f) => gapInPlan(solidOf(f, plan), here) < apartM)) continue;
      const room = Math.min(1, ...gaps);
      if (best === null || room > best.room + 1e-9) best = { x: mm(x), y: mm(y), room };
    }
  }
  return best === null ? null : { x: best.x, y: best.y };
}

/** A bath or a dish moved to where nothing falls on it. */
export const movingTo =
  (code: string, kind: 'dish' | 'dustBath'): Proposer =>
  (finding, { plan, heaviestKg }) => {
    const own = fixtureIn(plan, finding, [kind]);
    if (!own) return [];
    // a dish is placed by its middle, a bath by its corner
    const corner = solidOf(own, plan);
    const [offX, offY] = [own.x - corner.x0, own.y - corner.y0];
    const spot = freeSpot(plan, heaviestKg, {
      id: own.id,
      at: (x, y) => solidOf({ ...own, x: x + offX, y: y + offY }, plan),
    });
    if (!spot) return [];
    const [x, y] = [mm(spot.x + offX), mm(spot.y + offY)];
    return [
      {
        code,
        fixtures: [own.id],
        numbers: { left: metres(x), front: metres(y) },
        change: changing(own, (f) => {
          f.x = x;
          f.y = y;
        }),
      },
    ];
  };
