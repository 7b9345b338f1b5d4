import { birdSize } from '../../birds/size';
import { droppingsShadow, sleepingBars } from '../../geometry/bars';
import { headroomOf } from '../../geometry/reach';
import { inRun, solidOf } from '../../geometry/solids';
import { floorInside } from '../../geometry/walls';
import type { Solid } from '../../kernel/finding';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import type { Bar, Fixture, OfKind, Plan, PopDoor } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { type Point, polyline, rect, type Shape, type View } from '../shape';
import { acrossPage, faceOf, LIES, roomOf } from '../view';
import { type Hop, hopsToBank, hopsToBar } from './hops';
import { aisleShapes, armThrough, collectsTo } from './reach';

/** What is marked about a fixture that is picked. */
export type MarkOutKind =
  | 'shadow'
  | 'headroom'
  | 'landing'
  | 'hops'
  | 'draught'
  | 'swing'
  | 'reach'
  | 'aisle';

export interface MarkOut {
  readonly kind: MarkOutKind;
  readonly shapes: readonly Shape[];
  /** Heights that are written on it, m. */
  readonly written?: readonly { readonly at: Point; readonly metres: number }[];
}

/**
 * What a keeper marks out about a fixture: where its droppings fall, the room that heads and landings want, the
 * draught that must not reach the bars, what a door swings through.
 * @param heaviestKg  the heaviest bird on bars; null where none is
 * @returns           nothing for what stands in the run
 * @example markOutsOf(bar, plan, 'above', 2.2)[0].kind // 'shadow'
 */
export function markOutsOf(
  fixture: Fixture,
  plan: Plan,
  view: View,
  heaviestKg: number | null,
): MarkOut[] {
  if (inRun(fixture)) return [];
  switch (fixture.kind) {
    case 'bar':
      return [
        ...(fixture.use === 'step'
          ? []
          : ofBar(fixture, plan, view, heaviestKg ?? REFERENCE_HEN_KG)),
        ...hopped(hopsToBar(fixture, plan, view)),
      ];
    case 'nestBank':
      return [
        ...hopped(hopsToBank(fixture, plan, view)),
        ...some('reach', collectsTo(fixture, plan, view)),
      ];
    case 'window':
    case 'vent':
      return draught(plan, view);
    case 'door':
      return [
        ...(view === 'above' ? some('aisle', aisleShapes(plan, headroomOf(plan))) : []),
        swing(fixture, plan, view),
        ...(view === 'above' ? some('reach', armThrough(fixture, plan)) : []),
      ];
    case 'hatch':
      return view === 'above' ? some('reach', armThrough(fixture, plan)) : [];
    case 'popDoor':
      return [swing(fixture, plan, view)];
    default:
      return [];
  }
}

const some = (kind: MarkOutKind, shapes: readonly Shape[]): MarkOut[] =>
  shapes.length > 0 ? [{ kind, shapes }] : [];

/** The way up, with how high each hop is. */
const hopped = (hops: readonly Hop[]): MarkOut[] =>
  hops.length === 0
    ? []
    : [
        {
          kind: 'hops',
          shapes: hops.flatMap((h) => h.shapes),
          written: hops.map(({ at, riseM }) => ({ at, metres: riseM })),
        },
      ];

function ofBar(bar: Bar, plan: Plan, view: View, kg: number): MarkOut[] {
  const face = (solid: Solid) => faceOf(solid, view, plan.shell);
  const shadow = droppingsShadow(bar, kg, plan);
  const own = solidOf(bar, plan);
  const headM = ruled('roosts.headroom.times') * birdSize(kg).backM + ruled('roosts.headroom.plus');
  const over: Solid = { ...own, z0: bar.z, z1: bar.z + headM };
  return [
    { kind: 'shadow', shapes: [rect('markOut', face(shadow)), rect('markOutEdge', face(shadow))] },
    ...(view === 'above'
      ? []
      : [{ kind: 'headroom', shapes: [rect('markOutEdge', face(over))] } as const]),
    ...landing(bar, plan, view),
  ];
}

