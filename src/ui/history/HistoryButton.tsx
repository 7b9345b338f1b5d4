'use client';
import { History } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useOpener } from '../forms/useOpener';

const HistoryDialog = dynamic(() => import('./HistoryDialog').then((m) => m.HistoryDialog));

/** Opens the saves kept of the plan; the dialog is loaded when it is first asked for. */
export function HistoryButton() {
  const { open, button, show, close } = useOpener();
  return (
    <>
      <button
        ref={button}
        type="button"
        className="icon-button"
        aria-label="Earlier saves"
        title="Earlier saves"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={show}
      >
        <History size={17} aria-hidden />
      </button>
      {open ? <HistoryDialog close={close} /> : null}
    </>
  );
}
