import fc from 'fast-check';
import { heatAt20W, vaporisationKjKg } from '../birds/heat';
import { plainHour } from '../tests/plainAir';
import { airDensity, humRatio, saturationPa } from '../weather/psychrometrics';
import { type HourIn, type HourOut, rhOf, solverOf } from './hour';
import { type HouseOpening, houseOf } from './house';
import { cpOf, wallCp } from './windPressure';

const P = 101_325;
const HENS_W = 10 * heatAt20W(2.2, 0.04, 'layer');
const wOf = (tempC: number, rh: number): number => humRatio(rh * saturationPa(tempC), P);

const opening = (id: string, sillM: number, known: Partial<HouseOpening> = {}): HouseOpening => ({
  id,
  face: 'given',
  cp: 0,
  netM2: 0.082,
  sillM,
  heightM: 0.1,
  cd: 0.6,
  ...known,
});

const still: HourIn = {
  outC: 0,
  outW: wOf(0, 0.8),
  pressurePa: P,
  windMS: 0,
  layerW: 0,
  meatW: 0,
  coldHeld: false,
  otherW: 0,
  litterKgS: 0,
};

function worked(
  openings: readonly HouseOpening[],
  uaWK: number,
  hour: Partial<HourIn>,
  windDeg = 0,
): HourOut {
  const cp = Float64Array.from(openings, (o) => cpOf(o, windDeg));
  const open = new Float64Array(openings.length).fill(1);
  return solverOf(houseOf(openings, uaWK)).solve({ ...still, ...hour }, cp, 0, open);
}

describe('one hour of ten hens', () => {
  const low = (netM2: number) => opening('low', 0.25, { cp: 0.3, netM2 });
  const high = (netM2: number) => opening('high', 1.85, { cp: -0.3, netM2 });

  test.each([
    [-10, 0.8, 0, 0.082, -7.51, 1.178, 0.0188],
    [-10, 0.8, 2, 0.082, -8.67, 0.915, 0.0556],
    [0, 0.9, 1, 0.082, 1.73, 0.934, 0.031],
    [30, 0.5, 1, 0.082, 30.91, 0.494, 0.029],
    [-10, 0.8, 0, 0.0082, -5.93, 4.12, 0.0024],
  ])(
    'at %d °C, humidity %d, wind %d m/s, openings of %d m²',
    (outC, rh, windMS, netM2, tiC, inside, m3S) => {
      const hour = { outC, outW: wOf(outC, rh), windMS, layerW: HENS_W };
      const out = worked([low(netM2), high(netM2)], 30, hour);
      expect(Math.abs(out.tiC - tiC)).toBeLessThan(0.02);
      expect(Math.abs(rhOf(out.wBefore, out.tiC, P) / inside - 1)).toBeLessThan(0.01);
      // the flow of the notes is by the air outside, and rounded to four places
      expect(Math.abs(out.airKgS / airDensity(outC, P) - m3S)).toBeLessThan(0.01 * m3S + 0.00005);
    },
  );

  test('shut up it is 1.6 K warmer, and drips; with a single skin 0.4 K', () => {
    const night = { outC: -10, outW: wOf(-10, 0.8), layerW: HENS_W };
    const gain = (uaWK: number): number =>
      worked([low(0.0082), high(0.0082)], uaWK, night).tiC -
      worked([low(0.082), high(0.082)], uaWK, night).tiC;
    expect(gain(30)).toBeCloseTo(1.6, 1);
    expect(gain(66)).toBeCloseTo(0.4, 1);
    expect(worked([low(0.0082), high(0.0082)], 30, night).condensedKgS).toBeGreaterThan(0);
  });
});

