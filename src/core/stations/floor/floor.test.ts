// Floor is taken once, whoever stands on it; what hangs high over the litter as it ends takes none.
import { assess } from '../../assess';
import { newDrinker, newFeeder } from '../../edit/new/floorThings';
import type { Fixture, Plan } from '../../model/schema';
import { bank, bar, bareCoop, DAY, hens } from '../../tests/plans';

const on = DAY;
const usable = (plan: Plan): number =>
  assess(plan, { on }).figures.get('floor.have')?.value ?? Number.NaN;
const coop = (fixtures: readonly Fixture[], parts: Partial<Plan> = {}): Plan =>
  bareCoop({ flock: [hens(4)], fixtures: [...fixtures], ...parts });
const low = (id: string, x: number): Fixture =>
  bank({ id, x, y: 0, faces: 'rear', boxes: 2, boxW: 0.4, boxD: 0.4, lipZ: 0.4 });

test('two banks in one place take their floor once, side by side twice', () => {
  const bare = usable(coop([]));
  const one = bare - usable(coop([low('a', 0)]));
  expect(one).toBeCloseTo(0.32, 9);
  expect(bare - usable(coop([low('a', 0), low('b', 0)]))).toBeCloseTo(one, 9);
  expect(bare - usable(coop([low('a', 0), low('b', 0.4)]))).toBeCloseTo(1.5 * one, 9);
  expect(bare - usable(coop([low('a', 0), low('b', 0.8)]))).toBeCloseTo(2 * one, 9);
});

test('what stands in the keeper’s own strip takes nothing more', () => {
  const bare = bareCoop();
  const shell = { ...bare.shell, storage: { wall: 'front' as const, depthM: 0.5 } };
  const strip = usable(coop([], { shell }));
  expect(strip).toBeCloseTo(usable(coop([])) - 0.5 * bare.shell.lengthM, 9);
  expect(usable(coop([low('a', 0)], { shell }))).toBeCloseTo(strip, 9);
});

test('a bank counts as raised by what is clear under it when the litter is cleaned out', () => {
  const over = (finalM: number, lipZ: number): number => {
    const litter = { ...bareCoop().litter, depthM: 0.1, finalM };
    const bank0 = { ...low('a', 0), lipZ } as Fixture;
    return usable(coop([], { litter })) - usable(coop([bank0], { litter }));
  };
  // the same bank stands free over a bed of 10 cm and not over one of 30
  const lipZ = [0.6, 0.65, 0.7, 0.75, 0.8].find((z) => over(0.1, z) === 0) ?? 0;
  expect(lipZ).toBeGreaterThan(0);
  expect(over(0.3, lipZ)).toBeCloseTo(0.32, 9);
  expect(over(0.3, lipZ + 0.2)).toBe(0);
});

test('vessels in one place are told of, and take no more floor than the place has', () => {
  const plan = coop([]);
  const feeder = newFeeder(plan, { x: 1, y: 1, diameterM: 0.4 });
  const drinker = newDrinker(plan, { x: 1, y: 1, diameterM: 0.4 });
  const bare = usable(plan);
  expect(bare - usable(coop([feeder, drinker]))).toBeCloseTo(bare - usable(coop([feeder])), 9);
  const codes = assess(coop([feeder, drinker]), { on }).findings.map((f) => f.code);
  expect(codes).toContain('shell.things.clash');
});

test('bars that cross or lie in one another are told of', () => {
  const codes = (bars: readonly Fixture[]) =>
    assess(coop(bars), { on }).findings.map((f) => f.code);
  const a = bar({ id: 'a', x: 0.5, y: 1.5, z: 0.6, lengthM: 2 });
  const across = bar({ id: 'b', x: 1.5, y: 0.5, z: 0.6, lengthM: 2, axis: 'y' });
  expect(codes([a, across])).toContain('shell.bars.cross');
  expect(codes([a, { ...a, id: 'b' }])).toContain('shell.bars.inOne');
  expect(codes([a, { ...across, z: 0.9 } as Fixture])).not.toContain('shell.bars.cross');
});
