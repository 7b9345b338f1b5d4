import { roomForm } from '../geometry/forms';
import { roofHeightM } from '../geometry/shell';
import type { Shell } from '../model/schema';
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
import {
  acrossPage,
  faceOf,
  LIES,
  outlineOf,
  roofOutline,
  roomOf,
  WALL_DRAWN_M as T,
} from './view';

/** The ground runs on beyond the walls so far, m. */
const GROUND_PAST_M = 0.1;

/**
 * Walls, roof, floor, litter and partition of a coop.
 * @param cutM  where a section is cut, m from the inner face of its near wall
 * @example shellShapes(plan, 'above', 0)[0].pen // 'littered'
 */
export const shellShapes = (plan: Scoped, view: View, cutM: number): Shape[] => [
  ...(view === 'above' ? fromAbove(plan) : inSection(plan, view, cutM)),
  ...storageShapes(plan, view),
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
    ...studLines(shell, view),
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
    ...studsFromAbove(shell),
    polygon('wallEdge', ring(T)),
    polygon('wallEdge', ring(0)),
  ];
}

/** Breadth of a stud as it is drawn, m: that of planed two-inch timber. */
const STUD_M = 0.038;

/** Middles of the studs along a wall of so many metres, from its left or front end. */
const middles = (alongM: number, studsM: number): number[] =>
  Array.from({ length: Math.ceil(alongM / studsM - 1e-9) - 1 }, (_, i) => (i + 1) * studsM);

/** Studs in the walls, cut through. */
function studsFromAbove({ studsM, lengthM, widthM }: Shell): Shape[] {
  if (studsM === null) return [];
  const half = STUD_M / 2;
  return [
    ...middles(lengthM, studsM).flatMap((x) =>
      [-T, widthM].map((b) => rect('stud', { a0: x - half, a1: x + half, b0: b, b1: b + T })),
    ),
    ...middles(widthM, studsM).flatMap((y) =>
      [-T, lengthM].map((a) => rect('stud', { a0: a, a1: a + T, b0: y - half, b1: y + half })),
    ),
  ];
}

/** Middles of the studs of the wall that is looked at. */
function studLines(shell: Shell, view: Section): Shape[] {
  if (shell.studsM === null) return [];
  const { across, near } = LIES[view];
  const { lengthM, widthM } = shell;
  const isFarHigh = near === 'front' || near === 'left';
  return middles(across === 'x' ? lengthM : widthM, shell.studsM).map((at) => {
    const top =
      across === 'x'
        ? roofHeightM(shell, at, isFarHigh ? widthM : 0)
        : roofHeightM(shell, isFarHigh ? lengthM : 0, at);
    const a = acrossPage(view, shell, at);
    return polyline('studLine', [a, 0], [a, top]);
  });
}

/** The keeper's own strip along a wall. */
function storageShapes({ shell }: Scoped, view: View): Shape[] {
  const { storage, lengthM, widthM, roof } = shell;
  if (storage === null) return [];
  const { wall, depthM } = storage;
  const strip = {
    front: { x0: 0, x1: lengthM, y0: 0, y1: depthM },
    rear: { x0: 0, x1: lengthM, y0: widthM - depthM, y1: widthM },
    left: { x0: 0, x1: depthM, y0: 0, y1: widthM },
    right: { x0: lengthM - depthM, x1: lengthM, y0: 0, y1: widthM },
  }[wall];
  const face = faceOf({ ...strip, z0: 0, z1: roof.highM }, view, shell);
  if (view === 'above') return [rect('storage', face), rect('storageEdge', face)];
  const runs = wall === 'front' || wall === 'rear' ? 'x' : 'y';
  if (runs === LIES[view].across) return [];
  const isLow = face.a0 < 1e-9;
  const a = isLow ? face.a1 : face.a0;
  const inner = { front: depthM, rear: widthM - depthM, left: depthM, right: lengthM - depthM }[
    wall
  ];
  const top =
    runs === 'x' ? roofHeightM(shell, lengthM / 2, inner) : roofHeightM(shell, inner, widthM / 2);
  return [polyline('storageEdge', [a, 0], [a, top])];
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
