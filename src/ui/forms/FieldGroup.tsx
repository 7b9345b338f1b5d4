'use client';
import { type ReactNode, useId } from 'react';

/** Fields under a heading of their own, two beside one another. */
export function FieldGroup({ title, children }: { title: string; children: ReactNode }) {
  const id = useId();
  return (
    <fieldset aria-labelledby={id} className="flex flex-col gap-1.5">
      <legend id={id} className="font-semibold text-[0.95rem]">
        {title}
      </legend>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5">{children}</div>
    </fieldset>
  );
}
