import fc from 'fast-check';
import { badCoop, bareCoop } from '@/core/tests/plans';
import { newDustBath, newFeeder } from '../edit/new/floorThings';
import { barsOf, droppingsShadow } from '../geometry/bars';
import { meetInPlan } from '../geometry/forms';
import { clearPlace, freeSpot } from '../geometry/freeRoom';
import { gapInPlan } from '../geometry/segments';
import { solidOf } from '../geometry/solids';
import { candidatesOf } from '../layout/candidates';
import type { Fixture } from '../model/schema';

const KG = 3;

test('a place found is on the floor, out of the droppings and clear of what stands, or there is none', () => {
  let found = 0;
  let none = 0;
  fc.assert(
    fc.property(badCoop, fc.integer({ min: 30, max: 120 }), (plan, cm) => {
      const size = cm / 100;
      const at = (x: number, y: number) => ({
        x0: x,
        x1: x + size,
        y0: y,
        y1: y + size / 2,
        z0: 0,
        z1: 0.3,
      });
      const spot = freeSpot(plan, KG, { id: 'new', at });
      if (spot === null) {
        none++;
        return;
      }
      found++;
      const here = at(spot.x, spot.y);
      expect(here.x0).toBeGreaterThanOrEqual(0);
      expect(here.x1).toBeLessThanOrEqual(plan.shell.lengthM);
      expect(here.y1).toBeLessThanOrEqual(plan.shell.widthM);
      for (const b of barsOf(plan).filter((one) => one.use === 'sleeping')) {
        expect(meetInPlan(droppingsShadow(b, KG, plan), here)).toBe(false);
      }
      for (const f of plan.fixtures) {
        if (!('x' in f) || f.kind === 'ledge' || f.kind === 'board') continue;
        expect(gapInPlan(solidOf(f, plan), here)).toBeGreaterThanOrEqual(0.05 - 1e-9);
      }
    }),
    { numRuns: 80 },
  );
  expect(found).toBeGreaterThan(20);
  expect(none).toBeGreaterThan(0);
});

test('what is to stand apart from its like does, and what may only be somewhere is there', () => {
  const plan = bareCoop();
  const bath = newDustBath(plan, { x: 1.7, y: 1.3 });
  const full = { ...plan, fixtures: [bath] };
  const at = (x: number, y: number) => ({ x0: x, x1: x + 0.2, y0: y, y1: y + 0.2, z0: 0, z1: 0.3 });
  const apart = freeSpot(full, KG, { id: 'new', at }, { apartFrom: [bath], apartM: 1 });
  if (!apart) throw new Error('no place');
  expect(gapInPlan(solidOf(bath, full), at(apart.x, apart.y))).toBeGreaterThanOrEqual(1);
  const farther = { apartFrom: [bath], apartM: 9 };
  expect(freeSpot(full, KG, { id: 'new', at }, farther)).toBeNull();
  const left = freeSpot(full, KG, { id: 'new', at }, { only: ({ x0 }) => x0 < 0.5 });
  expect(left?.x).toBeLessThan(0.5);
});

test('what hangs on a wall is put along one, whoever looks for its place', () => {
  const plan = bareCoop();
  const { lengthM, widthM } = plan.shell;
  const port = newFeeder(plan, { type: 'port', x: 1, y: 1 });
  expect(port.onWall).toBe(true);
  const offWall = (f: Fixture): number => {
    const s = solidOf(f, plan);
    return Math.min(s.x0, s.y0, lengthM - s.x1, widthM - s.y1);
  };
  expect(offWall(port)).toBeGreaterThan(0.3);
  const own = { ...plan, fixtures: [port] };
  const at = clearPlace(own, port, KG, (m) => m);
  expect(offWall({ ...port, ...at })).toBeCloseTo(0.02, 6);
  expect(offWall(newFeeder(plan, { type: 'port' }))).toBeCloseTo(0.02, 2);
  const places = candidatesOf(port, own);
  expect(places.length).toBeGreaterThan(20);
  for (const place of places) expect(offWall(place)).toBeLessThanOrEqual(0.026);
});
