'use client';
import { Plus } from 'lucide-react';
import * as Menu from 'radix-ui/dropdown-menu';
import { type ReactNode, useEffect, useRef } from 'react';
import { STATION_NAMES } from '@/text/stations';
import { useAdd } from '../furniture/useAdd';
import { goTo, useWhole } from '../session/bench';
import { MADE, offersFor } from './offers';

/** What can be put into the coop: first what the shortest stave needs. */
export function AddMenu({ face }: { face: ReactNode }) {
  const { staves, heldBackBy, carries, planned } = useWhole();
  const add = useAdd();
  const content = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // opened by the button that stood here before: its first item has the focus, as on every later opening by key
    const frame = requestAnimationFrame(() =>
      content.current?.querySelector<HTMLElement>('[role="menuitem"]')?.focus(),
    );
    return () => cancelAnimationFrame(frame);
  }, []);
  const offers = offersFor(staves, heldBackBy);
  return (
    <Menu.Root defaultOpen modal={false}>
      <Menu.Trigger className="button">{face}</Menu.Trigger>
      <Menu.Content
        ref={content}
        align="start"
        side="top"
        sideOffset={4}
        data-add-menu
        className="z-30 min-w-60 border border-strong bg-raised py-1 shadow-xl"
      >
        {offers.map((station, i) => (
          <Menu.Item
            key={station}
            onSelect={() => {
              const made = MADE[station];
              if (!made) return;
              goTo(station);
              add(made.add);
            }}
            className="grid cursor-pointer grid-cols-[16px_1fr] items-start gap-x-2.5 px-3 py-1.5 outline-none data-[highlighted]:bg-sunk max-lg:min-h-[44px]"
          >
            <Plus size={15} className="mt-[3px]" aria-hidden />
            <span>
              {MADE[station]?.name}
              {i === 0 ? (
                <span className="block text-[0.84rem] text-soft">
                  {STATION_NAMES[station]}:{' '}
                  {carries === null
                    ? 'not entered yet'
                    : carries < planned
                      ? 'what holds the coop back'
                      : 'the least to spare'}
                </span>
              ) : null}
            </span>
          </Menu.Item>
        ))}
      </Menu.Content>
    </Menu.Root>
  );
}
