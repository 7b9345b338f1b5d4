'use client';
import { sayFigure } from '@/text/say';
import { useShown } from './shown';
import { useHost } from './WorkingHost';

/** A figure of the assessment: pressed, it opens its working under its block. */
export function Figure({
  id,
  bare = false,
  fine = false,
  className,
  say,
}: {
  id: string;
  bare?: boolean;
  /** With all that a tape shows. */
  fine?: boolean;
  className?: string;
  /** How it is said where not as figures are. */
  say?: (figure: { readonly value: number }) => string;
}) {
  const { assessment, units } = useShown();
  const { open, regionId, toggle } = useHost();
  const figure = assessment.figures.get(id);
  if (!figure) throw new Error(`the assessment has no figure ${id}`);
  const text = say ? say(figure) : sayFigure(figure, units, bare, fine);
  return (
    <button
      type="button"
      className={`figure ${className ?? ''}`}
      data-figure={id}
      data-bare={bare || undefined}
      aria-expanded={open === id}
      aria-controls={regionId}
      title="Show the working"
      onClick={(event) => {
        event.stopPropagation();
        toggle(id);
      }}
    >
      {text}
    </button>
  );
}
