'use client';
import dynamic from 'next/dynamic';
import {
  type CSSProperties,
  createContext,
  type ReactNode,
  useContext,
  useId,
  useMemo,
  useState,
} from 'react';

import { useWorked } from '../session/bench';
import { useShown } from './shown';

const Working = dynamic(() => import('./Working').then((m) => m.Working));

interface Host {
  readonly open: string | null;
  readonly regionId: string;
  toggle(figure: string): void;
}

const HostContext = createContext<Host | null>(null);

export function useHost(): Host {
  const host = useContext(HostContext);
  if (!host) throw new Error('a figure stands in a WorkingHost');
  return host;
}

/** A block whose figures open their working under it, one at a time. */
export function WorkingHost({
  children,
  className,
  workingClassName,
  style,
  waits = false,
}: {
  children: ReactNode;
  className?: string;
  workingClassName?: string;
  style?: CSSProperties;
  /** Whether what a working is told from is still on its way: asked for before, it opens as soon as it has come. */
  waits?: boolean;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const regionId = useId();
  const { assessment } = useShown();
  const host = useMemo(
    () => ({
      open,
      regionId,
      toggle: (figure: string) => setOpen((now) => (now === figure ? null : figure)),
    }),
    [open, regionId],
  );
  // asked for before the core has come, a working opens as soon as it has
  const worked = useWorked();
  const figure = open === null || !worked || waits ? undefined : assessment.figures.get(open);
  return (
    <HostContext value={host}>
      <div className={className} style={style}>
        {children}
      </div>
      <div id={regionId} className={figure ? workingClassName : undefined}>
        {figure ? <Working figure={figure} onClose={() => setOpen(null)} /> : null}
      </div>
    </HostContext>
  );
}
