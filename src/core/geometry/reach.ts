import type { Solid } from '../kernel/finding';
import type { Fixture, Hatch, OfKind, Plan } from '../model/schema';
import type { Scoped } from '../model/scope';
import { ruled } from '../rules/rules.data';
import type { Flat } from './flat';
import { roofHeightM } from './shell';
import { inRun, solidOf } from './solids';
import { floorInside } from './walls';

/** Side of a square of the reach map, m. */
export const REACH_CELL_M = 0.1;

/** Height that the keeper of a plan stands and walks upright in, m. */
export const headroomOf = ({ keeper }: Pick<Plan, 'keeper'>): number =>
  keeper.statureM + ruled('reach.headroom');

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
 * @example reachMap(plan, 1.8).walkIn // true
 */
export function reachMap(
  plan: Scoped,
  headroomM: number,
  room = headroomMap(plan.shell, headroomM),
  arms = armMap(plan),
): ReachMap {
  const { columns, rows, cellX, cellY } = gridOf(plan.shell);
  const own = plan.zone ? cellsIn(plan.zone.floor, plan.shell) : null;
  const standing = aisle(
    plan,
    headroomM,
    own ? both(room, own) : room,
    columns,
    rows,
    cellX,
    cellY,
  );
  const within = arms.slice();
  const walkIn = standing.includes(1);
  const far = walkIn ? alongRow(standing, columns, rows) : null;
  let out = 0;
  for (let j = 0; j < rows; j++) {
    for (let i = 0; i < columns; i++) {
      const at = j * columns + i;
      if (within[at] === 1) continue;
      // floor beyond the mesh is nothing that this zone asks an arm to get to
      if (own && own[at] === 0) {
        within[at] = 1;
        continue;
      }
      if (far && nearStanding(far, i, j, columns, rows, plan.keeper.armM, cellX, cellY)) {
        within[at] = 1;
      } else out++;
    }
  }
  return { columns, rows, cellX, cellY, within, unreachedM2: out * cellX * cellY, walkIn };
}

/** The cells of a floor: as near to a tenth of a metre as divides it. */
function gridOf({ lengthM, widthM }: Plan['shell']) {
  const columns = Math.max(1, Math.round(lengthM / REACH_CELL_M));
  const rows = Math.max(1, Math.round(widthM / REACH_CELL_M));
  return { columns, rows, cellX: lengthM / columns, cellY: widthM / rows };
}

/** Cells whose middle lies in this part of the floor: 1 where it does. */
function cellsIn(floor: Flat, shell: Plan['shell']): Uint8Array {
  const { columns, rows, cellX, cellY } = gridOf(shell);
  const cells = new Uint8Array(columns * rows);
  for (let j = 0; j < rows; j++) {
    for (let i = 0; i < columns; i++) {
      const away =
        gap((i + 0.5) * cellX, floor.x0, floor.x1) + gap((j + 0.5) * cellY, floor.y0, floor.y1);
      cells[j * columns + i] = away === 0 ? 1 : 0;
    }
  }
  return cells;
}

const both = (a: Uint8Array, b: Uint8Array): Uint8Array => a.map((one, i) => one & (b[i] ?? 0));

/** Cells that an arm gets to through an opening: 1 within reach. */
export function armMap(plan: Plan): Uint8Array {
  const { columns, rows, cellX, cellY } = gridOf(plan.shell);
  const within = new Uint8Array(columns * rows);
  const most = (plan.keeper.armM + 1e-9) ** 2;
  for (const access of accessesOf(plan)) {
    const e = solidOf(access, plan);
    for (let j = 0; j < rows; j++) {
      const y2 = gap((j + 0.5) * cellY, e.y0, e.y1) ** 2;
      if (y2 > most) continue;
      for (let i = 0; i < columns; i++) {
        if (gap((i + 0.5) * cellX, e.x0, e.x1) ** 2 + y2 <= most) within[j * columns + i] = 1;
      }
    }
  }
  return within;
}

/**
 * Cells under a roof high enough to stand up: 1 where it is.
 * @example headroomMap(shell, 2.1).includes(1) // false
 */
export function headroomMap(shell: Plan['shell'], headroomM: number): Uint8Array {
  const { columns, rows, cellX, cellY } = gridOf(shell);
  const room = new Uint8Array(columns * rows);
  for (let j = 0; j < rows; j++) {
    for (let i = 0; i < columns; i++) {
      const roof = roofHeightM(shell, (i + 0.5) * cellX, (j + 0.5) * cellY);
      room[j * columns + i] = roof >= headroomM - 1e-9 ? 1 : 0;
    }
  }
  return room;
}

const gap = (at: number, lo: number, hi: number): number => Math.max(0, lo - at, at - hi);

/**
 * The cells of a floor that a keeper can stand in, joined to a person's door: 1 where she can.
 * @example aisleMap(plan, 1.8).standing.includes(1) // true
 */
export function aisleMap(plan: Scoped, headroomM: number) {
  const grid = gridOf(plan.shell);
  const { columns, rows, cellX, cellY } = grid;
  const room = headroomMap(plan.shell, headroomM);
  return { ...grid, standing: aisle(plan, headroomM, room, columns, rows, cellX, cellY) };
}

