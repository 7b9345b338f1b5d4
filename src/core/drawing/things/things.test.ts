import fc from 'fast-check';
import { item, pens, sizeOf, VIEWS } from '@/core/tests/drawn';
import { change, soundCoop } from '@/core/tests/plans';
import { fixtureOf, type OfKind } from '../../model/fixtures.schema';
import { DRINKER_KINDS, FEEDER_KINDS } from '../../rules/vesselKinds.data';
import { draw } from '../draw';
import { type Pen, type Point, pointsOf, type Shape, type View } from '../shape';

test('a round drinker is round from above and a can over a pan from the front; a round pole is round end on', () => {
  const plan = soundCoop((d) => {
    change(d, 'bar', 'bar', { section: { shape: 'round', widthM: 0.05, heightM: 0.05 } });
  });
  const round = plan.fixtures.find((f) => f.kind === 'drinker');
  if (!round) throw new Error('no drinker');
  expect(item(draw(plan, 'above'), round.id).shapes.map((s) => s.kind)).toEqual([
    'ellipse',
    'ellipse',
  ]);
  expect(item(draw(plan, 'front'), round.id).shapes.every((s) => s.kind === 'path')).toBe(true);
  const bar = (view: View) => item(draw(plan, view), 'bar').shapes;
  expect(bar('right').map((s) => [s.kind, s.pen])).toEqual([
    ['ellipse', 'timber'],
    ['path', 'endGrain'],
  ]);
  expect(bar('front').filter((s) => s.pen !== 'bracket')).toHaveLength(1);
  const { brackets } = plan.fixtures.find((f) => f.id === 'bar') as OfKind<'bar'>;
  expect(bar('front').filter((s) => s.pen === 'bracket')).toHaveLength(brackets);
});

test('a window is a hole with its bars on its wall, and a cut through the wall where it is seen edge on', () => {
  const plan = soundCoop();
  const window = plan.fixtures.find((f) => f.kind === 'window');
  if (window?.kind !== 'window') throw new Error('no window');
  const own = (view: View) => item(draw(plan, view), window.id).shapes;
  const [face, edge]: View[] =
    window.wall === 'front' || window.wall === 'rear' ? ['front', 'right'] : ['right', 'front'];
  // of the wall that is cut away only the outline of its holes is drawn
  const cutAway = window.wall === 'front' || window.wall === 'right';
  expect(pens(own(face as View))).toEqual([cutAway ? 'holeBefore' : 'hole', 'fold']);
  const behind = { ...window, wall: window.wall === 'front' ? 'rear' : 'left' } as const;
  const fixtures = plan.fixtures.map((f) => (f.id === window.id ? behind : f));
  expect(pens(item(draw({ ...plan, fixtures }, face as View), window.id).shapes)).toContain('hole');
  const cut = own(edge as View);
  expect(pens(cut)).toEqual(['cutHole', 'thingLine']);
  expect(sizeOf(cut)[0]).toBeCloseTo(0.09, 9);
  expect(sizeOf(cut)[1]).toBeCloseTo(window.heightM, 9);
  expect(
    sizeOf(own('above'))
      .map((m) => Math.round(m * 1000))
      .sort(),
  ).toEqual([90, Math.round(window.widthM * 1000)].sort());
});

test('a sloped ledge is a wedge that is high at its wall', () => {
  const plan = soundCoop((d) => {
    d.fixtures.push({
      kind: 'ledge',
      id: 'sill',
      name: 'Sill',
      x: 0,
      y: 0.5,
      z: 1.2,
      lengthM: 0.1,
      depthM: 1,
      sloped: true,
    });
  });
  const [wedge] = item(draw(plan, 'front'), 'sill').shapes;
  if (!wedge) throw new Error('no ledge');
  expect(pointsOf(wedge).map((p) => p.map((m) => Math.round(m * 1000)))).toEqual([
    [0, 1180],
    [100, 1180],
    [0, 1200],
  ]);
  // along the slope it is a plain board
  expect(pointsOf(item(draw(plan, 'right'), 'sill').shapes[0] as Shape)).toHaveLength(4);
});

