import { solidOf } from '../geometry/solids';
import { gridNear } from '../kernel/units/grid';
import { tidy } from '../kernel/units/number';
import { moved } from '../model/moved';
import type { Fixture, Plan } from '../model/schema';
import {
  type Anchor,
  heightOf,
  linesFor,
  type PlaceAxis,
  type PlacingFor,
  type SnapLine,
  spanOf,
} from './lines';

/** How far a fixture is asked to go, m. */
export interface Shift {
  readonly dx: number;
  readonly dy: number;
  readonly dz: number;
}

/** Where a fixture comes to stand, and the lines that hold it there. */
export interface Settled {
  readonly fixture: Fixture;
  readonly lines: readonly SnapLine[];
}

/** How near a line holds, m: a rule's own distance holds from farther off than a wall or another fixture. */
export interface Holds {
  readonly ruleM: number;
  readonly lineM: number;
}

/** No line holds: a fixture goes to the nearest measure of the tape. */
export const FREE: Holds = { ruleM: 0, lineM: 0 };

/**
 * Where a fixture comes to stand when it is moved so far: on a rule's own distance, a stud, a wall or another
 * fixture's line where one is near, else on the tape.
 * @param fixture  as it stood when it was taken hold of
 * @param by       m; an axis with 0 is left as it is
 * @returns        the fixture, its measures on the tape where no line holds it
 */
export function settle(fixture: Fixture, by: Shift, to: PlacingFor, holds: Holds): Settled {
  const lines: SnapLine[] = [];
  const across = (axis: 'x' | 'y', wanted: number): number => {
    if (wanted === 0 || !movesOn(fixture, axis)) return 0;
    const held = lineNear(fixture, axis, wanted, to, holds);
    if (held) {
      lines.push(held.line);
      return held.by;
    }
    return onTape(placeOn(fixture, axis) + wanted, to.plan) - placeOn(fixture, axis);
  };
  const dx = across('x', by.dx);
  const dy = across('y', by.dy);
  const height = heightOf(fixture);
  let dz = 0;
  if (by.dz !== 0 && height !== null) {
    // bars beside it may be a step apart only where it now hangs: its new place decides
    const held = lineNear(moved(fixture, dx, dy), 'z', by.dz, to, holds);
    if (held) lines.push(held.line);
    dz = held ? held.by : onTapeUp(fixture, height + by.dz, to.plan) - height;
  }
  return { fixture: moved(fixture, dx, dy, (z) => tidy(z + dz)), lines };
}

/** Whether a fixture can be moved along an axis: an opening only along its wall. */
export function movesOn(f: Fixture, axis: PlaceAxis): boolean {
  if (axis === 'z') return heightOf(f) !== null;
  if (!('wall' in f)) return true;
  return (f.wall === 'front' || f.wall === 'rear') === (axis === 'x');
}

/** The place of a fixture that is written, m from the left or front wall. */
export const placeOn = (f: Fixture, axis: 'x' | 'y'): number =>
  'wall' in f ? f.alongM : axis === 'x' ? f.x : f.y;

const onTape = (m: number, { units }: Plan): number => gridNear(m, units);

/** A height on the tape, from where it is measured: the litter as it starts, or for openings the bare floor. */
function onTapeUp(f: Fixture, m: number, { units, litter }: Plan): number {
  const from = 'wall' in f || f.kind === 'obstacle' ? 0 : litter.depthM;
  return from + gridNear(m - from, units);
}

/** Which of two lines holds: a rule before a wall or stud, that before another fixture's; then the nearer. */
const RANK: Readonly<Record<SnapLine['why']['kind'], number>> = {
  rule: 0,
  stud: 1,
  wall: 1,
  litter: 1,
  fixture: 2,
};

function lineNear(
  fixture: Fixture,
  axis: PlaceAxis,
  wanted: number,
  to: PlacingFor,
  holds: Holds,
): { line: SnapLine; by: number } | null {
  const near = linesFor(fixture, axis, to)
    .map((line) => ({ line, by: line.atM - anchorOf(fixture, axis, line.anchor, to.plan) }))
    .filter(({ line, by }) => {
      const within = line.why.kind === 'rule' ? holds.ruleM : holds.lineM;
      return Math.abs(by - wanted) < within;
    });
  near.sort(
    (a, b) =>
      RANK[a.line.why.kind] - RANK[b.line.why.kind] ||
      Math.abs(a.by - wanted) - Math.abs(b.by - wanted),
  );
  return near[0] ?? null;
}

/** Where a part of a fixture stands, m. */
function anchorOf(f: Fixture, axis: PlaceAxis, anchor: Anchor, plan: Plan): number {
  if (axis === 'z') return heightOf(f) ?? 0;
  const [low, high] = spanOf(solidOf(f, plan), axis);
  return anchor === 'low' ? low : anchor === 'high' ? high : (low + high) / 2;
}
