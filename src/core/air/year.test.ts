import { flockByDay } from '../birds/flock';
import { fullestDay } from '../birds/flockHeat';
import { vaporisationKjKg } from '../birds/heat';
import { aired, modelOf } from '../tests/aired';
import { plainHour } from '../tests/plainAir';
import { DAY, sample } from '../tests/plans';
import { YEAR_HOURS } from '../weather/hours';
import { AIR_CP } from './hour';
import { heatIndexC, monthsOfAir } from './indicators';
import { shutLesson } from './lesson';
import { tenderOf } from './tender';
import { firstBad, stepperOf, workHours, workYear, yearColumns } from './year';

describe.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)('a year of %s', (id) => {
  const plan = aired(id);
  const model = modelOf(plan);

  test('balances air, heat and moisture in each of its hours', () => {
    const stepper = stepperOf(model);
    const { house } = model;
    let worst = { air: 0, heat: 0, moisture: 0 };
    for (let i = 0; i < YEAR_HOURS; i++) {
      const out = stepper.step(i);
      const { hour } = stepper;
      const came = out.inKgS.reduce((a, b) => a + b, 0);
      const gone = out.outKgS.reduce((a, b) => a + b, 0);
      const gains = out.sensibleW + hour.otherW;
      const lost = (house.uaWK + AIR_CP * out.airKgS) * (out.tiC - hour.outC);
      const source = out.latentW / (vaporisationKjKg(out.tiC) * 1000);
      const away = out.airKgS * (out.wIn - hour.outW) + out.condensedKgS;
      worst = {
        air: Math.max(worst.air, came === 0 ? 0 : Math.abs(came - gone) / came),
        heat: Math.max(worst.heat, gains === 0 ? 0 : Math.abs(gains - lost) / gains),
        moisture: Math.max(worst.moisture, Math.abs(source - away)),
      };
    }
    expect(worst.air).toBeLessThan(1e-9);
    expect(worst.heat).toBeLessThan(1e-6);
    expect(worst.moisture).toBeLessThan(1e-15);
  });

  test('is made of numbers, and an hour worked alone is the hour of the year', () => {
    const columns = workYear(model);
    expect(firstBad(columns)).toBeNull();
    const alone = yearColumns(YEAR_HOURS);
    for (const i of [0, 17, 4000, 8759]) {
      workHours(model, stepperOf(model), alone, i, i + 1);
      for (const key of ['tiC', 'rh', 'airKgS', 'ammoniaPpm', 'roostMS'] as const)
        expect([i, key, alone[key][i]]).toEqual([i, key, columns[key][i]]);
    }
  });

  test('is the plain way’s year, an hour here and there', () => {
    const stepper = stepperOf(model);
    for (let i = 0; i < YEAR_HOURS; i += 397) {
      const { tiC, airKgS, wIn } = stepper.step(i);
      const state = (model.stateOf[i] as number) * model.house.openings.length;
      const open = model.house.openings.map((o, j) => ({
        ...o,
        netM2: o.netM2 * (model.states[state + j] as number),
      }));
      const windDeg = Math.round((model.weather.windDeg[i] as number) + model.windTurnDeg);
      const plain = plainHour(open, model.house.uaWK, stepper.hour, windDeg);
      expect(Math.abs(tiC - plain.tiC)).toBeLessThan(1e-5);
      expect(Math.abs(airKgS / plain.airKgS - 1)).toBeLessThan(1e-5);
      expect(Math.abs(wIn - plain.wIn)).toBeLessThan(1e-7);
    }
  });
});

describe('what a year tells', () => {
  const plan = aired('pell-garth');
  const model = modelOf(plan);
  const flock = flockByDay(plan, DAY);

  test('the same seed gives the same year, another one another', () => {
    expect(workYear(modelOf(plan))).toEqual(workYear(model));
    expect(workYear(modelOf(plan, 8)).tiC).not.toEqual(workYear(model).tiC);
  });

  test('the months have all its hours, and each hour of harm once', () => {
    const columns = workYear(model);
    const months = monthsOfAir(model, columns, tenderOf(flock));
    expect(months.reduce((a, m) => a + m.hours, 0)).toBe(YEAR_HOURS);
    const damp = columns.rh.reduce((a, rh) => a + Number(rh >= 0.85), 0);
    expect(months.reduce((a, m) => a + m.damp, 0)).toBe(damp);
    for (const m of months) {
      expect(m.ammonia25).toBeLessThanOrEqual(m.ammonia10);
      expect(m.heatAlert + m.heatDanger + m.heatEmergency).toBeLessThanOrEqual(m.hours);
      expect(m.riseK).toBeGreaterThan(0);
    }
  });

  test('heat is felt by air and damp, and heavy birds feel it sooner', () => {
    expect(heatIndexC(30, 20)).toBeCloseTo(26, 9);
    expect(tenderOf(flockByDay(sample('tamar-flats'), DAY)).heatC).toEqual([24, 27, 30]);
    expect(tenderOf(flockByDay(sample('osk-landing'), DAY)).heatC).toEqual([23, 26, 29]);
    expect(tenderOf(flock).frost).toEqual({ dampC: -4, anyC: -18 });
  });

  test('shut up it is warmer, and drips more', () => {
    const { kept, shut, month } = shutLesson(model, 0);
    expect([month, kept.nights]).toEqual([0, 31]);
    expect(shut.riseK).toBeGreaterThan(kept.riseK);
    expect(shut.dripKg).toBeGreaterThan(kept.dripKg);
    expect(fullestDay(flock)).toBeGreaterThanOrEqual(0);
  });
});
