import * as z from 'zod/mini';
import { COMBS, EGG_COLOURS, FLIGHTS, GROWTHS } from './breeds.data';
import { PLAN_LIMITS } from './limits';
import { breedId, date, id, name } from './parts.schema';

const score = z.int().check(z.minimum(1), z.maximum(5));
const eggsYear = z.int().check(z.minimum(0), z.maximum(365));
/** One egg, kg. */
const eggKg = z.number().check(z.minimum(0.015), z.maximum(0.15));

/** A keeper's own breed, beside the catalogue. */
export const ownBreed = z.strictObject({
  id,
  name,
  kind: z.enum(['chicken', 'duck', 'meat']),
  growth: z.enum(GROWTHS),
  henKg: z.number().check(z.minimum(0.2), z.maximum(15)),
  eggsYear,
  eggKg,
  eggColour: z.enum(EGG_COLOURS),
  comb: z.enum(COMBS),
  flight: z.enum(FLIGHTS),
  broodiness: score,
  coldHardy: score,
  heatHardy: score,
});

/** The keeper's own figures for a group, where they differ from the breed's. */
const groupFigures = z.strictObject({
  eggsYear: z.optional(eggsYear),
  eggKg: z.optional(eggKg),
  /** Age at the first egg, weeks. */
  layWeek: z.optional(z.int().check(z.minimum(14), z.maximum(52))),
  comb: z.optional(z.enum(COMBS)),
  flight: z.optional(z.enum(FLIGHTS)),
  broodiness: z.optional(score),
  coldHardy: z.optional(score),
  heatHardy: z.optional(score),
});

export const group = z.strictObject({
  id,
  name,
  breed: breedId,
  /** One grown bird of this group, kg; null takes the breed's. */
  massKg: z.nullable(z.number().check(z.minimum(0.2), z.maximum(15))),
  count: z.int().check(z.minimum(1), z.maximum(PLAN_LIMITS.birds)),
  /** Unsexed chicks are half cocks until they are sorted. */
  sex: z.enum(['hen', 'cock', 'unsexed']),
  hatchedOn: z.nullable(date),
  /** From when they live in the coop. */
  arrivesOn: date,
  leavesOn: z.nullable(date),
  /** Whether they are reared here from the hatch, in a brooder, until they move to the coop. */
  raisedHere: z._default(z.boolean(), false),
  /** Eggs that they are hatched from here, of the keeper's own flock or posted; null: bought as chicks. */
  eggsSet: z._default(
    z.nullable(
      z.strictObject({ eggs: z.int().check(z.minimum(1), z.maximum(5000)), posted: z.boolean() }),
    ),
    null,
  ),
  /** When the cocks of an unsexed group are taken out, and how many of them stay; null: not decided. */
  sorted: z._default(
    z.nullable(
      z.strictObject({
        on: date,
        cocksKept: z.int().check(z.minimum(0), z.maximum(PLAN_LIMITS.birds)),
      }),
    ),
    null,
  ),
  figures: z._default(groupFigures, {}),
  /** Of chicks sold as hens, the share that is told wrong, 0…1; null: the usual one. */
  sexedWrong: z._default(z.nullable(z.number().check(z.minimum(0), z.maximum(0.5))), null),
  /** What is done with a cock among chicks sold as hens; null: not decided. */
  ifCock: z._default(z.nullable(z.enum(['leaves', 'stays'])), null),
});
