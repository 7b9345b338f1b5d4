import fc from 'fast-check';
import { assess } from '@/core/assess';
import { inRun } from '@/core/geometry/solids';
import { item, pens, sizeOf, VIEWS } from '@/core/tests/drawn';
import { everything } from '@/core/tests/everything';
import { badCoop, bar, change, DAY, sample, soundCoop } from '@/core/tests/plans';
import { birdSize } from '../birds/size';
import { newHatch } from '../edit/new/openings';
import { type DrawnItem, draw, drawChanged } from './draw';
import { type Pen, type Point, pointsOf, type View } from './shape';
import { nearness, roofOutline } from './view';

test('everything that stands in the coop is drawn once in each view, what stands in the run never', () => {
  for (const heat of ['lamp', 'plate', 'hen'] as const) {
    const plan = everything(heat);
    for (const view of VIEWS) {
      const drawn = draw(plan, view).filter((i) => i.what === 'fixture');
      const inside = plan.fixtures.filter((f) => !inRun(f));
      expect(drawn.map((i) => i.key).sort()).toEqual(inside.map((f) => f.id).sort());
      for (const i of drawn) expect(i.shapes.length).toBeGreaterThan(0);
    }
  }
});

/** What belongs to a fixture and goes beyond the room that it takes. */
const BEYOND: ReadonlySet<Pen> = new Set([
  'chain',
  'outlet',
  'bracket',
  'rail',
  'leaf',
  'ramp',
  'pipe',
  'tank',
]);

test('a fixture is drawn within what it takes; only chains, rails, brackets, a lid and a door ajar go beyond', () => {
  const plan = everything('lamp');
  const beyond: string[] = [];
  for (const view of VIEWS) {
    for (const { what, key, face, shapes } of draw(plan, view)) {
      if (what !== 'fixture') continue;
      for (const shape of shapes) {
        const isLid = shape.pen === 'fold' && key === 'bank';
        if (BEYOND.has(shape.pen) || isLid) continue;
        for (const [a, b] of pointsOf(shape)) {
          const slack = shape.pen === 'grain' ? 0.006 : 1e-9;
          const off = Math.max(face.a0 - a, a - face.a1, face.b0 - b, b - face.b1);
          if (off > slack) beyond.push(`${key} ${view} ${shape.pen} ${off}`);
        }
      }
    }
  }
  expect(beyond).toEqual([]);
});

test('no coop, however bad, is drawn with a number that is none', () => {
  fc.assert(
    fc.property(badCoop, fc.constantFrom(...VIEWS), (plan, view) => {
      const { birds, reach, findings } = assess(plan, { on: DAY });
      const zones = findings.flatMap((f) => (f.zone ? [f.zone] : []));
      const shapes = draw(plan, view, { birds, reach, zones }).flatMap((i) => i.shapes);
      const bad = shapes.filter((s) => !pointsOf(s).flat().every(Number.isFinite));
      expect(bad).toEqual([]);
    }),
    { numRuns: 40 },
  );
});

test('birds have their own length and height: 2.2 kg, seen from her side', () => {
  const plan = soundCoop();
  const { birds } = assess(plan, { on: DAY });
  const drawn = draw(plan, 'right', { birds }).filter((i) => i.what === 'bird');
  expect(drawn).toHaveLength(birds.length);
  const size = birdSize(2.2);
  for (const { shapes } of drawn) {
    const [long, high] = sizeOf(shapes);
    expect(long).toBeCloseTo(size.lengthM, 2);
    expect(high).toBeCloseTo(size.headM, 2);
  }
});

test('what is nearer to the eye is drawn later', () => {
  const near = { x0: 0.5, x1: 1.5, y0: 0.2, y1: 0.9, z0: 0.4, z1: 0.45 };
  const behind = { ...near, y0: 1.5, y1: 2, x1: 0.6, z1: 0.2 };
  for (const view of ['front', 'right', 'above'] as const) {
    expect(nearness(behind, view)).toBeLessThan(nearness(near, view));
  }
  // from the other side what was behind is near
  expect(nearness(behind, 'rear')).toBeGreaterThan(nearness(near, 'rear'));
  const right = { ...near, x0: 2, x1: 2.5 };
  expect(nearness(right, 'left')).toBeLessThan(nearness(near, 'left'));
});

test('from the front a roof that rises to the rear shows both its heights', () => {
  const { shell } = sample('pell-garth');
  expect(roofOutline(shell, 'front').high.map(([, h]) => h)).toEqual([2.4, 2.4, 2.4]);
  expect(roofOutline(shell, 'front').low.map(([, h]) => h)).toEqual([1.9, 1.9, 1.9]);
  expect(roofOutline(shell, 'right').high.map(([, h]) => h)).toEqual(
    [1.9, 2.15, 2.4].map((h) => expect.closeTo(h, 9)),
  );
});

test('faults of one thing share a hatch, and floor out of reach is shown from above alone', () => {
  const plan = soundCoop((d) => {
    d.fixtures = [...d.fixtures.filter((f) => f.kind !== 'door'), newHatch(d)];
    d.keeper.armM = 0.4;
  });
  const zone = { x0: 0, x1: 1, y0: 0, y1: 1, z0: 0, z1: 1 };
  const { reach } = assess(plan, { on: DAY });
  const of = (view: View, what: DrawnItem['what']) =>
    draw(plan, view, { zones: [zone, { ...zone }], reach }).filter((i) => i.what === what);
  expect(of('front', 'markOut')).toHaveLength(1);
  expect(of('front', 'reach')).toHaveLength(0);
  const cells = [...(reach?.within ?? [])].filter((w) => w === 0).length;
  expect(cells).toBeGreaterThan(0);
  const [shown] = of('above', 'reach');
  expect(shown?.shapes.flatMap(pointsOf)).toHaveLength(4 * cells);
});

test('of a change only what it touches is drawn', () => {
  const plan = soundCoop();
  const then = { ...plan, fixtures: plan.fixtures.map((f) => ({ ...f })) };
  expect(drawChanged(plan, then, 'front')).toEqual([]);
  change(then, 'bar', 'bar', { z: 1.1 });
  expect(drawChanged(plan, then, 'front').map((i) => i.key)).toEqual(['bar']);
});

test('the room is drawn within its walls and roof: a section across the ridge, a rectangle along it', () => {
  const plan = sample('osk-landing');
  const { roof, lengthM, widthM } = plan.shell;
  if (roof.kind !== 'gable' || roof.ridgeAxis !== 'x') throw new Error('another roof');
  const room = (view: View): Point[] => {
    const shape = item(draw(plan, view), 'shell').shapes.find((s) => s.pen === 'room');
    if (!shape) throw new Error('no room');
    return pointsOf(shape);
  };
  expect(room('right')).toEqual([
    [0, 0],
    [0, roof.lowM],
    [widthM / 2, roof.highM],
    [widthM, roof.lowM],
    [widthM, 0],
  ]);
  expect(room('front')).toEqual([
    [0, 0],
    [lengthM, 0],
    [lengthM, roof.highM],
    [0, roof.highM],
  ]);
});

test('what a section is cut through has a heavier line, and cut timber its grain', () => {
  const plan = soundCoop((d) => {
    d.fixtures = [bar({ id: 'across', axis: 'y', x: 1, y: 0.4, z: 0.9, lengthM: 1.2 })];
  });
  expect(pens(item(draw(plan, 'front', { cutM: 1 }), 'across').shapes)).toEqual(
    expect.arrayContaining(['cutGrain', 'cutEdge']),
  );
  expect(pens(item(draw(plan, 'front'), 'across').shapes)).not.toContain('cutEdge');
});
