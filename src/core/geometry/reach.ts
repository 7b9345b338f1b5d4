import type { Hatch, OfKind, Plan } from '../plan/schema';
import { roofHeightM } from './shell';
import { solidOf } from './solids';

/** Side of a square of the reach map, m. */
export const REACH_CELL_M = 0.1;

/** What part of the floor a keeper's arm gets to. */
export interface ReachMap {
  readonly columns: number;
  readonly rows: number;
  /** Cell sizes, m. */
  readonly cellX: number;
  readonly cellY: number;
  /** Row by row from the front left: 1 within reach, 0 out of it. */
  readonly within: Uint8Array;
  readonly unreachedM2: number;
  /** Whether anybody can stand in it. */
  readonly walkIn: boolean;
}

export type Access = OfKind<'door'> | Hatch;

export const accessesOf = (plan: Plan): Access[] =>
  plan.fixtures.filter((f): f is Access => f.kind === 'door' || f.kind === 'hatch');

/**
 * The floor within an arm's length of an access opening's edge, or of a walk-in aisle: floor with
 * headroom that joins a person's door.
 * @param headroomM  height that a keeper stands up in, m
 * @source           keepers (domain notes, "Reach and posture")
 */
export function reachMap(plan: Plan, headroomM: number): ReachMap {
  const { lengthM, widthM } = plan.shell;
  const columns = Math.max(1, Math.round(lengthM / REACH_CELL_M));
  const rows = Math.max(1, Math.round(widthM / REACH_CELL_M));
  const cellX = lengthM / columns;
  const cellY = widthM / rows;
  const standing = aisle(plan, headroomM, columns, rows, cellX, cellY);
  const within = new Uint8Array(columns * rows);
  const arm = plan.keeper.armM;
  const edges = accessesOf(plan).map((a) => solidOf(a, plan));
  for (let j = 0; j < rows; j++) {
    for (let i = 0; i < columns; i++) {
      const x = (i + 0.5) * cellX;
      const y = (j + 0.5) * cellY;
      const atEdge = edges.some(
        (e) => Math.hypot(gap(x, e.x0, e.x1), gap(y, e.y0, e.y1)) <= arm + 1e-9,
      );
      if (atEdge || nearStanding(standing, i, j, columns, rows, arm, cellX, cellY)) {
        within[j * columns + i] = 1;
      }
    }
  }
  const out = within.reduce((n, v) => n + (v === 0 ? 1 : 0), 0);
  return {
    columns,
    rows,
    cellX,
    cellY,
    within,
    unreachedM2: out * cellX * cellY,
    walkIn: standing.some((v) => v === 1),
  };
}

const gap = (at: number, lo: number, hi: number): number => Math.max(0, lo - at, at - hi);

/** Cells that a keeper can stand in, joined to a person's door. */
function aisle(
  plan: Plan,
  headroomM: number,
  columns: number,
  rows: number,
  cellX: number,
  cellY: number,
): Uint8Array {
  const cells = new Uint8Array(columns * rows);
  const doors = plan.fixtures.filter((f): f is OfKind<'door'> => f.kind === 'door');
  if (doors.length === 0) return cells;
  const blocked = plan.fixtures
    .filter(
      (f) =>
        f.kind === 'nestBank' || f.kind === 'dustBath' || f.kind === 'bar' || f.kind === 'board',
    )
    .map((f) => solidOf(f, plan));
  const free = (i: number, j: number): boolean => {
    const x = (i + 0.5) * cellX;
    const y = (j + 0.5) * cellY;
    return (
      roofHeightM(plan.shell, x, y) >= headroomM - 1e-9 &&
      !blocked.some((s) => s.z0 < headroomM && x > s.x0 && x < s.x1 && y > s.y0 && y < s.y1)
    );
  };
  const todo: number[] = [];
  for (const door of doors) {
    const s = solidOf(door, plan);
    for (let j = 0; j < rows; j++) {
      for (let i = 0; i < columns; i++) {
        const dx = gap((i + 0.5) * cellX, s.x0, s.x1);
        const dy = gap((j + 0.5) * cellY, s.y0, s.y1);
        if (Math.hypot(dx, dy) <= Math.max(cellX, cellY) && free(i, j)) todo.push(j * columns + i);
      }
    }
  }
  while (todo.length > 0) {
    const at = todo.pop() ?? 0;
    if (cells[at] === 1) continue;
    cells[at] = 1;
    const i = at % columns;
    const j = Math.floor(at / columns);
    for (const [ni, nj] of [
      [i - 1, j],
      [i + 1, j],
      [i, j - 1],
      [i, j + 1],
    ] as const) {
      if (ni < 0 || nj < 0 || ni >= columns || nj >= rows) continue;
      if (cells[nj * columns + ni] === 0 && free(ni, nj)) todo.push(nj * columns + ni);
    }
  }
  return cells;
}

function nearStanding(
  standing: Uint8Array,
  i: number,
  j: number,
  columns: number,
  rows: number,
  arm: number,
  cellX: number,
  cellY: number,
): boolean {
  if (standing[j * columns + i] === 1) return true;
  const di = Math.ceil(arm / cellX);
  const dj = Math.ceil(arm / cellY);
  for (let b = Math.max(0, j - dj); b <= Math.min(rows - 1, j + dj); b++) {
    for (let a = Math.max(0, i - di); a <= Math.min(columns - 1, i + di); a++) {
      if (standing[b * columns + a] === 0) continue;
      if (Math.hypot((a - i) * cellX, (b - j) * cellY) <= arm + 1e-9) return true;
    }
  }
  return false;
}
