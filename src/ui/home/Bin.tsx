'use client';
import { RotateCcw, Trash2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import * as AlertDialog from 'radix-ui/alert-dialog';
import { useState } from 'react';

/** A removed plan, as the list has it. */
export interface Binned {
  readonly id: string;
  readonly name: string;
  /** The day on which it goes for good, as it is said. */
  readonly goes: string;
}

/** Takes a plan out of the bin. @returns whether the server has done it */
export const putBack = async (id: string): Promise<boolean> =>
  (await fetch(`/api/bin/${id}`, { method: 'POST' }).catch(() => null))?.ok === true;

/** Removed plans: each comes back as it was, with its saves, until its day. */
export function Bin({ plans }: { plans: readonly Binned[] }) {
  const router = useRouter();
  const [wrong, setWrong] = useState<string | null>(null);
  if (plans.length === 0) return null;
  const done = (ok: boolean, name: string): void => {
    setWrong(ok ? null : name);
    router.refresh();
  };
  return (
    <details className="mt-8 max-w-2xl" data-bin>
      <summary className="w-fit text-chalk hover:underline max-lg:min-h-[44px]">
        Bin: {plans.length} {plans.length === 1 ? 'plan' : 'plans'}
      </summary>
      <p className="mt-1 text-soft">A removed plan is kept here for thirty days.</p>
      {wrong === null ? null : (
        <p role="alert" className="mt-1 text-oxide">
          The server does not answer, so <span data-name>{wrong}</span> is where it was. Try again.
        </p>
      )}
      <ul className="mt-2 border-line border-t">
        {plans.map((plan) => (
          <li
            key={plan.id}
            className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b py-1.5"
          >
            <span className="min-w-0 flex-1 break-words">
              <strong className="font-semibold" data-name>
                {plan.name}
              </strong>{' '}
              <span className="text-soft">until {plan.goes}</span>
            </span>
            <button
              type="button"
              className="button"
              aria-label={`Put ${plan.name} back`}
              onClick={async () => done(await putBack(plan.id), plan.name)}
            >
              <RotateCcw size={15} aria-hidden /> Put back
            </button>
            <ThrowAway plan={plan} done={(ok) => done(ok, plan.name)} />
          </li>
        ))}
      </ul>
    </details>
  );
}

function ThrowAway({ plan, done }: { plan: Binned; done: (ok: boolean) => void }) {
  const act = async (): Promise<void> => {
    const response = await fetch(`/api/bin/${plan.id}`, { method: 'DELETE' }).catch(() => null);
    done(response?.ok === true);
  };
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger
        className="icon-button"
        aria-label={`Throw ${plan.name} away`}
        title="Throw away for good"
      >
        <Trash2 size={16} aria-hidden />
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <AlertDialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 w-[min(28rem,92vw)] border border-strong bg-raised p-5 shadow-xl">
          <AlertDialog.Title className="text-[1.2rem]">
            Throw <span data-name>{plan.name}</span> away?
          </AlertDialog.Title>
          <AlertDialog.Description className="mt-2 text-soft">
            The plan and its earlier saves go for good. This can’t be undone.
          </AlertDialog.Description>
          <div className="mt-4 flex justify-end gap-2">
            <AlertDialog.Cancel className="button">Keep it</AlertDialog.Cancel>
            <AlertDialog.Action className="button border-oxide text-oxide" onClick={act}>
              Throw it away
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
