import { createStore } from 'zustand';
import type { Assessment } from '@/core/assess';
import { type Outcome, ok } from '@/core/kernel/outcome';
import type { Plan } from '@/core/model/schema';
import { firstStation, seenOf } from '@/core/sight';
import { type FindingSay, type FindingTable, sayingFindings } from '@/text/findingSay';
import { type BenchState, type BenchStore, EMPTY, type FirstSight } from './benchState';
import type { Engine } from './engine';
import { engineHere } from './engineHere';
import { Hand } from './hand';
import { createInHand, emptyHand } from './inHand';
import { EditQueue } from './queue';
import { Saver } from './saver';
import { keepUnsaved } from './unsaved';

type Recipe = (draft: Plan) => void;

/** A plan as it is when it has just been opened. */
const opened = (plan: Plan, revision: number, on: string, assessment: Assessment): BenchState => ({
  ...EMPTY,
  plan,
  revision,
  on,
  assessment,
  station: firstStation(assessment),
});

/**
 * One plan that is open in this window, and all that belongs to it: its edits and their undoing, what waits, what is
 * in hand, how it is saved. Made when the plan is opened; once it is left, what still waits is kept and no more.
 */
export class Session {
  readonly store: BenchStore;
  readonly inHand = createInHand();
  readonly queue = new EditQueue();
  readonly hand = new Hand(this);
  readonly saver = new Saver(this);
  /** What rooms above keep of this plan, by who keeps it. */
  readonly kept = new Map<object, unknown>();
  /** Whether another plan is open in this window by now. */
  isLeft = false;
  readonly #firstSay: FindingSay;
  #assess: ReturnType<Engine['createAssessor']> | null = null;

  constructor(first: BenchState = EMPTY, words: FindingTable = {}) {
    this.store = createStore<BenchState>(() => first);
    this.#firstSay = sayingFindings(words);
  }

  /** Findings in words: of what the page came with, until the engine has all of them. */
  get findingSay(): FindingSay {
    return engineHere()?.findingSay ?? this.#firstSay;
  }

