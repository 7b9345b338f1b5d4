'use client';
import type { KeyboardEvent, SVGProps } from 'react';
import { sayFigure } from '@/text/say';
import { useShown } from './shown';
import { useHost } from './WorkingHost';

/** A figure as a label in a drawing: pressed, it opens its working under the drawing. */
export function SvgFigure({
  id,
  label,
  ...rest
}: { id: string; label: string } & SVGProps<SVGTextElement>) {
  const { assessment, units } = useShown();
  const { open, regionId, toggle } = useHost();
  const figure = assessment.figures.get(id);
  if (!figure) throw new Error(`the assessment has no figure ${id}`);
  const text = sayFigure(figure, units);
  const press = (event: KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    toggle(id);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button element cannot stand in a drawing
    <text
      tabIndex={0}
      {...rest}
      role="button"
      data-figure={id}
      aria-label={`${label}: ${text}. Show the working`}
      aria-expanded={open === id}
      aria-controls={regionId}
      className="cursor-pointer fill-ink hover:fill-chalk figures"
      onClick={() => toggle(id)}
      onKeyDown={press}
    >
      {text}
    </text>
  );
}
