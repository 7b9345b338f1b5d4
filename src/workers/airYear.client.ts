import type { AirYearMessage, AirYearTold } from './airYear.worker';

/**
 * Works a year of a coop's air beside the page.
 * @param tell  hears how far it has come, the last time with the year
 * @param fail  hears where it could not be begun or broke
 * @returns     the way to call it off
 */
export function airYearApart(
  message: AirYearMessage,
  tell: (told: AirYearTold) => void,
  fail: () => void,
): () => void {
  const worker = new Worker(new URL('./airYear.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<AirYearTold>): void => {
    tell(data);
    if (data.kind === 'done') worker.terminate();
  };
  worker.onerror = (): void => {
    worker.terminate();
    fail();
  };
  worker.postMessage(message);
  return () => {
    // called off before it has come it would tell of an error
    worker.onmessage = null;
    worker.onerror = null;
    worker.terminate();
  };
}
