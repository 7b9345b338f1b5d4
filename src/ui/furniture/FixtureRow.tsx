'use client';
import { ChevronDown, ChevronRight, Copy, Pin, Trash2 } from 'lucide-react';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { Fixture } from '@/core/model/schema';
import { SEVERITY_NAMES } from '@/text/findingSay';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { TextField } from '../forms/fields';
import { OfThing } from '../forms/thing';
import { Mark } from '../marks/Mark';
import { pick, useAssessment, useBench } from '../session/bench';
import { duplicateFixture, editFixture, pinFixture, removeFixture } from './fixtures';

/** Of a kind that has more than so many, each is a line until it is picked or opened. */
const ALL_OPEN = 2;

/**
 * One fixture edited in place; picking the row picks the drawing, and back. Where there are many of its kind it is a
 * line: its name, the figures that matter, and the worst that is found of it; pressed or picked it opens.
 * @param told  the figures that matter
 * @param of    how many of its kind there are
 */
export function FixtureRow({
  fixture,
  told,
  of,
  summary,
  children,
}: {
  fixture: Fixture;
  told: readonly string[];
  of: number;
  summary: ReactNode;
  children: ReactNode;
}) {
  const picked = useBench((s) => s.picked === fixture.id);
  const pinned = useBench((s) => s.plan?.pinned.includes(fixture.id) ?? false);
  const ref = useRef<HTMLFieldSetElement>(null);
  const [open, setOpen] = useState(of <= ALL_OPEN);
  useEffect(() => {
    if (picked) setOpen(true);
  }, [picked]);
  useEffect(() => {
    // picked on the drawing, the row comes into view; picked by its own focus, it must not move under the pointer
    const row = ref.current;
    if (picked && !row?.contains(document.activeElement)) row?.scrollIntoView({ block: 'nearest' });
  }, [picked]);
  if (!open) {
    return (
      <FixtureLine
        fixture={fixture}
        told={told}
        open={() => {
          setOpen(true);
          pick(fixture.id);
        }}
      />
    );
  }
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
          {of > ALL_OPEN ? (
            <button
              type="button"
              className="icon-button"
              aria-label={`Close ${fixture.name}`}
              aria-expanded
              title="Close"
              onClick={() => {
                setOpen(false);
                if (picked) pick(null);
              }}
            >
              <ChevronDown size={15} aria-hidden />
            </button>
          ) : null}
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

/** A fixture in one line. */
function FixtureLine({
  fixture,
  told,
  open,
}: {
  fixture: Fixture;
  told: readonly string[];
  open: () => void;
}) {
  const { figures, findings } = useAssessment();
  // findings stand worst first
  const worst = findings.find((f) => f.fixtures.includes(fixture.id));
  return (
    <WorkingHost className="border border-line">
      <div data-row={fixture.id} className="flex min-h-8 items-center gap-2 pr-2">
        <button
          type="button"
          aria-expanded={false}
          aria-label={`Open ${fixture.name}`}
          className="flex min-h-8 min-w-0 flex-1 items-center gap-1 px-1.5 text-left hover:text-chalk max-lg:min-h-[44px]"
          onClick={open}
        >
          <ChevronRight size={15} aria-hidden className="shrink-0 text-soft" />
          <span className="truncate" data-name>
            {fixture.name}
          </span>
        </button>
        {told
          .filter((id) => figures.get(id))
          .map((id) => (
            <Figure key={id} id={id} className="figures shrink-0 text-[0.87rem]" />
          ))}
        {worst ? (
          <span
            className={`flex shrink-0 items-center gap-1 text-[0.82rem] ${worst.severity === 'awkward' ? 'text-soft' : 'text-oxide'}`}
          >
            <Mark kind={worst.severity} size={12} /> {SEVERITY_NAMES[worst.severity]}
          </span>
        ) : null}
      </div>
    </WorkingHost>
  );
}
