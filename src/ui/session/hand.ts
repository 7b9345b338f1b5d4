import type { StoreApi } from 'zustand';
import type { Assessment } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import type { BenchStore } from './benchState';
import { emptyHand, type InHand } from './inHand';

/** While a hand moves, staves, findings and panel follow so often, ms: a frame has no room for all of them. */
const FOLLOW_MS = 1000;
/** A hand that has rested so long is caught up with at once, ms. */
const RESTED_MS = 70;

/** What a hand needs of the plan that it works on. */
interface InTheHand {
  readonly store: BenchStore;
  readonly inHand: StoreApi<InHand>;
  assess(plan: Plan, on: string): Assessment;
  edit(name: string, recipe: (draft: Plan) => void): unknown;
  /** Everything as it was before it was taken up. */
  putBack(): void;
}

/** Things of one plan taken up, moved and put down. */
export class Hand {
  readonly #of: InTheHand;
  #timer: ReturnType<typeof setTimeout> | null = null;
  /** When the hand last moved what it holds, ms, and when the staves last followed. */
  #movedAt = 0;
  #followedAt = 0;

  constructor(of: InTheHand) {
    this.#of = of;
  }

  /** Takes things up: from now on the plan shown is as it would be if they were let go. */
  takeUp(fixtures: readonly string[]): void {
    const { store, inHand } = this.#of;
    const { plan, assessment, held } = store.getState();
    if (!plan || !assessment || held) return;
    store.setState({
      held: { plan, assessment, fixtures, birds: assessment.birds },
      refused: null,
      ghost: null,
    });
    inHand.setState({ plan, lines: [], ways: [] });
    this.#followedAt = performance.now();
  }

  /**
   * Shows what is in hand where it is, with the lines that hold it and what stands in its way; what is worked of the
   * plan follows when there is time.
   */
  holdAt(next: Plan, { lines, ways }: Pick<InHand, 'lines' | 'ways'>): void {
    const { store, inHand } = this.#of;
    if (!store.getState().held) return;
    inHand.setState({ plan: next, lines, ways });
    this.#movedAt = performance.now();
    if (this.#timer) clearTimeout(this.#timer);
    const left = FOLLOW_MS - (performance.now() - this.#followedAt);
    this.#timer = setTimeout(() => this.#follow(), Math.max(0, Math.min(RESTED_MS, left)));
  }

  /** Works the plan as it would be now; where the hand rests, all of it is drawn anew. */
  #follow(): void {
    const { store, inHand } = this.#of;
    this.#timer = null;
    const { held, on, plan } = store.getState();
    const next = inHand.getState().plan;
    this.#followedAt = performance.now();
    if (!held || !next || next === plan) return;
    const assessment = this.#of.assess(next, on);
    const isAtRest = this.#followedAt - this.#movedAt >= RESTED_MS - 1;
    store.setState({
      plan: next,
      assessment,
      ...(isAtRest ? { held: { ...held, birds: assessment.birds } } : {}),
    });
  }

  /** Lets go of what is held: everything is as it was. */
  letFall(): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    emptyHand(this.#of.inHand);
    this.#of.putBack();
  }

  /**
   * Lets go of what is held where it is: one edit, or a refusal with the reason where something stands in its way.
   * @param name  what was done
   */
  putDown(name: string): void {
    const { store, inHand } = this.#of;
    const { held } = store.getState();
    const { plan: next, ways } = inHand.getState();
    this.letFall();
    if (!held || !next || next === held.plan) return;
    if (ways.length > 0) {
      const fixture = held.fixtures[0] ?? '';
      store.setState({ refused: { plan: next, name, fixture, ways } });
      return;
    }
    this.#put(next, name);
  }

  /** Puts what was refused where it was wanted all the same. */
  forceRefused(): void {
    const { refused } = this.#of.store.getState();
    if (refused) this.#put(refused.plan, refused.name);
  }

  forgetRefused(): void {
    this.#of.store.setState({ refused: null });
  }

  /** One edit: the fixtures as in the plan given. */
  #put(next: Plan, name: string): void {
    this.#of.edit(name, (draft) => {
      next.fixtures.forEach((f, i) => {
        if (JSON.stringify(draft.fixtures[i]) !== JSON.stringify(f)) draft.fixtures[i] = f;
      });
    });
  }
}
