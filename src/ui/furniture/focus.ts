'use client';

/** Frames waited at most for what is drawn after an edit or on the way to another station. */
const MOST_FRAMES = 40;

/** Moves the focus to the first thing that a selector names, as soon as it is on the page. */
export function focusOn(selector: string): void {
  asked++;
  tryFor(selector, asked, MOST_FRAMES);
}

/** The last that was asked for: what was asked before it waits no longer. */
let asked = 0;

function tryFor(selector: string, ask: number, frames: number): void {
  if (ask !== asked) return;
  const found = document.querySelector<HTMLElement>(selector);
  if (found) {
    // at once where it is there: who types fast has pressed the next key by the next frame
    found.focus();
    found.scrollIntoView({ block: 'nearest' });
  } else if (frames > 0) requestAnimationFrame(() => tryFor(selector, ask, frames - 1));
}

/** The stave of the station that is open. */
const STAVE = '[data-door][aria-current="page"]';

/** Moves the focus to the stave of the station that is open. */
export const focusStave = (): void => focusOn(STAVE);

/** Moves the focus to the stave of a station. */
export const focusStation = (id: string): void => focusOn(`[data-door][data-station="${id}"]`);

/** Where what had the focus is gone from the page, the open station's stave has it next. */
export function keepFocus(): void {
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      if (document.activeElement === document.body || document.activeElement === null) focusStave();
    }),
  );
}

/** Moves the focus to the first measure of a fixture's row. */
export const focusRow = (id: string): void =>
  focusOn(`[data-row="${CSS.escape(id)}"] input.figures, [data-row="${CSS.escape(id)}"] select`);

/** Moves the focus to a finding in the panel. */
export const focusFinding = (key: string): void =>
  focusOn(`[data-finding-key="${CSS.escape(key)}"] button`);
