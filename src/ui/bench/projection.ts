import type { Command, Face, View } from '@/core/drawing/shape';
import { roomOf, WALL_DRAWN_M } from '@/core/drawing/view';
import type { Shell } from '@/core/model/schema';

/** A view of the coop on the page: metres to pixels, and nothing else. */
export interface Projection {
  readonly view: View;
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

/**
 * The largest scale at which the coop fits a frame, centred in it.
 * @param frame  px: its size and the margins kept for sticks and labels
 */
export function project(view: View, shell: Shell, frame: Frame): Projection {
  const { acrossM, upM } = roomOf(view, shell);
  const roomX = frame.width - frame.left - frame.right;
  const roomY = frame.height - frame.top - frame.bottom;
  const scale = Math.max(
    8,
    Math.min(roomX / (acrossM + 2 * WALL_DRAWN_M), roomY / (upM + 2 * WALL_DRAWN_M)),
  );
  const x0 = frame.left + (roomX - acrossM * scale) / 2;
  // a low, wide coop stands a little below the middle of the room left over
  const spare = Math.max(0, roomY - (upM + 2 * WALL_DRAWN_M) * scale);
  const y0 = frame.height - frame.bottom - WALL_DRAWN_M * scale - spare * 0.4;
  return { view, scale, acrossM, upM, u: (m) => x0 + m * scale, v: (m) => y0 - m * scale };
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

/** A length on the page, as fine as anybody sees. */
export const px = (n: number): string => n.toFixed(2);

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
