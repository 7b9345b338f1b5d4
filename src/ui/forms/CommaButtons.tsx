'use client';
import type { Issue } from '@/core/kernel/outcome';
import type { Commas } from '@/core/kernel/units/thousands';

/** Asks what a comma before three figures is in a table, where the table does not say: a press answers for all of it. */
export function CommaButtons({
  issue,
  answer,
}: {
  /** `columns.comma`. */
  issue: Issue;
  answer: (commas: Commas) => void;
}) {
  const { typed, point, thousands } = issue.details;
  const ways: readonly (readonly [Commas, string])[] = [
    ['point', `a decimal point: ${point}`],
    ['thousands', `it parts thousands: ${thousands}`],
  ];
  return (
    <fieldset className="mt-1 flex flex-wrap gap-1.5" aria-label={`The comma in ${typed} is`}>
      {ways.map(([commas, said]) => (
        <button
          key={commas}
          type="button"
          className="button max-lg:min-h-[44px]"
          onClick={() => answer(commas)}
        >
          {said}
        </button>
      ))}
    </fieldset>
  );
}
