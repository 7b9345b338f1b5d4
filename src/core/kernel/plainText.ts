/**
 * What no name has in it: controls, line and paragraph ends, and marks that turn the direction of all that follows
 * (embeddings, overrides, isolates). What scripts need to join or part letters, and marks of direction that reach no
 * further than their place, stay.
 */
const HIDDEN = /[\p{Cc}\p{Zl}\p{Zp}\u202A-\u202E\u2066-\u206F\uFFF9-\uFFFB]/u;
const EVERY_HIDDEN = new RegExp(HIDDEN.source, 'gu');

/** Whether a text can stand on a screen and on paper among others: whole characters, none that hides or turns others. */
export const isPlainText = (text: string): boolean => text.isWellFormed() && !HIDDEN.test(text);

/**
 * A text without what no name has in it, on one line.
 * @example plainText('Bar 1:\n length ') // 'Bar 1: length'
 */
export const plainText = (text: string): string =>
  text.toWellFormed().replace(EVERY_HIDDEN, ' ').replace(/\s+/gu, ' ').trim();
