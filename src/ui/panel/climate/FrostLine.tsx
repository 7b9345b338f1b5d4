'use client';
import { useMemo } from 'react';
import { frostDates, hottestDay } from '@/core/weather/frostDates';
import { dayOfYearText } from '@/text/climates';
import { useWhole, useWorked } from '../../session/bench';

/** When frost comes and goes at the plan's place; nothing until the core has come. */
export function FrostLine() {
  const worked = useWorked();
  const whole = useWhole();
  const climate = worked ? whole.flock.climate : null;
  const frost = useMemo(
    () => climate && frostDates(climate.nightsC, hottestDay(climate.maxC)),
    [climate],
  );
  if (!climate) return null;
  if (!frost) return <p className="text-[0.87rem] text-soft">Hardly a winter here has frost.</p>;
  const on = (day: number) => <time>{dayOfYearText(day)}</time>;
  return (
    <p className="text-[0.87rem] text-soft" data-frost>
      First frost about {on(frost.first.middle)}, last about {on(frost.last.middle)}. In one year of
      ten it comes by {on(frost.first.early)}, or stays until {on(frost.last.late)}.
    </p>
  );
}
