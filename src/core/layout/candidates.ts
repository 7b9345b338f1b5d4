import { allOver, alongWalls, OFF_WALL_M, spaced } from '../geometry/freeRoom';
import { inRun, solidOf } from '../geometry/solids';
import { SIDES, wallLength } from '../geometry/walls';
import { gridNear } from '../kernel/units/grid';
import { moved } from '../model/moved';
import type { Fixture, NestBank, Opening, Plan, Side } from '../model/schema';
import { floorOf } from '../model/scope';

/** Places are tried so far apart, m. */
export const TRY_STEP_M = 0.15;

/** What is part of the house: it stays where it is. */
const OF_THE_HOUSE: ReadonlySet<Fixture['kind']> = new Set(['window', 'door', 'obstacle', 'ledge']);

/** What hangs together with bars: moved by building the rows anew, not by itself. */
const WITH_THE_BARS: ReadonlySet<Fixture['kind']> = new Set(['bar', 'board', 'ceiling']);

export const isOfTheHouse = (f: Fixture): boolean => OF_THE_HOUSE.has(f.kind) || inRun(f);

/** Whether a fixture can be moved by itself when a coop is arranged. */
export const movesAlone = (f: Fixture): boolean => !isOfTheHouse(f) && !WITH_THE_BARS.has(f.kind);

/** From one end to the other by steps, on the tape, both ends with it, m. */
function along(from: number, to: number, step: number, units: Plan['units']): number[] {
  const places = new Set(spaced(from, to, step, true).map((m) => gridNear(m, units)));
  return [...places].filter((m) => m >= from - 1e-6 && m <= to + 1e-6);
}

/**
 * Everywhere that a fixture could stand in a coop, whatever else stands there.
 * @param step  places are so far apart, m
 */
export function candidatesOf(fixture: Fixture, plan: Plan, step = TRY_STEP_M): Fixture[] {
  if ('wall' in fixture) return openingPlaces(fixture, plan, step);
  if (fixture.kind === 'nestBank' && !fixture.hungOutside) return bankPlaces(fixture, plan, step);
  if (fixture.kind === 'nestBank') return [];
  return floorPlaces(fixture, plan, step);
}

/** All over the floor, and along the walls; of what hangs on a wall along the walls alone. */
function floorPlaces(fixture: Fixture, plan: Plan, step: number): Fixture[] {
  const s = solidOf(fixture, plan);
  const on = {
    floor: floorOf(plan),
    wide: s.x1 - s.x0,
    deep: s.y1 - s.y0,
    off: OFF_WALL_M[plan.units],
  };
  const hangs = 'onWall' in fixture && fixture.onWall;
  return (hangs ? alongWalls : allOver)(on, step, true).map(([x, y]) =>
    moved(fixture, gridNear(x, plan.units) - s.x0, gridNear(y, plan.units) - s.y0),
  );
}

/** A bank's back to each wall, along it. */
function bankPlaces(bank: NestBank, plan: Plan, step: number): Fixture[] {
  const { lengthM, widthM } = plan.shell;
  return SIDES.flatMap((back) => {
    const faces: Side = { front: 'rear', rear: 'front', left: 'right', right: 'left' }[
      back
    ] as Side;
    const turned: NestBank = { ...bank, faces, x: 0, y: 0 };
    const s = solidOf(turned, plan);
    const [wide, deep] = [s.x1 - s.x0, s.y1 - s.y0];
    const runs = back === 'front' || back === 'rear';
    const free = runs ? lengthM - wide : widthM - deep;
    return along(0, free, step, plan.units).map((at): Fixture => {
      const x = runs ? at : back === 'left' ? 0 : lengthM - wide;
      const y = runs ? (back === 'front' ? 0 : widthM - deep) : at;
      return { ...turned, x, y };
    });
  });
}

/** A hole in each wall, along it, at its own height; a vent on the ridge along the ridge alone. */
function openingPlaces(hole: Opening, plan: Plan, step: number): Fixture[] {
  if (hole.kind === 'vent' && hole.place === 'ridge') return [];
  return SIDES.flatMap((wall) =>
    along(0.1, wallLength(plan, wall) - hole.widthM - 0.1, step * 2, plan.units).map(
      (alongM): Fixture => ({ ...hole, wall, alongM }),
    ),
  );
}

/** The wall that a fixture stands nearest to. */
export function wallOf(fixture: Fixture, plan: Plan): Side {
  if ('wall' in fixture) return fixture.wall;
  const { lengthM, widthM } = plan.shell;
  const s = solidOf(fixture, plan);
  const gaps: readonly (readonly [Side, number])[] = [
    ['front', s.y0],
    ['rear', widthM - s.y1],
    ['left', s.x0],
    ['right', lengthM - s.x1],
  ];
  // what runs from wall to wall stands along the wall that it runs by
  const runs = fixture.kind === 'bar' ? fixture.axis : null;
  const own = gaps.filter(
    ([side]) => runs === null || (side === 'front' || side === 'rear') === (runs === 'x'),
  );
  return own.reduce((a, b) => (b[1] < a[1] - 1e-9 ? b : a))[0];
}
