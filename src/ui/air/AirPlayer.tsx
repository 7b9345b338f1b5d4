'use client';
import { Pause, Play } from 'lucide-react';
import { useEffect, useId, useSyncExternalStore } from 'react';
import { momentLines } from '@/text/airMoment';
import { ShownChoice } from '../charts/ShownChoice';
import { Fold } from '../furniture/Fold';
import { show, useBench, usePlan } from '../session/bench';
import { nextHour, play, showDay, showHour, useAirShow } from './airShow';
import { viewOfFlow } from './flowSeen';
import { useAirDay } from './useAirDay';

/** How long an hour is shown while it plays, ms. */
const HOUR_MS = 700;
const DAYS = [
  ['cold', 'A cold night'],
  ['hot', 'A hot day'],
] as const;

/** Goes through the hours of a design day; the drawing shows the air of each. */
export function AirPlayer() {
  const plan = usePlan();
  const { units } = plan;
  const moments = useAirDay();
  const { day, hour, playing } = useAirShow();
  const view = useBench((s) => s.view);
  const isStill = useReducedMotion();
  const id = useId();
  useEffect(() => {
    if (!playing) return;
    const timer = setInterval(nextHour, HOUR_MS);
    return () => clearInterval(timer);
  }, [playing]);
  // left for another station it does not go on unseen
  useEffect(() => () => play(false), []);
  const moment = moments?.[hour];
  if (!moment) return null;
  const better = viewOfFlow(plan, moment, view);
  return (
    <Fold title="Watch it breathe">
      <ShownChoice names={DAYS} shown={day} show={showDay} label="Which day" />
      <div className="flex items-center gap-2">
        {isStill ? null : (
          <button
            type="button"
            className="icon-button shrink-0"
            aria-label={playing ? 'Pause' : 'Play the hours'}
            onClick={() => {
              // a picture that tells nothing of the air is not played
              if (better && !playing) show(better);
              play(!playing);
            }}
          >
            {playing ? <Pause size={17} aria-hidden /> : <Play size={17} aria-hidden />}
          </button>
        )}
        <label htmlFor={id} className="sr-only">
          Hour of the day
        </label>
        <input
          id={id}
          type="range"
          min={0}
          max={23}
          step={1}
          value={hour}
          aria-valuetext={`${hour}:00. ${momentLines(moment, units).join('. ')}`}
          onChange={(event) => showHour(Number(event.currentTarget.value))}
          className="min-w-0 flex-1 accent-chalk max-lg:h-11"
        />
        <span className="figures w-13 shrink-0 text-right text-[0.9rem]" data-axis>
          {hour}:00
        </span>
      </div>
      <ul className="text-[0.9rem]" data-axis data-moment={hour}>
        {momentLines(moment, units).map((line) => (
          <li key={line.replace(/[\d.,−]+/g, '')}>{line}</li>
        ))}
      </ul>
      {better ? (
        <button type="button" className="button self-start" onClick={() => show(better)}>
          {better === 'front' ? 'See it from the front' : 'See it from the right'}
        </button>
      ) : null}
    </Fold>
  );
}

const QUERY = '(prefers-reduced-motion: reduce)';
/** Whether nothing is to move by itself; where nobody can say, nothing moves. */
const useReducedMotion = (): boolean =>
  useSyncExternalStore(
    (told) => {
      const media = window.matchMedia?.(QUERY);
      media?.addEventListener('change', told);
      return () => media?.removeEventListener('change', told);
    },
    () => window.matchMedia?.(QUERY).matches ?? true,
    () => true,
  );
