import fc from 'fast-check';
import { assess, createAssessor } from '@/core/assess';
import { bar, bareCoop, change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { newBoard } from '../../edit/new/bars';
import type { Bar, Plan } from '../../model/schema';
import { remedies } from '../../remedies/remedies';
import { descentsOf, reachedBy } from './climbing';

const cm = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((n) => n / 100);
const someBars = fc.array(
  fc.record({ x: cm(0, 150), y: cm(10, 280), z: cm(20, 180), lengthM: cm(50, 250) }),
  { minLength: 1, maxLength: 6 },
);
const withBars = (bars: readonly Partial<Bar>[]): Plan =>
  bareCoop({ fixtures: bars.map((b, i) => bar({ ...b, id: `b${i}` })) });

describe('the way up', () => {
  test('a staircase is climbed hop by hop: half a metre each, and not a millimetre more', () => {
    const stair = (rise: number) =>
      withBars([0, 1, 2].map((i) => ({ y: 2.5 - 0.4 * i, z: 0.1 + rise * (3 - i) })));
    expect([...reachedBy(stair(0.5), 0.5)].sort()).toEqual(['b0', 'b1', 'b2']);
    expect([...reachedBy(stair(0.501), 0.5)]).toEqual([]);
  });

  test('more than a metre sideways is no hop', () => {
    const apart = (gap: number) =>
      withBars([
        { y: 1, z: 0.5, section: { shape: 'flat', widthM: 0.1, heightM: 0.038 } },
        { y: 1.1 + gap, z: 0.9, section: { shape: 'flat', widthM: 0.1, heightM: 0.038 } },
      ]);
    expect(reachedBy(apart(1), 0.5).has('b1')).toBe(true);
    expect(reachedBy(apart(1.001), 0.5).has('b1')).toBe(false);
  });

  test('a longer hop never reaches less, and one bar more never shuts another off', () => {
    fc.assert(
      fc.property(someBars, cm(20, 90), cm(0, 40), (bars, hop, more) => {
        const few = reachedBy(withBars(bars), hop);
        const far = reachedBy(withBars(bars), hop + more);
        for (const id of few) expect(far.has(id)).toBe(true);
        const one = reachedBy(withBars([...bars, { y: 1.5, z: 0.5, lengthM: 1 }]), hop);
        for (const id of few) expect(one.has(id)).toBe(true);
      }),
    );
  });
});

describe('the way down', () => {
  test('clear floor as deep as the drop is safe; what stands in it is not clear', () => {
    const high = withBars([{ y: 1.5, z: 1.3, x: 0.5, lengthM: 3 }]);
    const [open] = descentsOf(high);
    expect(open).toMatchObject({ safe: true });
    expect(open?.dropM).toBeCloseTo(1.2, 9);
    expect(open?.clearM).toBeCloseTo(1.5, 9);
    const narrow = { ...high, shell: { ...high.shell, widthM: 2 } };
    // 1.5 m before it and 0.5 behind: still the better side
    expect(descentsOf(narrow)[0]?.clearM).toBeCloseTo(1.5, 9);
  });

  test('legs down a stair no steeper than 45° lead on from a bar that has no floor of its own', () => {
    const stair = (out: number) => ({
      ...withBars([
        { y: 2.8, z: 1.7 },
        { y: 2.8 - out, z: 1.3 },
        { y: 2.8 - 2 * out, z: 0.9 },
        { y: 2.8 - 3 * out, z: 0.5, use: 'step' },
      ]),
    });
    const shallow = (out: number): Plan => {
      const p = stair(out);
      // a bank before the stair leaves less floor than the upper bars drop
      return { ...p, shell: { ...p.shell, widthM: 3 } };
    };
    expect(descentsOf(shallow(0.4)).every((d) => d.safe)).toBe(true);
    expect(descentsOf(shallow(0.4)).map((d) => d.bar.id)).toEqual(['b0', 'b1', 'b2']);
  });

  test('whether a descent is safe is the same in a mirror', () => {
    fc.assert(
      fc.property(someBars, (bars) => {
        const plan = withBars(bars);
        const turned = withBars(bars.map((b) => ({ ...b, y: plan.shell.widthM - b.y })));
        expect(descentsOf(turned).map((d) => [d.bar.id, d.safe])).toEqual(
          descentsOf(plan).map((d) => [d.bar.id, d.safe]),
        );
      }),
    );
  });
});

describe('a board under the bars', () => {
  /** Two bars along the right wall, front to rear, with a board under them. */
  const along = (before: number): Plan =>
    soundCoop((d) => {
      d.keeper.armM = 1.5;
      change(d, 'bar', 'bar', { axis: 'y', x: 3.5, y: 0.4, lengthM: 2.2 });
      change(d, 'bar', 'step', { axis: 'y', x: 3.05, y: 0.4, lengthM: 2.2 });
      d.fixtures.push({
        ...newBoard(d, { x: 3.5 - before, y: 0, lengthM: 0.5 + before, depthM: 3, z: 0.55 }),
        id: 'board',
      });
    });
  const boardCodes = (plan: Plan): string[] =>
    assess(plan, { on: DAY })
      .findings.map((f) => f.code)
      .filter((c) => c.startsWith('roosts.board'));

  test('is measured across bars that run front to rear as across any', () => {
    expect(boardCodes(along(0.3))).toEqual([]);
    expect(boardCodes(along(0.299))).toEqual(['roosts.board.shallow']);
  });

  test('is moved under them wherever they run', () => {
    const away = { ...along(0.3) };
    const plan: Plan = {
      ...away,
      fixtures: away.fixtures.map((f) =>
        f.kind === 'board' ? { ...f, x: 0.2, y: 2.2, lengthM: 1, depthM: 0.5 } : f,
      ),
    };
    expect(boardCodes(plan)).toEqual(['roosts.board.noBars']);
    const before = assess(plan, { on: DAY });
    const finding = before.findings.find((f) => f.code === 'roosts.board.noBars');
    if (!finding) throw new Error('no finding');
    const [first] = remedies(plan, finding, before, createAssessor());
    if (!first) throw new Error('no remedy');
    expect(boardCodes(first.plan)).toEqual([]);
  });
});

test('poor fliers hop less than their class, and sleep no higher than 0.60 m', () => {
  const codes = (breed: string, z: number) =>
    assess(
      soundCoop((d) => {
        d.flock = [hens(4, { breed })];
        change(d, 'bar', 'bar', { z });
        change(d, 'bar', 'step', { z: 0.35 });
        // a bar is too high only for birds that get up to it
        d.fixtures.push(bar({ id: 'step-2', x: 0.8, y: 2.3, z: 0.55, lengthM: 2.4, use: 'step' }));
      }),
      { on: DAY },
    ).findings.map((f) => f.code);
  expect(codes('silkie', 0.7)).not.toContain('roosts.bar.high');
  expect(codes('silkie', 0.701)).toContain('roosts.bar.high');
  expect(codes('leghorn', 0.701)).not.toContain('roosts.bar.high');
});
