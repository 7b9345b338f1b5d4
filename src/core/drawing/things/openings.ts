import { letsAir } from '../../model/opens';
import type { AirOpening, Opening, Plan } from '../../model/schema';
import {
  circle,
  type Face,
  type PathShape,
  type Point,
  path,
  polygon,
  polyline,
  rect,
  type Shape,
  type View,
} from '../shape';
import { LIES, roomOf, WALL_DRAWN_M } from '../view';

/**
 * A hole in a wall: seen on its face with what closes and covers it, or where the wall is cut through.
 * @param face  the hole in the view
 */
export function openingShapes(o: Opening, face: Face, plan: Plan, view: View): Shape[] {
  const flatA = face.a1 - face.a0 < 1e-9;
  const flatB = face.b1 - face.b0 < 1e-9;
  if (flatA || flatB) {
    const cut = throughWall(face, flatA, plan, view);
    return [
      rect('cutHole', cut),
      ...edgeOn(o, cut, flatA),
      ...leafFromAbove(o, face, view),
      ...rampBegun(o, cut, plan, view),
    ];
  }
  // the wall that is cut away has holes all the same: what lies behind them is seen
  const ridge = o.kind === 'vent' && o.place === 'ridge';
  if (o.wall === LIES[view].near && !ridge)
    return [rect('holeBefore', face), ...folds(o, face, view)];
  return [rect('hole', face), ...filling(o, face), ...folds(o, face, view)];
}

const isForAir = (o: Opening): o is AirOpening => o.kind === 'window' || o.kind === 'vent';

/** What is seen in a hole: glass or a board where it stands shut, slats, drilled holes or mesh where air goes. */
function filling(o: Opening, face: Face): Shape[] {
  if (o.kind === 'hatch') return [rect('timber', face)];
  if (!isForAir(o)) return [];
  const isShut = !letsAir(o) || (o.kind === 'window' && o.opens === 'closable');
  if (isShut && (o.pane === 'board' || o.pane === 'plug')) return [rect('timber', face)];
  if (isShut && o.pane !== 'none') return [rect('glass', face)];
  if (o.kind === 'vent' && o.holes) return drilled(face, o.holes);
  if (o.screenedBy === 'louvre') return slats(face);
  return o.cover === 'none' ? [] : [wires(face, MESH_PITCH_M[o.cover], o.cover === 'netting')];
}

/** How far apart the wires of a cover are drawn, m: in their order, not as close as they are. */
const MESH_PITCH_M = { mesh6: 0.03, mesh13: 0.04, mesh25: 0.06, netting: 0.07 } as const;
/** No more wires than this are drawn either way. */
const MOST_WIRES = 16;

/**
 * Wires over a face: mesh in squares, a net in diamonds.
 * @param pitchM  how far apart they are drawn, m; wider where there would be too many
 * @example wires({ a0: 0, a1: 0.08, b0: 0, b1: 0.04 }, 0.04, false).commands.length // 2
 */
export function wires({ a0, a1, b0, b1 }: Face, pitchM: number, isNet: boolean): PathShape {
  const pitch = Math.max(pitchM, (a1 - a0) / MOST_WIRES, (b1 - b0) / MOST_WIRES);
  const between = (from: number, to: number): number[] => {
    const n = Math.max(1, Math.round((to - from) / pitch));
    return Array.from({ length: n - 1 }, (_, i) => from + ((i + 1) / n) * (to - from));
  };
  if (!isNet) {
    return path(
      'wire',
      ...between(a0, a1).flatMap(
        (a) =>
          [
            ['M', a, b0],
            ['L', a, b1],
          ] as const,
      ),
      ...between(b0, b1).flatMap(
        (b) =>
          [
            ['M', a0, b],
            ['L', a1, b],
          ] as const,
      ),
    );
  }
  // a net hangs in diamonds: each wire from one side to the next it meets
  const [w, h] = [a1 - a0, b1 - b0];
  const steps = Math.max(1, Math.floor((w + h) / pitch));
  const wires = Array.from({ length: steps }, (_, i) => ((i + 0.5) / steps) * (w + h));
  const at = (t: number): readonly [Point, Point] => [
    [a0 + Math.min(t, w), b0 + Math.max(0, t - w)],
    [a0 + Math.max(0, t - h), b0 + Math.min(t, h)],
  ];
  return path(
    'wire',
    ...wires.flatMap((t) => {
      const [[p, q], [r, s]] = at(t);
      return [
        ['M', p, q],
        ['L', r, s],
        ['M', a0 + a1 - p, q],
        ['L', a0 + a1 - r, s],
      ] as const;
    }),
  );
}

