'use client';
import { createContext, useContext } from 'react';
import { createStore, type StoreApi, useStore } from 'zustand';
import type { Assessment } from '@/core/assess';
import type { View } from '@/core/drawing/shape';
import type { Finding, StationId } from '@/core/kernel/finding';
import { type Outcome, ok } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import type { ZoneId } from '@/core/model/scope';
import { firstStation, seenOf } from '@/core/sight';
import { type BenchState, EMPTY, type FirstSight, type Ghost } from './benchState';
import type { Engine } from './engine';
import { engineHere } from './engineHere';
import { nothingInHand } from './inHand';
import { keepUnsaved } from './unsaved';
import { inTurn, itsTurn } from './waiting';

/** One page's store: its plan, its edits and its assessment. */
export type BenchStore = StoreApi<BenchState>;

/** What each store assesses its plan with. */
const assessors = new WeakMap<BenchStore, ReturnType<Engine['createAssessor']>>();

/** A plan as it is when it has just been opened. */
const opened = (plan: Plan, revision: number, on: string, assessment: Assessment): BenchState => ({
  ...EMPTY,
  plan,
  revision,
  on,
  assessment,
  station: firstStation(assessment),
});

/** A store for one page, with its plan open: the server draws from it, and the browser takes it over. */
export function createBench(
  plan: Plan,
  revision: number,
  on: string,
  { sight, foretold }: FirstSight,
): BenchStore {
  const assessment = seenOf(sight);
  return createStore<BenchState>(() => ({
    ...opened(plan, revision, on, assessment),
    worked: false,
    foretold,
  }));
}

/** The store of the page that is open in this window; the server has none. */
let here: BenchStore = createStore<BenchState>(() => EMPTY);

/** The store of the page in this window, for what is done outside of drawing it. */
export const storeHere = (): BenchStore => here;

/** Makes a page's store the one that keys, saving and gestures work on. */
export function takeOver(store: BenchStore): void {
  here = store;
}

/** The store that what is below is drawn from. */
export const PageStore = createContext<BenchStore | null>(null);

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
  withEngine((engine) => {
    const assess = engine.createAssessor();
    assessors.set(here, assess);
    here.setState(opened(plan, revision, on, assess(plan, { on })));
  });
}

/** The engine does something: at once where it is here, else as soon as it has come, one after another. */
export const withEngine = (work: (engine: Engine) => void): void =>
  inTurn(work, (isHere) =>
    // nothing that was done is lost: it waits, and the keeper is told
    here.setState({
      save: isHere
        ? { kind: 'saved' }
        : { kind: 'notSaved', why: 'the server does not answer; trying again' },
    }),
  );

/** Fetches the engine, and works in the browser what the server had sent of the open plan. */
export function startEngine(): void {
  withEngine(() => {
    const { plan, on } = here.getState();
    if (plan) here.setState({ assessment: assessHere(plan, on), worked: true });
  });
}

/**
 * Makes one undoable edit.
 * @param name    what was done, for announcements
 * @param recipe  changes the draft
 * @returns       the new plan, or what is wrong with it; then nothing has changed
 */
export function edit(name: string, recipe: (draft: Plan) => void): Outcome<Plan> {
  putBack();
  const { plan, past } = useBench.getState();
  if (!plan) throw new Error('no plan is open');
  const engine = engineHere();
  if (!engine || !itsTurn()) {
    // made before the page can check it: it waits, and what is wrong with it is said
    const store = here;
    store.setState({ save: { kind: 'saving' } });
    withEngine((come) => {
      if (here !== store) return editLeft(store, recipe, come);
      let isDone = false;
      try {
        isDone = edit(name, recipe).ok;
      } finally {
        if (!isDone) say(`Not done: ${name}`);
        if (here.getState().plan === plan) here.setState({ save: { kind: 'saved' } });
      }
    });
    return ok(plan);
  }
  const [next, forward, back] = engine.produceWithPatches(plan, (draft) => {
    recipe(draft);
    // what is taken out takes its pin along, and undo gives both back
    engine.dropOrphans(draft);
  });
  if (forward.length === 0) return ok(plan);
  const checked = engine.parseEdit(plan, next);
  if (!checked.ok) return checked;
  settle(next, { past: [...past, { name, forward, back }], future: [] }, name);
  return ok(next);
}

