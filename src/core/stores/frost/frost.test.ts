import fc from 'fast-check';
import { blockedAfterH, iceHours, type Lump, pipeLump, pipeU } from './freeze';
import { heaterFor, heaterWinter } from './heater';

const pail: Lump = { litres: 19, areaM2: 0.42, uWM2K: 9 };
const steady = (c: number, hours = 400): Float64Array => new Float64Array(hours).fill(c);

describe('hours to ice in steady air, as the trade has them', () => {
  test.each([
    ['a fount of 3 L in the wind', { litres: 3, areaM2: 0.115, uWM2K: 18 }, -20, 0.38, 1.01],
    ['a pail of 19 L', pail, -20, 1.3, 3.5],
    ['the pail in a tyre with straw', { ...pail, uWM2K: 3 }, -20, 3.9, 10.5],
    ['the pail in foam', { ...pail, uWM2K: 1.3 }, -20, 9.0, 24.2],
    ['a pipe of 25 mm and 2 m', pipeLump(0.025, 0.032, 2, 0), -20, 0.14, 0.38],
    ['a cup', { litres: 0.15, areaM2: 0.021, uWM2K: 9 }, -20, 0.21, 0.55],
    ['the pail at −10 °C', pail, -10, 2.4, 7.0],
  ])('%s', (_, lump, airC, zero, blocked) => {
    const { toZeroH, toBlockedH } = iceHours(lump, airC);
    const places = zero < 2 ? 0.006 : 0.06;
    expect(Math.abs(toZeroH - zero)).toBeLessThan(places);
    expect(Math.abs(toBlockedH - blocked)).toBeLessThan(blocked < 2 ? 0.006 : 0.06);
  });

  test('foam of 25 mm round a pipe of 32 mm lets 2.1 W/m²K through; none leaves it bare', () => {
    expect(pipeU(0.032, 0.025)).toBeCloseTo(2.11, 2);
    expect(pipeU(0.032, 0)).toBeCloseTo(9, 9);
  });

  test('air that does not freeze never makes ice', () => {
    expect(iceHours(pail, 0).toZeroH).toBe(Number.POSITIVE_INFINITY);
    expect(blockedAfterH(pail, steady(0))).toBeNull();
    expect(blockedAfterH(pail, steady(4))).toBeNull();
  });
});

const lump = fc.record({
  litres: fc.integer({ min: 1, max: 4000 }).map((n) => n / 20),
  areaM2: fc.integer({ min: 2, max: 300 }).map((n) => n / 100),
  uWM2K: fc.integer({ min: 10, max: 180 }).map((n) => n / 10),
});

describe('hours to ice, hour by hour', () => {
  test('in steady air they are the closed form’s, to a thousandth', () => {
    fc.assert(
      fc.property(lump, fc.integer({ min: -300, max: -5 }), (own, tenths) => {
        const airC = tenths / 10;
        const { toZeroH, toBlockedH } = iceHours(own, airC);
        const whole = toZeroH + toBlockedH;
        fc.pre(whole < 5000);
        const run = blockedAfterH(own, steady(airC, Math.ceil(whole) + 2));
        expect(Math.abs((run ?? 0) / whole - 1)).toBeLessThan(1e-3);
      }),
    );
  });

  test('small steps of Euler come to the same through a night that warms and cools', () => {
    const air = Float64Array.from(
      { length: 60 },
      (_, h) => -6 + 9 * Math.cos((2 * Math.PI * h) / 24),
    );
    const own: Lump = { litres: 8, areaM2: 0.25, uWM2K: 9 };
    let [waterC, ice, t] = [5, 0, 0];
    const step = 0.5;
    while (ice < 0.15 && t < 60 * 3600) {
      const a = air[Math.floor(t / 3600)] as number;
      const outJ = own.uWM2K * own.areaM2 * (waterC - a) * step;
      if (waterC > 0 || (ice <= 0 && outJ < 0))
        waterC = Math.max(0, waterC - outJ / (own.litres * 4186));
      else ice = Math.max(0, ice + outJ / (own.litres * 334000));
      t += step;
    }
    expect(blockedAfterH(own, air)).toBeCloseTo(t / 3600, 1);
  });

  test('a pail at −10 °C held takes 2.4 + 7.0 h, and with a night’s curve from 16 h longer: 4.8 + about 8', () => {
    const night = Float64Array.from(
      { length: 60 },
      (_, h) => -6 + 4 * Math.cos((2 * Math.PI * (16 + h - 15)) / 24),
    );
    const held = iceHours(pail, -10);
    expect(held.toZeroH).toBeCloseTo(2.4, 1);
    expect(held.toBlockedH).toBeCloseTo(7.0, 1);
    // to 0 °C alone: what needs no latent heat is blocked as soon as it is there
    let [waterC, hours] = [5, 0];
    for (; waterC > 0; hours += 1 / 360) {
      const airC = -6 + 4 * Math.cos((2 * Math.PI * (16 + hours - 15)) / 24);
      waterC -= (pail.uWM2K * pail.areaM2 * (waterC - airC) * 10) / (pail.litres * 4186);
    }
    expect(hours).toBeCloseTo(4.8, 1);
    const blocked = (blockedAfterH(pail, night) ?? 0) - hours;
    expect(blocked).toBeGreaterThan(7.6);
    expect(blocked).toBeLessThan(8.4);
  });

  test('more insulation, or more water, never brings the ice sooner', () => {
    fc.assert(
      fc.property(
        lump,
        fc.array(fc.integer({ min: -25, max: 8 }), { minLength: 20, maxLength: 90 }),
        (own, list) => {
          const air = Float64Array.from(list);
          const hours = (l: Lump): number => blockedAfterH(l, air) ?? Number.POSITIVE_INFINITY;
          expect(hours({ ...own, uWM2K: own.uWM2K * 0.7 })).toBeGreaterThanOrEqual(
            hours(own) - 1e-6,
          );
          expect(hours({ ...own, litres: own.litres * 1.4 })).toBeGreaterThanOrEqual(
            hours(own) - 1e-6,
          );
        },
      ),
    );
    for (let foam = 0; foam < 0.05; foam += 0.005) {
      expect(pipeU(0.032, foam + 0.005)).toBeLessThan(pipeU(0.032, foam));
    }
  });
});

describe('heaters', () => {
  test('the pail at −20 °C asks for 109 W: the 150 is the next that is sold', () => {
    const { needW, sizeW } = heaterFor(pail, -20);
    expect(needW).toBeCloseTo(9 * 0.42 * 23 * 1.25, 9);
    expect(sizeW).toBe(150);
    expect(heaterFor({ ...pail, uWM2K: 1.3 }, -20).sizeW).toBe(25);
    expect(heaterFor({ ...pail, areaM2: 9 }, -20).sizeW).toBeNull();
  });

  test('by the water it draws what is lost, by the air all that it has', () => {
    const air = Float64Array.from([6, 4, 1, -1, -10, -40]);
    const water = heaterWinter(pail, air, 100, 'water');
    const loss = 9 * 0.42;
    // −40 °C asks for 170 W: 100 are given, and that hour it falls short
    expect(water.kWh).toBeCloseTo((loss * (1 + 4 + 6 + 15) + 100) / 1000, 9);
    expect(water.hoursShort).toBe(1);
    const plug = heaterWinter(pail, air, 100, 'air');
    expect(plug).toEqual({ kWh: 0.3, hoursOn: 3, hoursShort: 1 });
    expect(heaterWinter(pail, air, 100, 'air', -2).hoursOn).toBe(2);
  });
});
