import type { DrawnItem } from './draw';
import { type Projection, px, type Stroke, strokesOf } from './projection';

/** Where on the page a look is set, px. */
export interface Place {
  /** Index into the looks. */
  readonly look: number;
  readonly x: string;
  readonly y: string;
}

/** Birds on the page: those that look alike are told once. */
export interface Birds {
  /** Strokes about the lower left corner of a bird's face. */
  readonly looks: readonly (readonly Stroke[])[];
  /** By the keys of the birds' items. */
  readonly places: ReadonlyMap<string, Place>;
}

/**
 * The birds of a drawing: a flock of a hundred has some ten looks (lot, pose, side), and is drawn of these.
 * @param items  of any kind; all but birds are passed over
 */
export function birdsOnPage(items: readonly DrawnItem[], p: Projection): Birds {
  const looks: (readonly Stroke[])[] = [];
  const known = new Map<string, number>();
  const places = new Map<string, Place>();
  for (const item of items) {
    if (item.what !== 'bird') continue;
    const x = p.u(item.face.a0);
    const y = p.v(item.face.b0);
    const about: Projection = { ...p, u: (m) => p.u(m) - x, v: (m) => p.v(m) - y };
    const strokes = strokesOf(item.shapes, about);
    const key = JSON.stringify(strokes);
    const look = known.get(key) ?? looks.push(strokes) - 1;
    known.set(key, look);
    places.set(item.key, { look, x: px(x), y: px(y) });
  }
  return { looks, places };
}
