import { z } from 'zod';

const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  issues: z
    .array(
      z.object({
        code: z.string(),
        path: z.array(z.union([z.string(), z.int()])),
        details: z.record(z.string(), z.unknown()),
        text: z.string(),
      }),
    )
    .optional(),
  issueCount: z.int().optional(),
});

const figureSchema = z.object({
  value: z.number(),
  unit: z.string(),
  evidence: z.enum(['published', 'statutory', 'keepers', 'assumption', 'entered']),
  source: z.string(),
  working: z.string(),
});

const assessmentSchema = z.object({
  on: z.iso.date(),
  carries: z.int().nullable(),
  planned: z.int(),
  today: z.int(),
  heldBackBy: z.array(z.string()),
  sentence: z.string(),
  staves: z.record(
    z.string(),
    z.object({
      carries: z.int().nullable(),
      verdict: z.string().nullable(),
      setOn: z.iso.date().nullable(),
      shortFrom: z.iso.date().nullable(),
      shortTill: z.iso.date().nullable(),
      orMore: z.boolean(),
      pair: z.object({ from: z.iso.date().nullable(), birds: z.int(), of: z.int() }).nullable(),
    }),
  ),
  demand: z.record(
    z.string(),
    z.object({
      today: z.string(),
      most: z.string().nullable(),
      day: z.iso.date().nullable(),
    }),
  ),
  figures: z.record(z.string(), figureSchema),
  findings: z.array(
    z.object({
      code: z.string(),
      severity: z.enum(['harm', 'short', 'awkward']),
      fixtures: z.array(z.string()),
      numbers: z.record(
        z.string(),
        z.object({ value: z.number(), unit: z.string(), figure: z.string() }),
      ),
      from: z.iso.date().optional(),
      till: z.iso.date().optional(),
      another: z.iso.date().optional(),
    }),
  ),
  schools: z.record(z.string(), z.array(z.object({ id: z.string(), carries: z.int().nullable() }))),
});

const storedSchema = z.object({ id: z.string(), name: z.string(), revision: z.int() });
const listSchema = z.array(storedSchema.extend({ savedAt: z.iso.datetime(), family: z.string() }));
const healthSchema = z.object({
  status: z.enum(['ok', 'failing']),
  database: z.enum(['ok', 'failing']),
  plans: z.int().nullable(),
});

const saveSchema = z.object({
  revision: z.int(),
  savedAt: z.iso.datetime(),
  name: z.string().nullable(),
  edits: z.array(z.string()),
});
/** What keeps hours: their id. */
const keptHoursSchema = z.object({ id: z.string() });

const binSchema = z.array(
  z.object({
    id: z.string(),
    name: z.string(),
    removedAt: z.iso.datetime(),
    goesAt: z.iso.datetime(),
  }),
);
const planNameSchema = z.object({ name: z.string() });
const saveNameSchema = z.object({ name: z.string().nullable() });

const choicesSchema = z.record(z.string(), z.union([z.string(), z.number(), z.boolean()]));
const roughSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('fits'),
    plan: z.looseObject({}),
    sentence: z.string(),
    why: z.array(
      z.object({
        text: z.string(),
        heading: z.boolean(),
        station: z.string(),
        fixtures: z.array(z.string()),
        rule: z.string().nullable(),
        ruleWhy: z.string().nullable(),
        instead: z.array(z.object({ text: z.string(), choices: choicesSchema })),
      }),
    ),
    findings: z.array(z.object({ title: z.string(), text: z.string() })),
    birds: z.array(z.looseObject({})),
  }),
  z.object({
    kind: z.literal('tooSmall'),
    station: z.string(),
    birds: z.int(),
    holds: z.int(),
    smallest: z.object({ lengthM: z.number(), widthM: z.number() }).nullable(),
    text: z.string(),
  }),
  z.object({ kind: z.literal('tooMany'), birds: z.int(), text: z.string() }),
]);

/** What the server's answers and bodies are made of. */
export const apiSchemas = {
  problemSchema,
  figureSchema,
  assessmentSchema,
  storedSchema,
  listSchema,
  healthSchema,
  saveSchema,
  binSchema,
  keptHoursSchema,
  planNameSchema,
  saveNameSchema,
  roughSchema,
} as const;
