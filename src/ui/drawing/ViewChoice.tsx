import { useId } from 'react';
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
  const chosen = run?.on ? 'run' : view;
  const group = useId();
  return (
    <div
      role="radiogroup"
      aria-label="View"
      className={`flex border border-strong ${stacked ? 'lg:w-full lg:flex-col' : ''}`}
    >
      {all.map((v) => (
        <label
          key={v.id}
          className={`relative flex items-center border-line not-last:border-r ${stacked ? 'lg:not-last:border-r-0 lg:not-last:border-b' : ''} bg-raised px-2.5 py-1 text-[0.9rem] max-lg:min-h-[44px] max-lg:px-3 hover:text-chalk has-checked:bg-chalk has-checked:text-raised has-focus-visible:outline-2 has-focus-visible:outline-chalk has-focus-visible:outline-offset-2`}
        >
          <input
            type="radio"
            name={group}
            aria-label={v.name}
            checked={v.id === chosen}
            className="absolute inset-0 size-full cursor-pointer appearance-none outline-none"
            onChange={() => (v.id === 'run' ? run?.show() : choose(v.id))}
          />
          <span aria-hidden>{v.name}</span>
        </label>
      ))}
    </div>
  );
}
