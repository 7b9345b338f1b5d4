'use client';
import { useContext, useEffect, useState } from 'react';
import type { Outcome } from '@/core/kernel/outcome';
import { useBench } from '../session/bench';
import { forgetRefused, keepRefused, refusedAt } from './refused';
import { InFold, useThing } from './thing';
import { whyNot } from './whyNot';

interface Draft {
  /** What is typed and not yet taken; null: the field shows its value. */
  readonly draft: string | null;
  readonly error: string | null;
  setDraft(text: string | null): void;
  /** The text was taken, or given up. @returns true */
  settle(): true;
  /** The text can't be taken: it stays, with the reason. Without a text only the reason is said. @returns false */
  refuse(outcome: Outcome<unknown>, text: string | null): false;
  /** Says a reason under the field and keeps the text. */
  hold(why: string, text: string): void;
}

/**
 * What is typed into a field until it is taken. A text that was refused is kept when the field leaves the screen,
 * and stands there again, marked, when it comes back.
 */
export function useDraft(label: string): Draft {
  const thing = useThing();
  const fold = useContext(InFold);
  const key = useBench((s) => `${s.plan?.id ?? ''}/${thing?.id ?? s.station}/${label}`);
  const [draft, setDraft] = useState<string | null>(() => refusedAt(key)?.text ?? null);
  const [error, setError] = useState<string | null>(() => refusedAt(key)?.why ?? null);
  useEffect(() => {
    const kept = refusedAt(key);
    if (!kept) return;
    setDraft(kept.text);
    setError(kept.why);
  }, [key]);
  const hold = (why: string, text: string): void => {
    setError(why);
    const called = thing ? `${label} of ${thing.name}` : label;
    const { station } = useBench.getState();
    keepRefused({ key, station, thing: thing?.id ?? null, fold, label: called, text, why });
  };
  return {
    draft,
    error,
    setDraft,
    settle: () => {
      setDraft(null);
      setError(null);
      forgetRefused(key);
      return true;
    },
    refuse: (outcome, text) => {
      let again = false;
      whyNot(outcome, (why) => {
        if (text === null) setError(why);
        // what was put right before its words came is refused no more
        else if (!again || refusedAt(key)?.text === text) hold(why, text);
        again = true;
      });
      return false;
    },
    hold,
  };
}
