'use client';
import { ChevronDown, Pin } from 'lucide-react';
import * as Popover from 'radix-ui/popover';
import { type KeyboardEvent, type ReactNode, useRef, useState } from 'react';
import { ENTERED_AT } from '@/core/edit/enteredAt';
import type { StationId } from '@/core/kernel/station';
import type { Fixture } from '@/core/model/schema';
import { STATION_NAMES } from '@/text/stations';
import { focusOn } from '../../furniture/focus';
import { goTo, pick, say, useAssessment, useBench, usePlan } from '../../session/bench';
import { light } from '../lit';
import { whereText } from '../whereText';
import { branchesOf, type Node, nodesOf, stepFrom } from './branches';
import { openThings } from './things';

/** All that stands in the coop, as a tree: walked by arrows, each thing with where it stands and what it carries. */
export function FixtureTree({ face }: { face: ReactNode }) {
  const plan = usePlan();
  const assessment = useAssessment();
  const picked = useBench((s) => s.picked);
  const [shut, setShut] = useState<ReadonlySet<StationId>>(new Set());
  const branches = branchesOf(plan.fixtures);
  const nodes = nodesOf(branches, shut);
  const [focused, setFocused] = useState<Node | null>(
    () => nodes.find((n) => n.kind === 'thing' && n.key === picked) ?? nodes[0] ?? null,
  );
  const tree = useRef<HTMLDivElement>(null);
  const isPicked = useRef(false);
  const lineOf = ({ kind, key }: Node): HTMLElement | null =>
    tree.current?.querySelector(`[data-node="${CSS.escape(`${kind} ${key}`)}"]`) ?? null;
  const toggle = (station: StationId): void =>
    setShut((was) => {
      const next = new Set(was);
      if (!next.delete(station)) next.add(station);
      return next;
    });
  const take = (fixture: Fixture): void => {
    isPicked.current = true;
    goTo(ENTERED_AT[fixture.kind]);
    pick(fixture.id);
    say(whereText(fixture, plan, assessment));
    openThings(null);
  };
  const onKey = (event: KeyboardEvent): void => {
    if (!focused) return;
    const step = stepFrom(event.key, focused, nodes, shut);
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    if ('to' in step) lineOf(step.to)?.focus();
    else if ('toggle' in step) toggle(step.toggle);
    else {
      const fixture = plan.fixtures.find((f) => f.id === step.pick);
      if (fixture) take(fixture);
    }
  };
  const isFocused = (n: Node): boolean => focused?.kind === n.kind && focused.key === n.key;
  return (
    <Popover.Root
      open
      onOpenChange={(open) => {
        if (!open) openThings(null);
      }}
    >
      <Popover.Trigger className="button">{face}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          side="top"
          sideOffset={4}
          collisionPadding={8}
          aria-label="Things in the coop"
          className="z-30 max-h-[60dvh] w-[21rem] overflow-y-auto border border-strong bg-raised py-1 shadow-xl"
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            if (focused) lineOf(focused)?.focus();
          }}
          onCloseAutoFocus={(event) => {
            light();
            if (!isPicked.current) return;
            // its arrow keys act on the drawing
            event.preventDefault();
            focusOn('svg[data-view]');
          }}
        >
          {nodes.length === 0 ? (
            <p className="px-3 py-2 text-soft">Nothing stands here yet. Add a bar to begin with.</p>
          ) : null}
          <div ref={tree} role="tree" aria-label="Things in the coop" onKeyDown={onKey}>
            {nodes.map((n) => {
              const line = {
                'data-node': `${n.kind} ${n.key}`,
                onFocus: () => {
                  setFocused(n);
                  light(n.kind === 'thing' ? [n.key] : []);
                },
              };
              const isNext = isFocused(n) || (focused === null && nodes[0] === n);
              if (n.kind === 'branch') {
                const count = branches.find((b) => b.station === n.key)?.fixtures.length ?? 0;
                return (
                  // biome-ignore lint/a11y/useKeyWithClickEvents: keys act on the whole tree
                  <div
                    key={n.key}
                    role="treeitem"
                    aria-level={1}
                    aria-expanded={!shut.has(n.key)}
                    aria-label={`${STATION_NAMES[n.key]}, ${count}`}
                    tabIndex={isNext ? 0 : -1}
                    {...line}
                    onClick={() => toggle(n.key)}
                    className="caption flex cursor-pointer items-center gap-1 px-3 py-1 outline-none focus:bg-sunk max-lg:min-h-[44px]"
                  >
                    <ChevronDown
                      size={13}
                      aria-hidden
                      className={shut.has(n.key) ? '-rotate-90' : undefined}
                    />
                    {STATION_NAMES[n.key]}
                    <span className="figures ml-auto">{count}</span>
                  </div>
                );
              }
              const fixture = plan.fixtures.find((f) => f.id === n.key);
              if (!fixture) return null;
              const where = whereText(fixture, plan, assessment);
              return (
                // biome-ignore lint/a11y/useKeyWithClickEvents: keys act on the whole tree
                <div
                  key={n.key}
                  role="treeitem"
                  aria-level={2}
                  aria-selected={n.key === picked}
                  aria-label={where}
                  tabIndex={isNext ? 0 : -1}
                  {...line}
                  onClick={() => take(fixture)}
                  onPointerEnter={() => light([n.key])}
                  onPointerLeave={() => light()}
                  className="cursor-pointer border-transparent border-l-2 py-1 pr-3 pl-[30px] outline-none hover:bg-sunk focus:bg-sunk aria-selected:border-chalk max-lg:min-h-[44px]"
                >
                  <span className="flex items-center gap-1">
                    <span className="truncate" data-name>
                      {fixture.name}
                    </span>
                    {plan.pinned.includes(n.key) ? (
                      <Pin size={12} aria-label="pinned" className="shrink-0 text-chalk" />
                    ) : null}
                  </span>
                  <span className="block text-[0.82rem] text-soft">
                    {where.slice(fixture.name.length + 2)}
                  </span>
                </div>
              );
            })}
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
