'use client';
import dynamic from 'next/dynamic';
import { useBench, usePlan, useSession } from '../session/bench';

/** Its words come when something was refused: they stand on no first sight. */
const RefusedWays = dynamic(() => import('./RefusedWays').then((m) => m.RefusedWays));

/** Why what was put somewhere did not stay there, and the way to have it there all the same. */
export function RefusedLine() {
  const refused = useBench((s) => s.refused);
  const plan = usePlan();
  const { hand } = useSession();
  if (refused === null) return null;
  const name = plan.fixtures.find((f) => f.id === refused.fixture)?.name ?? '';
  return (
    <div
      role="alert"
      data-refused
      className="absolute inset-x-3 bottom-2 z-10 flex flex-wrap items-center gap-x-3 gap-y-1.5 border border-strong border-l-3 border-l-oxide bg-raised px-4 py-2 text-[0.9rem] shadow-xl"
    >
      <p className="min-w-0 flex-1">
        <strong className="font-semibold">{name} stays where it was.</strong>{' '}
        <RefusedWays ways={refused.ways} />
      </p>
      <button
        type="button"
        className="button max-lg:min-h-[44px]"
        onClick={() => hand.forceRefused()}
      >
        Put it there all the same
      </button>
      <button
        type="button"
        className="text-soft hover:text-chalk max-lg:min-h-[44px]"
        onClick={() => hand.forgetRefused()}
      >
        Leave it
      </button>
    </div>
  );
}
