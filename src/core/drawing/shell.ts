import { roomForm } from '../geometry/forms';
import type { Scoped } from '../model/scope';
import {
  lines,
  type Point,
  path,
  polygon,
  polyline,
  rect,
  type Section,
  type Shape,
  type View,
} from './shape';
import { acrossPage, LIES, outlineOf, roofOutline, roomOf, WALL_DRAWN_M as T } from './view';

/** The ground runs on beyond the walls so far, m. */
const GROUND_PAST_M = 0.1;

/**
 * Walls, roof, floor, litter and partition of a coop.
 * @param cutM  where a section is cut, m from the inner face of its near wall
 * @example shellShapes(plan, 'above', 0)[0].pen // 'littered'
 */
export const shellShapes = (plan: Scoped, view: View, cutM: number): Shape[] => [
  ...(view === 'above' ? fromAbove(plan) : inSection(plan, view, cutM)),
  ...partitionShapes(plan, view),
];

function inSection({ shell, litter }: Scoped, view: Section, cutM: number): Shape[] {
  const { high, low } = roofOutline(shell, view, cutM);
  const across = roomOf(view, shell).acrossM;
  const [first, last] = [high[0]?.[1] ?? 0, high.at(-1)?.[1] ?? 0];
  const outer: Point[] = [
    [-T, 0],
    [-T, first + T],
    ...high.slice(1, -1).map(([a, b]): Point => [a, b + T]),
    [across + T, last + T],
    [across + T, 0],
  ];
  const inner: Point[] = [[0, 0], ...high, [across, 0]];
  const slopes = low.some(([, h], i) => Math.abs(h - (high[i]?.[1] ?? h)) > 1e-6);
  const { depthM, finalM } = litter;
  const level = (pen: 'litterTop' | 'litterEnd', b: number): Shape =>
    polyline(pen, [0, b], [across, b]);
  return [
    outlineOf('room', roomForm(shell), view, shell),
    path('wall', ...lines(outer, true), ...lines([...inner].reverse(), true)),
    polyline('wallEdge', ...outer),
    polyline('wallEdge', ...inner),
    ...(slopes ? [polyline('roofBehind', ...low)] : []),
    rect('litter', { a0: 0, a1: across, b0: 0, b1: depthM }),
    level('litterTop', depthM),
    ...(finalM === null ? [] : [level('litterEnd', finalM)]),
    polyline('ground', [-T - GROUND_PAST_M, 0], [across + T + GROUND_PAST_M, 0]),
  ];
}

function fromAbove({ shell, litter }: Scoped): Shape[] {
  const { lengthM, widthM } = shell;
  const ring = (m: number): Point[] => [
    [-m, -m],
    [lengthM + m, -m],
    [lengthM + m, widthM + m],
    [-m, widthM + m],
  ];
  return [
    polygon(litter.depthM > 0 ? 'littered' : 'room', ring(0)),
    path('wall', ...lines(ring(T), true), ...lines(ring(0).reverse(), true)),
    polygon('wallEdge', ring(T)),
    polygon('wallEdge', ring(0)),
  ];
}

/** The mesh between two zones, where it is seen edge on. */
function partitionShapes({ partition, shell }: Scoped, view: View): Shape[] {
  if (partition === null) return [];
  const { axis, atM } = partition;
  const { lengthM, widthM, roof } = shell;
  if (view === 'above') {
    return axis === 'x'
      ? [polyline('partition', [atM, 0], [atM, widthM])]
      : [polyline('partition', [0, atM], [lengthM, atM])];
  }
  if (axis !== LIES[view].across) return [];
  const at = acrossPage(view, shell, atM);
  return [polyline('partition', [at, 0], [at, roof.highM])];
}
