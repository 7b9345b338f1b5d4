'use client';
import { planDifferences } from '@/core/edit/differences';
import type { Clash } from '@/core/edit/merge';
import type { Plan } from '@/core/model/schema';
import { clashLines, differenceLines } from '@/text/differences';

/** Lines told at most; the rest are counted. */
const MOST = 12;

/** In what one plan differs from another, a line each, with the values before and after. */
export function Differences({ from, to }: { from: Plan; to: Plan }) {
  const lines = differenceLines(planDifferences(from, to), to);
  if (lines.length === 0) return <p className="text-soft">Nothing is different.</p>;
  return (
    <ul className="flex flex-col gap-0.5" data-name>
      {lines.slice(0, MOST).map(({ what, how }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two things may have one name
        <li key={i} className="break-words">
          <strong className="font-semibold">{what}:</strong> {how}
        </li>
      ))}
      {lines.length > MOST ? <li>and {lines.length - MOST} more</li> : null}
    </ul>
  );
}

/** What two windows changed in different ways: each value here and there. */
export function Clashes({ clashes, plan }: { clashes: readonly Clash[]; plan: Plan }) {
  const lines = clashLines(clashes, plan);
  return (
    <ul className="flex flex-col gap-0.5" data-name>
      {lines.slice(0, MOST).map(({ what, here, there }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two things may have one name
        <li key={i} className="break-words">
          <strong className="font-semibold">{what}:</strong> this window has {here}, the other has{' '}
          {there}.
        </li>
      ))}
      {lines.length > MOST ? <li>and {lines.length - MOST} more</li> : null}
    </ul>
  );
}
