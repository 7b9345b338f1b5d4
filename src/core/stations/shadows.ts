import { droppingsShadow, sleepingById } from '../geometry/bars';
import { meetInPlan } from '../geometry/forms';
import type { Solid } from '../kernel/finding';
import type { Bar } from '../model/schema';
import type { StationContext } from './context';

interface Shadow {
  readonly bar: Bar;
  readonly solid: Solid;
}

/** Bars that birds sleep on, by id: sorted once for every station. */
export const sleepingIn = ({ kept, plan, of }: StationContext): readonly Bar[] =>
  kept('bars.sleeping', [of('bar')], () => sleepingById(plan));

/** Where the droppings of every sleeping bar fall; none where nobody roosts. */
const shadowsIn = ({ kept, plan, flock, of }: StationContext): readonly Shadow[] => {
  const heaviest = flock.heaviestOnBarsKg;
  if (heaviest === null) return [];
  return kept('shadows', [of('bar'), heaviest], () =>
    of('bar').flatMap((bar) =>
      bar.use === 'sleeping' ? [{ bar, solid: droppingsShadow(bar, heaviest, plan) }] : [],
    ),
  );
};

/** Sleeping bars whose droppings fall on a solid below them. */
export function barsOver(ctx: StationContext, solid: Solid): Bar[] {
  const over: Bar[] = [];
  for (const { bar, solid: shadow } of shadowsIn(ctx)) {
    if (bar.z > solid.z0 && meetInPlan(shadow, solid)) over.push(bar);
  }
  return over;
}
