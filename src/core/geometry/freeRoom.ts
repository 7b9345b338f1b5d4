import type { Solid } from '../kernel/finding';
import type { Fixture } from '../model/schema';
import { floorOf, type Scoped } from '../model/scope';
import { droppingsShadow, sleepingBars } from './bars';
import { doorways } from './clashes';
import { meet, meetInPlan } from './forms';
import { gapInPlan } from './segments';
import { inRun, solidOf } from './solids';

/** Places are tried this far from one another, m: whole centimetres, or whole half inches. */
const STEP_M = { metric: 0.1, imperial: 0.1016 } as const;
/** Left free about a thing that is stood on the floor, m. */
const CLEAR_M = 0.05;
const OF_THE_WALL_M = { metric: 0.02, imperial: 0.0254 } as const;
/** Room beyond this is all the same, m. */
const ENOUGH_M = 1;

/** What is looked for on the floor: a thing's own solid wherever it is put, and what it keeps apart from. */
export interface Wanted {
  /** Its own id, where it stands in the plan already. */
  readonly id: string;
  /** The thing with its lowest corner, in plan, at x and y. */
  readonly at: (x: number, y: number) => Solid;
  readonly apartFrom?: readonly Fixture[];
  readonly apartM?: number;
  /** Where its corner may be at all. */
  readonly only?: (x: number, y: number) => boolean;
}

/**
 * The roomiest place on the floor for a thing: out of the droppings, clear of what stands there and of doorways.
 * The one search for free room: new things, moved things and things to add are put where it says.
 * @param heaviestKg  the heaviest bird that sleeps on bars, kg: how far droppings reach; null: none does
 * @returns its lowest corner in plan, m, or null where there is none
 * @example freeSpot({ ...plan, fixtures: [] }, null, { id: 'new', at: (x, y) => ({ x0: x, x1: x + 0.3, y0: y, y1: y + 0.3, z0: 0, z1: 0.3 }) }) // { x: 0.02, y: 0.02 }
 */
export function freeSpot(
  plan: Scoped,
  heaviestKg: number | null,
  { id, at, apartFrom = [], apartM = 0, only = () => true }: Wanted,
): { readonly x: number; readonly y: number } | null {
  const shadows =
    heaviestKg === null ? [] : sleepingBars(plan).map((b) => droppingsShadow(b, heaviestKg, plan));
  const others = plan.fixtures
    .filter(
      (f) => f.id !== id && 'x' in f && f.kind !== 'ledge' && f.kind !== 'ceiling' && !inRun(f),
    )
    .map((f) => ({ solid: solidOf(f, plan), board: f.kind === 'board' }));
  const ways = doorways(plan);
  const own = at(0, 0);
  const [wide, deep] = [own.x1 - own.x0, own.y1 - own.y0];
  const floor = floorOf(plan);
  const [step, wall] = [STEP_M[plan.units], OF_THE_WALL_M[plan.units]];
  let best: { x: number; y: number; room: number } | null = null;
  for (const y of along(floor.y0 + wall, floor.y1 - deep - wall, step)) {
    for (const x of along(floor.x0 + wall, floor.x1 - wide - wall, step)) {
      if (!only(x, y)) continue;
      const here = at(x, y);
      if (shadows.some((s) => meetInPlan(s, here))) continue;
      if (ways.some((w) => meet(w, here))) continue;
      // what lies wholly under a raised board is out of its way, though not out of the droppings
      const beside = others.filter((o) => !o.board || meet(o.solid, here));
      const gaps = beside.map((o) => gapInPlan(o.solid, here));
      if (gaps.some((g) => g < CLEAR_M)) continue;
      if (apartFrom.some((f) => gapInPlan(solidOf(f, plan), here) < apartM)) continue;
      const room = Math.min(ENOUGH_M, ...gaps);
      if (best === null || room > best.room + 1e-9) best = { x, y, room };
    }
  }
  return best === null ? null : { x: best.x, y: best.y };
}

/** Places from one end to the other, a step apart, to a tenth of a millimetre. */
function along(from: number, to: number, step: number): number[] {
  const places: number[] = [];
  for (let k = 0; from + k * step <= to + 1e-9; k++) {
    places.push(Math.round((from + k * step) * 1e4) / 1e4);
  }
  return places;
}
