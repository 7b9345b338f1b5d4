import type { StationId } from '@/core/kernel/finding';
import type { UnitSystem } from '@/core/kernel/units/length';
import type {
  Each,
  Figure,
  Given,
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
import { VESSEL_WORKINGS } from '@/core/stations/vessels/vessels.working';
import { formatValue } from './format';
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
  ...VESSEL_WORKINGS,
  ...SHEET_WORKINGS,
};

const GIVEN_NAMES: Readonly<Record<Given, string>> = {
  entered: 'entered',
  school: 'school chosen',
  found: 'worked out',
  keepers: "keepers' rule",
  'breed-standards': 'breed standard',
  'nrc-1994': 'published',
  'timber-tables': 'published',
  'wide-rafter': 'assumption',
};

/** What each symbol is called: `<working>.<line>` where a line needs its own words, else `<line>`. */
export const LINE_NAMES: Readonly<Record<string, string>> = {
  above: 'height above the entrance',
  adult: 'full grown',
  age: 'age',
  apart: 'distance between them',
  areas: 'area for each bird',
  asked: 'area these birds ask for',
  bar: "the bar's place",
  best: 'best of the breed',
  birds: 'birds on this bar',
  breedHen: 'a hen of the breed',
  boxes: 'boxes in each bank',
  byAge: 'for age',
  byBrood: 'for broodiness',
  'vessel.capacity.best.fitting': 'birds that find a place, the best sharing out that was found',
  byLight: 'for the season’s light',
  byHours: 'for hours of light',
  leastLight: 'but in winter not below',
  'brooder.have.shape': 'of its rectangle: a round or oval tub fills π/4',
  'litter.depth.final.grown': 'grown to by the clean-out',
  'litter.depth.final.most': 'but held to at most',
  'litter.depth.final.depth': 'depth that all is held to',
  'flock.eggs.hours': 'hours of light on this day',
  byMoult: 'for the moult',
  'nests.needed.boxes': 'boxes needed',
  carries: 'carries',
  cocks: 'cocks',
  coefficient: 'coefficient',
  counts: 'birds in each group',
  effective: 'usable length',
  eggMass: 'egg mass',
  eggs: 'eggs',
  energy: 'energy asked for',
  energyOfFeed: 'energy of the feed',
  entrance: 'top of the lip',
  farLoss: 'lost at the far end',
  fastest: 'age of fastest growth',
  feed: 'feed',
  felt: 'warmth felt',
  fitted: 'birds that fit, by group',
  fitting: 'birds that fit',
  gain: 'growth',
  gap: 'bar to wall',
  headToBack: 'head to back',
  height: 'above the litter',
  hens: 'hens in lay',
  hensPerBox: 'hens a box',
  hot: 'times, in a hot place',
  kind: 'times, of her kind',
  inside: 'floor inside the walls',
  laying: 'hens in lay, by group',
  least: 'least number',
  length: 'length',
  'nests.bank.lip.lip': 'lip above the litter',
  'roosts.aboveNests.lip': 'highest nest entrance',
  litter: 'litter',
  live: 'live mass',
  living: 'birds in each group',
  mass: 'mass',
  mean: 'average for one bird',
  missing: 'short by',
  nearLoss: 'lost at the near end',
  needed: 'needed',
  one: 'one bar',
  other: 'the other',
  partsOfFeed: 'parts of water to feed',
  perBird: 'for one bird of each',
  perGramGained: 'for a gram of growth',
  place: 'temperature where she lives',
  planned: 'planned',
  power: 'power',
  present: 'birds living there that day',
  rate: 'rate of growth a day',
  ratio: 'hens to a cock',
  reference: 'reference hen',
  room: 'room for more',
  rule: 'rule for the reference hen',
  'school.carries.rule': 'rule',
  scaled: 'for this bird',
  seated: 'birds with a place',
  served: 'hens the boxes serve',
  size: 'size',
  sleepers: 'birds that sleep on bars',
  staves: 'what each station carries',
  standard: 'a grown bird',
  taken: 'taken by fixtures',
  timesHen: "times a hen's mass",
  there: 'there',
  total: 'in all',
  usable: 'usable floor',
  used: 'length these birds use',
  value: 'value',
  wall: 'the wall',
  warm: 'times, for warmth',
  water: 'water',
  width: 'width',
  widths: 'width of bar for each bird',
  without: 'without a place',
  all: 'all that can be open',
  always: 'high openings that cannot be shut',
  allowed: 'allowed',
  air: 'air where it stands',
  back: 'back height',
  bag: 'a bag',
  bale: 'a bale, shaken out',
  bales: 'bales',
  brackets: 'brackets between its ends',
  bulk: 'bulk of the bedding',
  byFeed: 'by feed edge',
  byHeat: 'by heat',
  bySpace: 'by floor',
  byWater: 'by water rim',
  carbon: 'carbon in bedding',
  chicks: 'chicks',
  clear: 'clear to each side',
  cn: 'carbon to nitrogen of the bedding',
  cnOfDroppings: 'carbon to nitrogen of droppings',
  comfort: 'comfort in the first week',
  contents: 'contents',
  cover: 'free share of its mesh',
  day: 'droppings a day',
  days: 'days',
  density: 'density',
  depth: 'depth',
  droppings: 'droppings a day',
  dry: 'dry share of droppings',
  eaten: 'eaten of each',
  empty: 'empty',
  every: 'cleaned out every',
  factor: 'times, for landing and crowding',
  final: 'litter at its deepest',
  flap: 'the flap',
  flat: 'cleats on the flat',
  flatTo: 'flat up to',
  floor: 'floor',
  front: 'clear width in front',
  gravity: 'gravity',
  gross: 'gross area',
  headroom: 'headroom',
  intake: 'taken a day',
  inertia: 'second moment of the section',
  kg: 'bedding a week',
  knock: 'times, for knocks',
  litres: 'litres',
  load: 'load along the bar',
  lost: 'lost as it rots',
  modulus: 'section modulus',
  most: 'most',
  net: 'net area',
  night: 'share that falls at night on the litter',
  nightShare: 'night share',
  nitrogen: 'nitrogen of droppings',
  over: 'over it',
  per: 'for each',
  perChick: 'for one chick',
  perTen: 'for ten chicks',
  pitch: 'cleat to cleat',
  plus: 'and',
  rim: 'the barrow’s rim',
  rise: 'rise',
  roof: 'underside of the roof',
  sag: 'sag',
  screen: 'free share of what else covers it',
  settled: 'settled litter',
  share: 'share',
  shares: 'share of a reference hen',
  sill: 'sill',
  slack: 'up or down',
  slope: 'slope',
  solid: 'solid share',
  span: 'span between supports',
  start: 'at the start',
  stature: 'your stature',
  steep: 'cleats on the steepest',
  steepAt: 'steepest at',
  stiffness: 'stiffness of the timber',
  storage: 'the keeper’s own',
  stress: 'bending stress',
  strip: 'width of the strip',
  thick: 'scraped at',
  thickness: 'thickness a day',
  times: 'times',
  topUp: 'bedding a week',
  waste: 'times, for waste',
  watts: 'power',
  week: 'droppings on the litter a week',
  weekly: 'added a week',
  weeks: 'weeks a year',
  weight: 'weight',
  year: 'a year',
  area: 'area',
  'vessel.height.height': 'height wanted',
  'vessel.height.times': 'times, to the pin',
  'litter.retaining.above': 'over it',
  'door.sill.above': 'over it',
  'door.sill.needed': 'needed',
  'brooder.hatch.set': 'eggs set',
  'brooder.hatch.rate': 'share that hatches',
  'brooder.hatch.hatched': 'chicks that hatch',
  'brooder.hatch.share': 'share of them that is counted on',
  'brooder.hatch.forGroup': 'chicks for this group',
  'shell.mesh.areas': 'area of each opening or ceiling',
  'shell.mesh.edges': 'its edges, all round',
  'shell.mesh.lap': 'lap on each edge',
  'shell.mesh.count': 'pieces',
  'shell.mesh.area': 'mesh to cut',
  'shell.run.area': 'area of the run',
  'vessel.served.served': 'birds with a place',
  'door.needed.birds': 'birds',
  'door.needed.per': 'birds to a door',
  'door.slope.length': 'length of the ramp',
  'roosts.board.days.used': 'length of bar in use',
  'roosts.bar.sag.length': 'length',
  'brooder.lamp.least': 'least spot',
  'shell.dustBath.least': 'least of all',
  'litter.weekly.least': 'ratio to hold',
  'air.needed.perBird': 'for a reference hen',
  'litter.droppings.each': 'droppings of one bird of each',
  'roosts.bar.sag.birds': 'birds on a full bar',
  'roosts.bar.stress.birds': 'birds on a full bar',
  'roosts.headroom.room': 'headroom',
  'feed.bag.days.bag': 'a bag',
  'roosts.headroom.bar': 'the bar',
  'litter.start.depth': 'depth',
  'reach.headroom.over': 'over it',
  'reach.elbow.share': 'elbow, as a share of it',
  'reach.elbow.most': 'as high as is easy',
  'litter.depth.end.rise': 'rise in a year',
  'litter.rise.rise': 'rise in a year',
  'litter.depth.end.days': 'days to the clean-out',
  'roosts.board.days.most': 'at least every',
  'litter.onLitter.byDay': 'share of the day indoors',
};

/** The lists of a month have one item a day. */
const MONTH_LINES: Readonly<Record<string, string>> = {
  birds: 'birds, day by day',
  eggs: 'eggs, day by day',
  feed: 'feed of the month',
  water: 'water, day by day',
  most: 'most on one day',
  dozens: 'dozen eggs',
  bag: 'a bag',
  bags: 'bags',
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
  const name = lineName(figure.working, key);
  const value = partText(figure.parts[key] ?? 0, line, units, names);
  if ('given' in line) return { name, value, formula: null, from: GIVEN_NAMES[line.given] };
  const words = pretty(
    line.formula.replace(SYMBOL, (s) => (s in spec.lines ? lineName(figure.working, s) : s)),
  );
  const numbers = pretty(withNumbers(line.formula, figure, spec, units));
  return { name, value, formula: { words, numbers }, from: null };
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
