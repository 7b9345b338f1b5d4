'use client';
import { useId, useState } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { CLIMATES } from '@/core/model/climates.data';
import { type KnownWeather, nearestClimate, weatherOf } from '@/core/weather/nearest';
import type { WeatherAnswer } from '@/formats/weatherAnswer';
import { climateChoice } from '@/text/climates';
import { NormalsField } from '../forms/NormalsField';
import { Select } from '../forms/Select';

const PASTED = 'pasted';

/** Means of the coldest month to choose from, and of the warmest, °C. */
const COLDEST = [-20, -10, 0, 5, 10, 20] as const;
const WARMEST = [12, 16, 20, 24, 28, 34] as const;

/** What the weather is like: a climate by its name, or the one nearest to what a keeper knows of it. */
export function WeatherQuestion({
  number = null,
  climate,
  units,
  change,
}: {
  /** Its place among the questions, where they are numbered. */
  number?: number | null;
  climate: WeatherAnswer;
  units: UnitSystem;
  change: (climate: WeatherAnswer) => void;
}) {
  const id = useId();
  const [typed, setKnown] = useState<KnownWeather>({ coldestC: 0, warmestC: 20, wet: true });
  const pasted = typeof climate === 'object' && climate !== null ? climate.normals : null;
  // a climate chosen by its name says what its months are
  const named = CLIMATES.find((c) => c.id === climate);
  const known = named && nearestClimate(typed).id !== climate ? weatherOf(named) : typed;
  const know = (part: Partial<typeof known>): void => {
    const next = { ...known, ...part };
    setKnown(next);
    change(nearestClimate(next).id);
  };
  /** The list with a value that it may not have, in order. */
  const degrees = (all: readonly number[], value: number) =>
    [...new Set([...all, value])]
      .sort((a, b) => a - b)
      .map((c) => ({ id: String(c), name: `about ${formatTemperature(c, units)}` }));
  return (
    <section>
      <label htmlFor={id} className="font-title text-[1.1rem]">
        {number === null ? '' : `${number}. `}
        What is the weather like?
      </label>
      <select
        id={id}
        className="input mt-1"
        value={pasted === null ? (named?.id ?? '') : PASTED}
        onChange={(e) =>
          change(
            e.target.value === ''
              ? null
              : e.target.value === PASTED
                ? { normals: '' }
                : e.target.value,
          )
        }
      >
        <option value="">I will say later</option>
        {CLIMATES.map((c) => (
          <option key={c.id} value={c.id}>
            {climateChoice(c, units)}
          </option>
        ))}
        <option value={PASTED}>my own normals, pasted</option>
      </select>
      {pasted === null ? null : (
        <div className="mt-1.5">
          <NormalsField
            units={units}
            text={pasted}
            none="Lows and highs are enough; typical figures fill in the rest."
            change={(normals) => change({ normals })}
          />
        </div>
      )}
      <div
        className={`mt-1.5 flex flex-wrap items-end gap-2 text-[0.88rem] ${pasted === null ? '' : 'hidden'}`}
      >
        <Select
          label="Coldest month"
          value={String(known.coldestC)}
          options={degrees(COLDEST, known.coldestC)}
          change={(c) => know({ coldestC: Number(c) })}
        />
        <Select
          label="Warmest month"
          value={String(known.warmestC)}
          options={degrees(WARMEST, known.warmestC)}
          change={(c) => know({ warmestC: Number(c) })}
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
