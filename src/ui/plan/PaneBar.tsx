'use client';
import { House, ListOrdered } from 'lucide-react';
import { turnTo, useBench } from '../session/bench';

const PANES = [
  { id: 'staves', name: 'Staves', Icon: ListOrdered },
  { id: 'coop', name: 'Coop', Icon: House },
] as const;

/** On a phone, at the foot: the staves, or the coop. */
export function PaneBar() {
  const pane = useBench((s) => s.pane);
  return (
    <nav
      aria-label="Panes"
      className="grid grid-cols-2 border-ink border-t-2 bg-paper lg:hidden"
      data-no-print
    >
      {PANES.map(({ id, name, Icon }) => (
        <button
          key={id}
          type="button"
          aria-current={pane === id ? 'page' : undefined}
          onClick={() => turnTo(id)}
          className="flex min-h-13 items-center justify-center gap-2 border-transparent border-t-3 font-medium aria-[current=page]:border-chalk aria-[current=page]:text-chalk"
        >
          <Icon size={18} aria-hidden /> {name}
        </button>
      ))}
    </nav>
  );
}
