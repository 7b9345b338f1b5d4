'use client';
import { useId, useMemo, useState } from 'react';
import { type AirYear, typicalHours } from '@/core/air/airYear';
import { hourTeller } from '@/core/air/explainHour';
import { YEAR_DAYS } from '@/core/weather/yearCurve';
import { unpackHours } from '@/formats/weather/packedHours';
import { hoursOfFile } from '@/formats/weather/typicalYear';
import { momentLines } from '@/text/airMoment';
import { dayOfYearText } from '@/text/climates';
import { usePlan, useWhole } from '../session/bench';

const DAY_HOURS = 24;

/** Any hour of the year, told with its balance: worked once more from the same year. */
export function HourAsk({ year, packed }: { year: AirYear; packed: ArrayBuffer | null }) {
  const plan = usePlan();
  const { flock } = useWhole();
  const [day, setDay] = useState(14);
  const [hour, setHour] = useState(3);
  const id = useId();
  const tell = useMemo(() => {
    const { climate } = flock;
    if (climate === null) return null;
    const read = packed && unpackHours(new Uint8Array(packed));
    const weather = read?.ok ? hoursOfFile(read.value) : typicalHours(climate);
    return hourTeller(plan, flock, climate, weather, year.calendar);
  }, [plan, flock, packed, year]);
  const moment = useMemo(() => tell?.(day * DAY_HOURS + hour), [tell, day, hour]);
  if (!moment) return null;
  return (
    <section className="flex shrink-0 flex-col gap-1.5">
      <h3 className="font-semibold">Ask for one hour</h3>
      <div className="grid grid-cols-[3rem_1fr_4rem] items-center gap-x-2 gap-y-1 text-[0.9rem]">
        <label htmlFor={`${id}-day`}>Day</label>
        <input
          id={`${id}-day`}
          type="range"
          min={0}
          max={YEAR_DAYS - 1}
          value={day}
          aria-valuetext={dayOfYearText(day)}
          onChange={(event) => setDay(Number(event.currentTarget.value))}
          className="min-w-0 accent-chalk max-lg:h-11"
        />
        <time className="figures text-right">{dayOfYearText(day)}</time>
        <label htmlFor={`${id}-hour`}>Hour</label>
        <input
          id={`${id}-hour`}
          type="range"
          min={0}
          max={DAY_HOURS - 1}
          value={hour}
          aria-valuetext={`${hour}:00`}
          onChange={(event) => setHour(Number(event.currentTarget.value))}
          className="min-w-0 accent-chalk max-lg:h-11"
        />
        <time className="figures text-right">{hour}:00</time>
      </div>
      <ul className="text-[0.9rem]" data-axis data-told={day * DAY_HOURS + hour} aria-live="polite">
        {momentLines(moment, plan.units).map((line) => (
          <li key={line.replace(/[\d.,−]+/g, '')}>{line}</li>
        ))}
      </ul>
    </section>
  );
}
