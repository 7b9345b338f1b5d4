'use client';
import { X } from 'lucide-react';
import { Fragment } from 'react';
import { pastWalls, project } from '@/core/drawing/projection';
import type { Arrangement } from '@/core/layout/arrange';
import type { Plan } from '@/core/model/schema';
import { arrangedTitle, goodAt, HOW_COMPARED, NOTHING_FITS } from '@/text/arranged';
import { inUnits } from '@/text/inUnits';
import type { ArrangeTold } from '@/workers/arrange.client';
import { Drawing } from '../drawing/Drawing';
import { haunt, usePlan } from '../session/bench';

/** A small drawing of an answer, px. */
const FRAME = { width: 200, height: 104, left: 4, right: 4, top: 4, bottom: 4 };

/** How far a search has come. */
export type Search =
  | { readonly kind: 'idle' }
  | { readonly kind: 'working' | 'done'; readonly told: ArrangeTold | null }
  | { readonly kind: 'failed' };

/** What a search has found: three answers to look at, rest on and take. */
export function Arrangements({
  search,
  again,
  close,
  take,
}: {
  search: Search;
  again: () => void;
  close: () => void;
  take: (plan: Plan) => void;
}) {
  const { units } = usePlan();
  return (
    <section
      aria-label="Arrangements"
      data-arrange={search.kind}
      className="-mx-4 mt-3 -mb-3 order-last w-[calc(100%+2rem)] basis-auto border-strong border-t bg-raised px-4 pt-2 pb-3"
    >
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-[1.05rem]">Arrange it for me</h2>
        <span className="flex items-baseline gap-3">
          {search.kind === 'done' ? (
            <button
              type="button"
              className="text-[0.88rem] text-chalk hover:underline"
              onClick={again}
            >
              Look again
            </button>
          ) : null}
          <button type="button" className="text-soft hover:text-chalk" onClick={close}>
            <X size={16} aria-hidden />
            <span className="sr-only">
              {search.kind === 'working' ? 'Stop looking' : 'Close the arrangements'}
            </span>
          </button>
        </span>
      </div>
      <Told search={search} />
      <details className="text-[0.84rem] text-soft">
        <summary className="w-fit hover:text-chalk">How they are compared</summary>
        <p>{inUnits(HOW_COMPARED, units)}</p>
      </details>
      {'told' in search && search.told ? (
        <ol className="mt-2 grid grid-cols-3 gap-3 max-lg:grid-cols-1">
          {search.told.best.map((own, i) => (
            <Answer
              // biome-ignore lint/suspicious/noArrayIndexKey: the first answer is the first, whatever it comes to be
              key={i}
              own={own}
              all={search.told?.best ?? []}
              take={() => take(own.plan)}
            />
          ))}
        </ol>
      ) : null}
    </section>
  );
}

/** How far the search has come, in words and as a rail. */
function Told({ search }: { search: Search }) {
  if (search.kind === 'failed') {
    return (
      <p className="text-soft">The search could not be begun. Reload the page and try again.</p>
    );
  }
  if (search.kind === 'idle') return null;
  const { told } = search;
  const tried = told?.tried ?? 0;
  const none = told?.done && told.best.length === 0;
  return (
    <>
      <p className="text-[0.88rem] text-soft" role="status">
        {none
          ? NOTHING_FITS
          : `${search.kind === 'done' ? 'Tried' : 'Trying'} ${tried.toLocaleString('en-GB')} arrangements. Windows, doors and what is pinned stay.`}
      </p>
      {search.kind === 'working' ? (
        <div className="mt-1 h-[3px] bg-sunk">
          <div className="h-full bg-chalk" style={{ width: `${(told?.share ?? 0) * 100}%` }} />
        </div>
      ) : null}
    </>
  );
}

function Answer({
  own,
  all,
  take,
}: {
  own: Arrangement;
  all: readonly Arrangement[];
  take: () => void;
}) {
  const { plan } = own;
  const title = arrangedTitle(own);
  const show = (): void => haunt({ plan, rails: {} });
  return (
    <li data-arrangement className="flex min-w-0 flex-col border border-line bg-paper">
      <button
        type="button"
        className="flex flex-1 flex-col text-left hover:text-chalk focus-visible:text-chalk"
        onPointerEnter={show}
        onPointerLeave={() => haunt(null)}
        onFocus={show}
        onBlur={() => haunt(null)}
        onClick={take}
      >
        <svg
          viewBox={`0 0 ${FRAME.width} ${FRAME.height}`}
          className="block w-full"
          role="img"
          aria-label={`${title}, seen from above`}
        >
          <Drawing
            plan={plan}
            birds={[]}
            projection={project('above', plan.shell, FRAME, { past: pastWalls('above', plan) })}
          />
        </svg>
        <span className="block px-2 pt-1 font-medium text-[0.92rem]">Take: {title}</span>
        <span className="block px-2 pb-1.5 text-[0.84rem] text-soft">
          {goodAt(own, all, plan.units).map((part, i) => (
            // a figure never stands on a line without its unit
            <Fragment key={part}>
              {i > 0 ? ' · ' : ''}
              <span className="whitespace-nowrap">{part}</span>
            </Fragment>
          ))}
        </span>
      </button>
    </li>
  );
}
