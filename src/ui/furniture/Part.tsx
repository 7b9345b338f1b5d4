'use client';
import type { ReactNode } from 'react';
import { Figures } from '../figure/shown';
import { useAssessment, usePlan, useWhole } from '../session/bench';
import { Lane } from '../session/Lane';

/**
 * A part of the screen, and what is shown of the plan in it: the zone in view, or the whole coop.
 * @param after  how many frames it comes after the part round it, while something is in hand
 */
export function Part({
  after,
  whole = false,
  children,
}: {
  after: number;
  whole?: boolean;
  children: ReactNode;
}) {
  return (
    <Lane after={after}>
      <Shown whole={whole}>{children}</Shown>
    </Lane>
  );
}

function Shown({ whole, children }: { whole: boolean; children: ReactNode }) {
  const plan = usePlan();
  const [coop, zone] = [useWhole(), useAssessment()];
  return (
    <Figures assessment={whole ? coop : zone} plan={plan}>
      {children}
    </Figures>
  );
}
