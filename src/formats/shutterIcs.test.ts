import ICAL from 'ical.js';
import { shutterCalendar, shutterChanges } from '@/core/air/shutters';
import { tenderOf } from '@/core/air/tender';
import { flockByDay } from '@/core/birds/flock';
import { aired, modelOf } from '@/core/tests/aired';
import { DAY } from '@/core/tests/plans';
import { shutterIcs } from './shutterIcs';

const plan = aired('pell-garth');
const calendar = shutterCalendar(
  modelOf(plan),
  tenderOf(flockByDay(plan, DAY)),
  ['v1', 'w1'],
  'month',
);
const events = (text: string) =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));

test('a calendar of shutters is read by another program: a day a change, every year', () => {
  const file = shutterIcs(plan, calendar, DAY);
  expect(file).toMatchObject({ name: 'pell-garth-openings.ics', type: 'text/calendar' });
  const read = events(file.text);
  const changes = shutterChanges(calendar);
  expect(read).toHaveLength(changes.length);
  read.forEach((event, i) => {
    const change = changes[i];
    expect([event.startDate.year, event.startDate.month, event.startDate.day]).toEqual([
      Number(DAY.slice(0, 4)),
      (change?.month ?? 0) + 1,
      1,
    ]);
    expect(event.startDate.isDate).toBe(true);
    expect(event.isRecurring()).toBe(true);
    expect(event.summary).toMatch(/^(Open|Shut) (Vent|Window)/);
  });
});

test('taken out again, each event keeps its id', () => {
  const ids = (text: string): string[] => events(text).map((e) => e.uid);
  const first = ids(shutterIcs(plan, calendar, DAY).text);
  expect(ids(shutterIcs({ ...plan, name: 'Another name' }, calendar, '2028-05-01').text)).toEqual(
    first,
  );
  expect(new Set(first).size).toBe(first.length);
});
