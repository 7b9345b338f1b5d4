'use client';
import { editName } from '@/core/edit/editNames';
import type { Plan } from '@/core/model/schema';
import { type BenchStore, openPlan, standing, storeHere, useBench } from './bench';
import { knownSave, noteSave } from './known';
import { joinUnsaved, meet, type Stored, settleClash } from './meeting';
import { storeNew } from './storeNew';
import { forgetUnsaved, keepAtOnce, keepUnsaved, unsavedOf } from './unsaved';
import { hearOthers, tellOthers } from './windows';

const SETTLE_MS = 400;
const RETRY_MS = 3000;
/** How often a window that is looked at asks whether another, elsewhere, has saved. */
const FOLLOW_MS = 10_000;
/** Names of edits told of one save at most. */
const MOST_NAMES = 40;

let timer: ReturnType<typeof setTimeout> | null = null;
let busy = false;
let saved: Plan | null = null;
/** What has been done to a plan since its last save, as the screen names it; each is told of once. */
interface Done {
  readonly id: string;
  readonly edits: readonly { readonly name: string }[];
}
let done: Done | null = null;

/** What has been done to this plan since its last save: never what was done to another. */
const doneTo = (id: string): Done['edits'] => (done?.id === id ? done.edits : []);

/** Notes one more edit; of more than can be told the oldest are forgotten. */
function noteDone(id: string, said: string): void {
  done = { id, edits: [...doneTo(id), { name: editName(said) }].slice(-MOST_NAMES) };
}

/** Forgets what a save has told; what was done meanwhile stays. */
function forgetDone(id: string, told: Done['edits'] = doneTo(id)): void {
  done = { id, edits: doneTo(id).filter((one) => !told.includes(one)) };
}

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
  const last = knownSave(plan.id);
  const newer = last && last.revision > revision ? last : { plan, revision };
  noteSave(newer);
  if (open.plan?.id === plan.id && open.revision >= newer.revision) return;
  openPlan(newer.plan, newer.revision, on);
  saved = newer.plan;
}

/**
 * Asks the server whether the open plan has been saved since by another window, and follows it; edits made here are
 * joined with those made there.
 */
export async function catchUp(id: string): Promise<void> {
  const { revision } = useBench.getState();
  const response = await fetch(`/api/plans/${id}`, {
    cache: 'no-store',
    headers: { 'if-none-match': `"${revision}"` },
  }).catch(() => null);
  if (!response?.ok) return;
  const stored = (await response.json().catch(() => null)) as Stored | null;
  const now = useBench.getState();
  if (!stored || now.plan?.id !== id || stored.revision <= now.revision || busy || now.held) return;
  if (now.save.kind !== 'conflict') await meetStored(stored);
}

/** Joins what is stored with what is open here, and saves what came of it where that is more. */
async function meetStored(stored: Stored): Promise<void> {
  if (saved && (await meet(saved, stored)) === 'joined') standOn(stored);
}

/** What is stored is known here now; what the window has beyond it is saved. */
function standOn(stored: Stored): void {
  saved = stored.plan;
  noteSave(stored);
  void sameAsStored(stored.plan).then((same) => {
    const { plan } = useBench.getState();
    if (saved !== stored.plan || plan?.id !== stored.plan.id) return;
    if (same && plan === same) {
      saved = plan;
      forgetDone(plan.id);
      void forgetUnsaved(plan.id);
      useBench.setState({ save: { kind: 'saved' } });
    } else schedule(SETTLE_MS);
  });
}

/** The open plan, where it says the same as what is stored; else null. */
async function sameAsStored(stored: Plan): Promise<Plan | null> {
  const { sameData } = await import('@/core/edit/sameData');
  const { plan } = useBench.getState();
  return plan && sameData(plan, stored) ? plan : null;
}

