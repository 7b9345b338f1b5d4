import { jest } from '@jest/globals';
import { act } from '@testing-library/react';
import { type RainAsk, rainAnswers } from '@/workers/rainAnswers';
import { type StoresAsk, storesAnswer } from '@/workers/storesAnswers';

/** How a worker does: it answers, it breaks on each question, or it says nothing yet. */
export type WorkerDoes = 'answer' | 'break' | 'wait';

/**
 * The workers of rain, frost and days away in the test's own thread, by the same answers. To be called before what
 * uses them is loaded.
 * @returns what they were asked, and a switch
 */
export function storesHere(): { readonly asked: string[]; now: WorkerDoes } {
  const state: { readonly asked: string[]; now: WorkerDoes } = { asked: [], now: 'answer' };
  const apart =
    <Ask extends { readonly kind: string }, Told>(answering: () => (ask: Ask) => Told) =>
    (tell: (told: Told) => void, fail: () => void) => {
      const answer = answering();
      let stopped = false;
      return {
        ask: (what: Ask): void => {
          state.asked.push(what.kind);
          const does = state.now;
          if (does === 'wait') return;
          // never before what asked has gone on
          void Promise.resolve().then(() => {
            if (stopped) return;
            act(() => (does === 'break' ? fail() : tell(answer(what))));
          });
        },
        stop: (): void => {
          stopped = true;
        },
      };
    };
  jest.unstable_mockModule('@/workers/rain.client', () => ({
    rainApart: apart<RainAsk, unknown>(rainAnswers),
  }));
  jest.unstable_mockModule('@/workers/stores.client', () => ({
    storesApart: apart<StoresAsk, unknown>(() => storesAnswer),
  }));
  return state;
}
