import { fail, type Issue, issue, type Outcome } from '../outcome';

/** One comma before exactly three figures, with one to three before it that do not begin with 0. */
const EITHER = /(?<![\d.,])([1-9]\d{0,2}),(\d{3})(?![\d.,])/;
const EVERY = new RegExp(EITHER.source, 'g');

/** What a comma before three figures stands for: a decimal point, or thousands. */
export type Commas = 'point' | 'thousands';

/** Whether a text has a number that is one thing here and another there: "1,200" is 1.2 or 1200. */
export const hasEither = (text: string): boolean => text.includes(',') && EITHER.test(text);

/**
 * The text with such commas read one way.
 * @example readCommas('1,200 mm', 'thousands') // '1200 mm'
 */
export const readCommas = (text: string, commas: Commas): string =>
  text.replace(EVERY, (_, before: string, after: string) =>
    commas === 'point' ? `${before}.${after}` : `${before}${after}`,
  );

/**
 * Asks back where a comma can be meant two ways: a plan has no language that would decide.
 * @returns the issue `number.comma` with both numbers and both ways to write what was typed; null where nothing is unclear
 */
export function askedBack(text: string): Issue | null {
  const [typed, before = '', after = ''] = EITHER.exec(text) ?? [];
  if (typed === undefined || !hasEither(text)) return null;
  return issue('number.comma', {
    typed: text.trim(),
    point: String(Number(`${before}.${after}`)),
    thousands: typed,
    asPoint: readCommas(text, 'point').trim(),
    asThousands: readCommas(text, 'thousands').trim(),
  });
}

/** What a reader says of a text that it can't read: what is unclear in it, before all else. */
export const unread = (text: string, otherwise: Issue): Outcome<never> =>
  fail(askedBack(text) ?? otherwise);
