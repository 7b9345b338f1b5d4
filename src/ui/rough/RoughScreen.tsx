'use client';
import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Choices } from '@/core/layout/fitOut';
import { climateById } from '@/core/weather/climate';
import type { RoughAsk } from '@/formats/roughAsk';
import { climateOf, type WeatherAnswer } from '@/formats/weatherAnswer';
import { readFlock } from '@/text/flockWords';
import { UnitsButton } from '../forms/UnitsButton';
import { takeNonce } from '../furniture/nonce';
import { PageHead } from '../furniture/PageHead';
import { storeNew } from '../session/storeNew';
import { unitsToBegin } from '../units/remembered';
import { FitOut, Miss } from './FitOut';
import { useRough } from './useRough';
import { WeatherQuestion } from './WeatherQuestion';
import { readSides, sidesOf, type Where, WhereQuestion } from './WhereQuestion';
import { WhoQuestion } from './WhoQuestion';

/** The three questions as a page of their own. */
export function RoughScreen({ nonce, on }: { nonce: string; on: string }) {
  takeNonce(nonce);
  const main = useRef<HTMLElement>(null);
  // who came by keys or mouse types at once; on a phone no keyboard comes up before it is asked for
  useEffect(() => {
    if (window.matchMedia?.('(pointer: fine)').matches)
      main.current?.querySelector('input')?.focus();
  }, []);
  return (
    <main ref={main} className="mx-auto flex max-w-[1280px] flex-col px-5 py-3 lg:h-dvh">
      <RoughQuestions on={on} head={(units) => <PageHead title="Rough it out">{units}</PageHead>} />
    </main>
  );
}

/** Three questions on one screen, and a whole fit-out beside them as soon as the first is answered. */
export function RoughQuestions({
  on,
  head,
}: {
  on: string;
  /** What stands above them, with the button that changes the units. */
  head: (units: ReactNode) => ReactNode;
}) {
  const router = useRouter();
  const [text, setText] = useState('');
  const [where, setWhere] = useState<Where>({
    kind: null,
    sides: sidesOf('shed', 'metric'),
  });
  const [climate, setClimate] = useState<WeatherAnswer>(null);
  const [units, setUnits] = useState<UnitSystem>('metric');
  const [choices, setChoices] = useState<Choices>({});
  const [failed, setFailed] = useState(false);
  useEffect(() => setUnits(unitsToBegin()), []);
  const south = typeof climate === 'string' ? (climateById(climate)?.latitudeDeg ?? 0) : 0;
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
  const changeUnits = (other: UnitSystem): void => {
    setUnits(other);
    if (where.kind !== null) setWhere({ ...where, sides: sidesOf(where.kind, other) });
    setChoices({});
  };
  const made = state.kind === 'done' ? state.made : state.kind === 'working' ? state.last : null;
  const canStart = made?.kind === 'fits' && state.kind === 'done';
  const start = async (): Promise<void> => {
    if (made?.kind !== 'fits') return;
    const stored = await storeNew({ ...made.plan, id: crypto.randomUUID(), name: nameOf(text) });
    setFailed(!stored.ok);
    if (stored.ok) router.push(stored.href);
  };
  return (
    <>
      {head(<UnitsButton units={units} change={changeUnits} />)}
      <div className="grid min-h-0 flex-1 gap-5 pt-3 lg:grid-cols-[330px_minmax(0,1fr)]">
        <form
          className="flex min-h-0 flex-col gap-4 overflow-y-auto pr-1 lg:pb-2"
          onSubmit={(event) => {
            event.preventDefault();
            void start();
          }}
          aria-label="Three questions"
        >
          <WhoQuestion number={1} text={text} flock={flock} change={anew(setText)} />
          <WhereQuestion where={where} units={units} change={anew(setWhere)} />
          <WeatherQuestion number={3} climate={climate} units={units} change={anew(setClimate)} />
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
    </>
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
    climate: WeatherAnswer;
    units: UnitSystem;
    choices: Choices;
  },
  isRead: boolean,
): (RoughAsk & { readonly choices: Choices }) | null {
  if (!isRead) return null;
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
  // months that cannot be read yet are told of beside them, and not sent
  if (!climateOf(climate, units).ok) return null;
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
