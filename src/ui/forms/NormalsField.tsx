'use client';
import { useId } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { readCommas } from '@/core/kernel/units/thousands';
import { readNormals } from '@/formats/normals';
import { issueText } from '@/text/issues';
import { CommaButtons } from './CommaButtons';

/** Twelve months pasted from a spreadsheet, with what was read of them. */
export function NormalsField({
  units,
  text,
  none,
  change,
}: {
  units: UnitSystem;
  text: string;
  /** Said while nothing has been pasted. */
  none: string;
  change: (text: string) => void;
}) {
  const id = useId();
  const read = text.trim() === '' ? null : readNormals(text, units);
  const asks = read?.ok === false && read.issues.find((i) => i.code === 'columns.comma');
  return (
    <>
      <label htmlFor={id} className="text-[0.82rem] text-soft">
        Twelve months, pasted from a spreadsheet
      </label>
      <textarea
        id={id}
        rows={4}
        spellCheck={false}
        maxLength={6000}
        className="input figures py-1 text-[0.82rem]"
        placeholder={
          units === 'metric'
            ? 'mean  min  max  humidity %  wind m/s  rain mm  rain days  sun h'
            : 'mean °F  min  max  humidity %  wind mph  rain in  rain days  sun h'
        }
        value={text}
        aria-invalid={read !== null && !read.ok}
        aria-describedby={`${id}-said`}
        onChange={(event) => change(event.currentTarget.value)}
      />
      <p
        id={`${id}-said`}
        role={read && !read.ok ? 'alert' : undefined}
        className={`text-[0.82rem] ${read && !read.ok ? 'text-oxide' : 'text-soft'}`}
        data-reason
      >
        {read === null
          ? none
          : read.ok
            ? `Read: ${coldest(read.value.months, units)}.${read.value.missing.length > 0 ? ' Typical figures fill in the rest.' : ''}`
            : read.issues.slice(0, 2).map(issueText).join(' ')}
      </p>
      {asks ? (
        <CommaButtons issue={asks} answer={(commas) => change(readCommas(text, commas))} />
      ) : null}
    </>
  );
}

const coldest = (months: readonly { minC: number; maxC: number }[], units: UnitSystem): string => {
  const least = Math.min(...months.map((m) => m.minC));
  const most = Math.max(...months.map((m) => m.maxC));
  return `twelve months, from ${formatTemperature(least, units)} to ${formatTemperature(most, units)}`;
};
