'use client';
import { type ReactNode, useContext, useLayoutEffect, useState } from 'react';
import { createStore } from 'zustand';
import { BenchPage, PageStore, useSession } from './bench';

/**
 * A part of the screen that is drawn in a frame of its own while something is in hand: all that changes together is
 * more than one frame has room for. With nothing in hand it is never behind.
 * @param after  how many frames it comes after what was worked
 */
export function Lane({ after, children }: { after: number; children: ReactNode }) {
  const { store } = useSession();
  const page = useContext(PageStore) ?? store;
  const [own] = useState(() => createStore(() => page.getState()));
  useLayoutEffect(() => {
    let frame = 0;
    const wait = (left: number): void => {
      frame = requestAnimationFrame(() => {
        frame = 0;
        if (left > 1) wait(left - 1);
        else own.setState(page.getState(), true);
      });
    };
    own.setState(page.getState(), true);
    const stop = page.subscribe(({ held }) => {
      cancelAnimationFrame(frame);
      if (held) wait(after);
      else own.setState(page.getState(), true);
    });
    return () => {
      stop();
      cancelAnimationFrame(frame);
    };
  }, [page, own, after]);
  return <BenchPage value={own}>{children}</BenchPage>;
}
