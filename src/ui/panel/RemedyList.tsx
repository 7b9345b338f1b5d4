'use client';
import { Hammer } from 'lucide-react';
import type { MouseEvent } from 'react';
import type { Finding } from '@/core/kernel/finding';
import type { Remedy } from '@/core/proposals/remedy';
import { measuresApart } from '@/text/format';
import { bringsText, reasonWithout, remedyLines } from '@/text/remedies';
import { haunt, usePlan } from '../store/bench';
import { doRemedy, useRemediesOf } from './useRemedies';

/** What would mend a finding, a press each; rested on, it is drawn faintly first. Where nothing does, why. */
export function RemedyList({ finding }: { finding: Finding }) {
  const all = useRemediesOf(finding.key);
  if (all === null) return null;
  if (all.length === 0) {
    return <p className="text-[0.82rem] text-soft">{reasonWithout(finding.code)}</p>;
  }
  return (
    <ul className="mt-1.5 flex flex-col gap-1" aria-label="Remedies" data-no-print>
      {all.map((remedy) => (
        <li key={JSON.stringify(remedy.steps)}>
          <RemedyButton remedy={remedy} />
        </li>
      ))}
    </ul>
  );
}

/** The button goes with its finding: whoever pressed it goes on from the panel's heading, not from the page's start. */
function toHeading({ currentTarget, detail }: MouseEvent<HTMLElement>): void {
  // a press of the pointer, unlike one of a key, leaves the panel where it stands
  const preventScroll = detail > 0;
  currentTarget.closest('[data-panel]')?.querySelector('h2')?.focus({ preventScroll });
}

function RemedyButton({ remedy }: { remedy: Remedy }) {
  const plan = usePlan();
  const brings = bringsText(remedy);
  const rest = (): void => haunt({ plan: remedy.plan, rails: remedy.rails });
  return (
    <button
      type="button"
      className="flex w-full items-start gap-2 border border-chalk px-2 py-1 text-left text-[0.9rem] text-chalk hover:bg-chalk-soft max-lg:min-h-[44px]"
      data-remedy={remedy.code}
      data-proposal
      onClick={(e) => {
        toHeading(e);
        doRemedy(remedy);
      }}
      onPointerEnter={rest}
      onPointerLeave={() => haunt(null)}
      onFocus={rest}
      onBlur={() => haunt(null)}
    >
      <Hammer size={14} className="mt-1 shrink-0" aria-hidden />
      <span>
        {remedyLines(remedy, plan).map(({ text, parts }) => (
          <span key={text} className="block [&+&]:mt-0.5">
            <Unbroken text={text} />
            {parts.map((part) => (
              <span
                key={part}
                className="ml-2 block border-chalk/40 border-l-2 pl-2 text-[0.85rem]"
              >
                <Unbroken text={part} />
              </span>
            ))}
          </span>
        ))}
        {brings ? <span className="block text-[0.82rem] text-oxide">{brings}</span> : null}
      </span>
    </button>
  );
}

/** A text whose measures are never broken over two lines. */
const Unbroken = ({ text }: { text: string }) =>
  measuresApart(text).map((piece, i) =>
    i % 2 === 0 ? (
      piece
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: the same measure may stand twice in a text
      <span key={i} className="whitespace-nowrap">
        {piece}
      </span>
    ),
  );
