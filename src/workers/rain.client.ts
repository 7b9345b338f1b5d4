import type { RainAsk, RainTold } from './rainAnswers';

/** A worker that knows the weather of a plan's place, and runs one barrel after another through it. */
export interface RainApart {
  ask(what: RainAsk): void;
  stop(): void;
}

/**
 * Begins it beside the page. While it works at one question, of those that come only the newest plan waits, or the
 * newest barrel of the plan that it has.
 * @param tell  hears each answer
 * @param fail  hears where it could not be begun or broke
 */
export function rainApart(tell: (told: RainTold) => void, fail: () => void): RainApart {
  const worker = new Worker(new URL('./rain.worker.ts', import.meta.url), { type: 'module' });
  let isBusy = false;
  let waits: RainAsk | null = null;
  const send = (what: RainAsk): void => {
    isBusy = true;
    worker.postMessage(what);
  };
  worker.onmessage = ({ data }: MessageEvent<RainTold>): void => {
    isBusy = false;
    if (waits !== null) {
      const next = waits;
      waits = null;
      send(next);
    }
    tell(data);
  };
  worker.onerror = fail;
  return {
    ask: (what) => {
      if (!isBusy) send(what);
      // a barrel is tried in the plan that comes: it does not push that out
      else if (what.kind === 'plan' || waits?.kind !== 'plan') waits = what;
    },
    stop: () => {
      worker.onmessage = null;
      worker.onerror = null;
      worker.terminate();
    },
  };
}
