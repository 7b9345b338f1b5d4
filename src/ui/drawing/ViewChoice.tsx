import * as ToggleGroup from 'radix-ui/toggle-group';
import type { View } from '@/core/drawing/shape';
import { VIEWS } from './views';

/** From where the coop is seen: through one of its walls, or from above. */
export function ViewChoice({
  view,
  choose,
  run = null,
  stacked = false,
}: {
  view: View;
  choose: (view: View) => void;
  /** The run can be looked at too: whether it is, and how to turn to it; null where there is none. */
  run?: { readonly on: boolean; readonly show: () => void } | null;
  /** One under the other where the screen is wide: in a narrow column beside the drawings. */
  stacked?: boolean;
}) {
  const all = [...VIEWS, ...(run ? [{ id: 'run', name: 'Run' } as const] : [])];
  return (
    <ToggleGroup.Root
      type="single"
      value={run?.on ? 'run' : view}
      onValueChange={(v) => {
        if (v === 'run') run?.show();
        else if (v) choose(v as View);
      }}
      aria-label="View"
      className={`flex border border-strong ${stacked ? 'lg:w-full lg:flex-col' : ''}`}
    >
      {all.map((v) => (
        <ToggleGroup.Item
          key={v.id}
          value={v.id}
          className={`border-line not-last:border-r ${stacked ? 'text-left lg:not-last:border-r-0 lg:not-last:border-b' : ''} bg-raised px-2.5 py-1 text-[0.9rem] max-lg:min-h-[44px] max-lg:px-3 hover:text-chalk data-[state=on]:bg-chalk data-[state=on]:text-raised`}
        >
          {v.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