/** Slats of a louvre are drawn so far apart, m. */
const SLAT_M = 0.05;

function slats({ a0, a1, b0, b1 }: Face): Shape[] {
  const n = Math.max(2, Math.min(12, Math.round((b1 - b0) / SLAT_M)));
  return Array.from({ length: n - 1 }, (_, i) => {
    const b = b0 + ((i + 1) / n) * (b1 - b0);
    return polyline('thingLine', [a0, b], [a1, b]);
  });
}

/** No more drilled holes than this are drawn. */
const MOST_HOLES = 60;

/** Holes drilled in a board, in rows, at their own size. */
function drilled(face: Face, { count, diameterM }: { count: number; diameterM: number }): Shape[] {
  const { a0, a1, b0, b1 } = face;
  const [w, h] = [a1 - a0, b1 - b0];
  const n = Math.min(MOST_HOLES, count);
  const columns = Math.max(1, Math.min(n, Math.round(Math.sqrt((n * w) / h))));
  const rows = Math.ceil(n / columns);
  const radius = Math.min(diameterM / 2, w / columns / 2, h / rows / 2);
  return [
    rect('timber', face),
    ...Array.from({ length: n }, (_, i) =>
      circle(
        'hollow',
        [
          a0 + (((i % columns) + 0.5) / columns) * w,
          b0 + ((Math.floor(i / columns) + 0.5) / rows) * h,
        ],
        radius,
      ),
    ),
  ];
}

/** How it opens: lines that run from its free corners to where it hangs. */
function folds(o: Opening, { a0, a1, b0, b1 }: Face, view: View): Shape[] {
  const [middle, half] = [(a0 + a1) / 2, (b0 + b1) / 2];
  const upright = (t: number): Shape =>
    polyline('fold', [a0 + t * (a1 - a0), b0], [a0 + t * (a1 - a0), b1]);
  const level = polyline('fold', [a0, half], [a1, half]);
  switch (o.kind) {
    case 'door': {
      const [free, hung] = isHungLeft(view) ? [a1, a0] : [a0, a1];
      const leaf = (from: number, to: number): Shape =>
        polyline('fold', [free, from], [hung, (from + to) / 2], [free, to]);
      return o.halves ? [leaf(b0, half), level, leaf(half, b1)] : [leaf(b0, b1)];
    }
    case 'hatch':
      return [polyline('fold', [a0, b1], [middle, b0], [a1, b1])];
    case 'popDoor':
      // it slides between two guides
      return [upright(0.12), upright(0.88)];
    case 'window':
      return o.opens === 'closable'
        ? [polyline('fold', [a0, b0], [middle, b1], [a1, b0])]
        : [upright(0.5), level];
    case 'vent':
      return o.opens === 'closable' ? [polyline('fold', [a0, b0], [middle, b1], [a1, b0])] : [];
  }
}

/** A door is hung at the end of its opening that is nearest to the coop's left or front: on the page it may be the right. */
const isHungLeft = (view: View): boolean => !LIES[view].mirrored;

/** What lies in a hole that is seen edge on: a pane in the middle of its wall, mesh on its inner face. */
function edgeOn(o: Opening, { a0, a1, b0, b1 }: Face, isUpright: boolean): Shape[] {
  if (!isForAir(o)) return [];
  const isShut = !letsAir(o) || (o.kind === 'window' && o.opens === 'closable');
  if (isShut ? o.pane === 'none' : o.cover === 'none') return [];
  const pen = isShut ? 'thingLine' : 'mesh';
  return isUpright
    ? [polyline(pen, [(a0 + a1) / 2, b0], [(a0 + a1) / 2, b1])]
    : [polyline(pen, [a0, (b0 + b1) / 2], [a1, (b0 + b1) / 2])];
}

