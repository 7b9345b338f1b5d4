import * as ToggleGroup from 'radix-ui/toggle-group';
import type { View } from '@/core/drawing/shape';
import { VIEWS } from './views';

/** From where the coop is seen: through one of its walls, or from above. */
export function ViewChoice({ view, choose }: { view: View; choose: (view: View) => void }) {
  return (
    <ToggleGroup.Root
      type="single"
      value={view}
      onValueChange={(v) => v && choose(v as View)}
      aria-label="View"
      className="flex border border-strong"
    >
      {VIEWS.map((v) => (
        <ToggleGroup.Item
          key={v.id}
          value={v.id}
          className="border-line not-last:border-r bg-raised px-2.5 py-1 text-[0.9rem] max-lg:min-h-[44px] max-lg:px-3 hover:text-chalk data-[state=on]:bg-chalk data-[state=on]:text-raised"
        >
          {v.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
