'use client';
import { useEffect, useRef } from 'react';
import type { Assessment } from '@/core/assess';
import type { StationId } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import type { Remedy } from '@/core/proposals/remedy';
import type { ShownRemedies } from '@/text/remedies';
import { edit, haunt, inView, useAssessment, useBench, usePlan } from '../session/bench';
import { standing } from '../session/benchState';
import { engineHere } from '../session/engineHere';
import { ofEachPlan } from '../session/own';

/** Remedies wait until an edit has been drawn: each is proved by an assessment of its own. */
const AFTER_MS = 120;

/** What would mend a finding, in words, with the remedies themselves once the browser has found them. */
export interface Mending extends ShownRemedies {
  readonly found: readonly Remedy[] | null;
}

interface Offered {
  readonly of: Assessment | null;
  readonly byFinding: ReadonlyMap<string, Mending>;
  /** A remedy pressed before the browser had found it: done as soon as it has. */
  readonly pressed: { readonly plan: Plan; readonly finding: string; readonly at: number } | null;
}

const useOffered = ofEachPlan<Offered>(() => ({ of: null, byFinding: new Map(), pressed: null }));

/** Finds remedies for the findings of the open station, one finding after another. */
export function useRemedies(station: StationId): void {
  const plan = usePlan();
  const assessment = useAssessment();
  const isHeld = useBench((s) => s.held !== null);
  const assessor = useRef<ReturnType<typeof import('@/core/assess').createAssessor> | null>(null);
  useEffect(() => {
    let live = true;
    const find = async (): Promise<void> => {
      const [{ zonedRemedies }, { shownRemedies }] = await Promise.all([
        import('@/core/remedies/zoned'),
        import('@/text/remedies'),
      ]);
      const engine = engineHere();
      if (!engine) return;
      assessor.current ??= engine.createAssessor();
      const byFinding = new Map<string, Mending>();
      const { zone } = useBench.getState();
      for (const finding of assessment.findings.filter((f) => f.station === station)) {
        if (!live) return;
        const found = zonedRemedies(plan, zone, finding, assessment, assessor.current);
        byFinding.set(finding.key, { ...shownRemedies(found, finding, plan), found });
        await new Promise((r) => setTimeout(r));
      }
      if (!live) return;
      useOffered.setState({ of: assessment, byFinding });
      doPressed(byFinding);
    };
    // before the engine is here there is nothing to prove them with; it brings an assessment of its own. While a hand
    // moves something nothing is proved: the plan is another a moment later
    if (isHeld || !engineHere()) return;
    const timer = setTimeout(() => void find(), AFTER_MS);
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [plan, assessment, station, isHeld]);
}

/** What would mend a finding; null until it has been worked out for the plan as it is. */
export function useRemediesOf(finding: string): Mending | null {
  const assessment = useAssessment();
  const offered = useOffered((s) => (s.of === assessment ? s.byFinding.get(finding) : undefined));
  const foretold = useBench((s) => s.foretold[finding]);
  return offered ?? (foretold ? { ...foretold, found: null } : null);
}

/**
 * What mended a finding before the last edit: it keeps its place, and cannot be pressed, until it has been looked for
 * anew, so that nothing under it moves up and down again. Null where it was never looked for.
 */
export const useRemediesBefore = (finding: string): Mending | null =>
  useOffered((s) => s.byFinding.get(finding) ?? null);

/** Does what is shown at a place under a finding, at once or as soon as it has been found here. */
export function press(finding: string, at: number, mending: Mending): void {
  const remedy = mending.found?.[at];
  if (remedy) doRemedy(remedy, mending.remedies[at]?.said ?? '');
  else {
    const { plan } = useBench.getState();
    useOffered.setState({ pressed: plan && { plan, finding, at } });
  }
}

function doPressed(byFinding: ReadonlyMap<string, Mending>): void {
  const now = useOffered.getState().pressed;
  useOffered.setState({ pressed: null });
  // what was pressed was pressed for the plan as it was then
  if (now === null || now.plan !== useBench.getState().plan) return;
  const mending = byFinding.get(now.finding);
  if (mending?.found?.[now.at]) press(now.finding, now.at, mending);
}

/** Does a remedy: one edit, undone by one. @param said  its name among the edits */
export function doRemedy(remedy: Remedy, said: string): void {
  const plan = standing(useBench.getState());
  if (!plan) return;
  haunt(null);
  edit(said, (draft) => {
    for (const key of Object.keys(remedy.plan) as (keyof Plan)[]) {
      if (remedy.plan[key] !== plan[key]) Object.assign(draft, { [key]: remedy.plan[key] });
    }
  });
}

/** Does the first remedy of the picked finding; whether there was one. */
export function doPickedRemedy(): boolean {
  const { plan, pickedFinding, foretold } = useBench.getState();
  if (plan === null || pickedFinding === null) return false;
  const { of, byFinding } = useOffered.getState();
  const told = foretold[pickedFinding];
  const mending = of === inView() ? byFinding.get(pickedFinding) : told && { ...told, found: null };
  if (mending?.remedies.length === 0) return false;
  if (!mending) {
    // asked for before it has been looked for: done when it has been found
    useOffered.setState({ pressed: { plan, finding: pickedFinding, at: 0 } });
    return true;
  }
  press(pickedFinding, 0, mending);
  return true;
}
