'use client';
import { Check, CircleDashed, TriangleAlert } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { takeUpOffered, useBench, usePlan } from '../store/bench';
import { keepMine, keepMineAsCopy, letOfferedGo, takeTheirs } from '../store/saving';

/** Told only where two plans differ at all. */
const Differences = dynamic(() => import('./Differences').then((m) => m.Differences));

/** Saved, Saving, or Not saved and why; where another window saved first, the three ways on. */
export function SavedState() {
  const save = useBench((s) => s.save);
  const plan = usePlan();
  const router = useRouter();
  if (save.kind === 'conflict') {
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 text-[0.87rem]">
        <span className="max-w-96">
          <strong className="text-oxide">Not saved: another window has changed this plan.</strong>{' '}
          <span data-name>
            Theirs, beside yours: <Differences from={plan} to={save.theirs} />.
          </span>
        </span>
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

/** Edits that an earlier visit could not save, offered on return. */
export function OfferedEdits() {
  const offered = useBench((s) => s.offered);
  const plan = usePlan();
  if (!offered) return null;
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-chalk border-l-3 bg-raised px-4 py-2 text-[0.9rem]"
    >
      <p className="min-w-0 flex-1">
        <strong>
          Edits of <time dateTime={offered.when}>{new Date(offered.when).toLocaleString()}</time>{' '}
          were never saved.
        </strong>{' '}
        <span data-name>
          They differ in: <Differences from={plan} to={offered.plan} />.
        </span>
        {offered.stale
          ? ' The plan has been saved from elsewhere since; taking them up puts them over that.'
          : ''}
      </p>
      <button type="button" className="button button-primary" onClick={takeUpOffered}>
        Take them up
      </button>
      <button type="button" className="button" onClick={letOfferedGo}>
        Let them go
      </button>
    </div>
  );
}
