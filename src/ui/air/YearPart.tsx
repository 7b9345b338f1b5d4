'use client';
import dynamic from 'next/dynamic';
import { useLayoutEffect, useRef } from 'react';
import { refinedText, yearLesson } from '@/text/airWords';
import { useOpener } from '../forms/useOpener';
import { Fold } from '../furniture/Fold';
import { say, usePlan, useWhole } from '../session/bench';
import { useAirYear } from './useAirYear';

const YearDialog = dynamic(() => import('./YearDialog').then((m) => m.YearDialog));

/** The year of a coop's air: worked when asked for, its lesson told here, the rest in a room of its own. */
export function YearPart() {
  const plan = usePlan();
  const { planned } = useWhole();
  const { run, begin, stop } = useAirYear();
  const seen = useOpener();
  const ref = useRef<HTMLDivElement>(null);
  // the button that was pressed makes way for the next one: a hand on the keys goes on from there
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is shown is another with each kind
  useLayoutEffect(() => {
    if (run.kind !== 'idle' && document.activeElement === document.body)
      ref.current?.querySelector('button')?.focus();
    if (run.kind === 'done') say(yearLesson(run.year, plan.units));
  }, [run.kind]);
  if (plan.climate === null || planned === 0) return null;
  return (
    <Fold title="Through the year">
      <div ref={ref} className="flex flex-col items-start gap-2 text-[0.9rem]" data-year={run.kind}>
        {run.kind === 'working' ? (
          <>
            <progress
              className="w-full accent-chalk"
              value={run.share}
              max={1}
              aria-label="How much of the year is worked out"
            />
            <button type="button" className="button" onClick={stop}>
              Stop
            </button>
          </>
        ) : run.kind === 'done' ? (
          <>
            <p data-lesson>{yearLesson(run.year, plan.units)}</p>
            <p data-refined>{refinedText(run.year.first, run.year.refined, plan.units)}</p>
            <button ref={seen.button} type="button" className="button" onClick={seen.show}>
              See the year and its shutters
            </button>
          </>
        ) : (
          <>
            <p className="text-soft">
              {run.kind === 'failed'
                ? 'The year could not be worked out. Try it again.'
                : run.kind === 'stopped'
                  ? 'Stopped. Nothing was changed.'
                  : 'Every hour of a typical year: damp, frost, heat and ammonia, and when to open which shutter.'}
            </p>
            <button type="button" className="button" onClick={begin}>
              Work out the year
            </button>
          </>
        )}
      </div>
      {seen.open && run.kind === 'done' ? (
        <YearDialog
          year={run.year}
          weather={run.weather}
          extremes={run.extremes}
          packed={run.packed}
          close={seen.close}
        />
      ) : null}
    </Fold>
  );
}
