import fc from 'fast-check';
import { everything } from '@/core/tests/everything';
import { badCoop, DAY, sample } from '@/core/tests/plans';
import { assess } from './assess';
import { EVENT_CODES } from './kernel/event';
import type { Plan } from './model/schema';

const at = (plan: Plan) => assess(plan, { on: DAY });

test('Osk Landing’s coming days: chicks hatch, move, lay; boxes open before; litter goes out each spring', () => {
  const { events } = at(sample('osk-landing'));
  const days = (code: string, lot?: string) =>
    events.filter((e) => e.code === code && (lot === undefined || e.lot === lot)).map((e) => e.on);
  expect(days('flock.hatch', 'pullets')).toEqual(['2027-05-10']);
  expect(days('flock.move', 'pullets')).toEqual(['2027-07-19']);
  expect(days('flock.pointOfLay', 'pullets')).toEqual(['2027-10-11']);
  expect(days('nests.open', 'pullets')).toEqual(['2027-09-27']);
  expect(days('litter.cleanOut')).toEqual(['2027-11-24']);
  expect(events.find((e) => e.code === 'litter.cleanOut')?.repeats).toBe(365);
});

test('a lamp has a week for each of the year, with its hours; without a lamp there are none', () => {
  const lit = (school: string) =>
    at({ ...everything('lamp'), schools: { 'light.laying': school } }).events.filter(
      (e) => e.code === 'door.lightWeek',
    );
  expect(lit('light.laying.none')).toEqual([]);
  const weeks = lit('light.laying.morning');
  expect(weeks).toHaveLength(52);
  expect(weeks[0]?.on).toBe(DAY);
  for (const { numbers } of weeks) {
    const { daylightH = 0, morningH = 0, eveningH = 0 } = numbers;
    expect(daylightH + morningH + eveningH).toBeGreaterThanOrEqual(daylightH);
    expect(eveningH).toBe(0);
  }
});

test('of any coop: in the order of their days, about lots and things that are there, resting on figures that are', () => {
  fc.assert(
    fc.property(badCoop, (plan) => {
      const { events, figures, flock } = at(plan);
      expect(events.map((e) => e.on)).toEqual(events.map((e) => e.on).sort());
      const lots = new Set([...flock.lots.map((l) => l.id), ...plan.flock.map((g) => g.id)]);
      const things = new Set(plan.fixtures.map((f) => f.id));
      for (const e of events) {
        expect(EVENT_CODES).toContain(e.code);
        expect(e.on >= DAY).toBe(true);
        expect(e.lot === null || lots.has(e.lot)).toBe(true);
        expect(e.fixtures.every((id) => things.has(id))).toBe(true);
        expect(e.figure === null || figures.has(e.figure)).toBe(true);
      }
    }),
    { numRuns: 40 },
  );
});
