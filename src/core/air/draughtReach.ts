import { sleepingBars } from '../geometry/bars';
import { solidOf } from '../geometry/solids';
import type { Solid } from '../kernel/finding';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { House } from './house';

/**
 * By opening: how much of the air speed in its face comes to the nearest sleeping bird.
 * @source domain notes, "Openings": 3·√A/x, a fifth of it outside the band of the bars or behind a baffle
 */
export function draughtReach(plan: Plan, house: House): Float64Array {
  const bars = sleepingBars(plan);
  const aside = ruled('air.draught.aside');
  return Float64Array.from(house.openings, ({ id, leak, netM2 }) => {
    const f = plan.fixtures.find((x) => x.id === id);
    if (leak || bars.length === 0 || f === undefined || f.kind === 'popDoor') return 0;
    const own = solidOf(f, plan);
    const share = bars.map((bar) => {
      const isInBand =
        own.z0 < bar.z + ruled('air.band.above') && own.z1 > bar.z - ruled('air.band.below');
      const slowed = Math.min(
        1,
        (ruled('air.draught.reach') * Math.sqrt(netM2)) / apart(own, solidOf(bar, plan)),
      );
      return slowed * (isInBand ? 1 : aside);
    });
    const turned = (f.kind === 'window' || f.kind === 'vent') && f.baffle ? aside : 1;
    return turned * Math.max(...share);
  });
}

/** How far two boxes are apart, m; never quite 0. */
function apart(a: Solid, b: Solid): number {
  const gap = (a0: number, a1: number, b0: number, b1: number): number =>
    Math.max(0, b0 - a1, a0 - b1);
  return Math.max(
    0.01,
    Math.hypot(
      gap(a.x0, a.x1, b.x0, b.x1),
      gap(a.y0, a.y1, b.y0, b.y1),
      gap(a.z0, a.z1, b.z0, b.z1),
    ),
  );
}

/**
 * The fastest air at the sleeping birds, of all openings, m/s.
 * @param shares     of each opening, 0…1
 * @param reach      of each opening (`draughtReach`)
 * @param rhoKgM3    of the air outdoors, kg/m³
 * @example          roostSpeed({ netM2: [0.1] }, [0.03], [1], [0.5], 1.2) // 0.125
 */
export function roostSpeed(
  { netM2 }: { readonly netM2: ArrayLike<number> },
  inKgS: ArrayLike<number>,
  shares: ArrayLike<number>,
  reach: ArrayLike<number>,
  rhoKgM3: number,
): number {
  let most = 0;
  for (let j = 0; j < reach.length; j++) {
    const open = (shares[j] ?? 0) * (netM2[j] ?? 0);
    if (open > 0) most = Math.max(most, ((reach[j] ?? 0) * (inKgS[j] ?? 0)) / open);
  }
  return most / rhoKgM3;
}
