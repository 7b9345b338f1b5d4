import type { RainPart } from '@/core/drawing/rain/elevation';
import type { Finding } from '@/core/kernel/finding';

/** A part of the rain's way: its name, its figures, and the faults that are its own. */
export interface PartWords {
  readonly name: string;
  /** As it is written on the drawing. */
  readonly label: string;
  readonly figures: readonly { readonly name: string; readonly id: string }[];
  readonly faults: RegExp;
}

export const PART_WORDS: Readonly<Record<RainPart, PartWords>> = {
  roof: {
    name: 'Roof',
    label: 'roof',
    figures: [
      { name: 'Drains', id: 'water.rain.roof' },
      { name: 'Brings in a mean year', id: 'water.rain.brought' },
      { name: 'Birds drink', id: 'water.rain.drunk' },
    ],
    faults: /^water\.(roof\.|rain\.little)/,
  },
  gutter: {
    name: 'Gutter',
    label: 'gutter',
    figures: [
      { name: 'Carries', id: 'water.rain.gutter' },
      { name: 'A downpour brings', id: 'water.rain.peak' },
      { name: 'Sheet to fold, wide', id: 'water.rain.sheet' },
      { name: 'Supports', id: 'water.rain.supports' },
    ],
    faults: /^water\.(gutter|screens)\./,
  },
  flush: {
    name: 'First rain',
    label: 'first rain',
    figures: [
      { name: 'Kept out', id: 'water.rain.flushMm' },
      { name: 'Standpipe, long', id: 'water.rain.flush' },
    ],
    faults: /^water\.flush\./,
  },
  barrel: {
    name: 'Barrel',
    label: 'barrel',
    figures: [
      { name: 'Holds', id: 'water.rain.litres' },
      { name: 'Blocked by frost after', id: 'water.frost.barrel.blocked' },
    ],
    faults: /^water\.barrel\.(open|door)/,
  },
  stand: {
    name: 'Stand',
    label: 'stand',
    figures: [{ name: 'Bears', id: 'water.rain.load' }],
    faults: /^water\.(stand\.|barrel\.low)/,
  },
  overflow: {
    name: 'Overflow',
    label: 'overflow',
    figures: [],
    faults: /^water\.overflow\./,
  },
  line: {
    name: 'Line to the drinkers',
    label: 'line',
    figures: [{ name: 'Blocked by frost after', id: 'water.frost.line.blocked' }],
    faults: /^water\.line\./,
  },
};

/** Faults of a part; a heater is the barrel's where it names no fixture. */
export const faultsOf = (part: RainPart, findings: readonly Finding[]): readonly Finding[] =>
  findings.filter(
    (f) =>
      PART_WORDS[part].faults.test(f.code) ||
      (part === 'barrel' && f.code.startsWith('water.heater.') && f.fixtures.length === 0),
  );
