import fc from 'fast-check';
import { fixtureOf } from '../../model/fixtures.schema';
import type { Drinker, Feeder, Made } from '../../model/schema';
import { bodySize, holeMiddleM } from '../../model/vesselForm';
import { contentsOf } from './contents';
import { boxHeapL, roundHeapL } from './deadHeap';
import { levelGauge } from './gauge';
import { panRoomM, pushedOutL, upturned } from './pans';
import { mostHoles, portSpacing } from './ports';
import { acrossAtM, depthM, elbowL, holdsL } from './volume';

const ELBOW: Made['elbow'] = { acrossM: 0.06, gapM: 0.025, legM: 0.025 };
const made = (body: Made['body'], parts: Partial<Made> = {}): Made => ({
  body,
  wallM: 0,
  floorM: 0,
  elbow: ELBOW,
  hole: { acrossM: 0.05, lowM: 0 },
  pan: null,
  ...parts,
});
const feeder = (m: Made, parts: Partial<Feeder> = {}): Feeder =>
  fixtureOf({
    kind: 'feeder',
    id: 'f',
    name: 'Feeder',
    type: 'holes',
    x: 1,
    y: 1,
    rimZ: 0.3,
    diameterM: 0.3,
    heightM: 0.4,
    hung: false,
    made: m,
    ...parts,
  });

/** ∫ of the area at each height by Simpson's rule: another way to the same litres. */
function summedL(areaM2: (h: number) => number, fillM: number, steps = 200): number {
  const dh = fillM / steps;
  let sum = areaM2(0) + areaM2(fillM);
  for (let i = 1; i < steps; i++) sum += areaM2(i * dh) * (i % 2 === 1 ? 4 : 2);
  return (sum * dh * 1000) / 3;
}

const cm = (least: number, most: number) =>
  fc.integer({ min: least * 10, max: most * 10 }).map((n) => n / 1000);

describe('litres of a body', () => {
  test('equal the sum of their slices to a part in a million', () => {
    fc.assert(
      fc.property(
        cm(10, 60),
        cm(10, 60),
        cm(10, 90),
        fc.integer({ min: 0, max: 5 }).map((n) => n / 1000),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (foot, top, high, wall, share) => {
          const bodies: [Made['body'], (h: number) => number][] = [
            [
              { shape: 'can', acrossM: foot, highM: high },
              () => (Math.PI / 4) * (foot - 2 * wall) ** 2,
            ],
            [
              { shape: 'pail', footM: foot, topM: top, highM: high },
              (h) => (Math.PI / 4) * (foot + ((top - foot) * h) / high - 2 * wall) ** 2,
            ],
            [
              { shape: 'box', longM: foot, deepM: top, highM: high },
              () => (foot - 2 * wall) * (top - 2 * wall),
            ],
          ];
          for (const [body, area] of bodies) {
            const fill = high * share;
            const held = holdsL(made(body, { wallM: wall }), 1, fill);
            expect(Math.abs(held / summedL(area, fill) - 1)).toBeLessThan(1e-6);
          }
        },
      ),
    );
  });

  test('a false bottom takes from what a pail holds, and the taper is followed from there', () => {
    const pail = made({ shape: 'pail', footM: 0.26, topM: 0.3, highM: 0.4 }, { floorM: 0.1 });
    expect(depthM(pail)).toBeCloseTo(0.3, 12);
    const area = (h: number): number => (Math.PI / 4) * (0.27 + 0.1 * h) ** 2;
    expect(holdsL(pail, 1, 1)).toBeCloseTo(summedL(area, 0.3), 6);
  });

  test('a pipe of 102.3 mm bore and 1 m holds 8.88 L with half a bend, 9.54 L with a whole one', () => {
    const pipe = (elbowDeg: 45 | 90) =>
      holdsL(made({ shape: 'pipe', acrossM: 0.1023, highM: 1, elbowDeg, bendM: null }), 1, 1);
    expect(pipe(45)).toBeCloseTo(8.88, 2);
    expect(pipe(90)).toBeCloseTo(9.54, 2);
    expect(elbowL(0.1023, 45, 0.1023)).toBeCloseTo(0.66, 2);
    expect(elbowL(0.1023, 90, 0.1023)).toBeCloseTo(1.32, 2);
    // a bend by its slices along the middle line: every slice has the bore's area
    const slices = Array.from(
      { length: 1000 },
      () => (Math.PI / 4) * 0.1023 ** 2 * 0.1023 * (Math.PI / 4 / 1000),
    );
    expect(elbowL(0.1023, 45, 0.1023)).toBeCloseTo(slices.reduce((a, b) => a + b, 0) * 1000, 9);
    expect(
      holdsL(made({ shape: 'pipe', acrossM: 0.1023, highM: 1, elbowDeg: 90, bendM: null }), 3, 1),
    ).toBeCloseTo(3 * 9.5402, 3);
  });
});

