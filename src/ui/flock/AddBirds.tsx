'use client';
import { ChevronDown, Plus } from 'lucide-react';
import * as DropdownMenu from 'radix-ui/dropdown-menu';
import { chickGroup, newGroup, springGroup, springHatch } from '@/core/edit/defaults';
import type { Group } from '@/core/model/schema';
import { edit, useBench, usePlan } from '../session/bench';

const ITEM =
  'flex cursor-pointer flex-col px-3 py-1.5 outline-none data-[highlighted]:bg-chalk-soft max-lg:min-h-[44px]';

/** Two presses: a group that lives here now, chicks to be reared, or six more in the next springs. */
export function AddBirds() {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const add = (name: string, group: Group): void => {
    edit(name, (d) => void d.flock.push(group));
  };
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className={`button ${plan.flock.length === 0 ? 'button-primary' : ''}`}>
        <Plus size={15} aria-hidden /> Add birds <ChevronDown size={14} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-20 min-w-64 border border-strong bg-raised py-1 shadow-lg"
        >
          <DropdownMenu.Item
            className={ITEM}
            onSelect={() => add('Add a group', newGroup(plan, on))}
          >
            A group living here now
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={ITEM}
            onSelect={() => add('Add chicks', chickGroup(plan, on))}
          >
            Twelve chicks, a day old
            <span className="text-[0.82rem] text-soft">reared here in a brooder, eight weeks</span>
          </DropdownMenu.Item>
          {[0, 1].map((later) => (
            <DropdownMenu.Item
              key={later}
              className={ITEM}
              onSelect={() => add('Add a spring group', springGroup(plan, on, later))}
            >
              {later === 0 ? 'Six more next spring' : 'Six more in the spring after next'}
              <span className="text-[0.82rem] text-soft">
                hatched in {springHatch(plan, on, later).slice(0, 4)}
              </span>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
