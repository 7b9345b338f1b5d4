import { readDecimal } from './number';

/** An amount of money, and the currency it was named in. */
export interface Price {
  readonly amount: number;
  /** As it was typed, before or after the amount: "$", "€", "kr"; null: none was. */
  readonly currency: string | null;
}

/** A currency as it is written: a sign, or up to five letters. */
const CURRENCY = String.raw`\p{Sc}|\p{L}{1,5}\.?\p{Sc}?`;
const PRICE = new RegExp(`^(${CURRENCY})?\\s*([+\\-−]?[\\d.,]+)\\s*(${CURRENCY})?$`, 'u');

/**
 * Reads a price as typed, with its currency before or after it.
 * @returns null where it is none, or names two currencies
 * @example readPrice('$0.15') // { amount: 0.15, currency: '$' }
 * @example readPrice('0,15 €') // { amount: 0.15, currency: '€' }
 */
export function readPrice(text: string): Price | null {
  const [, before, figures = '', after] = text.trim().match(PRICE) ?? [];
  const amount = readDecimal(figures);
  if (amount === null || (before !== undefined && after !== undefined)) return null;
  return { amount, currency: before ?? after ?? null };
}

/** An amount as money is written: tenths have their hundredths, whole amounts and finer ones stay as they are. */
const written = (amount: number): string => String(amount).replace(/\.\d$/, '$&0');

/**
 * A price as it is written: a sign before the amount, letters after it.
 * @param amount    in the currency
 * @param currency  null: the keeper has named none
 * @example writePrice(0.15, '$') // '$0.15'
 * @example writePrice(0.15, 'kr') // '0.15 kr'
 * @example writePrice(15.5, '$') // '$15.50'
 */
export const writePrice = (amount: number, currency: string | null): string =>
  currency === null
    ? written(amount)
    : /\p{Sc}$/u.test(currency)
      ? `${currency}${written(amount)}`
      : `${written(amount)} ${currency}`;