/** The strip of floor before a bar that its birds land on: as deep as they come down, along a line of 45°. */
function landing(bar: Bar, plan: Plan, view: View): MarkOut[] {
  const { shell, litter } = plan;
  const dropM = bar.z - litter.depthM;
  if (dropM <= 0) return [];
  const far = bar.axis === 'x' ? shell.widthM : shell.lengthM;
  const at = bar.axis === 'x' ? bar.y : bar.x;
  const to = at > far / 2 ? Math.max(0, at - dropM) : Math.min(far, at + dropM);
  const own = solidOf(bar, plan);
  const [lo, hi] = [Math.min(at, to), Math.max(at, to)];
  if (view === 'above') {
    const strip = bar.axis === 'x' ? { ...own, y0: lo, y1: hi } : { ...own, x0: lo, x1: hi };
    return [{ kind: 'landing', shapes: [rect('markOutEdge', faceOf(strip, view, shell))] }];
  }
  if (LIES[view].along !== bar.axis) return [];
  // seen end on: down from the bar to where its line of 45° meets the litter
  const [a, b] = [acrossPage(view, shell, at), acrossPage(view, shell, to)];
  const reachM = Math.abs(to - at);
  return [
    {
      kind: 'landing',
      shapes: [
        polyline('markOutEdge', [a, bar.z], [b, bar.z - reachM]),
        polyline('markOutEdge', [a, litter.depthM], [b, litter.depthM]),
      ],
    },
  ];
}

/** The band about the bars that no opening may blow into. */
function draught(plan: Plan, view: View): MarkOut[] {
  const bars = sleepingBars(plan).map((b) => b.z);
  if (bars.length === 0 || view === 'above') return [];
  const { acrossM } = roomOf(view, plan.shell);
  const face = {
    a0: 0,
    a1: acrossM,
    b0: Math.min(...bars) - ruled('air.band.below'),
    b1: Math.max(...bars) + ruled('air.band.above'),
  };
  return [{ kind: 'draught', shapes: [rect('markOut', face), rect('markOutEdge', face)] }];
}

/** Handles of a quarter circle, as parts of its radius. */
const QUARTER = 0.5523;

/** The floor inside a door that is kept free: a quarter circle where it swings in. */
function swing(door: OfKind<'door'> | PopDoor, plan: Plan, view: View): MarkOut {
  const opensIn = door.kind === 'door' && door.opensIn;
  const deepM = opensIn ? door.widthM : ruled('shell.doorway');
  const face = faceOf(floorInside(plan.shell, door, deepM), view, plan.shell);
  if (view !== 'above' || !opensIn) {
    return { kind: 'swing', shapes: [rect('markOutEdge', face)] };
  }
  // hung at the left of its wall, seen from inside
  const { a0, a1, b0, b1 } = face;
  const isLow = door.wall === 'front' || door.wall === 'left';
  const along = door.wall === 'front' || door.wall === 'rear';
  const [hx, hy] = along ? [a0, isLow ? b0 : b1] : [isLow ? a0 : a1, b0];
  const [wx, wy] = along ? [a1, hy] : [hx, b1];
  const [ex, ey] = along ? [hx, isLow ? b1 : b0] : [isLow ? a1 : a0, hy];
  const mix = (from: number, to: number): number => from + (to - from) * QUARTER;
  return {
    kind: 'swing',
    shapes: [
      {
        kind: 'path',
        pen: 'markOutEdge',
        commands: [
          ['M', hx, hy],
          ['L', ex, ey],
          [
            'C',
            ex + mix(0, wx - hx),
            ey + mix(0, wy - hy),
            wx + mix(0, ex - hx),
            wy + mix(0, ey - hy),
            wx,
            wy,
          ],
        ],
      },
    ],
  };
}
