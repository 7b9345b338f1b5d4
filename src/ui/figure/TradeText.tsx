'use client';
import { type PointerEvent, useId, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import type { TradePiece } from '@/text/trade';

/** A text whose words of the trade say what they mean where they stand. */
export const TradeText = ({ pieces }: { pieces: readonly TradePiece[] }) =>
  pieces.map((piece) =>
    piece.kind === 'text' ? (
      <span key={piece.text}>{piece.text}</span>
    ) : (
      <TradeWord key={piece.meaning} {...piece} />
    ),
  );

/** Space left between a word and its meaning, and between that and the window's edge, px. */
const GAP = 6;
const WIDE = 260;

/** A word with its meaning: on hover, on focus, and under a finger. */
function TradeWord({ text, meaning }: { text: string; meaning: string }) {
  const id = useId();
  const word = useRef<HTMLButtonElement>(null);
  const [at, setAt] = useState<{ x: number; y: number; below: boolean } | null>(null);
  const show = (): void => {
    const r = word.current?.getBoundingClientRect();
    if (!r) return;
    const below = r.top < 140;
    setAt({
      x: Math.max(GAP, Math.min(r.left, window.innerWidth - WIDE - GAP)),
      y: below ? r.bottom + GAP : r.top - GAP,
      below,
    });
  };
  const hide = (): void => setAt(null);
  return (
    <>
      <button
        ref={word}
        type="button"
        className="trade-word"
        aria-describedby={at === null ? undefined : id}
        onPointerEnter={(e: PointerEvent) => e.pointerType === 'mouse' && show()}
        onPointerLeave={(e: PointerEvent) => e.pointerType === 'mouse' && hide()}
        onFocus={show}
        onBlur={hide}
        onClick={show}
        onKeyDown={(e) => {
          if (e.key !== 'Escape' || at === null) return;
          e.stopPropagation();
          e.preventDefault();
          hide();
        }}
      >
        {text}
      </button>
      {at === null
        ? null
        : createPortal(
            <span
              id={id}
              role="tooltip"
              className={`fixed z-40 border border-strong bg-raised px-2.5 py-1.5 text-[0.88rem] text-ink shadow-lg ${at.below ? '' : '-translate-y-full'}`}
              style={{ left: at.x, top: at.y, maxWidth: WIDE }}
            >
              {meaning}
            </span>,
            document.body,
          )}
    </>
  );
}
