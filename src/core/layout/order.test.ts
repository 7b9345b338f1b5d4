import type { Drinker, Feeder, Plan } from '../model/schema';
import { bank, bar, bareCoop, soundCoop } from '../tests/plans';
import { materialOf, roundM } from './order';

const door = {
  id: 'door',
  kind: 'door',
  name: 'Door',
  wall: 'front',
  alongM: 0.5,
  sillZ: 0,
  widthM: 0.8,
  heightM: 1.8,
  latch: 'double',
  insideLatch: true,
  halves: false,
  opensIn: false,
} as const;
/** Boxes on the rear wall, 4 × 0.3 m long and 0.3 m deep. */
const boxes = bank({
  x: 0.3,
  y: 1.5,
  boxes: 4,
  rows: 1,
  boxW: 0.3,
  boxD: 0.3,
  boxH: 0.3,
  faces: 'front',
  hungOutside: false,
});

test('a keeper goes from the way in to what is served inside, and back round one bend', () => {
  // the door's middle stands at 0.9 m along the front wall, the bank's at 0.9 and 1.65 m
  expect(roundM(bareCoop({ fixtures: [door, boxes] }))).toBeCloseTo(2 * 1.65 + 0.5, 1);
});

test('a round is worked by hand: in at the door, to the feeder, to the drinker, and out', () => {
  const plan = soundCoop();
  const feeder = plan.fixtures.find((f) => f.kind === 'feeder') as Feeder;
  const drinker = plan.fixtures.find((f) => f.kind === 'drinker') as Drinker;
  const own: Plan = {
    ...plan,
    fixtures: [
      { ...door, wall: 'front', alongM: 0, widthM: 1 },
      { ...feeder, place: 'coop', fillFrom: 'inside', x: 0.5, y: 2 },
      { ...drinker, place: 'coop', fillFrom: 'inside', x: 2, y: 2 },
    ],
  };
  // 2.0 m up, 1.5 m across round one bend, 2.5 m back round another
  expect(roundM(own)).toBeCloseTo(2 + 1.5 + 2.5 + 2 * 0.5, 6);
});

test('boxes hung outside cost no step inside, and without a way in there is no round', () => {
  expect(roundM(bareCoop({ fixtures: [door, { ...boxes, hungOutside: true }] }))).toBe(0);
  expect(roundM(bareCoop({ fixtures: [boxes] }))).toBe(0);
});

test('material is metres of bar and sheets of boxes', () => {
  // two bars of 2 m, and four boxes of 0.3 m: a floor and twice the height each, 0.3 × 0.9 m²
  const fixtures = [bar({ id: 'a', lengthM: 2 }), bar({ id: 'b', lengthM: 2 }), boxes];
  expect(materialOf(bareCoop({ fixtures }))).toBeCloseTo(4 + 4 * 0.3 * 0.9, 6);
  expect(materialOf(bareCoop({ fixtures: [] }))).toBe(0);
});
