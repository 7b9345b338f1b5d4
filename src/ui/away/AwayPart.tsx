'use client';
import { CalendarDays } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useOpener } from '../forms/useOpener';
import { Doorway } from '../furniture/Fold';
import { usePlan } from '../session/bench';

const AwayDialog = dynamic(() => import('./AwayDialog').then((m) => m.AwayDialog));

/** How long the birds can be left: asked with two days. */
export function AwayPart() {
  const { flock } = usePlan();
  const { open, button, show, close } = useOpener();
  if (flock.length === 0) return null;
  return (
    <Doorway title="Days away">
      <button ref={button} type="button" className="button w-fit" onClick={show}>
        <CalendarDays size={15} aria-hidden /> How long can they be left?
      </button>
      {open ? <AwayDialog close={close} /> : null}
    </Doorway>
  );
}
