import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { createJudge, type Judged } from '../judge';
import type { Fixture, Plan, Side } from '../model/schema';
import { inTheWay } from '../placing/inTheWay';
import { mirrored } from '../placing/mirror';
import { RULE_BOOK } from '../rules/book';
import { candidatesOf, isOfTheHouse, movesAlone, TRY_STEP_M, wallOf } from './candidates';
import type { Choices } from './fitOut';
import { fitted } from './fitted';
import { type Score, scoreAtBest, scoreOf } from './score';

/** One way to arrange a coop. */
export interface Arrangement {
  readonly plan: Plan;
  readonly score: Score;
  /** What its rows, nests and the rest were begun from: rows along a wall, or the plan as it stood. */
  readonly begunAt: Side | 'asItStood';
}

/** How far a search has come. */
export interface ArrangeStep {
  /** 0…1. */
  readonly share: number;
  /** Plans judged so far. */
  readonly tried: number;
  /** The best until now, no two alike; at most three. */
  readonly best: readonly Arrangement[];
}

export interface ArrangeAsk {
  readonly on: string;
  readonly seed: number;
  /** Fixtures that stay where they are. */
  readonly pinned: readonly string[];
}

const ANSWERS = 3;
/** The plan as it stands, rough-out's own answer, and rows along each wall. */
const MOST_BEGUN = 6;
/** Answers differ in at least so many fixtures that stand at another wall. */
const APART = 2;
/** Sweeps over all free fixtures from one beginning at most. */
const MOST_SWEEPS = 4;
/** Of one fixture so many places are judged in a sweep at most. */
const MOST_PLACES = 90;
/** From one beginning no more plans than this are judged. */
const MOST_TRIED = 700;
/** Two things are shaken loose so many times at most. */
const MOST_SHAKES = 12;
/** A floor so large is searched with steps that many times as long, m². */
const LARGE_M2 = 12;

type Judge = (plan: Plan) => Judged;

/**
 * Searches over where everything goes: begins with rough-out's own fit-outs along each wall and with the plan as it
 * stands, then moves one thing after another to its best place until none has a better one. The same seed gives the
 * same answers. What is pinned, and what is part of the house, stays where it is.
 * @param plan  a plan in one room that `parsePlan` accepted
 */
export function* arrange(plan: Plan, { on, seed, pinned }: ArrangeAsk): Generator<ArrangeStep> {
  const judge = createJudge();
  const lean: Judge = (p) => judge(p, { on, book: RULE_BOOK, lean: true });
  const stays = new Set(pinned);
  const random = xoroshiro128plus(seed);
  const kept = plan.fixtures.filter((f) => stays.has(f.id) || isOfTheHouse(f));
  const bare: Plan = { ...plan, fixtures: kept };
  const found = new Map<string, Arrangement>();
  const search: Search = { lean, stays, random, found, tried: 0, until: 0, budget: MOST_TRIED };
  let done = 0;
  for (const { plan: start, begunAt } of beginnings(plan, bare, on, judge)) {
    search.until = search.tried + search.budget;
    const at = keep(search, start, begunAt);
    yield step(search, done / MOST_BEGUN);
    yield* improved(search, at, (share) => (done + share) / MOST_BEGUN);
    done++;
    yield step(search, done / MOST_BEGUN);
  }
  yield step(search, 1);
}

interface Search {
  readonly lean: Judge;
  readonly stays: ReadonlySet<string>;
  readonly random: ReturnType<typeof xoroshiro128plus>;
  /** The best of each way in which things stand at the walls. */
  readonly found: Map<string, Arrangement>;
  tried: number;
  /** How many may have been tried before the next beginning. */
  until: number;
  /** How many from each beginning. */
  readonly budget: number;
}

/**
 * Only what stands, moved: no fit-out is built anew. For holding the search against one that tries everything.
 * @param budget  plans that are judged at most
 * @example rearranged({ ...plan, fixtures: [] }, { on: today, seed: 1, pinned: [] }, 10).tried // 1
 */
