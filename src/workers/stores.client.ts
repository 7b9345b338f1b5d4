import type { StoresAsk, StoresTold } from './storesAnswers';

/** A worker that answers what is asked of frost and of days away. */
export interface StoresApart {
  ask(what: StoresAsk): void;
  stop(): void;
}

/**
 * Begins it beside the page.
 * @param tell  hears each answer
 * @param fail  hears where it could not be begun or broke
 */
export function storesApart(tell: (told: StoresTold) => void, fail: () => void): StoresApart {
  const worker = new Worker(new URL('./stores.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<StoresTold>): void => tell(data);
  worker.onerror = fail;
  return {
    ask: (what) => worker.postMessage(what),
    stop: () => {
      worker.onmessage = null;
      worker.onerror = null;
      worker.terminate();
    },
  };
}
