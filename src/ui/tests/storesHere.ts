import { jest } from '@jest/globals';
import { act } from '@testing-library/react';
import { type StoresAsk, type StoresTold, storesAnswers } from '@/workers/storesAnswers';

/** How the worker of the stores does: it answers, it breaks on each question, or it says nothing yet. */
export type StoresDo = 'answer' | 'break' | 'wait';

/**
 * The worker of the stores in the test's own thread, by the same answers. To be called before what uses it is loaded.
 * @returns what it was asked, and a switch
 */
export function storesHere(): { readonly asked: StoresAsk['kind'][]; now: StoresDo } {
  const state: { readonly asked: StoresAsk['kind'][]; now: StoresDo } = {
    asked: [],
    now: 'answer',
  };
  jest.unstable_mockModule('@/workers/stores.client', () => ({
    storesApart: (tell: (told: StoresTold) => void, fail: () => void) => {
      const answer = storesAnswers();
      let stopped = false;
      return {
        ask: (what: StoresAsk): void => {
          state.asked.push(what.kind);
          if (state.now === 'wait') return;
          if (state.now === 'break') {
            act(() => fail());
            return;
          }
          const told = answer(what);
          if (told !== null && !stopped) act(() => tell(told));
        },
        stop: (): void => {
          stopped = true;
        },
      };
    },
  }));
  return state;
}
