'use client';
import { applyPatches, enablePatches, type Patch, produceWithPatches } from 'immer';
import { createContext, useContext } from 'react';
import { createStore, type StoreApi, useStore } from 'zustand';
import { type Assessment, createAssessor } from '@/core/assess';
import { parseEdit } from '@/core/edit/parseEdit';
import type { ZoneId } from '@/core/edit/zones';
import type { Finding, StationId } from '@/core/kernel/finding';
import { type Outcome, ok } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { firstStation } from '@/core/staves';
import type { ShownRemedy } from '@/text/remedies';

enablePatches();

/** One edit: one gesture or one field's commit, with the way there and back. */
interface Step {
  readonly name: string;
  readonly forward: Patch[];
  readonly back: Patch[];
}

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'notSaved'; readonly why: string }
  | { readonly kind: 'conflict'; readonly theirs: Plan; readonly revision: number };

/** Edits kept in the browser since an earlier visit. */
export interface Offered {
  readonly plan: Plan;
  readonly when: string;
  /** Whether the stored plan has been saved by others since. */
  readonly stale: boolean;
}

export type View = 'front' | 'side' | 'above';

interface BenchState {
  readonly plan: Plan | null;
  readonly on: string;
  readonly assessment: Assessment | null;
  readonly revision: number;
  readonly save: SaveState;
  /** Edits of an earlier visit that were never acknowledged, offered. */
  readonly offered: Offered | null;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly station: StationId;
  readonly view: View;
  /** The zone in view, where a partition makes two. */
  readonly zone: ZoneId;
  /** Picked fixture's id, and picked finding's key. */
  readonly picked: string | null;
  readonly pickedFinding: string | null;
  /** On a phone: the staves, or the station's drawing and panel. */
  readonly pane: 'staves' | 'coop';
  /** What was just done, for readers of the screen. */
  readonly said: string;
  /** What is rested on before it is pressed: drawn faintly. */
  readonly ghost: Ghost | null;
  /** What would mend the findings in view, as the server has found it: shown until the browser has found it too. */
  readonly foretold: Foretold;
}

/** By finding, what would mend it, in words. */
export type Foretold = Readonly<Record<string, readonly ShownRemedy[]>>;

/** How a school or a remedy would have it. */
export interface Ghost {
  /** Its plan, where fixtures would change. */
  readonly plan: Plan | null;
  /** What stations would carry. */
  readonly rails: Readonly<Record<string, number>>;
}

const EMPTY: BenchState = {
  plan: null,
  on: '',
  assessment: null,
  revision: 0,
  save: { kind: 'saved' },
  offered: null,
  past: [],
  future: [],
  station: 'roosts',
  view: 'front',
  zone: 'near',
  picked: null,
  pickedFinding: null,
  pane: 'staves',
  said: '',
  ghost: null,
  foretold: {},
};

/** One page's store: its plan, its edits and its assessment. */
export type BenchStore = StoreApi<BenchState>;

/** What each store assesses its plan with. */
const assessors = new WeakMap<BenchStore, ReturnType<typeof createAssessor>>();

/** A plan as it is when it has just been opened. */
function opened(
  plan: Plan,
  revision: number,
  on: string,
  assess: ReturnType<typeof createAssessor>,
): BenchState {
  const assessment = assess(plan, { on });
  return { ...EMPTY, plan, revision, on, assessment, station: firstStation(assessment) };
}

/** A store for one page, with its plan open: the server draws from it, and the browser takes it over. */
export function createBench(
  plan: Plan,
  revision: number,
  on: string,
  foretold: Foretold = {},
): BenchStore {
  const assess = createAssessor();
  const store = createStore<BenchState>(() => ({
    ...opened(plan, revision, on, assess),
    foretold,
  }));
  assessors.set(store, assess);
  return store;
}

/** The store of the page that is open in this window; the server has none. */
let here: BenchStore = createStore<BenchState>(() => EMPTY);

