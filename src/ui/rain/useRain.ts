'use client';
import { useEffect, useRef, useState } from 'react';
import type { BarrelRun } from '@/core/stores/rain/barrel';
import type { RainOutlook } from '@/core/stores/rain/outlook';
import type { StoresApart } from '@/workers/stores.client';
import { useBench } from '../store/bench';

/** Thirty years of rain, as far as they are worked. */
export type RainRun =
  | { readonly kind: 'working' | 'failed' | 'nowhere' }
  | {
      readonly kind: 'done';
      readonly outlook: RainOutlook;
      /** Another barrel that is tried; null: the plan's own. */
      readonly tried: { readonly litres: number; readonly run: BarrelRun } | null;
    };

/** Works the open plan's rain beside the page, anew after each edit; another barrel is tried at once. */
export function useRain(): { readonly run: RainRun; readonly tryBarrel: (litres: number) => void } {
  const plan = useBench((s) => s.plan);
  const on = useBench((s) => s.on);
  const [run, setRun] = useState<RainRun>({ kind: 'working' });
  const apart = useRef<StoresApart | null>(null);
  useEffect(() => {
    if (plan === null) return;
    let gone = false;
    const fail = (): void => {
      if (!gone) setRun({ kind: 'failed' });
    };
    import('@/workers/stores.client')
      .then(({ storesApart }) => {
        if (gone) return;
        apart.current = storesApart((told) => {
          if (gone) return;
          if (told.kind === 'outlook') {
            setRun(
              told.outlook === null
                ? { kind: 'nowhere' }
                : { kind: 'done', outlook: told.outlook, tried: null },
            );
          } else if (told.kind === 'run') {
            setRun((was) =>
              was.kind === 'done' ? { ...was, tried: { litres: told.litres, run: told.run } } : was,
            );
          }
        }, fail);
        apart.current.ask({ kind: 'plan', plan, on });
      })
      .catch(fail);
    return () => {
      gone = true;
      apart.current?.stop();
      apart.current = null;
    };
  }, [plan, on]);
  return { run, tryBarrel: (litres) => apart.current?.ask({ kind: 'barrel', litres }) };
}
