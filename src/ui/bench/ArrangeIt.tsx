'use client';
import { Shuffle } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState } from 'react';
import { canBeFinished } from '@/core/edit/zones';
import type { Plan } from '@/core/model/schema';
import type { ZoneId } from '@/core/model/scope';
import { afterEdits, haunt, sessionHere, useBench, usePlan, useWhole } from '../session/bench';
import type { Search } from './Arrangements';

/** The answers come with the first search. */
const Arrangements = dynamic(() => import('./Arrangements').then((m) => m.Arrangements));

/** Searches over where everything goes, beside the page; three answers to look at, rest on and take. */
export function ArrangeIt() {
  const plan = usePlan();
  const { planned } = useWhole();
  const on = useBench((s) => s.on);
  const zone = useBench((s) => s.zone);
  const [search, setSearch] = useState<Search>({ kind: 'idle' });
  const [seed, setSeed] = useState(1);
  const stop = useRef<(() => void) | null>(null);
  const begunWith = useRef<{ readonly plan: Plan; readonly zone: ZoneId } | null>(null);
  // what was asked for before the last word is not begun any more
  const asked = useRef(0);
  useEffect(() => () => stop.current?.(), []);
  // of another plan or zone than the one that is shown no answer is offered
  useEffect(() => {
    if (begunWith.current === null) return;
    const { plan: of, zone: within } = begunWith.current;
    if (of === plan && within === zone) return;
    begunWith.current = null;
    asked.current++;
    stop.current?.();
    setSearch({ kind: 'idle' });
  }, [plan, zone]);
  if (planned === 0 || !canBeFinished(plan)) return null;
  const look = async (from: number): Promise<void> => {
    // the plan as it is now, with all edits that this has waited for
    const now = useBench.getState().plan;
    if (now === null) return;
    stop.current?.();
    const own = ++asked.current;
    begunWith.current = { plan: now, zone };
    setSeed(from);
    setSearch({ kind: 'working', told: null });
    const fail = (): void => setSearch({ kind: 'failed' });
    try {
      const { arrangeApart } = await import('@/workers/arrange.client');
      if (asked.current !== own) return;
      stop.current = arrangeApart(
        { plan: now, zone, ask: { on, seed: from, pinned: now.pinned } },
        (told) => setSearch({ kind: told.done ? 'done' : 'working', told }),
        fail,
      );
    } catch {
      if (asked.current === own) fail();
    }
  };
  // a pin that waits for the core is set before
  const begin = (from: number): void => afterEdits(() => void look(from));
  const close = (): void => {
    asked.current++;
    stop.current?.();
    haunt(null);
    setSearch({ kind: 'idle' });
  };
  const isOpen = search.kind !== 'idle';
  return (
    <>
      <button type="button" className="button" aria-expanded={isOpen} onClick={() => begin(1)}>
        <Shuffle size={15} aria-hidden /> Arrange it for me
      </button>
      {isOpen ? (
        <Arrangements
          search={search}
          again={() => begin(seed + 1)}
          close={close}
          take={(made) => {
            close();
            sessionHere().takeIn(made, 'Arrange it for me');
          }}
        />
      ) : null}
    </>
  );
}
