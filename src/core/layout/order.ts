import { inRun, solidOf } from '../geometry/solids';
import type { Fixture, Plan } from '../model/schema';

/** A bend counts as so much more of the way, m. Source: wide-rafter (assumption). */
const BEND_M = 0.5;
/** Turned by more than this a keeper has gone round a bend, degrees. */
const BEND_DEG = 45;

type Spot = readonly [x: number, y: number];

const middleOf = (f: Fixture, plan: Plan): Spot => {
  const s = solidOf(f, plan);
  return [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];
};

/** What is gone to each day, in the order it is done: feed, water, eggs, the board. */
const DAILY: readonly ((f: Fixture) => boolean)[] = [
  (f) => f.kind === 'feeder' && f.fillFrom === 'inside',
  (f) => f.kind === 'drinker' && f.fillFrom === 'inside',
  (f) => f.kind === 'nestBank' && !f.hungOutside,
  (f) => f.kind === 'board',
];

/**
 * A keeper's round of a day, m: in by the door or the hatch, to feed, water, nests and board in turn, each kind from
 * the nearest on, and out again; each bend is half a metre more.
 * @example roundM({ ...plan, fixtures: [] }) // 0
 */
export function roundM(plan: Plan): number {
  const way = plan.fixtures.find((f) => f.kind === 'door' || f.kind === 'hatch');
  if (!way) return 0;
  const start = middleOf(way, plan);
  const stops: Spot[] = [start];
  for (const isOne of DAILY) {
    const left = plan.fixtures.filter((f) => isOne(f) && !inRun(f)).map((f) => middleOf(f, plan));
    while (left.length > 0) {
      const here = stops[stops.length - 1] ?? start;
      left.sort((a, b) => apart(here, a) - apart(here, b));
      stops.push(left.shift() as Spot);
    }
  }
  if (stops.length === 1) return 0;
  stops.push(start);
  let sum = 0;
  for (let i = 1; i < stops.length; i++) {
    sum += apart(stops[i - 1] as Spot, stops[i] as Spot);
    if (i > 1 && turnDeg(stops[i - 2] as Spot, stops[i - 1] as Spot, stops[i] as Spot) > BEND_DEG) {
      sum += BEND_M;
    }
  }
  return sum;
}

const apart = ([ax, ay]: Spot, [bx, by]: Spot): number => Math.hypot(bx - ax, by - ay);

function turnDeg([ax, ay]: Spot, [bx, by]: Spot, [cx, cy]: Spot): number {
  const [one, two] = [Math.atan2(by - ay, bx - ax), Math.atan2(cy - by, cx - bx)];
  const turn = Math.abs(one - two) % (2 * Math.PI);
  return (Math.min(turn, 2 * Math.PI - turn) * 180) / Math.PI;
}

/**
 * Timber and sheet of a fit-out: metres of bar, and square metres of board and boxes.
 * @example materialOf({ ...plan, fixtures: [] }) // 0
 */
export const materialOf = (plan: Plan): number =>
  plan.fixtures.reduce((sum, f) => {
    if (f.kind === 'bar') return sum + f.lengthM;
    if (f.kind === 'board') return sum + f.lengthM * f.depthM;
    return f.kind === 'nestBank' ? sum + f.boxes * f.boxW * (f.boxD + 2 * f.boxH) : sum;
  }, 0);
