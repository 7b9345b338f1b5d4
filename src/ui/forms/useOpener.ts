'use client';
import { type RefObject, useEffect, useRef, useState } from 'react';

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
  const wasOpen = useRef(false);
  // after the dialog has gone: as long as it is there it keeps the focus to itself
  useEffect(() => {
    if (wasOpen.current && !open) button.current?.focus();
    wasOpen.current = open;
  }, [open]);
  return {
    open,
    button,
    show: () => setOpen(true),
    close: () => setOpen(false),
  };
}