describe('flows as published formulas have them', () => {
  test('two thin openings, one over the other, in still air', () => {
    const [netM2, cd, apart] = [0.05, 0.62, 1.7];
    const pair = [
      opening('low', 0.2, { netM2, cd, heightM: 1e-9 }),
      opening('high', 0.2 + apart, { netM2, cd, heightM: 1e-9 }),
    ];
    for (const otherW of [20, 200, 2000]) {
      const out = worked(pair, 40, { outC: -5, otherW });
      const [rhoO, rhoI] = [airDensity(-5, P), airDensity(out.tiC, P)];
      const q =
        cd *
        netM2 *
        Math.sqrt(((2 * 9.80665 * apart * (rhoO - rhoI)) / rhoO) * (rhoI / (rhoI + rhoO)));
      expect(Math.abs(out.airKgS / rhoO / q - 1)).toBeLessThan(0.001);
    }
  });

  test('wind straight through, inside as warm as outside', () => {
    const pair = [
      opening('in', 1, { netM2: 0.3, cp: 0.6 }),
      opening('out', 1, { netM2: 0.3, cp: -0.3 }),
    ];
    const out = worked(pair, 40, { outC: 12, windMS: 3 });
    const q = 0.6 * 0.3 * 3 * Math.sqrt((0.6 - -0.3) / 2);
    expect(Math.abs(out.airKgS / airDensity(12, P) / q - 1)).toBeLessThan(0.001);
    expect(out.inKgS[0]).toBeCloseTo(out.outKgS[1] ?? 0, 12);
  });

  test('one tall opening alone lets air in below and out above', () => {
    const out = worked([opening('tall', 0.2, { heightM: 1.6, netM2: 0.5 })], 40, { otherW: 150 });
    expect(out.inKgS[0]).toBeGreaterThan(0.01);
    expect(Math.abs((out.inKgS[0] ?? 0) - (out.outKgS[0] ?? 0))).toBeLessThan(1e-10);
  });

  test('in wind, openings of one face alone breathe to and fro; with one more face they do not', () => {
    const rear = opening('rear', 1.5, { face: 'rear' });
    const one = worked([rear, opening('gap', 0, { face: 'front', leak: true })], 40, { windMS: 4 });
    expect(one.toAndFroKgS).toBeCloseTo(0.025 * 0.082 * 4 * airDensity(0, P), 12);
    expect(
      worked([rear, opening('right', 1.5, { face: 'right' })], 40, { windMS: 4 }).toAndFroKgS,
    ).toBe(0);
  });

  test('the wind presses on a wall that it meets, and draws at the others', () => {
    expect([0, 44, -45, 90, 180].map(wallCp)).toEqual([0.6, 0.6, 0.6, expect.closeTo(-0.55), -0.3]);
    expect(wallCp(60)).toBeLessThan(0.6);
    expect(wallCp(135)).toBeCloseTo(-0.55 + 0.25 * Math.SQRT1_2, 9);
    const eaves = opening('eaves', 2, { face: 'front', eaves: true });
    expect([cpOf(eaves, 0), cpOf(eaves, 180)]).toEqual([-0.1, -0.3]);
    expect(cpOf(opening('ridge', 2, { face: 'ridge' }), 77)).toBe(-0.5);
    // from the left of who stands outside and looks at the front, wind meets the left wall
    expect(cpOf(opening('left', 1, { face: 'left' }), 90)).toBe(0.6);
  });
});

const faces = fc.constantFrom<HouseOpening['face']>('front', 'right', 'rear', 'left', 'ridge');
const anyOpening = fc.record({
  face: faces,
  netM2: fc.double({ min: 0.0005, max: 0.8, noNaN: true }),
  sillM: fc.double({ min: 0, max: 2.2, noNaN: true }),
  heightM: fc.double({ min: 0.01, max: 1.5, noNaN: true }),
  cd: fc.constantFrom(0.5, 0.6, 0.65),
});
const anyOpenings = fc
  .array(anyOpening, { minLength: 1, maxLength: 8 })
  .map((all) => all.map((o, i): HouseOpening => ({ id: `o${i}`, ...o })));
