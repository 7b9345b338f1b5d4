'use client';
import { useSyncExternalStore } from 'react';
import { create } from 'zustand';

/** Where the folds that a keeper has opened are kept, in this browser. */
const KEY = 'wide-rafter-folds';

type Folds = Readonly<Record<string, boolean>>;

/** What has been opened and shut in this window: all that is known where a browser keeps nothing. */
const useFolds = create<{ readonly pressed: Folds }>(() => ({ pressed: {} }));

/** Folds by name, and whether they were left open; what cannot be read counts as none. */
function kept(): Folds {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    return typeof read === 'object' && read !== null ? (read as Folds) : {};
  } catch {
    return {};
  }
}

/** Opens or shuts a fold, and keeps it so. */
export function leave(name: string, open: boolean): void {
  try {
    localStorage.setItem(KEY, JSON.stringify({ ...kept(), [name]: open }));
  } catch {
    // a browser that keeps nothing is no error: the fold stays so until the page is left
  }
  useFolds.setState(({ pressed }) => ({ pressed: { ...pressed, [name]: open } }));
}

/**
 * Whether a named fold is open, as it was left in this browser; folded until it is first pressed.
 * @param name  of the fold, the same on every plan
 */
export const useFold = (name: string): boolean =>
  useSyncExternalStore(
    useFolds.subscribe,
    () => useFolds.getState().pressed[name] ?? kept()[name] === true,
    () => false,
  );
