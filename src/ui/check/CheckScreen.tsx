'use client';
import { Printer } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type KeyboardEvent, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { parsePlan } from '@/core/edit/parse';
import type { Plan } from '@/core/model/schema';
import { issueText } from '@/text/issues';
import { UnitsButton } from '../forms/UnitsButton';
import { takeNonce } from '../furniture/nonce';
import { PageHead } from '../furniture/PageHead';
import { WeatherQuestion } from '../rough/WeatherQuestion';
import { WhoQuestion } from '../rough/WhoQuestion';
import { storeNew } from '../session/storeNew';
import { unitsToBegin } from '../units/remembered';
import { forgetTyped, keepTyped, keptTyped } from './kept';
import { RoomQuestion } from './RoomQuestion';
import { flockOf, tapeOf, workedOf } from './standing';
import { TapeDrawing } from './TapeDrawing';
import { ThingsQuestion } from './ThingsQuestion';
import { nothingTyped, readTyped, type Typed } from './typed';
import { Verdict } from './Verdict';
import { WhatQuestion } from './WhatQuestion';

const FRAME = { width: 460, height: 270, left: 14, right: 14, top: 14, bottom: 14 };

/** A coop that stands, measured where it stands: what it carries, and what would have to be mended. */
export function CheckScreen({ nonce, on }: { nonce: string; on: string }) {
  takeNonce(nonce);
  const [typed, setTyped] = useState<Typed>(() => nothingTyped('metric'));
  const [shown, show] = useState('room.length');
  // what was typed in the coop is there again after the phone has slept
  useEffect(() => setTyped(keptTyped() ?? nothingTyped(unitsToBegin())), []);
  const put = (part: Partial<Typed>): void => {
    const next = { ...typed, ...part };
    setTyped(next);
    keepTyped(next);
  };
  const settled = useDeferredValue(typed);
  const read = useMemo(() => readTyped(settled), [settled]);
  const worked = useMemo(() => workedOf(settled, read, on), [settled, read, on]);
  const { plan, assessment } = worked;
  const flock = useMemo(() => flockOf(typed, on), [typed, on]);
  const tape = { plan, assessment, ...tapeOf(shown, typed, plan) };
  const { store, failed } = useStore(plan);
  const measuring = { typed, read, put, shown, show };
  return (
    <main className="mx-auto max-w-[1280px] px-5 py-3 max-lg:px-3">
      <PageHead title="Check a coop that stands">
        <Link href={`/check/sheet?units=${typed.units}`} className="button max-sm:hidden">
          <Printer size={15} aria-hidden /> Blank sheet
        </Link>
        <UnitsButton units={typed.units} change={(units) => put({ units })} />
      </PageHead>
      <div className="grid gap-5 pt-3 lg:grid-cols-[minmax(0,1fr)_500px]">
        <div className="flex flex-col gap-3 max-lg:contents">
          <div className="top-0 z-10 bg-paper max-lg:sticky max-lg:order-1 max-lg:-mx-3 max-lg:px-3 max-lg:pt-1 lg:hidden">
            <TapeDrawing {...tape} frame={{ ...FRAME, height: 190 }} />
          </div>
          <form
            aria-label="Measures"
            className="flex flex-col gap-4 max-lg:order-2"
            onKeyDown={onEnter(store)}
            onSubmit={(e) => e.preventDefault()}
          >
            <div className="grid gap-4 md:grid-cols-2">
              <WhoQuestion text={typed.birds} flock={flock} change={(birds) => put({ birds })} />
              <WeatherQuestion
                climate={typed.climate}
                units={typed.units}
                change={(climate) => put({ climate })}
              />
            </div>
            <WhatQuestion typed={typed} read={read} put={put} />
            <RoomQuestion {...measuring} />
            <ThingsQuestion {...measuring} />
          </form>
        </div>
        <div className="flex min-h-0 flex-col gap-3 max-lg:order-3 lg:sticky lg:top-3 lg:h-[calc(100dvh-5.5rem)]">
          <div className="max-lg:hidden">
            <TapeDrawing {...tape} frame={FRAME} />
          </div>
          <div
            className="min-h-0 flex-1 lg:overflow-y-auto"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is scrolled by keys too
            tabIndex={0}
          >
            <Verdict {...worked} open={read.open} />
          </div>
          <button
            type="button"
            className="button button-primary w-full justify-center"
            title="Ctrl Enter, from any field"
            aria-keyshortcuts="Control+Enter"
            onClick={store}
          >
            Take it to the bench
          </button>
          <Faults count={Object.keys(read.wrong).length} />
          {failed === null ? null : (
            <p role="alert" className="text-oxide">
              {failed}
            </p>
          )}
        </div>
      </div>
    </main>
  );
}

/** Enter goes on from measure to measure, as the tape does; with Ctrl the coop goes to the bench from any field. */
const onEnter =
  (store: () => void) =>
  (e: KeyboardEvent<HTMLFormElement>): void => {
    const from = e.target as HTMLElement;
    if (e.key !== 'Enter' || from.tagName === 'BUTTON') return;
    e.preventDefault();
    if (e.ctrlKey || e.metaKey) {
      store();
      return;
    }
    const fields = [...e.currentTarget.querySelectorAll<HTMLElement>('input, select')];
    const seen = fields.filter((f) => f.offsetParent !== null);
    seen[seen.indexOf(from) + 1]?.focus();
  };

/** Stores what was measured as a plan and opens it; told in words where it cannot. */
function useStore(plan: Plan): { store: () => void; failed: string | null } {
  const router = useRouter();
  const [failed, setFailed] = useState<string | null>(null);
  const store = async (): Promise<void> => {
    setFailed(null);
    const parsed = parsePlan({ ...plan, id: crypto.randomUUID() });
    if (!parsed.ok) {
      setFailed(parsed.issues[0] ? issueText(parsed.issues[0]) : 'This makes no plan yet.');
      return;
    }
    const stored = await storeNew(parsed.value);
    if (stored.ok) {
      forgetTyped();
      router.push(stored.href);
    } else {
      setFailed(
        'The server does not answer. What you typed is kept here: start it, and press again.',
      );
    }
  };
  return { store: () => void store(), failed };
}

const Faults = ({ count }: { count: number }) =>
  count === 0 ? null : (
    <p className="text-oxide">
      {count === 1 ? 'One field' : `${count} fields`} can't be read: the usual stands for{' '}
      {count === 1 ? 'it' : 'them'}.
    </p>
  );
