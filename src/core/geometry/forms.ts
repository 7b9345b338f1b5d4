import type { Solid } from '../kernel/finding';
import type { Shell } from '../model/schema';

export type Axis = 'x' | 'y' | 'z';

/** What a thing is shaped like, m. Its bounds are the box that it fills. */
export type Form = Box | Cylinder | Prism | Slope;

export interface Box {
  readonly kind: 'box';
  readonly box: Solid;
}

/** Round about a line: a can, a dish, a pole. Its bounds say how long it is, and how wide both ways. */
export interface Cylinder {
  readonly kind: 'cylinder';
  readonly axis: Axis;
  readonly box: Solid;
}

/** An outline carried along a line: the room under a roof. */
export interface Prism {
  readonly kind: 'prism';
  readonly axis: 'x' | 'y';
  /** Corners across the line, m: how far across, how high; from the near foot round to the far foot. */
  readonly outline: readonly (readonly [across: number, z: number])[];
  /** From where to where along the line, m. */
  readonly from: number;
  readonly to: number;
}

/** A box whose top falls from one side to nothing at the other: a sloped ledge, a ramp. */
export interface Slope {
  readonly kind: 'slope';
  readonly box: Solid;
  readonly axis: 'x' | 'y';
  /** Whether it is high where x or y is great. */
  readonly highAtFar: boolean;
}

/**
 * The box that a form fills, m.
 * @example  boundsOf({ kind: 'prism', axis: 'x', outline: [[0, 0], [0, 1], [2, 0]], from: 0, to: 3 }).y1 // 2
 */
export function boundsOf(form: Form): Solid {
  if (form.kind !== 'prism') return form.box;
  const across = form.outline.map(([a]) => a);
  const high = form.outline.map(([, z]) => z);
  const [lo, hi] = [Math.min(...across), Math.max(...across)];
  const z = { z0: Math.min(...high), z1: Math.max(...high) };
  return form.axis === 'x'
    ? { x0: form.from, x1: form.to, y0: lo, y1: hi, ...z }
    : { x0: lo, x1: hi, y0: form.from, y1: form.to, ...z };
}

/** The room inside a shell, from the bare floor to the roof's underside. */
export function roomForm({ roof, lengthM, widthM }: Shell): Prism {
  const high = roof.highM;
  const low = roof.kind === 'flat' ? high : roof.lowM;
  const carried = (axis: 'x' | 'y', tops: readonly (readonly [number, number])[]): Prism => {
    const across = axis === 'x' ? widthM : lengthM;
    const along = axis === 'x' ? lengthM : widthM;
    return { kind: 'prism', axis, outline: [[0, 0], ...tops, [across, 0]], from: 0, to: along };
  };
  if (roof.kind === 'gable') {
    const across = roof.ridgeAxis === 'x' ? widthM : lengthM;
    return carried(roof.ridgeAxis, [
      [0, low],
      [across / 2, high],
      [across, low],
    ]);
  }
  const side = roof.kind === 'mono' ? roof.highSide : 'rear';
  const axis = side === 'front' || side === 'rear' ? 'x' : 'y';
  const across = axis === 'x' ? widthM : lengthM;
  const risesAway = side === 'rear' || side === 'right';
  return carried(axis, [
    [0, risesAway ? low : high],
    [across, risesAway ? high : low],
  ]);
}

/** Less than this is arithmetic's dust, m: things that touch do not share room. */
export const TOUCH_M = 1e-6;

/** Whether two solids meet when seen from above; those that only touch do not. */
export const meetInPlan = (a: Solid, b: Solid): boolean =>
  a.x0 < b.x1 - TOUCH_M && b.x0 < a.x1 - TOUCH_M && a.y0 < b.y1 - TOUCH_M && b.y0 < a.y1 - TOUCH_M;

/** Whether two solids share room. */
export const meet = (a: Solid, b: Solid): boolean =>
  meetInPlan(a, b) && a.z0 < b.z1 - TOUCH_M && b.z0 < a.z1 - TOUCH_M;

/**
 * Whether two forms share room: what is round in plan as round, everything else by the box that it fills.
 * @example  formsMeet(roomForm(shell), { kind: 'box', box: { x0: 4, x1: 5, y0: 0, y1: 1, z0: 0, z1: 1 } }) // false (they touch)
 */
export function formsMeet(a: Form, b: Form): boolean {
  const [boxA, boxB] = [boundsOf(a), boundsOf(b)];
  if (!meet(boxA, boxB)) return false;
  const [roundA, roundB] = [roundInPlan(a), roundInPlan(b)];
  if (roundA && roundB) {
    const apart = Math.hypot(roundA.x - roundB.x, roundA.y - roundB.y);
    return apart < roundA.radiusM + roundB.radiusM - TOUCH_M;
  }
  if (roundA) return circleMeets(roundA, boxB);
  return roundB ? circleMeets(roundB, boxA) : true;
}

interface Circle {
  readonly x: number;
  readonly y: number;
  readonly radiusM: number;
}

/** What is round seen from above: its middle and radius; null for what is square. */
function roundInPlan(form: Form): Circle | null {
  if (form.kind !== 'cylinder' || form.axis !== 'z') return null;
  const { x0, x1, y0, y1 } = form.box;
  return { x: (x0 + x1) / 2, y: (y0 + y1) / 2, radiusM: (x1 - x0) / 2 };
}

function circleMeets(c: Circle, s: Solid): boolean {
  const dx = Math.max(0, s.x0 - c.x, c.x - s.x1);
  const dy = Math.max(0, s.y0 - c.y, c.y - s.y1);
  return Math.hypot(dx, dy) < c.radiusM - TOUCH_M;
}
