'use client';
import type { ReactNode } from 'react';
import { askedBack } from '@/core/kernel/units/thousands';

/** A labelled field with its unit, what was read, and what is wrong. */
export function Field({
  id,
  label,
  unit,
  note,
  echo,
  error,
  typed = '',
  mean,
  inTable = false,
  children,
}: {
  id: string;
  label: string;
  unit?: string | undefined;
  note?: string | null;
  /** What was read of what is being typed: it stands where the unit does, so that nothing moves; under it in a table. */
  echo?: string | null;
  error?: string | null;
  /** What was typed, and what is done with it where it can be meant two ways and one of them is pressed. */
  typed?: string;
  mean?: (text: string) => void;
  /** In a table the column's heading stands for the label, but for readers of the screen and on a phone. */
  inTable?: boolean;
  children: ReactNode;
}) {
  const inLine = echo && !error && !inTable;
  const below = note ?? (inTable ? echo : null);
  const asked = error ? askedBack(typed)?.details : undefined;
  return (
    <div className="min-w-0">
      <div className="flex items-baseline justify-between gap-1 text-[0.82rem] text-soft">
        <label
          id={`${id}-label`}
          htmlFor={id}
          className={`flex min-w-0 flex-1 items-baseline justify-between gap-1 ${inTable ? 'lg:sr-only' : ''}`}
        >
          <span className="truncate">{label}</span>
          {unit && !inLine ? <span className="figures text-[0.75rem]">{unit}</span> : null}
        </label>
        {inLine ? (
          <span id={`${id}-note`} className="figures shrink-0 text-[0.75rem]">
            {echo}
          </span>
        ) : null}
      </div>
      {children}
      {error ? (
        <p id={`${id}-error`} role="alert" className="mt-0.5 text-[0.82rem] text-oxide">
          {error}
          {asked && mean ? (
            <span className="mt-1 flex gap-1.5">
              {(
                [
                  [asked.point, asked.asPoint],
                  [asked.thousands, asked.asThousands],
                ] as const
              ).map(([said, text]) => (
                <button
                  key={String(text)}
                  type="button"
                  className="button figures max-lg:min-h-[44px]"
                  onClick={() => mean(String(text))}
                >
                  {String(said)}
                </button>
              ))}
            </span>
          ) : null}
        </p>
      ) : below ? (
        <p id={`${id}-note`} className="figures mt-0.5 text-[0.78rem] text-soft">
          {below}
        </p>
      ) : null}
    </div>
  );
}
