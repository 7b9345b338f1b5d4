import type { Engine } from './engine';
import { engineHere, fetchEngine } from './engineHere';

type Work = (engine: Engine) => void;

/** What waits for the engine, in the order it was asked for. */
const waiting: Work[] = [];
/** Whether one of what waited is being done: what it does itself waits no more. */
let doing = false;
/** How long until the engine is asked for again where nobody answers, ms. */
const AGAIN_MS = 3000;

/** Whether what is asked for now has its turn: the engine is here, and nothing that was asked for before still waits. */
export const itsTurn = (): boolean => engineHere() !== null && (doing || waiting.length === 0);

/**
 * Does something with the engine once all that was asked for before has been done: at once where nothing waits.
 * @param told  whether the engine came, where it had not come at the first asking
 */
export function inTurn(work: Work, told: (isHere: boolean) => void): void {
  const engine = engineHere();
  if (engine && itsTurn()) {
    work(engine);
    return;
  }
  waiting.push(work);
  if (waiting.length === 1) void bring(told);
}

/** Does something after the edits that wait; at once where none does, whether or not the engine is here. */
export function afterEdits(work: () => void): void {
  if (doing || waiting.length === 0) work();
  else waiting.push(work);
}

async function bring(told: (isHere: boolean) => void, again = false): Promise<void> {
  const engine = await fetchEngine().catch(() => null);
  if (engine === null) {
    told(false);
    setTimeout(() => void bring(told, true), AGAIN_MS);
    return;
  }
  if (again) told(true);
  for (let work = waiting[0]; work; work = waiting[0]) {
    try {
      doing = true;
      work(engine);
    } catch (error) {
      // one that broke is told of to whoever looks at the page's errors; those after it have their turn
      reportError(error);
    } finally {
      doing = false;
      waiting.shift();
    }
    // the fields show what was done before the next is done
    if (waiting.length > 0) await new Promise((r) => setTimeout(r));
  }
}
