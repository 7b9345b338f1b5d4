import fc from 'fast-check';
import { assess } from '../../assess';
import { birdSize } from '../../birds/size';
import { anyPlan, bank, bar, bareCoop, DAY, hens, sample } from '../../tests/plans';

const birdsOf = (plan: Parameters<typeof assess>[0]) => assess(plan, { on: DAY }).birds;

test('three heavy hens sit side by side on 1.20 m, each in the middle of her own width', () => {
  const plan = bareCoop({
    flock: [hens(3, { massKg: 3.2 })],
    fixtures: [bar({ x: 1, y: 2.4, z: 0.7, lengthM: 1.2 })],
  });
  const birds = birdsOf(plan);
  // 0.33991 m each: middles at 0.16995, 0.50986, 0.84977 from the bar's left end
  expect(birds.map((b) => b.x)).toEqual(
    [1.16995, 1.50986, 1.84977].map((x) => expect.closeTo(x, 4)),
  );
  for (const b of birds) expect(b).toMatchObject({ barId: 'bar-1', y: 2.4, z: 0.7, across: 'x' });
});

test('the second bar fills from its other end, so that rows behind one another can be told apart', () => {
  const plan = bareCoop({
    flock: [hens(2, { massKg: 2.2 })],
    fixtures: [
      bar({ id: 'bar-1', x: 1, y: 2.5, z: 1.2, lengthM: 0.4 }),
      bar({ id: 'bar-2', x: 1, y: 2, z: 0.8, lengthM: 0.4 }),
    ],
  });
  expect(birdsOf(plan).map((b) => [b.barId, b.x])).toEqual([
    ['bar-1', expect.closeTo(1.15, 9)],
    ['bar-2', expect.closeTo(1.25, 9)],
  ]);
});

test('on a bar that runs front to rear they sit along it, looking across', () => {
  const plan = bareCoop({
    flock: [hens(2, { massKg: 2.2 })],
    fixtures: [bar({ axis: 'y', x: 3.2, y: 0.5, z: 0.8, lengthM: 1 })],
  });
  const birds = birdsOf(plan);
  expect(birds.map((b) => b.y)).toEqual([0.65, 0.95].map((y) => expect.closeTo(y, 9)));
  for (const b of birds) expect(b).toMatchObject({ x: 3.2, across: 'y' });
});

test('those without a place stand on the litter, inside the walls', () => {
  const plan = sample('pell-garth');
  const left = birdsOf(plan).filter((b) => b.barId === null);
  expect(left).toHaveLength(8);
  for (const b of left) {
    expect(b.z).toBe(plan.litter.depthM);
    expect(b.x).toBeGreaterThan(0);
    expect(b.x).toBeLessThan(plan.shell.lengthM);
    expect(b.y).toBeLessThan(plan.shell.widthM);
  }
});

test('no more than forty of those are drawn, however many there are', () => {
  const crowd = bareCoop({ flock: [hens(300)], fixtures: [bar({ lengthM: 1 })] });
  expect(birdsOf(crowd).filter((b) => b.barId === null)).toHaveLength(40);
});

test('without bars every bird of the flock stands on the litter; without birds nobody is drawn', () => {
  expect(birdsOf(bareCoop({ flock: [hens(5)], fixtures: [bank()] }))).toHaveLength(5);
  expect(birdsOf(bareCoop({ fixtures: [bar()] }))).toEqual([]);
});

test('whoever sits on a bar sits within it, at her own size, and nobody on another', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const { birds, figures } = assess(plan, { on: DAY });
      for (const bird of birds) {
        const size = birdSize((bird.lengthM / 0.32) ** 3);
        expect(bird.lengthM).toBe(figures.get(`flock.${bird.lotId}.length`)?.value);
        expect(bird.heightM).toBe(figures.get(`flock.${bird.lotId}.height`)?.value);
        expect(bird.widthM).toBeCloseTo(size.widthM, 9);
      }
      for (const b of plan.fixtures) {
        if (b.kind !== 'bar') continue;
        const on = birds.filter((bird) => bird.barId === b.id).sort((p, q) => p.x - q.x);
        on.forEach((bird, i) => {
          expect(bird.x).toBeGreaterThanOrEqual(b.x);
          expect(bird.x).toBeLessThanOrEqual(b.x + b.lengthM);
          expect(bird.z).toBe(b.z);
          const left = on[i - 1];
          const width = (id: string) => figures.get(`roosts.widthPerBird.${id}`)?.value ?? 0;
          if (left) {
            const apart = (width(left.lotId) + width(bird.lotId)) / 2;
            expect(bird.x - left.x).toBeGreaterThanOrEqual(apart - 1e-9);
          }
        });
      }
    }),
    { numRuns: 60 },
  );
});
