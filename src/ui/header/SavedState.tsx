'use client';
import { Check, CircleDashed, TriangleAlert } from 'lucide-react';
import { useBench } from '../store/bench';

/** Saved, Saving, or Not saved and why. */
export function SavedState() {
  const save = useBench((s) => s.save);
  const isTrouble = save.kind === 'notSaved' || save.kind === 'conflict';
  return (
    <p
      role="status"
      data-save={save.kind}
      className={`flex items-center gap-1.5 text-[0.87rem] ${isTrouble ? 'max-w-72 text-oxide' : 'text-soft'}`}
    >
      {save.kind === 'saved' ? (
        <>
          <Check size={15} aria-hidden /> Saved
        </>
      ) : save.kind === 'saving' ? (
        <>
          <CircleDashed size={15} aria-hidden /> Saving
        </>
      ) : (
        <>
          <TriangleAlert size={15} aria-hidden className="shrink-0" /> Not saved:{' '}
          {save.kind === 'notSaved' ? save.why : 'two windows changed the same thing'}
        </>
      )}
    </p>
  );
}
