'use client';
import { Columns2, Copy, Pencil, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useId, useMemo, useState } from 'react';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Items } from '@/core/kernel/working';
import { CARD_FRAME, type CardWords, type FetchedCard } from '@/formats/planCard';
import { compareHref, MOST_COMPARED } from '../compare/columns';
import { Hatches, Looks, SetBird, Strokes } from '../drawing/Shapes';
import { SentenceText } from '../figure/SentenceText';
import { Figures } from '../figure/shown';
import { WorkingHost } from '../figure/WorkingHost';
import { useOpener } from '../forms/useOpener';
import { RenameDialog, renameOnServer } from './RenameDialog';
import { useCard } from './useCard';

/** A plan as the page of the list has it: all else is fetched when it comes in sight. */
export interface Listed {
  readonly id: string;
  readonly name: string;
  readonly units: UnitSystem;
  readonly revision: number;
  /** What its card is of: save and day. */
  readonly stamp: string;
  /** Its variants, or what it is a variant of: their ids. */
  readonly kin: readonly string[];
  /** Its sentence, where it stood ready. */
  readonly words: CardWords | null;
}

/** A plan on the list: a small drawing and its one sentence. */
export function PlanCard({
  plan,
  removed,
}: {
  plan: Listed;
  /** Told when the plan has been laid in the bin. */
  removed: (plan: Listed) => void;
}) {
  const { place, card, failed } = useCard(plan.id, plan.stamp);
  const words = card?.card ?? plan.words;
  return (
    <article
      ref={place}
      data-plan={plan.id}
      className="relative flex flex-col border border-line bg-raised transition-colors hover:border-chalk"
    >
      <Picture plan={plan} card={card} failed={failed} />
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
        {words ? (
          <Words words={words} card={card} units={plan.units} />
        ) : (
          <p className="min-h-[3em] flex-1 text-soft" aria-busy={!failed} data-sentence-awaited>
            {failed ? 'The server does not answer. Load the page again.' : ' '}
          </p>
        )}
        {plan.kin.length > 0 ? (
          <Link
            href={compareHref([plan.id, ...plan.kin].slice(0, MOST_COMPARED))}
            prefetch={false}
            className="relative flex min-h-[24px] items-center gap-1.5 text-[0.9rem] text-chalk underline max-lg:min-h-[44px]"
          >
            <Columns2 size={14} aria-hidden />
            {plan.kin.length === 1
              ? 'Compare with its variant'
              : `Compare with its ${plan.kin.length} variants`}
          </Link>
        ) : null}
        <Actions plan={plan} removed={removed} />
      </div>
    </article>
  );
}

/** The coop from the front; its paper alone until it has come. */
function Picture({
  plan,
  card,
  failed,
}: {
  plan: Listed;
  card: FetchedCard | null;
  failed: boolean;
}) {
  const hatches = useId();
  return (
    <svg
      viewBox={`0 0 ${CARD_FRAME.width} ${CARD_FRAME.height}`}
      className="block w-full border-line border-b bg-paper"
      role="img"
      aria-label={`${plan.name}, seen from the front`}
      aria-busy={card === null && !failed}
    >
      {card ? (
        <g className="appears">
          <Hatches of={hatches} />
          <Looks of={hatches} looks={card.card.picture.looks} />
          {card.card.picture.items.map((item, i) => {
            // a picture is made anew as a whole: its order is its identity
            const key = `${i}`;
            return 'look' in item ? (
              <SetBird key={key} of={hatches} place={item} />
            ) : (
              <Strokes key={key} strokes={item} hatches={hatches} />
            );
          })}
        </g>
      ) : null}
    </svg>
  );
}

const NO_ITEMS: Items = {
  group: [],
  bar: [],
  bank: [],
  taker: [],
  station: [],
  opening: [],
  feeder: [],
  drinker: [],
};

/** The sentence; its numbers open their workings once the card has come. */
function Words({
  words,
  card,
  units,
}: {
  words: CardWords;
  card: FetchedCard | null;
  units: UnitSystem;
}) {
  const assessment = useMemo(
    () => ({
      figures: new Map(words.figures.map((figure) => [figure.id, figure])),
      schools: card?.card.schools ?? {},
      items: card?.card.items ?? NO_ITEMS,
    }),
    [words, card],
  );
  const plan = card?.plan ?? { units, climate: null, flock: [], fixtures: [] };
  return (
    <Figures assessment={assessment} plan={plan}>
      <WorkingHost
        className={`flex-1 ${words.sentence.kind === 'short' ? '' : 'text-soft'}`}
        workingClassName="relative"
        waits={card === null}
      >
        <p data-sentence>
          <SentenceText sentence={words.sentence} figureClass="relative font-semibold" />
        </p>
      </WorkingHost>
    </Figures>
  );
}

function Actions({ plan, removed }: { plan: Listed; removed: (plan: Listed) => void }) {
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
