import { METRES_PER_INCH } from './factors.data';
import { formatLength, readLength, type UnitSystem } from './length';
import { tidy } from './number';

/** A cross-section: breadth and thickness, m; a round one has its diameter in both. */
export interface Section {
  readonly widthM: number;
  readonly heightM: number;
  readonly round: boolean;
}

/** Planed size of timber by the inches in its name, in. @source trade: dressed softwood as it is sold by nominal size */
const PLANED_IN: Readonly<Record<number, number>> = {
  1: 0.75,
  2: 1.5,
  3: 2.5,
  4: 3.5,
  6: 5.5,
  8: 7.25,
};

/**
 * Reads a section as it is sold or measured: "2x4", "2 x 4", "38 x 89", "38 × 89 mm", "50 mm round", "2 in dowel".
 * Two whole numbers up to 8 without a unit are a timber's name, and its planed size is taken.
 * @param units  the system whose unit bare numbers take: mm, or in
 * @returns      null where it can't be read
 * @example      readSection('2x4', 'metric') // { widthM: 0.0889, heightM: 0.0381, round: false }
 * @example      readSection('38 x 89', 'metric') // { widthM: 0.089, heightM: 0.038, round: false }
 */
export function readSection(text: string, units: UnitSystem): Section | null {
  const t = text.trim().toLowerCase().replace(/[″”“]/g, '"').replace(/[′’‘]/g, "'");
  const round = /^(.*?)\s*(?:round|dowel|pole|pipe|across|⌀)$/.exec(t)?.[1];
  if (round !== undefined) {
    const across = lengthOf(round, unitIn(round), units);
    return across === null ? null : { widthM: across, heightM: across, round: true };
  }
  const [, first, second] = /^(.+?)\s*(?:x|×|by)\s*(.+)$/.exec(t) ?? [];
  if (first === undefined || second === undefined) return null;
  const planed = [first, second].map((n) => (/^\d$/.test(n) ? PLANED_IN[Number(n)] : undefined));
  // the unit after the last number holds for both
  const unit = unitIn(second);
  const sides = [first, second].map((n, i) =>
    planed.every((p) => p !== undefined)
      ? (planed[i] ?? 0) * METRES_PER_INCH
      : lengthOf(n, unit, units),
  );
  const [a, b] = sides;
  if (a === null || b === null || a === undefined || b === undefined) return null;
  return { widthM: tidy(Math.max(a, b)), heightM: tidy(Math.min(a, b)), round: false };
}

const unitIn = (text: string): string => /(mm|cm|m|in|inch|inches|")$/.exec(text)?.[1] ?? '';

function lengthOf(text: string, unit: string, units: UnitSystem): number | null {
  const own = unitIn(text);
  const named = own === '' ? `${text} ${unit || (units === 'metric' ? 'mm' : 'in')}` : text;
  const read = readLength(named, units);
  return read.ok && read.value > 0 ? read.value : null;
}

/** How near a section comes to a planed size to bear its name, m. */
const NEAR_M = 0.0012;

/**
 * The name that timber of this section is sold by in inches; null where it has none.
 * @param widthM   m
 * @param heightM  m
 * @example timberName(0.089, 0.038) // '2×4'
 */
export function timberName(widthM: number, heightM: number): string | null {
  const nominal = (metres: number): string | undefined =>
    Object.entries(PLANED_IN).find(
      ([, inches]) => Math.abs(inches * METRES_PER_INCH - metres) < NEAR_M,
    )?.[0];
  const [a, b] = [nominal(Math.min(widthM, heightM)), nominal(Math.max(widthM, heightM))];
  return a === undefined || b === undefined ? null : `${a}×${b}`;
}

/**
 * Writes a section: in an imperial plan by its timber's name where it has one.
 * @example formatSection({ widthM: 0.089, heightM: 0.038, round: false }, 'imperial') // '2×4'
 * @example formatSection({ widthM: 0.089, heightM: 0.038, round: false }, 'metric') // '89 × 38 mm'
 */
export function formatSection({ widthM, heightM, round }: Section, units: UnitSystem): string {
  const mm = (m: number): string => String(Math.round(m * 1000));
  if (units === 'metric')
    return round ? `${mm(widthM)} mm round` : `${mm(widthM)} × ${mm(heightM)} mm`;
  const inches = (m: number): string => formatLength(m, { units });
  if (round) return `${inches(widthM)} round`;
  return timberName(widthM, heightM) ?? `${inches(widthM)} × ${inches(heightM)}`;
}
