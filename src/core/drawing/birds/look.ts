import type { Build, COMBS } from './silhouettes.data';

/** How a bird is seen: from her side, from the front, from behind, from above along the page or across it. */
export type Aspect = 'profile' | 'front' | 'back' | 'above' | 'aboveAcross';

/** On her feet, or let down on the bar for the night. */
export type Pose = 'standing' | 'settled';

/** What of a bird is told by her outline. */
export interface BirdLook {
  readonly build: Build;
  readonly cock: boolean;
  readonly comb: keyof typeof COMBS;
}

export const USUAL_HEN: BirdLook = { build: 'medium', cock: false, comb: 'single' };
