'use client';
import { useEffect, useMemo, useRef } from 'react';
import { create } from 'zustand';
import type { Assessment } from '@/core/assess';
import type { StationId } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import type { Remedy } from '@/core/proposals/remedy';
import { remedyText, type ShownRemedy, shownRemedy } from '@/text/remedies';
import { edit, haunt, inView, useAssessment, useBench, usePlan } from '../store/bench';

/** Remedies wait until an edit has been drawn: each is proved by an assessment of its own. */
const AFTER_MS = 120;

interface Offered {
  readonly of: Assessment | null;
  readonly byFinding: ReadonlyMap<string, readonly Remedy[]>;
}

const useOffered = create<Offered>(() => ({ of: null, byFinding: new Map() }));

/** Finds remedies for the findings of the open station, one finding after another. */
export function useRemedies(station: StationId): void {
  const plan = usePlan();
  const assessment = useAssessment();
  const assessor = useRef<ReturnType<typeof import('@/core/assess').createAssessor> | null>(null);
  useEffect(() => {
    let live = true;
    const find = async (): Promise<void> => {
      const [{ zonedRemedies }, { createAssessor }] = await Promise.all([
        import('@/core/remedies/zoned'),
        import('@/core/assess'),
      ]);
      assessor.current ??= createAssessor();
      const byFinding = new Map<string, readonly Remedy[]>();
      const { zone } = useBench.getState();
      for (const finding of assessment.findings.filter((f) => f.station === station)) {
        if (!live) return;
        const found = zonedRemedies(plan, zone, finding, assessment, assessor.current);
        byFinding.set(finding.key, found);
        await new Promise((r) => setTimeout(r));
      }
      if (!live) return;
      useOffered.setState({ of: assessment, byFinding });
      doPressed(byFinding);
    };
    const timer = setTimeout(() => void find(), AFTER_MS);
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [plan, assessment, station]);
}

const NONE: readonly Remedy[] = [];

/** A remedy as it is shown, with the remedy itself once the browser has found it. */
export interface Shown extends ShownRemedy {
  readonly remedy: Remedy | null;
}

/** What would mend a finding; null until it has been worked out for the plan as it is. */
export function useRemediesOf(finding: string): readonly Shown[] | null {
  const plan = usePlan();
  const assessment = useAssessment();
  const found = useOffered((s) => (s.of === assessment ? s.byFinding.get(finding) : undefined));
  const foretold = useBench((s) => s.foretold[finding]);
  return useMemo(() => {
    if (found) return found.map((remedy) => ({ ...shownRemedy(remedy, plan), remedy }));
    return foretold?.map((shown) => ({ ...shown, remedy: null })) ?? null;
  }, [found, foretold, plan]);
}

/** A remedy pressed before the browser had found it: done as soon as it has. */
let pressed: { readonly finding: string; readonly at: number } | null = null;

/** Does what is shown at a place under a finding, at once or as soon as it is known. */
export function press(finding: string, at: number, remedy: Remedy | null): void {
  if (remedy) doRemedy(remedy);
  else pressed = { finding, at };
}

function doPressed(byFinding: ReadonlyMap<string, readonly Remedy[]>): void {
  const remedy = pressed && byFinding.get(pressed.finding)?.[pressed.at];
  pressed = null;
  if (remedy) doRemedy(remedy);
}

/** Does a remedy: one edit, undone by one. */
export function doRemedy(remedy: Remedy): void {
  const { plan } = useBench.getState();
  if (!plan) return;
  haunt(null);
  edit(remedyText(remedy, plan), (draft) => {
    for (const key of Object.keys(remedy.plan) as (keyof Plan)[]) {
      if (remedy.plan[key] !== plan[key]) Object.assign(draft, { [key]: remedy.plan[key] });
    }
  });
}

/** Does the first remedy of the picked finding; whether there was one. */
export function doPickedRemedy(): boolean {
  const { pickedFinding } = useBench.getState();
  const assessment = inView();
  const { of, byFinding } = useOffered.getState();
  const [first] = of === assessment ? (byFinding.get(pickedFinding ?? '') ?? NONE) : NONE;
  if (!first) return false;
  doRemedy(first);
  return true;
}
