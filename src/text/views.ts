import type { View } from '@/core/drawing/shape';

/** What each view is, under its drawing. */
export const CAPTIONS: Readonly<Record<View, string>> = {
  front: 'Section, seen from the front',
  right: 'Section, seen from the right; the front is at the left',
  rear: 'Section, seen from the rear; the right wall is at the left',
  left: 'Section, seen from the left; the front is at the right',
  above: 'Plan, seen from above; the front is at the foot',
};

/** From where each view is seen, for readers of the screen. */
export const SEEN: Readonly<Record<View, string>> = {
  front: 'seen from the front',
  right: 'seen from the right side',
  rear: 'seen from the rear',
  left: 'seen from the left side',
  above: 'seen from above',
};

/** How a view is called on paper. */
export const VIEW_TITLES: Readonly<Record<View, string>> = {
  front: 'Section, seen from the front',
  right: 'Section, seen from the right',
  rear: 'Section, seen from the rear',
  left: 'Section, seen from the left',
  above: 'Plan, seen from above',
};
