import type { WayCost } from '@/core/air/measureCosts';
import type { SummerResult, WinterResult } from '@/core/air/seasonMeasures';
import type { SummerWay, WinterWay } from '@/core/air/seasonMeasures.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { ruled } from '@/core/rules/rules.data';
import { speedText } from './airMoment';
import { inUnits } from './inUnits';
import { sayValue } from './say';

/** What a way is called, and what is to be said of it beside its numbers. */
interface WayWords {
  readonly name: string;
  readonly note?: string;
}

export const WINTER_WAYS: Readonly<Record<WinterWay, WayWords>> = {
  kept: { name: 'As it is now' },
  shut: { name: 'All shut or boarded', note: 'Damp air freezes combs and hurts lungs.' },
  high: { name: 'Only high openings open', note: 'Air that passes over their heads.' },
  offBars: { name: 'Shut only beside the bars' },
  all: { name: 'All open' },
  needed: { name: 'The area needed, high up, beside what is there' },
  foam: { name: '[[5 cm|2 in]] of foam in the roof', note: 'Dew finds no cold roof to hang on.' },
  fourHens: { name: 'Four more hens' },
  litter: {
    name: 'Deep litter kept at work',
    note: 'Turned and topped up it warms a little, and dampens the air as well: it needs open vents. How much is our guess.',
  },
  panel: {
    name: `A sealed panel of ${ruled('air.panel.watts')} W`,
    note: 'It warms birds more than the air. In a power cut they miss it. Fixed, with a thermostat, clear of litter.',
  },
  canopy: {
    name: 'A canopy or curtain round the bars',
    note: 'Open along its top and its foot, or it drips. Keepers differ on it.',
  },
};

export const SUMMER_WAYS: Readonly<Record<SummerWay, WayWords>> = {
  kept: { name: 'As it is, with all open that opens' },
  shut: { name: 'All shut' },
  needed: { name: 'The area needed beside what is there' },
  shade: { name: 'Shade on roof and walls', note: 'A tree, a cloth with air under it.' },
  lightRoof: { name: 'A roof painted white' },
  shingles: {
    name: 'Shingles on boards instead of metal',
    note: 'They take up more sun and let less through; they hold the day’s heat into the evening, which is not worked here.',
  },
  foam: { name: '[[5 cm|2 in]] of foam in the roof' },
  fan: {
    name: 'A small fan in an opening',
    note: 'Keepers differ: moving air cools birds more than this shows, and it stirs dust. Out of their reach, no loose cable.',
  },
  fourHens: { name: 'Four more hens' },
};

/** A row of the comparison: its name, its numbers, and what is to be said of it. */
export interface WayRow {
  readonly way: string;
  readonly name: string;
  readonly cells: readonly string[];
  readonly note: string | null;
}

export const WINTER_HEADS = ['warmer', 'damp', 'settles'] as const;
export const SUMMER_HEADS = ['inside', 'they feel'] as const;

/** A way through the cold: how much warmer than outdoors, how damp, what settles; and where it blows on the birds. */
export function winterRow(r: WinterResult, units: UnitSystem): WayRow {
  const { note, ...row } = named(r.way, WINTER_WAYS[r.way], units);
  const blows =
    r.roostMS > ruled('air.draught.most')
      ? `It blows on the bars: ${speedText(r.roostMS, units)}.`
      : null;
  const outC = r.tiC - r.riseK;
  return {
    ...row,
    note:
      [note, costText(r.cost, 'night', units), blows].filter((text) => text !== null).join(' ') ||
      null,
    cells: cellsOf(r, outC, units),
  };
}

const cellsOf = (r: WinterResult, outC: number, units: UnitSystem): string[] => [
  sayValue((r.canopyC ?? r.tiC) - outC, 'kelvin', units),
  `${Math.round(100 * r.rh)} %`,
  r.settledKg < NO_WATER_KG ? 'none' : sayValue(r.settledKg, 'pouredLitres', units),
];
const NO_WATER_KG = 0.005;

export function summerRow(r: SummerResult, units: UnitSystem): WayRow {
  const { note, ...row } = named(r.way, SUMMER_WAYS[r.way], units);
  return {
    ...row,
    note: [note, costText(r.cost, 'day', units)].filter((text) => text !== null).join(' ') || null,
    cells: [formatTemperature(r.tiC, units), formatTemperature(r.feltC, units)],
  };
}

/** What a way takes: "7.2 m² of it.", "3.2 kWh a night." */
function costText(cost: WayCost | null, part: 'night' | 'day', units: UnitSystem): string | null {
  if (cost === null) return null;
  if (cost.of === 'current') return `It takes ${cost.amount.toFixed(1)} kWh a ${part}.`;
  const area = sayValue(cost.amount, 'm2', units);
  return cost.of === 'opening' ? `${area}, net.` : `${area} of ${STUFF[cost.of]}.`;
}
const STUFF = { foam: 'foam', paint: 'roof', cloth: 'cloth' } as const;

const named = (way: string, { name, note }: WayWords, units: UnitSystem) => ({
  way,
  name: inUnits(name, units),
  note: note === undefined ? null : inUnits(note, units),
});

/** What keepers do on the worst days beside what can be worked out; what they differ on says so. */
export const WORST_DAYS = {
  cold: [
    'Leave the high openings open, also on the coldest night.',
    'Bring water that is not frozen morning and noon.',
    'Look at combs and toes each morning.',
    'Fat on combs, and grain at dusk: keepers differ on both.',
    'A lamp only for young birds just moved out, on their first cold nights. Lamps are the commonest cause of coop fires.',
  ],
  hot: [
    'Shade over the coop and part of the run before noon.',
    'Cool water in the shade, in more than one place.',
    'Everything open, also at night.',
    'Wet the ground or the roof where the air is dry. In damp air it does no good.',
    'Ice, and salts in the water: keepers differ on both.',
    'A bird that pants with drooping wings: into the shade, feet in cool water, and call a vet.',
  ],
} as const;