test('every kind of feeder and drinker has a shape of its own, within its own room, from every side', () => {
  const feeders = Object.keys(FEEDER_KINDS).map((type) => ['feeder', type] as const);
  const drinkers = Object.keys(DRINKER_KINDS).map((type) => ['drinker', type] as const);
  const fronts = new Set<string>();
  for (const [kind, type] of [...feeders, ...drinkers]) {
    const own = fixtureOf({
      kind,
      type,
      id: 'v',
      name: type,
      x: 1,
      y: 1,
      rimZ: 0.35,
      diameterM: 0.3,
      heightM: 0.45,
      hung: false,
      outlets: 3,
    } as never);
    const plan = soundCoop((d) => {
      d.fixtures = [own];
    });
    for (const view of VIEWS) {
      const { face, shapes } = item(draw(plan, view), 'v');
      for (const [a, b] of shapes.filter((s) => s.pen !== 'outlet').flatMap(pointsOf)) {
        expect(a).toBeGreaterThanOrEqual(face.a0 - 1e-9);
        expect(a).toBeLessThanOrEqual(face.a1 + 1e-9);
        expect(b).toBeGreaterThanOrEqual(face.b0 - 1e-9);
        expect(b).toBeLessThanOrEqual(face.b1 + 1e-9);
      }
      // as broad as it is, whatever stands on it
      expect(sizeOf(shapes)[0]).toBeCloseTo(face.a1 - face.a0, 9);
    }
    fronts.add(JSON.stringify(item(draw(plan, 'front'), 'v').shapes));
  }
  // a feeding trough and a drinking trough are one shape
  expect(fronts.size).toBe(feeders.length + drinkers.length - 1);
});

test('an opening shows its cover and its state: glass, a board, mesh, a net, slats and drilled holes', () => {
  const hole = {
    id: 'v',
    name: 'V',
    wall: 'rear',
    alongM: 0.5,
    sillZ: 1,
    widthM: 0.5,
    heightM: 0.4,
  };
  const drawn = (more: object): Pen[] => {
    const plan = soundCoop((d) => {
      d.fixtures = [fixtureOf({ ...hole, ...more } as never)];
    });
    return pens(item(draw(plan, 'front'), 'v').shapes);
  };
  expect(drawn({ kind: 'window', opens: 'shut' })).toEqual(['hole', 'glass', 'fold']);
  expect(drawn({ kind: 'window', opens: 'shut', pane: 'board' })).toEqual([
    'hole',
    'timber',
    'fold',
  ]);
  expect(drawn({ kind: 'window', opens: 'open', pane: 'none', cover: 'mesh13' })).toEqual([
    'hole',
    'wire',
    'fold',
  ]);
  expect(drawn({ kind: 'vent' })).toEqual(['hole', 'wire']);
  expect(drawn({ kind: 'vent', cover: 'netting', opens: 'closable' })).toEqual([
    'hole',
    'wire',
    'fold',
  ]);
  expect(drawn({ kind: 'vent', screenedBy: 'louvre' })).toEqual(['hole', 'thingLine']);
  expect(drawn({ kind: 'vent', holes: { count: 12, diameterM: 0.03 } })).toEqual([
    'hole',
    'timber',
    'hollow',
  ]);
  expect(drawn({ kind: 'vent', opens: 'shut', pane: 'board' })).toEqual(['hole', 'timber']);
});

