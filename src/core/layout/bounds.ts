import { massThen } from '../birds/flock';
import { createJudge } from '../judge';
import type { StationId } from '../kernel/station';
import { atMost } from '../kernel/units/number';
import type { Plan, Vessel } from '../model/schema';
import { chosenSchool, RULE_BOOK, scaleToBird } from '../rules/book';
import { takesUp } from '../rules/vesselKinds.data';
import { boxesFor, leastBarsZ } from './banks';

import { type Ground, groundOf } from './ground';
import { acrossM, alongM, mostRows } from './rows';
import { vesselsOf } from './vessels';

/** What of a shell's room the birds ask for at the least, by each station's own closed form; above 1 they cannot fit. */
export interface Bounds {
  readonly share: number;
  readonly station: StationId;
  readonly of: Readonly<Record<'floor' | 'roosts' | 'nests' | 'shell', number>>;
}

/**
 * Closed-form bounds of a shell for the birds of a plan: floor by area, bars by rows, walls by boxes, roof by the
 * height that birds need over their bars.
 */
export function boundsOf(plan: Plan, on: string, judge = createJudge()): Bounds {
  return boundsIn(groundOf({ ...plan, fixtures: [] }, on, judge));
}

/** Floor that the fewest feeders and drinkers take, m². */
const footOf = (v: Vessel): number => takesUp(v).longM * takesUp(v).deepM;

const leastTakenM2 = (ground: Ground): number =>
  vesselsOf(ground, false).reduce((sum, v) => sum + footOf(v), 0);

export function boundsIn(ground: Ground): Bounds {
  const { plan, flock, seatsM, widestM, hens, ducks, chickens, up } = ground;
  const { lengthM, widthM } = plan.shell;
  const school = chosenSchool(RULE_BOOK, plan.schools, 'floor.area');
  const floor =
    Math.max(
      0,
      ...flock.looked.map(({ d, counts }) =>
        flock.lots.reduce(
          (sum, _, i) =>
            sum + (counts[i] ?? 0) * scaleToBird(school.value, massThen(flock, i, d), school.scale),
          0,
        ),
      ),
    ) / Math.max(0.01, lengthM * widthM - leastTakenM2(ground));
  const z = leastBarsZ(ground, null);
  const drop = z - plan.litter.depthM;
  const byRows = (wall: 'rear' | 'left'): number => {
    const usable = alongM(plan, wall) - 0.1;
    if (usable < widestM || acrossM(plan, wall) <= 0) return Number.POSITIVE_INFINITY;
    return seatsM / Math.max(1e-9, mostRows(ground, wall, drop) * usable);
  };
  const roosts =
    chickens.length === 0 || seatsM === 0 ? 0 : Math.min(byRows('rear'), byRows('left'));
  const wallM = 2 * (lengthM + widthM);
  const boxesM =
    (hens === null ? 0 : boxesFor(ground, hens) * up(hens.boxM[0])) +
    (ducks === null ? 0 : boxesFor(ground, ducks) * up(ducks.boxM[0]));
  // three tiers at the most
  const nests = boxesM / 3 / wallM;
  const shell = chickens.length === 0 ? 0 : z / plan.shell.roof.highM;
  const of = { floor, roosts, nests, shell };
  const [station, share] = (Object.entries(of) as [keyof typeof of, number][]).reduce((a, b) =>
    atMost(b[1], a[1]) ? a : b,
  );
  return { share, station, of };
}
