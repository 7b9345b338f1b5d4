import { type Aspect, type BirdLook, USUAL_HEN } from '@/core/drawing/birds/look';
import { birdShapes } from '@/core/drawing/birds/silhouettes';
import type { PageRect, Projection } from '@/core/drawing/projection';
import type { Shape } from '@/core/drawing/shape';

/** A rectangle of the page as it is: down the page is down for the bird. */
const PAGE: Projection = {
  view: 'front',
  upAxis: 'z',
  scale: 1,
  acrossM: 0,
  upM: 0,
  u: (n) => n,
  v: (n) => -n,
};

/** How a bird of the page's own rectangle is drawn: with the drawing's pens, in pixels. */
export const onPage = PAGE;

/** A standing bird that fills a rectangle of the page exactly, px. */
export const birdOnPage = (
  { x, y, width, height }: PageRect,
  look: BirdLook = USUAL_HEN,
  aspect: Aspect = 'profile',
  turned = false,
): Shape[] =>
  birdShapes(look, aspect, 'standing', { a0: x, a1: x + width, b0: -(y + height), b1: -y }, turned);
