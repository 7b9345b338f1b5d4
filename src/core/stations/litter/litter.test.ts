import fc from 'fast-check';
import { assess } from '@/core/assess';
import { change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { newBoard } from '../../edit/new/bars';
import type { Plan } from '../../model/schema';
import { BEDDING } from '../../rules/materials.data';
import { topUpKg } from '../litterCourse';

const figure = (plan: Plan, id: string): number =>
  assess(plan, { on: DAY }).figures.get(id)?.value ?? Number.NaN;
const codes = (plan: Plan): string[] => assess(plan, { on: DAY }).findings.map((f) => f.code);
const flockOf = (count: number) => (d: Plan) => {
  d.flock = [hens(count, { massKg: 2.2 })];
};

test('carbon to nitrogen after the top-up is 25 and no less, for any bedding rich enough', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5000 }), fc.constantFrom(...BEDDING), (grams, row) => {
      const kg = grams / 100;
      const x = topUpKg(kg, row.cn);
      if (row.cn === null || row.cn <= 30) {
        expect(x).toBe(0);
        return;
      }
      const nitrogen = 0.014 * kg;
      const carbon = 8 * nitrogen + 0.45 * x;
      const all = nitrogen + (0.45 * x) / row.cn;
      expect(carbon / all).toBeCloseTo(25, 6);
    }),
  );
});

test('twice the birds ask for twice the top-up; a board under the bars saves most of it', () => {
  const weekly = (count: number) => figure(soundCoop(flockOf(count)), 'litter.weekly');
  expect(weekly(12)).toBeCloseTo(2 * weekly(6), 6);
  const boarded = soundCoop((d) => {
    d.fixtures.push({ ...newBoard(d, { y: 2.25, depthM: 0.75, z: 0.55 }), id: 'board' });
  });
  // half falls at night; of the rest 0.15 indoors: 0.075 of 0.575
  expect(figure(boarded, 'litter.weekly') / weekly(6)).toBeCloseTo(0.075 / 0.575, 6);
});

test('what is started is floor times depth, and a year is the start and what is added', () => {
  const plan = soundCoop();
  // 12 m², 0.1 m deep; under the nests and the feeder too
  expect(figure(plan, 'litter.start')).toBeCloseTo(1200, 6);
  const strip = soundCoop((d) => {
    d.shell.storage = { wall: 'right', depthM: 0.5 };
  });
  expect(figure(strip, 'litter.start')).toBeCloseTo(1050, 6);
  const [start, weekly, year] = ['start', 'weekly', 'year'].map((id) =>
    figure({ ...plan, schools: {} }, `litter.${id}`),
  ) as [number, number, number];
  expect(year).toBeCloseTo(start + (weekly * 365) / 7, 6);
  expect(figure(plan, 'litter.bales')).toBeCloseTo(figure(plan, 'litter.year') / 500, 9);
});

test('litter that is changed, raked or hosed does not grow', () => {
  const end = (school: Plan['litter']['school'], depthM: number) =>
    figure(
      soundCoop((d) => {
        d.litter.school = school;
        d.litter.depthM = depthM;
      }),
      'litter.depth.end',
    );
  expect(end('thin', 0.06)).toBeCloseTo(0.06, 9);
  expect(end('sand', 0.09)).toBeCloseTo(0.09, 9);
  expect(end('mesh', 0)).toBeCloseTo(0, 9);
  expect(end('deep', 0.1)).toBeGreaterThan(0.1);
});

test('the longer it lies the deeper it grows, and what outgrows the plan is told', () => {
  const after = (days: number) =>
    soundCoop((d) => {
      d.litter.finalM = 0.1;
      d.schools = { 'litter.cleanOut': { custom: days } };
    });
  const depth = (days: number) => figure(after(days), 'litter.depth.end');
  const rise = depth(365) - 0.1;
  expect(depth(730) - 0.1).toBeCloseTo(2 * rise, 9);
  // a centimetre is let be: it takes so many days to grow
  const days = (365 * 0.01) / rise;
  expect(codes(after(Math.floor(days)))).not.toContain('litter.depth.outgrows');
  expect(codes(after(Math.ceil(days) + 1))).toContain('litter.depth.outgrows');
});

test('clearances are kept to the final litter, hops to the litter as it is started', () => {
  const grown = soundCoop((d) => {
    d.litter.finalM = 0.46;
  });
  const found = codes(grown);
  // 0.70 m less 0.46 is under 0.25; the sill at 0.16 no longer holds it in
  expect(found).toContain('roosts.bar.low');
  expect(found).toContain('door.sill.low');
  const raised = soundCoop((d) => {
    d.litter.finalM = 0.3;
    change(d, 'bar', 'bar', { z: 0.95 });
    change(d, 'bar', 'step', { z: 0.55 });
  });
  expect(codes(raised)).not.toContain('roosts.bar.low');
  expect(codes(raised)).not.toContain('roosts.hop.high');
  // from the step 0.40 m, and to the step 0.45 from where litter starts: 0.851 is over a medium hen’s hop
  const far = soundCoop((d) => {
    d.litter.finalM = 0.3;
    change(d, 'bar', 'bar', { z: 0.95 });
    change(d, 'bar', 'step', { z: 0.851 });
  });
  expect(codes(far)).toContain('roosts.hop.high');
});

test('a deep bed that is full before its clean-out has a third taken out, on a day that is said', () => {
  const full = soundCoop((d) => {
    d.flock = [hens(90, { massKg: 2.2 })];
    d.schools = {};
    d.litter.finalM = null;
  });
  const days = figure(full, 'litter.third.days');
  expect(days).toBeGreaterThan(20);
  expect(days).toBeLessThan(365);
  // held to what the school allows, however many live on it
  expect(assess(full, { on: DAY }).litterFinalM).toBeCloseTo(0.3, 9);
  const few = soundCoop((d) => {
    d.flock = [hens(2, { massKg: 2.2 })];
    d.litter.finalM = null;
  });
  expect(figure(few, 'litter.third.days')).toBeNaN();
});

test('litter is worked for the day on which most falls on it, not for today', () => {
  const old = { hatchedOn: '2025-03-01', arrivesOn: '2025-09-01' };
  const later = soundCoop((d) => {
    d.flock = [
      hens(3, { id: 'now', massKg: 2.2, ...old, leavesOn: '2027-03-01' }),
      hens(9, { id: 'then', massKg: 2.2, ...old, arrivesOn: '2027-03-01' }),
    ];
  });
  const nine = soundCoop((d) => {
    d.flock = [hens(9, { massKg: 2.2, ...old })];
  });
  expect(figure(later, 'litter.onLitter')).toBeCloseTo(figure(nine, 'litter.onLitter'), 6);
});
