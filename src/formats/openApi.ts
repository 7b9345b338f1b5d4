import { z } from 'zod';
import { DRAWING_FORMATS, DRAWING_TYPES, DRAWN } from './drawing/ask';
import { PAPERS } from './drawing/paper';
import { apiSchemas } from './openApi.schemas';
import { planJsonSchema } from './planSchemaJson';
import { roughAskSchema } from './roughAsk';

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
const PACKED = {
  'application/octet-stream': { schema: { type: 'string', format: 'binary' } },
};
/** What is worked beside the server, and has no room there. */
const BUSY = [
  503,
  'Too much is asked at once: try again after the seconds in Retry-After',
] as const;
const NO_PLAN = [404, 'No plan with this id'] as const;
const planBody = { required: true, content: json(ref('Plan')) };
/** A plan alone, or with what was done since the save before; names that can't be read count as none. */
const saveBody = {
  required: true,
  content: json({
    anyOf: [
      ref('Plan'),
      {
        type: 'object',
        required: ['plan'],
        properties: { plan: ref('Plan'), edits: { type: 'array', items: { type: 'string' } } },
      },
    ],
  }),
};
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
            ...problems([403, 'From another site'], [...BUSY]),
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
            ...bad([400, 'on is not a day'], [...BUSY]),
          },
        },
      },
      '/api/rough': {
        post: {
          summary: 'Roughs a coop out for birds, a room and a climate; nothing is stored',
          parameters: [
            { name: 'on', in: 'query', schema: { type: 'string', format: 'date' } },
            {
              name: 'instead',
              in: 'query',
              description: '1: also what could be chosen instead',
              schema: { type: 'string', enum: ['1'] },
            },
          ],
          requestBody: { required: true, content: json(ref('RoughAsk')) },
          responses: {
            200: answer('The fit-out and why it is so, or why the birds do not fit', ref('Rough')),
            ...bad([400, 'on is not a day'], [...BUSY]),
          },
        },
      },
      '/api/drawings': {
        post: {
          summary: 'Draws a plan to scale, or its story sticks at full size; nothing is stored',
          parameters: [
            { name: 'view', in: 'query', schema: { type: 'string', enum: [...DRAWN] } },
            { name: 'format', in: 'query', schema: { type: 'string', enum: [...DRAWING_FORMATS] } },
            {
              name: 'scale',
              in: 'query',
              description:
                '1:20, or 3/4 in to the foot; left out: the largest that one sheet holds',
              schema: { type: 'string' },
            },
            { name: 'paper', in: 'query', schema: { type: 'string', enum: Object.keys(PAPERS) } },
            {
              name: 'fixture',
              in: 'query',
              description: 'Of a strip: the feeder or drinker that is made at home',
              schema: { type: 'string' },
            },
            {
              name: 'on',
              in: 'query',
              description: 'Of a sheet for the sitter: the first day away',
              schema: { type: 'string', format: 'date' },
            },
            {
              name: 'back',
              in: 'query',
              description: 'Of a sheet for the sitter: the day of coming back',
              schema: { type: 'string', format: 'date' },
            },
          ],
          requestBody: planBody,
          responses: {
            200: {
              description: 'The drawing',
              content: Object.fromEntries(
                Object.values(DRAWING_TYPES).map((type) => [
                  type,
                  { schema: { type: 'string', format: 'binary' } },
                ]),
              ),
            },
            ...bad([400, 'view, format, scale or paper is none of those named'], [...BUSY]),
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
          responses: {
            200: answer('The plan and its revision'),
            304: answer('Nothing newer than If-None-Match'),
            ...problems([...NO_PLAN]),
          },
        },
        put: {
          summary: 'Saves a plan made on the revision in If-Match',
          parameters: [
            { name: 'If-Match', in: 'header', required: true, schema: { type: 'string' } },
          ],
          requestBody: saveBody,
          responses: {
            200: answer('Saved; the new revision'),
            412: answer('Made on an older revision; the stored plan'),
            ...bad(NO_PLAN, [428, 'If-Match is missing']),
          },
        },
        delete: {
          summary: 'Lays a plan with its saves in the bin, for thirty days',
          responses: {
            204: answer('Laid in the bin'),
            ...problems([403, 'From another site'], [...NO_PLAN]),
          },
        },
      },
      '/api/plans/{id}/name': {
        parameters: [idParameter],
        put: {
          summary: 'Gives a plan another name; 422 where another plan has it',
          requestBody: { required: true, content: json(schema(apiSchemas.planNameSchema)) },
          responses: {
            200: answer('Renamed', ref('StoredPlan')),
            ...bad(NO_PLAN, [409, 'Saved by somebody else just now']),
          },
        },
      },
      '/api/weather': {
        post: {
          summary: 'Keeps a year of hourly weather, packed; the same hours once',
          requestBody: { required: true, content: PACKED },
          responses: {
            201: answer('Kept; its id', ref('KeptHours')),
            ...problems(
              [403, 'From another site'],
              [413, 'Larger than a year of hours can be'],
              [415, 'Not application/octet-stream'],
              [422, 'No packed hours'],
            ),
          },
        },
      },
      '/api/weather/{id}': {
        parameters: [idParameter],
        get: {
          summary: 'A year of hourly weather, as it was packed',
          responses: {
            200: { description: 'The hours', content: PACKED },
            ...problems([404, 'No hours with this id on this machine']),
          },
        },
      },
      '/api/bin': {
        get: {
          summary: 'The plans in the bin, and when each goes for good',
          responses: { 200: answer('The bin', ref('Bin')) },
        },
      },
      '/api/bin/{id}': {
        parameters: [idParameter],
        post: {
          summary: 'Takes a plan out of the bin, with its saves',
          responses: {
            200: answer('It is a plan again'),
            ...problems([403, 'From another site'], [...NO_PLAN]),
          },
        },
        delete: {
          summary: 'Throws a plan in the bin away for good',
          responses: {
            204: answer('Thrown away'),
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
      '/api/plans/{id}/card': {
        parameters: [idParameter],
        get: {
          summary: 'What the list shows of a plan; 304 where If-None-Match has its tag',
          responses: {
            200: answer('The plan with its card', {
              type: 'object',
              required: ['plan', 'card'],
              properties: { plan: ref('Plan'), card: { type: 'object' } },
            }),
            ...problems([...NO_PLAN], [409, 'The stored plan cannot be read'], [...BUSY]),
          },
        },
      },
      '/api/plans/{id}/thermometer': {
        parameters: [idParameter],
        get: {
          summary: 'The last week of a simulated thermometer in the coop: CSV, a row an hour',
          responses: {
            200: {
              description: 'The readings',
              content: { 'text/csv': { schema: { type: 'string' } } },
            },
            ...problems([...NO_PLAN], [422, 'No climate, or no birds']),
          },
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
          requestBody: { required: true, content: json(schema(apiSchemas.saveNameSchema)) },
          responses: { 200: answer('Named', ref('Save')), ...bad(NO_PLAN) },
        },
      },
    },
    components: {
      schemas: {
        Save: schema(apiSchemas.saveSchema),
        Plan: planJsonSchema(),
        Assessment: schema(apiSchemas.assessmentSchema),
        Problem: schema(apiSchemas.problemSchema),
        PlanList: schema(apiSchemas.listSchema),
        StoredPlan: schema(apiSchemas.storedSchema),
        Health: schema(apiSchemas.healthSchema),
        Bin: schema(apiSchemas.binSchema),
        KeptHours: schema(apiSchemas.keptHoursSchema),
        RoughAsk: z.toJSONSchema(roughAskSchema, { target: 'draft-2020-12', io: 'input' }),
        Rough: schema(apiSchemas.roughSchema),
      },
    },
  };
}
