'use client';
import { useState } from 'react';
import { type Projection, pastWalls, project } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import type { Plan } from '@/core/model/schema';
import { Drawing } from '../drawing/Drawing';
import { useSize } from '../drawing/size';
import { ViewChoice } from '../drawing/ViewChoice';
import { type Column, LABEL, ROW } from './columns';

const HEIGHT = 230;
/** What is drawn for until the browser has measured, px. */
const NOMINAL = 330;

/** The coops side by side, in one view and at one scale. */
export function Drawings({ columns }: { columns: readonly Column[] }) {
  const [view, setView] = useState<View>('front');
  const [ref, size] = useSize<HTMLDivElement>();
  const width = size?.width ?? NOMINAL;
  const frame = { width, height: HEIGHT, left: 8, right: 8, top: 10, bottom: 10 };
  const seen = (plan: Plan, most = Infinity): Projection =>
    project(view, plan.shell, frame, { past: pastWalls(view, plan), most });
  const scale = Math.min(...columns.map((c) => seen(c.plan).scale));
  return (
    <section aria-label="Drawings" className={`${ROW} gap-y-2`}>
      <div
        className={`${LABEL} flex flex-col items-start gap-2 max-lg:flex-row max-lg:items-center`}
      >
        <ViewChoice view={view} choose={setView} stacked />
        <p className="caption">All at one scale.</p>
      </div>
      {columns.map(({ plan, letter, assessment }, i) => (
        <div
          key={plan.id}
          ref={i === 0 ? ref : null}
          className="min-w-0 border border-line bg-raised"
        >
          <svg
            viewBox={`0 0 ${width} ${HEIGHT}`}
            className="block w-full"
            role="img"
            aria-label={`${letter}, ${plan.name}: ${view === 'above' ? 'from above' : `from the ${view}`}`}
            data-scale={scale}
          >
            <Drawing plan={plan} birds={assessment.birds} projection={seen(plan, scale)} />
          </svg>
        </div>
      ))}
    </section>
  );
}
