import type { ArrangeStep } from '@/core/layout/arrange';
import { hearWorker } from './apart';
import type { ArrangeMessage } from './arrange.worker';

export type ArrangeTold = ArrangeStep & { readonly done: boolean };

/**
 * Arranges a coop beside the page.
 * @param tell  hears how far the search has come, the last time with `done`
 * @param fail  hears where the search could not be begun or broke
 * @returns     the way to call it off
 */
export function arrangeApart(
  message: ArrangeMessage,
  tell: (step: ArrangeTold) => void,
  fail: () => void,
): () => void {
  const worker = new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' });
  return hearWorker(worker, message, tell, (told) => told.done, fail);
}
