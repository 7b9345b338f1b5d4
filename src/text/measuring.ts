import { METRES_PER_FOOT, METRES_PER_INCH } from '@/core/kernel/units/factors.data';
import { formatLength, type UnitSystem } from '@/core/kernel/units/length';
import type { Label } from '@/core/measure/label';
import type { RoomMeasure, ThingKind } from '@/core/measure/things.data';
import type { Uncertain } from '@/core/measure/uncertain';
import type { Plan } from '@/core/model/schema';
import { FIELDS } from './fieldNames.data';
import { findingTitle } from './findings';
import type { PRESET_WORDS } from './presets';
import { STATION_IN_SENTENCE } from './stations';

/** A measure: what it is called, and how the tape is held for it. */
export interface MeasureWords {
  readonly name: string;
  readonly how: string;
}

export const ROOM_WORDS: Readonly<Record<RoomMeasure, MeasureWords>> = {
  length: {
    name: 'Length',
    how: 'Inside, from the left wall to the right wall, as you look in from the front.',
  },
  width: { name: 'Width', how: 'Inside, from the front wall to the rear wall.' },
  front: { name: 'Height at the front', how: 'From the bare floor to the underside of the roof.' },
  rear: {
    name: 'Height at the rear',
    how: 'The same at the rear wall. Under a gable, take the lowest for both.',
  },
  litter: { name: 'Litter, deep', how: 'Push the tape down to the bare floor.' },
};

/** A kind of thing: what it is called, how one is added, and its measures. */
export interface ThingWords {
  readonly name: string;
  readonly add: string;
  readonly measures: Readonly<Record<string, MeasureWords>>;
}

const ALONG: MeasureWords = {
  name: 'Along its wall',
  how: 'From the left end of the wall, or its front end, to the near edge. Left open, it stands where there is room.',
};

const WALL_HOLE: Readonly<Record<string, MeasureWords>> = {
  wide: { name: 'Wide', how: 'The clear opening, from edge to edge.' },
  high: { name: 'High', how: 'The clear opening, from its foot to its top.' },
  sill: { name: 'Foot above the floor', how: 'From the bare floor to the foot of the opening.' },
  along: ALONG,
};

export const THING_WORDS: Readonly<Record<ThingKind, ThingWords>> = {
  bar: {
    name: 'Bar',
    add: 'a bar',
    measures: {
      length: { name: 'Long', how: 'From end to end, where birds can sit.' },
      height: { name: 'Above the litter', how: 'From the litter to the top of the bar.' },
      behind: {
        name: 'Before the rear wall',
        how: 'From the middle of the bar straight back to the rear wall.',
      },
      across: { name: 'Thick, across its top', how: 'Across the face that feet stand on.' },
      along: { name: 'From the left wall', how: 'From the left wall to its left end.' },
    },
  },
  nests: {
    name: 'Nest boxes',
    add: 'nest boxes',
    measures: {
      wide: { name: 'One box, wide', how: 'Inside one box, from side to side.' },
      deep: { name: 'One box, deep', how: 'Inside one box, from the entrance to its back.' },
      high: { name: 'One box, high', how: 'Inside one box, from its floor to its top.' },
      lip: {
        name: 'Lip above the litter',
        how: 'From the litter to the top of the board at the entrance.',
      },
      along: ALONG,
    },
  },
  popDoor: { name: 'Pop door', add: 'a pop door', measures: WALL_HOLE },
  door: { name: 'Your door or hatch', add: 'a door or hatch', measures: WALL_HOLE },
  opening: { name: 'Window or vent', add: 'a window or vent', measures: WALL_HOLE },
  feeder: {
    name: 'Feeder',
    add: 'a feeder',
    measures: { across: { name: 'Across, or long', how: 'Across a round one; along a trough.' } },
  },
  drinker: {
    name: 'Drinker',
    add: 'a drinker',
    measures: { across: { name: 'Across, or long', how: 'Across a round one; along a trough.' } },
  },
  obstacle: {
    name: 'In the way',
    add: 'something in the way',
    measures: {
      left: { name: 'From the left wall', how: 'From the left wall to its near side.' },
      front: { name: 'From the front wall', how: 'From the front wall to its near side.' },
      long: { name: 'Long', how: 'From left to right.' },
      deep: { name: 'Deep', how: 'From front to rear.' },
      high: { name: 'High', how: 'From the bare floor to its top.' },
    },
  },
};

