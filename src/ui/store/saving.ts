'use client';
import type { Plan } from '@/core/model/schema';
import { type BenchStore, openPlan, storeHere, useBench } from './bench';
import { forgetUnsaved, keepAtOnce, keepUnsaved, unsavedOf } from './unsaved';

const SETTLE_MS = 400;
const RETRY_MS = 3000;

let timer: ReturnType<typeof setTimeout> | null = null;
let busy = false;
let saved: Plan | null = null;

/** The newest save of each plan that this window knows of. */
const known = new Map<string, { readonly plan: Plan; readonly revision: number }>();

/** The store of this window, where it has this plan open and nothing older than the page brings; else null. */
export function openHere(id: string, revision: number): BenchStore | null {
  const { plan, revision: own } = useBench.getState();
  return plan?.id === id && own >= revision ? storeHere() : null;
}

/**
 * Opens a plan as a page brings it, or newer, where this window knows of something newer: a page that the browser
 * had kept is older than what was saved since. Edits that are still on their way stay as they are.
 */
export function openStored(plan: Plan, revision: number, on: string): void {
  const open = useBench.getState();
  const last = known.get(plan.id);
  const newer = last && last.revision > revision ? last : { plan, revision };
  known.set(plan.id, newer);
  if (open.plan?.id === plan.id && open.revision >= newer.revision) return;
  openPlan(newer.plan, newer.revision, on);
  saved = newer.plan;
}

/**
 * Asks the server whether the open plan has been saved since by somebody else, and shows what is stored; where there
 * are edits here as well, both are offered.
 */
export async function catchUp(id: string): Promise<void> {
  const response = await fetch(`/api/plans/${id}`, { cache: 'no-store' }).catch(() => null);
  if (!response?.ok) return;
  const stored = (await response.json().catch(() => null)) as {
    plan: Plan;
    revision: number;
  } | null;
  const { plan, revision, on, station, save } = useBench.getState();
  if (!stored || plan?.id !== id || stored.revision <= revision || busy) return;
  if (plan !== saved || save.kind === 'conflict') {
    useBench.setState({
      save: { kind: 'conflict', theirs: stored.plan, revision: stored.revision },
    });
    return;
  }
  known.set(id, { plan: stored.plan, revision: stored.revision });
  saved = stored.plan;
  openPlan(stored.plan, stored.revision, on);
  useBench.setState({ station });
}

/** Saves the open plan by itself after every edit; returns the way to stop. */
export function startSaving(): () => void {
  const opened = useBench.getState().plan;
  if (saved?.id !== opened?.id) saved = opened;
  if (saved && saved === opened) void offerUnsaved(saved);
  else if (opened) schedule(SETTLE_MS);
  if (opened) void catchUp(opened.id);
  const stop = useBench.subscribe((state, before) => {
    if (state.plan === before.plan || state.plan === null) return;
    if (state.plan.id !== before.plan?.id) {
      saved = state.plan;
      return;
    }
    if (state.plan === saved) return;
    void keepUnsaved(state.plan, state.revision);
    if (state.save.kind !== 'conflict') useBench.setState({ save: { kind: 'saving' } });
    schedule(SETTLE_MS);
  });
  const leaving = (): void => void saveNow(true);
  const online = (): void => void saveNow();
  // a page that the browser had laid aside whole may be older than what is stored
  const shown = (event: PageTransitionEvent): void => {
    const id = useBench.getState().plan?.id;
    if (event.persisted && id) void catchUp(id);
  };
  window.addEventListener('pagehide', leaving);
  window.addEventListener('pageshow', shown);
  window.addEventListener('online', online);
  return () => {
    stop();
    window.removeEventListener('pagehide', leaving);
    window.removeEventListener('pageshow', shown);
    window.removeEventListener('online', online);
    void saveNow();
  };
}

/** Offers what an earlier visit left unacknowledged, if it differs from what is stored. */
async function offerUnsaved(stored: Plan): Promise<void> {
  const kept = await unsavedOf(stored.id);
  const { plan, revision } = useBench.getState();
  if (!kept || plan !== stored) return;
  const { planDifferences } = await import('@/core/edit/differences');
  if (planDifferences(stored, kept.plan).length === 0) return forgetUnsaved(stored.id);
  const { when, plan: edited } = kept;
  useBench.setState({ offered: { plan: edited, when, stale: kept.revision !== revision } });
}

