import type { StationId } from '@/core/kernel/finding';
import type { UnitSystem } from '@/core/kernel/units/length';
import type {
  Each,
  Figure,
  Items,
  LineSpec,
  PartValue,
  Unit,
  WorkingSpec,
} from '@/core/kernel/working';
import type { Plan } from '@/core/model/schema';
import { AIR_WORKINGS } from '@/core/stations/air/air.working';
import { BROODER_WORKINGS } from '@/core/stations/brooder/brooder.working';
import { COOP_WORKINGS } from '@/core/stations/coop.working';
import { DOOR_WORKINGS } from '@/core/stations/door/door.working';
import { FLOCK_WORKINGS } from '@/core/stations/flock/flock.working';
import { MONTHLY_WORKINGS } from '@/core/stations/flock/monthly.working';
import { FLOOR_WORKINGS } from '@/core/stations/floor/floor.working';
import { LITTER_WORKINGS } from '@/core/stations/litter/litter.working';
import { NESTS_WORKINGS } from '@/core/stations/nests/nests.working';
import { REACH_WORKINGS } from '@/core/stations/reach/reach.working';
import { ROOSTS_WORKINGS } from '@/core/stations/roosts/roosts.working';
import { SCHOOLS_WORKINGS } from '@/core/stations/schools.working';
import { SHEET_WORKINGS } from '@/core/stations/sheet';
import { SHELL_WORKINGS } from '@/core/stations/shell/shell.working';
import { MADE_WORKINGS } from '@/core/stations/vessels/homeMade.working';
import { VESSEL_WORKINGS } from '@/core/stations/vessels/vessels.working';
import { FROST_WORKINGS, RAIN_WORKINGS } from '@/core/stations/water/rain.working';
import { formatValue } from './format';
import { GIVEN_NAMES, LINE_NAMES, MONTH_LINES } from './lineNames.data';
import { plainWords } from './plainWords';
import { sayRule } from './say';
import { STATION_NAMES } from './stations';

/** Every kind of figure with how it is explained. */
export const WORKINGS: Readonly<Record<string, WorkingSpec>> = {
  ...COOP_WORKINGS,
  ...FLOCK_WORKINGS,
  ...FLOOR_WORKINGS,
  ...ROOSTS_WORKINGS,
  ...NESTS_WORKINGS,
  ...MONTHLY_WORKINGS,
  ...SCHOOLS_WORKINGS,
  ...AIR_WORKINGS,
  ...BROODER_WORKINGS,
  ...DOOR_WORKINGS,
  ...LITTER_WORKINGS,
  ...REACH_WORKINGS,
  ...SHELL_WORKINGS,
  ...MADE_WORKINGS,
  ...RAIN_WORKINGS,
  ...FROST_WORKINGS,
  ...VESSEL_WORKINGS,
  ...SHEET_WORKINGS,
};

/** What the items of lists are called, by what they are one of. */
export type ItemNames = Readonly<Partial<Record<Each, readonly string[]>>>;

export interface WorkingLine {
  readonly name: string;
  readonly value: string;
  /** The formula in words, and with this coop's numbers; null for what is given. */
  readonly formula: { readonly words: string; readonly numbers: string } | null;
  readonly from: string | null;
}

/** A figure's working, line by line: the result first, then what it follows from, then what is given. */
export function workingLines(
  figure: Figure,
  units: UnitSystem,
  names: ItemNames = {},
): WorkingLine[] {
  const spec = specOf(figure);
  const lines = Object.entries(spec.lines).map(([key, line]) =>
    lineText(figure, key, line, units, names),
  );
  return [
    ...lines.filter((l) => l.formula !== null).reverse(),
    ...lines.filter((l) => l.formula === null),
  ];
}

/** How a figure's working is specified. @throws Error for a key no table holds */
export function specOf(figure: Pick<Figure, 'id' | 'working'>): WorkingSpec {
  const spec = WORKINGS[figure.working];
  if (!spec) throw new Error(`${figure.id} has no working ${figure.working}`);
  return spec;
}

/** What a symbol of a working is called. */
export function lineName(workingKey: string, line: string): string {
  const name =
    LINE_NAMES[`${workingKey}.${line}`] ??
    (workingKey.startsWith('demand.') && line === 'birds' ? 'birds of each group' : undefined) ??
    (workingKey.startsWith('month.') ? MONTH_LINES[line] : undefined) ??
    LINE_NAMES[line];
  if (name === undefined) throw new Error(`no words for ${line} in ${workingKey}`);
  return name;
}

function lineText(
  figure: Figure,
  key: string,
  line: LineSpec,
  units: UnitSystem,
  names: ItemNames,
): WorkingLine {
  const spec = specOf(figure);
  const name = isPlain(spec) ? plainName(figure) : lineName(figure.working, key);
  const value = partText(figure.parts[key] ?? 0, line, units, names);
  if ('given' in line) return { name, value, formula: null, from: GIVEN_NAMES[line.given] };
  const words = pretty(
    line.formula.replace(SYMBOL, (s) => (s in spec.lines ? lineName(figure.working, s) : s)),
  );
  const numbers = pretty(withNumbers(line.formula, figure, spec, units));
  return { name, value, formula: { words, numbers }, from: null };
}

