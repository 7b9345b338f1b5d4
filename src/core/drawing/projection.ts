import type { Plan, Shell } from '../model/schema';
import { draw } from './draw';
import {
  type Command,
  type Face,
  type Pen,
  type Point,
  pointsOf,
  type Shape,
  type View,
} from './shape';
import { roomOf, WALL_DRAWN_M } from './view';

/** A view of the coop on the page: metres to pixels, and nothing else. */
export interface Projection {
  readonly view: View;
  /** The line of the coop that runs up the page. */
  readonly upAxis: 'y' | 'z';
  /** Pixels a metre, the same both ways. */
  readonly scale: number;
  /** Inside measure across, and the height (or depth, seen from above) shown, m. */
  readonly acrossM: number;
  readonly upM: number;
  /** Page place of a point across and up, px. */
  u(acrossM: number): number;
  v(upM: number): number;
}

export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** How far a coop reaches past the inner faces of its walls on the page, m. */
export interface Past {
  readonly left: number;
  readonly right: number;
  readonly below: number;
  readonly above: number;
}

const ITS_WALLS: Past = {
  left: WALL_DRAWN_M,
  right: WALL_DRAWN_M,
  below: WALL_DRAWN_M,
  above: WALL_DRAWN_M,
};

/** Its walls, and all that is drawn past them: boxes that hang outside, a door ajar, a rain barrel. */
export function pastWalls(view: View, plan: Plan): Past {
  const { acrossM, upM } = roomOf(view, plan.shell);
  const points = draw(plan, view)
    .filter((item) => item.what === 'fixture' || item.what === 'rain')
    .flatMap((item) => item.shapes.flatMap(pointsOf));
  const most = (of: (point: Point) => number): number =>
    points.reduce((far, point) => Math.max(far, of(point)), WALL_DRAWN_M);
  const sides = { left: most(([a]) => -a), right: most(([a]) => a - acrossM) };
  return view === 'above'
    ? { ...sides, below: most(([, b]) => -b), above: most(([, b]) => b - upM) }
    : { ...ITS_WALLS, ...sides };
}

/**
 * The largest scale at which the coop fits a frame, centred in it.
 * @param frame  px: its size and the margins kept for sticks and labels
 * @param past   what is drawn past the walls' inner faces
 * @param most   pixels a metre at most: coops side by side are drawn at one scale
 */
export function project(
  view: View,
  shell: Shell,
  frame: Frame,
  { past = ITS_WALLS, most = Infinity }: { readonly past?: Past; readonly most?: number } = {},
): Projection {
  const { acrossM, upM } = roomOf(view, shell);
  const roomX = frame.width - frame.left - frame.right;
  const roomY = frame.height - frame.top - frame.bottom;
  const wholeX = past.left + acrossM + past.right;
  const wholeY = past.below + upM + past.above;
  const scale = Math.max(8, Math.min(most, roomX / wholeX, roomY / wholeY));
  const x0 = frame.left + (roomX - wholeX * scale) / 2 + past.left * scale;
  // a low, wide coop stands a little below the middle of the room left over
  const spare = Math.max(0, roomY - wholeY * scale);
  const y0 = frame.height - frame.bottom - past.below * scale - spare * 0.4;
  return {
    view,
    upAxis: view === 'above' ? 'y' : 'z',
    scale,
    acrossM,
    upM,
    u: (m) => x0 + m * scale,
    v: (m) => y0 - m * scale,
  };
}

/** A rectangle on the page, px. */
export interface PageRect {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A face of metres on the page. */
export const pageRect = ({ a0, a1, b0, b1 }: Face, p: Projection): PageRect => ({
  x: p.u(a0),
  y: p.v(b1),
  width: (a1 - a0) * p.scale,
  height: (b1 - b0) * p.scale,
});

/**
 * A length on the page, as fine as anybody sees.
 * @param lengthPx  px
 * @example px(12.3456) // '12.3'
 */
export const px = (lengthPx: number): string => String(Math.round(lengthPx * 10) / 10);

/** A path on the page of commands in metres. */
export const pathOnPage = (
  commands: readonly Command[],
  { u, v }: Pick<Projection, 'u' | 'v'>,
): string =>
  commands
    .map(
      ([letter, ...points]) =>
        letter + points.map((n, i) => px(i % 2 === 0 ? u(n) : v(n))).join(' '),
    )
    .join('');

/** A shape on the page: a path with its pen, or an ellipse as middle and half axes, px. */
export type Stroke =
  | { readonly pen: Pen; readonly d: string }
  | {
      readonly pen: Pen;
      readonly cx: string;
      readonly cy: string;
      readonly rx: string;
      readonly ry: string;
    };

/** Shapes on the page, in their order. */
export const strokesOf = (shapes: readonly Shape[], p: Projection): Stroke[] =>
  shapes.map((shape) =>
    shape.kind === 'ellipse'
      ? {
          pen: shape.pen,
          cx: px(p.u(shape.middle[0])),
          cy: px(p.v(shape.middle[1])),
          rx: px(shape.half[0] * p.scale),
          ry: px(shape.half[1] * p.scale),
        }
      : { pen: shape.pen, d: pathOnPage(shape.commands, p) },
  );
