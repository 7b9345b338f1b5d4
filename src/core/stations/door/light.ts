import type { FlockByDay } from '../../birds/flock';
import { type Event, event } from '../../kernel/event';
import { isoDay } from '../../kernel/units/day';
import type { ChosenSchool } from '../../rules/book';
import { dayOfYear } from '../../weather/climate';

/** A week's lamp hours, as the school has them. */
export interface LightWeek {
  /** The week's first day. */
  readonly day: string;
  readonly daylightH: number;
  /** Lamp before dawn and after sunset, h. */
  readonly morningH: number;
  readonly eveningH: number;
}

const WEEKS = 52;

/**
 * How long a lamp burns each week of the coming year to bring the day to the school's hours.
 * @returns null without a climate, or where the school uses no lamp
 * @source  keepers (domain notes, "Light for laying")
 */
export function lightWeeks(flock: FlockByDay, school: ChosenSchool): LightWeek[] | null {
  const { climate, horizon } = flock;
  const hours = school.params.hours ?? 0;
  const morning = school.params.morning ?? 0;
  if (climate === null || hours === 0) return null;
  return Array.from({ length: WEEKS }, (_, w) => {
    const day = isoDay(horizon.first + 7 * w);
    const daylightH = climate.daylightH[dayOfYear(day)] ?? 0;
    const lamp = Math.max(0, hours - daylightH);
    return { day, daylightH, morningH: lamp * morning, eveningH: lamp * (1 - morning) };
  });
}

/** The weeks of a lamp as they come; none without a climate, or where no lamp is used. */
export const lightEvents = (flock: FlockByDay, school: ChosenSchool): Event[] =>
  (lightWeeks(flock, school) ?? []).map(({ day, daylightH, morningH, eveningH }) =>
    event('door.lightWeek', day, { numbers: { daylightH, morningH, eveningH } }),
  );
