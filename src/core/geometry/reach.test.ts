import fc from 'fast-check';
import { newDustBath } from '@/core/edit/new/floorThings';
import { newDoor, newHatch } from '@/core/edit/new/openings';
import { fixtureOf } from '@/core/model/fixtures.schema';
import { bar, bareCoop } from '@/core/tests/plans';
import type { Fixture, Plan } from '../model/schema';
import { accessesOf, doorStrip, reachMap, withinReach } from './reach';
import { roofHeightM } from './shell';
import { solidOf } from './solids';

const HEADROOM_M = 1.73;

const withArm = (armM: number, fixtures: Fixture[], parts: Partial<Plan> = {}): Plan => {
  const plan = bareCoop({ fixtures, ...parts });
  return { ...plan, keeper: { ...plan.keeper, armM } };
};

const door = (parts: Partial<ReturnType<typeof newDoor>> = {}) => ({
  ...newDoor(bareCoop()),
  ...parts,
});
const hatch = (parts: Partial<ReturnType<typeof newHatch>> = {}) => ({
  ...newHatch(bareCoop()),
  ...parts,
});

/** The same map the slow way: every cell against every other, as the rule is written. */
function slowMap(plan: Plan): boolean[] {
  const { lengthM, widthM } = plan.shell;
  const columns = Math.max(1, Math.round(lengthM / 0.1));
  const rows = Math.max(1, Math.round(widthM / 0.1));
  const [cellX, cellY] = [lengthM / columns, widthM / rows];
  const cells = Array.from({ length: columns * rows }, (_, at) => ({
    i: at % columns,
    j: Math.floor(at / columns),
    x: ((at % columns) + 0.5) * cellX,
    y: (Math.floor(at / columns) + 0.5) * cellY,
  }));
  const inTheWay = plan.fixtures.filter((f) =>
    ['nestBank', 'dustBath', 'bar', 'board'].includes(f.kind),
  );
  const free = cells.map(
    ({ x, y }) =>
      roofHeightM(plan.shell, x, y) >= HEADROOM_M - 1e-9 &&
      !inTheWay.some((f) => {
        const s = solidOf(f, plan);
        const inIt = (at: number, half: number, lo: number, hi: number): boolean =>
          at + half > lo + 1e-7 && at - half < hi - 1e-7;
        return (
          s.z0 < HEADROOM_M && inIt(x, cellX / 2, s.x0, s.x1) && inIt(y, cellY / 2, s.y0, s.y1)
        );
      }),
  );
  const away = (x: number, y: number, f: Fixture): number => {
    const s = solidOf(f, plan);
    return Math.hypot(Math.max(0, s.x0 - x, x - s.x1), Math.max(0, s.y0 - y, y - s.y1));
  };
  const doors = plan.fixtures.filter((f) => f.kind === 'door');
  const near = Math.max(cellX, cellY);
  const standing = cells.map(
    ({ x, y }, at) => free[at] === true && doors.some((d) => away(x, y, d) <= near),
  );
  for (let grew = true; grew; ) {
    grew = false;
    cells.forEach(({ i, j }, at) => {
      if (standing[at] || !free[at]) return;
      const beside = cells.some(
        (c, other) => standing[other] && Math.abs(c.i - i) + Math.abs(c.j - j) === 1,
      );
      if (beside) {
        standing[at] = true;
        grew = true;
      }
    });
  }
  return cells.map(
    ({ x, y }) =>
      accessesOf(plan).some((a) => away(x, y, a) <= plan.keeper.armM + 1e-9) ||
      cells.some(
        (c, at) => standing[at] && Math.hypot(c.x - x, c.y - y) <= plan.keeper.armM + 1e-9,
      ),
  );
}

