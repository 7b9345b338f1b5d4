import fc from 'fast-check';
import { evaluate } from 'mathjs';
import { assess } from '@/core/assess';
import { tidy } from '@/core/kernel/units/number';
import type { Figure, PartValue } from '@/core/kernel/working';
import { everything } from '@/core/tests/everything';
import { anyPlan, badCoop, DAY, sample } from '@/core/tests/plans';
import { formatValue } from './format';
import { plainWords } from './plainWords';
import { sayRule } from './say';
import { itemNames, lineName, specOf, WORKINGS, workingLines } from './workings';

const listed = (x: number | number[]) => (typeof x === 'number' ? [x] : x);

/** The same names as the formulas use, written apart from the core's own. */
const FUNCTIONS = {
  sum: (x: number | number[]) => listed(x).reduce((a, b) => a + b, 0),
  wholeDown: (x: number) => Math.floor(tidy(x)),
  wholeUp: (x: number) => Math.ceil(tidy(x)),
};

/** Works a figure again from what is given in it, through the formulas a keeper reads. */
function recompute(figure: Figure): void {
  const { lines } = specOf(figure);
  for (const [key, line] of Object.entries(lines)) {
    if (!('formula' in line)) continue;
    const scope: Record<string, unknown> = { ...FUNCTIONS };
    for (const [name, part] of Object.entries(figure.parts)) {
      if (name !== key) scope[name] = typeof part === 'number' ? part : [...part];
    }
    const part = figure.parts[key] as number;
    // pascals have seven places before the point: of a double's sixteen nine are left
    const digits = Math.min(9, 15 - Math.ceil(Math.log10(Math.max(1, Math.abs(part)))) - 1);
    expect([figure.id, key, evaluate(line.formula, scope)]).toEqual([
      figure.id,
      key,
      expect.closeTo(part, digits),
    ]);
  }
}

describe.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)('workings of %s', (id) => {
  const plan = sample(id);
  const { figures } = assess(plan, { on: DAY });

  test('each, worked again from its raw inputs, gives its raw result', () => {
    expect(figures.size).toBeGreaterThan(15);
    for (const figure of figures.values()) {
      recompute(figure);
      expect(figure.parts[specOf(figure).result]).toBe(figure.value);
    }
  });

  test('each prints the format of its raw values, in both systems of units', () => {
    for (const units of ['metric', 'imperial'] as const) {
      for (const figure of figures.values()) {
        const { lines } = specOf(figure);
        const printed = workingLines(figure, units);
        expect(printed).toHaveLength(Object.keys(lines).length);
        for (const [key, line] of Object.entries(lines)) {
          const part: PartValue = figure.parts[key] ?? Number.NaN;
          const raw = typeof part === 'number' ? [part] : part;
          // a rule is said in its everyday form, all else with all of its digits
          const rule =
            typeof part === 'number' && 'given' in line && /^(school|keepers)$/.test(line.given)
              ? sayRule(part, line.unit, units)
              : null;
          const text =
            rule ?? (raw.map((n) => formatValue(n, line.unit, units)).join(', ') || 'none');
          const plain = Object.keys(lines).length === 1 ? plainWords(figure.id) : null;
          const name = plain ?? lineName(figure.working, key);
          expect(printed.filter((p) => p.name === name).map((p) => p.value)).toContain(text);
        }
      }
    }
  });
});

test('workings hold for any plan', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      for (const figure of assess(plan, { on: DAY }).figures.values()) recompute(figure);
    }),
    { numRuns: 25 },
  );
});

test('every line of every working has its words', () => {
  for (const [key, spec] of Object.entries(WORKINGS)) {
    for (const line of Object.keys(spec.lines))
      expect(lineName(key, line).length).toBeGreaterThan(0);
  }
});

test('a formula is told in words and in numbers', () => {
  const { figures } = assess(sample('pell-garth'), { on: DAY });
  const width = figures.get('roosts.widthPerBird.sussex');
  if (!width) throw new Error('no figure');
  expect(workingLines(width, 'metric')[0]).toEqual({
    name: 'for this bird',
    value: '34 cm',
    formula: {
      words:
        'rule for the reference hen × (one bird’s weight ÷ reference hen)^power × times, in a hot place',
      numbers: '30 cm × (3.2 kg ÷ 2.2 kg)^(1/3) × 1',
    },
    from: null,
  });
  const needed = figures.get('roosts.needed');
  if (!needed) throw new Error('no figure');
  expect(workingLines(needed, 'metric')[0]?.formula?.numbers).toBe(
    '4 birds × 34 cm + 4 birds × 33.3 cm + 6 birds × 32.1 cm',
  );
  const mean = figures.get('roosts.widthPerBird');
  if (!mean) throw new Error('no figure');
  expect(workingLines(mean, 'metric')[0]?.formula?.numbers).toBe(
    '(4 birds × 34 cm + 4 birds × 33.3 cm + 6 birds × 32.1 cm) ÷ (4 birds + 4 birds + 6 birds)',
  );
});