/** So much of a ramp is drawn beside the coop, m: all of it is in the drawing of the run. */
const RAMP_SHOWN_M = 0.3;
/** A ramp's board as it is drawn, m. */
const RAMP_THICK_M = 0.025;

/** Where a pop door's ramp begins outside its wall, broken off by a line across it. */
function rampBegun(o: Opening, cut: Face, { shell }: Plan, view: View): Shape[] {
  if (o.kind !== 'popDoor' || o.ramp === null) return [];
  const { lengthM, widthM } = o.ramp;
  const rise = Math.min(lengthM, shell.floorAboveGroundM + o.sillZ);
  const out = Math.sqrt(lengthM ** 2 - rise ** 2);
  const shown = Math.min(RAMP_SHOWN_M, out);
  if (shown <= 0) return [];
  if (view === 'above') {
    const isLevel = o.wall === 'front' || o.wall === 'rear';
    const isLow = o.wall === 'front' || o.wall === 'left';
    const middle = isLevel ? (cut.a0 + cut.a1) / 2 : (cut.b0 + cut.b1) / 2;
    const [from, to] = [middle - widthM / 2, middle + widthM / 2];
    const edge = isLevel ? (isLow ? cut.b0 : cut.b1) : isLow ? cut.a0 : cut.a1;
    const [near, far] = isLow ? [edge - shown, edge] : [edge, edge + shown];
    const face = isLevel
      ? { a0: from, a1: to, b0: near, b1: far }
      : { a0: near, a1: far, b0: from, b1: to };
    return [rect('ramp', face)];
  }
  const isLeft = cut.a0 < 0;
  const [a, way] = isLeft ? [cut.a0, -1] : [cut.a1, 1];
  const down = (shown / Math.max(out, 1e-9)) * rise;
  const foot = Math.max(0, cut.b0 - down);
  const part = (cut.b0 - foot) / Math.max(down, 1e-9);
  const at = a + way * shown * (down < 1e-9 ? 1 : part);
  return [
    polygon('ramp', [
      [a, cut.b0],
      [at, foot],
      [at, Math.max(0, foot - RAMP_THICK_M)],
      [a, cut.b0 - RAMP_THICK_M],
    ]),
  ];
}

/** A leaf that opens outwards is drawn ajar by this much: how far it turns, as a part of its breadth. */
const AJAR = { along: 0.94, out: 0.34 } as const;
/** Handles of a quarter circle, as parts of its radius. */
const QUARTER = 0.5523;

/** A door's leaf from above: one that opens in with all that it sweeps, one that opens out ajar. */
function leafFromAbove(o: Opening, face: Face, view: View): Shape[] {
  if (view !== 'above' || o.kind !== 'door') return [];
  const along = o.wall === 'front' || o.wall === 'rear';
  const isLow = o.wall === 'front' || o.wall === 'left';
  const inward = isLow ? 1 : -1;
  const w = o.widthM;
  const hinge: Point = [face.a0, face.b0];
  const at = (alongM: number, inM: number): Point =>
    along
      ? [hinge[0] + alongM, hinge[1] + inward * inM]
      : [hinge[0] + inward * inM, hinge[1] + alongM];
  if (!o.opensIn) {
    return [
      polyline('leaf', at(0, -WALL_DRAWN_M), at(w * AJAR.along, -WALL_DRAWN_M - w * AJAR.out)),
    ];
  }
  const [end, shut] = [at(0, w), at(w, 0)];
  return [
    polyline('leaf', hinge, end),
    path('fold', ['M', ...end], ['C', ...at(w * QUARTER, w), ...at(w, w * QUARTER), ...shut]),
  ];
}

/** An opening seen edge on, as deep as the wall is drawn; one in a ridge stands half on either side. */
function throughWall(face: Face, flatA: boolean, { shell }: Plan, view: View): Face {
  const far = flatA ? roomOf(view, shell).acrossM : shell.widthM;
  const at = flatA ? face.a0 : face.b0;
  const [from, to] =
    at <= 1e-9
      ? [at - WALL_DRAWN_M, at]
      : at >= far - 1e-9
        ? [at, at + WALL_DRAWN_M]
        : [at - WALL_DRAWN_M / 2, at + WALL_DRAWN_M / 2];
  return flatA ? { ...face, a0: from, a1: to } : { ...face, b0: from, b1: to };
}
