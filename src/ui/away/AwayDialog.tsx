'use client';
import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import { Printer } from 'lucide-react';
import Link from 'next/link';
import { useId, useMemo, useState } from 'react';
import { wrongDates } from '@/text/awayDates';
import { awaySentence, fillsText, LOOK_IN, lastsText, limitName, mendText } from '@/text/awayWords';
import { FullDialog } from '../forms/FullDialog';
import { takeSitter } from '../furniture/takeDrawing';
import { useBench, usePlan } from '../session/bench';
import { useStores } from '../session/useStores';

const later = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), days), { representation: 'date' });

/** Leave on, back on: how long the birds can be left, what ends it, and the sitter's sheet. */
export function AwayDialog({ close }: { close: () => void }) {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const [leaves, setLeaves] = useState(() => later(on, 1));
  const [back, setBack] = useState(() => later(on, 8));
  const wrong = wrongDates(leaves, back);
  const ask = useMemo(
    () => (wrong === null ? ({ kind: 'away', plan, leaves, back } as const) : null),
    [wrong, plan, leaves, back],
  );
  const told = useStores('away', ask);
  const found = told === null || told === 'failed' ? told : told.away;
  const [taking, setTaking] = useState<'idle' | 'making' | string>('idle');
  const alert = useId();
  const take = async (): Promise<void> => {
    setTaking('making');
    setTaking((await takeSitter(plan, leaves, back)) ?? 'idle');
  };
  return (
    <FullDialog title="Days away" fit close={close}>
      <div className="flex flex-wrap gap-4">
        <DayInput label="Leave on" value={leaves} set={setLeaves} alert={alert} />
        <DayInput label="Back on" value={back} set={setBack} alert={alert} />
      </div>
      {wrong === null ? null : (
        <p id={alert} role="alert" className="text-[0.9rem] text-oxide" data-reason>
          {wrong}
        </p>
      )}
      {found === 'failed' ? (
        <p className="text-oxide">It could not be worked. Open it again.</p>
      ) : null}
      {wrong === null && found === null ? <p className="text-soft">Working thirty years…</p> : null}
      {wrong === null && found !== null && found !== 'failed' ? (
        <>
          <p className="text-[1.15rem]" data-away>
            {awaySentence(found.days, found.wanted, found.lasts[0])}
          </p>
          <ul className="flex flex-col gap-2">
            {found.lasts.map((l, i) => {
              const ends = l.days < found.wanted;
              return (
                <li
                  key={l.limit}
                  data-limit={l.limit}
                  className={`border-l-[3px] pl-3 ${ends ? (i === 0 ? 'border-oxide' : 'border-ink') : 'border-line'}`}
                >
                  <p className="flex items-baseline justify-between gap-3">
                    <span className="font-semibold">{limitName(l.limit)}</span>
                    <span className="figures" data-axis>
                      {lastsText(l, found.wanted)}
                    </span>
                  </p>
                  <svg
                    viewBox="0 0 100 3"
                    preserveAspectRatio="none"
                    className="my-1 h-[6px] w-full"
                    aria-hidden="true"
                  >
                    <rect width="100" height="3" className="fill-line" />
                    <rect
                      width={(100 * Math.min(l.days, found.wanted)) / found.wanted}
                      height="3"
                      className={ends ? (i === 0 ? 'fill-oxide' : 'fill-ink') : 'fill-verdigris'}
                    />
                  </svg>
                  {ends ? (
                    <p className="text-[0.9rem] text-soft" data-reason>
                      {mendText(l, plan.units)}
                    </p>
                  ) : null}
                </li>
              );
            })}
          </ul>
          {[...fillsText(found), LOOK_IN].map((line) => (
            <p key={line} className="text-[0.9rem]" data-reason>
              {line}
            </p>
          ))}
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="button button-primary"
              disabled={taking === 'making'}
              onClick={() => void take()}
            >
              <Printer size={15} aria-hidden />{' '}
              {taking === 'making' ? 'Making it…' : 'Sheet for the sitter (PDF)'}
            </button>
            <Link className="button" href={`/plans/${plan.id}/away?from=${leaves}&to=${back}`}>
              See it on the screen
            </Link>
          </div>
          {taking === 'idle' || taking === 'making' ? null : (
            <p role="alert" className="text-[0.87rem] text-oxide">
              {taking}
            </p>
          )}
        </>
      ) : null}
    </FullDialog>
  );
}

function DayInput({
  label,
  value,
  set,
  alert,
}: {
  label: string;
  value: string;
  set: (day: string) => void;
  alert: string;
}) {
  const id = useId();
  return (
    <div className="flex flex-col gap-0.5">
      <label htmlFor={id} className="text-[0.84rem] text-soft">
        {label}
      </label>
      <input
        id={id}
        type="date"
        className="input"
        value={value}
        aria-describedby={alert}
        onChange={(event) => set(event.currentTarget.value)}
      />
    </div>
  );
}
