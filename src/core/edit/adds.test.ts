// Six hens in a shed of eight feet by six: what a button adds and is left as it came breaks no rule of its own.
import { createAssessor } from '../assess';
import { flockSizes } from '../birds/flockSizes';
import type { Finding } from '../kernel/finding';
import type { Plan } from '../model/schema';
import { withFinalDepth } from '../stations/litterCourse';
import { DAY, hens } from '../tests/plans';
import { ADDS, type Adds } from './adds';
import { newPlan } from './defaults';

const FOOT = 0.3048;
const on = DAY;

function shed(units: Plan['units']): Plan {
  return {
    ...newPlan({
      id: 'shed',
      name: 'Shed',
      units,
      timeZone: 'UTC',
      lengthM: 8 * FOOT,
      widthM: 6 * FOOT,
      roof: { kind: 'flat', lowM: 6.5 * FOOT, highM: 6.5 * FOOT },
    }),
    flock: [hens(6)],
  };
}

/** The plan with one thing more, as its button adds it. */
function added(plan: Plan, make: Adds): { plan: Plan; id: string } {
  const a = createAssessor()(plan, { on });
  const settled = withFinalDepth(plan, a.litterFinalM);
  const fixture = make(settled, flockSizes(settled, a.flock));
  return { plan: { ...plan, fixtures: [...plan.fixtures, fixture] }, id: fixture.id };
}

/** Findings that name a thing. */
const faultsOf = (plan: Plan, id: string): Finding[] =>
  createAssessor()(plan, { on }).findings.filter((f) => f.fixtures.includes(id));

const names = Object.keys(ADDS) as (keyof typeof ADDS)[];

describe.each(['imperial', 'metric'] as const)('%s', (units) => {
  test.each(names)('%s alone', (name) => {
    const { plan, id } = added(shed(units), ADDS[name]);
    expect(faultsOf(plan, id).map((f) => f.code)).toEqual([]);
  });

  /** Orders in which a keeper goes through the stations. */
  const ORDERS: readonly (readonly (keyof typeof ADDS)[])[] = [
    ['bar', 'nestBank', 'popDoor', 'vent', 'feeder', 'drinker', 'shell', 'dustBath', 'door'],
    ['bar', 'board', 'nestBank', 'vent', 'window', 'feeder', 'drinker', 'shell', 'popDoor', 'door'],
    ['bar', 'nestBank', 'vent', 'feeder', 'drinker', 'popDoor', 'door', 'hatch', 'window'],
    ['feeder', 'drinker', 'dustBath', 'nestBank', 'bar', 'board', 'door', 'popDoor', 'vent'],
    ['door', 'popDoor', 'window', 'vent', 'nestBank', 'bar', 'feeder', 'drinker', 'shell'],
  ];

  test.each(ORDERS)('one after another: %s, %s, %s, …: nothing is in another’s way', (...order) => {
    let plan = shed(units);
    const ids: string[] = [];
    for (const name of order as (keyof typeof ADDS)[]) {
      const next = added(plan, ADDS[name]);
      plan = next.plan;
      ids.push(next.id);
    }
    const told = ids.flatMap((id) => faultsOf(plan, id).map((f) => `${id} ${f.code}`));
    expect(told).toEqual([]);
    const a = createAssessor()(plan, { on });
    expect(a.findings.filter((f) => f.severity !== 'awkward').map((f) => f.code)).toEqual([]);
  });
});
