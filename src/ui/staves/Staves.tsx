'use client';
import type { KeyboardEvent } from 'react';
import type { Stave } from '@/core/assess';
import { verdictOf } from '@/core/carrying/verdict';
import type { Finding } from '@/core/kernel/finding';
import { ZONES } from '@/core/model/scope';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { formatComingDay } from '@/text/format';
import { STATION_NAMES, VERDICT_NAMES } from '@/text/stations';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { Mark, type MarkKind } from '../marks/Mark';
import {
  goTo,
  useAssessment,
  useBench,
  useFindingSay,
  usePlan,
  useWhole,
  viewZone,
} from '../session/bench';
import { CHALK_AT, FILLS, railOf, todayAt } from './rail';
import { SeasonRails, shortSeason } from './SeasonRails';

/** The stations in the order the work is done: a chart of what each carries, and the way to each. */
export function Staves() {
  const assessment = useAssessment();
  const { staves, planned, today } = assessment;
  const station = useBench((s) => s.station);
  const move = (event: KeyboardEvent<HTMLElement>): void => {
    const doors = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-door]')];
    const at = doors.indexOf(document.activeElement as HTMLElement);
    const next = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: -1 }[event.key];
    if (at < 0 || next === undefined) return;
    event.preventDefault();
    doors.at(next % doors.length)?.focus();
  };
  return (
    <nav
      aria-label="Stations"
      data-letters
      className="relative flex flex-col overflow-y-auto border-line border-r px-4 py-3 max-lg:flex-1 max-lg:border-r-0 max-lg:group-data-[pane=coop]/main:hidden"
      onKeyDown={move}
    >
      <ZoneToggle />
      {planned > 0 ? (
        <WorkingHost className="mb-2 flex items-baseline justify-between gap-2 text-[0.87rem]">
          <span className="text-chalk">
            planned <Figure id="coop.planned" bare className="figures font-semibold" />
          </span>
          <span className="text-soft">
            today <Figure id="coop.today" bare className="figures" />
          </span>
        </WorkingHost>
      ) : null}
      <ul className="flex flex-col">
        {staves.map((stave) => (
          <li key={stave.station}>
            <Row stave={stave} on={stave.station === station} planned={planned} today={today} />
          </li>
        ))}
      </ul>
    </nav>
  );
}

/** Where a partition makes two coops of one: which of them is in view, each with its birds. */
function ZoneToggle() {
  const { zones } = useWhole();
  const { partition } = usePlan();
  const zone = useBench((s) => s.zone);
  if (zones === null || partition === null) return null;
  const names = partition.axis === 'x' ? ['Left', 'Right'] : ['Front', 'Rear'];
  return (
    <fieldset className="mb-2 grid grid-cols-2 border border-strong" data-zones>
      <legend className="sr-only">Zone in view</legend>
      {ZONES.map((id, i) => (
        <button
          key={id}
          type="button"
          aria-pressed={zone === id}
          onClick={() => viewZone(id)}
          className={`px-2 py-1 text-[0.9rem] max-lg:min-h-[44px] ${zone === id ? 'bg-chalk text-raised' : 'bg-raised hover:text-chalk'}`}
        >
          {names[i]}
        </button>
      ))}
    </fieldset>
  );
}

function Row({
  stave,
  on,
  planned,
  today,
}: {
  stave: Stave;
  on: boolean;
  planned: number;
  today: number;
}) {
  const { findings, brooder } = useAssessment();
  const ghost = useBench((s) => s.ghost?.rails[stave.station] ?? null);
  const worst = findings.find((f) => f.station === stave.station);
  // the brooder's rail has a chalk line of its own: its chicks
  const own = stave.station === 'brooder';
  const carries = own ? brooder.carries : stave.carries;
  const line = own ? brooder.chicks : planned;
  const verdict = own && carries !== null ? verdictOf(carries, line) : stave.verdict;
  const told = { ...stave, verdict };
  const short = carries === null && stave.station !== 'flock' && stave.station !== 'shell';
  return (
    <WorkingHost
      className={`relative -mx-4 border-l-3 px-[13px] py-[6px] max-lg:min-h-[52px] max-lg:py-3 ${on ? 'border-chalk bg-raised' : 'border-transparent hover:bg-raised/60'}`}
      workingClassName="-mx-2"
    >
      <div className="flex items-baseline justify-between gap-2">
        <button
          type="button"
          data-door
          data-station={stave.station}
          aria-current={on ? 'page' : undefined}
          onClick={() => goTo(stave.station)}
          className="flex-1 text-left font-medium font-title text-[1.02rem] before:absolute before:inset-0 hover:text-chalk"
        >
          {STATION_NAMES[stave.station]}
        </button>
        <span className="relative flex items-center gap-x-1.5 text-[0.8rem] text-soft">
          {short ? <State stave={told} worst={worst} /> : <Amount stave={stave} />}
        </span>
      </div>
      {carries !== null && line > 0 && stave.seasons ? (
        <SeasonRails seasons={stave.seasons} planned={line} ghost={ghost} on={on} />
      ) : carries !== null && line > 0 ? (
        <RailChart
          carries={carries}
          planned={line}
          today={own ? 0 : today}
          verdict={verdict}
          ghost={ghost}
        />
      ) : null}
      {short ? null : (
        <p className="pointer-events-none relative mt-0.5 flex flex-wrap items-center gap-x-1.5 text-[0.8rem] text-soft">
          <State stave={told} worst={worst} />
        </p>
      )}
    </WorkingHost>
  );
}

