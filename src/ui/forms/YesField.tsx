'use client';
import { useId } from 'react';
import type { Outcome } from '@/core/kernel/outcome';

/** Yes or no. */
export function YesField({
  label,
  half,
  value,
  commit,
}: {
  label: string;
  /** Two beside one another. */
  half: boolean;
  value: boolean;
  commit: (value: boolean) => Outcome<unknown>;
}) {
  const id = useId();
  return (
    <label
      htmlFor={id}
      className={`${half ? '' : 'col-span-full'} flex items-center gap-2 text-[0.9rem] max-lg:min-h-[44px]`}
    >
      <input
        id={id}
        type="checkbox"
        className="size-4 shrink-0 accent-(--chalk)"
        checked={value}
        onChange={(event) => commit(event.currentTarget.checked)}
      />
      {label}
    </label>
  );
}
