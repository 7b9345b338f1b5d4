import { monthsOfAir, tenderOf } from '@/core/air/indicators';
import { shutLesson } from '@/core/air/lesson';
import { airNeedsOf } from '@/core/air/needs';
import { panesOf } from '@/core/air/shellHeat';
import { shutterCalendar } from '@/core/air/shutters';
import { workYear } from '@/core/air/year';
import { type Keeping, yearModel } from '@/core/air/yearModel';
import { dayOf, type FlockByDay } from '@/core/birds/flock';
import { birdsHeat, fullestDay } from '@/core/birds/flockHeat';
import type { Plan } from '@/core/model/schema';
import { airThere } from '@/core/stations/air/air';
import type { Climate } from '@/core/weather/climate';
import { generateHours, type WeatherHours } from '@/core/weather/hours';
import { weatherNormals } from '@/core/weather/normals';

/** Weather of the typical year is always the same one. */
const TYPICAL_SEED = 1961;

/** Openings as a careful keeper has them without a calendar: those that can be shut are shut in months under 10 °C. */
const plainly = (plan: Plan, climate: Climate): Keeping => ({
  shares: (id, month, isNight) => {
    const f = plan.fixtures.find((x) => x.id === id);
    if (f?.kind === 'popDoor') return isNight ? 0 : 1;
    if (f?.kind !== 'window' && f?.kind !== 'vent') return 0;
    if (f.opens === 'open') return 1;
    return f.opens === 'closable' && (climate.months[month]?.meanC ?? 0) >= 10 ? 1 : 0;
  },
  shutIn: () => false,
  heaterW: 0,
});

/**
 * A coop's air through a year, for other programs: what it needs, what is there, what is wrong when, and when to have
 * which opening open.
 * @param weather  left out: the typical year of its climate
 */
export function airJson(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  weather: WeatherHours = generateHours(weatherNormals(climate), 1, TYPICAL_SEED),
) {
  const fullest = fullestDay(flock);
  const needs = airNeedsOf(
    {
      shell: plan.shell,
      litterM: plan.litter.depthM,
      panes: panesOf(
        plan.fixtures.filter((f) => f.kind === 'window').filter((w) => w.opens === 'shut'),
      ),
      treesOver: plan.site.treesOver,
      climate: plan.climate,
      birds: birdsHeat(flock, fullest),
    },
    climate.hours,
  );
  const model = yearModel(plan, flock, weather, plainly(plan, climate));
  const columns = workYear(model);
  const tender = tenderOf(flock);
  const closable = plan.fixtures.flatMap((f) =>
    (f.kind === 'window' || f.kind === 'vent') && f.opens === 'closable' ? [f.id] : [],
  );
  const coldest = climate.months.reduce(
    (best, m, i, all) => (m.minC < (all[best]?.minC ?? 0) ? i : best),
    0,
  );
  return {
    on: dayOf(flock, fullest),
    needed: needs,
    there: airThere(plan),
    uaWK: model.house.uaWK,
    months: monthsOfAir(model, columns, tender),
    shutters: shutterCalendar(model, tender, closable, 'month'),
    lesson: shutLesson(model, coldest),
  };
}
