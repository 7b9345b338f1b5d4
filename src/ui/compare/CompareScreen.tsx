'use client';
import { useRouter } from 'next/navigation';
import { type CSSProperties, useMemo } from 'react';
import { assess } from '@/core/assess';
import { takeNonce } from '../furniture/nonce';
import { PageHead } from '../furniture/PageHead';
import { type Column, type Compared, compareHref, LETTERS, MOST_COMPARED } from './columns';
import { Drawings } from './Drawings';
import { FiguresApart } from './FiguresApart';
import { FindingsApart } from './FindingsApart';
import { Heads, type Listed } from './Heads';
import { StaveChart } from './StaveChart';
import { TakeAcross } from './TakeAcross';

/** Two or three plans side by side: what each carries, how they differ, and what one can take from another. */
export function CompareScreen({
  plans,
  all,
  nonce,
}: {
  plans: readonly Compared[];
  /** Every plan there is, to choose from. */
  all: readonly Listed[];
  nonce: string;
}) {
  takeNonce(nonce);
  const router = useRouter();
  const columns = useMemo(() => plans.map(columnOf), [plans]);
  const go = (ids: readonly string[]): void => router.push(compareHref(ids), { scroll: false });
  const [first] = columns;
  return (
    <main
      className="mx-auto max-w-[1280px] px-5 py-3"
      style={{ '--plans': Math.max(columns.length, 1) } as CSSProperties}
    >
      <PageHead title="Plans side by side" />
      <Heads columns={columns} all={all} go={go} most={MOST_COMPARED} />
      {columns.length < 2 || !first ? (
        <p className="border border-line border-dashed px-6 py-10 text-center text-soft">
          Choose a second plan to see what differs. A copy of a plan, from the list of plans, is a
          good place to try something.
        </p>
      ) : (
        <>
          <Drawings columns={columns} />
          <StaveChart columns={columns} />
          <FiguresApart columns={columns} />
          <FindingsApart columns={columns} />
          <TakeAcross columns={columns} />
        </>
      )}
    </main>
  );
}

/** Every plan is told in the units of the first. */
const columnOf = (
  { plan, revision, on }: Compared,
  i: number,
  all: readonly Compared[],
): Column => ({
  plan: { ...plan, units: all[0]?.plan.units ?? plan.units },
  own: plan,
  revision,
  on,
  letter: LETTERS[i] ?? '',
  assessment: assess(plan, { on }),
});
