import { DRAWING_FORMATS, DRAWING_TYPES, DRAWN } from '../drawing/ask';
import { PAPERS } from '../drawing/paper';

/** What comes in or goes out, by its name among the schemas of the description. */
export type Shape =
  | 'Plan'
  | 'SavedPlan'
  | 'Assessment'
  | 'PlanList'
  | 'StoredPlan'
  | 'Health'
  | 'Bin'
  | 'KeptHours'
  | 'RoughAsk'
  | 'Rough'
  | 'Save'
  | 'Saves'
  | 'PlanName'
  | 'SaveName'
  | 'PlanCard';

export interface Parameter {
  readonly name: string;
  readonly in: 'query' | 'header';
  readonly says?: string;
  readonly required?: true;
  readonly format?: 'date';
  readonly among?: readonly string[];
}

/** What is worked at a path by a method, and how it may be answered. */
export interface Operation {
  readonly says: string;
  readonly parameters?: readonly Parameter[];
  /** A document, refused with every fault where it is none; or hours as they are packed. */
  readonly body?: Shape | 'packed';
  readonly answers: Readonly<Record<number, readonly [says: string, is?: Shape | Type]>>;
  /** Refusals of its own; those that follow from what stands above are made from it. */
  readonly refusals?: Readonly<Record<number, string>>;
  /** Of one plan: there may be none. */
  readonly ofPlan?: true;
  /** Refused to a page of another site. A document that is taken in is, whatever stands here. */
  readonly ownPages?: true;
  /** Worked beside the server, which may have no room for it. */
  readonly beside?: true;
}

/** A file, by the types it can have. */
export interface Type {
  readonly types: readonly string[];
}

const file = (...types: readonly string[]): Type => ({ types });
const onDay = { name: 'on', in: 'query', format: 'date' } as const;

