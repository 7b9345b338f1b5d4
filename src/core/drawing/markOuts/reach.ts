import { aisleMap } from '../../geometry/reach';
import { solidOf } from '../../geometry/solids';
import type { Hatch, NestBank, OfKind, Plan } from '../../model/schema';
import {
  cornersOf,
  lines,
  type Point,
  path,
  polygon,
  polyline,
  type Shape,
  type View,
} from '../shape';
import { LIES, roomOf } from '../view';

/** Pieces that a quarter of a circle is drawn in. */
const PIECES = 10;

/**
 * The floor that an arm gets to through an opening, seen from above: as far from its edge as the arm is long, within
 * the walls.
 * @example armThrough(door, plan)[0].pen // 'markOut'
 */
export function armThrough(access: OfKind<'door'> | Hatch, plan: Plan): Shape[] {
  const { shell, keeper } = plan;
  const s = solidOf(access, plan);
  const r = keeper.armM;
  const quarter = (x: number, y: number, from: number): Point[] =>
    Array.from({ length: PIECES + 1 }, (_, i) => {
      const turn = ((from + i / PIECES) * Math.PI) / 2;
      return [x + r * Math.cos(turn), y + r * Math.sin(turn)];
    });
  const round = [
    ...quarter(s.x1, s.y1, 0),
    ...quarter(s.x0, s.y1, 1),
    ...quarter(s.x0, s.y0, 2),
    ...quarter(s.x1, s.y0, 3),
  ].map(
    ([x, y]): Point => [
      Math.max(0, Math.min(shell.lengthM, x)),
      Math.max(0, Math.min(shell.widthM, y)),
    ],
  );
  return [polygon('markOut', round), polygon('markOutEdge', round)];
}

/**
 * The floor that a keeper walks upright, joined to a person's door, seen from above; nothing where she cannot.
 * @param headroomM  height that she stands up in, m
 * @example aisleShapes(plan, 1.8)[0].pen // 'aisle'
 */
export function aisleShapes(plan: Plan, headroomM: number): Shape[] {
  const { columns, rows, cellX, cellY, standing } = aisleMap(plan, headroomM);
  // cells of a row that follow one another are one strip
  const strips = Array.from({ length: rows }, (_, j) => {
    const own: [number, number][] = [];
    for (let i = 0; i < columns; i++) {
      if (standing[j * columns + i] !== 1) continue;
      const last = own.at(-1);
      if (last && last[1] === i) last[1] = i + 1;
      else own.push([i, i + 1]);
    }
    return own.flatMap(([from, to]) =>
      lines(
        cornersOf({ a0: from * cellX, a1: to * cellX, b0: j * cellY, b1: (j + 1) * cellY }),
        true,
      ),
    );
  }).flat();
  return strips.length === 0 ? [] : [path('aisle', ...strips)];
}

/** How high she collects from, as a line over the whole section. @example collectsTo(bank, plan, 'front').length // 1 */
export function collectsTo(bank: NestBank, { shell, keeper }: Plan, view: View): Shape[] {
  // what hangs outside is collected from out there
  if (view === 'above' || bank.collect !== 'inside') return [];
  const { acrossM } = roomOf(view, shell);
  const near = LIES[view].near;
  return near === null
    ? []
    : [polyline('markOutEdge', [0, keeper.reachM], [acrossM, keeper.reachM])];
}
