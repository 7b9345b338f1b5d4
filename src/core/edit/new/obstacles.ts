import { clearPlace } from '../../geometry/freeRoom';
import { fixtureOf } from '../../model/fixtures.schema';
import type { OfKind, Plan } from '../../model/schema';
import { tape } from '../../model/tape';
import { named } from './named';

/** A post to begin with, m: as thick as a fence post and as high as most. Source: wide-rafter (assumption). */
const POST_M = 0.1;
const HIGH_M = 1.2;

/** Something of the house that stays where it stands: a post, where there is room to see and move it. */
export function newObstacle(plan: Plan): OfKind<'obstacle'> {
  const { up, near, down } = tape(plan);
  const fixture = fixtureOf({
    ...named(plan, 'obstacle'),
    x: near(plan.shell.lengthM / 2),
    y: near(plan.shell.widthM / 2),
    lengthM: up(POST_M),
    depthM: up(POST_M),
    heightM: down(Math.min(HIGH_M, plan.shell.roof.lowM)),
  });
  return { ...fixture, ...clearPlace(plan, fixture, null, near) };
}
