import 'server-only';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import type { Piscina } from 'piscina';
import { Turns } from './turns';
import type * as work from './work';

/** Work that the pool has no room for: who asked may come again after so many seconds. */
export class Busy extends Error {
  override readonly name = 'Busy';
  readonly retryAfterS = 5;
  constructor() {
    super('too much is asked at once');
  }
}

/** By its name: pages and routes may each have this module of their own, and share what is under way. */
export const isBusy = (error: unknown): error is Busy =>
  error instanceof Error && error.name === 'Busy';

/** What waits at most where every worker is at work. */
export const MOST_WAITING = 16;
/** Work that takes longer is given up, ms. */
const MOST_MS = 120_000;
/** What one worker may take, MB: past it the worker ends, and not the server. */
const MOST_MB = 512;

/** Somebody who waits for a worker. */
interface Turn {
  readonly kind: string;
  /** It is his turn now. */
  readonly come: () => void;
}

/** The workers, and who waits for one: one for the process, however often this module is loaded. */
interface Pool {
  readonly workers: Promise<Piscina>;
  readonly waiting: Turns<Turn>;
  atWork: number;
}

const KEY = Symbol.for('wide-rafter.jobs');
const held = globalThis as { [KEY]?: Pool };

/** As many workers as there are cores but one, which is the server's own; one at least. */
export const WORKERS = Math.max(1, availableParallelism() - 1);

/** Made when the first work is asked for: a server that starts loads none of it. */
function pool(): Pool {
  held[KEY] ??= { workers: makeWorkers(), waiting: new Turns(), atWork: 0 };
  return held[KEY];
}

async function makeWorkers(): Promise<Piscina> {
  const { Piscina } = await import('piscina');
  return new Piscina({
    filename: join(/* turbopackIgnore: true */ process.cwd(), '.next', 'tools', 'jobs.mjs'),
    minThreads: 1,
    maxThreads: WORKERS,
    idleTimeout: 60_000,
    // the server's own answers come first
    niceIncrement: 5,
    // files and fonts are read while a worker works
    atomics: 'disabled',
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
    recordTiming: false,
  });
}

type Kind = keyof typeof work;
type Ask<K extends Kind> = Parameters<(typeof work)[K]>[0];
type Answer<K extends Kind> = Awaited<ReturnType<(typeof work)[K]>>;

/**
 * Has work done beside the server: at once where a worker is free, else in its turn.
 * @param left  ends it, waiting or at work: who asked has left
 * @throws Busy where sixteen wait already; a TimeoutError where it takes too long; whatever the work throws
 */
export async function run<K extends Kind>(
  kind: K,
  ask: Ask<K>,
  left?: AbortSignal,
): Promise<Answer<K>> {
  const limit = AbortSignal.timeout(MOST_MS);
  const signal = left ? AbortSignal.any([left, limit]) : limit;
  const all = pool();
  await turn(all, kind, signal);
  try {
    const workers = await all.workers;
    return (await workers.run(ask, { name: kind, signal })) as Answer<K>;
  } catch (error) {
    // the pool has one error for all that is ended: why stands in the signal
    throw limit.aborted ? limit.reason : error;
  } finally {
    const next = all.waiting.shift();
    if (next) next.come();
    else all.atWork--;
  }
}

/** Comes to its end when a worker is free; whoever is at work hands his over to the next. */
async function turn(all: Pool, kind: string, signal: AbortSignal): Promise<void> {
  signal.throwIfAborted();
  if (all.atWork < WORKERS) {
    all.atWork++;
    return;
  }
  if (all.waiting.size >= MOST_WAITING) throw new Busy();
  await new Promise<void>((resolve, reject) => {
    const mine: Turn = {
      kind,
      come: () => {
        signal.removeEventListener('abort', leave);
        resolve();
      },
    };
    const leave = (): void => {
      all.waiting.remove(mine);
      reject(signal.reason);
    };
    signal.addEventListener('abort', leave, { once: true });
    all.waiting.push(mine);
  });
}
