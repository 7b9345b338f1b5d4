'use client';
import type { ReactNode } from 'react';

/** A labelled field with its unit, what was read, and what is wrong. */
export function Field({
  id,
  label,
  unit,
  note,
  error,
  inTable = false,
  children,
}: {
  id: string;
  label: string;
  unit?: string | undefined;
  note?: string | null;
  error?: string | null;
  /** In a table the column's heading stands for the label, but for readers of the screen and on a phone. */
  inTable?: boolean;
  children: ReactNode;
}) {
  return (
    <div className="min-w-0">
      <label
        id={`${id}-label`}
        htmlFor={id}
        className={`flex items-baseline justify-between gap-1 text-[0.82rem] text-soft ${inTable ? 'lg:sr-only' : ''}`}
      >
        <span className="truncate">{label}</span>
        {unit ? <span className="figures text-[0.75rem]">{unit}</span> : null}
      </label>
      {children}
      {error ? (
        <p id={`${id}-error`} role="alert" className="mt-0.5 text-[0.82rem] text-oxide">
          {error}
        </p>
      ) : note ? (
        <p id={`${id}-note`} className="figures mt-0.5 text-[0.78rem] text-soft">
          {note}
        </p>
      ) : null}
    </div>
  );
}
