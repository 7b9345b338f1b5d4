'use client';
import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Assessment } from '@/core/assess';
import type { View } from '@/core/drawing/shape';
import type { Finding, StationId } from '@/core/kernel/finding';
import type { Outcome } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import type { ZoneId } from '@/core/model/scope';
import type { FindingSay } from '@/text/findingSay';
import type { BenchState, BenchStore, Ghost } from './benchState';
import type { Engine } from './engine';
import type { InHand } from './inHand';
import { Session } from './session';

/** The plan that is open in this window; the server has none. */
let here = new Session();

/** The session of the page in this window, for what is done outside of drawing it. */
export const sessionHere = (): Session => here;

/** The store of the page in this window. */
export const storeHere = (): BenchStore => here.store;

/** Makes a page's session the one that keys, saving and gestures work on; the one before is left. */
export function takeOver(session: Session): void {
  if (here !== session) here.isLeft = true;
  here = session;
  here.isLeft = false;
}

/** The session of this window, where it has this plan open and nothing older than the page brings; else null. */
export function openHere(id: string, revision: number): Session | null {
  const { plan, revision: own } = here.store.getState();
  return plan?.id === id && own >= revision ? here : null;
}

/** The session that what is below is of. */
const PageSession = createContext<Session | null>(null);

/** Everything below is of this session. */
export const SessionPage = PageSession.Provider;

/** The session of the page that is drawn. */
export const useSession = (): Session => useContext(PageSession) ?? here;

/** Findings in words. */
export const useFindingSay = (): FindingSay => useSession().findingSay;

/** The store that what is below is drawn from. */
export const PageStore = createContext<BenchStore | null>(null);

/** Everything below is drawn from this store. */
export const BenchPage = PageStore.Provider;

const useHere = <T>(select: (state: BenchState) => T): T => {
  const { store } = useSession();
  return useStore(useContext(PageStore) ?? store, select);
};

/** The open plan, its edits and its assessment: a hook while drawing, and the window's own store elsewhere. */
export const useBench = Object.assign(useHere, {
  getState: (): BenchState => here.store.getState(),
  setState: (next: Partial<BenchState>): void => here.store.setState(next),
  subscribe: (listener: (state: BenchState, before: BenchState) => void): (() => void) =>
    here.store.subscribe(listener),
});

/** What is in hand at this very frame: a hook while drawing. */
export const useInHand = Object.assign((): InHand => useStore(useSession().inHand), {
  getState: (): InHand => here.inHand.getState(),
  setState: (next: Partial<InHand>): void => here.inHand.setState(next),
});

/** Opens a plan on the bench, forgetting the one before. */
export const openPlan = (plan: Plan, revision: number, on: string): void =>
  here.open(plan, revision, on);

/** The engine does something: at once where it is here, else as soon as it has come, one after another. */
export const withEngine = (work: (engine: Engine) => void): void => here.withEngine(work);

/** Does something after the edits that wait; at once where none does. */
export const afterEdits = (work: () => void): void => here.queue.after(work);

/** Makes one undoable edit; what is wrong with the new plan where it is not taken. */
export const edit = (name: string, recipe: (draft: Plan) => void): Outcome<Plan> =>
  here.edit(name, recipe);

/** Takes back the last edit; its name, or null where there is none. */
export const undo = (): string | null => here.undo();

/** Does the last undone edit again; its name, or null where there is none. */
export const redo = (): string | null => here.redo();

/** Puts the edits offered back, as one undoable edit. */
export function putOfferedBack(): void {
  const { offered } = useBench.getState();
  if (!offered) return;
  useBench.setState({ offered: null });
  edit('Put back unsaved edits', (draft) => void Object.assign(draft, offered.plan));
}

export const goTo = (station: StationId): void =>
  useBench.setState({ station, pickedFinding: null, pane: 'coop' });

export const pick = (picked: string | null): void => useBench.setState({ picked });

/** Picks a finding, or lets it go; its first fixture comes with it, and a view that shows its zone. */
export function pickFinding(finding: Pick<Finding, 'key' | 'fixtures' | 'zone'>): void {
  const { pickedFinding, view } = useBench.getState();
  if (pickedFinding === finding.key) {
    useBench.setState({ pickedFinding: null });
    return;
  }
  useBench.setState({
    pickedFinding: finding.key,
    picked: finding.fixtures[0] ?? null,
  });
  // distances from a wall and between bars run front to rear: the side shows them
  if (finding.zone && view === 'front') show('right');
}

/** Turns to a view; seen from above there is no section beside it. */
export function show(view: View): void {
  const { section } = useBench.getState();
  if (view === 'above') useBench.setState({ view, both: false, run: false });
  else
    useBench.setState({
      view,
      run: false,
      section: view,
      ...(view === section ? {} : { cutM: 0 }),
    });
}

/** Section and plan at once, or one of them. */
export function showBoth(both: boolean): void {
  const { view, section } = useBench.getState();
  useBench.setState({ both, run: false, view: both ? section : view });
}

/** Turns to the run. */
export const showRun = (): void => useBench.setState({ run: true });

/** Cuts the coop so far in from the near wall of the section, m. */
export const cutAt = (cutM: number): void => useBench.setState({ cutM });

export const turnTo = (pane: BenchState['pane']): void => useBench.setState({ pane });

/** Draws faintly what is rested on; null lets it go. */
export const haunt = (ghost: Ghost | null): void => useBench.setState({ ghost });

/** Tells readers of the screen what was done. */
export const say = (said: string): void => useBench.setState({ said });

/** The open plan. @throws Error where none is open: parts of the bench are drawn only with one. */
export function usePlan(): Plan {
  const plan = useBench((s) => s.plan);
  if (!plan) throw new Error('no plan is open');
  return plan;
}

/** A part of the open plan: what is drawn of it alone is drawn anew only when it changes. */
export function usePart<T>(part: (plan: Plan) => T): T {
  return useBench((s) => {
    if (!s.plan) throw new Error('no plan is open');
    return part(s.plan);
  });
}

/** The open plan's assessment. */
export function useAssessment(): Assessment {
  const assessment = useBench((s) => s.assessment?.zones?.[s.zone] ?? s.assessment);
  if (!assessment) throw new Error('no plan is open');
  return assessment;
}

/** Whether workings, other schools, the days of the flock and the map of the floor can be looked at yet. */
export const useWorked = (): boolean => useBench((s) => s.worked);

/** The whole coop's assessment, whichever zone is in view. */
export function useWhole(): Assessment {
  const assessment = useBench((s) => s.assessment);
  if (!assessment) throw new Error('no plan is open');
  return assessment;
}

/** What is in view: the zone's assessment, or the coop's. */
export function inView(): Assessment | null {
  const { assessment, zone } = useBench.getState();
  return assessment?.zones?.[zone] ?? assessment;
}

/** Brings a zone into view; what is picked goes on only where it is said to. */
export const viewZone = (zone: ZoneId, picked: string | null = null): void =>
  useBench.setState({ zone, picked, pickedFinding: null, ghost: null, foretold: {} });