const anyHour = fc.record({
  outC: fc.double({ min: -30, max: 40, noNaN: true }),
  rh: fc.double({ min: 0.1, max: 1, noNaN: true }),
  windMS: fc.oneof(fc.constant(0), fc.double({ min: 0, max: 12, noNaN: true })),
  layerW: fc.oneof(fc.constant(0), fc.double({ min: 1, max: 900, noNaN: true })),
  meatW: fc.oneof(fc.constant(0), fc.double({ min: 1, max: 900, noNaN: true })),
  otherW: fc.oneof(fc.constant(0), fc.double({ min: 1, max: 1500, noNaN: true })),
  coldHeld: fc.boolean(),
});
const hourOf = ({
  rh,
  ...h
}: { rh: number; outC: number } & Omit<HourIn, 'outW' | 'pressurePa' | 'litterKgS'>): HourIn => ({
  ...h,
  outW: wOf(h.outC, rh),
  pressurePa: P,
  litterKgS: 0,
});

describe('any house, any hour', () => {
  const anyCase = fc.tuple(
    anyOpenings,
    anyHour,
    fc.integer({ min: 0, max: 359 }),
    fc.double({ min: 8, max: 200, noNaN: true }),
  );

  test('as much air comes in as goes out, heat and moisture are all accounted for', () => {
    fc.assert(
      fc.property(anyCase, ([openings, any, windDeg, uaWK]) => {
        const hour = hourOf(any);
        const out = worked(openings, uaWK, hour, windDeg);
        const sum = (a: Float64Array): number => a.reduce((x, y) => x + y, 0);
        const came = sum(out.inKgS);
        expect(Math.abs(came - sum(out.outKgS))).toBeLessThanOrEqual(1e-9 * came);
        const gains = out.sensibleW + hour.otherW;
        const lost = (uaWK + 1006 * out.airKgS) * (out.tiC - hour.outC);
        expect(Math.abs(gains - lost)).toBeLessThanOrEqual(1e-6 * Math.max(gains, 1e-6));
        const source = out.latentW / (vaporisationKjKg(out.tiC) * 1000);
        const away = out.airKgS * (out.wIn - hour.outW) + out.condensedKgS;
        if (out.airKgS > 0)
          expect(Math.abs(source - away)).toBeLessThanOrEqual(1e-12 + 1e-9 * source);
      }),
      { numRuns: 400 },
    );
  });

  test('the fast way and the plain way say the same', () => {
    fc.assert(
      fc.property(anyCase, ([openings, any, windDeg, uaWK]) => {
        const hour = hourOf(any);
        const fast = worked(openings, uaWK, hour, windDeg);
        const plain = plainHour(openings, uaWK, hour, windDeg);
        expect(Math.abs(fast.tiC - plain.tiC)).toBeLessThan(1e-5);
        expect(Math.abs(fast.airKgS - plain.airKgS)).toBeLessThanOrEqual(
          1e-6 + 1e-5 * plain.airKgS,
        );
        if (plain.airKgS > 1e-9) expect(Math.abs(fast.wIn - plain.wIn)).toBeLessThan(1e-6);
      }),
      { numRuns: 150 },
    );
  });

  test('no birds, heater or sun: inside is as outside; without wind besides, nothing flows', () => {
    fc.assert(
      fc.property(anyOpenings, anyHour, (openings, any) => {
        const empty = { ...hourOf(any), layerW: 0, meatW: 0, otherW: 0 };
        expect(worked(openings, 30, empty).tiC).toBe(empty.outC);
        expect(worked(openings, 30, { ...empty, windMS: 0 }).airKgS).toBe(0);
      }),
    );
  });

  test('in still air more open area never makes it warmer inside', () => {
    fc.assert(
      fc.property(
        anyOpenings,
        anyHour,
        fc.double({ min: 1, max: 4, noNaN: true }),
        (openings, any, more) => {
          const hour = { ...hourOf(any), windMS: 0 };
          const wider = openings.map((o) => ({ ...o, netM2: o.netM2 * more }));
          const rise = worked(openings, 30, hour).tiC;
          expect(worked(wider, 30, hour).tiC).toBeLessThanOrEqual(rise + 1e-6);
        },
      ),
    );
  });
});
