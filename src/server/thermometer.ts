import 'server-only';
import { simulatedReadings } from '@/core/air/simulatedThermometer';
import { flockByDay } from '@/core/birds/flock';
import { dayIn, dayNumber, isoDay } from '@/core/kernel/units/day';
import type { Plan } from '@/core/model/schema';
import { dayOfYear, workClimate } from '@/core/weather/climate';
import { writeReadings } from '@/formats/readings';
import { now } from './settings';

const WEEK_DAYS = 7;

/**
 * What a simulated thermometer in the plan's coop has read in the seven days before today, as a logger writes it; null
 * where the plan has no climate, or no birds.
 */
export function thermometerWeek(plan: Plan): string | null {
  const on = dayIn(now(), plan.timeZone);
  const climate = workClimate(plan.climate);
  const flock = flockByDay(plan, on);
  if (climate === null || flock.planned === 0) return null;
  const from = isoDay(dayNumber(on) - WEEK_DAYS);
  return writeReadings(simulatedReadings(plan, flock, climate, dayOfYear(from), WEEK_DAYS), from);
}
