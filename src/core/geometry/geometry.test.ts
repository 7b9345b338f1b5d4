import fc from 'fast-check';
import { everything } from '@/core/tests/everything';
import { bank, bar, bareCoop, fittedCoop, sample } from '@/core/tests/plans';
import { newVent } from '../edit/new/openings';
import { floorOf } from '../model/scope';
import { amongBars, effectiveLength, notCounted, sidewaysM, spacingRule, wallGap } from './bars';
import { areaM2, within } from './flat';
import { meetInPlan } from './forms';
import { placeLabels } from './labels';
import { gapInPlan, grown } from './segments';
import { roofHeightM } from './shell';
import { entranceSolid, highestLipZ, solidOf } from './solids';
import { footMarks, stickMarks } from './stick';

const shell = (roof: Parameters<typeof roofHeightM>[0]['roof']) => ({ ...bareCoop().shell, roof });

describe('height under the roof', () => {
  test('one slope rises towards its high side', () => {
    const rear = shell({ kind: 'mono', lowM: 1.9, highM: 2.4, highSide: 'rear' });
    expect(roofHeightM(rear, 0, 0)).toBeCloseTo(1.9, 9);
    expect(roofHeightM(rear, 4, 3)).toBeCloseTo(2.4, 9);
    expect(roofHeightM(rear, 1, 0.75)).toBeCloseTo(2.025, 9);
    expect(
      roofHeightM(shell({ kind: 'mono', lowM: 1.9, highM: 2.4, highSide: 'left' }), 1, 3),
    ).toBeCloseTo(2.275, 9);
    expect(
      roofHeightM(shell({ kind: 'mono', lowM: 1.9, highM: 2.4, highSide: 'front' }), 1, 0),
    ).toBeCloseTo(2.4, 9);
    expect(
      roofHeightM(shell({ kind: 'mono', lowM: 1.9, highM: 2.4, highSide: 'right' }), 1, 0),
    ).toBeCloseTo(2.025, 9);
  });

  test('a gable is highest along its ridge', () => {
    const ridge = shell({ kind: 'gable', lowM: 2.1, highM: 2.9, ridgeAxis: 'x' });
    expect(roofHeightM(ridge, 0.3, 1.5)).toBeCloseTo(2.9, 9);
    expect(roofHeightM(ridge, 3.9, 0.75)).toBeCloseTo(2.5, 9);
    expect(
      roofHeightM(shell({ kind: 'gable', lowM: 2.1, highM: 2.9, ridgeAxis: 'y' }), 1, 0),
    ).toBeCloseTo(2.5, 9);
  });
});

describe('what a fixture fills', () => {
  const plan = bareCoop();

  test('a bar lies under the feet, along its axis', () => {
    const along = solidOf(bar({ x: 1, y: 2.5, z: 0.9, lengthM: 1.4, axis: 'x' }), plan);
    expect(along).toMatchObject({ x0: 1, x1: 2.4, z1: 0.9 });
    expect(along.y0).toBeCloseTo(2.4555, 9);
    expect(along.z0).toBeCloseTo(0.862, 9);
    const across = solidOf(bar({ x: 1, y: 0.2, lengthM: 1.4, axis: 'y' }), plan);
    expect(across.y0).toBeCloseTo(0.2, 9);
    expect(across.y1).toBeCloseTo(1.6, 9);
  });

  test('a bank of five boxes in two tiers is three boxes broad; its lips are a box apart', () => {
    const nests = bank({
      x: 1,
      y: 2,
      boxes: 5,
      rows: 2,
      boxW: 0.3,
      boxD: 0.4,
      boxH: 0.35,
      lipZ: 0.5,
      faces: 'front',
    });
    const solid = solidOf(nests, plan);
    expect(solid.x1).toBeCloseTo(1.9, 9);
    expect(solid.y1).toBeCloseTo(2.4, 9);
    expect([solid.z0, solid.z1]).toEqual([expect.closeTo(0.4, 9), expect.closeTo(1.1, 9)]);
    expect(highestLipZ(nests)).toBeCloseTo(0.85, 9);
    expect(entranceSolid(nests)).toMatchObject({ y0: 2, y1: 2 });
    expect(entranceSolid(bank({ ...nests, faces: 'right' })).x0).toBeCloseTo(1.4, 9);
  });

  test('only the part of a footprint inside the walls takes floor', () => {
    const solid = solidOf(
      bank({ x: -0.3, y: 0, boxes: 2, boxW: 0.3, boxD: 0.4, faces: 'right' }),
      plan,
    );
    expect(areaM2(within(solid, floorOf(plan)))).toBeCloseTo(0.1 * 0.6, 9);
  });
});