/** Lets the offered edits go for good. */
export function letOfferedGo(): void {
  const { plan } = useBench.getState();
  useBench.setState({ offered: null });
  if (plan) void forgetUnsaved(plan.id);
}

function schedule(ms: number): void {
  if (timer) clearTimeout(timer);
  timer = setTimeout(() => void saveNow(), ms);
}

/** Sends what is not yet stored. @param leaving  the page is going: the request must outlive it */
export async function saveNow(leaving = false): Promise<void> {
  if (timer) clearTimeout(timer);
  timer = null;
  const { plan, revision, save } = useBench.getState();
  if (!plan || plan === saved || save.kind === 'conflict') return;
  if (busy && !leaving) return schedule(SETTLE_MS);
  busy = true;
  try {
    await send(plan, revision, leaving);
  } catch {
    notSaved('the server does not answer; trying again');
  } finally {
    busy = false;
  }
}

/** A request that outlives its page carries no more than this, bytes. */
const KEEPALIVE_BYTES = 60_000;

async function send(plan: Plan, revision: number, leaving: boolean): Promise<void> {
  useBench.setState({ save: { kind: 'saving' } });
  const body = JSON.stringify(plan);
  const keepalive = leaving && new Blob([body]).size <= KEEPALIVE_BYTES;
  // whether it arrives or not, it lies in this browser before the page is gone
  if (leaving) keepAtOnce(plan, revision);
  const response = await fetch(`/api/plans/${plan.id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', 'if-match': `"${revision}"` },
    body,
    keepalive,
  });
  if (useBench.getState().plan?.id !== plan.id) {
    // another plan is open by now: what was stored of this one is known all the same
    if (response.ok) {
      const { revision: next } = (await response.json()) as { revision: number };
      known.set(plan.id, { plan, revision: next });
      void forgetUnsaved(plan.id);
    }
    return;
  }
  if (response.status === 412) {
    const stored = (await response.json()) as { plan: Plan; revision: number };
    useBench.setState({
      save: { kind: 'conflict', theirs: stored.plan, revision: stored.revision },
    });
  } else if (response.status === 404) {
    notSaved('this plan was removed elsewhere; take it out as a file to keep it', false);
  } else if (!response.ok) {
    notSaved(`the server refused it (${response.status}); take it out as a file to be safe`);
  } else {
    const { revision: next } = (await response.json()) as { revision: number };
    saved = plan;
    known.set(plan.id, { plan, revision: next });
    const still = useBench.getState().plan === plan;
    if (still) void forgetUnsaved(plan.id);
    useBench.setState({ revision: next, save: { kind: still ? 'saved' : 'saving' } });
    if (!still) schedule(SETTLE_MS);
  }
}

function notSaved(why: string, again = true): void {
  useBench.setState({ save: { kind: 'notSaved', why } });
  if (again) schedule(RETRY_MS);
}

/** Another window saved first: put this plan over theirs. */
export function keepMine(): void {
  const { save } = useBench.getState();
  if (save.kind !== 'conflict') return;
  useBench.setState({ revision: save.revision, save: { kind: 'saving' } });
  void saveNow();
}

/** Another window saved first: open theirs, dropping this window's edits. */
export function takeTheirs(): void {
  const { save, on, station } = useBench.getState();
  if (save.kind !== 'conflict') return;
  saved = save.theirs;
  known.set(save.theirs.id, { plan: save.theirs, revision: save.revision });
  openPlan(save.theirs, save.revision, on);
  void forgetUnsaved(save.theirs.id);
  useBench.setState({ station });
}

/** Another window saved first: keep this plan beside theirs; the address of the copy. */
export async function keepMineAsCopy(): Promise<string | null> {
  const { plan } = useBench.getState();
  if (!plan) return null;
  const response = await fetch('/api/plans', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(plan),
  });
  if (!response.ok) return null;
  return `/plans/${((await response.json()) as { id: string }).id}`;
}