export function rearranged(
  plan: Plan,
  { on, seed, pinned }: ArrangeAsk,
  budget: number,
): { readonly best: Arrangement; readonly tried: number } {
  const judge = createJudge();
  const search: Search = {
    lean: (p) => judge(p, { on, book: RULE_BOOK, lean: true }),
    stays: new Set(pinned),
    random: xoroshiro128plus(seed),
    found: new Map(),
    tried: 0,
    until: budget,
    budget,
  };
  const steps = improved(search, keep(search, plan, 'asItStood'), (share) => share);
  for (;;) {
    const next = steps.next();
    if (next.done) return { best: next.value, tried: search.tried };
  }
}

/** What a search begins from: rows along each wall by rough-out's own rules, and the plan as it stands. */
function* beginnings(
  plan: Plan,
  bare: Plan,
  on: string,
  judge: ReturnType<typeof createJudge>,
): Iterable<{ plan: Plan; begunAt: Arrangement['begunAt'] }> {
  const first = fitted(bare, on, judge);
  if (first.kind === 'fits') {
    yield { plan: renamed(first.plan, plan), begunAt: wallOfBars(first.plan) };
  }
  for (const wall of ['rear', 'left', 'right', 'front'] as const) {
    const choices: Choices = { wall };
    const fit = fitted(bare, on, judge, choices);
    if (fit.kind === 'fits') yield { plan: renamed(fit.plan, plan), begunAt: wall };
  }
  if (plan.fixtures.length > bare.fixtures.length) yield { plan, begunAt: 'asItStood' };
}

const wallOfBars = (plan: Plan): Side => {
  const bar = plan.fixtures.find((f) => f.kind === 'bar');
  return bar ? wallOf(bar, plan) : 'rear';
};

/** New things take the ids and names of those of their kind that they stand for. */
function renamed(made: Plan, before: Plan): Plan {
  const had = new Set(before.fixtures.map((f) => f.id));
  const own = new Set(made.fixtures.map((f) => f.id));
  const gone = before.fixtures.filter((f) => !own.has(f.id));
  return {
    ...made,
    fixtures: made.fixtures.map((f) => {
      if (had.has(f.id)) return f;
      const at = gone.findIndex((g) => g.kind === f.kind);
      const [old] = at < 0 ? [] : gone.splice(at, 1);
      return old ? { ...f, id: old.id, name: old.name } : f;
    }),
  };
}

/** Which wall each kind of thing stands at: what tells two arrangements apart. */
const signOf = (plan: Plan): string =>
  plan.fixtures
    .filter((f) => !isOfTheHouse(f))
    .map((f) => `${f.kind} ${wallOf(f, plan)}`)
    .sort()
    .join();

/** Judges a plan and keeps it where it is the best of its sort. */
function keep(search: Search, plan: Plan, begunAt: Arrangement['begunAt']): Arrangement {
  search.tried++;
  const made: Arrangement = { plan, begunAt, score: scoreOf(plan, search.lean(plan)) };
  const sign = signOf(plan);
  const before = search.found.get(sign);
  if (!before || made.score.total < before.score.total) search.found.set(sign, made);
  return made;
}

/**
 * Moves one thing after another to where the whole is worth most, until nothing has a better place; then shakes two
 * of them loose and begins again, as long as plans are left to try.
 */
function* improved(
  search: Search,
  start: Arrangement,
  shareOf: (share: number) => number,
): Generator<ArrangeStep, Arrangement> {
  let best = yield* settledFrom(search, start, shareOf);
  for (let shake = 0; shake < MOST_SHAKES && search.tried < search.until; shake++) {
    const shaken = shakenLoose(search, best);
    if (shaken === null) break;
    const made = yield* settledFrom(search, shaken, shareOf);
    if (made.score.total < best.score.total - 1e-9) best = made;
  }
  return best;
}

/** Sweeps over all that is free until a sweep changes nothing. */
function* settledFrom(
  search: Search,
  start: Arrangement,
  shareOf: (share: number) => number,
): Generator<ArrangeStep, Arrangement> {
  let best = start;
  for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
    const free = freeOf(search, best.plan);
    const before = best.score.total;
    for (const { id } of shuffled(free, search.random)) {
      best = bestPlace(search, best, id);
      yield step(search, shareOf(1 - (search.until - search.tried) / search.budget));
    }
    if (best.score.total > before - 1e-9) break;
  }
  return best;
}