/** Saves the open plan by itself after every edit; returns the way to stop. */
export function startSaving(): () => void {
  const opened = useBench.getState().plan;
  if (saved?.id !== opened?.id) saved = opened;
  if (saved && saved === opened) void offerUnsaved(saved);
  else if (opened) schedule(SETTLE_MS);
  if (opened) void catchUp(opened.id);
  const stop = useBench.subscribe((state, before) => {
    // what is in hand is not yet where it will be
    if (state.held) return;
    if (before.held) {
      if (state.save.kind === 'saving') schedule(SETTLE_MS);
      return;
    }
    if (state.plan === before.plan || state.plan === null) return;
    if (state.plan.id !== before.plan?.id) {
      saved = state.plan;
      return;
    }
    if (state.plan === saved) return;
    noteDone(state.plan.id, state.said);
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
  const follow = (): void => {
    const id = useBench.getState().plan?.id;
    if (id && document.visibilityState === 'visible') void catchUp(id);
  };
  const clock = setInterval(follow, FOLLOW_MS);
  const stopHearing = hearOthers((id, revision) => {
    const open = useBench.getState();
    if (open.plan?.id === id && revision > open.revision) void catchUp(id);
  });
  document.addEventListener('visibilitychange', follow);
  window.addEventListener('pagehide', leaving);
  window.addEventListener('pageshow', shown);
  window.addEventListener('online', online);
  return () => {
    stop();
    stopHearing();
    clearInterval(clock);
    document.removeEventListener('visibilitychange', follow);
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
  const edited = kept.revision === revision ? kept.plan : await joinUnsaved(kept, stored);
  if (useBench.getState().plan !== stored) return;
  useBench.setState({ offered: { plan: edited, when: kept.when } });
}

/** Throws the offered edits away. */
export function throwOfferedAway(): void {
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
  const { revision, save } = useBench.getState();
  const plan = standing(useBench.getState());
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
  const told = doneTo(plan.id);
  const body = JSON.stringify({ plan, edits: told.map((one) => one.name) });
  const keepalive = leaving && new Blob([body]).size <= KEEPALIVE_BYTES;
  // whether it arrives or not, it lies in this browser before the page is gone
  if (leaving) keepAtOnce(plan, revision);
  const response = await fetch(`/api/plans/${plan.id}`, {
    method: 'PUT',
    headers: {
      'content-type': 'application/json',
      'if-match': `"${revision}"`,
    },
    body,
    keepalive,
  });
  if (useBench.getState().plan?.id !== plan.id) {
    // another plan is open by now: what was stored of this one is known all the same
    if (response.ok) {
      const { revision: next } = (await response.json()) as { revision: number };
      noteSave({ plan, revision: next });
      void forgetUnsaved(plan.id);
    }
    return;
  }
  if (response.status === 412) {
    // while a hand holds something nothing is met; what is saved when it has let go is met then
    await meetStored((await response.json()) as Stored);
  } else if (response.status === 404) {
    notSaved('this plan was removed elsewhere and lies in the bin of the list of plans', false);
  } else if (response.status === 422) {
    notSaved(await reasonIn(response), false);
  } else if (response.status === 507) {
    notSaved('the disk is full');
  } else if (!response.ok) {
    notSaved(`the server refused it (${response.status}); take it out as a file to be safe`);
  } else {
    const { revision: next } = (await response.json()) as { revision: number };
    saved = plan;
    forgetDone(plan.id, told);
    noteSave({ plan, revision: next });
    tellOthers(plan.id, next);
    const still = standing(useBench.getState()) === plan;
    if (still) void forgetUnsaved(plan.id);
    useBench.setState({ revision: next, save: { kind: still ? 'saved' : 'saving' } });
    if (!still) schedule(SETTLE_MS);
  }
}

function notSaved(why: string, again = true): void {
  useBench.setState({ save: { kind: 'notSaved', why } });
  if (again) schedule(RETRY_MS);
}

/** What a refusal says is wrong. */
async function reasonIn(response: Response): Promise<string> {
  const body = (await response.json().catch(() => null)) as {
    issues?: readonly { text?: string }[];
  } | null;
  return body?.issues?.[0]?.text ?? 'the server refused it; take it out as a file to be safe';
}

/** Another window changed the same values: keep this window's, or take the other's; undo gives the others back. */
export async function endClash(keep: 'here' | 'there'): Promise<void> {
  const stored = await settleClash(keep);
  if (stored) standOn(stored);
}

/** Another window changed the same values: keep this plan beside the other; the address of the copy. */
export async function keepMineAsCopy(): Promise<string | null> {
  const plan = standing(useBench.getState());
  if (!plan) return null;
  const stored = await storeNew(plan);
  return stored.ok ? stored.href : null;
}
