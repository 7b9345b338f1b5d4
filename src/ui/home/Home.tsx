'use client';
import { Hammer } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Issue } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { issueLine } from '@/text/issues';
import { takeNonce } from '../nonce';
import { ThemeButton } from '../theme/ThemeButton';
import { Bin, type Binned, putBack } from './Bin';
import { BringIn } from './BringIn';
import { NewPlanDialog } from './NewPlanDialog';
import { PlanCard } from './PlanCard';

/** The list of plans. */
export function Home({
  plans,
  unreadable,
  bin = [],
  nonce,
}: {
  plans: readonly { plan: Plan; on: string }[];
  unreadable: readonly { id: string; issues: readonly Issue[] }[];
  bin?: readonly Binned[];
  nonce: string;
}) {
  takeNonce(nonce);
  const router = useRouter();
  const [removed, setRemoved] = useState<Pick<Plan, 'id' | 'name'> | null>(null);
  const undo = async (): Promise<void> => {
    if (removed && (await putBack(removed.id))) setRemoved(null);
    router.refresh();
  };
  return (
    <main className="mx-auto max-w-[1240px] px-6 py-7">
      <header className="flex flex-wrap items-end justify-between gap-4 border-ink border-b-2 pb-4">
        <div>
          <h1 className="text-[1.9rem] leading-none">Wide Rafter</h1>
          <p className="mt-1.5 text-soft">What your coop carries, what holds it back, and why.</p>
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <ThemeButton />
          <BringIn />
          <NewPlanDialog />
          <Link href="/rough" className="button button-primary">
            <Hammer size={15} aria-hidden /> Rough it out
          </Link>
        </div>
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
      {plans.length === 0 ? (
        <div className="py-20 text-center">
          <p className="font-title text-[1.4rem]">No plans yet.</p>
          <p className="mt-1 text-soft">
            Answer three questions and see a whole fit-out at once. Or measure the inside of a coop
            that stands, and start a plan of it.
          </p>
          <Link href="/rough" className="button button-primary mt-4">
            <Hammer size={15} aria-hidden /> Rough it out
          </Link>
        </div>
      ) : (
        <div className="mt-6 grid grid-cols-[repeat(auto-fill,minmax(320px,1fr))] gap-5">
          {plans.map(({ plan, on }) => (
            <PlanCard key={plan.id} plan={plan} on={on} removed={setRemoved} />
          ))}
        </div>
      )}
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
      <Bin plans={bin} />
    </main>
  );
}
