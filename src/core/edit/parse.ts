import type { z } from 'zod';
import { breedById } from '../birds/size';
import { fail, type Issue, issue, type Outcome, ok } from '../kernel/outcome';
import { isPlainText, plainText } from '../kernel/plainText';
import { dropOrphans } from '../model/ids';
import { PLAN_LIMITS } from '../model/limits';
import { PLAN_FORMAT, PLAN_VERSION, type Plan, planSchema } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import type { RuleBook } from '../rules/types';

/**
 * Reads a plan from decoded JSON: shape, limits, unique ids, dates in order, known schools.
 * @param raw   anything
 * @param book  the rules whose ids the plan may name
 * @returns     the plan, or every issue found, each with its path
 */
export function parsePlan(raw: unknown, book: RuleBook = RULE_BOOK): Outcome<Plan> {
  const foreign = notOurs(raw);
  if (foreign) return fail(foreign);
  const parsed = planSchema.safeParse(raw);
  const hidden = hiddenSchools(raw);
  if (!parsed.success) return fail(...hidden, ...parsed.error.issues.map(fromZod));
  if (hidden.length > 0) return fail(...hidden);
  const issues = crossChecks(parsed.data, book);
  if (issues.length > 0) return fail(...issues);
  // a pin that has outlived its fixture is no reason to refuse a plan
  dropOrphans(parsed.data);
  return ok(parsed.data);
}

/**
 * Reads a plan that was kept: stored, or written to a file. Names were once taken as they came; what no name may have
 * in it now is left out of them, so that old plans open.
 * @returns as `parsePlan`
 */
export const parseKept = (raw: unknown, book: RuleBook = RULE_BOOK): Outcome<Plan> =>
  parsePlan(withPlainNames(raw), book);

/**
 * Reads a plan from the text of a file that was kept.
 * @returns as `parsePlanText`
 */
export const parseKeptText = (text: string, book: RuleBook = RULE_BOOK): Outcome<Plan> =>
  parsePlanText(text, book, parseKept);

/** What a name is that had nothing in it but what no name may have. */
const NAMELESS = '?';

/** Decoded JSON whose names have nothing hidden in them; the same object where none has. */
function withPlainNames(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null) return raw;
  if (Array.isArray(raw)) {
    const list = raw.map(withPlainNames);
    return list.some((one, i) => one !== raw[i]) ? list : raw;
  }
  const changed = Object.entries(raw).flatMap(([key, value]): [string, unknown][] => {
    const isName = key === 'name' && typeof value === 'string';
    const plain = isName ? plainName(value) : withPlainNames(value);
    return plain === value ? [] : [[key, plain]];
  });
  return changed.length === 0 ? raw : { ...raw, ...Object.fromEntries(changed) };
}

const plainName = (name: string): string =>
  isPlainText(name) ? name : plainText(name) || NAMELESS;

/**
 * Reads a plan from JSON.
 * @param read  from decoded JSON to the plan
 * @returns the plan, or `plan.notUtf8` or `plan.notJson`, or the issues of `parsePlan`
 */
export function parsePlanText(
  text: string,
  book: RuleBook = RULE_BOOK,
  read: (raw: unknown, book: RuleBook) => Outcome<Plan> = parsePlan,
): Outcome<Plan> {
  if (/[\0\ufffd]/.test(text.slice(0, 200))) return fail(issue('plan.notUtf8'));
  let raw: unknown;
  try {
    raw = JSON.parse(text.replace(/^\u{FEFF}/u, ''));
  } catch {
    return fail(issue('plan.notJson'));
  }
  return read(raw, book);
}

/** A file of another kind or of a later version gets that one sentence, not a list of missing keys. */
function notOurs(raw: unknown): Issue | null {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return issue('plan.notObject');
  const { format, version } = raw as { format?: unknown; version?: unknown };
  if (format !== PLAN_FORMAT) return issue('plan.format', { wanted: PLAN_FORMAT }, ['format']);
  if (typeof version === 'number' && version > PLAN_VERSION) {
    return issue('plan.laterVersion', { version, known: PLAN_VERSION }, ['version']);
  }
  return null;
}

/** The one key that a record's own reading would drop without a word. */
function hiddenSchools(raw: unknown): Issue[] {
  const { schools } = raw as { schools?: unknown };
  return typeof schools === 'object' && schools !== null && Object.hasOwn(schools, '__proto__')
    ? [issue('plan.unknownKeys', { keys: ['__proto__'] }, ['schools'])]
    : [];
}

type ZodIssue = z.core.$ZodIssue;

function fromZod(zod: ZodIssue): Issue {
  const path = zod.path.map((p) => (typeof p === 'number' ? p : String(p)));
  switch (zod.code) {
    case 'unrecognized_keys':
      return issue('plan.unknownKeys', { keys: zod.keys }, path);
    case 'too_small':
      return issue('plan.tooSmall', { least: Number(zod.minimum), of: zod.origin }, path);
    case 'too_big':
      return issue('plan.tooBig', { most: Number(zod.maximum), of: zod.origin }, path);
    case 'invalid_value':
      return issue('plan.notOneOf', { allowed: zod.values.map(String) }, path);
    case 'invalid_type':
      return issue('plan.type', { expected: zod.expected }, path);
    case 'invalid_format':
      return issue('plan.textFormat', { expected: zod.format }, path);
    case 'custom':
      return issue(String(zod.params?.code ?? 'plan.invalid'), {}, path);
    default:
      return issue('plan.invalid', {}, path);
  }
}

/**
 * What one part of a plan alone does not show: ids used twice, dates out of order, schools nobody knows.
 * @param zoneKnown  leaves out the time zone, which takes longer to look up than all the rest
 */
