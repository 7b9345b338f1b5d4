// The air's own figures: areas after an edit, an hour, a year, twenty years. Called by bench.core.ts.
import { airYear, keptBy, typicalHours } from '@/core/air/airYear';
import { bareOf } from '@/core/air/bare';
import { airExtremes } from '@/core/air/extremes';
import { airNeedsOf } from '@/core/air/needs';
import { stepperOf, workHours, yearColumns } from '@/core/air/year';
import { yearModel } from '@/core/air/yearModel';
import { flockByDay } from '@/core/birds/flock';
import { birdsHeat, fullestDay } from '@/core/birds/flockHeat';
import type { Plan, Side } from '@/core/model/schema';
import { aired } from '@/core/tests/aired';
import { workClimate } from '@/core/weather/climate';
import { YEAR_HOURS } from '@/core/weather/hours';
import { figure, line, ON, quantile, timed } from './bench.table';

/** Osk Landing's birds in four groups, with eight openings. */
function eightOpenings(): Plan {
  const plan = aired('osk-landing');
  const window = plan.fixtures.find((f) => f.kind === 'window');
  const [group] = plan.flock;
  if (!window || !group) throw new Error('the plan has a window and a group');
  const more = (['front', 'rear', 'left', 'right', 'front'] as Side[]).map((wall, i) => ({
    ...window,
    id: `more-${i}`,
    wall,
    alongM: 1.2 + (i === 4 ? 1 : 0),
  }));
  return {
    ...plan,
    flock: [...plan.flock, { ...group, id: 'fourth' }].slice(0, 4),
    fixtures: [...plan.fixtures, ...more],
  };
}

const toTheEnd = <T>(run: Generator<number, T>): T => {
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
  }
};

/** Times the air. */
export function air(): void {
  const plan = eightOpenings();
  const flock = flockByDay(plan, ON);
  const climate = workClimate(plan.climate);
  if (!climate) throw new Error('the plan has a climate');
  const birds = birdsHeat(flock, fullestDay(flock));
  const areas = (i: number): unknown =>
    airNeedsOf(
      bareOf({ ...plan, shell: { ...plan.shell, lengthM: 4 + (i % 50) / 100 } }, birds),
      climate.hours,
    );
  timed(500, areas);
  const [half, most] = [0.5, 0.95].map((q) => figure(quantile(timed(1000, areas), q)));
  line(
    'areas that the air asks for after an edit, median / 95th',
    `${half} / ${most} ms`,
    '≤ 0.3 ms',
  );
  const weather = typicalHours(climate);
  const model = yearModel(plan, flock, weather, {
    shares: () => 1,
    shutIn: () => false,
    heaterW: 0,
  });
  const columns = yearColumns(YEAR_HOURS);
  const stepper = stepperOf(model);
  const whole = (): void => workHours(model, stepper, columns, 0, YEAR_HOURS);
  const solves = (): void => {
    for (let i = 0; i < YEAR_HOURS; i++) stepper.step(i);
  };
  timed(5, whole);
  timed(5, solves);
  const [yearMs, solveMs] = [quantile(timed(15, whole), 0.5), quantile(timed(15, solves), 0.5)];
  line('an hour of 8 openings', `${figure((1000 * solveMs) / YEAR_HOURS, 1)} µs`, '< 35 µs');
  line('a year of 8 openings and 4 groups', `${figure(yearMs, 0)} ms`, '< 300 ms');
  line('of it in pressure and warmth', `${figure((100 * solveMs) / yearMs, 0)} %`, '');
  const toThis = () => toTheEnd(airYear(plan, flock, climate, weather));
  const year = toThis();
  line(
    'all that a year tells, calendar and areas with it, median of 3',
    `${figure(quantile(timed(3, toThis), 0.5), 0)} ms`,
    '',
  );
  const twenty = (): unknown =>
    toTheEnd(airExtremes(plan, flock, climate, keptBy(plan, year.calendar)));
  line('twenty years', `${figure(quantile(timed(2, twenty), 0.5) / 1000, 1)} s`, '< 6 s');
}
