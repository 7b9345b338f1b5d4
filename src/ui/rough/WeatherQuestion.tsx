'use client';
import { useId, useState } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { CLIMATES } from '@/core/model/climates.data';
import { type KnownWeather, nearestClimate, weatherOf } from '@/core/weather/nearest';
import { climateChoice } from '@/text/climates';

/** Means of the coldest month to choose from, and of the warmest, °C. */
const COLDEST = [-20, -10, 0, 5, 10, 20] as const;
const WARMEST = [12, 16, 20, 24, 28, 34] as const;

/** What the weather is like: a climate by its name, or the one nearest to what a keeper knows of it. */
export function WeatherQuestion({
  climate,
  units,
  change,
}: {
  climate: string | null;
  units: UnitSystem;
  change: (climate: string | null) => void;
}) {
  const id = useId();
  const [typed, setKnown] = useState<KnownWeather>({ coldestC: 0, warmestC: 20, wet: true });
  // a climate chosen by its name says what its months are
  const named = CLIMATES.find((c) => c.id === climate);
  const known = named && nearestClimate(typed).id !== climate ? weatherOf(named) : typed;
  const know = (part: Partial<typeof known>): void => {
    const next = { ...known, ...part };
    setKnown(next);
    change(nearestClimate(next).id);
  };
  return (
    <section>
      <label htmlFor={id} className="font-title text-[1.1rem]">
        3. What is the weather like?
      </label>
      <select
        id={id}
        className="input mt-1"
        value={climate ?? ''}
        onChange={(e) => change(e.target.value === '' ? null : e.target.value)}
      >
        <option value="">I will say later</option>
        {CLIMATES.map((c) => (
          <option key={c.id} value={c.id}>
            {climateChoice(c, units)}
          </option>
        ))}
      </select>
      <div className="mt-1.5 flex flex-wrap items-end gap-2 text-[0.88rem]">
        <Pick
          label="Coldest month"
          value={known.coldestC}
          all={withValue(COLDEST, known.coldestC)}
          units={units}
          change={(coldestC) => know({ coldestC })}
        />
        <Pick
          label="Warmest month"
          value={known.warmestC}
          all={withValue(WARMEST, known.warmestC)}
          units={units}
          change={(warmestC) => know({ warmestC })}
        />
        <label className="flex min-h-[34px] items-center gap-1.5 max-lg:min-h-[44px]">
          <input
            type="checkbox"
            checked={known.wet}
            onChange={(e) => know({ wet: e.target.checked })}
          />
          Wet
        </label>
      </div>
    </section>
  );
}

/** The list with a value that it may not have, in order. */
const withValue = (all: readonly number[], value: number): readonly number[] =>
  all.includes(value) ? all : [...all, value].sort((a, b) => a - b);

function Pick({
  label,
  value,
  all,
  units,
  change,
}: {
  label: string;
  value: number;
  all: readonly number[];
  units: UnitSystem;
  change: (value: number) => void;
}) {
  const id = useId();
  return (
    <div className="min-w-0 flex-1">
      <label htmlFor={id} className="block text-[0.82rem] text-soft">
        {label}
      </label>
      <select
        id={id}
        className="input"
        value={value}
        onChange={(e) => change(Number(e.target.value))}
      >
        {all.map((c) => (
          <option key={c} value={c}>
            about {formatTemperature(c, units)}
          </option>
        ))}
      </select>
    </div>
  );
}
