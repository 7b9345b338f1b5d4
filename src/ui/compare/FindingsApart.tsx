'use client';
import { findingsApart } from '@/core/compare/findings';
import type { Finding } from '@/core/kernel/finding';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { findingText, findingTitle } from '@/text/findings';
import { Mark } from '../marks/Mark';
import type { Column } from './columns';

/** What is found in each plan and not in the first, and the other way round. */
export function FindingsApart({ columns }: { columns: readonly Column[] }) {
  const [first, ...rest] = columns;
  if (!first) return null;
  return (
    <section aria-labelledby="compare-findings" className="mt-5">
      <h2 id="compare-findings" className="border-line border-b text-[1.15rem]">
        Findings
      </h2>
      {rest.map((column) => {
        const { come, gone, stay } = findingsApart(
          first.assessment.findings,
          column.assessment.findings,
        );
        return (
          <div key={column.letter} className="mt-2" data-findings={column.letter}>
            <h3 className="text-[1rem]">
              {column.letter} against {first.letter}
            </h3>
            <div className="mt-1 grid gap-x-6 gap-y-2 md:grid-cols-2">
              <List
                title={`Mended in ${column.letter}`}
                none={`Nothing that is wrong in ${first.letter} is mended.`}
                findings={gone}
                of={first}
              />
              <List
                title={`New in ${column.letter}`}
                none={`Nothing is wrong that is not wrong in ${first.letter}.`}
                findings={come}
                of={column}
              />
            </div>
            <p className="caption mt-1">
              {stay === 0 ? 'Nothing is wrong in both.' : `${stay} found in both.`}
            </p>
          </div>
        );
      })}
    </section>
  );
}

function List({
  title,
  none,
  findings,
  of,
}: {
  title: string;
  none: string;
  findings: readonly Finding[];
  of: Column;
}) {
  return (
    <div>
      <h4 className="text-[0.95rem] text-soft">
        {title}
        {findings.length > 0 ? ` (${findings.length})` : ''}
      </h4>
      {findings.length === 0 ? <p className="text-soft">{none}</p> : null}
      <ul className="mt-0.5 flex flex-col gap-1">
        {findings.map((f) => (
          <li key={f.key}>
            <details>
              <summary className="flex items-start gap-1.5 max-lg:min-h-[44px]">
                <span className="mt-[0.25em] shrink-0">
                  <Mark kind={f.severity} size={12} />
                </span>
                <span>
                  {findingTitle(f)}{' '}
                  <span className="text-soft">({SEVERITY_NAMES[f.severity]})</span>
                </span>
              </summary>
              <p className="pl-5 text-[0.92rem] text-soft" data-name>
                {findingText(f, of.plan, of.assessment.figures)}
              </p>
            </details>
          </li>
        ))}
      </ul>
    </div>
  );
}
