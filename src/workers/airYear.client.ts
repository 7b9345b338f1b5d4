import type { AirYearMessage, AirYearTold } from './airYear.worker';
import { hearWorker } from './apart';

/**
 * Works a year of a coop's air beside the page.
 * @param tell  hears how far it has come, then the year, then what many years may bring
 * @param fail  hears where it could not be begun or broke
 * @returns     the way to call it off
 */
export function airYearApart(
  message: AirYearMessage,
  tell: (told: AirYearTold) => void,
  fail: () => void,
): () => void {
  const worker = new Worker(new URL('./airYear.worker.ts', import.meta.url), { type: 'module' });
  return hearWorker(
    worker,
    message,
    tell,
    (told) => told.kind === 'extremes' || (told.kind === 'done' && told.year === null),
    fail,
  );
}
