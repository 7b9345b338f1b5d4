'use client';
import { Printer } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { assess } from '@/core/assess';
import { parsePlan } from '@/core/edit/parse';
import { labelOf } from '@/core/measure/label';
import { settledFindings } from '@/core/measure/settled';
import { inOrder, standingOf } from '@/core/measure/standing';
import { type Tape, tapeOfRoom, tapeOfThing } from '@/core/measure/tapes';
import { ROOM_MEASURES, THING_KINDS } from '@/core/measure/things.data';
import { uncertainOf } from '@/core/measure/uncertain';
import type { Plan } from '@/core/model/schema';
import { roughBirds } from '@/formats/roughAsk';
import { climateOf } from '@/formats/weatherAnswer';
import { readFlock } from '@/text/flockWords';
import { issueText } from '@/text/issues';
import { ROOM_WORDS, THING_WORDS } from '@/text/measuring';
import { PLACE_NAMES } from '@/text/places';
import { UnitsButton } from '../forms/UnitsButton';
import { focusOn } from '../furniture/focus';
import { takeNonce } from '../furniture/nonce';
import { PageHead } from '../furniture/PageHead';
import { WeatherQuestion } from '../rough/WeatherQuestion';
import { WhoQuestion } from '../rough/WhoQuestion';
import { storeNew } from '../session/storeNew';
import { unitsToBegin } from '../units/remembered';
import { forgetTyped, keepTyped, keptTyped } from './kept';
import { MeasureField } from './MeasureField';
import { TapeDrawing } from './TapeDrawing';
import { ThingCard } from './ThingCard';
import { nothingTyped, type Read, readTyped, type Typed, withThing } from './typed';
import { Verdict } from './Verdict';
import { WhatQuestion } from './WhatQuestion';

const FRAME = { width: 460, height: 270, left: 14, right: 14, top: 14, bottom: 14 };

