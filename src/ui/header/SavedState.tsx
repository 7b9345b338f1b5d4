'use client';
import { Check, CircleDashed, TriangleAlert } from 'lucide-react';
import { type Refused, refusedOf, useRefused } from '../forms/refused';
import { leave } from '../furniture/folds';
import { goTo, pick, useBench, usePlan } from '../session/bench';

/** Saved, Saving, or Not saved and why; a text that a field could not take is told, and led to. */
export function SavedState() {
  const save = useBench((s) => s.save);
  const plan = usePlan();
  const refused = refusedOf(
    useRefused((s) => s.list),
    plan,
  );
  const first = refused[0];
  if (first && save.kind === 'saved') {
    return (
      <button
        type="button"
        data-save="saved"
        data-refusals={refused.length}
        className="flex max-w-72 items-center gap-1.5 text-left text-[0.87rem] text-oxide hover:underline max-lg:min-h-[44px]"
        title={first.why}
        onClick={() => leadTo(first)}
      >
        <TriangleAlert size={15} aria-hidden className="shrink-0" />
        <span>
          Saved, but not{' '}
          <span data-name>
            {first.label} “{first.text}”
          </span>
          {refused.length > 1 ? ` and ${refused.length - 1} more` : ''}
        </span>
      </button>
    );
  }
  const isTrouble = save.kind === 'notSaved' || save.kind === 'conflict';
  return (
    <p
      role="status"
      data-save={save.kind}
      // as wide whether saved or saving: what stands beside it stays
      className={`flex min-w-[4.6rem] items-center gap-1.5 text-[0.87rem] ${isTrouble ? 'max-w-72 text-oxide' : 'text-soft'}`}
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

/** Goes to a field whose text was not taken. */
function leadTo({ station, thing, fold, text }: Refused): void {
  goTo(station);
  if (fold !== null) leave(fold, true);
  if (thing !== null) pick(thing);
  requestAnimationFrame(() => {
    const fields = document.querySelectorAll<HTMLInputElement>('input[data-refused]');
    [...fields].find((field) => field.value === text)?.focus();
  });
}
