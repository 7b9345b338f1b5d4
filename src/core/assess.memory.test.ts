import { isDeepStrictEqual } from 'node:util';
import fc from 'fast-check';
import { everything } from '@/core/tests/everything';
import { badCoop, DAY } from '@/core/tests/plans';
import { assess, createAssessor } from './assess';
import { parsePlan } from './edit/parse';
import { createKept } from './kernel/memory';
import type { Plan } from './model/schema';
import { RULE_BOOK, selectableRows } from './rules/book';
import { runs } from './tests/runs';

const on = DAY;
type Assessor = ReturnType<typeof createAssessor>;

/** What was remembered is what is worked anew, the flock's days aside: they have a test of their own. */
function sameAsAnew(remembering: Assessor, plan: Plan): void {
  const { flock: _kept, zones: keptZones, ...known } = remembering(plan, { on });
  const { flock: _new, zones, ...anew } = assess(plan, { on });
  // the quick look first: the slow one says what differs
  if (!isDeepStrictEqual(known, anew)) expect(known).toEqual(anew);
  expect(keptZones === null).toBe(zones === null);
}

/** Words of fixtures' fields, each turned into the next of its row. */
const ROWS = [
  ['open', 'closable', 'shut'],
  ['front', 'rear', 'left', 'right'],
  ['mesh13', 'netting', 'none'],
  ['coop', 'run'],
  ['x', 'y'],
  ['tube', 'port', 'pedal'],
  ['fount', 'nipple', 'cup'],
];

/** Another value of a field: longer, the other way about, the next word; itself where it has none. */
function changed(value: unknown): unknown {
  if (typeof value === 'number') return value * 1.07 + 0.01;
  if (typeof value === 'boolean') return !value;
  const row = ROWS.find((r) => r.includes(value as string));
  return row ? row[(row.indexOf(value as string) + 1) % row.length] : value;
}

type Path = readonly (string | number)[];

/** Where every number, switch and word of a plan stands, the normals of its climate aside. */
function leaves(part: unknown, path: Path = []): Path[] {
  if (path[0] === 'climate') return [];
  if (part === null || typeof part !== 'object') return [path];
  return Object.entries(part).flatMap(([key, value]) =>
    leaves(value, [...path, Array.isArray(part) ? Number(key) : key]),
  );
}

const at = (part: unknown, path: Path): unknown =>
  path.reduce((own, key) => (own as Record<string | number, unknown>)[key], part);

/** The plan with one field another: only what it lies in is made anew. */
function withAt<T>(part: T, [key, ...rest]: Path, value: unknown): T {
  if (key === undefined) return value as T;
  const inner = withAt((part as Record<string | number, unknown>)[key], rest, value);
  return Array.isArray(part)
    ? (part.map((own, i) => (i === key ? inner : own)) as T)
    : { ...part, [key]: inner };
}

test.each(['lamp', 'hen'] as const)(
  'every number, switch and choice of a plan changed by turns, with a %s: nothing is taken from memory that it moves',
  (heat) => {
    const remembering = createAssessor();
    const plan = everything(heat);
    let edits = 0;
    for (const path of leaves(plan)) {
      const value = changed(at(plan, path));
      const next = withAt(plan, path, value);
      if (value === at(plan, path) || !parsePlan(next).ok) continue;
      sameAsAnew(remembering, next);
      edits++;
    }
    expect(edits).toBeGreaterThan(100);
  },
);

test('every school chosen by turns, and one of the keeper’s own between', () => {
  const remembering = createAssessor();
  let plan = everything('plate');
  for (const topic of RULE_BOOK.topics) {
    const own = topic.param === null ? [] : [{ custom: 0.4 }, { custom: 0.5 }];
    for (const choice of [...selectableRows(RULE_BOOK, topic.id).map((r) => r.id), ...own]) {
      if (topic.id === 'litter.school') continue;
      plan = { ...plan, schools: { ...plan.schools, [topic.id]: choice } };
      sameAsAnew(remembering, plan);
    }
  }
});

test('any bad coop turned into another part by part, and back', () => {
  const part = fc.constantFrom(
    'flock' as const,
    'fixtures' as const,
    'shell' as const,
    'litter' as const,
    'climate' as const,
    'run' as const,
    'limits' as const,
    'one' as const,
    'back' as const,
  );
  const edits = fc.array(fc.tuple(part, badCoop, fc.nat(20)), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(badCoop, edits, (start, list) => {
      const remembering = createAssessor();
      let [plan, before] = [start, start];
      for (const [what, other, at] of list) {
        const last = plan;
        if (what === 'back') plan = before;
        else if (what === 'one') {
          const swapped = other.fixtures[at % Math.max(1, other.fixtures.length)];
          const fixtures = plan.fixtures.filter((f) => f.id !== swapped?.id);
          plan = { ...plan, fixtures: swapped ? [...fixtures, swapped] : fixtures };
        } else plan = { ...plan, [what]: other[what] };
        before = last;
        sameAsAnew(remembering, plan);
      }
    }),
    { numRuns: runs(10, 30) },
  );
});

test('figures and schools that are first read after the next edit are of their own plan', () => {
  fc.assert(
    fc.property(badCoop, badCoop, (one, other) => {
      const remembering = createAssessor();
      const before = remembering(one, { on: DAY });
      const after = remembering({ ...one, fixtures: other.fixtures }, { on: DAY });
      const known = { ...after, schools: { ...after.schools } };
      const late = assess(one, { on: DAY });
      expect(before.schools).toEqual(late.schools);
      expect(before.figures).toEqual(late.figures);
      expect(known.schools).toEqual(
        assess({ ...one, fixtures: other.fixtures }, { on: DAY }).schools,
      );
    }),
    { numRuns: runs(6, 15) },
  );
});

test('a memory works anew where a part is another, where there are more or fewer, and by name', () => {
  const kept = createKept();
  let worked = 0;
  const ask = (name: string, ...from: unknown[]): number => kept(name, from, () => ++worked);
  const [a, b] = [{}, {}];
  expect([ask('x', a, 1), ask('x', a, 1), ask('y', a, 1), ask('x', a, 1)]).toEqual([1, 1, 2, 1]);
  expect(ask('x', b, 1)).toBe(3);
  expect(ask('x', b, 2)).toBe(4);
  expect(ask('x', b)).toBe(5);
  expect(ask('x', b, Number.NaN)).toBe(6);
  expect(ask('x', b, Number.NaN)).toBe(6);
});