/** A coop that stands, measured where it stands: what it carries, and what would have to be mended. */
export function CheckScreen({ nonce, on }: { nonce: string; on: string }) {
  takeNonce(nonce);
  const router = useRouter();
  const [typed, setTyped] = useState<Typed>(() => nothingTyped('metric'));
  const [shown, setShown] = useState('room.length');
  const [failed, setFailed] = useState<string | null>(null);
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
  const { tape, how } = tapeOf(shown, typed, plan);
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
  const faults = Object.keys(read.wrong).length;
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
            <TapeDrawing
              plan={plan}
              assessment={assessment}
              tape={tape}
              how={how}
              frame={{ ...FRAME, height: 190 }}
            />
          </div>
          <form
            aria-label="Measures"
            className="flex flex-col gap-4 max-lg:order-2"
            onSubmit={(e) => {
              e.preventDefault();
              void store();
            }}
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
            <section>
              <h2 className="border-line border-b text-[1.1rem]">The room, inside</h2>
              <p className="caption mt-1">
                Rough is enough:{' '}
                {typed.units === 'metric'
                  ? '62 cm, about 60 cm, 40 to 50 cm'
                  : '24 in, about 2 ft, 16 to 20 in'}
                , knee high, three hands. Empty stays “not measured”.
              </p>
              <div className="mt-1 grid grid-cols-2 gap-2 md:grid-cols-5">
                {ROOM_MEASURES.map((spec) => (
                  <MeasureField
                    key={spec.id}
                    words={ROOM_WORDS[spec.id]}
                    value={typed.room[spec.id]}
                    units={typed.units}
                    statureM={read.statureM}
                    height={'height' in spec}
                    wrong={read.wrong[`room.${spec.id}`]}
                    shown={shown === `room.${spec.id}`}
                    show={() => setShown(`room.${spec.id}`)}
                    change={(v) => put({ room: { ...typed.room, [spec.id]: v } })}
                  />
                ))}
              </div>
            </section>
            <section>
              <h2 className="border-line border-b text-[1.1rem]">What stands in it</h2>
              <div className="mt-2 grid gap-2 md:grid-cols-2">
                {typed.things.map((thing) => {
                  const [of, measure] = shown.split('.');
                  return (
                    <ThingCard
                      key={thing.id}
                      thing={thing}
                      number={
                        typed.things.filter((t) => t.kind === thing.kind && t.id <= thing.id).length
                      }
                      units={typed.units}
                      statureM={read.statureM}
                      wrong={read.wrong}
                      shown={of === String(thing.id) ? (measure ?? null) : null}
                      show={(m) => setShown(`${thing.id}.${m}`)}
                      change={(t) =>
                        put({ things: typed.things.map((o) => (o.id === t.id ? t : o)) })
                      }
                      remove={() => {
                        put({ things: typed.things.filter((o) => o.id !== thing.id) });
                        setShown('room.length');
                      }}
                    />
                  );
                })}
              </div>
              <fieldset
                className="mt-2 flex flex-wrap items-center gap-1.5"
                aria-label="Add what stands there"
              >
                <span className="text-soft">Add</span>
                {THING_KINDS.map((kind) => (
                  <button
                    key={kind}
                    type="button"
                    className="button"
                    onClick={() => {
                      const next = withThing(typed, kind);
                      put(next);
                      const added = next.things.at(-1);
                      if (!added) return;
                      setShown(`${added.id}.${firstMeasure(kind)}`);
                      focusOn(`[data-thing-id="${added.id}"] :is(input, select)`);
                    }}
                  >
                    {THING_WORDS[kind].add}
                  </button>
                ))}
              </fieldset>
            </section>
          </form>
        </div>
        <div className="flex min-h-0 flex-col gap-3 max-lg:order-3 lg:sticky lg:top-3 lg:h-[calc(100dvh-5.5rem)]">
          <div className="max-lg:hidden">
            <TapeDrawing plan={plan} assessment={assessment} tape={tape} how={how} frame={FRAME} />
          </div>
          <div
            className="min-h-0 flex-1 lg:overflow-y-auto"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is scrolled by keys too
            tabIndex={0}
          >
            <Verdict
              plan={plan}
              assessment={assessment}
              findings={worked.findings}
              label={worked.label}
              uncertain={worked.uncertain}
              open={read.open}
            />
          </div>
          <button
            type="button"
            className="button button-primary w-full justify-center"
            onClick={() => void store()}
          >
            Take it to the bench
          </button>
          {faults > 0 ? (
            <p className="text-oxide">
              {faults === 1 ? 'One field' : `${faults} fields`} can't be read: the usual stands for{' '}
              {faults === 1 ? 'it' : 'them'}.
            </p>
          ) : null}
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

const firstMeasure = (kind: (typeof THING_KINDS)[number]): string =>
  Object.keys(THING_WORDS[kind].measures)[0] ?? '';

/** The climate as far as it can be read. */
function climateTyped({ climate, units }: Typed) {
  const read = climateOf(climate, units);
  return read.ok ? read.value : null;
}

const flockOf = (typed: Typed, on: string) =>
  readFlock(typed.birds, on, (climateTyped(typed)?.latitudeDeg ?? 0) < 0);

/** The plan of what was typed, what it comes to, and what hangs on rough measures. */
function workedOf(typed: Typed, { measured, statureM }: Read, on: string) {
  const flock = flockOf(typed, on);
  const first = flock.birds[0];
  const standing = standingOf(
    {
      id: 'check',
      name: first
        ? `${PLACE_NAMES[typed.place]} for ${typed.birds.trim().slice(0, 50)}`
        : `${PLACE_NAMES[typed.place]}, measured`,
      units: typed.units,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
      birds: roughBirds(flock),
      climate: climateTyped(typed),
    },
    measured,
  );
  const made = standing.plan;
  const plan: Plan = { ...made, keeper: { ...made.keeper, statureM } };
  const assessment = assess(plan, { on });
  return {
    plan,
    assessment,
    findings: settledFindings({ ...standing, plan }, assessment.findings, on),
    label: labelOf(plan, on),
    uncertain: uncertainOf(plan, on),
  };
}

/** Where the tape lies for the measure that has the focus, and how it is held. */
function tapeOf(shown: string, typed: Typed, plan: Plan): { tape: Tape | null; how: string } {
  const [of, measure] = shown.split('.') as [string, string];
  if (of === 'room') {
    const id = measure as (typeof ROOM_MEASURES)[number]['id'];
    return { tape: tapeOfRoom(plan, id), how: ROOM_WORDS[id].how };
  }
  const thing = typed.things.find((t) => String(t.id) === of);
  const fixture = thing && plan.fixtures[inOrder(typed.things).indexOf(thing)];
  const words = thing && THING_WORDS[thing.kind].measures[measure];
  if (!fixture || !words) return { tape: null, how: '' };
  return { tape: tapeOfThing(plan, fixture, measure), how: `${fixture.name}. ${words.how}` };
}
