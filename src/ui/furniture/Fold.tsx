'use client';
import type { ReactNode } from 'react';

/** Fields that are seldom changed, folded away. */
export function More({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="group col-span-full text-[0.9rem]">
      <summary className="w-fit text-[0.84rem] text-chalk hover:underline max-lg:min-h-[44px]">
        {title}
      </summary>
      <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">{children}</div>
    </details>
  );
}
