import type { Issue, Outcome } from '@/core/kernel/outcome';
import { formatLength, type UnitSystem } from '@/core/kernel/units/length';
import type { PlaceKindId } from '@/core/layout/places.data';
import type { Band } from '@/core/measure/bands';
import type { Measured } from '@/core/measure/standing';
import type { Thing } from '@/core/measure/things';
import {
  type MeasureSpec,
  ROOM_MEASURES,
  type RoomMeasure,
  THING_MEASURES,
  type ThingChoices,
  type ThingKind,
  USUAL_CHOICES,
} from '@/core/measure/things.data';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Plan } from '@/core/model/schema';
import type { WeatherAnswer } from '@/formats/weatherAnswer';
import { readRough } from '@/text/roughWords';

/** A thing as it is being entered. */
export interface TypedThing {
  readonly id: number;
  readonly kind: ThingKind;
  readonly values: Readonly<Record<string, string>>;
  readonly choices: ThingChoices[ThingKind];
}

/** All that has been typed of a coop that stands. */
export interface Typed {
  readonly place: PlaceKindId;
  readonly birds: string;
  readonly climate: WeatherAnswer;
  readonly units: UnitSystem;
  readonly stature: string;
  readonly soldFor: string;
  readonly meshFixedBy: Plan['shell']['meshFixedBy'];
  readonly board: string;
  readonly floorBuild: Plan['shell']['floorBuild'] | null;
  readonly room: Readonly<Record<RoomMeasure, string>>;
  readonly things: readonly TypedThing[];
}

export const STATURE_M = 1.68;

export const nothingTyped = (units: UnitSystem): Typed => ({
  place: 'shed',
  birds: '',
  climate: null,
  units,
  stature: '',
  soldFor: '',
  meshFixedBy: null,
  board: '',
  floorBuild: null,
  room: { length: '', width: '', front: '', rear: '', litter: '' },
  things: [],
});

/** One thing more, with nothing measured of it; of a bank of nests how many boxes it has, where that was said. */
export const withThing = (typed: Typed, kind: ThingKind, boxes?: number): Typed => ({
  ...typed,
  things: [
    ...typed.things,
    {
      id: Math.max(0, ...typed.things.map((t) => t.id)) + 1,
      kind,
      values: {},
      choices: { ...USUAL_CHOICES[kind], ...(boxes === undefined ? {} : { boxes }) },
    },
  ],
});

/** What was read, and what is wrong by field: `room.length`, `3.height`. */
export interface Read {
  readonly measured: Measured;
  readonly statureM: number;
  readonly wrong: Readonly<Record<string, Issue>>;
  /** Measures that nobody has taken yet. */
  readonly open: number;
}

/** What the questions of a check share: what was typed and read, and whose tape is drawn. */
export interface Measuring {
  readonly typed: Typed;
  readonly read: Read;
  readonly put: (part: Partial<Typed>) => void;
  /** `room.length`, `3.height`. */
  readonly shown: string;
  readonly show: (measure: string) => void;
}

/** Not measured yet: the usual, give or take a third. */
const notMeasured = (usualM: number): Band => ({
  open: true,
  atM: usualM,
  fromM: Math.round(usualM * (1 - A_THIRD) * 100) / 100,
  toM: Math.round(usualM * (1 + A_THIRD) * 100) / 100,
});
const A_THIRD = 1 / 3;

/** Reads what was typed: rough measures as bands, what is missing as the usual. */
export function readTyped(typed: Typed): Read {
  const { units } = typed;
  const wrong: Record<string, Issue> = {};
  let open = 0;
  const stature = typed.stature === '' ? null : readRough(typed.stature, units, STATURE_M, true);
  if (stature && !stature.ok) wrong.stature = stature.issues[0] as Issue;
  const statureM = stature?.ok && stature.value.atM >= 1 ? stature.value.atM : STATURE_M;
  const bandOf = (field: string, said: string, spec: MeasureSpec, room: boolean): Band => {
    if (said.trim() === '') {
      // until it is said where along its wall a thing is, it stands where there is room
      if (!spec.along) open++;
      return notMeasured(spec.usualM);
    }
    const read = within(readRough(said, units, statureM, room), spec, units);
    if (read.ok) return read.value;
    if (read.issues[0]) wrong[field] = read.issues[0];
    return notMeasured(spec.usualM);
  };
  const room = Object.fromEntries(
    ROOM_MEASURES.map((spec) => [
      spec.id,
      bandOf(`room.${spec.id}`, typed.room[spec.id], spec, spec.id !== 'litter'),
    ]),
  ) as unknown as Measured['room'];
  const things = typed.things.map((t) => ({
    kind: t.kind,
    choices: t.choices,
    bands: Object.fromEntries(
      THING_MEASURES[t.kind].map((spec: MeasureSpec) => [
        spec.id,
        bandOf(
          `${t.id}.${spec.id}`,
          t.values[spec.id] ?? '',
          { ...spec, mostM: Math.min(spec.mostM, roomFor(t.kind, spec.id, room)) },
          false,
        ),
      ]),
    ),
  })) as Thing[];
  const board = typed.board.trim() === '' ? null : readRough(typed.board, units, statureM);
  if (board && !board.ok) wrong.board = board.issues[0] as Issue;
  const soldFor = Number(typed.soldFor);
  const isNumber = /^\d+$/.test(typed.soldFor) && soldFor >= 1 && soldFor <= PLAN_LIMITS.birds;
  if (typed.soldFor !== '' && !isNumber) {
    wrong.soldFor = {
      code: 'count.unreadable',
      path: [],
      details: { typed: typed.soldFor, least: 1, most: PLAN_LIMITS.birds },
    };
  }
  return {
    measured: {
      room,
      things,
      place: typed.place,
      soldFor: isNumber ? soldFor : null,
      meshFixedBy: typed.meshFixedBy,
      boardM: board?.ok ? Math.min(0.2, Math.max(0.001, board.value.atM)) : null,
      floorBuild: typed.floorBuild,
    },
    statureM,
    wrong,
    open,
  };
}

/** Nothing is longer than the room it lies in, nor farther from a wall than the wall across. */
function roomFor(kind: ThingKind, measure: string, room: Measured['room']): number {
  const side = ALONG[`${kind}.${measure}`];
  return side === undefined ? Number.POSITIVE_INFINITY : room[side].toM;
}
const ALONG: Readonly<Record<string, 'length' | 'width'>> = {
  'bar.length': 'length',
  'bar.behind': 'width',
  'obstacle.left': 'length',
  'obstacle.front': 'width',
  'obstacle.long': 'length',
  'obstacle.deep': 'width',
};

function within(read: Outcome<Band>, spec: MeasureSpec, units: UnitSystem): Outcome<Band> {
  if (!read.ok) return read;
  const { atM, fromM, toM } = read.value;
  const { leastM, mostM } = spec;
  if (atM < leastM - 1e-9 || atM > mostM + 1e-9) {
    const said = (m: number): string => formatLength(m, { units });
    const details = { least: said(leastM), most: said(mostM) };
    return { ok: false, issues: [{ code: 'length.outOfRange', path: [], details }] };
  }
  return {
    ok: true,
    value: { ...read.value, fromM: Math.max(leastM, fromM), toM: Math.min(mostM, toM) },
  };
}
