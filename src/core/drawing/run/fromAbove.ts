import type { Plan, PopDoor, Run, Side } from '../../model/schema';
import { circle, cornersOf, lines, type Point, path, polyline, rect, type Shape } from '../shape';
import { WALL_DRAWN_M as T } from '../view';
import type { RunItem } from './item';
import { cleats, grown, type Lie, rampOut } from './lie';

/** How large a thing to do is drawn, m: a stump to stand on. */
const STUMP_M = 0.3;

/** The coop's walls, the run's ground, roof and edges, the ramps. */
export function inPlan(
  plan: Plan,
  run: Run,
  lie: Lie,
  doors: readonly PopDoor[],
  wall: Side,
): RunItem[] {
  const { coop, run: yard } = lie;
  const outer = grown(coop, T);
  const roofed = run.roof === 'none' ? 0 : run.roof === 'half' ? 0.5 : 1;
  const roof = { ...yard, a1: yard.a0 + (yard.a1 - yard.a0) * roofed };
  const isSolid = (page: 'right' | 'above' | 'below'): boolean =>
    run.solidSides.includes(lie.sideOf(page));
  const edge = (page: 'right' | 'above' | 'below', from: Point, to: Point): Shape =>
    polyline(isSolid(page) ? 'leaf' : 'partition', from, to);
  const stumps = Math.min(12, run.pastimes);
  const shapes: Shape[] = [
    rect('littered', yard),
    ...(roofed > 0
      ? [rect('storage', roof), rect('storageEdge', { ...grown(roof, run.eavesM), a0: roof.a0 })]
      : []),
    edge('below', [yard.a0, yard.b0], [yard.a1, yard.b0]),
    edge('right', [yard.a1, yard.b0], [yard.a1, yard.b1]),
    edge('above', [yard.a0, yard.b1], [yard.a1, yard.b1]),
    ...Array.from({ length: stumps }, (_, i) =>
      stump([
        yard.a0 + ((i + 1) / (stumps + 1)) * (yard.a1 - yard.a0),
        yard.b0 + 0.2 * (yard.b1 - yard.b0),
      ]),
    ).flat(),
    rect('room', coop),
    path('wall', ...lines(cornersOf(outer), true), ...lines(cornersOf(coop).reverse(), true)),
    rect('wallEdge', outer),
    rect('wallEdge', coop),
  ];
  const gaps = doors.map((d): RunItem => {
    const [b0, b1] = lie.doorAt(d);
    const out = rampOut(d, plan.shell);
    const own: Shape[] = [rect('cutHole', { a0: 0, a1: T, b0, b1 })];
    if (d.ramp) {
      const middle = (b0 + b1) / 2;
      const [r0, r1] = [middle - d.ramp.widthM / 2, middle + d.ramp.widthM / 2];
      own.push(rect('timber', { a0: T, a1: T + Math.max(0.02, out), b0: r0, b1: r1 }));
      for (const t of cleats(d.ramp)) {
        own.push(polyline('thingLine', [T + t * out, r0], [T + t * out, r1]));
      }
    }
    return { what: 'fixture', key: d.id, shapes: own };
  });
  return [{ what: 'house', key: `plan ${wall}`, shapes }, ...gaps];
}

const stump = (at: Point): Shape[] => [
  circle('timber', at, STUMP_M / 2),
  circle('endGrain', at, STUMP_M / 4),
];
