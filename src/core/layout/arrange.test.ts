import { createJudge } from '../judge';
import type { Fixture, Plan } from '../model/schema';
import { inTheWay } from '../placing/inTheWay';
import { RULE_BOOK } from '../rules/book';
import { DAY, sample, soundCoop } from '../tests/plans';
import { type ArrangeStep, arrange, differences, rearranged } from './arrange';
import { candidatesOf, isOfTheHouse, wallOf } from './candidates';
import { roughOut } from './roughOut';
import { scoreOf } from './score';

const scoreNow = (plan: Plan) =>
  scoreOf(plan, createJudge()(plan, { on: DAY, book: RULE_BOOK, lean: true }));

function run(plan: Plan, pinned: readonly string[] = [], seed = 1): ArrangeStep {
  let last: ArrangeStep | null = null;
  for (const step of arrange(plan, { on: DAY, seed, pinned })) {
    expect(step.share).toBeGreaterThanOrEqual(last?.share ?? 0);
    last = step;
  }
  if (!last) throw new Error('no step');
  return last;
}

describe('a coop that is arranged', () => {
  const plan = sample('pell-garth');
  const end = run(plan);

  test('is never worse than rough-out’s own, nor than it was', () => {
    const kept = plan.fixtures.filter(isOfTheHouse);
    const rough = roughOut({ ...plan, fixtures: kept }, DAY);
    if (rough.kind !== 'fits') throw new Error('it does not fit');
    const [best] = end.best;
    expect(best?.score.total).toBeLessThanOrEqual(scoreNow(rough.plan).total + 1e-9);
    expect(best?.score.total).toBeLessThanOrEqual(scoreNow(plan).total + 1e-9);
    expect(best?.score.faults).toBe(0);
  });

  test('has three answers, the best first, each with two things at another wall', () => {
    expect(end.best).toHaveLength(3);
    end.best.forEach((a, i) => {
      expect(a.score).toEqual(scoreNow(a.plan));
      end.best.slice(i + 1).forEach((b) => {
        expect(b.score.total).toBeGreaterThanOrEqual(a.score.total);
        expect(differences(a.plan, b.plan)).toBeGreaterThanOrEqual(2);
      });
    });
    expect(end.share).toBe(1);
  });

  test('leaves its windows and doors where they are, and the same seed gives the same answers', () => {
    const of = (p: Plan) => p.fixtures.filter(isOfTheHouse).filter((f) => f.kind === 'window');
    const had = of(plan);
    for (const { plan: made } of end.best) expect(of(made)).toEqual(expect.arrayContaining(had));
    expect(run(plan).best.map((b) => b.plan)).toEqual(end.best.map((b) => b.plan));
  });

  test('leaves what is pinned where it is', () => {
    const pinned = ['feeder-1', 'nests-1'];
    for (const { plan: made } of run(plan, pinned).best) {
      for (const id of pinned) {
        expect(made.fixtures.find((f) => f.id === id)).toEqual(
          plan.fixtures.find((f) => f.id === id),
        );
      }
    }
  });
});

test('of two things in a small shell the best places of all are found, against every pair of places', () => {
  const step = 0.3;
  const base = soundCoop((d) => {
    d.shell.lengthM = 1.8;
    d.shell.widthM = 1.5;
  });
  const free = base.fixtures.filter((f) => f.kind === 'feeder' || f.kind === 'drinker').slice(0, 2);
  const keep = base.fixtures.filter((f) => f.kind === 'door');
  const plan: Plan = { ...base, fixtures: [...keep, ...free] };
  const [one, other] = free as [Fixture, Fixture];
  const judge = createJudge();
  const worth = (p: Plan): number =>
    scoreOf(p, judge(p, { on: DAY, book: RULE_BOOK, lean: true })).total;
  let best = Infinity;
  for (const a of candidatesOf(one, plan, step)) {
    for (const b of candidatesOf(other, plan, step)) {
      const next: Plan = { ...plan, fixtures: [...keep, a, b] };
      if (inTheWay(plan, next, a.id).length > 0 || inTheWay(plan, next, b.id).length > 0) continue;
      best = Math.min(best, worth(next));
    }
  }
  const { best: found } = rearranged(plan, { on: DAY, seed: 1, pinned: [] }, 1500);
  expect(found.score.total).toBeLessThanOrEqual(best + 1e-9);
});

test('a bar stands at the wall that it runs along', () => {
  const plan = sample('pell-garth');
  const bar = plan.fixtures.find((f) => f.kind === 'bar');
  if (!bar) throw new Error('no bar');
  expect(wallOf(bar, plan)).toBe('rear');
});
