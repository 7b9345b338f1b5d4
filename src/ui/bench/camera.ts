import type { Frame, Projection } from '@/core/drawing/projection';
import type { Face, View } from '@/core/drawing/shape';
import { ofEachPlan } from '../session/own';

/** What of a view is looked at more closely: how much larger than the whole coop, about which point, m. */
export interface Camera {
  readonly times: number;
  readonly acrossM: number;
  readonly upM: number;
}

/** Where each view is looked at closely; the others show the whole coop. */
export const useCameras = ofEachPlan<Partial<Record<View, Camera>>>(() => ({}));

/** One press looks so many times closer. */
export const CLOSER = 1.4;

const MOST_TIMES = 24;
/** Nearer to the whole than this is the whole. */
const WHOLE = 1.02;

/** Looks at a view closely, or at the whole of it. */
export const lookAt = (view: View, camera: Camera | null): void =>
  useCameras.setState({ [view]: camera ?? undefined });

/** How each view that is on the screen shows the whole coop: what keys and buttons zoom by. */
const whole = ofEachPlan(() => ({
  byView: new Map<View, { readonly fit: Projection; readonly frame: Frame }>(),
}));

/** Tells how a view shows the whole coop; returns the way to forget it. */
export function fitted(view: View, fit: Projection, frame: Frame): () => void {
  const own = { fit, frame };
  const { byView } = whole.getState();
  byView.set(view, own);
  return () => {
    if (byView.get(view) === own) byView.delete(view);
  };
}

/** Zooms every view on the screen about its middle. */
export function zoomAll(factor: number): void {
  for (const [view, { fit, frame }] of whole.getState().byView) {
    lookAt(view, closer(fit, frame, useCameras.getState()[view] ?? null, factor));
  }
}

/** Shows the whole coop in every view. */
export const wholeCoop = (): void =>
  useCameras.setState({
    front: undefined,
    right: undefined,
    rear: undefined,
    left: undefined,
    above: undefined,
  });

/** Shows a thing close by in every view on the screen. @param faceIn  what of it shows in a view */
export function zoomTo(faceIn: (view: View) => Face | null): void {
  for (const [view, { fit, frame }] of whole.getState().byView) {
    const face = faceIn(view);
    if (face) lookAt(view, closeUp(fit, frame, face));
  }
}

/** The middle of the room that a frame leaves for the drawing, px. */
const middleOf = (f: Frame): readonly [number, number] => [
  (f.left + f.width - f.right) / 2,
  (f.top + f.height - f.bottom) / 2,
];

/** A projection of the whole coop as a camera shows it. */
export function seenBy(whole: Projection, frame: Frame, camera: Camera | null): Projection {
  if (camera === null) return whole;
  const [cx, cy] = middleOf(frame);
  const scale = whole.scale * camera.times;
  return {
    ...whole,
    scale,
    u: (m) => cx + (m - camera.acrossM) * scale,
    v: (m) => cy - (m - camera.upM) * scale,
  };
}

/** The camera that shows what is shown now. */
function cameraOf(whole: Projection, frame: Frame, camera: Camera | null): Camera {
  if (camera) return camera;
  const [cx, cy] = middleOf(frame);
  return {
    times: 1,
    acrossM: (cx - whole.u(0)) / whole.scale,
    upM: (whole.v(0) - cy) / whole.scale,
  };
}

/**
 * So many times closer about a point of the page, which stays where it is.
 * @param at  px
 * @returns   null where that is the whole coop again
 */
export function closer(
  whole: Projection,
  frame: Frame,
  camera: Camera | null,
  factor: number,
  at: readonly [number, number] = middleOf(frame),
): Camera | null {
  const now = cameraOf(whole, frame, camera);
  const times = Math.min(MOST_TIMES, now.times * factor);
  if (times < WHOLE) return null;
  const [cx, cy] = middleOf(frame);
  const [offX, offY] = [(at[0] - cx) / whole.scale, (at[1] - cy) / whole.scale];
  const kept = 1 / now.times - 1 / times;
  return within(whole, { times, acrossM: now.acrossM + offX * kept, upM: now.upM - offY * kept });
}

/** Moved over the page so far, px; the whole coop stays where it is. */
export function panned(
  whole: Projection,
  camera: Camera | null,
  [dx, dy]: readonly [number, number],
): Camera | null {
  if (camera === null) return null;
  const scale = whole.scale * camera.times;
  return within(whole, {
    ...camera,
    acrossM: camera.acrossM - dx / scale,
    upM: camera.upM + dy / scale,
  });
}

/** The middle of what is looked at stays over the coop. */
const within = ({ acrossM, upM }: Projection, c: Camera): Camera => ({
  ...c,
  acrossM: Math.max(0, Math.min(acrossM, c.acrossM)),
  upM: Math.max(0, Math.min(upM, c.upM)),
});

/** How much of the page a thing takes when it is looked at closely. */
const SHARE = 0.45;

/** A camera that shows a face in the middle of the page. */
export function closeUp(whole: Projection, frame: Frame, face: Face): Camera | null {
  const [wide, tall] = [
    frame.width - frame.left - frame.right,
    frame.height - frame.top - frame.bottom,
  ];
  const sizeM = [Math.max(0.2, face.a1 - face.a0), Math.max(0.2, face.b1 - face.b0)] as const;
  const scale = Math.min((wide * SHARE) / sizeM[0], (tall * SHARE) / sizeM[1]);
  const times = Math.min(MOST_TIMES, scale / whole.scale);
  if (times < WHOLE) return null;
  return within(whole, {
    times,
    acrossM: (face.a0 + face.a1) / 2,
    upM: (face.b0 + face.b1) / 2,
  });
}
