'use client';
import { Thermometer } from 'lucide-react';
import * as Dialog from 'radix-ui/dialog';
import { useId, useMemo, useState } from 'react';
import { type Fitted, fitLeakage, type Reading } from '@/core/air/thermometer';
import { readReadings } from '@/formats/readings';
import { withCommas } from '@/formats/tableCommas';
import { fittedLines, timesText } from '@/text/airWords';
import { issueText } from '@/text/issues';
import { useSize } from '../drawing/size';
import { CommaButtons } from '../forms/CommaButtons';
import { PickFile } from '../forms/PickFile';
import { edit, say, useBench, usePlan, useWhole } from '../session/bench';
import { ReadingsChart } from './ReadingsChart';

/** Largest record that is read, bytes. */
const MOST_BYTES = 200_000;

/** Readings typed, brought in or taken from the simulated thermometer; laid over the hours worked for them. */
export function ThermometerDialog({ close }: { close: () => void }) {
  const { id, units } = usePlan();
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const field = useId();
  const read = useMemo(
    () => (text.trim() === '' ? null : readReadings(text, units)),
    [text, units],
  );
  const asks = read?.ok === false && read.issues.find((i) => i.code === 'columns.comma');
  const fitted = useFit(read?.ok ? read.value : null);
  const take = (next: string): void => {
    setWrong(null);
    setText(next);
  };
  const open = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES)
      setWrong('That file is larger than a month of readings. Take out fewer days.');
    else take(await file.text());
  };
  const simulate = async (): Promise<void> => {
    try {
      const response = await fetch(`/api/plans/${id}/thermometer`);
      if (!response.ok) throw new Error(String(response.status));
      take(await response.text());
    } catch {
      setWrong('The simulated thermometer does not answer. Save the plan, and try again.');
    }
  };
  return (
    <Dialog.Root open onOpenChange={(now) => (now ? undefined : close())}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 flex max-h-[94vh] w-[min(52rem,96vw)] flex-col gap-3 overflow-auto border border-strong bg-raised p-5 shadow-xl">
          <div className="flex items-baseline justify-between gap-4">
            <Dialog.Title className="text-[1.3rem]">Your thermometer</Dialog.Title>
            <Dialog.Close className="button">Close</Dialog.Close>
          </div>
          <Dialog.Description className="text-soft" data-reason>
            One reading a line: time, inside, humidity inside, outdoors, humidity outdoors. As
            2027-01-12 07:00, -3, 92, -6, 88. A logger’s file may have its own order. Humidity may
            be left out.
          </Dialog.Description>
          <div className="flex flex-wrap gap-2">
            <PickFile
              name="Bring in a file"
              field="File of readings to bring in"
              accept=".csv,.txt,text/csv"
              take={(file) => void open(file)}
            />
            <button type="button" className="button" onClick={() => void simulate()}>
              <Thermometer size={15} aria-hidden /> Try the simulated one
            </button>
          </div>
          <label htmlFor={field} className="sr-only">
            Readings
          </label>
          <textarea
            id={field}
            rows={5}
            spellCheck={false}
            className="input figures shrink-0 py-1 text-[0.82rem]"
            value={text}
            aria-invalid={read !== null && !read.ok}
            onChange={(event) => take(event.currentTarget.value)}
          />
          {wrong === null && (read === null || read.ok) ? null : (
            <ul role="alert" className="list-disc pl-5 text-[0.87rem] text-oxide" data-reason>
              {(wrong === null && read && !read.ok ? read.issues.map(issueText) : [wrong]).map(
                (line) => (
                  <li key={line}>{line}</li>
                ),
              )}
            </ul>
          )}
          {asks ? (
            <CommaButtons issue={asks} answer={(commas) => take(withCommas(text, commas))} />
          ) : null}
          {fitted && read?.ok ? (
            <Result fitted={fitted} readings={read.value} close={close} />
          ) : null}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Readings laid over the plan that is open; null where there are none. */
function useFit(readings: readonly Reading[] | null): Fitted | null {
  const plan = useBench((s) => s.plan);
  const { flock } = useWhole();
  return useMemo(
    () =>
      plan === null || readings === null || readings.length === 0 || flock.climate === null
        ? null
        : fitLeakage(plan, flock, flock.climate, readings),
    [plan, flock, readings],
  );
}

function Result({
  fitted,
  readings,
  close,
}: {
  fitted: Fitted;
  readings: readonly Reading[];
  close: () => void;
}) {
  const { units } = usePlan();
  const [ref, size] = useSize<HTMLDivElement>();
  const width = Math.floor(size?.width ?? 0);
  const accept = (): void => {
    const done = edit('Gaps by the thermometer', (d) => {
      d.shell.leakTimes = Number(fitted.leakTimes.toPrecision(2));
    });
    if (!done.ok) return;
    say(`The coop has ${timesText(fitted.leakTimes)} the gaps of its build now.`);
    close();
  };
  return (
    <section className="flex flex-col gap-2" data-fitted={fitted.isBetter}>
      <div ref={ref}>
        {width > 0 ? (
          <ReadingsChart readings={readings} fitted={fitted} units={units} width={width} />
        ) : null}
      </div>
      <ul className="text-[0.95rem]" data-reason>
        {fittedLines(fitted, units).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {fitted.isBetter ? (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="button button-primary" onClick={accept}>
            Take {timesText(fitted.leakTimes)} the gaps
          </button>
          <button type="button" className="button" onClick={close}>
            Leave it as planned
          </button>
        </div>
      ) : null}
      <p className="text-[0.84rem] text-soft" data-reason>
        Wind and sun are the month’s, birds are today’s. A thermometer at the height of the bars,
        out of the sun, reads what they feel.
      </p>
    </section>
  );
}
