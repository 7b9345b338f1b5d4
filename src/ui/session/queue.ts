import type { Engine } from './engine';
import { engineHere, fetchEngine } from './engineHere';

type Work = (engine: Engine) => void;

/** How long until the engine is asked for again where nobody answers, ms. */
const AGAIN_MS = 3000;

/** What is done to one plan, in the order it was asked for: it waits for the engine until that has come. */
export class EditQueue {
  readonly #waiting: Work[] = [];
  /** Whether one of what waited is being done: what it does itself waits no more. */
  #doing = false;

  /** Whether what is asked for now has its turn: the engine is here, and nothing that was asked for before still waits. */
  isFree(): boolean {
    return engineHere() !== null && (this.#doing || this.#waiting.length === 0);
  }

  /**
   * Does something with the engine once all that was asked for before has been done: at once where nothing waits.
   * @param told  whether the engine came, where it had not come at the first asking
   */
  inTurn(work: Work, told: (isHere: boolean) => void): void {
    const engine = engineHere();
    if (engine && this.isFree()) {
      work(engine);
      return;
    }
    this.#waiting.push(work);
    if (this.#waiting.length === 1) void this.#bring(told);
  }

  /** Does something after the edits that wait; at once where none does, whether or not the engine is here. */
  after(work: () => void): void {
    if (this.#doing || this.#waiting.length === 0) work();
    else this.#waiting.push(work);
  }

  async #bring(told: (isHere: boolean) => void, again = false): Promise<void> {
    const engine = await fetchEngine().catch(() => null);
    if (engine === null) {
      told(false);
      setTimeout(() => void this.#bring(told, true), AGAIN_MS);
      return;
    }
    if (again) told(true);
    for (let work = this.#waiting[0]; work; work = this.#waiting[0]) {
      try {
        this.#doing = true;
        work(engine);
      } catch (error) {
        // one that broke is told of to whoever looks at the page's errors; those after it have their turn
        reportError(error);
      } finally {
        this.#doing = false;
        this.#waiting.shift();
      }
      // the fields show what was done before the next is done
      if (this.#waiting.length > 0) await new Promise((r) => setTimeout(r));
    }
  }
}
