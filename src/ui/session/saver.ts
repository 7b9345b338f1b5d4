'use client';
import { editName } from '@/core/edit/editNames';
import type { Plan } from '@/core/model/schema';
import { standing } from './benchState';
import { knownSave, noteSave } from './known';
import { joinUnsaved, type Meeting, meet, type Stored, settleClash } from './meeting';
import { storeNew } from './storeNew';
import { forgetUnsaved, keepAtOnce, keepUnsaved, unsavedOf } from './unsaved';
import { hearOthers, tellOthers } from './windows';

const SETTLE_MS = 400;
const RETRY_MS = 3000;
/** How often a window that is looked at asks whether another, elsewhere, has saved. */
const FOLLOW_MS = 10_000;
/** Names of edits told of one save at most. */
const MOST_NAMES = 40;
/** A request that outlives its page carries no more than this, bytes. */
const KEEPALIVE_BYTES = 60_000;

/** What is saved: an open plan, and how it is opened. */
interface Saved extends Meeting {
  open(plan: Plan, revision: number, on: string): void;
}

/** What has been done to a plan since its last save, as the screen names it; each is told of once. */
interface Done {
  readonly id: string;
  readonly edits: readonly { readonly name: string }[];
}

/** Saves one open plan by itself, and follows what other windows save of it. */
export class Saver {
  readonly #of: Saved;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #busy = false;
  /** Whether its page is open: a page that was left sends what there is once, and what it could not send is offered when its plan is opened again. */
  #isLive = false;
  /** Whether something is still to be sent once the answer has come. */
  #again = false;
  #saved: Plan | null = null;
  #done: Done | null = null;

  constructor(of: Saved) {
    this.#of = of;
  }

