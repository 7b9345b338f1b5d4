'use client';
import { Hammer } from 'lucide-react';
import { useState } from 'react';
import { canBeFinished } from '@/core/edit/zones';
import { afterEdits, edit, storeHere, useBench, usePlan, useWhole } from '../session/bench';

/** Adds all that the coop still lacks, round what stands in it: one press, one undo. */
export function FinishIt() {
  const plan = usePlan();
  const { staves, planned } = useWhole();
  const [state, setState] = useState<'idle' | 'working' | 'nothing' | 'failed'>('idle');
  const isMissing = staves.some((s) => s.state === 'notEntered' && s.station !== 'brooder');
  if (planned === 0 || !canBeFinished(plan) || !isMissing) return null;
  const finish = async (): Promise<void> => {
    const store = storeHere();
    setState('working');
    try {
      const { finishPlan } = await import('@/core/layout/finish');
      const { plan: now, on } = useBench.getState();
      if (storeHere() !== store || !now) return;
      const done = finishPlan(now, on);
      if (done === null || done.added.length === 0) return setState('nothing');
      edit('Finish it for me', (draft) => void draft.fixtures.push(...done.added));
      setState('idle');
    } catch {
      setState('failed');
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[0.9rem]">
      <button
        type="button"
        className="button"
        disabled={state === 'working'}
        // round what waits for the core, too
        onClick={() => afterEdits(() => void finish())}
      >
        <Hammer size={15} aria-hidden /> Finish it for me
      </button>
      <span role="status" className="text-soft">
        {state === 'nothing'
          ? 'Nothing more finds room beside what stands. Move something, or take it out.'
          : state === 'failed'
            ? 'This part could not be fetched: the server does not answer. Try again.'
            : 'Adds what is missing. What stands stays where it is.'}
      </span>
    </div>
  );
}
