import type { Drinker, Feeder, OfKind, Side } from '../model/schema';

/** What is measured in a coop that stands: things by kind, each with its measures and its choices. */
export const THING_KINDS = [
  'bar',
  'nests',
  'popDoor',
  'door',
  'opening',
  'feeder',
  'drinker',
  'obstacle',
] as const;
export type ThingKind = (typeof THING_KINDS)[number];

/** One measure of a thing. */
export interface MeasureSpec {
  readonly id: string;
  /** Taken where the keeper has none, and drawn until she has, m. */
  readonly usualM: number;
  readonly leastM: number;
  readonly mostM: number;
  /** Whether it is a height: then it is told by the body too. */
  readonly height?: true;
  /** Where along the wall: until it is said, the thing stands where there is room. */
  readonly along?: true;
}

/** Measures of the room, inside. */
export const ROOM_MEASURES = [
  { id: 'length', usualM: 1.8, leastM: 0.4, mostM: 12 },
  { id: 'width', usualM: 1.2, leastM: 0.4, mostM: 12 },
  { id: 'front', usualM: 1.5, leastM: 0.4, mostM: 8, height: true },
  { id: 'rear', usualM: 1.3, leastM: 0.4, mostM: 8, height: true },
  { id: 'litter', usualM: 0.1, leastM: 0, mostM: 0.5 },
] as const satisfies readonly MeasureSpec[];
export type RoomMeasure = (typeof ROOM_MEASURES)[number]['id'];

const ALONG = { id: 'along', usualM: 0.3, leastM: 0, mostM: 12, along: true } as const;

/** Measures of each kind of thing. Sizes to begin with are wide-rafter's (assumption). */
export const THING_MEASURES = {
  bar: [
    { id: 'length', usualM: 1.2, leastM: 0.1, mostM: 12 },
    { id: 'height', usualM: 0.6, leastM: 0.05, mostM: 2.5, height: true },
    { id: 'behind', usualM: 0.4, leastM: 0, mostM: 12 },
    { id: 'across', usualM: 0.05, leastM: 0.01, mostM: 0.3 },
    ALONG,
  ],
  nests: [
    { id: 'wide', usualM: 0.3, leastM: 0.1, mostM: 3 },
    { id: 'deep', usualM: 0.35, leastM: 0.1, mostM: 0.9 },
    { id: 'high', usualM: 0.35, leastM: 0.1, mostM: 2 },
    { id: 'lip', usualM: 0.45, leastM: 0, mostM: 2, height: true },
    ALONG,
  ],
  popDoor: [
    { id: 'wide', usualM: 0.3, leastM: 0.1, mostM: 2 },
    { id: 'high', usualM: 0.35, leastM: 0.1, mostM: 2 },
    { id: 'sill', usualM: 0.15, leastM: 0, mostM: 2, height: true },
    ALONG,
  ],
  door: [
    { id: 'wide', usualM: 0.7, leastM: 0.2, mostM: 3 },
    { id: 'high', usualM: 1.2, leastM: 0.2, mostM: 3, height: true },
    { id: 'sill', usualM: 0, leastM: 0, mostM: 2, height: true },
    ALONG,
  ],
  opening: [
    { id: 'wide', usualM: 0.4, leastM: 0.02, mostM: 12 },
    { id: 'high', usualM: 0.2, leastM: 0.01, mostM: 3 },
    { id: 'sill', usualM: 0.9, leastM: 0, mostM: 4, height: true },
    ALONG,
  ],
  feeder: [{ id: 'across', usualM: 0.3, leastM: 0.05, mostM: 3 }],
  drinker: [{ id: 'across', usualM: 0.3, leastM: 0.05, mostM: 3 }],
  obstacle: [
    { id: 'left', usualM: 0.5, leastM: 0, mostM: 12 },
    { id: 'front', usualM: 0.5, leastM: 0, mostM: 12 },
    { id: 'long', usualM: 0.1, leastM: 0.01, mostM: 6 },
    { id: 'deep', usualM: 0.1, leastM: 0.01, mostM: 6 },
    { id: 'high', usualM: 1, leastM: 0.01, mostM: 4, height: true },
  ],
} as const satisfies Readonly<Record<ThingKind, readonly MeasureSpec[]>>;

/** An answer; null: not looked at. */
type Asked<T> = T | null;

/** What is chosen of a thing, beside its measures. */
export interface ThingChoices {
  readonly bar: { readonly shape: Asked<'flat' | 'round'> };
  readonly nests: {
    readonly boxes: Asked<number>;
    readonly wall: Side;
    readonly outside: Asked<boolean>;
  };
  readonly popDoor: { readonly wall: Side };
  readonly door: { readonly wall: Side; readonly walkedIn: Asked<boolean> };
  readonly opening: {
    readonly wall: Side;
    readonly cover: Asked<OfKind<'vent'>['cover']>;
    readonly opens: OfKind<'vent'>['opens'];
  };
  readonly feeder: { readonly type: Asked<Feeder['type']> };
  readonly drinker: { readonly type: Asked<Drinker['type']> };
  readonly obstacle: { readonly what: OfKind<'obstacle'>['what'] };
}

/** What a thing is until the keeper says otherwise: nothing has been looked at but the wall it is at. */
export const USUAL_CHOICES: ThingChoices = {
  bar: { shape: null },
  nests: { boxes: null, wall: 'right', outside: null },
  popDoor: { wall: 'front' },
  door: { wall: 'front', walkedIn: null },
  opening: { wall: 'front', cover: null, opens: 'unknown' },
  feeder: { type: null },
  drinker: { type: null },
  obstacle: { what: 'post' },
};
