import { below } from '../kernel/units/number';
import type { Fixture, Plan, Side } from '../model/schema';
import { roofOverM } from './shell';
import { inRun, solidOf } from './solids';
import { OPPOSITE, SIDES } from './walls';

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
  // a bank that hangs outside is past the wall it hangs on, and no other
  const own = fixture.kind === 'nestBank' && fixture.hungOutside ? OPPOSITE[fixture.faces] : null;
  const past: Readonly<Record<Side, boolean>> = {
    left: below(s.x0, 0),
    front: below(s.y0, 0),
    right: below(lengthM, s.x1),
    rear: below(widthM, s.y1),
  };
  if (SIDES.some((side) => past[side] && side !== own)) return 'shell.fixture.pastWall';
  if (below(s.z0, 0)) return 'shell.fixture.belowFloor';
  return below(roofOverM(plan.shell, s), s.z1) ? 'shell.fixture.throughRoof' : null;
}
