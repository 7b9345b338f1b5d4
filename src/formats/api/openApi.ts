import { z } from 'zod';
import { planJsonSchema } from '../planSchemaJson';
import { roughAskSchema } from '../roughAsk';
import { CALLS, type Operation, type Parameter, type Shape, type Type } from './operations.data';
import { apiSchemas } from './schemas';

const schema = (s: z.ZodType): object => z.toJSONSchema(s, { target: 'draft-2020-12' });
const ref = (name: Shape | 'Problem'): object => ({ $ref: `#/components/schemas/${name}` });
const binary = { schema: { type: 'string', format: 'binary' } };
const json = (name: Shape) => ({ 'application/json': { schema: ref(name) } });

/** What a document is refused for, whatever it is to be. */
const BAD_BODY = {
  413: 'Larger than 1 MB, or not UTF-8',
  415: 'Not application/json',
  422: 'Not as it must be: every issue with its path',
} as const;
const BAD_HOURS = {
  413: 'Larger than a year of hours can be',
  415: 'Not application/octet-stream',
  422: 'No packed hours',
} as const;

/** Every refusal of an operation, by its status. */
export function refusalsOf({ body, ofPlan, ownPages, beside, refusals }: Operation) {
  return {
    ...(body || ownPages ? { 403: 'From another site' } : {}),
    ...(ofPlan ? { 404: 'No plan with this id' } : {}),
    ...(body === undefined ? {} : body === 'packed' ? BAD_HOURS : BAD_BODY),
    ...(beside
      ? { 503: 'Too much is asked at once: try again after the seconds in Retry-After' }
      : {}),
    ...refusals,
  };
}

const isType = (is: Shape | Type): is is Type => typeof is === 'object';

const answer = ([description, is]: Operation['answers'][number]) => ({
  description,
  ...(is === undefined
    ? {}
    : { content: isType(is) ? Object.fromEntries(is.types.map((t) => [t, binary])) : json(is) }),
});

const parameter = ({ name, in: where, says, required, format, among }: Parameter) => ({
  name,
  in: where,
  ...(required ? { required } : {}),
  ...(says ? { description: says } : {}),
  schema: { type: 'string', ...(format ? { format } : {}), ...(among ? { enum: among } : {}) },
});

const inPath = (path: string) =>
  [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: name === 'revision' ? 'integer' : 'string' },
  }));

function described(operation: Operation): object {
  const { says, parameters, body, answers } = operation;
  const refused = Object.entries(refusalsOf(operation)).map(([status, description]) => [
    status,
    { description, content: { 'application/problem+json': { schema: ref('Problem') } } },
  ]);
  const good = Object.entries(answers).map(([status, told]) => [status, answer(told)]);
  return {
    summary: says,
    ...(parameters ? { parameters: parameters.map(parameter) } : {}),
    ...(body
      ? {
          requestBody: {
            required: true,
            content: body === 'packed' ? { 'application/octet-stream': binary } : json(body),
          },
        }
      : {}),
    responses: Object.fromEntries([...refused, ...good]),
  };
}

/** The OpenAPI 3.1 description of what programs may call, made from the table of operations and the Zod schemas. */
export function openApiDocument(): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const { method, path, operation } of CALLS) {
    const own = inPath(path);
    paths[path] ??= own.length > 0 ? { parameters: own } : {};
    paths[path][method.toLowerCase()] = described(operation);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Wide Rafter',
      version: '1',
      description: 'Plans of coop interiors and their assessment. On this machine only.',
    },
    paths,
    components: { schemas: componentSchemas() },
  };
}

function componentSchemas(): Readonly<Record<Shape | 'Problem', object>> {
  return {
    Plan: planJsonSchema(),
    // a plan alone, or with what was done since the save before; names that can't be read count as none
    SavedPlan: {
      anyOf: [
        ref('Plan'),
        {
          type: 'object',
          required: ['plan'],
          properties: { plan: ref('Plan'), edits: { type: 'array', items: { type: 'string' } } },
        },
      ],
    },
    PlanCard: {
      type: 'object',
      required: ['plan', 'card'],
      properties: { plan: ref('Plan'), card: { type: 'object' } },
    },
    Save: schema(apiSchemas.saveSchema),
    Saves: { type: 'array', items: ref('Save') },
    Assessment: schema(apiSchemas.assessmentSchema),
    Problem: schema(apiSchemas.problemSchema),
    PlanList: schema(apiSchemas.listSchema),
    StoredPlan: schema(apiSchemas.storedSchema),
    Health: schema(apiSchemas.healthSchema),
    Bin: schema(apiSchemas.binSchema),
    KeptHours: schema(apiSchemas.keptHoursSchema),
    PlanName: schema(apiSchemas.planNameSchema),
    SaveName: schema(apiSchemas.saveNameSchema),
    RoughAsk: z.toJSONSchema(roughAskSchema, { target: 'draft-2020-12', io: 'input' }),
    Rough: schema(apiSchemas.roughSchema),
  };
}
