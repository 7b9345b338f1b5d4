'use client';
import { useRef } from 'react';
import { fail, issue, ok } from '@/core/kernel/outcome';
import { readPrice, writePrice } from '@/core/kernel/units/price';
import { unread } from '@/core/kernel/units/thousands';
import type { Plan } from '@/core/model/schema';
import { labelOf } from '@/text/fieldLabels.data';
import { MeasureField } from '../forms/MeasureField';
import { edit, usePlan } from '../session/bench';

/** Dearer than this is a slip of the hand, in any currency. */
const MOST = 1e6;

/** What the keeper pays: with a currency typed at it, that is hers from then on. */
export function PriceField({ of }: { of: Exclude<keyof Plan['prices'], 'currency'> }) {
  const { prices } = usePlan();
  /** The currency of what is being typed: it is echoed. */
  const named = useRef<string | null>(null);
  const label = labelOf('prices', of);
  const store = (amount: number | null, currency: string | null = null) =>
    edit(label, (d) => {
      d.prices[of] = amount;
      if (currency !== null) d.prices.currency = currency;
    });
  return (
    <MeasureField
      label={label}
      value={prices[of]}
      measure={{
        unit: '',
        step: 0.01,
        read: (text) => {
          const price = readPrice(text);
          if (price === null) {
            return unread(text, issue('price.unreadable', { typed: text.trim() }));
          }
          named.current = price.currency;
          return ok(price.amount);
        },
        write: (n) => writePrice(n, (n === prices[of] ? null : named.current) ?? prices.currency),
      }}
      commit={(n, text = '') =>
        n >= 0 && n <= MOST
          ? store(n, readPrice(text)?.currency)
          : fail(issue('length.outOfRange', { least: '0', most: '1,000,000' }))
      }
      clear={() => store(null)}
      placeholder="not said"
    />
  );
}