/** An edit whose page was left before it could be made: kept in the browser, and offered when its plan is opened. */
function editLeft(store: BenchStore, recipe: (draft: Plan) => void, engine: Engine): void {
  const { plan, revision } = store.getState();
  if (!plan) return;
  const [next] = engine.produceWithPatches(plan, (draft) => {
    recipe(draft);
    engine.dropOrphans(draft);
  });
  if (!engine.parseEdit(plan, next).ok) return;
  store.setState({ plan: next });
  void keepUnsaved(next, revision);
}

/**
 * Makes the plan another, as one step that can be undone; several of one name after another are one step.
 * @param next  a plan that has been read
 */
export function takeIn(next: Plan, name: string): void {
  withEngine((engine) => {
    putBack();
    const { plan, past } = here.getState();
    if (!plan) return;
    const [made, forward, back] = engine.produceWithPatches(plan, (draft) => {
      for (const key of Object.keys(next) as (keyof Plan)[]) {
        if (next[key] !== plan[key]) Object.assign(draft, { [key]: next[key] });
      }
    });
    if (forward.length === 0) return;
    const last = past.at(-1);
    const step =
      last?.name === name
        ? { name, forward: [...last.forward, ...forward], back: [...back, ...last.back] }
        : { name, forward, back };
    const before = last?.name === name ? past.slice(0, -1) : past;
    settle(made, { past: [...before, step], future: [] }, name);
  });
}

/** Puts the edits offered back, as one undoable edit. */
export function putOfferedBack(): void {
  const { offered } = useBench.getState();
  if (!offered) return;
  useBench.setState({ offered: null });
  edit('Put back unsaved edits', (draft) => void Object.assign(draft, offered.plan));
}

/** Takes back the last edit; its name, or null where there is none. */
export function undo(): string | null {
  putBack();
  const { plan, past, future } = useBench.getState();
  const step = past[past.length - 1];
  const engine = engineHere();
  if (!plan || !step || !engine) return null;
  const history = { past: past.slice(0, -1), future: [step, ...future] };
  settle(engine.applyPatches(plan, step.back), history, `Undone: ${step.name}`);
  return step.name;
}

/** Does the last undone edit again; its name, or null where there is none. */
export function redo(): string | null {
  putBack();
  const { plan, past, future } = useBench.getState();
  const [step, ...rest] = future;
  const engine = engineHere();
  if (!plan || !step || !engine) return null;
  const history = { past: [...past, step], future: rest };
  settle(engine.applyPatches(plan, step.forward), history, `Done again: ${step.name}`);
  return step.name;
}

/** What is worked of a plan in this window. */
export function assessHere(plan: Plan, on: string): Assessment {
  const engine = engineHere();
  const assess = assessors.get(here) ?? engine?.createAssessor();
  if (!assess) throw new Error('nothing is assessed before the engine is here');
  assessors.set(here, assess);
  return assess(plan, { on });
}

function settle(plan: Plan, history: Pick<BenchState, 'past' | 'future'>, said: string): void {
  const { on, picked } = useBench.getState();
  const stillThere = plan.fixtures.some((f) => f.id === picked);
  useBench.setState({
    ...history,
    plan,
    said,
    news: null,
    ghost: null,
    foretold: {},
    assessment: assessHere(plan, on),
    worked: true,
    picked: stillThere ? picked : null,
    refused: null,
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

/** The plan as it stands: while something is in hand, as it was before. */
export const standing = ({ held, plan }: Pick<BenchState, 'held' | 'plan'>): Plan | null =>
  held?.plan ?? plan;

/** Lets go of what is held: everything is as it was. */
export function putBack(): void {
  const { held } = here.getState();
  if (!held) return;
  nothingInHand();
  here.setState({ plan: held.plan, assessment: held.assessment, held: null });
}

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
