import { breedById } from '@/core/birds/size';
import type { Part } from '@/core/edit/differences';
import { isRecord } from '@/core/edit/sameData';
import { amountUnit, inPrinted } from '@/core/kernel/units/amount';
import { formatArea } from '@/core/kernel/units/area';
import { formatLength } from '@/core/kernel/units/length';
import { formatMass } from '@/core/kernel/units/mass';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { CLIMATES } from '@/core/model/climates.data';
import { type Plan, ROUGH_KEYS } from '@/core/model/schema';
import { RULE_BOOK } from '@/core/rules/book';
import { COMB_NAMES, EGG_COLOUR_NAMES, FLIGHT_NAMES } from './breeds';
import * as building from './choices.building.data';
import * as choices from './choices.data';
import { FIELDS, FIELDS_IN, type ValueKind } from './fieldNames.data';
import { formatDay, formatPlain } from './format';
import { inUnits } from './inUnits';

type Words = Readonly<Record<string, string>>;
type Choice = { readonly id: string; readonly name: string };

const among = (...lists: (readonly Choice[])[]): Words =>
  Object.fromEntries(lists.flat().map((c) => [c.id, c.name]));

const RUNS = { x: 'left to right', y: 'front to rear' };

/** What the values of a key are called, where they are words of the plan file. */
export const VALUE_WORDS: Readonly<Record<string, Words>> = {
  kind: {
    ...among(building.ROOFS, choices.HEATS, choices.WINTERS),
    chicken: 'chicken',
    duck: 'duck',
    meat: 'meat bird',
    shipped: 'shipped with the program',
    normals: 'your own normals',
    hours: 'a weather file, hour by hour',
  },
  type: among(choices.FEEDERS, choices.DRINKERS),
  axis: RUNS,
  ridgeAxis: RUNS,
  shape: among(building.SECTION_SHAPES, choices.TUBS, choices.BODIES, choices.GUTTERS),
  elbowDeg: among(choices.ELBOWS),
  eaves: among(choices.SIDES),
  side: among(choices.SIDES),
  stand: among(choices.STANDS),
  overflow: among(choices.OVERFLOWS),
  wrap: among(choices.WRAPS),
  by: among(choices.THERMOSTATS),
  tape: among(choices.TAPE_CHOICES),
  use: among(building.BAR_USES, choices.HATCH_USES),
  material: among(choices.MATERIALS, choices.BEDDINGS),
  faces: among(choices.SIDES),
  wall: among(choices.SIDES),
  highSide: among(choices.SIDES),
  windFrom: among(choices.SIDES),
  solidSides: among(choices.SIDES),
  collect: among(choices.COLLECTED),
  floor: among(choices.NEST_FLOORS),
  latch: among(choices.LATCHES),
  forWhom: among(choices.BOXES_FOR),
  screenedBy: among(choices.SCREENS),
  opens: among(choices.OPENS),
  pane: among(choices.PANES),
  cover: among(choices.COVERS, choices.ROOF_COVERS),
  place: among(choices.PLACES, choices.VENT_PLACES),
  works: among(choices.DOOR_WORKS),
  fixing: among(choices.FIXINGS),
  fillFrom: among(choices.FILLED_FROM),
  feed: among(choices.FEEDS),
  holds: among(choices.DISHES),
  units: { metric: 'metric', imperial: 'imperial' },
  roof: among(choices.RUN_ROOFS),
  wallBuild: among(building.BUILDS),
  roofBuild: among(building.BUILDS),
  floorBuild: among(choices.FLOORS),
  animals: among(choices.ANIMAL_NAMES),
  meshFixedBy: among(choices.MESH_HELD),
  what: among(choices.OBSTACLES),
  ifCock: among(choices.IF_COCK),
  key: Object.fromEntries(ROUGH_KEYS.map((key) => [key, FIELDS[key]?.[0] ?? key])),
  sex: among(choices.SEXES),
  growth: {
    layer: 'layer',
    fastMeat: 'fast meat bird',
    slowMeat: 'slow meat bird',
    meatDuck: 'meat duck',
    duck: 'duck',
  },
  eggColour: EGG_COLOUR_NAMES,
  comb: COMB_NAMES,
  flight: FLIGHT_NAMES,
  exposure: among(choices.EXPOSURES),
  school: Object.fromEntries(
    RULE_BOOK.rows
      .filter((r) => r.topic === 'litter.school')
      .map((r) => [lastPart(r.id), r.school]),
  ),
};

function lastPart(id: string): string {
  return id.slice(id.lastIndexOf('.') + 1);
}

