'use client';
import type { Assessment } from '@/core/assess';
import { type Frame, pastWalls, project } from '@/core/drawing/projection';
import type { Tape } from '@/core/measure/tapes';
import type { Plan } from '@/core/model/schema';
import { Drawing } from '../drawing/Drawing';
import { TapeLine } from './TapeLine';

const SEEN: Readonly<Record<Tape['view'], string>> = {
  front: 'from the front',
  right: 'from the right side; the front is at the left',
  above: 'from above; the front is at the foot',
};

/** The coop as far as it has been measured, with the tape laid where it is held for one measure. */
export function TapeDrawing({
  plan,
  assessment,
  tape,
  how,
  frame,
}: {
  plan: Plan;
  assessment: Assessment;
  tape: Tape | null;
  /** How it is held, in words. */
  how: string;
  frame: Frame;
}) {
  const view = tape?.view ?? 'front';
  const projection = project(view, plan.shell, frame, { past: pastWalls(view, plan) });
  return (
    <figure className="flex min-h-0 flex-col border border-line bg-paper">
      <svg
        viewBox={`0 0 ${frame.width} ${frame.height}`}
        className="block min-h-0 w-full flex-1"
        role="img"
        aria-label={`The coop ${SEEN[view]}. ${how}`}
        data-view={view}
      >
        <Drawing plan={plan} birds={assessment.birds} projection={projection} />
        {tape === null ? null : <TapeLine tape={tape} projection={projection} />}
      </svg>
      <figcaption className="border-line border-t px-2 py-1 text-[0.88rem]" aria-live="polite">
        <strong className="font-semibold">{how}</strong>{' '}
        <span className="text-soft">Seen {SEEN[view]}.</span>
      </figcaption>
    </figure>
  );
}