/** All that programs may call: by method and path, `{id}` for one segment. */
export const OPERATIONS = {
  'GET /api/health': {
    says: 'Whether the server and its database answer',
    answers: { 200: ['Well', 'Health'], 503: ['Failing', 'Health'] },
  },
  'GET /api/backup': {
    says: 'Everything stored, as one file for `npm run restore`',
    answers: { 200: ['A gzipped tar', file('application/gzip')] },
    ownPages: true,
    beside: true,
  },
  'POST /api/assess': {
    says: 'Assesses a plan; nothing is stored',
    parameters: [onDay],
    body: 'Plan',
    answers: { 200: ['The assessment', 'Assessment'] },
    refusals: { 400: 'on is not a day' },
    beside: true,
  },
  'POST /api/rough': {
    says: 'Roughs a coop out for birds, a room and a climate; nothing is stored',
    parameters: [
      onDay,
      {
        name: 'instead',
        in: 'query',
        says: '1: also what could be chosen instead',
        among: ['1'],
      },
    ],
    body: 'RoughAsk',
    answers: { 200: ['The fit-out and why it is so, or why the birds do not fit', 'Rough'] },
    refusals: { 400: 'on is not a day' },
    beside: true,
  },
  'POST /api/drawings': {
    says: 'Draws a plan to scale, or its story sticks at full size; nothing is stored',
    parameters: [
      { name: 'view', in: 'query', among: DRAWN },
      { name: 'format', in: 'query', among: DRAWING_FORMATS },
      {
        name: 'scale',
        in: 'query',
        says: '1:20, or 3/4 in to the foot; left out: the largest that one sheet holds',
      },
      { name: 'paper', in: 'query', among: Object.keys(PAPERS) },
      {
        name: 'fixture',
        in: 'query',
        says: 'Of a strip: the feeder or drinker that is made at home',
      },
      { ...onDay, says: 'Of a sheet for the sitter: the first day away' },
      {
        name: 'back',
        in: 'query',
        says: 'Of a sheet for the sitter: the day of coming back',
        format: 'date',
      },
    ],
    body: 'Plan',
    answers: { 200: ['The drawing', file(...Object.values(DRAWING_TYPES))] },
    refusals: { 400: 'view, format, scale or paper is none of those named' },
    beside: true,
  },
  'GET /api/openapi.json': { says: 'This description', answers: { 200: ['OpenAPI 3.1'] } },
  'GET /api/plans': {
    says: 'The plans, without their documents',
    answers: { 200: ['The list', 'PlanList'] },
  },
  'POST /api/plans': {
    says: 'Stores a plan under its own id, or a new one where that is taken',
    body: 'Plan',
    answers: { 201: ['Stored', 'StoredPlan'] },
  },
  'GET /api/plans/{id}': {
    says: 'A plan at its latest save; its revision is the entity tag',
    answers: {
      200: ['The plan and its revision'],
      304: ['Nothing newer than If-None-Match'],
    },
    ofPlan: true,
  },
  'PUT /api/plans/{id}': {
    says: 'Saves a plan made on the revision in If-Match',
    parameters: [{ name: 'If-Match', in: 'header', required: true }],
    body: 'SavedPlan',
    answers: {
      200: ['Saved; the new revision'],
      412: ['Made on an older revision; the stored plan'],
    },
    refusals: { 428: 'If-Match is missing' },
    ofPlan: true,
  },
  'DELETE /api/plans/{id}': {
    says: 'Lays a plan with its saves in the bin, for thirty days',
    answers: { 204: ['Laid in the bin'] },
    ofPlan: true,
    ownPages: true,
  },
  'PUT /api/plans/{id}/name': {
    says: 'Gives a plan another name; 422 where another plan has it',
    body: 'PlanName',
    answers: { 200: ['Renamed', 'StoredPlan'] },
    refusals: { 409: 'Saved by somebody else just now' },
    ofPlan: true,
  },
  'POST /api/plans/{id}/copy': {
    says: 'Copies a plan',
    answers: { 201: ['Copied', 'StoredPlan'] },
    ofPlan: true,
    ownPages: true,
  },
  'GET /api/plans/{id}/card': {
    says: 'What the list shows of a plan; 304 where If-None-Match has its tag',
    answers: { 200: ['The plan with its card', 'PlanCard'], 304: ['Nothing newer'] },
    refusals: { 409: 'The stored plan cannot be read' },
    ofPlan: true,
    beside: true,
  },
  'GET /api/plans/{id}/file': {
    says: 'The plan as a file',
    answers: { 200: ['The file', 'Plan'] },
    ofPlan: true,
  },
  'GET /api/plans/{id}/thermometer': {
    says: 'The last week of a simulated thermometer in the coop: CSV, a row an hour',
    answers: { 200: ['The readings', file('text/csv')] },
    refusals: { 422: 'No climate, or no birds' },
    ofPlan: true,
  },
  'GET /api/plans/{id}/saves': {
    says: 'The saves kept of a plan, newest first',
    answers: { 200: ['The saves', 'Saves'] },
  },
  'GET /api/plans/{id}/saves/{revision}': {
    says: 'A plan as it was at one of its saves',
    answers: { 200: ['The plan', 'Plan'] },
    ofPlan: true,
  },
  'PUT /api/plans/{id}/saves/{revision}': {
    says: 'Names a save, so that it is kept for good; null takes the name away',
    body: 'SaveName',
    answers: { 200: ['Named', 'Save'] },
    ofPlan: true,
  },
  'POST /api/weather': {
    says: 'Keeps a year of hourly weather, packed; the same hours once',
    body: 'packed',
    answers: { 201: ['Kept; its id', 'KeptHours'] },
  },
  'GET /api/weather/{id}': {
    says: 'A year of hourly weather, as it was packed',
    answers: { 200: ['The hours', file('application/octet-stream')] },
    refusals: { 404: 'No hours with this id on this machine' },
  },
  'GET /api/bin': {
    says: 'The plans in the bin, and when each goes for good',
    answers: { 200: ['The bin', 'Bin'] },
  },
  'POST /api/bin/{id}': {
    says: 'Takes a plan out of the bin, with its saves',
    answers: { 200: ['It is a plan again'] },
    ofPlan: true,
    ownPages: true,
  },
  'DELETE /api/bin/{id}': {
    says: 'Throws a plan in the bin away for good',
    answers: { 204: ['Thrown away'] },
    ofPlan: true,
    ownPages: true,
  },
} as const satisfies Readonly<Record<string, Operation>>;

export type OperationId = keyof typeof OPERATIONS;
export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** What may be called, with its method and its path apart. */
export const CALLS: readonly {
  readonly method: Method;
  readonly path: string;
  readonly operation: Operation;
}[] = Object.entries(OPERATIONS).map(([id, operation]) => {
  const [method, path] = id.split(' ') as [Method, string];
  return { method, path, operation };
});
