import type { PlacedBird } from '../stations/roosts/perched';
import type { Command, Face, Item, View } from './shape';
import { ABOVE, ABOVE_WINGS, FRONT, FRONT_LINES, PROFILE, PROFILE_LINES } from './silhouettes.data';

/** How a bird is seen: from her side, from the front, from above along the page or across it. */
export type Aspect = 'profile' | 'front' | 'above' | 'aboveAcross';

const OUTLINES: Readonly<Record<Aspect, readonly Command[]>> = {
  profile: PROFILE,
  front: FRONT,
  above: ABOVE,
  // from above on a bar that runs front to rear: beak to the left
  aboveAcross: transposed(ABOVE),
};

const LINES: Readonly<Record<Aspect, readonly Command[]>> = {
  profile: PROFILE_LINES,
  front: FRONT_LINES,
  above: ABOVE_WINGS,
  aboveAcross: transposed(ABOVE_WINGS),
};

/**
 * A bird's outline that fills a face exactly.
 * @param face    m: as long (or broad) and as high as she is
 * @param turned  whether she looks to the left (or, from above, down the page)
 */
export const silhouette = (aspect: Aspect, face: Face, turned: boolean): Command[] =>
  placed(OUTLINES[aspect], aspect, face, turned);

/** Lines drawn within the outline, in the same face. */
export const silhouetteLines = (aspect: Aspect, face: Face, turned: boolean): Command[] =>
  placed(LINES[aspect], aspect, face, turned);

function placed(
  commands: readonly Command[],
  aspect: Aspect,
  { a0, a1, b0, b1 }: Face,
  turned: boolean,
): Command[] {
  const across = (n: number): number =>
    a0 + (a1 - a0) * (turned && aspect === 'profile' ? 1 - n : n);
  const up = (n: number): number => b1 - (b1 - b0) * (turned && aspect === 'above' ? 1 - n : n);
  return commands.map(
    ([letter, ...points]) =>
      [letter, ...points.map((n, i) => (i % 2 === 0 ? across(n) : up(n)))] as unknown as Command,
  );
}

/** The same drawing with its two axes exchanged. */
function transposed(commands: readonly Command[]): Command[] {
  return commands.map(
    ([letter, ...points]) =>
      [letter, ...points.map((_, i) => points[i ^ 1] ?? 0)] as unknown as Command,
  );
}

/** A bird sits across her bar, looking to the front of the coop. */
export function aspectOf(bird: Pick<PlacedBird, 'across'>, view: View): Aspect {
  if (view === 'above') return bird.across === 'x' ? 'above' : 'aboveAcross';
  return (bird.across === 'x') === (view === 'side') ? 'profile' : 'front';
}

/** What of a bird shows, m. */
function birdFace(bird: PlacedBird, aspect: Aspect, view: View): Face {
  const middle = view === 'side' ? bird.y : bird.x;
  const lengthAcross = aspect === 'profile' || aspect === 'aboveAcross';
  const half = (lengthAcross ? bird.lengthM : bird.widthM) / 2;
  const [a0, a1] = [middle - half, middle + half];
  if (view === 'above') {
    const deep = (lengthAcross ? bird.widthM : bird.lengthM) / 2;
    return { a0, a1, b0: bird.y - deep, b1: bird.y + deep };
  }
  return { a0, a1, b0: bird.z, b1: bird.z + bird.heightM };
}

/** A bird as an item of a drawing. */
export interface BirdItem extends Item {
  readonly what: 'bird';
  readonly bird: PlacedBird;
  readonly aspect: Aspect;
}

/** One bird at her real size; one without a place is drawn as astray. */
export function birdItem(bird: PlacedBird, key: string, view: View): BirdItem {
  const aspect = aspectOf(bird, view);
  const face = birdFace(bird, aspect, view);
  const has = bird.barId !== null;
  return {
    what: 'bird',
    key,
    bird,
    aspect,
    face,
    shapes: [
      {
        kind: 'path',
        pen: has ? 'bird' : 'astray',
        commands: silhouette(aspect, face, true),
      },
      {
        kind: 'path',
        pen: has ? 'birdLine' : 'astrayLine',
        commands: silhouetteLines(aspect, face, true),
      },
    ],
  };
}