  /** Opens a plan, forgetting the one before. */
  open(plan: Plan, revision: number, on: string): void {
    this.withEngine((engine) => {
      this.#assess = engine.createAssessor();
      this.store.setState(opened(plan, revision, on, this.#assess(plan, { on })));
    });
  }

  /** Fetches the engine, and works in the browser what the server had sent of the open plan. */
  start(): void {
    this.withEngine(() => {
      const { plan, on } = this.store.getState();
      if (plan) this.store.setState({ assessment: this.assess(plan, on), worked: true });
    });
  }

  /** The engine does something: at once where it is here, else as soon as it has come, one after another. */
  withEngine(work: (engine: Engine) => void): void {
    this.queue.inTurn(work, (isHere) =>
      // nothing that was done is lost: it waits, and the keeper is told
      this.store.setState({
        save: isHere
          ? { kind: 'saved' }
          : { kind: 'notSaved', why: 'the server does not answer; trying again' },
      }),
    );
  }

  /** What is worked of a plan in this window. */
  assess(plan: Plan, on: string): Assessment {
    this.#assess ??= engineHere()?.createAssessor() ?? null;
    if (!this.#assess) throw new Error('nothing is assessed before the engine is here');
    return this.#assess(plan, { on });
  }

  /**
   * Makes one undoable edit.
   * @param name    what was done, for announcements
   * @param recipe  changes the draft
   * @returns       the new plan, or what is wrong with it; then nothing has changed
   */
  edit(name: string, recipe: Recipe): Outcome<Plan> {
    this.putBack();
    const { plan, past } = this.store.getState();
    if (!plan) throw new Error('no plan is open');
    const engine = engineHere();
    if (!engine || !this.queue.isFree()) return this.#editLater(name, recipe, plan);
    const [next, forward, back] = made(engine, plan, recipe);
    if (forward.length === 0) return ok(plan);
    const checked = engine.parseEdit(plan, next);
    if (!checked.ok) return checked;
    this.#settle(next, { past: [...past, { name, forward, back }], future: [] }, name);
    return ok(next);
  }

  /** An edit made before the page can check it: it waits, and what is wrong with it is said. */
  #editLater(name: string, recipe: Recipe, plan: Plan): Outcome<Plan> {
    this.store.setState({ save: { kind: 'saving' } });
    this.withEngine((come) => {
      if (this.isLeft) return this.#editLeft(recipe, come);
      let isDone = false;
      try {
        isDone = this.edit(name, recipe).ok;
      } finally {
        if (!isDone) this.store.setState({ said: `Not done: ${name}` });
        if (this.store.getState().plan === plan) this.store.setState({ save: { kind: 'saved' } });
      }
    });
    return ok(plan);
  }

  /** An edit whose page was left before it could be made: kept in the browser, and offered when its plan is opened. */
  #editLeft(recipe: Recipe, engine: Engine): void {
    const { plan, revision } = this.store.getState();
    if (!plan) return;
    const [next] = made(engine, plan, recipe);
    if (!engine.parseEdit(plan, next).ok) return;
    this.store.setState({ plan: next });
    void keepUnsaved(next, revision);
  }

  /**
   * Makes the plan another, as one step that can be undone; several of one name after another are one step.
   * @param next  a plan that has been read
   */
  takeIn(next: Plan, name: string): void {
    this.withEngine((engine) => {
      this.putBack();
      const { plan, past } = this.store.getState();
      if (!plan) return;
      const [taken, forward, back] = engine.produceWithPatches(plan, (draft) => {
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
      this.#settle(taken, { past: [...before, step], future: [] }, name);
    });
  }

  /** Takes back the last edit; its name, or null where there is none. */
  undo(): string | null {
    this.putBack();
    const { plan, past, future } = this.store.getState();
    const step = past[past.length - 1];
    const engine = engineHere();
    if (!plan || !step || !engine) return null;
    const history = { past: past.slice(0, -1), future: [step, ...future] };
    this.#settle(engine.applyPatches(plan, step.back), history, `Undone: ${step.name}`);
    return step.name;
  }

  /** Does the last undone edit again; its name, or null where there is none. */
  redo(): string | null {
    this.putBack();
    const { plan, past, future } = this.store.getState();
    const [step, ...rest] = future;
    const engine = engineHere();
    if (!plan || !step || !engine) return null;
    const history = { past: [...past, step], future: rest };
    this.#settle(engine.applyPatches(plan, step.forward), history, `Done again: ${step.name}`);
    return step.name;
  }

  /** Lets go of what is held: everything is as it was. */
  putBack(): void {
    const { held } = this.store.getState();
    if (!held) return;
    emptyHand(this.inHand);
    this.store.setState({ plan: held.plan, assessment: held.assessment, held: null });
  }

  #settle(plan: Plan, history: Pick<BenchState, 'past' | 'future'>, said: string): void {
    const { on, picked } = this.store.getState();
    const stillThere = plan.fixtures.some((f) => f.id === picked);
    this.store.setState({
      ...history,
      plan,
      said,
      news: null,
      ghost: null,
      foretold: {},
      assessment: this.assess(plan, on),
      worked: true,
      picked: stillThere ? picked : null,
      refused: null,
    });
  }
}

/** A plan changed, with the way there and back: what is taken out takes its pin along, and undo gives both back. */
const made = (engine: Engine, plan: Plan, recipe: Recipe) =>
  engine.produceWithPatches(plan, (draft) => {
    recipe(draft);
    engine.dropOrphans(draft);
  });

/** A session for one page, with its plan open: the server draws from it, and the browser takes it over. */
export function createSession(
  plan: Plan,
  revision: number,
  on: string,
  { sight, foretold, words }: FirstSight,
): Session {
  const assessment = seenOf(sight);
  return new Session({ ...opened(plan, revision, on, assessment), worked: false, foretold }, words);
}
