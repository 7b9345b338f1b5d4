'use client';
import Link from 'next/link';
import { useId } from 'react';
import { SentenceText } from '../figure/SentenceText';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';
import { type Column, LABEL, LETTER_FILLS, ROW } from './columns';

/** A plan as the list has it. */
export interface Listed {
  readonly id: string;
  readonly name: string;
  /** What it shares with its variants. */
  readonly family: string;
}

/** Which plans stand side by side, each with its sentence. */
export function Heads({
  columns,
  all,
  go,
  most,
}: {
  columns: readonly Column[];
  all: readonly Listed[];
  go: (ids: readonly string[]) => void;
  most: number;
}) {
  const ids = columns.map((c) => c.plan.id);
  const left = all.filter((p) => !ids.includes(p.id));
  const family = all.find((p) => p.id === ids[0])?.family;
  return (
    <section aria-label="The plans" className={`${ROW} gap-y-2 py-3`}>
      <div className={LABEL}>
        {columns.length < most && left.length > 0 ? (
          <Choose
            label={columns.length === 0 ? 'A plan' : 'Set beside them'}
            chosen=""
            plans={left}
            family={family}
            choose={(id) => go([...ids, id])}
          />
        ) : null}
      </div>
      {columns.map((column, i) => (
        <article key={column.plan.id} data-column={column.letter} className="min-w-0">
          <div className="flex items-end gap-2">
            <Letter of={column.letter} />
            <div className="min-w-0 flex-1">
              <Choose
                label={`Plan ${column.letter}`}
                chosen={column.plan.id}
                plans={all.filter((p) => p.id === column.plan.id || left.includes(p))}
                family={family}
                choose={(id) => go(id === '' ? without(ids, i) : ids.with(i, id))}
                {...(columns.length > 1 ? { none: 'take it away' } : {})}
              />
            </div>
          </div>
          <Figures assessment={column.assessment} plan={column.plan}>
            <WorkingHost className="mt-1">
              <p className="font-title text-[1.02rem]" data-sentence>
                <SentenceText sentence={column.assessment.sentence} />
              </p>
            </WorkingHost>
          </Figures>
          <Link
            href={`/plans/${column.plan.id}`}
            className="inline-flex min-h-[24px] items-center text-[0.9rem] text-chalk underline max-lg:min-h-[44px]"
          >
            Open {column.letter} on the bench
          </Link>
        </article>
      ))}
    </section>
  );
}

const without = (ids: readonly string[], i: number): string[] => ids.filter((_, k) => k !== i);

/** The letter that a plan goes by here, in its own fill. */
export const Letter = ({ of }: { of: string }) => (
  <span className="inline-flex items-center gap-1.5 self-center font-semibold font-title">
    <span className={`inline-block size-3 ${LETTER_FILLS[of] ?? ''}`} aria-hidden />
    {of}
  </span>
);

/** A plan to choose: those of one family first. */
function Choose({
  label,
  chosen,
  plans,
  family,
  none = null,
  choose,
}: {
  label: string;
  chosen: string;
  plans: readonly Listed[];
  family: string | undefined;
  none?: string | null;
  choose: (id: string) => void;
}) {
  const id = useId();
  const own = plans.filter((p) => p.family === family);
  const strange = plans.filter((p) => p.family !== family);
  return (
    <>
      <label htmlFor={id} className="caption block">
        {label}
      </label>
      <select
        id={id}
        className="input truncate"
        value={chosen}
        onChange={(e) => choose(e.target.value)}
      >
        {chosen === '' ? <option value="">choose a plan</option> : null}
        {own.length > 0 ? <Options label="Variants of one plan" plans={own} /> : null}
        {strange.length > 0 ? <Options label="Other plans" plans={strange} /> : null}
        {none === null ? null : <option value="">{none}</option>}
      </select>
    </>
  );
}

const Options = ({ label, plans }: { label: string; plans: readonly Listed[] }) => (
  <optgroup label={label}>
    {plans.map((p) => (
      <option key={p.id} value={p.id}>
        {p.name}
      </option>
    ))}
  </optgroup>
);
