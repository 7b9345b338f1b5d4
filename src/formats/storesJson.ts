import type { Assessment } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { lineDates } from '@/core/stores/frost/dates';
import { rainDays, rainOutlook, storeOf } from '@/core/stores/rain/outlook';
import { frostWays } from '@/core/tending/frostWays';
import { hottestDay } from '@/core/weather/frostDates';

/** Figures of feed and water, by the beginnings of their ids. */
const OWN = /^(feed\.(vessel|days|bag|intake)|water\.(vessel|days|rain|frost))/;

/** Vessels, rain and frost for other programs: every figure with its id, unit and source. */
export function storesJson(plan: Plan, assessment: Assessment) {
  const { flock, figures } = assessment;
  const days = rainDays(flock);
  const store = storeOf(plan, flock);
  const outlook = days && store ? rainOutlook(days, store) : null;
  const { climate } = flock;
  return {
    figures: [...figures.values()]
      .filter((f) => OWN.test(f.id))
      .map(({ id, value, unit, evidence, source }) => ({ id, value, unit, evidence, source })),
    rain: outlook && {
      'rain.reliability': outlook.run.reliability,
      'rain.reliabilityAll': outlook.run.reliabilityAll,
      'rain.longestDry95': outlook.run.longestDry95,
      'rain.frostDays': outlook.run.frostDays,
      'rain.spiltL': outlook.run.spiltL,
      'rain.carriedL': outlook.run.carriedL,
      'rain.barrel95': outlook.barrel95,
      'rain.barrel99': outlook.barrel99,
      'rain.roof95': outlook.roof95,
      'rain.roof99': outlook.roof99,
      years: outlook.run.years,
    },
    frost: {
      dates: climate && lineDates(climate.nightsC, hottestDay(climate.maxC)),
      drinkers: frostWays(plan, assessment).map(({ id, options }) => ({
        id,
        options: options.map((o) => ({ ...o, id: `frost.${id}.${o.way}` })),
      })),
    },
  };
}
