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
import type { Assessment } from '@/core/assess';
import type { UnitSystem } from '@/core/units/length';

const Working = dynamic(() => import('./Working').then((m) => m.Working));

interface Host {
  readonly open: string | null;
  readonly regionId: string;
  toggle(figure: string): void;
}

const HostContext = createContext<Host | null>(null);

interface Shown {
  readonly assessment: Assessment;
  readonly units: UnitSystem;
}

const ShownContext = createContext<Shown | null>(null);

/** The assessment whose figures are shown below, and the units they are shown in. */
export function Figures({ assessment, units, children }: Shown & { children: ReactNode }) {
  const value = useMemo(() => ({ assessment, units }), [assessment, units]);
  return <ShownContext value={value}>{children}</ShownContext>;
}

export function useShown(): Shown {
  const shown = useContext(ShownContext);
  if (!shown) throw new Error('figures are shown only with an assessment');
  return shown;
}

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
}: {
  children: ReactNode;
  className?: string;
  workingClassName?: string;
  style?: CSSProperties;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const regionId = useId();
  const { assessment, units } = useShown();
  const host = useMemo(
    () => ({
      open,
      regionId,
      toggle: (figure: string) => setOpen((now) => (now === figure ? null : figure)),
    }),
    [open, regionId],
  );
  const figure = open === null ? undefined : assessment.figures[open];
  return (
    <HostContext value={host}>
      <div className={className} style={style}>
        {children}
      </div>
      <div id={regionId} className={figure ? workingClassName : undefined}>
        {figure ? (
          <Working
            figure={figure}
            assessment={assessment}
            units={units}
            onClose={() => setOpen(null)}
          />
        ) : null}
      </div>
    </HostContext>
  );
}
