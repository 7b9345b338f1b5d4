'use client';
import { useEffect, useRef, useState } from 'react';
import type { Choices } from '@/core/layout/fitOut';
import type { RoughAsk } from '@/formats/roughAsk';
import type { RoughJson } from '@/formats/roughJson';

/** What has come of the answers so far. */
export type RoughState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'working'; readonly last: RoughJson | null }
  | { readonly kind: 'done'; readonly made: RoughJson }
  | { readonly kind: 'wrong'; readonly why: string };

/** How long a keeper has stopped typing before it is worked, ms. */
const PAUSE_MS = 200;

/** Works the answers on the server each time they change, and then what could be chosen instead. */
export function useRough(ask: (RoughAsk & { readonly choices: Choices }) | null): RoughState {
  const [state, setState] = useState<RoughState>({ kind: 'idle' });
  const run = useRef(0);
  const key = ask === null ? null : JSON.stringify(ask);
  useEffect(() => {
    run.current++;
    const own = run.current;
    if (key === null) {
      setState({ kind: 'idle' });
      return;
    }
    setState((was) => ({ kind: 'working', last: was.kind === 'done' ? was.made : null }));
    const isLate = (): boolean => own !== run.current;
    const work = async (): Promise<void> => {
      const made = await post(key, false);
      if (isLate()) return;
      setState(typeof made === 'string' ? { kind: 'wrong', why: made } : { kind: 'done', made });
      if (typeof made === 'string' || made.kind !== 'fits') return;
      const whole = await post(key, true);
      if (!isLate() && typeof whole !== 'string') setState({ kind: 'done', made: whole });
    };
    const waiting = setTimeout(() => void work(), PAUSE_MS);
    return () => clearTimeout(waiting);
  }, [key]);
  return state;
}

/** The fit-out, or why there is none. */
async function post(body: string, instead: boolean): Promise<RoughJson | string> {
  try {
    const response = await fetch(`/api/rough${instead ? '?instead=1' : ''}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    const read = (await response.json()) as RoughJson & {
      issues?: readonly { text: string }[];
      title?: string;
    };
    if (response.ok) return read;
    return read.issues?.map((i) => i.text).join(' ') || read.title || 'It was refused. Try again.';
  } catch {
    return 'The server does not answer. Start it, and change an answer to try again.';
  }
}
