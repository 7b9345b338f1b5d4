import ical, { ICalEventRepeatingFreq } from 'ical-generator';
import { type ShutterCalendar, shutterChanges } from '@/core/air/shutters';
import type { Plan } from '@/core/model/schema';
import { changeText } from '@/text/airWords';
import { type FileOut, fileStem } from './fileOut';

/**
 * When to open and shut what, as a calendar that every calendar program reads: a day a change, every year again. An
 * event keeps its id as long as plan, opening and month are the same.
 * @param on  the first year that it is for is this day's, YYYY-MM-DD
 */
export function shutterIcs(plan: Plan, calendar: ShutterCalendar, on: string): FileOut {
  const names = new Map(plan.fixtures.map((f) => [f.id, f.name]));
  const year = Number(on.slice(0, 4));
  const made = ical({
    name: `Openings of ${plan.name}`,
    prodId: { company: 'Wide Rafter', product: 'Openings' },
  });
  for (const { id, month, share } of shutterChanges(calendar)) {
    made.createEvent({
      id: `${plan.id}-${id}-${month + 1}@wide-rafter.invalid`,
      start: new Date(Date.UTC(year, month, 1)),
      allDay: true,
      // the file is the same whenever it is made
      stamp: new Date(`${on}T00:00:00Z`),
      summary: changeText(names.get(id) ?? id, share),
      description: `${plan.name}. Worked for the climate of the plan: wait for the weather where it is otherwise.`,
      repeating: { freq: ICalEventRepeatingFreq.YEARLY },
    });
  }
  return {
    name: `${fileStem(plan.name)}-openings.ics`,
    type: 'text/calendar',
    text: made.toString(),
  };
}