/** The store of the page in this window, for what is done outside of drawing it. */
export const storeHere = (): BenchStore => here;

/** Makes a page's store the one that keys, saving and gestures work on. */
export function takeOver(store: BenchStore): void {
  here = store;
}

const PageStore = createContext<BenchStore | null>(null);

/** Everything below is drawn from this store. */
export const BenchPage = PageStore.Provider;

const useHere = <T>(select: (state: BenchState) => T): T =>
  useStore(useContext(PageStore) ?? here, select);

/** The open plan, its edits and its assessment: a hook while drawing, and the window's own store elsewhere. */
export const useBench = Object.assign(useHere, {
  getState: (): BenchState => here.getState(),
  setState: (next: Partial<BenchState>): void => here.setState(next),
  subscribe: (listener: (state: BenchState, before: BenchState) => void): (() => void) =>
    here.subscribe(listener),
});

/** Opens a plan on the bench, forgetting the one before. */
export function openPlan(plan: Plan, revision: number, on: string): void {
  const assess = createAssessor();
  assessors.set(here, assess);
  here.setState(opened(plan, revision, on, assess));
}

/**
 * Makes one undoable edit.
 * @param name    what was done, for announcements
 * @param recipe  changes the draft
 * @returns       the new plan, or what is wrong with it; then nothing has changed
 */
export function edit(name: string, recipe: (draft: Plan) => void): Outcome<Plan> {
  const { plan, past } = useBench.getState();
  if (!plan) throw new Error('no plan is open');
  const [next, forward, back] = produceWithPatches(plan, recipe);
  if (forward.length === 0) return ok(plan);
  const checked = parseEdit(plan, next);
  if (!checked.ok) return checked;
  settle(next, { past: [...past, { name, forward, back }], future: [] }, name);
  return ok(next);
}

/** Takes up the edits offered, as one undoable edit. */
export function takeUpOffered(): void {
  const { offered } = useBench.getState();
  if (!offered) return;
  useBench.setState({ offered: null });
  edit('Take up unsaved edits', (draft) => void Object.assign(draft, offered.plan));
}

/** Takes back the last edit; its name, or null where there is none. */
export function undo(): string | null {
  const { plan, past, future } = useBench.getState();
  const step = past[past.length - 1];
  if (!plan || !step) return null;
  const history = { past: past.slice(0, -1), future: [step, ...future] };
  settle(applyPatches(plan, step.back), history, `Undone: ${step.name}`);
  return step.name;
}

/** Does the last undone edit again; its name, or null where there is none. */
export function redo(): string | null {
  const { plan, past, future } = useBench.getState();
  const [step, ...rest] = future;
  if (!plan || !step) return null;
  const history = { past: [...past, step], future: rest };
  settle(applyPatches(plan, step.forward), history, `Done again: ${step.name}`);
  return step.name;
}

const assessHere = (plan: Plan, on: string): Assessment => {
  const assess = assessors.get(here) ?? createAssessor();
  assessors.set(here, assess);
  return assess(plan, { on });
};

function settle(plan: Plan, history: Pick<BenchState, 'past' | 'future'>, said: string): void {
  const { on, picked } = useBench.getState();
  const stillThere = plan.fixtures.some((f) => f.id === picked);
  useBench.setState({
    ...history,
    plan,
    said,
    ghost: null,
    foretold: {},
    assessment: assessHere(plan, on),
    picked: stillThere ? picked : null,
  });
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
    // distances from a wall and between bars run front to rear: the side shows them
    view: finding.zone && view === 'front' ? 'side' : view,
  });
}

export const show = (view: View): void => useBench.setState({ view });

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

/** The open plan's assessment. */
export function useAssessment(): Assessment {
  const assessment = useBench((s) => s.assessment?.zones?.[s.zone] ?? s.assessment);
  if (!assessment) throw new Error('no plan is open');
  return assessment;
}

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

export const viewZone = (zone: ZoneId): void =>
  useBench.setState({ zone, pickedFinding: null, ghost: null, foretold: {} });