test('a wire of mesh or net never leaves its hole', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 2, noNaN: true }),
      fc.double({ min: 0.05, max: 1.5, noNaN: true }),
      fc.constantFrom('mesh6', 'mesh13', 'mesh25', 'netting'),
      (widthM, heightM, cover) => {
        const plan = soundCoop((d) => {
          d.fixtures = [
            fixtureOf({
              kind: 'vent',
              id: 'v',
              name: 'V',
              wall: 'rear',
              alongM: 0.3,
              sillZ: 0.2,
              widthM,
              heightM,
              cover,
            }),
          ];
        });
        const points = item(draw(plan, 'front'), 'v').shapes.flatMap(pointsOf);
        for (const [a, b] of points) {
          expect(a).toBeGreaterThanOrEqual(0.3 - 1e-9);
          expect(a).toBeLessThanOrEqual(0.3 + widthM + 1e-9);
          expect(b).toBeGreaterThanOrEqual(0.2 - 1e-9);
          expect(b).toBeLessThanOrEqual(0.2 + heightM + 1e-9);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('the keeper stands at her own height inside a door with room over her head, and nowhere else', () => {
  const door = {
    kind: 'door',
    id: 'd',
    name: 'Door',
    wall: 'front',
    alongM: 1,
    sillZ: 0,
    widthM: 0.8,
    heightM: 1.9,
  } as const;
  const plan = soundCoop((d) => {
    d.shell.roof = { kind: 'flat', lowM: 2.1, highM: 2.1 };
    d.keeper.statureM = 1.68;
    d.fixtures = [fixtureOf(door)];
  });
  const stands = (of: typeof plan) => draw(of, 'front').find((i) => i.what === 'keeper');
  const tall =
    stands(plan)
      ?.shapes.flatMap(pointsOf)
      .map((p) => p[1]) ?? [];
  expect(Math.max(...tall) - Math.min(...tall)).toBeCloseTo(1.68, 1);
  expect(Math.min(...tall)).toBeCloseTo(0, 2);
  expect(stands({ ...plan, fixtures: [] })).toBeUndefined();
  const low = {
    ...plan,
    shell: { ...plan.shell, roof: { kind: 'flat', lowM: 1.6, highM: 1.6 } as const },
  };
  expect(stands(low)).toBeUndefined();
  // cut through behind her, she is taken away with what stands there
  expect(draw(plan, 'front', { cutM: 1 }).some((i) => i.what === 'keeper')).toBe(false);
});

test('studs stand where the tape has them, in every wall from above and on the wall that is looked at', () => {
  const plan = soundCoop((d) => {
    d.shell = { ...d.shell, lengthM: 2.5, widthM: 2, studsM: 0.6 };
    d.fixtures = [];
  });
  const shapes = (view: View) => item(draw(plan, view), 'shell').shapes;
  const lines = shapes('front').filter((s) => s.pen === 'studLine');
  expect(lines.map((s) => pointsOf(s)[0]?.[0])).toEqual(
    [0.6, 1.2, 1.8, 2.4].map((m) => expect.closeTo(m, 9)),
  );
  // from the rear the left wall is at the right of the page
  const rear = shapes('rear').filter((s) => s.pen === 'studLine');
  expect(rear.map((s) => pointsOf(s)[0]?.[0])).toEqual(
    [1.9, 1.3, 0.7, 0.1].map((m) => expect.closeTo(m, 9)),
  );
  // four in each long wall, three in each short one: one at 1.8 m
  expect(shapes('above').filter((s) => s.pen === 'stud')).toHaveLength(2 * 4 + 2 * 3);
});

test('a ramp begins at its sill outside the wall, and goes down as steeply as it is built', () => {
  const plan = soundCoop((d) => {
    d.shell = { ...d.shell, lengthM: 3, widthM: 2, floorAboveGroundM: 0.4 };
    d.fixtures = [
      fixtureOf({
        kind: 'popDoor',
        id: 'p',
        name: 'P',
        wall: 'right',
        alongM: 0.5,
        sillZ: 0.2,
        widthM: 0.3,
        heightM: 0.35,
        ramp: { lengthM: 1, widthM: 0.24, cleatM: 0.1 },
      }),
    ];
  });
  const ramp = (view: View): Point[] =>
    item(draw(plan, view), 'p')
      .shapes.filter((s) => s.pen === 'ramp')
      .flatMap(pointsOf);
  // 0.6 m down in 0.8 m out: at 0.2667 m out it meets the floor's level
  const [sill, foot] = ramp('front');
  expect(sill).toEqual([3.09, 0.2].map((m) => expect.closeTo(m, 9)));
  expect(foot?.[1]).toBeCloseTo(0, 9);
  expect((foot?.[0] ?? 0) - 3.09).toBeCloseTo(0.2 / 0.75, 6);
  expect(ramp('rear')[0]?.[0]).toBeCloseTo(-0.09, 9);
  const above = ramp('above');
  expect(Math.max(...above.map((p) => p[0]))).toBeCloseTo(3.39, 9);
  expect(Math.min(...above.map((p) => p[1]))).toBeCloseTo(0.65 - 0.12, 9);
  // seen on its face there is no ramp to see
  expect(ramp('right')).toEqual([]);
});
