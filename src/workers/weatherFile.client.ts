import { hearWorker } from './apart';
import type { WeatherFileMessage, WeatherFileTold } from './weatherFile.worker';

/**
 * Reads a file of hours beside the page.
 * @param fail  hears where the worker could not be begun or broke
 * @returns     the way to call it off
 */
export function readWeatherApart(
  message: WeatherFileMessage,
  tell: (told: WeatherFileTold) => void,
  fail: () => void,
): () => void {
  const worker = new Worker(new URL('./weatherFile.worker.ts', import.meta.url), {
    type: 'module',
  });
  return hearWorker(worker, message, tell, () => true, fail);
}