test('the numbers of a formula, read back as arithmetic, come to its value as nearly as they are rounded', () => {
  const { figures } = assess(sample('osk-landing'), { on: DAY });
  const arithmetic = (text: string) =>
    text
      .replace(/(\d) cm³/g, '$1 * 1e-6')
      .replace(/(\d) cm⁴/g, '$1 * 1e-8')
      .replace(/(\d) GPa/g, '$1 * 1e9')
      .replace(/(\d) MPa/g, '$1 * 1e6')
      .replace(/ N\/m/g, '')
      .replace(/ kg a (litre|m³)/g, '')
      .replace(/(\d)°/g, '$1')
      .replace(/(\d) (cm)/g, '$1 * 0.01')
      .replace(/ g a day/g, ' * 0.001')
      .replace(/ (kg|L|kcal|eggs) a (day|kg|g)/g, '')
      .replace(
        / (birds?|hens?( a box)?|boxes|box|days?|weeks|chicks?|pop doors?|brackets?|bales|L|°C|W|kg|m²|m)(?![a-z])²?/g,
        '',
      )
      .replace(/m²/g, '')
      .replace(/×/g, '*')
      .replace(/÷/g, '/')
      .replace(/−/g, '-')
      .replace(/the least of /g, 'min')
      .replace(/the most of /g, 'max')
      .replace(/the size of /g, 'abs')
      .replace(/rounded down /g, 'floor')
      .replace(/rounded up /g, 'ceil');
  let read = 0;
  for (const figure of figures.values()) {
    const [line] = workingLines(figure, 'metric');
    if (!line?.formula) continue;
    const value = evaluate(arithmetic(line.formula.numbers)) as number;
    expect([
      figure.id,
      Math.abs(value - figure.value) <= 0.02 * Math.max(1, Math.abs(figure.value)),
    ]).toEqual([figure.id, true]);
    read++;
  }
  expect(read).toBeGreaterThan(30);
});

test('the items of a list are told by the names the keeper gave', () => {
  const plan = sample('pell-garth');
  const { figures, items } = assess(plan, { on: DAY });
  const names = itemNames(items, plan);
  const given = (id: string, name: string) => {
    const figure = figures.get(id);
    if (!figure) throw new Error(`no figure ${id}`);
    return workingLines(figure, 'metric', names).find((l) => l.name === name)?.value;
  };
  expect(given('roosts.widthPerBird', 'width of bar for each bird')).toBe(
    'Sussex 34 cm, Marans 33.3 cm, Barnevelder pullets 32.1 cm',
  );
  expect(given('floor.have', 'taken by fixtures')).toBe(
    'Drawer boxes 0.43 m², Hanging tube 0.071 m², Round fount 0.071 m²',
  );
  expect(given('roosts.have', 'usable length')).toBe('Rear bar 1.20 m, Front bar 1.20 m');
  expect(given('coop.carries', 'what each station carries')).toBe(
    'Floor 14 birds, Roosts 6 birds, Nests 13 birds, Feed 21 birds, Water 42 birds',
  );
});

/** Plans of every kind, with what is entered only rarely. */
const many = () => [
  ...(['pell-garth', 'tamar-flats', 'osk-landing'] as const).map((id) => sample(id)),
  everything('lamp'),
  ...fc.sample(anyPlan, { numRuns: 40, seed: 3 }),
  ...fc.sample(badCoop, { numRuns: 40, seed: 4 }),
];

test('every working names what it is made of: none says a value for its own value', () => {
  const unnamed = new Set<string>();
  for (const plan of many()) {
    const whole = assess(plan, { on: DAY });
    for (const a of [whole, ...(whole.zones ? Object.values(whole.zones) : [])]) {
      for (const figure of a.figures.values()) {
        const lines = workingLines(figure, plan.units, itemNames(a.items, plan));
        for (const { name, value, formula } of lines) {
          if (/^(value|figure|result)$/.test(name)) unnamed.add(figure.id);
          // a formula that says the value again explains nothing
          if (formula && formula.numbers === value && formula.words === name)
            unnamed.add(figure.id);
        }
      }
    }
  }
  expect([...unnamed]).toEqual([]);
});

test('a weight of the breed’s table is never called the keeper’s own', () => {
  const plan = sample('osk-landing');
  const own = { ...plan, flock: plan.flock.map((g) => ({ ...g, massKg: 2.5 })) };
  const said = (of: typeof plan) =>
    [...assess(of, { on: DAY }).figures.values()].filter((f) => /\.mass$/.test(f.id));
  expect(said(plan).length).toBeGreaterThan(3);
  expect(said(plan).map((f) => f.evidence)).not.toContain('entered');
  expect(said(own).map((f) => f.evidence)).toContain('entered');
  for (const figure of said(plan)) {
    for (const line of workingLines(figure, 'metric')) expect(line.from).not.toBe('entered');
  }
});
