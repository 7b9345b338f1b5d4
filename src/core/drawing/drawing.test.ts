import fc from 'fast-check';
import { assess } from '@/core/assess';
import { inRun } from '@/core/geometry/solids';
import { everything } from '@/core/tests/everything';
import { badCoop, bar, change, DAY, sample, soundCoop } from '@/core/tests/plans';
import { birdSize } from '../birds/size';
import { newHatch } from '../edit/new/openings';
import { fixtureOf, type OfKind } from '../model/fixtures.schema';
import { DRINKER_KINDS, FEEDER_KINDS } from '../rules/vesselKinds.data';
import { type DrawnItem, draw, drawChanged } from './draw';
import { markOutsOf } from './markOuts/markOuts';
import { type Pen, type Point, pointsOf, type Shape, type View } from './shape';
import { nearness, roofOutline } from './view';

const VIEWS: readonly View[] = ['front', 'right', 'rear', 'left', 'above'];

const sizeOf = (shapes: readonly Shape[]): Point => {
  const points = shapes.flatMap(pointsOf);
  const span = (i: 0 | 1): number =>
    Math.max(...points.map((p) => p[i])) - Math.min(...points.map((p) => p[i]));
  return [span(0), span(1)];
};

const item = (items: readonly DrawnItem[], key: string): DrawnItem => {
  const found = items.find((i) => i.key === key);
  if (!found) throw new Error(`nothing is drawn for ${key}`);
  return found;
};
const pens = (shapes: readonly Shape[]): Pen[] => [...new Set(shapes.map((s) => s.pen))];

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

