'use client';
import { useSyncExternalStore } from 'react';

/** Where the folds that a keeper has opened are kept, in this browser. */
const KEY = 'wide-rafter-folds';
const CHANGED = 'wide-rafter-folds';

/** Folds by name, and whether they were left open; what cannot be read counts as none. */
function left(): Record<string, boolean> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, boolean>) : {};
  } catch {
    return {};
  }
}

/** Opens or shuts a fold, and keeps it so. */
export function leave(name: string, open: boolean): void {
  try {
    localStorage.setItem(KEY, JSON.stringify({ ...left(), [name]: open }));
  } catch {
    // a browser that keeps nothing is no error: the fold is as it stands until the page is left
  }
  dispatchEvent(new Event(CHANGED));
}

function heard(tell: () => void): () => void {
  addEventListener(CHANGED, tell);
  return () => removeEventListener(CHANGED, tell);
}

/**
 * Whether a named fold is open: as it was left in this browser.
 * @param name   of the fold, the same on every plan
 * @param first  how it stands until it is first pressed
 */
export function useFold(name: string, first: boolean): readonly [boolean, (open: boolean) => void] {
  const open = useSyncExternalStore(
    heard,
    () => left()[name] ?? first,
    () => first,
  );
  return [open, (next) => leave(name, next)];
}
