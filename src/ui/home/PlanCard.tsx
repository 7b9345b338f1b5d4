'use client';
import { Copy, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import * as AlertDialog from 'radix-ui/alert-dialog';
import { useMemo } from 'react';
import { assess } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { Drawing } from '../bench/Drawing';
import { project } from '../bench/projection';
import { SentenceText } from '../figure/SentenceText';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';

const WIDTH = 372;
const HEIGHT = 210;
const FRAME = { width: WIDTH, height: HEIGHT, left: 14, right: 14, top: 12, bottom: 14 };

/** A plan on the list: a small drawing and its one sentence. */
export function PlanCard({ plan, on }: { plan: Plan; on: string }) {
  const assessment = useMemo(() => assess(plan, { on }), [plan, on]);
  const projection = project('front', plan.shell, FRAME);
  const short = assessment.sentence.kind === 'short';
  return (
    <Figures assessment={assessment} plan={plan}>
      <article
        data-plan={plan.id}
        className="relative flex flex-col border border-line bg-raised transition-colors hover:border-chalk"
      >
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          className="block w-full border-line border-b bg-paper"
          role="img"
          aria-label={`${plan.name}, seen from the front`}
        >
          <Drawing plan={plan} birds={assessment.birds} projection={projection} />
        </svg>
        <div className="flex flex-1 flex-col gap-1 px-4 pt-3 pb-2">
          <h2 className="text-[1.25rem]">
            <Link
              href={`/plans/${plan.id}`}
              className="before:absolute before:inset-0 hover:text-chalk"
              data-name
            >
              {plan.name}
            </Link>
          </h2>
          <WorkingHost className={`flex-1 ${short ? '' : 'text-soft'}`} workingClassName="relative">
            <p data-sentence>
              <SentenceText sentence={assessment.sentence} figureClass="relative font-semibold" />
            </p>
          </WorkingHost>
          <Actions plan={plan} />
        </div>
      </article>
    </Figures>
  );
}

function Actions({ plan }: { plan: Plan }) {
  const router = useRouter();
  const copy = async (): Promise<void> => {
    const response = await fetch(`/api/plans/${plan.id}/copy`, { method: 'POST' });
    if (response.ok) router.refresh();
  };
  const remove = async (): Promise<void> => {
    await fetch(`/api/plans/${plan.id}`, { method: 'DELETE' });
    router.refresh();
  };
  return (
    <div className="relative flex items-center justify-end gap-1 self-end">
      <button
        type="button"
        className="icon-button"
        aria-label={`Copy ${plan.name}`}
        title="Copy, to try a variant"
        onClick={copy}
      >
        <Copy size={16} aria-hidden />
      </button>
      <AlertDialog.Root>
        <AlertDialog.Trigger
          className="icon-button"
          aria-label={`Remove ${plan.name}`}
          title="Remove"
        >
          <Trash2 size={16} aria-hidden />
        </AlertDialog.Trigger>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
          <AlertDialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 w-[min(28rem,92vw)] border border-strong bg-raised p-5 shadow-xl">
            <AlertDialog.Title className="text-[1.2rem]">
              Remove <span data-name>{plan.name}</span>?
            </AlertDialog.Title>
            <AlertDialog.Description className="mt-2 text-soft">
              The plan and its earlier saves go for good. To keep it, open it and take it out as a
              file first.
            </AlertDialog.Description>
            <div className="mt-4 flex justify-end gap-2">
              <AlertDialog.Cancel className="button">Keep it</AlertDialog.Cancel>
              <AlertDialog.Action className="button border-oxide text-oxide" onClick={remove}>
                Remove it
              </AlertDialog.Action>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
    </div>
  );
}
