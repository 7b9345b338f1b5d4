'use client';
import { ChevronDown } from 'lucide-react';
import { useId, useState } from 'react';
import { TOPIC_NAMES } from '@/text/topics';
import { nameOf } from '../furniture/schoolName';
import { useAssessment, usePlan } from '../session/bench';
import { SchoolList } from './parts';

/** The rule in use, on one line; opened, every rule with what it would give and why. */
export function Schools({ topic }: { topic: string }) {
  const { schools } = useAssessment();
  const { units } = usePlan();
  const id = useId();
  const [open, setOpen] = useState(false);
  const offers = schools[topic] ?? [];
  const chosen = offers.find((o) => o.chosen);
  if (!chosen) return null;
  return (
    <div className="border-line border-t pt-2">
      <button
        type="button"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        className="flex w-full items-baseline justify-between gap-2 text-left hover:text-chalk"
      >
        <span>
          <span className="caption block">{TOPIC_NAMES[topic] ?? 'Rule'}</span>
          <span className="font-semibold" data-school-name>
            {nameOf(chosen, units)}
          </span>
        </span>
        <span className="flex items-center gap-1 text-[0.87rem] text-chalk">
          {open ? 'Close' : 'Compare rules'}
          <ChevronDown
            size={15}
            aria-hidden
            className={`transition-transform ${open ? 'rotate-180' : ''}`}
          />
        </span>
      </button>
      <div id={id}>{open ? <SchoolList topic={topic} offers={offers} /> : null}</div>
    </div>
  );
}
