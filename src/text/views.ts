import type { RunMeasure } from '@/core/drawing/run/run';
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

/** What each measure of a run is, after its figure. */
export const RUN_MEASURES: Readonly<Record<RunMeasure['key'], string>> = {
  length: 'long',
  width: 'wide',
  ramp: 'ramp',
  floor: 'to the floor',
  skirting: 'solid foot',
};

/** What is drawn of a run, and what its drawing cannot know. */
export const RUN_CAPTION =
  'The run, from its side and from above. Where things stand in it is not in the plan: they stand in a row.';

/** A plan has no run to draw. */
export const NO_RUN = 'This plan has no run. Add one in Shell.';

/** How a view is called on paper. */
export const VIEW_TITLES: Readonly<Record<View | 'run', string>> = {
  run: 'The run, from its side and from above',
  front: 'Section, seen from the front',
  right: 'Section, seen from the right',
  rear: 'Section, seen from the rear',
  left: 'Section, seen from the left',
  above: 'Plan, seen from above',
};

/** Why no strip can be made. */
export const NO_STRIP = {
  unnamed: 'Name a feeder or drinker of the plan: fixture is its id, such as feeder-1.',
  vessel: (name: string): string =>
    `${name} has no holes round it that a strip could mark. Make it at home from a can or a pail, with ports or holes.`,
};
