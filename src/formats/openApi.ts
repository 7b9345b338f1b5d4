import { z } from 'zod';
import { planJsonSchema } from './planSchemaJson';

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
    }),
  ),
  schools: z.record(z.string(), z.array(z.object({ id: z.string(), carries: z.int().nullable() }))),
});

const storedSchema = z.object({ id: z.string(), name: z.string(), revision: z.int() });
const listSchema = z.array(storedSchema.extend({ savedAt: z.iso.datetime() }));
const healthSchema = z.object({
  status: z.enum(['ok', 'failing']),
  database: z.enum(['ok', 'failing']),
  plans: z.int().nullable(),
});

const saveSchema = z.object({
  revision: z.int(),
  savedAt: z.iso.datetime(),
  name: z.string().nullable(),
});
const saveNameSchema = z.object({ name: z.string().nullable() });

const schema = (s: z.ZodType): object => z.toJSONSchema(s, { target: 'draft-2020-12' });
const json = (s: object) => ({ 'application/json': { schema: s } });
const answer = (description: string, s?: object) => ({
  description,
  ...(s ? { content: json(s) } : {}),
});
const ref = (name: string): object => ({ $ref: `#/components/schemas/${name}` });

const problems = (...statuses: [status: number, description: string][]) =>
  Object.fromEntries(
    statuses.map(([status, description]) => [
      status,
      { description, content: { 'application/problem+json': { schema: ref('Problem') } } },
    ]),
  );

const BAD_BODY = [
  [403, 'From another site'],
  [413, 'Larger than 1 MB, or not UTF-8'],
  [415, 'Not application/json'],
  [422, 'Not a plan: every issue with its path'],
] as const;
const NO_PLAN = [404, 'No plan with this id'] as const;
const planBody = { required: true, content: json(ref('Plan')) };
const idParameter = { name: 'id', in: 'path', required: true, schema: { type: 'string' } };
const bad = (...more: (readonly [number, string])[]) =>
  problems(...[...more, ...BAD_BODY].map(([s, d]): [number, string] => [s, d]));

/** The OpenAPI 3.1 description of what programs may call, made from the Zod schemas. */
export function openApiDocument(): object {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Wide Rafter',
      version: '1',
      description: 'Plans of coop interiors and their assessment. On this machine only.',
    },
    paths: {
      '/api/health': {
        get: {
          summary: 'Whether the server and its database answer',
          responses: { 200: answer('Well', ref('Health')), 503: answer('Failing', ref('Health')) },
        },
      },
      '/api/backup': {
        get: {
          summary: 'Everything stored, as one file for `npm run restore`',
          responses: {
            200: {
              description: 'A gzipped tar',
              content: { 'application/gzip': { schema: { type: 'string', format: 'binary' } } },
            },
            ...problems([403, 'From another site']),
          },
        },
      },
      '/api/assess': {
        post: {
          summary: 'Assesses a plan; nothing is stored',
          parameters: [{ name: 'on', in: 'query', schema: { type: 'string', format: 'date' } }],
          requestBody: planBody,
          responses: {
            200: answer('The assessment', ref('Assessment')),
            ...bad([400, 'on is not a day']),
          },
        },
      },
      '/api/openapi.json': {
        get: { summary: 'This description', responses: { 200: answer('OpenAPI 3.1') } },
      },
      '/api/plans': {
        get: {
          summary: 'The plans, without their documents',
          responses: { 200: answer('The list', ref('PlanList')) },
        },
        post: {
          summary: 'Stores a plan under its own id, or a new one where that is taken',
          requestBody: planBody,
          responses: { 201: answer('Stored', ref('StoredPlan')), ...bad() },
        },
      },
      '/api/plans/{id}': {
        parameters: [idParameter],
        get: {
          summary: 'A plan at its latest save; its revision is the entity tag',
          responses: { 200: answer('The plan and its revision'), ...problems([...NO_PLAN]) },
        },
        put: {
          summary: 'Saves a plan made on the revision in If-Match',
          parameters: [
            { name: 'If-Match', in: 'header', required: true, schema: { type: 'string' } },
          ],
          requestBody: planBody,
          responses: {
            200: answer('Saved; the new revision'),
            412: answer('Made on an older revision; the stored plan'),
            ...bad(NO_PLAN, [428, 'If-Match is missing']),
          },
        },
        delete: {
          summary: 'Removes a plan with its saves',
          responses: {
            204: answer('Removed'),
            ...problems([403, 'From another site'], [...NO_PLAN]),
          },
        },
      },
      '/api/plans/{id}/copy': {
        parameters: [idParameter],
        post: {
          summary: 'Copies a plan',
          responses: { 201: answer('Copied', ref('StoredPlan')), ...problems([...NO_PLAN]) },
        },
      },
      '/api/plans/{id}/file': {
        parameters: [idParameter],
        get: {
          summary: 'The plan as a file',
          responses: { 200: answer('The file', ref('Plan')), ...problems([...NO_PLAN]) },
        },
      },
      '/api/plans/{id}/saves': {
        parameters: [idParameter],
        get: {
          summary: 'The saves kept of a plan, newest first',
          responses: { 200: answer('The saves', { type: 'array', items: ref('Save') }) },
        },
      },
      '/api/plans/{id}/saves/{revision}': {
        parameters: [
          idParameter,
          { name: 'revision', in: 'path', required: true, schema: { type: 'integer' } },
        ],
        get: {
          summary: 'A plan as it was at one of its saves',
          responses: { 200: answer('The plan', ref('Plan')), ...problems([...NO_PLAN]) },
        },
        put: {
          summary: 'Names a save, so that it is kept for good; null takes the name away',
          requestBody: { required: true, content: json(schema(saveNameSchema)) },
          responses: { 200: answer('Named', ref('Save')), ...bad(NO_PLAN) },
        },
      },
    },
    components: {
      schemas: {
        Save: schema(saveSchema),
        Plan: planJsonSchema(),
        Assessment: schema(assessmentSchema),
        Problem: schema(problemSchema),
        PlanList: schema(listSchema),
        StoredPlan: schema(storedSchema),
        Health: schema(healthSchema),
      },
    },
  };
}

export const apiSchemas = {
  saveSchema,
  assessmentSchema,
  problemSchema,
  listSchema,
  storedSchema,
  healthSchema,
};