/** Keys that only hold others: what lies in them is called by its own name. */
const HOLDERS: ReadonlySet<string> = new Set(['figures', 'sorted', 'eggsSet', 'source']);

/** What a value is called: "length", "roof, low side". @throws Error for a key without a name: our own table */
export const fieldName = (part: Part, path: readonly string[]): string =>
  path
    .filter((key, i) => i === path.length - 1 || !HOLDERS.has(key))
    .map((key) => fieldOf(part, [key])[0])
    .join(', ');

function fieldOf(part: Part, path: readonly string[]): readonly [string, ValueKind] {
  const key = path.at(-1) ?? part;
  const field = FIELDS_IN[part]?.[key] ?? FIELDS[key];
  if (!field) throw new Error(`no name for ${[part, ...path].join('.')}`);
  return field;
}

/**
 * A value of the plan as a keeper reads it.
 * @param value  as in the plan file, SI
 * @param plan   gives the units, and the names of breeds and groups
 */
export function valueText(
  part: Part,
  path: readonly string[],
  value: unknown,
  plan: Pick<Plan, 'units' | 'ownBreeds' | 'flock'>,
): string {
  if (value === null || value === undefined) return 'none';
  if (part === 'schools') return inUnits(schoolText(value), plan.units);
  const key = path.at(-1) ?? part;
  if (key === 'breed' && typeof value === 'string') return breedName(value, plan);
  if (isRecord(value)) return thingText(value);
  if (Array.isArray(value)) return listText(key, value, plan);
  if (path.length === 0 && !FIELDS[key]) return String(value);
  return written(fieldOf(part, path)[1], key, value, plan.units);
}

function written(kind: ValueKind, key: string, value: unknown, units: Plan['units']): string {
  if (kind === 'yesNo') return value === true ? 'yes' : 'no';
  if (kind === 'words') return inUnits(VALUE_WORDS[key]?.[String(value)] ?? String(value), units);
  if (kind === 'day') return formatDay(String(value));
  if (typeof value !== 'number') return String(value);
  switch (kind) {
    case 'length':
      return key === 'altitudeM'
        ? printed(value, 'altitude', units, 0)
        : formatLength(value, { units });
    case 'area':
      return formatArea(value, units);
    case 'mass':
      return formatMass(value, units);
    case 'eggMass':
      return printed(value, 'egg', units, 1);
    case 'celsius':
      return formatTemperature(value, units);
    case 'bulk':
      return printed(value, 'bulk', units, 1);
    case 'litres':
      return printed(value, 'L', units, 1);
    case 'degrees':
      return `${formatPlain(value)}°`;
    case 'minutes':
      return `${formatPlain(value)} minutes`;
    case 'watts':
      return `${formatPlain(value)} W`;
    default:
      return formatPlain(value);
  }
}

function printed(
  si: number,
  kind: Parameters<typeof inPrinted>[1],
  units: Plan['units'],
  decimals: number,
): string {
  const places = 10 ** decimals;
  return `${formatPlain(Math.round(inPrinted(si, kind, units) * places) / places)} ${amountUnit(kind, units)}`;
}

/** A choice of a school: its name, or the keeper's own figure. */
function schoolText(value: unknown): string {
  if (isRecord(value)) return `your own figure, ${formatPlain(Number(value.custom))}`;
  return RULE_BOOK.rows.find((r) => r.id === value)?.school ?? String(value);
}

const breedName = (id: string, { ownBreeds }: Pick<Plan, 'ownBreeds'>): string =>
  (ownBreeds.find((b) => b.id === id) ?? breedById(id))?.name ?? id;

/** Something of several values that came, went or became another kind. */
function thingText(thing: Readonly<Record<string, unknown>>): string {
  if (thing.kind === 'shipped')
    return CLIMATES.find((c) => c.id === thing.id)?.type ?? String(thing.id);
  if (typeof thing.name === 'string') return thing.name;
  if (typeof thing.kind === 'string') return VALUE_WORDS.kind?.[thing.kind] ?? thing.kind;
  return 'set';
}

function listText(key: string, list: readonly unknown[], { flock }: Pick<Plan, 'flock'>): string {
  if (list.length === 0) return 'none';
  const words = VALUE_WORDS[key];
  return list
    .map((item) => {
      if (typeof item !== 'string') return null;
      return words?.[item] ?? flock.find((g) => g.id === item)?.name ?? item;
    })
    .map((text) => text ?? 'other figures')
    .filter((text, i, all) => all.indexOf(text) === i)
    .join(', ');
}
