import psychrolib from 'psychrolib';
import {
  dewPointC,
  humRatio,
  overWaterPa,
  pressurePa,
  saturationPa,
  vapourPa,
  wetBulbC,
} from './psychrometrics';

psychrolib.SetUnitSystem(psychrolib.SI);
const P = 101_325;

describe('moist air is as the reference package has it', () => {
  test.each([-20, 0, 20, 35])('at %d °C', (t) => {
    const over = Math.abs(saturationPa(t) / psychrolib.GetSatVapPres(t) - 1);
    expect(over).toBeLessThan(1e-12);
    for (const rh of [0.3, 0.7, 0.95]) {
      const w = humRatio(rh * saturationPa(t), P);
      expect(Math.abs(w / psychrolib.GetHumRatioFromRelHum(t, rh, P) - 1)).toBeLessThan(1e-5);
      expect(vapourPa(w, P)).toBeCloseTo(rh * saturationPa(t), 8);
      if (t <= 0) continue;
      // below 0 °C the package's are over ice, ours over water
      const dew = dewPointC(vapourPa(w, P));
      if (dew > 0)
        expect(Math.abs(dew - psychrolib.GetTDewPointFromHumRatio(t, w, P))).toBeLessThan(0.002);
      const wet = psychrolib.GetTWetBulbFromHumRatio(t, w, P);
      expect(Math.abs(wetBulbC(t, w, P) - wet)).toBeLessThan(0.01);
    }
  });

  test('over water below freezing it is as tables of supercooled water have it', () => {
    // published, Smithsonian tables: −10 °C 286.27 Pa, −20 °C 125.40 Pa
    expect(Math.abs(overWaterPa(-10) / 286.27 - 1)).toBeLessThan(0.002);
    expect(Math.abs(overWaterPa(-20) / 125.4 - 1)).toBeLessThan(0.005);
    expect(dewPointC(overWaterPa(-17.3))).toBeCloseTo(-17.3, 4);
  });

  test('the air is thinner higher up', () => {
    for (const m of [0, 340, 1480, 2350])
      expect(Math.abs(pressurePa(m) / psychrolib.GetStandardAtmPressure(m) - 1)).toBeLessThan(1e-9);
  });
});
