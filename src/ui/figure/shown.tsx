'use client';
import { createContext, type ReactNode, useContext, useMemo } from 'react';
import type { Assessment } from '@/core/assess';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Plan } from '@/core/model/schema';

/** What of an assessment figures and their workings are told from. */
export type FiguresOf = Pick<Assessment, 'figures' | 'items'> & {
  readonly schools: Readonly<Record<string, Assessment['schools'][string]>>;
};

interface Shown {
  readonly assessment: FiguresOf;
  readonly plan: Pick<Plan, 'units' | 'climate' | 'flock' | 'fixtures'>;
  readonly units: UnitSystem;
}

const ShownContext = createContext<Shown | null>(null);

/** The plan and its assessment, whose figures are shown below in the plan's units. */
export function Figures({
  assessment,
  plan,
  children,
}: Omit<Shown, 'units'> & { children: ReactNode }) {
  const value = useMemo(() => ({ assessment, plan, units: plan.units }), [assessment, plan]);
  return <ShownContext value={value}>{children}</ShownContext>;
}

export function useShown(): Shown {
  const shown = useContext(ShownContext);
  if (!shown) throw new Error('figures are shown only with an assessment');
  return shown;
}
