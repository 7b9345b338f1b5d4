import type { Assessment } from '@/core/assess';
import { pastWalls, project } from '@/core/drawing/projection';
import type { View } from '@/core/drawing/shape';
import { formatLength } from '@/core/kernel/units/length';
import type { Plan } from '@/core/model/schema';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { findingText, findingTitle } from '@/text/findings';
import { formatDay } from '@/text/format';
import { measureRows } from '@/text/measures';
import { sentenceText } from '@/text/sentence';
import { STATION_NAMES, VERDICT_NAMES } from '@/text/stations';
import { Drawing } from '../drawing/Drawing';
import { Mark } from '../marks/Mark';
import { SheetBar } from './SheetBar';

const VIEWS: readonly { view: View; name: string }[] = [
  { view: 'front', name: 'From the front' },
  { view: 'right', name: 'From the right side' },
  { view: 'above', name: 'From above' },
];
const FRAME = { width: 300, height: 200, left: 6, right: 6, top: 6, bottom: 6 };

/** What one page has room for. */
const MOST_FINDINGS = 9;
const MOST_MEASURES = 20;

/** A plan on one page of paper: drawing, sentence, staves, findings and measures. */
export function PlanSheet({ plan, assessment: a }: { plan: Plan; assessment: Assessment }) {
  const { shell, litter, units } = plan;
  const m = (metres: number): string => formatLength(metres, { units });
  const measures = measureRows(plan);
  const staves = a.staves.filter((s) => s.carries !== null || s.state === 'notEntered');
  return (
    <main className="mx-auto max-w-[56rem] px-6 py-5 text-[0.82rem] leading-snug print:max-w-none print:p-0 print:text-[8.6pt]">
      <SheetBar planId={plan.id} />
      <header className="flex items-baseline justify-between gap-4 border-ink border-b-2 pb-1">
        <h1 className="min-w-0 break-words text-[1.5rem] leading-tight print:text-[15pt]" data-name>
          {plan.name}
        </h1>
        <p className="shrink-0 text-soft">
          <time data-day={a.on}>{formatDay(a.on)}</time>
        </p>
      </header>
      <p className="mt-1.5 font-title text-[1.1rem] print:text-[11.5pt]" data-sentence>
        {sentenceText(a.sentence)}
      </p>
      <div className="mt-2 grid grid-cols-3 gap-2 max-sm:grid-cols-1">
        {VIEWS.map(({ view, name }) => (
          <figure key={view} className="border border-line">
            <svg
              viewBox={`0 0 ${FRAME.width} ${FRAME.height}`}
              className="block w-full"
              role="img"
              aria-label={`${plan.name}, ${name.toLowerCase()}`}
            >
              <Drawing
                plan={plan}
                birds={a.birds}
                projection={project(view, shell, FRAME, { past: pastWalls(view, plan) })}
              />
            </svg>
            <figcaption className="border-line border-t px-2 py-0.5 text-soft">{name}</figcaption>
          </figure>
        ))}
      </div>
      <p className="mt-1.5">
        Inside {m(shell.lengthM)} × {m(shell.widthM)}, {roofText(plan, m)}. The litter is{' '}
        {m(litter.depthM)} deep.
      </p>
      <div className="mt-2 grid grid-cols-[15rem_minmax(0,1fr)] gap-x-6 gap-y-2 max-sm:grid-cols-1">
        <section>
          <h2 className="border-line border-b text-[1rem] print:text-[10pt]">What it carries</h2>
          <p className="mt-1 text-soft">
            planned {a.planned}, today {a.today}
          </p>
          <table className="mt-1 w-full">
            <tbody>
              {staves.map((s) => (
                <tr key={s.station}>
                  <th scope="row" className="py-px text-left font-normal">
                    {STATION_NAMES[s.station]}
                  </th>
                  <td className="figures text-right">{s.carries ?? '–'}</td>
                  <td className="w-[6.6rem] pl-3">
                    <span className="flex items-center gap-1">
                      <Mark kind={s.verdict ?? 'notEntered'} size={10} />
                      {s.verdict ? VERDICT_NAMES[s.verdict] : 'not entered'}
                    </span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <Findings plan={plan} assessment={a} />
      </div>
      <section className="mt-2.5">
        <h2 className="border-line border-b text-[1rem] print:text-[10pt]">Measures</h2>
        {measures.length === 0 ? <p className="mt-1 text-soft">No fixture yet.</p> : null}
        <ul className="mt-1 columns-2 gap-6 max-sm:columns-1">
          {measures.slice(0, MOST_MEASURES).map(({ name, size, place }, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two fixtures may have one name
            <li key={i} className="mb-0.5 break-inside-avoid break-words">
              <strong className="font-semibold" data-name>
                {name}
              </strong>
              : {size}; {place}
            </li>
          ))}
        </ul>
        <More of={measures.length - MOST_MEASURES} what="fixture" />
      </section>
    </main>
  );
}

function Findings({ plan, assessment: a }: { plan: Plan; assessment: Assessment }) {
  return (
    <section>
      <h2 className="border-line border-b text-[1rem] print:text-[10pt]">What to mend</h2>
      {a.findings.length === 0 ? <p className="mt-1 text-soft">Nothing was found.</p> : null}
      <ul className="mt-1 flex flex-col gap-1">
        {a.findings.slice(0, MOST_FINDINGS).map((f) => (
          <li key={f.key} className="flex gap-1.5">
            <span className="mt-[0.2em] shrink-0">
              <Mark kind={f.severity} size={11} />
            </span>
            <span className="min-w-0 break-words" data-name>
              <strong className="font-semibold">{findingTitle(f)}</strong> (
              {SEVERITY_NAMES[f.severity]}). {findingText(f, plan, a.figures)}
            </span>
          </li>
        ))}
      </ul>
      <More of={a.findings.length - MOST_FINDINGS} what="finding" />
    </section>
  );
}

/** What the page has no room for is counted. */
function More({ of, what }: { of: number; what: string }) {
  if (of <= 0) return null;
  return (
    <p className="mt-1 text-soft">
      And {of} more {of === 1 ? what : `${what}s`}: see the plan on the screen.
    </p>
  );
}

function roofText({ shell }: Plan, m: (metres: number) => string): string {
  const { roof } = shell;
  if (roof.kind === 'flat') return `${m(roof.highM)} high under a flat roof`;
  return roof.kind === 'gable'
    ? `${m(roof.lowM)} high at the eaves and ${m(roof.highM)} at the ridge`
    : `${m(roof.lowM)} high at the low side and ${m(roof.highM)} at the ${roof.highSide}`;
}