describe('what never runs out', () => {
  test('small holes: K(n)·tan φ·R³', () => {
    const tan = Math.tan((35 * Math.PI) / 180);
    const k = (n: number | null): number =>
      roundHeapL(2, n, { reposeDeg: 35, fillM: 100, lipM: 0, acrossM: 0 }) / 1000 / tan;
    for (const [n, want] of [
      [1, 3.556],
      [2, 2.356],
      [3, 1.854],
      [4, 1.604],
      [6, 1.368],
      [8, 1.26],
    ] as const) {
      expect(Math.abs(k(n) / want - 1)).toBeLessThan(5e-4);
    }
    expect(k(null)).toBeCloseTo(Math.PI / 3, 3);
  });

  test('a 28 cm bucket of 35 cm with holes of 50 mm keeps 3.46 L of 21.6 at two, 2.03 at four, 1.39 at eight', () => {
    const bucket = made({ shape: 'can', acrossM: 0.28, highM: 0.35 });
    const at = (outlets: number) => contentsOf(feeder(bucket, { outlets }), bucket);
    expect(at(2).wholeL).toBeCloseTo(21.55, 2);
    expect(at(2).deadL).toBeCloseTo(3.46, 2);
    expect(at(4).deadL).toBeCloseTo(2.03, 2);
    expect(at(8).deadL).toBeCloseTo(1.39, 2);
    expect(at(4).usableL).toBeCloseTo(21.55 - 2.03, 2);
  });

  test('grains thrown at the floor one by one come to the same heap', () => {
    // a second way: random points, and the nearest of all outlets looked for
    let seed = 7;
    const random = (): number => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return seed / 2147483648;
    };
    const [floor, n, tan] = [0.32, 5, Math.tan(Math.PI / 4)];
    let [sum, count] = [0, 0];
    while (count < 200000) {
      const [x, y] = [(random() - 0.5) * floor, (random() - 0.5) * floor];
      if (Math.hypot(x, y) > floor / 2) continue;
      count++;
      let near = 9;
      for (let i = 0; i < n; i++) {
        const turn = (2 * Math.PI * i) / n;
        near = Math.min(
          near,
          Math.hypot(x - (floor / 2) * Math.cos(turn), y - (floor / 2) * Math.sin(turn)),
        );
      }
      sum += Math.min(0.12, 0.02 + tan * Math.max(0, near - 0.03));
    }
    const thrownL = (sum / count) * (Math.PI / 4) * floor ** 2 * 1000;
    const heap = roundHeapL(floor, n, { reposeDeg: 45, fillM: 0.12, lipM: 0.02, acrossM: 0.06 });
    expect(Math.abs(heap / thrownL - 1)).toBeLessThan(0.005);
  });

  test('a box with a slot along its front keeps a wedge', () => {
    expect(boxHeapL(0.4, 0.3, null, { reposeDeg: 45, fillM: 1, lipM: 0, acrossM: 0 })).toBeCloseTo(
      18,
      3,
    );
    // many holes come near to a slot, and never under it
    const holes = boxHeapL(0.4, 0.3, 40, { reposeDeg: 45, fillM: 1, lipM: 0, acrossM: 0 });
    expect(holes).toBeGreaterThan(18);
    expect(holes).toBeLessThan(18.1);
  });

  test('mash lies steeper, more outlets keep less, a standing pipe keeps its elbow', () => {
    const can = made({ shape: 'can', acrossM: 0.4, highM: 0.6 });
    const dead = (parts: Partial<Feeder>) => contentsOf(feeder(can, parts), can).deadL;
    expect(dead({ outlets: 4, feed: 'mash' })).toBeGreaterThan(dead({ outlets: 4 }));
    expect(dead({ outlets: 6 })).toBeLessThan(dead({ outlets: 4 }));
    const pipe = made({ shape: 'pipe', acrossM: 0.1023, highM: 1, elbowDeg: 45, bendM: null });
    const held = contentsOf(feeder(pipe, { type: 'port', outlets: 2 }), pipe);
    expect(held.deadL).toBeCloseTo(2 * 0.6604, 3);
    expect(held.usableL).toBeCloseTo(2 * 8.2195, 3);
  });

  test('what birds can have and what stays are together what it holds, whatever it is', () => {
    fc.assert(
      fc.property(
        cm(10, 60),
        cm(5, 90),
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom('port', 'holes', 'tube', 'pedal'),
        (across, high, outlets, type) => {
          const can = made({ shape: 'can', acrossM: across, highM: high });
          const { wholeL, deadL, usableL } = contentsOf(
            feeder(can, { outlets, type: type as Feeder['type'] }),
            can,
          );
          expect(deadL + usableL).toBeCloseTo(wholeL, 9);
          expect(usableL).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

describe('holes round a can', () => {
  test('six round a can of 40 cm: the arc, the web left, and marks from one zero', () => {
    const six = portSpacing(0.4, 6, 0.111, 'mm');
    expect(six.aroundM).toBeCloseTo(1.25664, 5);
    expect(six.arcM).toBeCloseTo(0.20944, 5);
    expect(six.webM).toBeCloseTo(0.09844, 5);
    expect(six.marks.map((m) => m.tapeM)).toEqual([0, 0.209, 0.419, 0.628, 0.838, 1.047]);
    // 209 mm stepped off six times falls 2.6 mm short of the round
    expect(six.steppedOffM).toBeCloseTo(-0.00264, 5);
    expect(six.canStep).toBe(false);
  });

  test('in inches a drum 23 in across with five holes: 14 7/16 in apart by a sixteenth', () => {
    const drum = portSpacing(23 * 0.0254, 5, 0.1, 'sixteenths');
    expect(drum.arcM / 0.0254).toBeCloseTo(14.4513, 4);
    expect((drum.marks[1]?.tapeM ?? 0) / 0.0254).toBeCloseTo(14.4375, 6);
    expect(drum.steppedOffM / 0.0254).toBeCloseTo(5 * (14.4375 - 14.4513), 3);
    expect(drum.canStep).toBe(false);
    expect(portSpacing(24 * 0.0254, 6, 0.1, 'thirtySeconds').canStep).toBe(true);
  });

  test('no mark is further from its hole than half a step of the tape', () => {
    fc.assert(
      fc.property(cm(10, 80), fc.integer({ min: 1, max: 12 }), (across, n) => {
        for (const { m, tapeM } of portSpacing(across, n, 0.05, 'sixteenths').marks) {
          expect(Math.abs(m - tapeM)).toBeLessThanOrEqual(0.0254 / 32 + 1e-9);
        }
      }),
    );
  });

  test('the most holes leaves the wall that is asked for, and one more does not', () => {
    fc.assert(
      fc.property(cm(50, 250), cm(3, 12), (around, hole) => {
        const n = mostHoles(around, hole, 0.04);
        if (n > 0) expect(around / n - hole).toBeGreaterThanOrEqual(0.04 - 1e-9);
        expect(around / (n + 1) - hole).toBeLessThan(0.04 + 1e-9);
      }),
    );
  });

  test('a hole’s middle: lip 25, gap 25, leg 25 and half of 60 mm are 105 mm', () => {
    expect(holeMiddleM({ floorM: 0.025, elbow: ELBOW })).toBeCloseTo(0.105, 12);
  });

  test('round a pail the tape lies at the height of the holes', () => {
    const pail: Made['body'] = { shape: 'pail', footM: 0.26, topM: 0.3, highM: 0.4 };
    expect(acrossAtM(pail, 0.105)).toBeCloseTo(0.2705, 6);
    expect(bodySize(pail, 1).longM).toBe(0.3);
  });
});

describe('pans, buckets and the gauge', () => {
  test('a bucket of 30 cm leaves 7 cm round it in a pan of 44', () => {
    expect(panRoomM(0.44, 0.3)).toBeCloseTo(0.07, 12);
  });

  test('water of an upturned bucket stands at the top of its holes', () => {
    const { levelM, underRimM, overFloorM } = upturned(0.025, 0.012, 0.055);
    expect([levelM, underRimM, overFloorM]).toEqual([
      expect.closeTo(0.037, 12),
      expect.closeTo(0.018, 12),
      0.025,
    ]);
    const bucket = made(
      { shape: 'can', acrossM: 0.28, highM: 0.35 },
      { hole: { acrossM: 0.012, lowM: 0.025 } },
    );
    const drinker = { ...feeder(bucket), kind: 'drinker', type: 'bucket' } as unknown as Drinker;
    const held = contentsOf(drinker, bucket);
    expect(held.deadL).toBeCloseTo((Math.PI / 4) * 0.28 ** 2 * 0.037 * 1000, 9);
  });

  test('air warmed by twenty kelvin pushes out seven parts in a hundred', () => {
    expect(pushedOutL(1, 13, 20)).toBeCloseTo(0.07, 3);
  });

  test('the cord shows when to buy: what is left then feeds the birds until the shop', () => {
    const { cordM, buyAtM, leftKg } = levelGauge(0.8, 20, 1.25, 4);
    expect(cordM).toBeCloseTo(0.95, 9);
    expect(leftKg).toBe(5);
    expect(buyAtM).toBeCloseTo(0.6, 9);
    // days to the shop longer than a whole fill: buy at once
    expect(levelGauge(0.8, 20, 1.25, 99).buyAtM).toBe(0);
  });
});