/** What a bought coop carries against its label, in one line. */
export function labelText({ soldFor, own, sets, missing }: Label): string {
  const said = sets.map(({ set, carries }) => `${carries ?? 'none'} by ${SET_NAMES[set]}`);
  const room = sets.every((s) => s.carries === null)
    ? ''
    : ` Its floor, bars and boxes hold ${said.slice(0, -1).join(', ')} and ${said.at(-1)}: ${runsOut(sets)} first.`;
  const whole =
    own.carries === null
      ? ''
      : ` As it stands it carries ${own.carries}: ${heldBack(own.heldBackBy)}.`;
  const lacks = missing.map((s) => STATION_IN_SENTENCE[s].the).join(', ');
  return `Sold for ${soldFor}.${room}${whole}${lacks === '' ? '' : ` Not entered: ${lacks}.`}`;
}

/** What of the room runs out first, by the usual rules. */
function runsOut(sets: Label['sets']): string {
  const back = sets.find((s) => s.set === 'usual')?.heldBackBy ?? [];
  const plural = back.length > 1 || back.some((s) => STATION_IN_SENTENCE[s].plural);
  return `${back.map((s) => STATION_IN_SENTENCE[s].the).join(' and ')} ${plural ? 'run' : 'runs'} out`;
}

const heldBack = (stations: Label['own']['heldBackBy']): string => {
  const plural = stations.length > 1 || stations.some((s) => STATION_IN_SENTENCE[s].plural);
  const named = stations.map((s) => STATION_IN_SENTENCE[s].the).join(' and ');
  return `${named} ${plural ? 'hold' : 'holds'} it back`;
};

const SET_NAMES: Readonly<Record<keyof typeof PRESET_WORDS, string>> = {
  careful: 'the careful rules',
  usual: 'the usual rules',
  tight: 'the tightest rules',
};

/** A measure taken by eye, what it may be, and what hangs on it. */
export function uncertainText({ roughly, stations, findings }: Uncertain, plan: Plan): string {
  const { units } = plan;
  const carried = stations.map(
    ({ station, least, most }) =>
      `${STATION_IN_SENTENCE[station].the} ${STATION_IN_SENTENCE[station].plural ? 'carry' : 'carries'} ${least} to ${most}`,
  );
  const faults = [...new Set(findings.map(findingTitle))];
  const turns =
    faults.length === 0
      ? []
      : [`it decides “${faults[0]}”${faults.length > 1 ? ` and ${faults.length - 1} more` : ''}`];
  const said = [...carried, ...turns].join('; ');
  const { name, band } = asMeasured(roughly, plan);
  return `${name}, ${bandText(band, units)}: ${said}.`;
}

/** A rough measure as it was taken: what birds use from the litter, a bar from the rear wall. */
function asMeasured(
  { fixture, key, fromM, toM }: Uncertain['roughly'],
  plan: Plan,
): { name: string; band: { fromM: number; toM: number } } {
  if (fixture === null) return { name: ROOM_KEYS[key] ?? called(key), band: { fromM, toM } };
  const thing = plan.fixtures.find((f) => f.id === fixture);
  const name = thing?.name ?? fixture;
  const bed = plan.litter.depthM;
  if (FROM_LITTER[key] && (key !== 'z' || thing?.kind === 'bar')) {
    return { name: `${name}, ${FROM_LITTER[key]}`, band: { fromM: fromM - bed, toM: toM - bed } };
  }
  if (key === 'y' && thing?.kind === 'bar') {
    const wall = plan.shell.widthM;
    return {
      name: `${name}, before the rear wall`,
      band: { fromM: wall - toM, toM: wall - fromM },
    };
  }
  return { name: `${name}, ${called(key)}`, band: { fromM, toM } };
}

const called = (key: string): string => FIELDS[key]?.[0] ?? key;

/** Heights that are taken from the litter, not from the bare floor. */
const FROM_LITTER: Readonly<Record<string, string>> = {
  z: 'height above the litter',
  lipZ: 'lip above the litter',
  rimZ: 'rim above the litter',
};

const ROOM_KEYS: Readonly<Record<string, string>> = {
  lengthM: 'Length of the room',
  widthM: 'Width of the room',
  highM: 'Height of the roof',
  lowM: 'Height of the roof at its low side',
  depthM: 'Depth of the litter',
};

/** "between 42 cm and 54 cm": as coarse as what was said. */
export const bandText = (
  { fromM, toM }: { readonly fromM: number; readonly toM: number },
  units: UnitSystem,
): string => {
  const said = (m: number): string => formatLength(coarsely(m, units), { units, denominator: 8 });
  return `between ${said(fromM)} and ${said(toM)}`;
};

/** A rough measure to the whole centimetre or inch, a small one to half an inch. */
function coarsely(m: number, units: UnitSystem): number {
  const step =
    units === 'metric' ? 0.01 : m < METRES_PER_FOOT ? METRES_PER_INCH / 2 : METRES_PER_INCH;
  return Math.round(m / step) * step;
}
