'use client';
import { Hammer } from 'lucide-react';
import { type MouseEvent, useEffect, useState } from 'react';
import type { Finding } from '@/core/kernel/finding';
import type { Remedy } from '@/core/proposals/remedy';
import { measuresApart } from '@/text/format';
import type { ShownRemedy } from '@/text/remedies';
import { haunt } from '../session/bench';
import { press, useRemediesBefore, useRemediesOf } from './useRemedies';

/** What would mend a finding, a press each; rested on, it is drawn faintly first. Where nothing does, why. */
export function RemedyList({ finding }: { finding: Finding }) {
  const now = useRemediesOf(finding.key);
  const before = useRemediesBefore(finding.key);
  const mending = now ?? before;
  if (mending === null) return null;
  const { remedies, without, found } = mending;
  const stale = now === null;
  if (without !== null)
    return (
      <p className="text-[0.82rem] text-soft" data-without={stale ? undefined : ''}>
        {without}
      </p>
    );
  return (
    <ul
      className={`mt-1.5 flex flex-col gap-1 ${stale ? 'opacity-60' : ''}`}
      aria-label="Remedies"
      aria-busy={stale}
      data-no-print
    >
      {remedies.map((shown, at) => (
        <li key={shown.said}>
          <RemedyButton
            shown={shown}
            remedy={stale ? null : (found?.[at] ?? null)}
            stale={stale}
            onPress={() => press(finding.key, at, mending)}
          />
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

/** @param remedy  null until the browser has found it: pressed before, it is done then */
function RemedyButton({
  shown,
  remedy,
  stale,
  onPress,
}: {
  shown: ShownRemedy;
  remedy: Remedy | null;
  /** Found for the plan as it was before: looked for anew. */
  stale: boolean;
  onPress: () => void;
}) {
  const { code, lines, brings } = shown;
  const [rested, setRested] = useState(false);
  // what is rested on before it has been found is drawn as soon as it is
  useEffect(() => {
    if (!rested || !remedy) return;
    haunt({ plan: remedy.plan, rails: remedy.rails });
    return () => haunt(null);
  }, [rested, remedy]);
  const rest = (): void => setRested(true);
  const leave = (): void => setRested(false);
  return (
    <button
      type="button"
      className="flex w-full items-start gap-2 border border-chalk px-2 py-1 text-left text-[0.9rem] text-chalk hover:bg-chalk-soft max-lg:min-h-[44px]"
      data-remedy={stale ? undefined : code}
      disabled={stale}
      data-found={remedy ? '' : undefined}
      data-proposal
      onClick={(e) => {
        toHeading(e);
        onPress();
      }}
      onPointerEnter={rest}
      onPointerLeave={leave}
      onFocus={rest}
      onBlur={leave}
    >
      <Hammer size={14} className="mt-1 shrink-0" aria-hidden />
      <span>
        {lines.map(({ text, parts }) => (
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
