import fc from 'fast-check';
import { LITRES_PER_GALLON } from './factors.data';
import { mostVesselL, vesselDown, vesselUp } from './vesselSize';

const gallons = (litres: number): number => litres / LITRES_PER_GALLON;

test('a vessel is as large as they are sold: litres, then by fives; half gallons, then whole ones', () => {
  expect([0.3, 3, 7.2, 10, 10.1, 23].map((l) => vesselUp(l, 'metric'))).toEqual([
    1, 3, 8, 10, 15, 25,
  ]);
  const up = [0.3, 3, 7.2, 10, 12, 30].map((l) => gallons(vesselUp(l, 'imperial')));
  expect(up.map((g) => Math.round(g * 1e4) / 1e4)).toEqual([0.5, 1, 2, 3, 4, 8]);
});

test('filled less, it holds no more than is asked', () => {
  expect([0.37, 1.96, 2.4, 17.9].map((l) => vesselDown(l, 'metric'))).toEqual([0.3, 1.9, 2, 17]);
  const down = [0.4, 2, 4, 17.9].map((l) => gallons(vesselDown(l, 'imperial')));
  expect(down.map((g) => Math.round(g * 1e4) / 1e4)).toEqual([0.1, 0.5, 1, 4.5]);
});

test('rounded up or down it is never on the wrong side, and once rounded it stays', () => {
  const units = fc.constantFrom('metric' as const, 'imperial' as const);
  fc.assert(
    fc.property(fc.double({ min: 0.2, max: 60, noNaN: true }), units, (litres, u) => {
      const [up, down] = [vesselUp(litres, u), vesselDown(litres, u)];
      expect(up).toBeGreaterThan(litres - 1e-5);
      expect(down).toBeLessThan(litres + 1e-5);
      expect(vesselUp(up, u)).toBeCloseTo(up, 5);
      expect(up - litres).toBeLessThanOrEqual(5.0001);
    }),
  );
  expect(vesselUp(mostVesselL('imperial'), 'imperial')).toBeCloseTo(mostVesselL('imperial'), 5);
  expect(mostVesselL('imperial')).toBeLessThan(mostVesselL('metric'));
});
