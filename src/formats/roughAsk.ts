import { z } from 'zod';
import { fail, type Issue, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { isDay } from '@/core/kernel/units/day';
import type { RoughAnswers, RoughBirds, RoughSpace } from '@/core/layout/answers';
import type { Choices } from '@/core/layout/fitOut';
import { PLACE_KINDS, placeKind } from '@/core/layout/places.data';
import { CLIMATES } from '@/core/model/climates.data';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Roof } from '@/core/model/schema';
import { type ReadFlock, readFlock } from '@/text/flockWords';
import { climateOf } from './weatherAnswer';

/** Larger than this is no backyard coop, m. */
export const MOST_ROUGH_M = 12;
const metres = z.number().min(0.3).max(MOST_ROUGH_M);
const side = z.enum(['front', 'rear', 'left', 'right']);

/** What is asked of a coop that is to be roughed out; lengths in m. */
export const roughAskSchema = z.strictObject({
  /** In a keeper's own words: "6 brahma and 2 ducks". */
  birds: z.string().max(500),
  /** Null: the program says how large. */
  space: z
    .strictObject({
      kind: z
        .enum(PLACE_KINDS.map((p) => p.id) as [string, ...string[]])
        .nullable()
        .default(null),
      lengthM: metres,
      widthM: metres,
      heightM: z.number().min(0.4).max(8),
    })
    .nullable(),
  /** A shipped climate's id; or twelve months as pasted from a spreadsheet, in the units of the answers. */
  climate: z
    .union([
      z.enum(CLIMATES.map((c) => c.id) as [string, ...string[]]),
      z.strictObject({ normals: z.string().max(6000) }),
    ])
    .nullable(),
  units: z.enum(['metric', 'imperial']).default('metric'),
  name: z.string().trim().min(1).max(PLAN_LIMITS.name).default('Roughed out'),
  timeZone: z.string().max(64).default('UTC'),
  choices: z
    .strictObject({
      wall: side.optional(),
      outside: z.boolean().optional(),
      tiers: z.int().min(1).max(3).optional(),
      board: z.boolean().optional(),
      bath: z.boolean().optional(),
      pairs: z.boolean().optional(),
      parted: z.boolean().optional(),
      strip: z.boolean().optional(),
      homeMade: z.boolean().optional(),
      rain: z.boolean().optional(),
    })
    .default({}),
});

export type RoughAsk = z.input<typeof roughAskSchema>;

/** Answers that a coop can be roughed out from. */
export interface Asked {
  readonly answers: RoughAnswers;
  readonly choices: Choices;
}

/** Reads the questions' answers from JSON. */
export function parseRoughAsk(text: string, on: string): Outcome<Asked> {
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    return fail(issue('rough.notJson'));
  }
  const read = roughAskSchema.safeParse(body);
  if (!read.success) {
    return fail(
      ...read.error.issues.map((i) =>
        issue('rough.answer', { said: i.message }, i.path as Issue['path']),
      ),
    );
  }
  return askedOf(read.data, on);
}

/**
 * Answers read into birds, room and weather; what cannot be read is given back, never guessed.
 * @param ask  that the schema has accepted
 * @param on   the day it is asked on
 */
export function askedOf(ask: z.output<typeof roughAskSchema>, on: string): Outcome<Asked> {
  if (!isDay(on)) return fail(issue('rough.day', { typed: on }, ['on']));
  const weather = climateOf(ask.climate, ask.units);
  if (!weather.ok) return weather;
  const climate = weather.value;
  const flock = readFlock(ask.birds, on, (climate?.latitudeDeg ?? 0) < 0);
  const issues = flock.unread.map((u) =>
    issue(`rough.birds.${u.why}`, { said: u.said }, ['birds']),
  );
  if (flock.birds.length === 0 && issues.length === 0) {
    issues.push(issue('rough.birds.none', {}, ['birds']));
  }
  const all = flock.birds.reduce((n, b) => n + b.count, 0);
  if (all > PLAN_LIMITS.birds) {
    issues.push(issue('plan.tooManyBirds', { birds: all, most: PLAN_LIMITS.birds }, ['birds']));
  }
  if (issues.length > 0) return fail(...issues);
  return ok({
    answers: {
      id: 'rough',
      name: ask.name,
      units: ask.units,
      timeZone: ask.timeZone,
      birds: roughBirds(flock),
      space: ask.space === null ? null : spaceOf(ask.space),
      climate:
        climate !== null && ask.space?.kind === 'stall'
          ? { ...climate, exposure: 'courtyard' }
          : climate,
    },
    choices: ask.choices,
  });
}

/** Birds as they were read, each group with a name. */
export const roughBirds = ({ birds }: ReadFlock): RoughBirds[] =>
  birds.map((b) => ({
    breed: b.breed,
    count: b.count,
    sex: b.sex,
    hatchedOn: b.hatchedOn,
    arrivesOn: b.arrivesOn,
    raisedHere: b.raisedHere,
    name: nameOf(b.breedName, b.sex, b.raisedHere),
  }));

/** What a group is called on the flock's screen. */
const nameOf = (breed: string, sex: RoughBirds['sex'], young: boolean): string =>
  `${breed.replace(/, any breed$/, '').replace(/ hen$/, '')}${young ? ' chicks' : sex === 'cock' ? ' cock' : ''}`;

function spaceOf({
  kind,
  lengthM,
  widthM,
  heightM,
}: NonNullable<z.output<typeof roughAskSchema>['space']>): RoughSpace {
  const row = kind === null ? null : placeKind(kind as Parameters<typeof placeKind>[0]);
  const fall = row === null ? 0 : row.highM - row.lowM;
  return {
    lengthM,
    widthM,
    roof: roofOf(Math.max(0.3, heightM - fall), heightM),
    ...(row === null
      ? {}
      : {
          floorAboveGroundM: row.floorAboveGroundM,
          wallBuild: row.wallBuild,
          floorBuild: row.floorBuild,
        }),
  };
}

/** A roof that falls to the rear; flat where both sides are as high. */
export const roofOf = (lowM: number, highM: number): Roof =>
  lowM === highM ? { kind: 'flat', lowM, highM } : { kind: 'mono', lowM, highM, highSide: 'front' };
