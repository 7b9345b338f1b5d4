'use client';
import type { Assessment } from '@/core/assess';
import type { Label } from '@/core/measure/label';
import type { Uncertain } from '@/core/measure/uncertain';
import type { Plan } from '@/core/model/schema';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { findingText, findingTitle } from '@/text/findings';
import { labelText, uncertainText } from '@/text/measuring';
import { SentenceText } from '../figure/SentenceText';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';
import { Mark } from '../marks/Mark';

/** Findings told before the bench. */
const MOST = 5;
/** Rough measures told before the bench. */
const MOST_ROUGH = 6;

/** What the coop comes to as far as it has been measured, and which measure to take better. */
export function Verdict({
  plan,
  assessment,
  findings,
  label,
  uncertain,
  open,
}: {
  plan: Plan;
  assessment: Assessment;
  /** Those that hold whatever the measures are that nobody has taken. */
  findings: Assessment['findings'];
  label: Label | null;
  uncertain: readonly Uncertain[];
  /** Measures that nobody has taken yet. */
  open: number;
}) {
  return (
    <Figures assessment={assessment} plan={plan}>
      <section aria-label="What it carries" data-verdict className="flex flex-col gap-2">
        <WorkingHost>
          <h2 className="text-[1.2rem]" data-sentence aria-live="polite">
            <SentenceText sentence={assessment.sentence} />
          </h2>
        </WorkingHost>
        {label ? (
          <p className="border-straw-line border-l-3 pl-2" data-label>
            {labelText(label)}
          </p>
        ) : null}
        {uncertain.length > 0 ? (
          <div data-uncertain>
            <h3 className="text-[1rem]">Measure these better: the answer hangs on them</h3>
            <ul className="text-[0.92rem]">
              {uncertain.slice(0, MOST_ROUGH).map((u) => (
                <li
                  key={`${u.roughly.fixture} ${u.roughly.key}`}
                  className="border-line border-b py-0.5"
                  data-name
                >
                  {uncertainText(u, plan)}
                </li>
              ))}
            </ul>
            {uncertain.length > MOST_ROUGH ? (
              <p className="caption">And {uncertain.length - MOST_ROUGH} more.</p>
            ) : null}
          </div>
        ) : null}
        {open > 0 ? (
          <p className="caption">
            {open === 1 ? 'One measure is' : `${open} measures are`} not taken yet: the usual stands
            for {open === 1 ? 'it' : 'them'}, give or take a third.
          </p>
        ) : null}
        {findings.length > 0 ? (
          <div>
            <h3 className="text-[1rem]">What to mend</h3>
            <ul className="text-[0.92rem]">
              {findings.slice(0, MOST).map((f) => (
                <li key={f.key} className="flex gap-1.5 border-line border-b py-0.5">
                  <span className="mt-[0.25em] shrink-0">
                    <Mark kind={f.severity} size={11} />
                  </span>
                  <span className="min-w-0 break-words" data-name>
                    <strong className="font-semibold">{findingTitle(f)}</strong> (
                    {SEVERITY_NAMES[f.severity]}). {findingText(f, plan, assessment.figures)}
                  </span>
                </li>
              ))}
            </ul>
            {findings.length > MOST ? (
              <p className="caption">
                And {findings.length - MOST} more, with what mends them, on the bench.
              </p>
            ) : null}
          </div>
        ) : null}
      </section>
    </Figures>
  );
}
