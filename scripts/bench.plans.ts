// The plans that the bench times.
import { newBar, newBoard } from '@/core/edit/new/bars';
import { newDish, newDrinker, newDustBath, newFeeder } from '@/core/edit/new/floorThings';
import { newNestBank } from '@/core/edit/new/nests';
import { newDoor, newPopDoor, newVent } from '@/core/edit/new/openings';
import { samplePlans } from '@/core/edit/samples.data';
import type { Fixture, Plan } from '@/core/model/schema';
import { ON } from './bench.table';

/** A plan with forty fixtures of nearly every kind. */
function ofForty(plan: Plan): Plan {
  const makers: readonly (readonly [number, (of: Plan) => Fixture])[] = [
    [12, newBar],
    [5, newNestBank],
    [6, newVent],
    [4, newFeeder],
    [4, newDrinker],
    [2, newPopDoor],
    [2, newDoor],
    [2, newDish],
    [1, newDustBath],
    [1, newBoard],
  ];
  let full: Plan = { ...plan, fixtures: plan.fixtures.filter((f) => f.kind === 'window') };
  for (const [count, make] of makers) {
    for (let i = 0; i < count; i++) full = { ...full, fixtures: [...full.fixtures, make(full)] };
  }
  while (full.fixtures.length < 40) full = { ...full, fixtures: [...full.fixtures, newBar(full)] };
  const spread = full.fixtures.map((f, i) =>
    f.kind === 'bar' ? { ...f, y: 0.4 + (i % 6) * 0.4, z: 0.6 + (i % 5) * 0.2 } : f,
  );
  return { ...full, fixtures: spread };
}

/** A sample, its flock as twelve groups, and those with forty fixtures. */
export function benchPlans(): { osk: Plan; twelve: Plan; forty: Plan } {
  const osk = samplePlans(ON).find((p) => p.id === 'osk-landing');
  if (!osk) throw new Error('no sample');
  const twelve: Plan = {
    ...osk,
    flock: Array.from({ length: 12 }, (_, i) => ({
      ...(osk.flock[i % osk.flock.length] as Plan['flock'][number]),
      id: `group-${i}`,
    })),
  };
  return { osk, twelve, forty: ofForty(twelve) };
}
