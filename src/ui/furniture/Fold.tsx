'use client';
import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Fixture } from '@/core/model/schema';
import { InFold } from '../forms/thing';
import { pick, useBench } from '../session/bench';
import { leave, useFold } from './folds';

/** A part of a station's panel under a heading of its own, folded until it is opened; it stays as it was left, and is worked out only while it is open. */
export function Fold({
  title,
  name = title,
  of = [],
  children,
}: {
  title: string;
  /** What it is kept under, where its title changes. */
  name?: string;
  /** Kinds of things whose rows stand in it: it is open while one of them is picked. */
  of?: readonly Fixture['kind'][];
  children: ReactNode;
}) {
  const left = useFold(name);
  const holdsPicked = useBench((s) =>
    (s.plan?.fixtures ?? []).some((f) => f.id === s.picked && of.includes(f.kind)),
  );
  const open = left || holdsPicked;
  const press = (): void => {
    leave(name, !open);
    if (holdsPicked) pick(null);
  };
  return (
    <section data-fold={name} className="border-line border-t pt-1 [[data-fold]+&]:-mt-2.5">
      <h3>
        <button
          type="button"
          aria-expanded={open}
          className="flex min-h-8 w-full items-center gap-1 text-left font-semibold text-[0.95rem] hover:text-chalk max-lg:min-h-[44px]"
          onClick={press}
        >
          {title}
          <ChevronRight
            size={15}
            aria-hidden
            className={`ml-auto shrink-0 text-soft transition-transform ${open ? 'rotate-90' : ''}`}
          />
        </button>
      </h3>
      {open ? (
        <InFold value={name}>
          <div className="flex flex-col gap-2 pt-1 pb-2">{children}</div>
        </InFold>
      ) : null}
    </section>
  );
}

/** The way to something that has a room of its own, in one line. */
export const Doorway = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-line border-t pt-1.5">
    <h3 className="font-semibold text-[0.95rem]">{title}</h3>
    {children}
  </section>
);

/** Fields of one thing that are seldom changed, folded away. */
export function More({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="col-span-full text-[0.9rem]">
      <summary className="w-fit text-[0.84rem] text-chalk hover:underline max-lg:min-h-[44px]">
        {title}
      </summary>
      <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">{children}</div>
    </details>
  );
}
