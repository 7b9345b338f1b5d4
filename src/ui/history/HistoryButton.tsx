'use client';
import { History } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';

const HistoryDialog = dynamic(() => import('./HistoryDialog').then((m) => m.HistoryDialog));

/** Opens the saves kept of the plan; the dialog is loaded when it is first asked for. */
export function HistoryButton() {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const close = (): void => {
    setOpen(false);
    button.current?.focus();
  };
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
        onClick={() => setOpen(true)}
      >
        <History size={17} aria-hidden />
      </button>
      {open ? <HistoryDialog close={close} /> : null}
    </>
  );
}
