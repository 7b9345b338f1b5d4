import { inRun } from '@/core/geometry/solids';
import { VIEWS } from '@/core/tests/drawn';
import { everything } from '@/core/tests/everything';
import { bar, soundCoop } from '@/core/tests/plans';
import { fixtureOf } from '../../model/fixtures.schema';
import { pointsOf, type View } from '../shape';
import { markOutsOf } from './markOuts';

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
