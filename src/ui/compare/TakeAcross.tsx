'use client';
import { ArrowRight } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useId, useMemo, useState } from 'react';
import { assess } from '@/core/assess';
import { type Crossing, crossings, takeAcross } from '@/core/compare/across';
import { parsePlan } from '@/core/edit/parse';
import { STATIONS } from '@/core/kernel/station';
import type { Plan } from '@/core/model/schema';
import { differenceLines } from '@/text/differences';
import { sentenceText } from '@/text/sentence';
import { STATION_NAMES } from '@/text/stations';
import { type Column, compareHref } from './columns';
import { type Stored, storeOver } from './storeOver';

/** One fixture or one station taken from one plan into another, stored at once and undone by one press. */
export function TakeAcross({ columns }: { columns: readonly Column[] }) {
  const router = useRouter();
  const [letters, setLetters] = useState({ into: 'A', from: 'B' });
  const [done, setDone] = useState<{ said: string; before: Plan; revision: number } | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [rested, setRested] = useState<readonly Crossing[] | null>(null);
  const [busy, setBusy] = useState(false);
  const into = columns.find((c) => c.letter === letters.into) ?? columns[0];
  const from =
    columns.find((c) => c.letter === letters.from && c !== into) ?? columns.find((c) => c !== into);
  const list = useMemo(() => (into && from ? crossings(into.own, from.own) : []), [into, from]);
  const would = useMemo(
    () =>
      rested && into && from ? sentenceOf(into, takeAcross(into.own, from.own, rested)) : null,
    [rested, into, from],
  );
  // other plans in the columns: what was done to those before is no longer to be undone from here
  const standing = compareHref(columns.map((c) => c.plan.id));
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is the plans that matter
  useEffect(() => setDone(null), [standing]);
  if (!into || !from) return null;
  const put = async (plan: Plan, at: number, said: string): Promise<Stored> => {
    setBusy(true);
    const stored = await storeOver(plan, at, said);
    setBusy(false);
    setWrong(stored.ok ? null : stored.why);
    if (stored.ok || stored.meanwhile) router.refresh();
    return stored;
  };
  const take = async (taken: readonly Crossing[], name: string): Promise<void> => {
    const said = `${name} from ${from.plan.name}`;
    const onto = async (plan: Plan, at: number): Promise<Stored | null> => {
      const next = parsePlan(takeAcross(plan, from.own, taken));
      if (next.ok) return put(next.value, at, said);
      setWrong(`${name} cannot stand in ${into.letter} by itself. Take its whole station instead.`);
      return null;
    };
    let before = into.own;
    let stored = await onto(before, into.revision);
    // what was done elsewhere meanwhile stays: this is taken into the plan as it is by now
    if (stored && !stored.ok && stored.meanwhile) {
      before = stored.meanwhile.plan;
      stored = await onto(before, stored.meanwhile.revision);
    }
    setRested(null);
    if (stored?.ok) {
      setDone({
        said: `${name} is taken into ${into.letter}.`,
        before,
        revision: stored.revision,
      });
    }
  };
  const undo = async (): Promise<void> => {
    if (!done) return;
    const stored = await put(done.before, done.revision, 'Undo');
    if (stored.ok) setDone(null);
    else if (stored.meanwhile) {
      // it would undo what was done elsewhere, too
      setDone(null);
      setWrong(
        'The plan was changed elsewhere since, so this is not undone here. Undo it on the bench.',
      );
    }
  };
  const stations = [...STATIONS, null].filter((id) => list.some((c) => c.station === id));
  return (
    <section aria-labelledby="compare-take" className="mt-5 pb-10" data-take>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2 border-line border-b pb-1">
        <h2 id="compare-take" className="text-[1.15rem]">
          What differs, and what to take
        </h2>
        <Direction columns={columns} into={into.letter} from={from.letter} change={setLetters} />
      </div>
      <div role="status" className="min-h-[1.9rem] py-1 text-[0.92rem]">
        {done ? (
          <span className="flex flex-wrap items-center gap-2">
            {done.said}
            <button type="button" className="button" disabled={busy} onClick={() => void undo()}>
              Undo
            </button>
          </span>
        ) : would === null ? null : (
          <span className="text-soft">
            {into.letter} would be: {would}
          </span>
        )}
      </div>
      {wrong === null ? null : (
        <p role="alert" className="text-oxide">
          {wrong}
        </p>
      )}
      {list.length === 0 ? <p className="text-soft">The two are alike.</p> : null}
      {list.some((c) => c.change === 'changed') ? (
        <p className="caption">
          Values as they are in {into.letter} → in {from.letter}.
        </p>
      ) : null}
      <div className="grid gap-x-8 lg:grid-cols-2">
        {stations.map((station) => {
          const own = list.filter((c) => c.station === station);
          const name = station === null ? 'House rules' : STATION_NAMES[station];
          return (
            <section key={name} className="mt-2 min-w-0" data-take-station={station ?? 'rules'}>
              <div className="flex items-center gap-3">
                <h3 className="text-[1rem]">{name}</h3>
                {own.length > 1 ? (
                  <Take
                    name={`All of ${name}`}
                    label={`All of ${name}: take into ${into.letter}`}
                    busy={busy}
                    rest={(on) => setRested(on ? own : null)}
                    act={() => void take(own, `All of ${name}`)}
                  />
                ) : null}
              </div>
              <ul>
                {differenceLines(own, from.plan).map(({ what, how }, i) => {
                  const one = own[i];
                  if (!one) return null;
                  return (
                    <li
                      key={`${one.part} ${one.id}`}
                      className="flex items-start justify-between gap-3 border-line border-b py-1 text-[0.93rem]"
                    >
                      <span className="min-w-0 break-words" data-name>
                        <strong className="font-semibold">{what}</strong>:{' '}
                        {whereOf(one, how, into, from)}
                      </span>
                      <Take
                        name="Take"
                        label={`${what}: take into ${into.letter}`}
                        busy={busy}
                        rest={(on) => setRested(on ? [one] : null)}
                        act={() => void take([one], what)}
                      />
                    </li>
                  );
                })}
              </ul>
            </section>
          );
        })}
      </div>
    </section>
  );
}

