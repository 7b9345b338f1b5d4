import { bareOf, type RoughAnswers } from '../layout/answers';
import { type PlaceKindId, placeKind } from '../layout/places.data';
import type { Fixture, Plan, Roughly } from '../model/schema';
import { type Band, isRough } from './bands';
import { type Made, made, type Thing } from './things';
import type { RoomMeasure, ThingKind } from './things.data';

/** A coop as it was measured where it stands. */
export interface Measured {
  readonly room: Readonly<Record<RoomMeasure, Band>>;
  readonly things: readonly Thing[];
  readonly place: PlaceKindId;
  readonly soldFor: number | null;
  readonly meshFixedBy: Plan['shell']['meshFixedBy'];
  readonly boardM: number | null;
  /** Null: not looked at. */
  readonly floorBuild: Plan['shell']['floorBuild'] | null;
}

/**
 * The plan of a coop that stands. What was not measured goes where there is room: an opening in the middle of its
 * wall, a feeder on free floor. What was measured by eye is noted, with between what it may be.
 * @param who  birds, climate, name and units, as they are asked for a coop that is still to be built
 */
export const planOfStanding = (who: Omit<RoughAnswers, 'space'>, measured: Measured): Plan =>
  standingOf(who, measured).plan;

/** A coop that stands, and what of it nobody has looked at. */
export interface Standing {
  readonly plan: Plan;
  /** Measures that nobody has taken. */
  readonly open: readonly Roughly[];
  /** Things of which a measure, a choice or their place is not known, by id. */
  readonly halfKnown: ReadonlySet<string>;
}

/** The same with what is still open. */
export function standingOf(who: Omit<RoughAnswers, 'space'>, measured: Measured): Standing {
  const { room, place } = measured;
  const row = placeKind(place);
  const bare = bareOf(
    { ...who, space: null },
    {
      lengthM: room.length.atM,
      widthM: room.width.atM,
      roof: roofOver(room.front.atM, room.rear.atM),
      floorAboveGroundM: row.floorAboveGroundM,
      wallBuild: row.wallBuild,
      // what nobody has looked at gives no verdict
      floorBuild: measured.floorBuild ?? 'sealed',
    },
  );
  const start: Plan = {
    ...bare,
    climate:
      row.inside && bare.climate !== null
        ? { ...bare.climate, exposure: 'courtyard' }
        : bare.climate,
    soldFor: measured.soldFor,
    litter: { ...bare.litter, depthM: room.litter.atM },
    shell: { ...bare.shell, meshFixedBy: measured.meshFixedBy, boardM: measured.boardM },
    roughly: roughRoom(room),
  };
  const open = roughRoom(onlyOpen(room)).filter((r) => r.toM > r.fromM);
  const halfKnown = new Set<string>();
  const plan = inOrder(measured.things).reduce((so, thing) => {
    const { fixture, rough } = made(so, thing, room.litter);
    for (const [key, band] of Object.entries(rough)) {
      if (band.open) open.push(...noted(fixture.id, key as Roughly['key'], band));
    }
    const known =
      Object.values(thing.bands).every((band) => !band.open) &&
      Object.values(thing.choices).every((c) => c !== null && c !== 'unknown');
    if (!known) halfKnown.add(fixture.id);
    return stood(so, fixture, rough);
  }, start);
  return { plan, open, halfKnown };
}

/** The room's measures that nobody has taken; those that are known are exact. */
const onlyOpen = (room: Measured['room']): Measured['room'] =>
  Object.fromEntries(
    Object.entries(room).map(([id, band]) => [
      id,
      band.open ? band : { ...band, fromM: band.atM, toM: band.atM },
    ]),
  ) as unknown as Measured['room'];

/** In the order of the plan's fixtures: what stands on the floor comes last, and goes where the others leave room. */
export const inOrder = <T extends { readonly kind: ThingKind }>(things: readonly T[]): T[] =>
  [...things].sort((a, b) => LATE.indexOf(a.kind) - LATE.indexOf(b.kind));
const LATE: readonly ThingKind[] = ['feeder', 'drinker'];

/** A roof that falls to the lower wall; flat where both are as high. */
const roofOver = (frontM: number, rearM: number): Plan['shell']['roof'] =>
  frontM === rearM
    ? { kind: 'flat', lowM: frontM, highM: frontM }
    : {
        kind: 'mono',
        lowM: Math.min(frontM, rearM),
        highM: Math.max(frontM, rearM),
        highSide: frontM > rearM ? 'front' : 'rear',
      };

function roughRoom(room: Measured['room']): Roughly[] {
  const isFlat = room.front.atM === room.rear.atM;
  const [low, high] =
    room.front.atM < room.rear.atM ? [room.front, room.rear] : [room.rear, room.front];
  return [
    ...noted(null, 'lengthM', room.length),
    ...noted(null, 'widthM', room.width),
    ...noted(null, 'depthM', room.litter),
    ...noted(null, 'highM', high),
    ...(isFlat ? [] : noted(null, 'lowM', low)),
  ];
}

/** A measure that was taken by eye, as the plan keeps it. */
const noted = (fixture: string | null, key: Roughly['key'], band: Band): Roughly[] =>
  isRough(band) ? [{ fixture, key, atM: band.atM, fromM: band.fromM, toM: band.toM }] : [];

/** The plan with one thing more in it. */
function stood(plan: Plan, fixture: Fixture, rough: Made['rough']): Plan {
  return {
    ...plan,
    fixtures: [...plan.fixtures, fixture],
    roughly: [
      ...plan.roughly,
      ...Object.entries(rough).flatMap(([key, band]) =>
        noted(fixture.id, key as Roughly['key'], band),
      ),
    ],
  };
}
