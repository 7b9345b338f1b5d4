'use client';
import { Copy, Pin, Trash2 } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import type { Fixture } from '@/core/model/schema';
import { WorkingHost } from '../figure/WorkingHost';
import { TextField } from '../forms/fields';
import { OfThing } from '../forms/thing';
import { pick, useBench } from '../session/bench';
import { duplicateFixture, editFixture, pinFixture, removeFixture } from './fixtures';

/** One fixture edited in place; picking the row picks the drawing, and back. */
export function FixtureRow({
  fixture,
  summary,
  children,
}: {
  fixture: Fixture;
  summary: ReactNode;
  children: ReactNode;
}) {
  const picked = useBench((s) => s.picked === fixture.id);
  const pinned = useBench((s) => s.plan?.pinned.includes(fixture.id) ?? false);
  const ref = useRef<HTMLFieldSetElement>(null);
  useEffect(() => {
    // picked on the drawing, the row comes into view; picked by its own focus, it must not move under the pointer
    const row = ref.current;
    if (picked && !row?.contains(document.activeElement)) row?.scrollIntoView({ block: 'nearest' });
  }, [picked]);
  return (
    <OfThing id={fixture.id} name={fixture.name}>
      <fieldset
        ref={ref}
        data-row={fixture.id}
        data-picked={picked || undefined}
        onFocus={() => pick(fixture.id)}
        className={`border px-3 pt-2 pb-2.5 ${picked ? 'border-chalk bg-paper' : 'border-line'}`}
      >
        <legend className="sr-only" data-name>
          {fixture.name}
        </legend>
        <div className="flex items-end gap-1">
          <div className="min-w-0 flex-1">
            <TextField
              label="Name"
              value={fixture.name}
              commit={(name) =>
                editFixture(fixture.kind, fixture.id, 'Rename', (f) => {
                  f.name = name;
                })
              }
            />
          </div>
          <button
            type="button"
            className={`icon-button ${pinned ? 'text-chalk' : ''}`}
            aria-label={`Pin ${fixture.name}`}
            aria-pressed={pinned}
            title={
              pinned
                ? 'Pinned: it stays when the coop is arranged'
                : 'Pin: stays when the coop is arranged'
            }
            onClick={() => pinFixture(fixture)}
          >
            <Pin size={15} fill={pinned ? 'currentColor' : 'none'} aria-hidden />
          </button>
          <button
            type="button"
            className="icon-button"
            aria-label={`Duplicate ${fixture.name}`}
            title="Duplicate"
            onClick={() => duplicateFixture(fixture)}
          >
            <Copy size={15} aria-hidden />
          </button>
          <button
            type="button"
            className="icon-button"
            aria-label={`Remove ${fixture.name}`}
            title="Remove"
            onClick={() => removeFixture(fixture)}
          >
            <Trash2 size={15} aria-hidden />
          </button>
        </div>
        <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
          {children}
        </div>
        <WorkingHost className="mt-1.5 text-[0.87rem] text-soft">{summary}</WorkingHost>
      </fieldset>
    </OfThing>
  );
}