export function crossChecks(plan: Plan, book: RuleBook, zoneKnown = false): Issue[] {
  return [
    ...duplicateIds(plan.flock, 'flock'),
    ...duplicateIds(plan.fixtures, 'fixtures'),
    ...duplicateIds(plan.ownBreeds, 'ownBreeds'),
    ...breeds(plan),
    ...tooManyBirds(plan),
    ...normalsOrder(plan),
    ...dateOrder(plan),
    ...roofHeights(plan),
    ...schools(plan, book),
    ...(zoneKnown ? [] : timeZone(plan)),
    ...partitionPlace(plan),
  ];
}

function duplicateIds(items: readonly { id: string }[], key: string): Issue[] {
  const first = new Map<string, number>();
  return items.flatMap((item, i) => {
    const earlier = first.get(item.id);
    if (earlier === undefined) first.set(item.id, i);
    return earlier === undefined
      ? []
      : [issue('plan.duplicateId', { id: item.id, first: earlier }, [key, i, 'id'])];
  });
}

function tooManyBirds(plan: Plan): Issue[] {
  const birds = plan.flock.reduce((sum, g) => sum + g.count, 0);
  return birds > PLAN_LIMITS.birds
    ? [issue('plan.tooManyBirds', { birds, most: PLAN_LIMITS.birds }, ['flock'])]
    : [];
}

function dateOrder(plan: Plan): Issue[] {
  return plan.flock.flatMap((g, i) => [
    ...(g.leavesOn !== null && g.leavesOn <= g.arrivesOn
      ? [issue('plan.leavesBeforeArrival', { arrives: g.arrivesOn }, ['flock', i, 'leavesOn'])]
      : []),
    ...(g.hatchedOn !== null && g.arrivesOn < g.hatchedOn
      ? [issue('plan.arrivesBeforeHatch', { hatched: g.hatchedOn }, ['flock', i, 'arrivesOn'])]
      : []),
  ]);
}

/** Own breeds must not hide the catalogue's, and every group's breed must be one of either. */
function breeds(plan: Plan): Issue[] {
  const own = new Set(plan.ownBreeds.map((b) => b.id));
  return [
    ...plan.ownBreeds.flatMap((b, i) =>
      breedById(b.id) ? [issue('plan.breedTaken', { id: b.id }, ['ownBreeds', i, 'id'])] : [],
    ),
    ...plan.flock.flatMap((g, i) =>
      own.has(g.breed) || breedById(g.breed)
        ? []
        : [issue('plan.unknownBreed', { typed: g.breed }, ['flock', i, 'breed'])],
    ),
    ...plan.flock.flatMap((g, i) =>
      g.sorted !== null && g.sorted.cocksKept > Math.floor(g.count / 2)
        ? [
            issue('plan.tooManyCocksKept', { most: Math.floor(g.count / 2) }, [
              'flock',
              i,
              'sorted',
              'cocksKept',
            ]),
          ]
        : [],
    ),
  ];
}

function normalsOrder({ climate }: Plan): Issue[] {
  if (climate === null || climate.source.kind === 'shipped') return [];
  return climate.source.months.flatMap((m, i) =>
    m.minC <= m.meanC && m.meanC <= m.maxC
      ? []
      : [issue('plan.normalsOrder', { month: i + 1 }, ['climate', 'source', 'months', i])],
  );
}

function roofHeights({ shell: { roof } }: Plan): Issue[] {
  if (roof.kind === 'flat' && roof.lowM !== roof.highM) {
    return [issue('plan.flatRoofUneven', { low: roof.lowM }, ['shell', 'roof', 'highM'])];
  }
  return roof.highM < roof.lowM
    ? [issue('plan.roofUpsideDown', { low: roof.lowM }, ['shell', 'roof', 'highM'])]
    : [];
}

function schools(plan: Plan, book: RuleBook): Issue[] {
  return Object.entries(plan.schools).flatMap(([topicId, choice]) => {
    const topic = book.topics.find((t) => t.id === topicId);
    const path = ['schools', topicId];
    if (topicId === 'litter.school') {
      return [issue('plan.ownField', { field: 'litter.school' }, path)];
    }
    if (!topic) {
      return [issue('plan.unknownTopic', { known: book.topics.map((t) => t.id) }, path)];
    }
    if (typeof choice !== 'string') {
      if (topic.customRange === null || topic.unit === null) {
        return [issue('plan.noCustom', {}, [...path, 'custom'])];
      }
      const [least, most] = topic.customRange;
      return choice.custom >= least && choice.custom <= most
        ? []
        : [issue('plan.customOutOfRange', { least, most, unit: topic.unit }, [...path, 'custom'])];
    }
    const rows = book.rows.filter((r) => r.topic === topicId && !r.comparisonOnly);
    return rows.some((r) => r.id === choice)
      ? []
      : [issue('plan.unknownSchool', { known: rows.map((r) => r.id) }, path)];
  });
}

/** A partition stands between the walls. */
function partitionPlace({ partition, shell }: Plan): Issue[] {
  if (partition === null) return [];
  const most = partition.axis === 'x' ? shell.lengthM : shell.widthM;
  return partition.atM > 0 && partition.atM < most
    ? []
    : [issue('plan.partitionOutside', { most }, ['partition', 'atM'])];
}

function timeZone(plan: Plan): Issue[] {
  if (plan.timeZone === 'UTC') return [];
  try {
    new Intl.DateTimeFormat('en', { timeZone: plan.timeZone });
    return [];
  } catch {
    return [issue('plan.timeZone', { typed: plan.timeZone }, ['timeZone'])];
  }
}
