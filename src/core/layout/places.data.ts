import type { BUILDS } from '../model/place.schema';

/** A kind of thing that a coop is made of, with the sizes it usually has inside, m. */
export interface PlaceKind {
  readonly id: 'shed' | 'playhouse' | 'stall' | 'frame' | 'box';
  readonly lengthM: number;
  readonly widthM: number;
  /** Height of the roof's underside at its low and its high side; the front is the high one. */
  readonly lowM: number;
  readonly highM: number;
  readonly floorAboveGroundM: number;
  readonly wallBuild: (typeof BUILDS)[number];
  readonly floorBuild: 'sealed' | 'boards' | 'concrete' | 'mesh' | 'earth';
  /** Inside another building: no wind. */
  readonly inside: boolean;
}

/** Sizes to begin with, for a keeper to change. Source: wide-rafter (assumption). */
export const PLACE_KINDS: readonly PlaceKind[] = [
  {
    id: 'shed',
    lengthM: 2.4,
    widthM: 1.8,
    lowM: 1.9,
    highM: 2.1,
    floorAboveGroundM: 0.1,
    wallBuild: 'board18',
    floorBuild: 'sealed',
    inside: false,
  },
  {
    id: 'playhouse',
    lengthM: 1.8,
    widthM: 1.2,
    lowM: 1.3,
    highM: 1.5,
    floorAboveGroundM: 0.1,
    wallBuild: 'board18',
    floorBuild: 'sealed',
    inside: false,
  },
  {
    id: 'stall',
    lengthM: 3,
    widthM: 3,
    lowM: 2.4,
    highM: 2.4,
    floorAboveGroundM: 0,
    wallBuild: 'masonry200',
    floorBuild: 'concrete',
    inside: true,
  },
  {
    id: 'frame',
    lengthM: 3.6,
    widthM: 2.4,
    lowM: 2.2,
    highM: 2.2,
    floorAboveGroundM: 0,
    wallBuild: 'sheetMetal',
    floorBuild: 'concrete',
    inside: false,
  },
  {
    id: 'box',
    lengthM: 1.2,
    widthM: 0.9,
    lowM: 1.1,
    highM: 1.2,
    floorAboveGroundM: 0.6,
    wallBuild: 'ply12',
    floorBuild: 'sealed',
    inside: false,
  },
];

export type PlaceKindId = PlaceKind['id'];

/** What a kind of place is. @example placeKind('box').floorAboveGroundM // 0.6 */
export function placeKind(id: PlaceKindId): PlaceKind {
  const row = PLACE_KINDS.find((p) => p.id === id);
  if (!row) throw new Error(`no place has the id ${id}`);
  return row;
}
