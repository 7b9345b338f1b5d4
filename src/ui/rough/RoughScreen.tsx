'use client';
import { ArrowLeft } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Choices } from '@/core/layout/fitOut';
import { climateById } from '@/core/weather/climate';
import type { RoughAsk } from '@/formats/roughAsk';
import { readFlock } from '@/text/flockWords';
import { takeNonce } from '../nonce';
import { ThemeButton } from '../theme/ThemeButton';
import { rememberUnits, unitsToBegin } from '../units';
import { FitOut, Miss } from './FitOut';
import { useRough } from './useRough';
import { WeatherQuestion } from './WeatherQuestion';
import { readSides, sidesOf, type Where, WhereQuestion } from './WhereQuestion';
import { WhoQuestion } from './WhoQuestion';

/** Three questions on one screen, and a whole fit-out beside them as soon as the first is answered. */
export function RoughScreen({ nonce, on }: { nonce: string; on: string }) {
  takeNonce(nonce);
  const router = useRouter();
  const [text, setText] = useState('');
  const [where, setWhere] = useState<Where>({
    kind: null,
    sides: sidesOf('shed', 'metric'),
  });
  const [climate, setClimate] = useState<string | null>(null);
  const [units, setUnits] = useState<UnitSystem>('metric');
  const [choices, setChoices] = useState<Choices>({});
  const [failed, setFailed] = useState(false);
  useEffect(() => setUnits(unitsToBegin()), []);
  const south = (climate === null ? null : (climateById(climate)?.latitudeDeg ?? 0)) ?? 0;
  const flock = useMemo(() => readFlock(text, on, south < 0), [text, on, south]);
  const ask = askOf(
    { text, where, climate, units, choices },
    flock.birds.length > 0 && flock.unread.length === 0,
  );
  const state = useRough(ask);
  const anew =
    <T,>(set: (value: T) => void) =>
    (value: T): void => {
      setChoices({});
      set(value);
    };
  const changeUnits = (): void => {
    const other = units === 'metric' ? 'imperial' : 'metric';
    setUnits(other);
    rememberUnits(other);
    if (where.kind !== null) setWhere({ ...where, sides: sidesOf(where.kind, other) });
    setChoices({});
  };
  const made = state.kind === 'done' ? state.made : state.kind === 'working' ? state.last : null;
  const canStart = made?.kind === 'fits' && state.kind === 'done';
  const start = async (): Promise<void> => {
    if (made?.kind !== 'fits') return;
    setFailed(false);
    try {
      const response = await fetch('/api/plans', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ ...made.plan, id: crypto.randomUUID(), name: nameOf(text) }),
      });
      if (!response.ok) throw new Error(String(response.status));
      router.push(`/plans/${((await response.json()) as { id: string }).id}`);
    } catch {
      setFailed(true);
    }
  };
  return (
    <main className="mx-auto flex max-w-[1280px] flex-col px-5 py-3 lg:h-dvh">
      <header className="flex items-center gap-3 border-ink border-b-2 pb-2">
        <Link href="/" className="icon-button" aria-label="All plans" title="All plans">
          <ArrowLeft size={18} aria-hidden />
        </Link>
        <h1 className="min-w-0 flex-1 text-[1.5rem] leading-none">Rough it out</h1>
        <button
          type="button"
          className="button"
          aria-label={`Units: ${units}. Change`}
          onClick={changeUnits}
        >
          {units === 'metric' ? 'm, kg' : 'ft, lb'}
        </button>
        <ThemeButton />
      </header>
      <div className="grid min-h-0 flex-1 gap-5 pt-3 lg:grid-cols-[330px_minmax(0,1fr)]">
        <form
          className="flex min-h-0 flex-col gap-4 overflow-y-auto pr-1 lg:pb-2"
          onSubmit={(event) => {
            event.preventDefault();
            void start();
          }}
          aria-label="Three questions"
        >
          <WhoQuestion text={text} flock={flock} change={anew(setText)} />
          <WhereQuestion where={where} units={units} change={anew(setWhere)} />
          <WeatherQuestion climate={climate} units={units} change={anew(setClimate)} />
          <div className="mt-auto">
            <button
              type="submit"
              className={`button w-full justify-center ${canStart ? 'button-primary' : ''}`}
              disabled={!canStart}
            >
              Take it to the bench
            </button>
            {failed ? (
              <p role="alert" className="mt-1 text-oxide">
                The server does not answer, so nothing was stored. Start it and press again.
              </p>
            ) : null}
          </div>
        </form>
        <section
          aria-label="What would stand there"
          aria-busy={state.kind === 'working'}
          data-rough={state.kind}
          className={`min-h-0 ${state.kind === 'working' ? 'opacity-70' : ''}`}
        >
          {state.kind === 'wrong' ? (
            <p role="alert" className="text-oxide">
              {state.why}
            </p>
          ) : made === null ? (
            <Nothing />
          ) : made.kind === 'fits' ? (
            <FitOut made={made} choose={setChoices} chosen={Object.keys(choices).length > 0} />
          ) : (
            <Miss
              made={made}
              units={units}
              enlarge={(sides) => setWhere({ ...where, sides: { ...where.sides, ...sides } })}
            />
          )}
        </section>
      </div>
    </main>
  );
}

/** Before anything is answered: what will come, and how to begin. */
function Nothing() {
  return (
    <div className="flex h-full flex-col items-center justify-center border border-line border-dashed px-6 py-10 text-center">
      <p className="font-title text-[1.3rem]">Say who will live in it.</p>
      <p className="mt-1 max-w-md text-soft">
        A whole fit-out is drawn here at once: bars, nests, doors, openings, feeders and drinkers,
        each with its reason. What you leave open takes the usual rule.
      </p>
    </div>
  );
}

/** The answers as they are sent; null until they can be. */
function askOf(
  {
    text,
    where,
    climate,
    units,
    choices,
  }: {
    text: string;
    where: Where;
    climate: string | null;
    units: UnitSystem;
    choices: Choices;
  },
  isRead: boolean,
): (RoughAsk & { readonly choices: Choices }) | null {
  if (!isRead) return null;
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
  const said = { birds: text, climate, units, name: nameOf(text), timeZone, choices };
  if (where.kind === null) return { ...said, space: null };
  const read = readSides(where.sides, units);
  if ('wrong' in read) return null;
  const { length, width, height } = read.m;
  return {
    ...said,
    space: { kind: where.kind, lengthM: length, widthM: width, heightM: height },
  };
}

/** A plan is called by its birds until it has a name of its own. */
const nameOf = (text: string): string => {
  const plain = text.trim().replace(/\s+/g, ' ').slice(0, 60);
  return plain === '' ? 'Roughed out' : plain.charAt(0).toUpperCase() + plain.slice(1);
};
