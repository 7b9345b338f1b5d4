import { hens, sampleClimate } from '@/core/tests/plans';
import { dayNumber } from '../kernel/units/day';
import { BREED_SOURCES, BREEDS, type Breed } from '../model/breeds.data';
import { CLASSES, REFERENCE_HEN_KG } from '../model/classes.data';
import type { Group } from '../model/schema';
import { sourceById } from '../rules/sources.data';
import { workClimate } from '../weather/climate';
import { birdDay, brooderC } from './daily';
import { energyKcal, FEED_ENERGY, PULLET_TABLE, pulletTableKg } from './feed';
import { gainKg, growthCurve, massKg } from './growth';
import { birdHeat, heatAt20W } from './heat';
import { ageFactor, bestRate, broodyFactor, lightFactor, moultFactor } from './laying';
import { type Lot, lotsOf } from './lots';
import { firstMoult, inMoultSeason } from './moult';
import { birdSize, breedById, classById, classOfHen, grownBird } from './size';
import { feltC, waterL } from './water';

const lotOf = (group: Group): Lot => {
  const [lot] = lotsOf(group, []);
  if (!lot) throw new Error('no lot');
  return lot;
};

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
  expect(classOfHen('meat', 6.3).id).toBe('meat');
  expect(classById('giant').layWeeks).toEqual([24, 30]);
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

describe('the catalogue', () => {
  const of = (kind: Breed['kind']) => BREEDS.filter((b) => b.kind === kind);

  test('has sixty chickens and more, eight ducks and more, three kinds of meat bird', () => {
    expect(of('chicken').length).toBeGreaterThanOrEqual(60);
    expect(of('duck').length).toBeGreaterThanOrEqual(8);
    expect(of('meat')).toHaveLength(3);
    expect(new Set(BREEDS.map((b) => b.id)).size).toBe(BREEDS.length);
    expect(new Set(BREEDS.map((b) => b.name)).size).toBe(BREEDS.length);
  });

  test('every breed falls in a class of its own kind', () => {
    for (const b of BREEDS) expect(classOfHen(b.kind, b.henKg).kind).toBe(b.kind);
    for (const row of CLASSES) expect(row.nestLipM[0]).toBeLessThan(row.nestLipM[1]);
  });

  test('no two breeds are equal in all their numbers', () => {
    const numbers = BREEDS.map((b) =>
      JSON.stringify([
        b.henKg,
        b.eggsYear,
        b.eggKg,
        b.broodiness,
        b.coldHardy,
        b.heatHardy,
        b.comb,
        b.eggColour,
      ]),
    );
    expect(new Set(numbers).size).toBe(BREEDS.length);
  });

  test('eggs and egg mass are plausible for the class', () => {
    const eggG = {
      bantam: [20, 45],
      lightLayer: [38, 63],
      medium: [44, 66],
      heavy: [45, 70],
      giant: [50, 68],
      lightDuck: [40, 75],
      heavyDuck: [65, 90],
      meat: [50, 85],
    } as const;
    for (const b of BREEDS) {
      const [least, most] = eggG[classOfHen(b.kind, b.henKg).id];
      expect([b.id, b.eggKg * 1000 >= least && b.eggKg * 1000 <= most]).toEqual([b.id, true]);
      const [few, many] = b.kind === 'meat' ? [0, 0] : [60, 325];
      expect([b.id, b.eggsYear >= few && b.eggsYear <= many]).toEqual([b.id, true]);
      for (const score of [b.broodiness, b.coldHardy, b.heatHardy]) {
        expect([1, 2, 3, 4, 5]).toContain(score);
      }
    }
  });

  test('every column names a source that is cited', () => {
    for (const [column, source] of Object.entries(BREED_SOURCES)) {
      expect(BREEDS.every((b) => b[column as keyof Breed] !== undefined)).toBe(true);
      expect(sourceById(source).title).toBeTruthy();
    }
  });

  // typed by hand from standard weights of hens: pounds, 0.4536 kg each
  test.each([
    ['ancona', 4.5],
    ['andalusian', 5.5],
    ['ameraucana', 5.5],
    ['australorp', 6.5],
    ['brahma', 9.5],
    ['buckeye', 6.5],
    ['catalana', 6],
    ['chantecler', 6.5],
    ['cochin', 8.5],
    ['cornish', 8],
    ['delaware', 6.5],
    ['dominique', 5],
    ['hamburg', 4],
    ['houdan', 6.5],
    ['java', 7.5],
    ['jersey-giant', 10],
    ['lakenvelder', 4],
    ['minorca', 7.5],
    ['new-hampshire', 6.5],
    ['plymouth-rock', 7.5],
    ['polish', 4.5],
    ['sussex', 7],
    ['welsummer', 6],
  ])('%s weighs %d lb, as standards have it', (id, pounds) => {
    expect(Math.abs((breedById(id)?.henKg ?? 0) - pounds * 0.4536)).toBeLessThan(0.06);
  });
});