/** Whether a working has no formula, and one line only: the figure itself. */
const isPlain = ({ lines }: WorkingSpec): boolean => {
  const [only, ...more] = Object.values(lines);
  return only !== undefined && more.length === 0 && 'given' in only;
};

/** @throws Error where a figure that nothing is worked from has no words that say what it is */
function plainName({ id }: Figure): string {
  const words = plainWords(id);
  if (words === null) throw new Error(`no words for what ${id} is`);
  return words;
}

const SYMBOL = /[A-Za-z]+/g;
const SUM = /sum\((\w+)(?: \.\* (\w+))?\)/g;

/** A formula with its symbols replaced by this coop's numbers; sums are written out. */
function withNumbers(
  formula: string,
  figure: Figure,
  spec: WorkingSpec,
  units: UnitSystem,
): string {
  const unit = (key: string): Unit => spec.lines[key]?.unit ?? 'ratio';
  const items = (key: string): readonly number[] => {
    const part = figure.parts[key] ?? 0;
    return typeof part === 'number' ? [part] : part;
  };
  const text = (key: string): string =>
    items(key)
      .map((n) => formatValue(n, unit(key), units))
      .join(', ');
  const writtenOut = (a: string, b: string | undefined): string => {
    const terms = items(a).map((n, i) => {
      const first = formatValue(n, unit(a), units);
      return b === undefined
        ? first
        : `${first} × ${formatValue(items(b)[i] ?? 0, unit(b), units)}`;
    });
    return terms.length === 0 ? '0' : terms.join(' + ');
  };
  // sums first, kept apart from the other symbols while those are replaced
  const sums: string[] = [];
  return formula
    .replace(SUM, (whole, a: string, b?: string) => {
      const sum = writtenOut(a, b);
      sums.push(whole === formula || !/[+×]/.test(sum) ? sum : `(${sum})`);
      return `#${sums.length - 1}`;
    })
    .replace(SYMBOL, (s) => (s in spec.lines ? text(s) : s))
    .replace(/#(\d+)/g, (_, i: string) => sums[Number(i)] ?? '');
}

/** What a line says that it rests on where it is a rule of the book. */
const RULES: ReadonlySet<string> = new Set(['school', 'keepers', 'rule']);

/** A value, or each item of a list with what it belongs to. */
function partText(part: PartValue, line: LineSpec, units: UnitSystem, names: ItemNames): string {
  if (typeof part === 'number') {
    const rule = 'given' in line && RULES.has(line.given) ? sayRule(part, line.unit, units) : null;
    return rule ?? formatValue(part, line.unit, units);
  }
  if (part.length === 0) return 'none';
  const of = line.each === undefined ? undefined : names[line.each];
  return part
    .map((n, i) => {
      const text = formatValue(n, line.unit, units);
      const name = of?.[i];
      return name === undefined ? text : `${name} ${text}`;
    })
    .join(', ');
}

/** What the items of an assessment's lists are called: groups and fixtures as the keeper named them. */
export function itemNames(items: Items, plan: Pick<Plan, 'flock' | 'fixtures'>): ItemNames {
  const called = new Map([...plan.flock, ...plan.fixtures].map((x) => [x.id, x.name]));
  const own = (ids: readonly string[]): string[] => ids.map((id) => called.get(id) ?? id);
  return {
    group: items.group.map((id) => lotName(id, called)),
    bar: own(items.bar),
    bank: own(items.bank),
    taker: own(items.taker),
    opening: own(items.opening),
    feeder: own(items.feeder),
    drinker: own(items.drinker),
    station: items.station.map((id) => STATION_NAMES[id as StationId] ?? id),
  };
}

/** A lot is called as its group is; the cocks of an unsexed group say so. */
function lotName(id: string, called: ReadonlyMap<string, string>): string {
  const whole = called.get(id);
  if (whole !== undefined) return whole;
  const group = called.get(id.replace(/\.cocks$/, ''));
  return group === undefined ? id : `${group}, cocks`;
}

/** Plain notation into what a keeper reads. */
function pretty(formula: string): string {
  return formula
    .replace(/\bsum\(/g, 'sum of (')
    .replace(/\bwholeDown\(/g, 'rounded down (')
    .replace(/\bwholeUp\(/g, 'rounded up (')
    .replace(/\bmin\(/g, 'the least of (')
    .replace(/\bmax\(/g, 'the most of (')
    .replace(/\babs\(/g, 'the size of (')
    .replace(/\s\.?\*\s/g, ' × ')
    .replace(/\s\/\s/g, ' ÷ ')
    .replace(/\s-\s/g, ' − ')
    .replace(/\^(\d\/\d)/g, '^($1)');
}
