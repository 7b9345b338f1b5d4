'use client';
import { Columns2, Copy, Pencil, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { assess } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { Drawing } from '../bench/Drawing';
import { pastWalls, project } from '../bench/projection';
import { compareHref, MOST_COMPARED } from '../compare/columns';
import { SentenceText } from '../figure/SentenceText';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';
import { useOpener } from '../forms/useOpener';
import { RenameDialog, renameOnServer } from './RenameDialog';

const WIDTH = 372;
const HEIGHT = 210;
const FRAME = { width: WIDTH, height: HEIGHT, left: 14, right: 14, top: 12, bottom: 14 };

/** A plan on the list: a small drawing and its one sentence. */
export function PlanCard({
  plan,
  on,
  removed,
  kin = [],
}: {
  plan: Plan;
  on: string;
  /** Its variants, or what it is a variant of. */
  kin?: readonly Plan[];
  /** Told when the plan has been laid in the bin. */
  removed: (plan: Plan) => void;
}) {
  const assessment = useMemo(() => assess(plan, { on }), [plan, on]);
  const projection = project('front', plan.shell, FRAME, { past: pastWalls('front', plan) });
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
          {kin.length > 0 ? (
            <Link
              href={compareHref([plan, ...kin].slice(0, MOST_COMPARED).map((p) => p.id))}
              prefetch={false}
              className="relative flex min-h-[24px] items-center gap-1.5 text-[0.9rem] text-chalk underline max-lg:min-h-[44px]"
            >
              <Columns2 size={14} aria-hidden />
              {kin.length === 1
                ? 'Compare with its variant'
                : `Compare with its ${kin.length} variants`}
            </Link>
          ) : null}
          <Actions plan={plan} removed={removed} />
        </div>
      </article>
    </Figures>
  );
}

function Actions({ plan, removed }: { plan: Plan; removed: (plan: Plan) => void }) {
  const router = useRouter();
  const renaming = useOpener();
  const [wrong, setWrong] = useState(false);
  const ask = async (address: string, method: 'POST' | 'DELETE'): Promise<boolean> => {
    const response = await fetch(address, { method }).catch(() => null);
    setWrong(!response?.ok);
    if (response?.ok) router.refresh();
    return response?.ok === true;
  };
  const remove = async (): Promise<void> => {
    if (await ask(`/api/plans/${plan.id}`, 'DELETE')) removed(plan);
  };
  const rename = async (name: string): Promise<string | null> => {
    const said = await renameOnServer(plan.id, name);
    if (said === null) router.refresh();
    return said;
  };
  return (
    <div className="relative flex flex-wrap items-center justify-end gap-1 self-end">
      {wrong ? (
        <p role="alert" className="mr-auto text-[0.87rem] text-oxide">
          The server does not answer. Try again.
        </p>
      ) : null}
      <button
        ref={renaming.button}
        type="button"
        className="icon-button"
        aria-label={`Rename ${plan.name}`}
        title="Rename"
        onClick={renaming.show}
      >
        <Pencil size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="icon-button"
        aria-label={`Copy ${plan.name}`}
        title="Copy, to try a variant"
        onClick={() => ask(`/api/plans/${plan.id}/copy`, 'POST')}
      >
        <Copy size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="icon-button"
        aria-label={`Remove ${plan.name}`}
        title="Remove: it is kept in the bin for thirty days"
        onClick={remove}
      >
        <Trash2 size={16} aria-hidden />
      </button>
      {renaming.open ? (
        <RenameDialog id={plan.id} name={plan.name} rename={rename} close={renaming.close} />
      ) : null}
    </div>
  );
}
