import { roofHeightM } from '../../geometry/shell';
import { formOf } from '../../geometry/solids';
import type { Bar, Plan } from '../../model/schema';
import { type Face, path, polygon, polyline, type Shape, type View } from '../shape';
import { LIES, outlineOf } from '../view';

/** A bracket under a bar as it is drawn, m: how far along and how far down (assumption). */
const BRACKET = { alongM: 0.035, downM: 0.09 } as const;

/** A bar with its section, what it rests on between its ends, and what it hangs from. */
export function barShapes(bar: Bar, face: Face, plan: Plan, view: View): Shape[] {
  const outline = outlineOf('timber', formOf(bar, plan), view, plan.shell);
  const { a0, a1, b0, b1 } = face;
  if (bar.axis === LIES[view].along) {
    const cross = path('endGrain', ['M', a0, b1], ['L', a1, b0], ['M', a1, b1], ['L', a0, b0]);
    return [...hangers(bar, face, plan, [(a0 + a1) / 2]), outline, cross];
  }
  if (view === 'above') return [outline];
  return [...brackets(bar, face), ...hangers(bar, face, plan, [a0 + 0.03, a1 - 0.03]), outline];
}

/** Brackets, as far from one another as they divide the bar. */
const brackets = ({ brackets: n }: Bar, { a0, a1, b0 }: Face): Shape[] =>
  Array.from({ length: n }, (_, i) => {
    const a = a0 + ((i + 1) / (n + 1)) * (a1 - a0);
    const { alongM, downM } = BRACKET;
    return polygon('bracket', [
      [a - alongM / 2, b0],
      [a + alongM / 2, b0],
      [a, b0 - downM],
    ]);
  });

/** Cords or chains of a bar that hangs from the rafters. */
function hangers(bar: Bar, { b1 }: Face, { shell }: Plan, at: readonly number[]): Shape[] {
  if (!bar.hung) return [];
  const [x, y] =
    bar.axis === 'x' ? [bar.x + bar.lengthM / 2, bar.y] : [bar.x, bar.y + bar.lengthM / 2];
  const roof = Math.max(b1, roofHeightM(shell, x, y));
  return at.map((a) => polyline('chain', [a, b1], [a, roof]));
}
