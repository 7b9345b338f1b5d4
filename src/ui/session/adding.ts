'use client';
import type { Fixture } from '@/core/model/schema';
import { edit, inView, storeHere, useBench, withEngine } from './bench';
import type { AddId } from './engine';

/**
 * Makes a new thing that fits the flock in view, over the litter as it will be.
 * @param take  what is done with it
 */
export function addNew(what: AddId, take: (fixture: Fixture) => void): void {
  const store = storeHere();
  withEngine(({ adds, flockSizes, withFinalDepth }) => {
    const { plan } = useBench.getState();
    const assessment = inView();
    if (storeHere() !== store || !plan || !assessment) return;
    const settled = withFinalDepth(plan, assessment.litterFinalM);
    take(adds[what](settled, flockSizes(settled, assessment.flock)));
  });
}

/** Adds a group of birds that comes today. */
export function addGroup(): void {
  const store = storeHere();
  withEngine(({ newGroup }) => {
    const { plan, on } = useBench.getState();
    if (storeHere() === store && plan)
      edit('Add a group', (d) => void d.flock.push(newGroup(plan, on)));
  });
}
