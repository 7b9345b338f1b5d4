import type { ArrangeAsk, ArrangeStep } from '@/core/layout/arrange';
import { arrangeZone } from '@/core/layout/arrangeZone';
import type { Plan } from '@/core/model/schema';
import type { ZoneId } from '@/core/model/scope';

/** What the search is asked, and what it tells on the way. */
export interface ArrangeMessage {
  readonly plan: Plan;
  /** Of a parted coop, the zone that is arranged. */
  readonly zone: ZoneId;
  readonly ask: ArrangeAsk;
}

/** How often it tells how far it has come, ms. */
const EVERY_MS = 120;

self.onmessage = ({ data }: MessageEvent<ArrangeMessage>): void => {
  let told = -Infinity;
  let last: ArrangeStep | null = null;
  for (const step of arrangeZone(data.plan, data.zone, data.ask)) {
    last = step;
    if (performance.now() - told < EVERY_MS) continue;
    told = performance.now();
    self.postMessage({ ...step, done: false });
  }
  self.postMessage({ ...(last ?? { share: 1, tried: 0, best: [] }), done: true });
};