/** Where a thing stands that only one of the two has. */
const whereOf = ({ change }: Crossing, how: string, into: Column, from: Column): string =>
  change === 'changed' ? how : `only in ${change === 'added' ? from.letter : into.letter}`;

const sentenceOf = ({ on }: Column, plan: Plan): string =>
  sentenceText(assess(plan, { on, lean: true }).sentence);

function Take({
  name,
  label,
  busy,
  rest,
  act,
}: {
  name: string;
  label: string;
  busy: boolean;
  rest: (on: boolean) => void;
  act: () => void;
}) {
  return (
    <button
      type="button"
      className="button shrink-0"
      aria-label={label}
      disabled={busy}
      onPointerEnter={() => rest(true)}
      onPointerLeave={() => rest(false)}
      onFocus={() => rest(true)}
      onBlur={() => rest(false)}
      onClick={act}
    >
      {name}
    </button>
  );
}

/** From which plan into which. */
function Direction({
  columns,
  into,
  from,
  change,
}: {
  columns: readonly Column[];
  into: string;
  from: string;
  change: (letters: { into: string; from: string }) => void;
}) {
  const id = useId();
  const ways = columns.flatMap((a) =>
    columns.filter((b) => b !== a).map((b) => ({ from: a.letter, into: b.letter })),
  );
  return (
    <div className="flex items-center gap-2 text-[0.92rem]">
      <label htmlFor={id} className="flex items-center gap-1 text-soft">
        From one into another <ArrowRight size={14} aria-hidden />
      </label>
      <select
        id={id}
        className="input w-auto"
        value={`${from}${into}`}
        onChange={(e) => change({ from: e.target.value.charAt(0), into: e.target.value.charAt(1) })}
      >
        {ways.map((w) => (
          <option key={`${w.from}${w.into}`} value={`${w.from}${w.into}`}>
            from {w.from} into {w.into}
          </option>
        ))}
      </select>
    </div>
  );
}
