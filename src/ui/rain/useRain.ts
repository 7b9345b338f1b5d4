'use client';
import { useEffect, useRef, useState } from 'react';
import type { BarrelRun } from '@/core/stores/rain/barrel';
import type { RainOutlook } from '@/core/stores/rain/outlook';
import type { RainApart } from '@/workers/rain.client';
import type { RainTold } from '@/workers/rainAnswers';
import { useBench } from '../session/bench';

/** Thirty years of rain, as far as they are worked. */
export type RainRun =
  | { readonly kind: 'working' | 'failed' | 'nowhere' }
  | {
      readonly kind: 'done';
      readonly outlook: RainOutlook;
      /** Another barrel that is tried; null: the plan's own. */
      readonly tried: { readonly litres: number; readonly run: BarrelRun } | null;
    };

/** What is known once an answer has come. */
function after(was: RainRun, told: RainTold): RainRun {
  if (told.kind === 'outlook') {
    return told.outlook === null
      ? { kind: 'nowhere' }
      : { kind: 'done', outlook: told.outlook, tried: null };
  }
  const { litres, run } = told;
  return was.kind === 'done' && run !== null ? { ...was, tried: { litres, run } } : was;
}

/**
 * Works the open plan's rain beside the page, anew after each edit; another barrel is tried at once. One worker does
 * it as long as the page part stands: to begin one takes longer than thirty years.
 */
export function useRain(): { readonly run: RainRun; readonly tryBarrel: (litres: number) => void } {
  const plan = useBench((s) => s.plan);
  const on = useBench((s) => s.on);
  const [run, setRun] = useState<RainRun>({ kind: 'working' });
  const [apart, setApart] = useState<RainApart | null>(null);
  const worker = useRef<RainApart | null>(null);
  useEffect(() => {
    let gone = false;
    const fail = (): void => {
      if (!gone) setRun({ kind: 'failed' });
    };
    import('@/workers/rain.client')
      .then(({ rainApart }) => {
        if (gone) return;
        worker.current = rainApart((told) => {
          if (!gone) setRun((was) => after(was, told));
        }, fail);
        setApart(worker.current);
      })
      .catch(fail);
    return () => {
      gone = true;
      worker.current?.stop();
      worker.current = null;
    };
  }, []);
  useEffect(() => {
    if (plan !== null) apart?.ask({ kind: 'plan', plan, on });
  }, [apart, plan, on]);
  return { run, tryBarrel: (litres) => apart?.ask({ kind: 'barrel', litres }) };
}
