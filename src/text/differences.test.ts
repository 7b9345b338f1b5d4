import fc from 'fast-check';
import { planDifferences } from '@/core/edit/differences';
import { mergePlans } from '@/core/edit/merge';
import { everything } from '@/core/tests/everything';
import { anyPlan, bar, sample, sampleClimate } from '@/core/tests/plans';
import { planJsonSchema } from '@/formats/planSchemaJson';
import { clashLines, differencesText } from './differences';
import { FIELDS } from './fieldNames.data';
import { VALUE_WORDS } from './values';

const plan = sample('pell-garth');
const told = (to: typeof plan, most?: number) =>
  differencesText(planDifferences(plan, to), to, most);

test('plans that are the same differ in nothing, in whatever order their keys stand', () => {
  fc.assert(
    fc.property(anyPlan, (p) => {
      expect(planDifferences(p, structuredClone(p))).toEqual([]);
      const turned = Object.fromEntries(Object.entries(p).reverse()) as typeof p;
      expect(planDifferences(p, turned)).toEqual([]);
    }),
    { numRuns: 20 },
  );
});

test('what differs is named as the keeper named it, with its old and new values', () => {
  expect(told(plan)).toBe('nothing');
  const [first, ...rest] = plan.fixtures;
  if (first?.kind !== 'bar') throw new Error('the first fixture is a bar');
  const longer = { ...plan, fixtures: [{ ...first, lengthM: 2.7 }, ...rest] };
  expect(told(longer)).toBe('Rear bar: length 1.20 m → 2.70 m');
  expect(told({ ...longer, units: 'imperial' as const })).toBe(
    'Rear bar: length 3′ 11 1/4″ → 8′ 10 1/4″; Units: metric → imperial',
  );
  expect(told({ ...plan, fixtures: [...plan.fixtures, bar({ id: 'bar-9', name: 'Perch' })] })).toBe(
    'Perch: added',
  );
  expect(told({ ...plan, fixtures: rest })).toBe('Rear bar: removed');
  expect(
    told({
      ...plan,
      flock: plan.flock.slice(1),
      litter: { ...plan.litter, school: 'thin', depthM: 0.05 },
    }),
  ).toBe(
    'Sussex: removed; Litter: kind deep, composting → thin, changed, depth at first 10 cm → 5 cm',
  );
  expect(
    told({ ...plan, schools: { 'floor.area': { custom: 1 } }, horizonYears: 3, name: 'Shed' }),
  ).toBe(
    'Name of the plan: Pell Garth → Shed; Years ahead: 2 → 3; Rules chosen: Floor for each bird none → your own figure, 1',
  );
});

test('other kinds of thing are told by their kind, and what comes or goes by none', () => {
  const { shell, run } = plan;
  expect(run).toBeNull();
  expect(told({ ...plan, shell: { ...shell, roof: { kind: 'flat', lowM: 2, highM: 2 } } })).toBe(
    'Shell: roof one slope → flat',
  );
  expect(told({ ...plan, climate: sampleClimate('cold-continental') })).toMatch(
    /^Climate: weather .+ → .*continental/,
  );
  expect(told({ ...plan, site: { ...plan.site, animals: ['fox', 'rat'] } })).toBe(
    'Place: animals that live here none → foxes, rats',
  );
});

test('many differences are counted after the first few', () => {
  expect(told({ ...plan, flock: [], fixtures: [] })).toMatch(/; and 3 more$/);
  expect(told({ ...plan, flock: [], fixtures: [] }, 99)).not.toMatch(/ more$/);
});

