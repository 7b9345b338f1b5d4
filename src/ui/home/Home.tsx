'use client';
import { Hammer, Ruler } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useState } from 'react';
import type { Issue } from '@/core/kernel/outcome';
import { issueLine } from '@/text/issues';
import { takeNonce } from '../furniture/nonce';
import { ThemeButton } from '../theme/ThemeButton';
import { hasSeenTour } from '../tour/tour';
import { Bin, type Binned, putBack } from './Bin';
import { BringIn } from './BringIn';
import { NewPlanDialog } from './NewPlanDialog';
import { type Listed, PlanCard } from './PlanCard';
import { NothingFound, PageLinks, type Place, PlanFinder } from './PlanFinder';
import { useSaved } from './useSaved';

/** Asked only where there is no plan yet. */
const RoughQuestions = dynamic(() => import('../rough/RoughScreen').then((m) => m.RoughQuestions));

/** The list of plans. */
export function Home({
  plans,
  unreadable,
  place = { find: '', total: plans.length, found: plans.length, page: 1, pages: 1 },
  bin = [],
  on = '',
  nonce,
}: {
  plans: readonly Listed[];
  unreadable: readonly { id: string; issues: readonly Issue[] }[];
  place?: Place;
  bin?: readonly Binned[];
  /** The day on which a first plan is begun, YYYY-MM-DD. */
  on?: string;
  nonce: string;
}) {
  takeNonce(nonce);
  const router = useRouter();
  const [removed, setRemoved] = useState<Pick<Listed, 'id' | 'name'> | null>(null);
  const [isNew, setNew] = useState(false);
  useEffect(() => setNew(!hasSeenTour()), []);
  useSaved(plans);
  // what a coop lacks teaches more than one that is in order
  const taught = plans.find((p) => p.words?.sentence.kind === 'short') ?? plans[0];
  const undo = async (): Promise<void> => {
    if (removed && (await putBack(removed.id))) setRemoved(null);
    router.refresh();
  };
  return (
    <main className="mx-auto max-w-[1240px] px-6 py-7">
      <header className="border-ink border-b-2 pb-4">
        <h1 className="text-[1.9rem] leading-none">Wide Rafter</h1>
        <p className="mt-1.5 text-soft">What your coop carries, what holds it back, and why.</p>
        <ul
          aria-label="Ways to begin"
          className="mt-4 grid grid-cols-3 gap-x-6 gap-y-3 max-sm:grid-cols-1"
        >
          <Way says="Say who and how large: see a whole coop, fitted out.">
            <Link href="/rough" className="button button-primary">
              <Hammer size={15} aria-hidden /> Rough it out
            </Link>
          </Way>
          <Way says="Measure one that stands or is for sale: see what it carries.">
            <Link href="/check" className="button">
              <Ruler size={15} aria-hidden /> Check a coop
            </Link>
          </Way>
          <Way says="An empty room: put in bars, nests and the rest yourself.">
            <NewPlanDialog />
          </Way>
        </ul>
        {isNew && taught ? (
          <p className="mt-3 text-[0.93rem] text-soft" data-tour-offered>
            New here?{' '}
            <Link
              href={`/plans/${taught.id}?tour`}
              prefetch={false}
              className="inline-flex min-h-[24px] items-center text-chalk underline max-lg:min-h-[44px]"
            >
              See a plan with a tour of five steps
            </Link>
          </p>
        ) : null}
      </header>
      <div role="status" className="contents">
        {removed && bin.some((b) => b.id === removed.id) ? (
          <p className="mt-4 flex flex-wrap items-center gap-3 border-chalk border-l-3 bg-raised px-4 py-2">
            <span>
              <strong data-name>{removed.name}</strong> lies in the bin.
            </span>
            <button type="button" className="button" onClick={undo}>
              Put it back
            </button>
          </p>
        ) : null}
      </div>
      <PlanFinder place={place} />
      {place.total === 0 ? (
        <div className="mt-4 flex flex-col lg:h-[calc(100dvh-9.5rem)]">
          <RoughQuestions
            on={on}
            head={(units) => (
              <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
                <p className="min-w-0 flex-1 text-soft">
                  No plans yet. Answer three questions and see a whole coop, fitted out. Or{' '}
                  <Link href="/check" className="text-chalk underline">
                    measure up one that stands
                  </Link>
                  .
                </p>
                {units}
              </div>
            )}
          />
        </div>
      ) : (
        <div className="mt-6 grid grid-cols-[repeat(auto-fill,minmax(320px,1fr))] gap-5">
          {plans.map((plan) => (
            <PlanCard key={plan.id} plan={plan} removed={setRemoved} />
          ))}
        </div>
      )}
      {place.total > 0 && place.found === 0 ? <NothingFound find={place.find} /> : null}
      <PageLinks place={place} />
      {unreadable.map(({ id, issues }) => (
        <section key={id} role="alert" className="mt-5 border-oxide border-l-3 pl-3">
          <h2 className="text-[1.05rem]">
            The stored plan <span data-name>{id}</span> can't be read
          </h2>
          <p className="text-soft">It is kept as it is. What is wrong with it:</p>
          <ul>
            {issues.slice(0, 5).map((i) => (
              <li key={issueLine(i)}>{issueLine(i)}</li>
            ))}
          </ul>
        </section>
      ))}
      <div className="mt-6 flex flex-wrap items-center gap-3 border-line border-t pt-4">
        <BringIn />
        <span className="ml-auto">
          <ThemeButton />
        </span>
      </div>
      <Bin plans={bin} />
    </main>
  );
}

/** A way to begin, and what it is for. */
const Way = ({ says, children }: { says: string; children: ReactNode }) => (
  <li className="flex flex-col items-start gap-1.5 max-sm:[&>.button]:w-full max-sm:[&>.button]:justify-center">
    {children}
    <p className="text-[0.87rem] text-soft">{says}</p>
  </li>
);
