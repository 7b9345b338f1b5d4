import type { FlockByDay } from '../birds/flock';
import { birdsHeat, fullestDay } from '../birds/flockHeat';
import type { Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Climate } from '../weather/climate';
import { type DesignDay, designDay } from '../weather/designHours';
import { weatherNormals } from '../weather/normals';
import { type AirMoment, momentOf } from './airMoment';
import { bareOf, hourIn, withInside } from './bare';
import { draughtReach } from './draughtReach';
import { solverOf } from './hour';
import { planHouse } from './planHouse';
import { seasonShares } from './seasonShares';
import { roofDropOf } from './shellHeat';
import { shutInOf } from './shutIn';
import { cpOfWind } from './windPressure';

/**
 * The hours of the design day in a coop, with its openings as they stand in that season: at night all birds are in, by
 * day the share that lays or shelters.
 */
export function airDay(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  which: DesignDay,
): AirMoment[] {
  const house = planHouse(plan);
  const solver = solverOf(house);
  const cp = cpOfWind(plan, house);
  const reach = draughtReach(plan, house);
  const bare = bareOf(plan, birdsHeat(flock, fullestDay(flock)));
  const roofDrop = roofDropOf(plan.shell);
  const isShutIn = shutInOf(plan, climate);
  const hours = designDay(weatherNormals(climate), climate.design, which);
  return hours.map((design): AirMoment => {
    const isNight = design.sinHeight <= 0;
    const inside = isNight || isShutIn(design.month) ? 1 : ruled('air.inside.day');
    const hour = withInside(hourIn(bare, design, isNight), inside);
    const { shares } = seasonShares(plan, house, which === 'hot', isNight);
    const out = solver.solve(hour, cp, 0, shares);
    const own = { house, shares, reach, roofDrop, topM: plan.shell.roof.highM };
    return momentOf(own, hour, out, { hour: design.hour, isNight });
  });
}
