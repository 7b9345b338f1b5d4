import { jest } from '@jest/globals';
import type { Engine } from '../session/engine';

/**
 * Keeps the core from the page until the test lets it come. To be called before anything of the store is imported.
 * @returns the way to let it come
 */
export function lateEngine(): (engine: Engine) => void {
  let here: Engine | null = null;
  let come: (engine: Engine) => void = () => {};
  const coming = new Promise<Engine>((resolve) => {
    come = resolve;
  }).then((engine) => {
    here = engine;
    return engine;
  });
  jest.unstable_mockModule('@/ui/session/engineHere', () => ({
    engineHere: () => here,
    fetchEngine: () => coming,
  }));
  return come;
}
