'use client';
import { createStore, type StoreApi, useStore } from 'zustand';
import { sessionHere, useSession } from './bench';
import type { Session } from './session';

/** A store of something that belongs to the open plan: a hook while drawing, and the window's own elsewhere. */
export interface OwnStore<T> {
  (): T;
  <U>(select: (state: T) => U): U;
  readonly getState: () => T;
  readonly setState: (next: Partial<T> | ((state: T) => Partial<T>)) => void;
}

/**
 * Keeps something of each open plan apart: it is made when it is first asked for, and gone with the plan's session.
 * @param first  how it begins
 * @example ofEachPlan(() => ({ open: false })).getState().open // false
 */
export function ofEachPlan<T extends object>(first: () => T): OwnStore<T> {
  const of = ({ kept }: Session): StoreApi<T> => {
    const own = kept.get(of) as StoreApi<T> | undefined;
    if (own) return own;
    const made = createStore<T>(first);
    kept.set(of, made);
    return made;
  };
  const use = <U>(select: (state: T) => U = (state) => state as unknown as U): U =>
    useStore(of(useSession()), select);
  return Object.assign(use, {
    getState: (): T => of(sessionHere()).getState(),
    setState: (next: Partial<T> | ((state: T) => Partial<T>)): void =>
      of(sessionHere()).setState(next),
  }) as OwnStore<T>;
}
