import { heatAt20W } from '../birds/heat';
import { CLIMATES } from '../model/climates.data';
import type { Plan } from '../model/schema';
import { sample } from '../tests/plans';
import { workClimate } from '../weather/climate';
import { type AirNeeds, airNeedsOf } from './needs';
import { leaksOf, panesOf, shellAreas, shellLoss } from './shellHeat';

const base = sample('pell-garth');

const inPlace = (id: string): NonNullable<Plan['climate']> => {
  const row = CLIMATES.find((c) => c.id === id);
  if (!row) throw new Error(id);
  return {
    source: { kind: 'shipped', id: row.id },
    latitudeDeg: row.latitudeDeg,
    altitudeM: row.altitudeM,
    exposure: 'garden',
  };
};

const bareOf = (plan: Plan) => ({
  shell: plan.shell,
  litterM: plan.litter.depthM,
  panes: panesOf([]),
  treesOver: false,
  climate: plan.climate,
});

function needs(
  climateId: string,
  birds: number,
  massKg: number,
  known: Partial<Plan['shell']> = {},
): AirNeeds {
  const plan = { ...base, climate: inPlace(climateId), shell: { ...base.shell, ...known } };
  const worked = workClimate(plan.climate);
  if (!worked) throw new Error(climateId);
  const heat = {
    layerW: birds * heatAt20W(massKg, 0.04, 'layer'),
    meatW: 0,
    hens: birds * (massKg / 2.2) ** 0.75,
  };
  return airNeedsOf({ ...bareOf(plan), birds: heat }, worked.hours);
}

describe('the areas that a coop needs', () => {
  test.each(CLIMATES.map((c) => [c.name, c.id] as const))(
    'in %s grow with number and mass',
    (_, id) => {
      const [six, fourteen, heavy] = [needs(id, 6, 2.2), needs(id, 14, 2.2), needs(id, 14, 4)];
      for (const season of ['winter', 'summer'] as const) {
        expect(six[season].netM2).toBeGreaterThan(0.02);
        expect(fourteen[season].netM2).toBeGreaterThanOrEqual(six[season].netM2);
        expect(heavy[season].netM2).toBeGreaterThanOrEqual(fourteen[season].netM2);
        expect(heavy[season].netM2).toBeLessThan(12);
      }
      expect(fourteen.winter.netM2).toBeGreaterThan(six.winter.netM2);
      expect(fourteen.summer.tiC - fourteen.winter.tiC).toBeGreaterThan(0);
    },
  );

  test('are smaller under a roof that keeps out the sun, and high up where it keeps the warmth in', () => {
    const [bare, foam] = [{ roofBuild: 'sheetMetal' }, { roofBuild: 'foam50' }] as const;
    const [hot, cold] = [needs('hot-desert', 8, 2.2, bare), needs('hot-desert', 8, 2.2, foam)];
    expect(cold.summer.netM2).toBeLessThan(0.7 * hot.summer.netM2);
    expect(needs('mediterranean', 14, 2.2, foam).winter.netM2).toBeLessThan(
      needs('mediterranean', 14, 2.2, bare).winter.netM2,
    );
  });

  test('the same place, drier: less; the same place, less windy: more', () => {
    const plan = { ...base, climate: inPlace('mediterranean') };
    const climate = workClimate(plan.climate);
    if (!climate) throw new Error('there is one');
    const birds = { layerW: 190, meatW: 0, hens: 14 };
    const { night, day } = climate.hours;
    const at = (change: Partial<typeof night>): number =>
      airNeedsOf({ ...bareOf(plan), birds }, { night: { ...night, ...change }, day }).winter.netM2;
    expect(at({ outW: night.outW * 0.6 })).toBeLessThan(at({}));
    expect(at({ windMS: night.windMS * 0.5 })).toBeGreaterThan(at({}));
  });
});

describe('what a shell loses', () => {
  test('areas of a lean-to, worked by hand', () => {
    // 2 m × 3 m, 1.8 m at the front and 2.4 m at the rear
    const areas = shellAreas({
      lengthM: 2,
      widthM: 3,
      roof: { kind: 'mono', lowM: 1.8, highM: 2.4, highSide: 'rear' },
    });
    expect(areas.walls.front).toBeCloseTo(3.6, 9);
    expect(areas.walls.rear).toBeCloseTo(4.8, 9);
    expect(areas.walls.left).toBeCloseTo(6.3, 9);
    expect(areas.roof).toBeCloseTo(2 * Math.hypot(3, 0.6), 9);
    // a gable's ends have their peak
    const gable = shellAreas({
      lengthM: 4,
      widthM: 3,
      roof: { kind: 'gable', lowM: 2, highM: 3, ridgeAxis: 'x' },
    });
    expect([gable.walls.left, gable.walls.front]).toEqual([7.5, 8]);
    expect(gable.roof).toBeCloseTo(2 * 4 * Math.hypot(1.5, 1), 9);
  });

  test('loss is the sum of its parts, panes lose more than the wall they stand in', () => {
    const plan = {
      ...base,
      shell: {
        ...base.shell,
        lengthM: 2,
        widthM: 3,
        roof: { kind: 'flat', lowM: 2, highM: 2 },
        wallBuild: 'board18',
        roofBuild: 'sheetMetal',
        floorAboveGroundM: 0,
      } as Plan['shell'],
      fixtures: [],
    };
    // walls 20 m² × 3.3, roof 6 m² × 6, edge 10 m × 1
    expect(shellLoss(plan.shell, 0, panesOf([])).allWK).toBeCloseTo(66 + 36 + 10, 9);
    const raised = {
      ...plan,
      shell: { ...plan.shell, floorAboveGroundM: 0.4 },
      litter: { ...base.litter, depthM: 0.15 },
    };
    expect(shellLoss(raised.shell, raised.litter.depthM, panesOf([])).floorWK).toBeCloseTo(
      6 / (1 / 3.3 + 1),
      9,
    );
    // gaps of ordinary boards: 2 cm² by m² of wall and roof
    const gaps = leaksOf(plan.shell).reduce((sum, o) => sum + o.netM2, 0);
    expect(gaps).toBeCloseTo(26 * 2e-4, 9);
  });
});
