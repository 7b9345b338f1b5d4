import { type Aspect, silhouette, silhouetteLines } from '@/core/drawing/birds';
import type { Face } from '@/core/drawing/shape';
import { type PageRect, pathOnPage } from './projection';

/** Down the page is down for the bird. */
const PAGE = { u: (n: number): number => n, v: (n: number): number => -n };
const faceOf = ({ x, y, width, height }: PageRect): Face => ({
  a0: x,
  a1: x + width,
  b0: -(y + height),
  b1: -y,
});

/** A bird's outline filling a rectangle of the page exactly, px. */
export const silhouettePath = (aspect: Aspect, rect: PageRect, turned = false): string =>
  pathOnPage(silhouette(aspect, faceOf(rect), turned), PAGE);

/** Lines drawn within the outline, in the same rectangle. */
export const silhouetteDetail = (aspect: Aspect, rect: PageRect, turned = false): string =>
  pathOnPage(silhouetteLines(aspect, faceOf(rect), turned), PAGE);
