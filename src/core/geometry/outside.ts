import { below } from '../kernel/units/number';
import type { Fixture, Plan } from '../model/schema';
import { roofOverM } from './shell';
import { inRun, solidOf } from './solids';

export type OutsideCode =
  | 'shell.fixture.pastWall'
  | 'shell.fixture.belowFloor'
  | 'shell.fixture.throughRoof';

/** How a fixture lies outside the shell, as the finding's code; null where it lies within, or in the run. */
export function outsideCode(
  fixture: Fixture,
  plan: Pick<Plan, 'shell' | 'litter'>,
): OutsideCode | null {
  if (inRun(fixture)) return null;
  const s = solidOf(fixture, plan);
  const { lengthM, widthM } = plan.shell;
  const hung = fixture.kind === 'nestBank' && fixture.hungOutside;
  const past = below(s.x0, 0) || below(s.y0, 0) || below(lengthM, s.x1) || below(widthM, s.y1);
  if (past && !hung) return 'shell.fixture.pastWall';
  if (below(s.z0, 0)) return 'shell.fixture.belowFloor';
  return below(roofOverM(plan.shell, s), s.z1) ? 'shell.fixture.throughRoof' : null;
}
