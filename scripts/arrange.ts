// Holds the arranger against a search that tries every pair of places, on fifty small shells with two free things, and
// tells how long answers take: node --import tsx scripts/arrange.ts [shells]

import { createJudge } from '../src/core/judge';
import { arrange, rearranged } from '../src/core/layout/arrange';
import { candidatesOf, TRY_STEP_M } from '../src/core/layout/candidates';
import { roughOut } from '../src/core/layout/roughOut';
import { scoreAtBest, scoreOf } from '../src/core/layout/score';
import type { Plan } from '../src/core/model/schema';
import { inTheWay } from '../src/core/placing/inTheWay';
import { RULE_BOOK } from '../src/core/rules/book';
import { DAY, sample } from '../src/core/tests/plans';

const shells = Number(process.argv[2] ?? 50);
const median = (list: number[]): number =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? Number.NaN;

/** A small shell with a few hens, fitted out, of which two things are free. */
function* small(): Iterable<{ plan: Plan; free: [string, string]; built: number }> {
  let found = 0;
  const pairs = [
    ['feeder', 'drinker'],
    ['feeder', 'nestBank'],
    ['drinker', 'popDoor'],
    ['drinker', 'dustBath'],
  ] as const;
  for (let k = 0; found < shells && k < 4000; k++) {
    const base = sample('pell-garth');
    const [group] = base.flock;
    if (!group) return;
    const plan: Plan = {
      ...base,
      flock: [{ ...group, count: 2 + (k % 4) }],
      fixtures: [],
      shell: {
        ...base.shell,
        lengthM: 1.5 + 0.15 * (k % 5),
        widthM: 1.2 + 0.15 * (Math.floor(k / 5) % 4),
        roof: { ...base.shell.roof, lowM: 1.3, highM: 1.5 },
      },
    };
    const rough = roughOut(plan, DAY);
    if (rough.kind !== 'fits') continue;
    const kinds = pairs[k % pairs.length] ?? pairs[0];
    const free = kinds.map((kind) => rough.plan.fixtures.find((f) => f.kind === kind)?.id);
    if (free[0] === undefined || free[1] === undefined) continue;
    found++;
    const judge = createJudge();
    const built = scoreOf(rough.plan, judge(rough.plan, { on: DAY, book: RULE_BOOK, lean: true }));
    yield { plan: rough.plan, free: [free[0], free[1]], built: built.total };
  }
}

/** The least that any pair of places comes to. */
function exhaustive(plan: Plan, [one, other]: readonly [string, string]): number {
  const judge = createJudge();
  const worth = (p: Plan): number =>
    scoreOf(p, judge(p, { on: DAY, book: RULE_BOOK, lean: true })).total;
  const [a, b] = [one, other].map((id) => plan.fixtures.find((f) => f.id === id));
  if (!a || !b) throw new Error('two things are free');
  let best = worth(plan);
  for (const first of candidatesOf(a, plan, TRY_STEP_M)) {
    for (const second of candidatesOf(b, plan, TRY_STEP_M)) {
      const next: Plan = {
        ...plan,
        fixtures: plan.fixtures.map((f) => (f.id === one ? first : f.id === other ? second : f)),
      };
      if (scoreAtBest(next) >= best) continue;
      if (inTheWay(plan, next, one).length > 0 || inTheWay(plan, next, other).length > 0) continue;
      best = Math.min(best, worth(next));
    }
  }
  return best;
}

let [same, worst, count] = [0, 0, 0];
const gains: number[] = [];
for (const { plan, free, built } of small()) {
  const pinned = plan.fixtures.map((f) => f.id).filter((id) => !free.includes(id));
  const best = exhaustive(plan, free);
  const { best: found } = rearranged(plan, { on: DAY, seed: 1, pinned }, 3000);
  const off = found.score.total / best - 1;
  count++;
  if (off < 1e-6) same++;
  worst = Math.max(worst, off);
  gains.push(built - found.score.total);
}
console.log(
  `against every pair of places, ${count} shells: the best found in ${same} (${((100 * same) / count).toFixed(0)} %), else at most ${(100 * worst).toFixed(2)} % off`,
);
console.log(
  `gain over what rough-out builds: median ${median(gains).toFixed(2)}, most ${Math.max(...gains).toFixed(2)} (a metre of the keeper's round is 1)`,
);

for (const id of ['pell-garth', 'tamar-flats', 'osk-landing'] as const) {
  const plan = sample(id);
  const start = performance.now();
  let [first, three, tried] = [Number.NaN, Number.NaN, 0];
  for (const step of arrange(plan, { on: DAY, seed: 1, pinned: [] })) {
    const now = performance.now() - start;
    if (Number.isNaN(first) && step.best.length > 0) first = now;
    if (Number.isNaN(three) && step.best.length === 3) three = now;
    tried = step.tried;
  }
  const whole = performance.now() - start;
  const ms = (n: number): string => (Number.isNaN(n) ? 'none' : `${n.toFixed(0)} ms`);
  console.log(
    `${id}: first answer ${ms(first)}, three ${ms(three)}, all ${ms(whole)}; ${tried} plans, ${((1000 * tried) / whole).toFixed(0)} a second`,
  );
}
