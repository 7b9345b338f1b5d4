// The core's own figures. `npm run bench` bundles it first, as the browser gets it.
import { assess, createAssessor } from '@/core/assess';
import { createFlockWorker } from '@/core/birds/flock';
import { dayNumber, isoDay } from '@/core/kernel/units/day';
import type { Plan } from '@/core/model/schema';
import { remedies } from '@/core/remedies/remedies';
import { air } from './bench.air';
import { benchPlans } from './bench.plans';
import { roughing } from './bench.rough';
import { stores } from './bench.stores';
import { figure, line, ON, quantile, timed } from './bench.table';

/** Times assessments, the flock's series and remedies. */
export function core(): void {
  const { osk, twelve, forty } = benchPlans();
  const movedBar = (plan: Plan, i: number): Plan => ({
    ...plan,
    fixtures: plan.fixtures.map((f) =>
      f.kind === 'bar' ? { ...f, lengthM: 2 + (i % 100) / 100 } : f,
    ),
  });
  const edits = (plan: Plan): number[] => {
    const remembering = createAssessor();
    remembering(plan, { on: ON });
    timed(300, (i) => remembering(movedBar(plan, i), { on: ON }));
    return timed(1000, (i) => remembering(movedBar(plan, i), { on: ON }));
  };
  const readWhole = (plan: Plan): number[] => {
    const remembering = createAssessor();
    const edit = (i: number): unknown => {
      const a = remembering(movedBar(plan, i), { on: ON });
      return [a.figures.size, Object.values(a.schools).length];
    };
    timed(100, edit);
    return timed(300, edit);
  };
  const both = (times: readonly number[]): string =>
    `${figure(quantile(times, 0.5))} / ${figure(quantile(times, 0.95))} ms`;
  line('assess of Osk Landing after an edit of a bar, median / 95th', both(edits(osk)), '< 1 ms');
  line('the same of twelve groups', both(edits(twelve)), '< 2 ms');
  line('the same, every figure and school of it read', both(readWhole(twelve)), '');
  const dayApart: Plan = {
    ...twelve,
    flock: twelve.flock.map((g, i) => ({
      ...g,
      hatchedOn: isoDay(dayNumber(ON) - 60 + i),
      arrivesOn: isoDay(dayNumber(ON) - 10 + i),
    })),
  };
  line('the same of twelve lots hatched a day apart', both(edits(dayApart)), '< 8 ms');
  line(
    `the same of twelve groups and ${forty.fixtures.length} fixtures`,
    both(edits(forty)),
    '< 8 ms',
  );
  timed(20, () => createFlockWorker()(twelve, ON));
  line(
    'daily series of twelve groups over two years, nothing known before, median / 95th',
    both(timed(60, () => createFlockWorker()(twelve, ON))),
    '< 20 ms',
  );
  const before = createAssessor()(osk, { on: ON });
  const proving = createAssessor();
  const ofStation = (): void => {
    for (const f of before.findings.filter((one) => one.station === 'roosts')) {
      remedies(osk, f, before, proving);
    }
  };
  timed(10, ofStation);
  line('remedies of Osk Landing’s roosts, median / 95th', both(timed(60, ofStation)), '< 60 ms');
  roughing();
  air();
  stores();
  timed(20, () => assess(osk, { on: ON }));
  line(
    'assess of Osk Landing, nothing known before, median / 95th',
    both(timed(60, () => assess(osk, { on: ON }))),
    '',
  );
}
