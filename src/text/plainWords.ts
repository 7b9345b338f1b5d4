import { PLAIN_WORDS } from './plainWords.data';

const PATTERNS = PLAIN_WORDS.map(([id, words]): readonly [RegExp, string] => [
  new RegExp(`^${id.split('*').map(escaped).join('.+')}$`),
  words,
]);

function escaped(text: string): string {
  return text.replace(/[.]/g, '\\.');
}

/**
 * What a figure without a formula is, and how it was found; null where no words are there for it.
 * @example plainWords('shell.length') // 'length inside, wall to wall'
 */
export const plainWords = (id: string): string | null =>
  PATTERNS.find(([pattern]) => pattern.test(id))?.[1] ?? null;
