'use client';
import { Maximize, ZoomIn, ZoomOut } from 'lucide-react';
import { CLOSER, useCameras, wholeCoop, zoomAll } from './camera';

/** Closer, farther, and the whole coop again, in every view on the screen. */
export function ZoomButtons() {
  const isClose = useCameras((s) => Object.values(s).some((camera) => camera !== undefined));
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset is for fields
    <div role="group" aria-label="How close" className="flex shrink-0 border border-line">
      <button
        type="button"
        className={BUTTON}
        title="Farther (−)"
        onClick={() => zoomAll(1 / CLOSER)}
      >
        <ZoomOut size={15} aria-hidden />
        <span className="sr-only">Farther</span>
      </button>
      <button type="button" className={BUTTON} title="Closer (+)" onClick={() => zoomAll(CLOSER)}>
        <ZoomIn size={15} aria-hidden />
        <span className="sr-only">Closer</span>
      </button>
      <button
        type="button"
        className={BUTTON}
        title="The whole coop (0)"
        disabled={!isClose}
        onClick={wholeCoop}
      >
        <Maximize size={15} aria-hidden />
        <span className="sr-only">The whole coop</span>
      </button>
    </div>
  );
}

const BUTTON =
  'border-line not-last:border-r bg-raised px-2 py-1 text-soft hover:text-chalk disabled:opacity-40';
