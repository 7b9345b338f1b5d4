import type { Engine } from './engine';

let here: Engine | null = null;
let coming: Promise<Engine> | null = null;

/** The engine, once it is in this window; null before. */
export const engineHere = (): Engine | null => here;

/** Puts the engine into this window. */
export function supplyEngine(engine: Engine): void {
  here = engine;
}

/** Fetches the engine, once. What could not be fetched is asked for again the next time. */
export function fetchEngine(): Promise<Engine> {
  if (here) return Promise.resolve(here);
  coming ??= import('./engine').then(
    (m) => {
      supplyEngine(m.engine);
      return m.engine;
    },
    (error) => {
      coming = null;
      throw error;
    },
  );
  return coming;
}
