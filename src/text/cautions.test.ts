import { assess } from '@/core/assess';
import { CAUTION_IDS, cautionsOf } from '@/core/cautions';
import { DAY, sample, soundCoop } from '@/core/tests/plans';
import { CAUTION_WORDS } from './cautions';

const ids = (plan: ReturnType<typeof soundCoop>): string[] =>
  cautionsOf(plan, assess(plan, { on: DAY })).map((c) => c.id);

test('every caution has its words, and no words are left over', () => {
  expect([...CAUTION_IDS].sort()).toEqual(Object.keys(CAUTION_WORDS).sort());
});

test('a caution stands once, whichever stations it concerns', () => {
  for (const id of ['pell-garth', 'tamar-flats', 'osk-landing'] as const) {
    const own = ids(sample(id));
    expect(new Set(own).size).toBe(own.length);
    expect(own).toContain('structure');
    expect(own).toContain('numbers');
  }
});

test('what the plan does not have, it is not warned of', () => {
  expect(ids(soundCoop())).not.toContain('poweredDoor');
  expect(ids(soundCoop())).not.toContain('heatLamp');
  const powered = soundCoop((d) => {
    for (const f of d.fixtures) if (f.kind === 'popDoor') f.works = 'light';
  });
  expect(ids(powered)).toEqual(expect.arrayContaining(['poweredDoor', 'mains']));
  expect(ids(sample('osk-landing'))).toEqual(
    expect.arrayContaining(['heatLamp', 'coatedBulbs', 'warmEnd', 'heaters']),
  );
  const lit = { ...soundCoop(), schools: { 'light.laying': 'light.laying.morning' } };
  expect(ids(lit)).toContain('mains');
});
