'use client';
import { useEffect, useRef, useState } from 'react';
import type { AirYear } from '@/core/air/airYear';
import type { Plan } from '@/core/model/schema';
import { useBench, useWhole } from '../store/bench';

/** A year that is worked beside the page. */
export type YearRun =
  | { readonly kind: 'idle' | 'failed' | 'stopped' }
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'done'; readonly year: AirYear };

/** Works the year of the open plan when asked to; another plan than the one it was begun with lets it go. */
export function useAirYear(): {
  readonly run: YearRun;
  readonly begin: () => Promise<void>;
  readonly stop: () => void;
} {
  const plan = useBench((s) => s.plan);
  const on = useBench((s) => s.on);
  const { planned } = useWhole();
  const [run, setRun] = useState<YearRun>({ kind: 'idle' });
  const off = useRef<(() => void) | null>(null);
  const begunWith = useRef<Plan | null>(null);
  // what was asked for before the last word is not heard any more
  const asked = useRef(0);
  useEffect(() => () => off.current?.(), []);
  useEffect(() => {
    if (begunWith.current === null || begunWith.current === plan) return;
    begunWith.current = null;
    asked.current++;
    off.current?.();
    setRun({ kind: 'idle' });
  }, [plan]);
  const begin = async (): Promise<void> => {
    if (plan === null || planned === 0) return;
    off.current?.();
    begunWith.current = plan;
    const own = ++asked.current;
    const hear = (next: YearRun): void => {
      if (asked.current === own) setRun(next);
    };
    hear({ kind: 'working', share: 0 });
    const fail = (): void => hear({ kind: 'failed' });
    try {
      const { airYearApart } = await import('@/workers/airYear.client');
      if (asked.current !== own) return;
      off.current = airYearApart(
        { plan, on },
        (told) => {
          if (told.kind === 'working') hear(told);
          else if (told.year === null) fail();
          else hear({ kind: 'done', year: told.year });
        },
        fail,
      );
    } catch {
      fail();
    }
  };
  const stop = (): void => {
    asked.current++;
    off.current?.();
    begunWith.current = null;
    setRun({ kind: 'stopped' });
  };
  return { run, begin, stop };
}
