'use client';
import { type ReactNode, useEffect, useId, useRef } from 'react';

/** Fields under a heading of their own, two beside one another. */
export function FieldGroup({
  title,
  picked = false,
  children,
}: {
  title: string;
  /** What they are of is picked: they come into sight. */
  picked?: boolean;
  children: ReactNode;
}) {
  const id = useId();
  const own = useRef<HTMLFieldSetElement>(null);
  useEffect(() => {
    if (picked) own.current?.scrollIntoView({ block: 'nearest' });
  }, [picked]);
  return (
    <fieldset
      ref={own}
      aria-labelledby={id}
      data-picked={picked || undefined}
      className={`flex flex-col gap-1.5 ${picked ? '-ml-2 border-chalk border-l-[3px] pl-1.5' : ''}`}
    >
      <legend id={id} className="font-semibold text-[0.95rem]">
        {title}
      </legend>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5">{children}</div>
    </fieldset>
  );
}
