import { bareCoop, DAY, hens } from '@/core/tests/plans';
import { BREEDS } from './breeds.data';
import { CLASSES, REFERENCE_HEN_KG } from './classes.data';
import { flockByDay, inLay } from './flock';
import { birdSize, breedById, classById, classOfHen, grownBird } from './size';

test("a bird's useful lengths follow from her mass", () => {
  const hen = birdSize(REFERENCE_HEN_KG);
  expect(hen.backM).toBeCloseTo(0.24061, 4);
  expect(hen.headM).toBeCloseTo(1.6 * 0.24061, 4);
  expect(hen.widthM).toBeCloseTo(0.16257, 4);
  expect(hen.lengthM).toBeCloseTo(0.41619, 4);
  expect(() => birdSize(0)).toThrow(RangeError);
  expect(() => birdSize(Number.NaN)).toThrow(RangeError);
});

test('a hen belongs to the class of her mass, bounds as keepers draw them', () => {
  expect(classOfHen('chicken', 1.19).id).toBe('bantam');
  expect(classOfHen('chicken', 1.2).id).toBe('lightLayer');
  expect(classOfHen('chicken', 2.0).id).toBe('medium');
  expect(classOfHen('chicken', 2.8).id).toBe('heavy');
  expect(classOfHen('chicken', 3.8).id).toBe('giant');
  expect(classOfHen('duck', 2.59).id).toBe('lightDuck');
  expect(classOfHen('duck', 2.6).id).toBe('heavyDuck');
  expect(classById('giant').layWeeks).toEqual([24, 30]);
});

test('every breed falls in a class of its own kind, and no id is used twice', () => {
  for (const breed of BREEDS) expect(classOfHen(breed.kind, breed.henKg).kind).toBe(breed.kind);
  expect(new Set(BREEDS.map((b) => b.id)).size).toBe(BREEDS.length);
  expect(BREEDS.length).toBeGreaterThanOrEqual(12);
  for (const row of CLASSES) expect(row.nestLipM[0]).toBeLessThan(row.nestLipM[1]);
});

test('a cock is heavier than his hens by his class, and an own figure keeps him in his class', () => {
  const leghorn = breedById('leghorn');
  if (!leghorn) throw new Error('no Leghorn');
  expect(grownBird(leghorn, 'cock', null).massKg).toBeCloseTo(2.6, 9);
  expect(grownBird(leghorn, 'cock', null).class.id).toBe('medium');
  expect(grownBird(leghorn, 'cock', 2.5)).toMatchObject({
    massKg: 2.5,
    class: { id: 'lightLayer' },
  });
  expect(grownBird(leghorn, 'hen', 3).class.id).toBe('heavy');
});

describe('the flock over the horizon', () => {
  const groups = [
    hens(4, { id: 'old', leavesOn: '2027-09-01' }),
    hens(6, { id: 'young', hatchedOn: '2027-04-15', arrivesOn: '2027-06-10' }),
  ];
  const flock = flockByDay(bareCoop({ flock: groups }), DAY);

  test('changes on arrival, point of lay and leaving, and on no other day', () => {
    // Marans are heavy: first eggs at 22 weeks, 154 days after 15 April
    expect(flock.days).toEqual([DAY, '2027-06-10', '2027-09-01', '2027-09-16']);
    expect(flock.counts).toEqual([
      [4, 0],
      [4, 6],
      [0, 6],
      [0, 6],
    ]);
  });

  test('planned is the most on one day, today those living there on the day of the assessment', () => {
    expect(flock).toMatchObject({ planned: 10, plannedOn: '2027-06-10', today: 4 });
  });

  test('a pullet lays from the point of lay of her class, a hen of unknown age from her arrival', () => {
    const [old, young] = flock.groups;
    if (!old || !young) throw new Error('two groups');
    expect(inLay(old, '2026-01-01')).toBe(true);
    expect(inLay(young, '2027-09-15')).toBe(false);
    expect(inLay(young, '2027-09-16')).toBe(true);
  });

  test('birds that come after the horizon are not planned for', () => {
    const later = [hens(4), hens(9, { id: 'later', arrivesOn: '2028-11-25' })];
    expect(flockByDay(bareCoop({ flock: later }), DAY).planned).toBe(4);
    const just = [hens(4), hens(9, { id: 'later', arrivesOn: '2028-11-24' })];
    expect(flockByDay(bareCoop({ flock: just }), DAY).planned).toBe(13);
  });

  test('without birds nobody is planned', () => {
    expect(flockByDay(bareCoop(), DAY)).toMatchObject({ planned: 0, plannedOn: null, today: 0 });
  });
});
