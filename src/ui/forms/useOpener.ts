'use client';
import { type RefObject, useRef, useState } from 'react';

interface Opener {
  readonly open: boolean;
  /** For the button that opens: it has the focus again when what it opened is shut. */
  readonly button: RefObject<HTMLButtonElement | null>;
  show(): void;
  close(): void;
}

/** A button that opens a dialog which is loaded only then. */
export function useOpener(): Opener {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  return {
    open,
    button,
    show: () => setOpen(true),
    close: () => {
      setOpen(false);
      button.current?.focus();
    },
  };
}
