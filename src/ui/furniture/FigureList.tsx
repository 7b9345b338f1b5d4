'use client';
import type { ReactNode } from 'react';
import { inUnits } from '@/text/inUnits';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment, usePlan } from '../session/bench';

/** Figures by name, one a line; lines whose figure is not there are left out. */
export function FigureList({
  rows,
}: {
  rows: readonly { readonly name: string; readonly id: string; readonly note?: string }[];
}) {
  const { figures } = useAssessment();
  const { units } = usePlan();
  const there = rows.filter((r) => figures.get(r.id));
  if (there.length === 0) return null;
  return (
    <WorkingHost className="text-[0.9rem]">
      <dl className="flex flex-col gap-0.5">
        {there.map((r) => (
          <div key={r.id} className="flex items-baseline justify-between gap-3">
            <dt data-name>
              {inUnits(r.name, units)}
              {r.note ? <span className="text-[0.82rem] text-soft"> {r.note}</span> : null}
            </dt>
            <dd className="figures whitespace-nowrap text-right">
              <Figure id={r.id} />
            </dd>
          </div>
        ))}
      </dl>
    </WorkingHost>
  );
}

/** A part of a station's panel under a heading of its own. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="flex flex-col gap-2 border-line border-t pt-2">
      <h3 className="font-semibold text-[0.95rem]">{title}</h3>
      {children}
    </section>
  );
}
