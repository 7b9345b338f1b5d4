import * as ToggleGroup from 'radix-ui/toggle-group';
import type { View } from '@/core/drawing/shape';

const VIEWS: readonly { readonly id: View; readonly name: string }[] = [
  { id: 'front', name: 'Front' },
  { id: 'side', name: 'Side' },
  { id: 'above', name: 'Above' },
];

/** From where the coop is seen: one of three. */
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
          className="border-line not-last:border-r bg-raised px-3 py-1 text-[0.9rem] max-lg:min-h-[44px] max-lg:px-4 hover:text-chalk data-[state=on]:bg-chalk data-[state=on]:text-raised"
        >
          {v.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
