'use client';
import { Check, CircleDashed, TriangleAlert } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useBench } from '../store/bench';
import { keepMine, keepMineAsCopy, takeTheirs } from '../store/saving';

/** Saved, Saving, or Not saved and why; where another window saved first, the three ways on. */
export function SavedState() {
  const save = useBench((s) => s.save);
  const router = useRouter();
  if (save.kind === 'conflict') {
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 text-[0.87rem] text-oxide">
        <span>Not saved: another window has changed this plan.</span>
        <button type="button" className="button" onClick={keepMine}>
          Keep mine
        </button>
        <button type="button" className="button" onClick={takeTheirs}>
          Take theirs
        </button>
        <button
          type="button"
          className="button"
          onClick={async () => {
            const address = await keepMineAsCopy();
            if (address) router.push(address);
          }}
        >
          Keep mine as a copy
        </button>
      </div>
    );
  }
  return (
    <p
      role="status"
      data-save={save.kind}
      className={`flex items-center gap-1.5 text-[0.87rem] ${save.kind === 'notSaved' ? 'max-w-72 text-oxide' : 'text-soft'}`}
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
          <TriangleAlert size={15} aria-hidden className="shrink-0" /> Not saved: {save.why}
        </>
      )}
    </p>
  );
}
