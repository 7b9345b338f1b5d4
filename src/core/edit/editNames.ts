import { plainText } from '../kernel/plainText';

/** Longest name of an edit, in UTF-16 code units; more is cut. */
const LONGEST = 200;
/** Names kept of one save; the newest stay. */
const KEPT = 60;

/**
 * The name of an edit as it is kept with a save: on one line, without control characters or halves of characters,
 * cut at 200 code units. A name only tells what was done: it never stands in the way of a save.
 * @example editName(' Bar 1:\nlength ') // 'Bar 1: length'
 */
export function editName(text: string): string {
  const clean = plainText(text.slice(0, 4 * LONGEST));
  if (clean.length <= LONGEST) return clean;
  // a character of two units is not cut in the middle
  return `${clean.slice(0, LONGEST - 1).replace(/[\uD800-\uDBFF]$/, '')}…`;
}

/** The names of edits that a save brings, the newest 60, each cut; what is no list of texts counts as no names. */
export function readEditNames(raw: unknown): readonly string[] {
  if (!Array.isArray(raw) || !raw.every((one) => typeof one === 'string')) return [];
  return raw
    .slice(-KEPT)
    .map(editName)
    .filter((one) => one !== '');
}
