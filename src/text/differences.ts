import type { Difference, Part } from '@/core/edit/differences';
import type { Clash } from '@/core/edit/merge';
import type { Plan } from '@/core/model/schema';
import { PART_NAMES } from './fieldNames.data';
import { TOPIC_NAMES } from './topics';
import { fieldName, valueText } from './values';

type Words = Pick<Plan, 'units' | 'ownBreeds' | 'flock'>;

/** One thing in which plans differ, with its values before and after. */
export interface DifferenceLine {
  /** The fixture, group or part. */
  readonly what: string;
  /** "added", "removed", or "length 1.20 m → 2.70 m, height … → …". */
  readonly how: string;
}

/**
 * In what plans differ, a line each: "Rear bar", "length 1.20 m → 2.70 m".
 * @param plan  gives the units, and the names of breeds and groups
 */
export const differenceLines = (
  differences: readonly Difference[],
  plan: Words,
): DifferenceLine[] =>
  differences.map((d) => ({
    what: d.name ?? PART_NAMES[d.part],
    how:
      d.change === 'changed'
        ? d.values
            .map(({ path, from, to }) =>
              [
                called(d.part, path),
                `${valueText(d.part, path, from, plan)} → ${valueText(d.part, path, to, plan)}`,
              ]
                .filter((text) => text !== '')
                .join(' '),
            )
            .join(', ')
        : d.change,
  }));

/** Lines told at most in a sentence; the rest are counted. */
const MOST = 6;

/** In what plans differ, as one text: "Rear bar: length 1.20 m → 2.70 m; Perch: added". */
export function differencesText(
  differences: readonly Difference[],
  plan: Words,
  most = MOST,
): string {
  if (differences.length === 0) return 'nothing';
  const lines = differenceLines(differences, plan).map(({ what, how }) => `${what}: ${how}`);
  const more = lines.length - most;
  const shown = lines.slice(0, most).join('; ');
  return more > 0 ? `${shown}; and ${more} more` : shown;
}

/** One value that two windows changed in different ways, with both values. */
export interface ClashLine {
  readonly what: string;
  readonly here: string;
  readonly there: string;
}

/** What clashes, a line each: "Rear bar, length", "2.70 m", "2.40 m". */
export const clashLines = (clashes: readonly Clash[], plan: Words): ClashLine[] =>
  clashes.map(({ part, name, path, here, there }) => ({
    what: [name ?? PART_NAMES[part], called(part, path)].filter((t) => t !== '').join(', '),
    here: side(part, path, here, plan),
    there: side(part, path, there, plan),
  }));

function side(part: Part, path: readonly string[], value: unknown, plan: Words): string {
  // a fixture or group as a whole: changed here, taken away there
  if (path.length === 0 && value === undefined) return 'removed';
  if (path.length === 0 && isWhole(part)) return 'changed';
  return valueText(part, path, value, plan);
}

const isWhole = (part: Part): boolean =>
  part === 'fixture' || part === 'group' || part === 'ownBreed';

/** What a value within its part is called; nothing where the part is that value. */
function called(part: Part, path: readonly string[]): string {
  if (path.length === 0) return '';
  if (part === 'schools') return TOPIC_NAMES[path[0] ?? ''] ?? path[0] ?? '';
  return fieldName(part, path);
}