  get #state() {
    return this.#of.store.getState();
  }

  /** What has been done to this plan since its last save: never what was done to another. */
  #doneTo(id: string): Done['edits'] {
    return this.#done?.id === id ? this.#done.edits : [];
  }

  /** Notes one more edit; of more than can be told the oldest are forgotten. */
  #noteDone(id: string, said: string): void {
    this.#done = { id, edits: [...this.#doneTo(id), { name: editName(said) }].slice(-MOST_NAMES) };
  }

  /** Forgets what a save has told; what was done meanwhile stays. */
  #forgetDone(id: string, told: Done['edits'] = this.#doneTo(id)): void {
    this.#done = { id, edits: this.#doneTo(id).filter((one) => !told.includes(one)) };
  }

  /**
   * Opens a plan as a page brings it, or newer, where this window knows of something newer: a page that the browser
   * had kept is older than what was saved since. Edits that are still on their way stay as they are.
   */
  openStored(plan: Plan, revision: number, on: string): void {
    const open = this.#state;
    const last = knownSave(plan.id);
    const newer = last && last.revision > revision ? last : { plan, revision };
    noteSave(newer);
    if (open.plan?.id === plan.id && open.revision >= newer.revision) return;
    this.#of.open(newer.plan, newer.revision, on);
    this.#saved = newer.plan;
  }

  /**
   * Asks the server whether the open plan has been saved since by another window, and follows it; edits made here are
   * joined with those made there.
   */
  async catchUp(id: string): Promise<void> {
    const { revision } = this.#state;
    const response = await fetch(`/api/plans/${id}`, {
      cache: 'no-store',
      headers: { 'if-none-match': `"${revision}"` },
    }).catch(() => null);
    if (!response?.ok) return;
    const stored = (await response.json().catch(() => null)) as Stored | null;
    const now = this.#state;
    if (!stored || now.plan?.id !== id || stored.revision <= now.revision) return;
    if (this.#busy || now.held) return;
    if (now.save.kind !== 'conflict') await this.#meetStored(stored);
  }

  /** Joins what is stored with what is open here, and saves what came of it where that is more. */
  async #meetStored(stored: Stored): Promise<void> {
    if (this.#saved && (await meet(this.#of, this.#saved, stored)) === 'joined') {
      this.#standOn(stored);
    }
  }

  /** What is stored is known here now; what the window has beyond it is saved. */
  #standOn(stored: Stored): void {
    this.#saved = stored.plan;
    noteSave(stored);
    void this.#sameAsStored(stored.plan).then((same) => {
      const { plan } = this.#state;
      if (this.#saved !== stored.plan || plan?.id !== stored.plan.id) return;
      if (same && plan === same) {
        this.#saved = plan;
        this.#forgetDone(plan.id);
        void forgetUnsaved(plan.id);
        this.#of.store.setState({ save: { kind: 'saved' } });
      } else this.#schedule(SETTLE_MS);
    });
  }

  /** The open plan, where it says the same as what is stored; else null. */
  async #sameAsStored(stored: Plan): Promise<Plan | null> {
    const { sameData } = await import('@/core/edit/sameData');
    const { plan } = this.#state;
    return plan && sameData(plan, stored) ? plan : null;
  }

  /** Saves the open plan by itself after every edit; returns the way to stop. */
  start(): () => void {
    const { store } = this.#of;
    this.#isLive = true;
    const opened = this.#state.plan;
    if (this.#saved?.id !== opened?.id) this.#saved = opened;
    if (this.#saved && this.#saved === opened) void this.#offerUnsaved(this.#saved);
    else if (opened) this.#schedule(SETTLE_MS);
    if (opened) void this.catchUp(opened.id);
    const stop = store.subscribe((state, before) => {
      // what is in hand is not yet where it will be
      if (state.held) return;
      if (before.held) {
        if (state.save.kind === 'saving') this.#schedule(SETTLE_MS);
        return;
      }
      if (state.plan === before.plan || state.plan === null) return;
      if (state.plan.id !== before.plan?.id) {
        this.#saved = state.plan;
        return;
      }
      if (state.plan === this.#saved) return;
      this.#noteDone(state.plan.id, state.said);
      void keepUnsaved(state.plan, state.revision);
      if (state.save.kind !== 'conflict') store.setState({ save: { kind: 'saving' } });
      this.#schedule(SETTLE_MS);
    });
    const leaving = (): void => void this.saveNow(true);
    const online = (): void => void this.saveNow();
    const follow = (): void => {
      const id = this.#state.plan?.id;
      if (id && document.visibilityState === 'visible') void this.catchUp(id);
    };
    // a page that the browser had laid aside whole may be older than what is stored
    const shown = (event: PageTransitionEvent): void => {
      const id = this.#state.plan?.id;
      if (event.persisted && id) void this.catchUp(id);
    };
    const clock = setInterval(follow, FOLLOW_MS);
    const stopHearing = hearOthers((id, revision) => {
      const open = this.#state;
      if (open.plan?.id === id && revision > open.revision) void this.catchUp(id);
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
      this.#isLive = false;
      void this.saveNow();
    };
  }

  /** Offers what an earlier visit left unacknowledged, if it differs from what is stored. */
  async #offerUnsaved(stored: Plan): Promise<void> {
    const kept = await unsavedOf(stored.id);
    const { plan, revision } = this.#state;
    if (!kept || plan !== stored) return;
    const { planDifferences } = await import('@/core/edit/differences');
    if (planDifferences(stored, kept.plan).length === 0) return forgetUnsaved(stored.id);
    const edited = kept.revision === revision ? kept.plan : await joinUnsaved(kept, stored);
    if (this.#state.plan !== stored) return;
    this.#of.store.setState({ offered: { plan: edited, when: kept.when } });
  }

  /** Throws the offered edits away. */
  throwOfferedAway(): void {
    const { plan } = this.#state;
    this.#of.store.setState({ offered: null });
    if (plan) void forgetUnsaved(plan.id);
  }

  #schedule(ms: number): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    if (!this.#isLive) return;
    this.#timer = setTimeout(() => void this.saveNow(), ms);
  }

  /** Sends what is not yet stored. @param leaving  the page is going: the request must outlive it */
  async saveNow(leaving = false): Promise<void> {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    const { revision, save } = this.#state;
    const plan = standing(this.#state);
    if (!plan || plan === this.#saved || save.kind === 'conflict') return;
    if (this.#busy && !leaving) {
      this.#again = !this.#isLive;
      return this.#schedule(SETTLE_MS);
    }
    this.#busy = true;
    try {
      await this.#send(plan, revision, leaving);
    } catch {
      this.#notSaved('the server does not answer; trying again');
    } finally {
      this.#busy = false;
      if (this.#again) {
        this.#again = false;
        void this.saveNow();
      }
    }
  }

  async #send(plan: Plan, revision: number, leaving: boolean): Promise<void> {
    const { store } = this.#of;
    store.setState({ save: { kind: 'saving' } });
    const told = this.#doneTo(plan.id);
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
    if (this.#state.plan?.id !== plan.id) {
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
      await this.#meetStored((await response.json()) as Stored);
    } else if (response.status === 404) {
      this.#notSaved(
        'this plan was removed elsewhere and lies in the bin of the list of plans',
        false,
      );
    } else if (response.status === 422) {
      this.#notSaved(await reasonIn(response), false);
    } else if (response.status === 507) {
      this.#notSaved('the disk is full');
    } else if (!response.ok) {
      this.#notSaved(
        `the server refused it (${response.status}); take it out as a file to be safe`,
      );
    } else {
      const { revision: next } = (await response.json()) as { revision: number };
      this.#saved = plan;
      this.#forgetDone(plan.id, told);
      noteSave({ plan, revision: next });
      tellOthers(plan.id, next);
      const still = standing(this.#state) === plan;
      if (still) void forgetUnsaved(plan.id);
      store.setState({ revision: next, save: { kind: still ? 'saved' : 'saving' } });
      if (!still) this.#schedule(SETTLE_MS);
    }
  }

  #notSaved(why: string, again = true): void {
    this.#of.store.setState({ save: { kind: 'notSaved', why } });
    if (again) this.#schedule(RETRY_MS);
  }

  /** Another window changed the same values: keep this window's, or take the other's; undo gives the others back. */
  async endClash(keep: 'here' | 'there'): Promise<void> {
    const stored = await settleClash(this.#of, keep);
    if (stored) this.#standOn(stored);
  }

  /** Another window changed the same values: keep this plan beside the other; the address of the copy. */
  async keepMineAsCopy(): Promise<string | null> {
    const plan = standing(this.#state);
    if (!plan) return null;
    const stored = await storeNew(plan);
    return stored.ok ? stored.href : null;
  }
}

/** What a refusal says is wrong. */
async function reasonIn(response: Response): Promise<string> {
  const body = (await response.json().catch(() => null)) as {
    issues?: readonly { text?: string }[];
  } | null;
  return body?.issues?.[0]?.text ?? 'the server refused it; take it out as a file to be safe';
}
