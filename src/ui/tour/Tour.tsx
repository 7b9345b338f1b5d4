'use client';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { TOUR, type TourStep } from '@/text/tour';
import { leaveTour, takeStep, useTour } from './tour';

/** What each step shows: the first of these that is there. */
const SHOWN: Readonly<Record<TourStep['id'], readonly string[]>> = {
  staves: ['nav[aria-label="Stations"]'],
  sentence: ['header [data-sentence]'],
  coop: ['section[aria-label="The coop, to scale"]'],
  finding: ['aside [data-finding]', 'aside h2'],
  rules: ['[data-open-rules]'],
};

const shownBy = (id: TourStep['id']): Element | null =>
  SHOWN[id].map((at) => document.querySelector(at)).find((e) => e !== null) ?? null;

interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

const CARD = { width: 340, height: 230 } as const;
const GAP = 12;

/** Five steps round the bench, beside what they speak of; left at any time, by Escape too. */
export function Tour() {
  const at = useTour((s) => s.step);
  const step = at === null ? undefined : TOUR[at];
  const [box, setBox] = useState<Box | null>(null);
  const next = useRef<HTMLButtonElement>(null);
  const id = step?.id;
  useLayoutEffect(() => {
    if (id === undefined) return;
    const look = (): void => {
      const r = shownBy(id)?.getBoundingClientRect();
      setBox(r ? { left: r.left, top: r.top, width: r.width, height: r.height } : null);
    };
    shownBy(id)?.scrollIntoView({ block: id === 'finding' ? 'center' : 'nearest' });
    look();
    // what it shows may be still to come
    const frame = setInterval(look, 250);
    window.addEventListener('resize', look);
    return () => {
      clearInterval(frame);
      window.removeEventListener('resize', look);
    };
  }, [id]);
  useEffect(() => {
    if (id !== undefined) next.current?.focus();
  }, [id]);
  if (at === null || !step) return null;
  const isLast = at === TOUR.length - 1;
  const place = placeOf(box);
  return (
    <>
      {box ? (
        <div
          aria-hidden
          data-no-print
          className="pointer-events-none fixed z-30 border-3 border-chalk"
          style={{
            left: box.left - 3,
            top: box.top - 3,
            width: box.width + 6,
            height: box.height + 6,
          }}
        />
      ) : null}
      <section
        role="dialog"
        aria-labelledby="tour-title"
        aria-describedby="tour-text"
        data-tour={step.id}
        data-no-print
        className="fixed z-40 border border-strong bg-raised p-4 shadow-xl max-lg:inset-x-3 max-lg:bottom-16"
        style={place}
        onKeyDown={(e) => {
          if (e.key !== 'Escape') return;
          e.preventDefault();
          e.stopPropagation();
          leaveTour();
        }}
      >
        <p className="caption">
          Step {at + 1} of {TOUR.length}
        </p>
        <h2 id="tour-title" className="text-[1.15rem]">
          {step.title}
        </h2>
        <p id="tour-text" className="mt-1 text-[0.95rem]">
          {step.text}
        </p>
        <div className="mt-3 flex items-center justify-between gap-2">
          <button
            type="button"
            className="text-chalk hover:underline max-lg:min-h-[44px]"
            onClick={leaveTour}
          >
            Leave the tour
          </button>
          <span className="flex gap-2">
            {at > 0 ? (
              <button type="button" className="button" onClick={() => takeStep(at - 1)}>
                Back
              </button>
            ) : null}
            <button
              ref={next}
              type="button"
              className="button button-primary"
              onClick={() => takeStep(at + 1)}
            >
              {isLast ? 'Done' : 'Next'}
            </button>
          </span>
        </div>
      </section>
    </>
  );
}

/** Beside what it speaks of, where there is most room; on a phone it stands at the foot by its class. */
function placeOf(box: Box | null): React.CSSProperties {
  if (typeof window === 'undefined' || window.innerWidth < 1024) return {};
  const { innerWidth: w, innerHeight: h } = window;
  if (!box) return { width: CARD.width, left: (w - CARD.width) / 2, top: 120 };
  const top = Math.max(GAP, Math.min(box.top, h - CARD.height - GAP));
  const right = box.left + box.width + GAP;
  if (right + CARD.width <= w) return { width: CARD.width, left: right, top };
  if (box.left - GAP - CARD.width >= 0) {
    return { width: CARD.width, left: box.left - GAP - CARD.width, top };
  }
  const under = box.top + box.height + GAP;
  return {
    width: CARD.width,
    left: Math.max(GAP, Math.min(box.left, w - CARD.width - GAP)),
    top: under + CARD.height <= h ? under : h - CARD.height - GAP,
  };
}