test('what a section is cut through has a heavier line, and cut timber its grain', () => {
  const plan = soundCoop((d) => {
    d.fixtures = [bar({ id: 'across', axis: 'y', x: 1, y: 0.4, z: 0.9, lengthM: 1.2 })];
  });
  expect(pens(item(draw(plan, 'front', { cutM: 1 }), 'across').shapes)).toEqual(
    expect.arrayContaining(['cutGrain', 'cutEdge']),
  );
  expect(pens(item(draw(plan, 'front'), 'across').shapes)).not.toContain('cutEdge');
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

describe('what is marked out about a fixture', () => {
  /** A room of 4 × 3 m with a bar along it, 0.9 m above the floor, and litter of its own depth. */
  const plan = soundCoop((d) => {
    d.fixtures = [bar({ id: 'a', axis: 'x', x: 1, y: 2.2, z: 0.9, lengthM: 1.8 })];
  });
  const [own] = plan.fixtures;
  if (own?.kind !== 'bar') throw new Error('no bar');
  const marks = (view: View) => new Map(markOutsOf(own, plan, view, 2.2).map((m) => [m.kind, m]));

  test('a bar has its droppings, the room over its birds’ heads and the floor they land on, by hand', () => {
    const above = marks('above');
    expect([...above.keys()]).toEqual(['shadow', 'landing']);
    const box = (kind: 'shadow' | 'landing'): number[] => {
      const points = above.get(kind)?.shapes.flatMap(pointsOf) ?? [];
      const [as, bs] = [points.map((p) => p[0]), points.map((p) => p[1])];
      return [Math.min(...as), Math.max(...as), Math.min(...bs), Math.max(...bs)];
    };
    // a quarter of a metre either side of its middle
    expect(box('shadow')).toEqual([1, 2.8, 1.95, 2.45].map((m) => expect.closeTo(m, 6)));
    // as far into the room as they come down
    const drop = 0.9 - plan.litter.depthM;
    expect(box('landing')).toEqual([1, 2.8, 2.2 - drop, 2.2].map((m) => expect.closeTo(m, 6)));
    const head = marks('front').get('headroom')?.shapes.flatMap(pointsOf) ?? [];
    // 1.6 × the back of a hen of 2.2 kg, and 10 cm
    expect(Math.max(...head.map((p) => p[1]))).toBeCloseTo(0.9 + 1.6 * 0.2406 + 0.1, 3);
  });

  test('seen end on the way down is a line of 45°, from the bar to the litter', () => {
    for (const view of ['right', 'left'] as const) {
      const [line] = marks(view).get('landing')?.shapes ?? [];
      const [from, to] = line ? pointsOf(line) : [];
      expect(Math.abs((to?.[0] ?? 0) - (from?.[0] ?? 0))).toBeCloseTo(
        (from?.[1] ?? 0) - (to?.[1] ?? 0),
        9,
      );
      expect(to?.[1]).toBeCloseTo(plan.litter.depthM, 9);
    }
    expect(marks('front').has('landing')).toBe(false);
  });

  test('the way up to a bar is hop by hop, each with how high it is: by a step, and from the litter', () => {
    const withStep = soundCoop((d) => {
      d.fixtures = [
        bar({ id: 'a', axis: 'x', x: 1, y: 2.2, z: 0.9, lengthM: 1.8 }),
        bar({ id: 's', axis: 'x', x: 1, y: 1.8, z: 0.5, lengthM: 1.8, use: 'step' }),
      ];
    });
    const rises = (of: typeof plan, id: string): number[] => {
      const on = of.fixtures.find((f) => f.id === id);
      if (!on) throw new Error('no bar');
      const hops = markOutsOf(on, of, 'right', 2.2).find((m) => m.kind === 'hops');
      return hops?.written?.map((w) => w.metres) ?? [];
    };
    const { depthM } = withStep.litter;
    expect(rises(withStep, 'a')).toEqual([0.4, 0.5 - depthM].map((m) => expect.closeTo(m, 9)));
    expect(rises(withStep, 's')).toEqual([expect.closeTo(0.5 - depthM, 9)]);
    // out of a hop's gap, a step does not count
    const far = {
      ...withStep,
      fixtures: withStep.fixtures.map((f) => (f.id === 's' ? { ...f, y: 0.3 } : f)),
    } as typeof plan;
    expect(rises(far, 'a')).toEqual([expect.closeTo(0.9 - depthM, 9)]);
  });

  test('a door shows the floor that is walked upright and how far an arm gets; under a low roof there is none to walk', () => {
    const withDoor = soundCoop((d) => {
      d.shell = {
        ...d.shell,
        lengthM: 3,
        widthM: 2,
        roof: { kind: 'flat', lowM: 2.4, highM: 2.4 },
      };
      d.keeper = { ...d.keeper, statureM: 1.7, armM: 0.7 };
      d.fixtures = [
        fixtureOf({
          kind: 'door',
          id: 'd',
          name: 'Door',
          wall: 'front',
          alongM: 1,
          sillZ: 0,
          widthM: 0.8,
          heightM: 1.9,
        }),
      ];
    });
    const of = (on: typeof plan) => {
      const [door] = on.fixtures;
      if (!door) throw new Error('no door');
      return new Map(markOutsOf(door, on, 'above', null).map((m) => [m.kind, m]));
    };
    const marks = of(withDoor);
    const extent = (kind: 'aisle' | 'reach'): number[] => {
      const points = marks.get(kind)?.shapes.flatMap(pointsOf) ?? [];
      const [as, bs] = [points.map((p) => p[0]), points.map((p) => p[1])];
      return [Math.min(...as), Math.max(...as), Math.min(...bs), Math.max(...bs)];
    };
    // an empty room is walked all over
    expect(extent('aisle')).toEqual([0, 3, 0, 2].map((m) => expect.closeTo(m, 6)));
    // an arm's length either side of the door and inwards
    expect(extent('reach')).toEqual([0.3, 2.5, 0, 0.7].map((m) => expect.closeTo(m, 6)));
    const low = {
      ...withDoor,
      shell: { ...withDoor.shell, roof: { kind: 'flat', lowM: 1.5, highM: 1.5 } as const },
    };
    expect(of(low).has('aisle')).toBe(false);
  });

  test('whatever is picked, and however it is looked at, nothing is marked with a number that is none', () => {
    for (const heat of ['lamp', 'plate', 'hen'] as const) {
      const all = everything(heat);
      for (const view of VIEWS) {
        for (const f of all.fixtures) {
          const points = markOutsOf(f, all, view, null).flatMap((m) => m.shapes.flatMap(pointsOf));
          expect(points.flat().every(Number.isFinite)).toBe(true);
          if (inRun(f)) expect(points).toEqual([]);
        }
      }
    }
  });
});
