import { jest } from '@jest/globals';
import { fireEvent, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Figures } from '../figure/shown';
import { useAssessment, usePlan } from '../session/bench';

/** What a browser has and the test's page has not. */
export function standIns(): void {
  globalThis.ResizeObserver = class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  };
  Element.prototype.scrollIntoView = jest.fn() as never;
  globalThis.matchMedia = () => new EventTarget() as MediaQueryList;
}

/** A part of the screen on the open plan, with its figures. */
export function Shown({ children }: { children: ReactNode }) {
  return (
    <Figures assessment={useAssessment()} plan={usePlan()}>
      {children}
    </Figures>
  );
}

export function show(part: ReactNode) {
  const shown = render(<Shown>{part}</Shown>);
  unfold();
  return shown;
}

/** Opens every fold of the page, as a keeper who looks at all of it. */
export function unfold(): void {
  for (;;) {
    const folded = document.querySelector('[data-fold] > h3 > button[aria-expanded="false"]');
    if (!folded) return;
    fireEvent.click(folded);
  }
}

/** Attributes of a drawing with a number that is none. */
export const spoilt = (root: HTMLElement): string[] =>
  [...root.querySelectorAll('*')].flatMap((e) =>
    [...e.attributes]
      .filter((a) => a.value.match(/NaN|undefined|Infinity/) !== null)
      .map((a) => `${e.tagName} ${a.name}=${a.value}`),
  );