describe('bars', () => {
  const { shell: room } = bareCoop();

  test('an end at a wall loses 5 cm, a free end nothing', () => {
    expect(effectiveLength(bar({ x: 1, lengthM: 1.2 }), room).effectiveM).toBeCloseTo(1.2, 9);
    expect(effectiveLength(bar({ x: 0, lengthM: 1.2 }), room)).toMatchObject({
      nearLossM: 0.05,
      farLossM: 0,
    });
    expect(
      effectiveLength(bar({ x: 0, lengthM: 4, wallToWall: true }), room).effectiveM,
    ).toBeCloseTo(3.9, 9);
    expect(effectiveLength(bar({ x: 2.75, lengthM: 1.2 }), room).farLossM).toBeCloseTo(0.05, 9);
  });

  test('cutting a bar shorter never lengthens what counts of it', () => {
    const mm = fc.integer({ min: 300, max: 4000 });
    fc.assert(
      fc.property(mm, mm, fc.nat(800), (a, b, x) => {
        const [short, long] = [Math.min(a, b) / 1000, Math.max(a, b) / 1000];
        const of = (lengthM: number) =>
          effectiveLength(bar({ x: x / 1000, lengthM }), room).effectiveM;
        expect(of(short)).toBeLessThanOrEqual(of(long) + 1e-9);
      }),
    );
  });

  test('a step, a bar below the nests and a bar under another do not count', () => {
    const nests = bank({ lipZ: 0.8 });
    const plan = fittedCoop({ fixtures: [nests, bar({ id: 'bar-1', y: 2.5, z: 1 })] });
    const asked = (b: ReturnType<typeof bar>) =>
      notCounted(b, amongBars({ ...plan, fixtures: [...plan.fixtures, b] }), 2.2);
    expect(asked(bar({ id: 'b', y: 1, z: 1, use: 'step' }))).toBe('stepBar');
    expect(asked(bar({ id: 'b', y: 1, z: 0.79 }))).toBe('belowNests');
    expect(asked(bar({ id: 'b', y: 1, z: 0.8 }))).toBeNull();
    expect(asked(bar({ id: 'b', y: 2.251, z: 0.9 }))).toBe('underAnother');
    expect(asked(bar({ id: 'b', y: 2.25, z: 0.9 }))).toBeNull();
  });

  test('bars are measured sideways only where they run alongside one another', () => {
    const a = bar({ id: 'a', x: 0, y: 2.5, lengthM: 1 });
    expect(sidewaysM(a, bar({ id: 'b', x: 0.9, y: 2, lengthM: 1 }))).toBeCloseTo(0.5, 9);
    expect(sidewaysM(a, bar({ id: 'b', x: 1, y: 2, lengthM: 1 }))).toBeNull();
    expect(sidewaysM(a, bar({ id: 'b', axis: 'y' }))).toBeNull();
    expect(spacingRule(bar({ z: 0.6 }), bar({ z: 0.89 }))).toBe('roosts.apart.level');
    expect(spacingRule(bar({ z: 0.6 }), bar({ z: 0.9 }))).toBe('roosts.apart.stair');
  });

  test('the nearest wall alongside is found, whichever it is', () => {
    expect(wallGap(bar({ y: 2.6 }), room)).toMatchObject({
      side: 'rear',
      gapM: expect.closeTo(0.4, 9),
    });
    expect(wallGap(bar({ y: 0.3 }), room)).toMatchObject({
      side: 'front',
      gapM: expect.closeTo(0.3, 9),
    });
    expect(wallGap(bar({ axis: 'y', x: 3.9 }), room)).toMatchObject({
      side: 'right',
      gapM: expect.closeTo(0.1, 9),
    });
  });
});

describe('the sticks', () => {
  test('Pell Garth has every height once, fixtures of a kind at one height sharing a mark', () => {
    const marks = stickMarks(sample('pell-garth'));
    expect(marks.map((m) => [m.kind, m.z])).toEqual([
      ['litter', 0.1],
      ['drinkerRim', 0.22],
      ['lip', 0.25],
      ['feederRim', 0.36],
      ['bar', 0.65],
      ['sill', 1.1],
      ['head', 1.6],
      ['eaves', 1.9],
      ['roofHigh', 2.4],
    ]);
    expect(marks.find((m) => m.kind === 'bar')?.fixtures).toEqual(['bar-1', 'bar-2']);
  });

  test('the foot has the bars end to end from the front, and their centres from the side', () => {
    const plan = sample('pell-garth');
    expect(footMarks(plan, 'x').map((m) => m.m)).toEqual(
      [0.9, 0.96, expect.closeTo(2.04, 9), 2.1, 3].map((n) =>
        typeof n === 'number' ? expect.closeTo(n, 9) : n,
      ),
    );
    expect(footMarks(plan, 'y').map((m) => m.m)).toEqual(
      [1.58, 1.7, 1.94, 2.1].map((n) => expect.closeTo(n, 9)),
    );
  });
});

