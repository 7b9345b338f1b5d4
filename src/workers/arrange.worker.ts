import { type ArrangeAsk, type ArrangeStep, arrange } from '@/core/layout/arrange';
import type { Plan } from '@/core/model/schema';

/** What the search is asked, and what it tells on the way. */
export interface ArrangeMessage {
  readonly plan: Plan;
  readonly ask: ArrangeAsk;
}

/** How often it tells how far it has come, ms. */
const EVERY_MS = 120;

self.onmessage = ({ data }: MessageEvent<ArrangeMessage>): void => {
  let told = -Infinity;
  let last: ArrangeStep | null = null;
  for (const step of arrange(data.plan, data.ask)) {
    last = step;
    if (performance.now() - told < EVERY_MS) continue;
    told = performance.now();
    self.postMessage({ ...step, done: false });
  }
  self.postMessage({ ...(last ?? { share: 1, tried: 0, best: [] }), done: true });
};
