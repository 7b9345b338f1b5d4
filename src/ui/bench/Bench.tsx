'use client';
import { Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import * as Toggle from 'radix-ui/toggle';
import { MEASURED_FROM } from '@/text/marks';
import { CAPTIONS, RUN_CAPTION } from '@/text/views';
import { ViewChoice } from '../drawing/ViewChoice';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAdd } from '../furniture/useAdd';
import { addGroup } from '../session/adding';
import { show, showBoth, showRun, useAssessment, useBench } from '../session/bench';
import { BenchTools } from './BenchTools';
import { BothCanvases } from './BothCanvases';
import { Canvas } from './Canvas';
import { RefusedLine } from './RefusedLine';
import { ZoomButtons } from './ZoomButtons';

/** The run is drawn when it is looked at. */
const RunDrawing = dynamic(() => import('./RunDrawing').then((m) => m.RunDrawing));

/** The coop to scale, with its sticks; the middle of the screen. */
export function Bench() {
  const view = useBench((s) => s.view);
  const both = useBench((s) => s.both);
  const hasRun = useBench((s) => (s.plan?.run ?? null) !== null);
  const run = useBench((s) => s.run) && hasRun;
  return (
    <section
      aria-label="The coop, to scale"
      data-letters
      className="relative flex min-h-0 min-w-0 flex-col max-lg:sticky max-lg:top-0 max-lg:z-[5] max-lg:h-[300px] max-lg:shrink-0 max-lg:border-line max-lg:border-b max-lg:bg-paper max-lg:group-data-[pane=staves]/main:hidden"
    >
      <div className="flex items-center justify-between gap-3 px-4 pt-3">
        <p className="caption max-lg:sr-only">
          {run ? RUN_CAPTION : both ? `${CAPTIONS[view]}, over the plan` : CAPTIONS[view]}
          {view === 'above' || run ? null : <span className="block">{MEASURED_FROM}</span>}
        </p>
        <div className="flex shrink-0 items-center gap-2">
          <ViewChoice view={view} choose={show} run={hasRun ? { on: run, show: showRun } : null} />
          <Toggle.Root
            pressed={both && !run}
            onPressedChange={showBoth}
            className="border border-strong bg-raised px-2.5 py-1 text-[0.9rem] hover:text-chalk data-[state=on]:bg-chalk data-[state=on]:text-raised max-lg:hidden"
          >
            Both
          </Toggle.Root>
        </div>
      </div>
      <WorkingHost
        className="relative min-h-0 flex-1"
        workingClassName="max-h-56 overflow-auto px-4"
      >
        {run ? (
          <RunDrawing />
        ) : both && view !== 'above' ? (
          <>
            <div className="h-full max-lg:hidden">
              <BothCanvases section={view} />
            </div>
            <div className="h-full lg:hidden">
              <Canvas view={view} />
            </div>
          </>
        ) : (
          <Canvas view={view} />
        )}
        <RefusedLine />
      </WorkingHost>
      <div className="max-lg:hidden">
        <div className="flex items-start justify-between gap-3 pr-4">
          <div className="min-w-0">
            <PlacesLine />
          </div>
          <ZoomButtons />
        </div>
        <div className="flex flex-wrap items-center gap-x-3 gap-y-2 px-4 pb-3">
          <BenchTools place="bench" />
        </div>
      </div>
    </section>
  );
}

/** Who has a place, in words, under the drawing. */
function PlacesLine() {
  const { figures, planned } = useAssessment();
  const add = useAdd();
  const without = figures.get('roosts.without');
  if (planned === 0 || !without) {
    return (
      <p className="flex flex-wrap items-center gap-x-3 gap-y-1 px-4 pt-1 pb-3 text-[0.9rem] text-soft">
        {planned === 0 ? (
          <>
            No birds yet.
            <button type="button" className="button" onClick={addGroup}>
              <Plus size={15} aria-hidden /> Add six hens
            </button>
            They stand here at their own size.
          </>
        ) : (
          <>
            No bars yet.
            <button type="button" className="button" onClick={() => add('bar')}>
              <Plus size={15} aria-hidden /> Put a bar in
            </button>
            The birds go up on it.
          </>
        )}
      </p>
    );
  }
  const all = without.value === 0;
  return (
    <WorkingHost className="px-4 pt-1 pb-3 text-[0.9rem] text-soft" workingClassName="px-4 pb-3">
      {all ? (
        <p>At night every planned bird has a place on the bars.</p>
      ) : (
        <p>
          At night: <Figure id="roosts.without" /> without a place on the bars, dashed on the
          litter.
        </p>
      )}
    </WorkingHost>
  );
}