describe('labels', () => {
  test('two that touch move apart by the same distance', () => {
    expect(placeLabels([10, 11, 40], 5, 0, 100)).toEqual([8, 13, 40]);
    expect(placeLabels([], 5, 0, 100)).toEqual([]);
  });

  test('they keep their order and their gap, and stay inside where they fit', () => {
    const wanted = fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 15 });
    fc.assert(
      fc.property(wanted, (places) => {
        const sorted = [...places].sort((a, b) => a - b);
        const labels = placeLabels(sorted, 15, 0, 300);
        labels.forEach((at, i) => {
          if (i > 0) expect(at - (labels[i - 1] ?? 0)).toBeGreaterThanOrEqual(15 - 1e-6);
          expect(at).toBeGreaterThanOrEqual(-1e-6);
          expect(at).toBeLessThanOrEqual(300 + 1e-6);
        });
      }),
    );
  });
});

describe('openings in walls and roof', () => {
  const hole = (wall: 'front' | 'rear' | 'left' | 'right') =>
    newVent(bareCoop(), { wall, alongM: 0.5, widthM: 1, sillZ: 1.5, heightM: 0.2 });

  test.each([
    ['front', [0.5, 1.5, 0, 0]],
    ['rear', [0.5, 1.5, 3, 3]],
    ['left', [0, 0, 0.5, 1.5]],
    ['right', [4, 4, 0.5, 1.5]],
  ] as const)('one in the %s wall lies in its inner face', (wall, [x0, x1, y0, y1]) => {
    expect(solidOf(hole(wall), bareCoop())).toEqual({ x0, x1, y0, y1, z0: 1.5, z1: 1.7 });
  });

  test.each([
    [
      'a gable along x',
      { kind: 'gable', lowM: 2, highM: 2.8, ridgeAxis: 'x' },
      [0.5, 1.5, 1.5, 1.5],
    ],
    ['a gable along y', { kind: 'gable', lowM: 2, highM: 2.8, ridgeAxis: 'y' }, [2, 2, 0.5, 1.5]],
    [
      'a slope up to the rear',
      { kind: 'mono', lowM: 2, highM: 2.8, highSide: 'rear' },
      [0.5, 1.5, 3, 3],
    ],
    [
      'a slope up to the front',
      { kind: 'mono', lowM: 2, highM: 2.8, highSide: 'front' },
      [0.5, 1.5, 0, 0],
    ],
    [
      'a slope up to the left',
      { kind: 'mono', lowM: 2, highM: 2.8, highSide: 'left' },
      [0, 0, 0.5, 1.5],
    ],
    [
      'a slope up to the right',
      { kind: 'mono', lowM: 2, highM: 2.8, highSide: 'right' },
      [4, 4, 0.5, 1.5],
    ],
  ] as const)('on the ridge of %s it is where the roof is highest', (_, roof, [x0, x1, y0, y1]) => {
    const plan = { ...bareCoop(), shell: shell(roof) };
    const s = solidOf({ ...hole('front'), place: 'ridge' }, plan);
    expect([s.x0, s.x1, s.y0, s.y1]).toEqual([x0, x1, y0, y1]);
    expect(s.z1).toBe(2.8);
    expect(roofHeightM(plan.shell, (s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2)).toBeCloseTo(2.8, 9);
  });
});

describe('distances seen from above', () => {
  const box = (x0: number, y0: number, x1: number, y1: number) => ({
    x0,
    x1,
    y0,
    y1,
    z0: 0,
    z1: 1,
  });

  test('beside one another they are apart by the gap, corner to corner by its diagonal', () => {
    expect(gapInPlan(box(0, 0, 1, 1), box(1.5, 0, 2, 1))).toBeCloseTo(0.5, 9);
    expect(gapInPlan(box(0, 0, 1, 1), box(1.3, 1.4, 2, 2))).toBeCloseTo(0.5, 9);
    expect(gapInPlan(box(0, 0, 1, 1), box(0.5, 0.5, 2, 2))).toBe(0);
  });

  test('two that are apart by less than they are grown meet, and two that touch do not', () => {
    const [a, b] = [box(0, 0, 1, 1), box(1.5, 0, 2, 1)];
    expect(meetInPlan(grown(a, 0.49), b)).toBe(false);
    expect(meetInPlan(grown(a, 0.51), b)).toBe(true);
    expect(meetInPlan(box(0, 0, 1, 1), box(1, 0, 2, 1))).toBe(false);
  });
});

test('every kind of fixture lies inside the walls where it is told to, whatever it is', () => {
  const plan = everything('plate');
  for (const f of plan.fixtures) {
    const s = solidOf(f, plan);
    expect([f.id, s.x0 >= -1e-9, s.x1 <= plan.shell.lengthM + 1e-9]).toEqual([f.id, true, true]);
    expect([f.id, s.y0 >= -1e-9, s.y1 <= plan.shell.widthM + 1e-9]).toEqual([f.id, true, true]);
    expect([f.id, s.z1 >= s.z0]).toEqual([f.id, true]);
  }
});