const freeOf = ({ stays }: Search, plan: Plan): Fixture[] =>
  plan.fixtures.filter((f) => movesAlone(f) && !stays.has(f.id));

/** Two of what is free put anywhere that they can stand; null where too little is free. */
function shakenLoose(search: Search, from: Arrangement): Arrangement | null {
  let { plan } = from;
  const two = shuffled(freeOf(search, plan), search.random).slice(0, 2);
  if (two.length < 2) return null;
  for (const { id } of two) {
    const own = plan.fixtures.find((f) => f.id === id);
    if (!own) continue;
    for (const place of shuffled(candidatesOf(own, plan), search.random)) {
      const next: Plan = { ...plan, fixtures: plan.fixtures.map((f) => (f.id === id ? place : f)) };
      if (inTheWay(plan, next, id).length > 0) continue;
      plan = next;
      break;
    }
  }
  return keep(search, plan, from.begunAt);
}

/** The plan with one fixture where it is worth most. */
function bestPlace(search: Search, from: Arrangement, id: string): Arrangement {
  const { plan } = from;
  const own = plan.fixtures.find((f) => f.id === id);
  if (!own) return from;
  const { lengthM, widthM } = plan.shell;
  const coarse = Math.max(1, Math.sqrt((lengthM * widthM) / LARGE_M2));
  const places = shuffled(candidatesOf(own, plan, TRY_STEP_M * coarse), search.random);
  let best = from;
  let judged = 0;
  for (const place of places) {
    const next: Plan = { ...plan, fixtures: plan.fixtures.map((f) => (f.id === id ? place : f)) };
    // nothing is judged that could not be built, or that could not be better
    if (scoreAtBest(next) >= best.score.total || inTheWay(plan, next, id).length > 0) continue;
    if (search.tried >= search.until) return best;
    const made = keep(search, next, from.begunAt);
    if (made.score.total < best.score.total - 1e-9) best = made;
    if (++judged >= MOST_PLACES) break;
  }
  return best;
}

function shuffled<T>(list: readonly T[], random: Search['random']): T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.abs(random.next()) % (i + 1);
    [out[i], out[j]] = [out[j] as T, out[i] as T];
  }
  return out;
}

const step = ({ found, tried }: Search, share: number): ArrangeStep => ({
  share: Math.min(1, share),
  tried,
  best: theBest([...found.values()]),
});

/** The best, and the best of those that differ enough from each before them; mirror images only where there is no other. */
export function theBest(all: readonly Arrangement[]): Arrangement[] {
  const sorted = [...all].sort((a, b) => a.score.total - b.score.total);
  const chosen: Arrangement[] = [];
  for (const isApart of [isAnother, isElsewhere]) {
    for (const one of sorted) {
      if (chosen.length === ANSWERS) break;
      if (chosen.every((c) => isApart(c.plan, one.plan))) chosen.push(one);
    }
  }
  return chosen.sort((a, b) => a.score.total - b.score.total);
}

/** Whether two plans have at least two things at another wall. */
const isElsewhere = (a: Plan, b: Plan): boolean => differences(a, b) >= APART;

/** The same, also when one of them is looked at in a mirror. */
const isAnother = (a: Plan, b: Plan): boolean =>
  [b, turned(b, 'x'), turned(b, 'y')].every((other) => isElsewhere(a, other));

const turned = (plan: Plan, axis: 'x' | 'y'): Plan => ({
  ...plan,
  fixtures: plan.fixtures.map((f): Fixture => (isOfTheHouse(f) ? f : mirrored(f, plan, axis))),
});

/** Things of one plan that have no other of their kind at the same wall in the other. */
export function differences(a: Plan, b: Plan): number {
  const there = b.fixtures.filter((f) => !isOfTheHouse(f)).map((f) => `${f.kind} ${wallOf(f, b)}`);
  let apart = 0;
  for (const f of a.fixtures) {
    if (isOfTheHouse(f)) continue;
    const at = there.indexOf(`${f.kind} ${wallOf(f, a)}`);
    if (at < 0) apart++;
    else there.splice(at, 1);
  }
  return Math.max(apart, there.length);
}
