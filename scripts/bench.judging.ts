// How often a second a plan is judged after one of its fixtures has moved: what a search over layouts asks for.
// `npm run bench` bundles it and runs it in Node and in Chromium.
import { createAssessor } from '@/core/assess';
import { moved } from '@/core/model/moved';
import type { Plan } from '@/core/model/schema';
import { benchPlans } from './bench.plans';
import { ON } from './bench.table';

const WARM = 3000;
const ROUNDS = 5;

/** The plan with one of its fixtures moved along its wall, or across the floor. */
function oneMoved(plan: Plan, i: number): Plan {
  const at = i % plan.fixtures.length;
  const byM = ((i % 40) - 20) / 200;
  return { ...plan, fixtures: plan.fixtures.map((f, j) => (j === at ? moved(f, byM, byM) : f)) };
}

/** Judgements a second, the median of five rounds. */
function perSecond(plan: Plan, count: number): number {
  const judge = createAssessor();
  const plans = Array.from({ length: count }, (_, i) => oneMoved(plan, i));
  const round = (): number => {
    const from = performance.now();
    for (const one of plans) judge(one, { on: ON, lean: true });
    return (count / (performance.now() - from)) * 1000;
  };
  for (let done = 0; done < WARM; done += count) round();
  const rates = Array.from({ length: ROUNDS }, round).sort((a, b) => a - b);
  return rates[ROUNDS >> 1] ?? 0;
}

/** Of Osk Landing, and of twelve groups and forty fixtures. */
export function judging(): { readonly osk: number; readonly forty: number } {
  const { osk, forty } = benchPlans();
  return { osk: perSecond(osk, 1500), forty: perSecond(forty, 600) };
}
