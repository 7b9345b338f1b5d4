'use client';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { placeLeft, wayUp } from './placeLeft';

/**
 * Gives the focus a place where what had it has gone from the page: taken out by its own press, with a dialog that
 * had it, or with the page before. Who goes by key goes on from there, not from the page's start.
 */
export function FocusKept() {
  const path = usePathname();
  const first = useRef(path);
  useEffect(() => {
    let way = wayUp(null);
    /** The way up from what had the focus before a dialog took it. */
    let before = way;
    let frame = 0;
    const note = ({ target }: Event): void => {
      const inDialog = target instanceof Element && target.closest('[role$="dialog"]') !== null;
      if (inDialog && !way.inDialog) before = way;
      way = wayUp(target instanceof HTMLElement ? target : null, inDialog);
    };
    const keep = (): void => {
      cancelAnimationFrame(frame);
      // what replaces it may take the focus itself, a frame later
      frame = requestAnimationFrame(() => {
        frame = requestAnimationFrame(() => {
          const at = document.activeElement;
          if ((at !== null && at !== document.body) || way.from === null || way.from.isConnected) {
            return;
          }
          (placeLeft(way) ?? placeLeft(before))?.focus();
        });
      });
    };
    const seen = new MutationObserver(() => {
      if (way.from !== null && !way.from.isConnected) keep();
    });
    document.addEventListener('focusin', note);
    document.addEventListener('click', note, true);
    seen.observe(document.body, { childList: true, subtree: true });
    return () => {
      cancelAnimationFrame(frame);
      seen.disconnect();
      document.removeEventListener('focusin', note);
      document.removeEventListener('click', note, true);
    };
  }, []);
  // another page has come: its main part is gone on from
  useEffect(() => {
    // read from its start, a page is begun where the browser begins it
    if (first.current === path) return;
    first.current = '';
    const frame = requestAnimationFrame(() => {
      const at = document.activeElement;
      if (at !== null && at !== document.body) return;
      const main = document.querySelector<HTMLElement>('[data-begin], main h1, main');
      if (main && !main.hasAttribute('tabindex')) main.tabIndex = -1;
      main?.focus({ preventScroll: true });
    });
    return () => cancelAnimationFrame(frame);
  }, [path]);
  return null;
}