/** Cells that a keeper can stand in, joined to a person's door. */
function aisle(
  plan: Plan,
  headroomM: number,
  room: Uint8Array,
  columns: number,
  rows: number,
  cellX: number,
  cellY: number,
): Uint8Array {
  const cells = new Uint8Array(columns * rows);
  const doors = plan.fixtures.filter((f): f is OfKind<'door'> => f.kind === 'door');
  if (doors.length === 0) return cells;
  const free = freeCells(plan, headroomM, room, columns, rows, cellX, cellY);
  const queue: number[] = [];
  const near = Math.max(cellX, cellY) + 1e-9;
  for (const door of doors) {
    const s = solidOf(door, plan);
    for (let j = 0; j < rows; j++) {
      const dy = gap((j + 0.5) * cellY, s.y0, s.y1);
      if (dy > near) continue;
      for (let i = 0; i < columns; i++) {
        const dx = gap((i + 0.5) * cellX, s.x0, s.x1);
        if (free[j * columns + i] === 1 && Math.hypot(dx, dy) <= near) queue.push(j * columns + i);
      }
    }
  }
  while (queue.length > 0) {
    const at = queue.pop() ?? 0;
    if (cells[at] === 1) continue;
    cells[at] = 1;
    const i = at % columns;
    const take = (next: number): void => {
      if (cells[next] === 0 && free[next] === 1) queue.push(next);
    };
    if (i > 0) take(at - 1);
    if (i < columns - 1) take(at + 1);
    if (at >= columns) take(at - columns);
    if (at < columns * (rows - 1)) take(at + columns);
  }
  return cells;
}

/** Cells with headroom and nothing standing on them. */
function freeCells(
  plan: Plan,
  headroomM: number,
  room: Uint8Array,
  columns: number,
  rows: number,
  cellX: number,
  cellY: number,
): Uint8Array {
  const free = room.slice();
  for (const f of plan.fixtures) {
    if (!STANDING_IN_THE_WAY.has(f.kind) || inRun(f)) continue;
    const s = solidOf(f, plan);
    if (s.z0 >= headroomM) continue;
    // every cell it lies in: a bar is thinner than a cell, and still nobody walks through it
    const i0 = Math.max(0, Math.floor(s.x0 / cellX + TOUCH));
    const i1 = Math.min(columns - 1, Math.ceil(s.x1 / cellX - TOUCH) - 1);
    const j0 = Math.max(0, Math.floor(s.y0 / cellY + TOUCH));
    const j1 = Math.min(rows - 1, Math.ceil(s.y1 / cellY - TOUCH) - 1);
    for (let j = j0; j <= j1; j++)
      free.fill(0, j * columns + i0, j * columns + Math.max(i0, i1 + 1));
  }
  return free;
}

/** Of a cell: less of it taken is only a touch. */
const TOUCH = 1e-6;

const STANDING_IN_THE_WAY: ReadonlySet<Fixture['kind']> = new Set([
  'nestBank',
  'dustBath',
  'bar',
  'board',
  'obstacle',
]);

/** Of every cell, how many cells along its row the nearest one stands that a keeper can stand in. */
function alongRow(standing: Uint8Array, columns: number, rows: number): Float64Array {
  const far = new Float64Array(columns * rows);
  for (let j = 0; j < rows; j++) {
    const row = j * columns;
    let gone = Number.POSITIVE_INFINITY;
    for (let i = 0; i < columns; i++) {
      gone = standing[row + i] === 1 ? 0 : gone + 1;
      far[row + i] = gone;
    }
    gone = Number.POSITIVE_INFINITY;
    for (let i = columns - 1; i >= 0; i--) {
      gone = standing[row + i] === 1 ? 0 : gone + 1;
      if (gone < (far[row + i] as number)) far[row + i] = gone;
    }
  }
  return far;
}

/** Whether the nearest standing place of its own row, or of a row an arm away, is within an arm. */
function nearStanding(
  far: Float64Array,
  i: number,
  j: number,
  columns: number,
  rows: number,
  arm: number,
  cellX: number,
  cellY: number,
): boolean {
  const most = (arm + 1e-9) ** 2;
  const dj = Math.ceil(arm / cellY);
  for (let step = 0; step <= dj; step++) {
    const y2 = (step * cellY) ** 2;
    const above = j - step;
    const below = j + step;
    if (above >= 0 && ((far[above * columns + i] as number) * cellX) ** 2 + y2 <= most) return true;
    if (below < rows && ((far[below * columns + i] as number) * cellX) ** 2 + y2 <= most)
      return true;
  }
  return false;
}

/**
 * Whether an arm gets to this point of the floor; on the line between two cells either will do.
 * @example withinReach(reachMap(plan, 1.8), 2, 0.2) // true
 */
export function withinReach(map: ReachMap, x: number, y: number): boolean {
  const cell = (at: number, size: number, count: number, dust: number): number =>
    Math.min(count - 1, Math.max(0, Math.floor(at / size + dust)));
  for (const dj of [-TOUCH, TOUCH]) {
    const row = cell(y, map.cellY, map.rows, dj) * map.columns;
    for (const di of [-TOUCH, TOUCH]) {
      if (map.within[row + cell(x, map.cellX, map.columns, di)] === 1) return true;
    }
  }
  return false;
}

/**
 * The strip of floor just inside a person's door, so deep.
 * @example doorStrip(door, plan, 0.6).y1 // 0.6
 */
export const doorStrip = (door: OfKind<'door'>, plan: Plan, deepM: number): Solid => ({
  ...floorInside(plan.shell, door, deepM),
  z0: 0,
  z1: plan.litter.depthM,
});