test('the quick map is the slow one, for any small coop', () => {
  const cm = (least: number, most: number) =>
    fc.integer({ min: least, max: most }).map((n) => n / 100);
  fc.assert(
    fc.property(
      fc.record({
        lengthM: cm(100, 220),
        widthM: cm(80, 180),
        highM: cm(120, 240),
        armM: cm(30, 90),
        bars: fc.array(
          fc.record({ x: cm(0, 80), y: cm(20, 120), z: cm(40, 190), lengthM: cm(40, 160) }),
          { maxLength: 2 },
        ),
        door: fc.option(
          fc.record({ wall: fc.constantFrom('front', 'left'), alongM: cm(0, 40) } as const),
        ),
        hatch: fc.option(
          fc.record({ wall: fc.constantFrom('rear', 'right'), alongM: cm(0, 40) } as const),
        ),
      }),
      ({ lengthM, widthM, highM, armM, bars, door: d, hatch: h }) => {
        const start = bareCoop();
        const plan = withArm(
          armM,
          [
            ...bars.map((b, i) => bar({ ...b, id: `bar-${i}` })),
            ...(d ? [door({ ...d, widthM: 0.5 })] : []),
            ...(h ? [hatch({ ...h, widthM: 0.4 })] : []),
          ],
          {
            shell: {
              ...start.shell,
              lengthM,
              widthM,
              roof: { kind: 'mono', lowM: 1.2, highM: Math.max(1.2, highM), highSide: 'rear' },
            },
          },
        );
        const map = reachMap(plan, HEADROOM_M);
        expect([...map.within].map((v) => v === 1)).toEqual(slowMap(plan));
      },
    ),
    { numRuns: 40 },
  );
});

test('a longer arm never reaches less, and where one can stand everywhere nothing is out of reach', () => {
  const low = bareCoop().shell;
  const under = (armM: number) =>
    reachMap(
      withArm(armM, [hatch()], {
        shell: { ...low, roof: { kind: 'flat', lowM: 1.2, highM: 1.2 } },
      }),
      HEADROOM_M,
    ).unreachedM2;
  const areas = [0.3, 0.5, 0.75, 1, 1.5].map(under);
  for (let i = 1; i < areas.length; i++) {
    expect(areas[i]).toBeLessThan(areas[i - 1] as number);
  }
  expect(reachMap(withArm(0.75, [door()]), HEADROOM_M)).toMatchObject({
    unreachedM2: 0,
    walkIn: true,
  });
});

test('a bar at chest height from wall to wall shuts the keeper out, and one over her head does not', () => {
  const across = (z: number) =>
    reachMap(withArm(0.5, [door(), bar({ id: 'across', x: 0, y: 1.5, z, lengthM: 4 })]), HEADROOM_M)
      .unreachedM2;
  // it shuts rows to 1.60 m: from the last one she stands in, at 1.35 m, her arm gets to 1.85 m
  expect(across(1.2)).toBeCloseTo(4 * 1.1, 6);
  expect(across(1.9)).toBe(0);
});

test('a door that is walled up from inside lets nobody stand', () => {
  const blocked = withArm(0.4, [
    door({ alongM: 1 }),
    fixtureOf({ ...newDustBath(bareCoop()), id: 'bath', x: 0.8, y: 0, lengthM: 1.2, depthM: 0.6 }),
  ]);
  const map = reachMap(blocked, HEADROOM_M);
  expect(map.walkIn).toBe(false);
  expect(map.unreachedM2).toBeGreaterThan(10);
});

test('a point is within reach where its cell is, and the walls belong to the cells beside them', () => {
  const plan = withArm(0.3, [hatch({ wall: 'left', alongM: 1, widthM: 0.6 })], {
    shell: { ...bareCoop().shell, roof: { kind: 'flat', lowM: 1.2, highM: 1.2 } },
  });
  const map = reachMap(plan, HEADROOM_M);
  expect(withinReach(map, 0, 1.2)).toBe(true);
  expect(withinReach(map, 0.22, 1.2)).toBe(true);
  expect(withinReach(map, 0.42, 1.2)).toBe(false);
  expect(withinReach(map, 4, 3)).toBe(false);
});

test.each([
  ['front', { x0: 1, x1: 1.75, y0: 0, y1: 0.6 }],
  ['rear', { x0: 1, x1: 1.75, y0: 2.4, y1: 3 }],
  ['left', { x0: 0, x1: 0.6, y0: 1, y1: 1.75 }],
  ['right', { x0: 3.4, x1: 4, y0: 1, y1: 1.75 }],
] as const)('the strip inside a door in the %s wall lies inside the coop', (wall, strip) => {
  const d = door({ wall, alongM: 1, widthM: 0.75 });
  const found = doorStrip(d, bareCoop(), 0.6);
  expect([found.x0, found.x1, found.y0, found.y1].map((m) => Math.round(m * 1000) / 1000)).toEqual([
    strip.x0,
    strip.x1,
    strip.y0,
    strip.y1,
  ]);
  expect([found.z0, found.z1]).toEqual([0, 0.1]);
});
