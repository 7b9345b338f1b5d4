'use client';
import { Pencil } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useOpener } from '../forms/useOpener';
import { edit, usePlan } from '../session/bench';

const RenameDialog = dynamic(() => import('../home/RenameDialog').then((m) => m.RenameDialog));

/** The plan's name; pressed, it can be changed. */
export function PlanName() {
  const { id, name } = usePlan();
  const { open, button, show, close } = useOpener();
  const rename = async (wanted: string): Promise<string | null> => {
    const done = edit(`Rename to ${wanted}`, (d) => {
      d.name = wanted;
    });
    return done.ok ? null : 'That name can’t be taken. Use fewer or plainer letters.';
  };
  return (
    <>
      <button
        ref={button}
        type="button"
        className="caption group/name flex max-w-full items-center gap-1 text-left hover:text-chalk"
        title="Rename the plan"
        aria-label={`${name}. Rename the plan`}
        aria-haspopup="dialog"
        onClick={show}
      >
        <span className="truncate" data-name>
          {name}
        </span>
        <Pencil size={11} aria-hidden className="shrink-0 opacity-60" />
      </button>
      {open ? <RenameDialog id={id} name={name} rename={rename} close={close} /> : null}
    </>
  );
}
