'use client';
import { useEffect } from 'react';
import { create } from 'zustand';
import { focusStation, focusStave } from '../furniture/focus';
import { goTo, redo, undo } from '../session/bench';
import { LETTERS, stationOfLetter } from './keys';

const OFF_KEY = 'wide-rafter-letters-off';

/** Whether the list of keys is open, and whether single letters act. */
export const useKeys = create<{ open: boolean; letters: boolean }>(() => ({
  open: false,
  letters: true,
}));

/** Switches single letters on or off, for this browser. */
export function setLetters(letters: boolean): void {
  useKeys.setState({ letters });
  localStorage.setItem(OFF_KEY, letters ? '' : '1');
}

/**
 * Keys of the bench: undo and redo anywhere but in a field; single letters only while the staves, the drawing or a
 * finding have the focus, so that what is typed beside a field changes nothing. Escape leaves a field to the staves.
 */
export function useBenchKeys(): void {
  useEffect(() => {
    useKeys.setState({ letters: localStorage.getItem(OFF_KEY) !== '1' });
    let afterG = false;
    const onKey = (event: KeyboardEvent): void => {
      const { target } = event;
      const key = event.key.toLowerCase();
      const control = event.ctrlKey || event.metaKey;
      const inPopup =
        target instanceof Element && target.closest('[role="dialog"], [role="menu"]') !== null;
      if (key === 'escape' && !inPopup && !event.defaultPrevented) {
        focusStave();
        return;
      }
      if (
        target instanceof HTMLElement &&
        target.closest('input:not([type=radio]), select, textarea, [role="dialog"]')
      ) {
        if (target.closest('[role="dialog"]')) return;
        // a field with nothing typed into it has nothing of its own to undo
        if (!control || !/^[zy]$/.test(key) || target.hasAttribute('data-dirty')) return;
      }
      if (control && key === 'z') {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      } else if (control && key === 'y') {
        event.preventDefault();
        redo();
      } else if (!control && !event.altKey) {
        const wasAfterG = afterG;
        afterG = key === 'g';
        letter(event, key, wasAfterG, target);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

function letter(
  event: KeyboardEvent,
  key: string,
  afterG: boolean,
  target: EventTarget | null,
): void {
  if (key === '?') {
    event.preventDefault();
    useKeys.setState({ open: true });
    return;
  }
  if (!useKeys.getState().letters) return;
  if (!(target instanceof Element && target.closest('[data-letters]'))) return;
  // Enter on a button is the button's
  if (key === 'enter' && document.activeElement?.closest('button, a, summary, [data-figure]'))
    return;
  const station = afterG ? stationOfLetter(key) : null;
  const work = station
    ? () => {
        goTo(station);
        focusStation(station);
      }
    : LETTERS[key];
  if (!work) return;
  event.preventDefault();
  work();
}
