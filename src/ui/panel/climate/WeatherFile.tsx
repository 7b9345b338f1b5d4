'use client';
import { useEffect, useRef, useState } from 'react';
import type { Issue, Outcome } from '@/core/kernel/outcome';
import type { Commas } from '@/core/kernel/units/thousands';
import type { Plan } from '@/core/model/schema';
import { absentText } from '@/text/airWords';
import { changedText } from '@/text/changed';
import { monthsText } from '@/text/climates';
import { issueText, WEATHER_COLUMNS } from '@/text/issues';
import type { WeatherFileTold } from '@/workers/weatherFile.worker';
import { CommaButtons } from '../../forms/CommaButtons';
import { PickFile } from '../../forms/PickFile';
import { edit, inView, say, usePlan } from '../../session/bench';

type Read =
  | { readonly kind: 'none' | 'reading' }
  | {
      readonly kind: 'wrong';
      readonly file: string;
      readonly lines: readonly string[];
      /** The file, where only its commas are unclear, and what a number of it would be. */
      readonly asks?: { readonly file: File; readonly issue: Issue };
    }
  | { readonly kind: 'read'; readonly told: WeatherFileTold & { ok: true } };

/** A year of hours brought in from a file: read beside the page, told what it is, taken by a press. */
export function WeatherFile({ done }: { done: (changed: string) => void }) {
  const { climate, units } = usePlan();
  const off = useRef<(() => void) | null>(null);
  const [read, setRead] = useState<Read>({ kind: 'none' });
  useEffect(() => () => off.current?.(), []);
  const open = async (file: File, commas: Commas | null = null): Promise<void> => {
    setRead({ kind: 'reading' });
    off.current?.();
    const wrong = (lines: readonly string[], issue?: Issue): void => {
      const asks = issue?.code === 'columns.comma' ? { asks: { file, issue } } : {};
      setRead({ kind: 'wrong', file: file.name, lines, ...asks });
      say(`${file.name} was not taken. ${lines.join(' ')}`);
    };
    const fail = (): void => wrong(['It could not be read. Try again.']);
    const where = {
      latitudeDeg: climate?.latitudeDeg ?? 50,
      altitudeM: climate?.altitudeM ?? 0,
    };
    try {
      const { readWeatherApart } = await import('@/workers/weatherFile.client');
      off.current = readWeatherApart(
        { file, commas, ...where },
        (told) =>
          told.ok
            ? setRead({ kind: 'read', told })
            : wrong(told.issues.map(issueText), told.issues[0]),
        fail,
      );
    } catch {
      fail();
    }
  };
  const take = async (told: WeatherFileTold & { ok: true }): Promise<void> => {
    const before = inView();
    const taken = await keep(told);
    if (!taken.ok) {
      setRead({ kind: 'wrong', file: told.about.place, lines: taken.issues.map(issueText) });
      return;
    }
    setRead({ kind: 'none' });
    const after = inView();
    const text = before && after ? changedText(before, after, units) : '';
    say(text);
    done(text);
  };
  return (
    <div className="flex flex-col items-start gap-2 text-[0.87rem]" data-weather-file={read.kind}>
      <PickFile
        name="Bring in a weather file"
        field="Weather file to bring in"
        accept=".epw,.csv,.txt,text/csv"
        take={(file) => void open(file)}
      />
      {read.kind === 'reading' ? <p role="status">Reading it …</p> : null}
      {read.kind === 'wrong' ? (
        <div role="alert" className="text-oxide">
          <p>
            <span data-name className="break-all">
              {read.file}
            </span>{' '}
            was not taken.
          </p>
          <ul className="list-disc pl-5">
            {read.lines.map((line) => (
              <li key={line} data-reason>
                {line}
              </li>
            ))}
          </ul>
          {read.asks ? (
            <CommaButtons
              issue={read.asks.issue}
              answer={(commas) => read.asks && void open(read.asks.file, commas)}
            />
          ) : null}
        </div>
      ) : null}
      {read.kind === 'read' ? (
        <>
          <p data-read>
            <span data-name>{read.told.about.place}</span>: a whole year of hours (
            {monthsText(read.told.months, units)}).{' '}
            {absentText(
              read.told.about.absent.filter(isMissed).map((c) => WEATHER_COLUMNS[c] ?? c),
            )}{' '}
            {filledText(read.told.about.filled)}
          </p>
          <button
            type="button"
            className="button button-primary"
            onClick={() => void take(read.told)}
          >
            Use this weather
          </button>
        </>
      ) : null}
    </div>
  );
}

/** What the air is not worked without something else: humidity or dew point, one will do; pressure follows from the height. */
const isMissed = (column: string): boolean => !['rh', 'dewC', 'pressurePa'].includes(column);

const filledText = (filled: Readonly<Partial<Record<string, number>>>): string => {
  const hours = Math.max(0, ...Object.values(filled).map((n) => n ?? 0));
  if (hours === 0) return '';
  return hours === 1
    ? 'One missing hour was filled in between its neighbours.'
    : `${hours} missing hours were filled in between their neighbours.`;
};

/** Keeps the hours on the server and lets the plan go by them. */
async function keep(told: WeatherFileTold & { ok: true }): Promise<Outcome<Plan>> {
  const { about, months, packed } = told;
  const notKept: Outcome<Plan> = {
    ok: false,
    issues: [{ code: 'weather.notKept', path: [], details: {} }],
  };
  try {
    const response = await fetch('/api/weather', {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: packed,
    });
    if (!response.ok) return notKept;
    const { id } = (await response.json()) as { id: string };
    return edit('Weather file', (d) => {
      d.climate = {
        source: {
          kind: 'hours',
          name: about.place.trim().slice(0, 60) || 'Weather file',
          months: [...months],
          file: id,
        },
        latitudeDeg: about.latitudeDeg,
        altitudeM: about.altitudeM,
        exposure: d.climate?.exposure ?? 'garden',
      };
    });
  } catch {
    return notKept;
  }
}