test('what clashes is told with both values', () => {
  const [first, ...rest] = plan.fixtures;
  if (first?.kind !== 'bar') throw new Error('the first fixture is a bar');
  const withBar = (lengthM: number) => ({ ...plan, fixtures: [{ ...first, lengthM }, ...rest] });
  const { clashes } = mergePlans(
    plan,
    { ...withBar(2.7), name: 'A' },
    { ...withBar(2.4), name: 'B' },
  );
  expect(clashLines(clashes, plan)).toEqual([
    { what: 'Name of the plan', here: 'A', there: 'B' },
    { what: 'Rear bar, length', here: '2.70 m', there: '2.40 m' },
  ]);
  const gone = mergePlans(plan, { ...plan, fixtures: rest }, withBar(2.4));
  expect(clashLines(gone.clashes, plan)).toEqual([
    { what: 'Rear bar', here: 'removed', there: 'changed' },
  ]);
});

interface SchemaNode {
  readonly properties?: Readonly<Record<string, SchemaNode>>;
  readonly items?: SchemaNode;
  readonly anyOf?: readonly SchemaNode[];
  readonly oneOf?: readonly SchemaNode[];
  readonly enum?: readonly string[];
}

/** Every key of the plan file under a part, with the words that it may have. */
function keysOf(node: SchemaNode, key: string, out = new Map<string, Set<string>>()) {
  for (const word of node.enum ?? []) out.get(key)?.add(word);
  for (const inner of [...(node.anyOf ?? []), ...(node.oneOf ?? [])]) keysOf(inner, key, out);
  if (node.items) keysOf(node.items, key, out);
  for (const [name, inner] of Object.entries(node.properties ?? {})) {
    if (!out.has(name)) out.set(name, new Set());
    keysOf(inner, name, out);
  }
  return out;
}

test('every key of the plan file has a name, and every word it may have has words', () => {
  const { properties } = planJsonSchema() as SchemaNode;
  const { schools, climate, ...rest } = properties ?? {};
  const keys = keysOf({ properties: rest }, '');
  for (const [key, words] of keysOf(climate ?? {}, 'climate')) keys.set(key, words);
  expect(keys.size).toBeGreaterThan(150);
  // months of normals, and parts that are told by their own name
  const whole = /^(months|meanC|minC|maxC|rh|windMS|rainMm|rainDays|sunHours|custom)$/;
  const parts = new Set(Object.keys(properties ?? {}));
  const nameless = [...keys.keys()].filter((k) => !FIELDS[k] && !whole.test(k) && !parts.has(k));
  expect(nameless).toEqual([]);
  const wordless = [...keys].flatMap(([key, words]) =>
    key === 'id' ? [] : [...words].filter((w) => !VALUE_WORDS[key]?.[w]).map((w) => `${key} ${w}`),
  );
  expect(wordless).toEqual([]);
});

/** Every value of a plan that is no object or list itself, with its path. */
function leavesOf(value: unknown, path: readonly (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [[...path]];
  const entries = Array.isArray(value)
    ? value.map((v, i) => [i, v] as const)
    : Object.entries(value);
  return entries.flatMap(([key, v]) => leavesOf(v, [...path, key]));
}

/** The same with one leaf changed. */
function changedAt<T>(whole: T, path: readonly (string | number)[]): T {
  const copy = structuredClone(whole);
  let at = copy as Record<string | number, unknown>;
  for (const key of path.slice(0, -1)) at = at[key] as typeof at;
  const last = path.at(-1) ?? '';
  const was = at[last];
  at[last] =
    typeof was === 'number'
      ? was + 1
      : typeof was === 'boolean'
        ? !was
        : /^on$|On$/.test(String(last))
          ? '2031-01-01'
          : `${was ?? ''} changed`;
  return copy;
}

test('a change of any leaf of a plan with everything in it is a difference, and has words', () => {
  const whole = everything('plate');
  const paths = leavesOf(whole);
  expect(paths.length).toBeGreaterThan(300);
  const unseen = paths.filter((path) => {
    const differences = planDifferences(whole, changedAt(whole, path));
    return differences.length === 0 || differencesText(differences, whole) === 'nothing';
  });
  expect(unseen).toEqual([]);
});
