'use client';
import { useEffect, useRef, useState } from 'react';
import type { AirYear } from '@/core/air/airYear';
import type { Extremes } from '@/core/air/extremes';
import type { Plan } from '@/core/model/schema';
import { afterEdits, useBench, useWhole } from '../session/bench';

/** A year that is worked beside the page. */
export type YearRun =
  | { readonly kind: 'idle' | 'failed' | 'stopped' }
  | { readonly kind: 'working'; readonly share: number }
  | {
      readonly kind: 'done';
      readonly year: AirYear;
      readonly weather: YearWeather;
      /** Packed hours that it was worked from; null: those of the typical year. */
      readonly packed: ArrayBuffer | null;
      readonly extremes: Extremes | null;
    };

/** What a year was worked from: normals, hours brought in, or normals because the hours are not on this machine. */
export type YearWeather = 'normals' | 'hours' | 'missing';

/** Works the year of the open plan when asked to; another plan than the one it was begun with lets it go. */
export function useAirYear(): {
  readonly run: YearRun;
  readonly begin: () => void;
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
  const work = async (): Promise<void> => {
    // the plan as it is now, with all edits that this has waited for
    const now = useBench.getState().plan;
    if (now === null || planned === 0) return;
    off.current?.();
    begunWith.current = now;
    const own = ++asked.current;
    const hear = (next: YearRun): void => {
      if (asked.current === own) setRun(next);
    };
    hear({ kind: 'working', share: 0 });
    const fail = (): void => hear({ kind: 'failed' });
    try {
      const [{ airYearApart }, hours] = await Promise.all([
        import('@/workers/airYear.client'),
        hoursOf(now),
      ]);
      if (asked.current !== own) return;
      let done: YearRun = { kind: 'idle' };
      off.current = airYearApart(
        { plan: now, on, packed: hours.packed },
        (told) => {
          if (told.kind === 'working') hear(told);
          else if (told.kind === 'extremes') hear({ ...done, extremes: told.extremes } as YearRun);
          else if (told.year === null) fail();
          else {
            done = { kind: 'done', year: told.year, ...hours, extremes: null };
            hear(done);
          }
        },
        fail,
      );
    } catch {
      fail();
    }
  };
  const begin = (): void => afterEdits(() => void work());
  const stop = (): void => {
    asked.current++;
    off.current?.();
    begunWith.current = null;
    setRun({ kind: 'stopped' });
  };
  return { run, begin, stop };
}

/** The hours that a plan goes by, where it goes by hours. */
async function hoursOf({
  climate,
}: Plan): Promise<{ readonly packed: ArrayBuffer | null; readonly weather: YearWeather }> {
  if (climate?.source.kind !== 'hours') return { packed: null, weather: 'normals' };
  const response = await fetch(`/api/weather/${climate.source.file}`);
  if (response.status === 404) return { packed: null, weather: 'missing' };
  if (!response.ok) throw new Error(`the hours are not given: ${response.status}`);
  return { packed: await response.arrayBuffer(), weather: 'hours' };
}