describe('growth', () => {
  test('of a layer that will weigh 2.4 kg, from a chick of 40 g', () => {
    const curve = growthCurve({ growth: 'layer', eggKg: 0.04 / 0.68 }, 'medium', 2.4);
    expect(curve.fastestDay).toBeCloseTo(62.6, 1);
    expect(massKg(curve, 0)).toBeCloseTo(0.04, 3);
    expect(massKg(curve, 42)).toBeCloseTo(0.489, 3);
    expect(massKg(curve, 126)).toBeCloseTo(1.887, 3);
  });

  test('of a fast meat bird', () => {
    const curve = growthCurve({ growth: 'fastMeat', eggKg: 0.06 }, 'meat', 6.3);
    expect(massKg(curve, 7)).toBeCloseTo(0.199, 3);
    expect(massKg(curve, 28)).toBeCloseTo(1.417, 3);
    expect(massKg(curve, 42)).toBeCloseTo(2.687, 3);
  });

  test('giants and ducks grow at their own rates', () => {
    expect(growthCurve({ growth: 'layer', eggKg: 0.062 }, 'giant', 4.5).rate).toBe(0.019);
    const heavy = growthCurve({ growth: 'duck', eggKg: 0.08 }, 'heavyDuck', 3.2);
    const light = growthCurve({ growth: 'duck', eggKg: 0.06 }, 'lightDuck', 2);
    expect([heavy.rate, light.rate]).toEqual([0.045, 0.05]);
    expect(massKg(heavy, 0)).toBeCloseTo(0.055, 6);
    expect(massKg(light, 0)).toBeCloseTo(0.045, 6);
    expect(growthCurve({ growth: 'meatDuck', eggKg: 0.08 }, 'meat', 3.7)).toMatchObject({
      rate: 0.077,
      fastestDay: 18.5,
    });
  });

  test('what is gained day by day adds up to what is weighed, and stops when grown', () => {
    const curve = growthCurve({ growth: 'layer', eggKg: 0.058 }, 'heavy', 3.2);
    let mass = massKg(curve, 0);
    for (let d = 0; d < 150; d++) mass += gainKg(curve, d + 0.5);
    expect(mass).toBeCloseTo(massKg(curve, 150), 3);
    expect(massKg(curve, 400)).toBe(3.2);
    expect(gainKg(curve, 400)).toBe(0);
  });
});

describe('heat and moisture', () => {
  const hen = heatAt20W(2.2, 0.05, 'layer');
  test.each([
    [20, 13.534, 8.983, 6.677],
    [-5, 20.3, 13.601, 9.598],
    [32, 10.286, 5.467, 7.152],
  ])('a hen of 2.2 kg at %d °C', (airC, total, sensible, vapourGH) => {
    const heat = birdHeat(hen, airC, 'layer', false);
    expect(heat.totalW).toBeCloseTo(total, 2);
    expect(heat.sensibleW).toBeCloseTo(sensible, 2);
    expect(heat.vapourKgH * 1000).toBeCloseTo(vapourGH, 2);
  });

  test('below freezing the total is held for the run of a year, and outside −20…40 °C at the bound', () => {
    expect(birdHeat(hen, -5, 'layer', true).totalW).toBeCloseTo(hen * 1.4, 9);
    expect(birdHeat(hen, -30, 'layer', false)).toEqual(birdHeat(hen, -20, 'layer', false));
    expect(birdHeat(hen, 45, 'layer', false).sensibleW).toBeGreaterThanOrEqual(0);
  });

  test('a meat bird gives off half as much again, and a pullet lays nothing', () => {
    expect(heatAt20W(2.2, 0, 'meat') / heatAt20W(2.2, 0, 'layer')).toBeCloseTo(10.62 / 6.8, 9);
    expect(() => heatAt20W(0, 0, 'layer')).toThrow(RangeError);
  });
});