function Amount({ stave }: { stave: Stave }) {
  const { figures, planned } = useAssessment();
  if (stave.carries !== null)
    return (
      <>
        <Figure id={`${stave.station}.capacity`} bare className="figures text-[1rem] text-ink" />
        {stave.orMore ? ' or more' : null}
      </>
    );
  if (stave.station === 'brooder' && figures.get('brooder.capacity'))
    return <Figure id="brooder.capacity" bare className="figures text-[1rem] text-ink" />;
  if (stave.station === 'flock' && planned > 0)
    return <Figure id="coop.planned" className="figures text-[0.9rem]" />;
  if (stave.station === 'shell' && figures.get('floor.inside'))
    return <Figure id="floor.inside" className="figures text-[0.9rem]" />;
  return null;
}

function State({ stave, worst }: { stave: Stave; worst: Finding | undefined }) {
  const say = useFindingSay();
  const { planned } = useAssessment();
  const kind = markOf(stave, worst?.severity);
  if (stave.verdict) {
    return (
      <>
        <Mark kind={kind} size={12} />
        <span
          className={
            stave.verdict === 'short'
              ? 'font-semibold text-oxide'
              : stave.verdict === 'ample'
                ? 'text-verdigris'
                : ''
          }
        >
          {VERDICT_NAMES[stave.verdict]}
          {stave.seasons && stave.verdict === 'short' ? ` ${shortSeason(stave.seasons)}` : ''}
        </span>
        <Later stave={stave} />
        {worst?.severity === 'harm' ? (
          <span className="ml-auto flex items-center gap-1 text-oxide">
            <Mark kind="harm" size={11} /> {SEVERITY_NAMES.harm}
          </span>
        ) : null}
        {worst?.severity === 'short' && stave.verdict !== 'short' ? (
          <span className="order-last flex basis-full items-center gap-1 text-oxide">
            <Mark kind="short" size={11} /> {say.title(worst)}
          </span>
        ) : null}
      </>
    );
  }
  if (stave.state === 'notEntered') {
    return (
      <>
        <Mark kind="notEntered" size={12} /> not entered
      </>
    );
  }
  if (worst) {
    return (
      <>
        <Mark kind={worst.severity} size={12} /> {SEVERITY_NAMES[worst.severity]}
      </>
    );
  }
  if (stave.station === 'flock' && planned === 0) return <>no birds yet</>;
  return null;
}

/** Enough today but not later: from when. */
function Later({ stave }: { stave: Stave }) {
  const { on } = useAssessment();
  if (stave.shortFrom === null || stave.shortFrom <= on) return null;
  return (
    <span className="order-last basis-full">
      from <time data-day={stave.shortFrom}>{formatComingDay(stave.shortFrom, on)}</time>
      {stave.shortTill ? (
        <>
          {' '}
          until <time data-day={stave.shortTill}>{formatComingDay(stave.shortTill, on)}</time>
        </>
      ) : null}
    </span>
  );
}

const markOf = (stave: Stave, severity: Finding['severity'] | undefined): MarkKind =>
  stave.verdict ?? severity ?? 'none';

function RailChart({
  carries,
  planned,
  today,
  verdict,
  ghost,
}: {
  carries: number;
  planned: number;
  today: number;
  verdict: Stave['verdict'];
  /** Birds it would carry by what is rested on. */
  ghost: number | null;
}) {
  const rail = railOf(carries, planned);
  const now = todayAt(today, planned);
  return (
    <div
      className="pointer-events-none relative mt-1.5 h-[14px]"
      aria-hidden="true"
      data-rail
      data-length={rail.length}
    >
      <div className="absolute inset-x-0 top-[4px] h-[6px] bg-sunk" />
      <div
        className={`absolute top-[4px] left-0 h-[6px] transition-[width] duration-200 ${FILLS[verdict ?? 'enough']}`}
        style={{ width: `${rail.length * 100}%` }}
      />
      {ghost === null || ghost === carries ? null : (
        <div
          className="absolute top-[2px] left-0 h-[10px] border border-chalk border-dashed bg-chalk-soft/50"
          style={{ width: `${railOf(ghost, planned).length * 100}%` }}
          data-ghost-rail={ghost}
        />
      )}
      {rail.broken ? (
        <svg
          className="absolute top-[1px]"
          style={{ left: `calc(${rail.length * 100}% - 9px)` }}
          width="12"
          height="12"
          viewBox="0 0 12 12"
          role="presentation"
        >
          <path d="M2 12L6 0M6 12L10 0" className="stroke-paper" strokeWidth="2" />
        </svg>
      ) : null}
      {now === null ? null : (
        <div
          className="absolute inset-y-0 w-px bg-chalk-faint"
          style={{ left: `${Math.min(100, now * 100)}%` }}
        />
      )}
      <div
        className="absolute -inset-y-0.5 w-[2px] bg-chalk"
        style={{ left: `${CHALK_AT * 100}%` }}
        data-chalk
      />
    </div>
  );
}
