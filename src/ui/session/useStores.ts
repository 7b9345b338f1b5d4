'use client';
import { useEffect, useState } from 'react';
import type { StoresAsk, StoresTold } from '@/workers/storesAnswers';

type Told<K extends StoresTold['kind']> = Extract<StoresTold, { kind: K }>;

/**
 * What the worker of the stores answers to one question; null until it has come. Another question lets the last go.
 * @param keep  the last answer stays until the next has come
 * @param ask   the same object as long as the question is the same; null: nothing is asked
 */
export function useStores<K extends StoresTold['kind']>(
  kind: K,
  ask: StoresAsk | null,
  keep = false,
): Told<K> | 'failed' | null {
  const [told, setTold] = useState<Told<K> | 'failed' | null>(null);
  useEffect(() => {
    if (!keep || ask === null) setTold(null);
    if (ask === null) return;
    let gone = false;
    let stop = (): void => {};
    const fail = (): void => {
      if (!gone) setTold('failed');
    };
    import('@/workers/stores.client')
      .then(({ storesApart }) => {
        if (gone) return;
        const apart = storesApart((answer) => {
          if (!gone && answer.kind === kind) setTold(answer as Told<K>);
        }, fail);
        stop = apart.stop;
        apart.ask(ask);
      })
      .catch(fail);
    return () => {
      gone = true;
      stop();
    };
  }, [kind, ask, keep]);
  return told;
}
