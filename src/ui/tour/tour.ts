'use client';
import { create } from 'zustand';
import { TOUR } from '@/text/tour';
import { goTo, turnTo, useBench } from '../session/bench';

const SEEN_KEY = 'wide-rafter-tour-seen';

/** The step of the tour that is shown; null: none is. */
export const useTour = create<{ readonly step: number | null }>(() => ({ step: null }));

/** Begins the tour, or goes on to a step of it; past the last it ends. */
export function takeStep(step: number): void {
  const next = TOUR[step];
  if (!next) {
    leaveTour();
    return;
  }
  // on a phone the staves and the coop are two panes
  if (next.id === 'staves') turnTo('staves');
  else if (next.id !== 'sentence') turnTo('coop');
  if (next.id === 'finding') {
    const worst = useBench.getState().assessment?.findings[0];
    if (worst) goTo(worst.station);
  } else if (next.id === 'coop') {
    const { station } = useBench.getState();
    if (station === 'flock' || station === 'brooder') goTo('roosts');
  }
  useTour.setState({ step });
}

/** Ends the tour, and remembers that it has been seen. */
export function leaveTour(): void {
  useTour.setState({ step: null });
  try {
    localStorage.setItem(SEEN_KEY, '1');
  } catch {
    // a browser that keeps nothing is no error
  }
}

/** Whether this browser has been shown round. */
export function hasSeenTour(): boolean {
  try {
    return localStorage.getItem(SEEN_KEY) === '1';
  } catch {
    return true;
  }
}
