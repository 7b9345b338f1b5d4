import type { Breed } from '../../model/breeds.data';
import type { BirdClass } from '../../model/classes.data';
import type { Shell } from '../../model/schema';
import type { PlacedBird } from '../../stations/roosts/perched';
import type { Face, Item, Pen, Shape, View } from '../shape';
import { acrossPage, LIES } from '../view';
import type { Aspect, BirdLook } from './look';
import { birdShapes } from './silhouettes';
import type { Build } from './silhouettes.data';

const BUILD_OF: Readonly<Record<BirdClass, Build>> = {
  bantam: 'bantam',
  lightLayer: 'light',
  medium: 'medium',
  heavy: 'heavy',
  giant: 'giant',
  meat: 'heavy',
  lightDuck: 'duck',
  heavyDuck: 'duck',
};

/** What is drawn of a bird beyond her size. */
export const lookOf = (of: {
  readonly class: BirdClass;
  readonly sex: 'hen' | 'cock';
  readonly comb: Breed['comb'];
}): BirdLook => ({ build: BUILD_OF[of.class], cock: of.sex === 'cock', comb: of.comb });

/** How a bird without a place is drawn: her outline dashed, the rest in its colour. */
const ASTRAY: Readonly<Partial<Record<Pen, Pen>>> = {
  bird: 'astray',
  birdLine: 'astrayLine',
  birdLeg: 'astrayLine',
  birdEye: 'astrayLine',
};

/** A bird sits across her bar and looks into the room, away from the wall that she is nearest to: 1 or −1 along her line. */
function looks(
  bird: Pick<PlacedBird, 'across' | 'x' | 'y' | 'barId'>,
  { lengthM, widthM }: Shell,
): 1 | -1 {
  // one that has been left over stands and looks to the front
  if (bird.barId === null) return -1;
  if (bird.across === 'x') return bird.y > widthM / 2 ? -1 : 1;
  return bird.x > lengthM / 2 ? -1 : 1;
}

/** How a bird is seen, and whether she is drawn turned round. */
export function aspectOf(
  bird: Pick<PlacedBird, 'across' | 'x' | 'y' | 'barId'>,
  view: View,
  shell: Shell,
): { aspect: Aspect; turned: boolean } {
  const towards = looks(bird, shell);
  if (view === 'above') {
    return bird.across === 'x'
      ? { aspect: 'above', turned: towards < 0 }
      : { aspect: 'aboveAcross', turned: towards > 0 };
  }
  const { across, mirrored } = LIES[view];
  if (bird.across === across) {
    // along the page runs her bar: she is seen from before or behind
    const isFaced = view === 'front' || view === 'left' ? towards < 0 : towards > 0;
    return { aspect: isFaced ? 'front' : 'back', turned: false };
  }
  return { aspect: 'profile', turned: towards < 0 !== mirrored };
}

/** What of a bird shows, m. */
function birdFace(bird: PlacedBird, aspect: Aspect, view: View, shell: Shell): Face {
  const middle = acrossPage(view, shell, LIES[view].across === 'y' ? bird.y : bird.x);
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

/**
 * One bird at her real size; one without a place is drawn as astray.
 * @param at  which of the birds drawn she is
 * @example birdItem(bird, 2, 'front', shell).key // 'bird-2'
 */
export function birdItem(bird: PlacedBird, at: number, view: View, shell: Shell): BirdItem {
  const { aspect, turned } = aspectOf(bird, view, shell);
  const face = birdFace(bird, aspect, view, shell);
  const has = bird.barId !== null;
  // on a bar she has let herself down for the night
  const pose = has ? 'settled' : 'standing';
  // from before and behind her head is turned to one side: not all of a row look the same way
  const looksLeft = aspect === 'front' || aspect === 'back' ? at % 3 === 1 : turned;
  const shapes = birdShapes(lookOf(bird), aspect, pose, face, looksLeft);
  return {
    what: 'bird',
    key: `bird-${at}`,
    bird,
    aspect,
    face,
    shapes: has ? shapes : shapes.map((s): Shape => ({ ...s, pen: ASTRAY[s.pen] ?? s.pen })),
  };
}
