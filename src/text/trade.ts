import { TRADE_WORDS } from './trade.data';

/** A run of text, or a word of the trade in it with its meaning. */
export type TradePiece =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'word'; readonly text: string; readonly meaning: string };

/**
 * A text in pieces, each word of the trade once.
 * @param told  meanings that have been told already, and need not be again; those told here are added
 * @example     tradePieces('Raise the lip.', new Set()).length // 3
 */
export function tradePieces(text: string, told: Set<string>): TradePiece[] {
  let first: { at: number; word: string; meaning: string } | null = null;
  for (const { pattern, meaning } of TRADE_WORDS) {
    if (told.has(meaning)) continue;
    const found = pattern.exec(text);
    if (found && (first === null || found.index < first.at)) {
      first = { at: found.index, word: found[0], meaning };
    }
  }
  if (first === null) return text === '' ? [] : [{ kind: 'text', text }];
  const { at, word, meaning } = first;
  told.add(meaning);
  const before = text.slice(0, at);
  return [
    ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
    { kind: 'word', text: word, meaning },
    ...tradePieces(text.slice(at + word.length), told),
  ];
}