describe('feed and water', () => {
  test('a hen of 2.2 kg at 20 °C laying 45 g a day eats 117.6 g of feed of 2,850 kcal', () => {
    expect(energyKcal(2.2, 20, 0, false, 45) / 2850).toBeCloseTo(0.1176, 4);
    expect(energyKcal(2.2, -40, 0, false, 45)).toBe(energyKcal(2.2, -25, 0, false, 45));
  });

  test('the pullet table is met within a tenth, week by week', () => {
    const curve = growthCurve({ growth: 'layer', eggKg: 0.062 }, 'medium', 2);
    for (const [week, grams] of PULLET_TABLE) {
      const days = Array.from({ length: 7 }, (_, i) => 7 * (week - 1) + i);
      const mean =
        days.reduce((sum, d) => {
          const energy = energyKcal(
            massKg(curve, d),
            brooderC(d),
            gainKg(curve, d) * 1000,
            true,
            0,
          );
          const kind = d < 56 ? 'starter' : 'grower';
          return sum + Math.max(pulletTableKg(d, 2), energy / FEED_ENERGY[kind]);
        }, 0) / 7;
      expect([week, Math.abs(mean * 1000 - grams) < 0.1 * grams]).toEqual([week, true]);
    }
  });

  test('between its weeks the table runs straight, and in proportion to the grown bird', () => {
    expect(pulletTableKg(4 * 7, 2)).toBeCloseTo(0.036, 6);
    expect(pulletTableKg(0, 2)).toBeCloseTo(0.013, 6);
    expect(pulletTableKg(300, 3)).toBeCloseTo(0.126, 6);
  });

  test('water is 1.9 times feed up to 21 °C, 7 % more a degree above it, three times at most', () => {
    expect(waterL(0.12, 15, false)).toBeCloseTo(0.228, 6);
    expect(waterL(0.12, 31, false)).toBeCloseTo(0.228 * 1.07 ** 10, 6);
    expect(waterL(0.12, 60, false)).toBeCloseTo(0.684, 6);
    expect(waterL(0.12, 15, true)).toBeCloseTo(0.57, 6);
    expect(feltC(20, 30)).toBe(24);
  });
});

describe('laying', () => {
  test('the best rate follows from the year, and no hen lays every day', () => {
    expect(bestRate(220)).toBeCloseTo(220 / 365 / 0.8, 9);
    expect(bestRate(320)).toBe(0.97);
  });

  test('it rises over six weeks from the point of lay and fades by a fifth a year', () => {
    expect(ageFactor(-1)).toBe(0);
    expect(ageFactor(21)).toBeCloseTo(0.5, 6);
    expect(ageFactor(42)).toBeCloseTo(0.98, 6);
    expect(ageFactor(42 + 365.25) / ageFactor(42 + 730.5)).toBeCloseTo(Math.exp(0.22), 3);
  });

  test('light: half at 11.2 hours, 95 % at 13.5', () => {
    expect(lightFactor(11.2)).toBeCloseTo(0.5, 9);
    expect(lightFactor(13.5)).toBeCloseTo(0.95, 9);
  });

  test('the moult leaves 15 %; broodiness costs up to a fifth while days are long', () => {
    expect([moultFactor(true), moultFactor(false)]).toEqual([0.15, 1]);
    expect([1, 2, 3, 4, 5].map((b) => broodyFactor(b, true))).toEqual([1, 0.98, 0.94, 0.88, 0.8]);
    expect(broodyFactor(5, false)).toBe(1);
  });

  test('a hen moults first in the autumn after the one of her first year, in either hemisphere', () => {
    const iso = (day: number) => new Date(day * 86_400_000).toISOString().slice(0, 10);
    const hatched = (day: string) => ({ bornOn: Date.parse(day) / 86_400_000, arrivesOn: 0 });
    const south = workClimate(sampleClimate('mild-highland'));
    expect(iso(firstMoult(hatched('2027-04-15'), null))).toBe('2028-09-15');
    expect(iso(firstMoult(hatched('2027-10-01'), null))).toBe('2028-09-15');
    expect(iso(firstMoult(hatched('2027-12-01'), null))).toBe('2029-09-15');
    expect(iso(firstMoult(hatched('2027-10-01'), south))).toBe('2029-03-15');
    expect([256, 257, 312, 313].map((d) => inMoultSeason(d, null))).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

test('only growing birds are held to a least feed: a grown one eats what she asks for, however little', () => {
  const hen = lotOf(hens(1, { hatchedOn: '2025-03-01', arrivesOn: '2025-09-01' }));
  const chick = lotOf(
    hens(1, { hatchedOn: '2026-10-01', arrivesOn: '2026-11-01', breed: 'ixworth', sex: 'cock' }),
  );
  const day = dayNumber('2026-11-24');
  const grown = birdDay(hen, day, 327, null);
  expect(grown.growing).toBe(false);
  expect(grown.leastKg).toBe(0);
  const young = birdDay(chick, day, 327, null);
  expect(young.growing).toBe(true);
  expect(young.leastKg).toBeGreaterThan(0);
  expect(young.feedKg).toBeGreaterThanOrEqual(young.leastKg);
});
