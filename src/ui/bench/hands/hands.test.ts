import fc from 'fast-check';
import type { View } from '@/core/drawing/shape';
import type { Fixture } from '@/core/model/schema';
import { everything } from '@/core/tests/everything';
import { bank, bar, sample, soundCoop } from '@/core/tests/plans';
import { measuresOf, placeFigures } from './dimensions';
import { glassAt } from './glass';
import { gripsOf } from './grips';
import { shiftOf } from './shift';

const VIEWS: readonly View[] = ['front', 'right', 'rear', 'left', 'above'];

/** A room of 4 × 3 m. */
const plan = soundCoop((d) => {
  d.fixtures = [];
});
const round = (m: number): number => Math.round(m * 1e6) / 1e6;

describe('a way over the page', () => {
  test('to the right and up is another way in the coop from each side', () => {
    const way = (view: View) => {
      const { dx, dy, dz } = shiftOf(view, 0.2, 0.1);
      return [dx, dy, dz].map((m) => round(m) + 0);
    };
    expect(way('front')).toEqual([0.2, 0, 0.1]);
    expect(way('rear')).toEqual([-0.2, 0, 0.1]);
    expect(way('right')).toEqual([0, 0.2, 0.1]);
    expect(way('left')).toEqual([0, -0.2, 0.1]);
    expect(way('above')).toEqual([0.2, 0.1, 0]);
  });
});

describe('ends that can be pulled', () => {
  const own = bar({ axis: 'x', x: 0.5, y: 2.2, z: 0.9, lengthM: 1.8 });

  test('show where the bar lies along the page, each pointing outwards; seen end on there are none', () => {
    const at = (view: View) =>
      gripsOf(own, plan, view).map((g) => [g.end.side, round(g.acrossM), ...g.outward]);
    expect(at('front')).toEqual([
      ['low', 0.5, -1, 0],
      ['high', 2.3, 1, 0],
    ]);
    // from behind the left end stands at the right
    expect(at('rear')).toEqual([
      ['low', 3.5, 1, 0],
      ['high', 1.7, -1, 0],
    ]);
    expect(at('right')).toEqual([]);
    expect(at('above')).toEqual(at('front'));
  });

  test('a hole has its sides and its sill and head, from the sides that show it', () => {
    const hole = sample('pell-garth').fixtures.find(
      (f) => f.kind === 'window' && (f.wall === 'front' || f.wall === 'rear'),
    );
    if (!hole) throw new Error('no window');
    const ends = (view: View) =>
      gripsOf(hole, plan, view).map((g) => `${g.end.axis} ${g.end.side}`);
    expect(ends('front')).toEqual(['x low', 'x high', 'z low', 'z high']);
    expect(ends('above')).toEqual(['x low', 'x high']);
  });

  test('lie on what is drawn, whatever it is and from wherever it is seen', () => {
    for (const heat of ['lamp', 'hen'] as const) {
      const all = everything(heat);
      for (const view of VIEWS) {
        for (const f of all.fixtures) {
          for (const { acrossM, upM } of gripsOf(f, all, view)) {
            expect([f.id, Number.isFinite(acrossM), Number.isFinite(upM)]).toEqual([
              f.id,
              true,
              true,
            ]);
          }
        }
      }
    }
  });
});

describe('measures of what is picked', () => {
  const chain = (f: Fixture, view: View) => {
    const { across, up } = measuresOf(f, plan, view);
    const sizes = (list: typeof across) => list.map((m) => round(m.toM - m.fromM));
    return { across: sizes(across), up: sizes(up) };
  };

  test('run from wall to wall, worked by hand for a bar of 1.8 m', () => {
    const own = bar({ axis: 'x', x: 0.5, y: 2.2, z: 0.9, lengthM: 1.8 });
    const over = round(0.9 - plan.litter.depthM);
    expect(chain(own, 'front')).toEqual({ across: [0.5, 1.8, 1.7], up: [over] });
    // seen end on by its middle
    expect(chain(own, 'right')).toEqual({ across: [2.2, 0.8], up: [over] });
    expect(chain(own, 'left')).toEqual({ across: [0.8, 2.2], up: [over] });
    expect(chain(own, 'above')).toEqual({ across: [0.5, 1.8, 1.7], up: [2.2, 0.8] });
  });

  test('add up to the room, whatever is measured, and none of them is nothing', () => {
    const all = everything('lamp');
    for (const view of VIEWS) {
      for (const f of all.fixtures) {
        if ('place' in f && f.place === 'run') continue;
        const { across } = measuresOf(f, all, view);
        const acrossM = view === 'left' || view === 'right' ? all.shell.widthM : all.shell.lengthM;
        expect([f.id, view, round(across.reduce((sum, m) => sum + m.toM - m.fromM, 0))]).toEqual([
          f.id,
          view,
          expect.closeTo(acrossM, 2),
        ]);
        for (const m of across) expect(m.toM).toBeGreaterThan(m.fromM);
      }
    }
  });

  test('of a bank, its lip over the litter', () => {
    const own = bank({ x: 1, y: 2.6, lipZ: 0.65, boxes: 3, boxW: 0.3, boxD: 0.4, faces: 'front' });
    expect(chain(own, 'front')).toEqual({
      across: [1, 0.9, 2.1],
      up: [round(0.65 - plan.litter.depthM)],
    });
  });

  test('have figures that never touch, and none where there is no room for all', () => {
    const measure = fc.tuple(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 1, max: 200 }));
    fc.assert(
      fc.property(fc.array(measure, { minLength: 1, maxLength: 6 }), (given) => {
        let at = 0;
        const measures = given.map(([gap, long]) => {
          const from = at + gap / 10;
          at = from + long;
          return { from, to: at, text: 'm' };
        });
        const placed = placeFigures(measures, 60, [-40, 700]);
        expect([0, measures.length]).toContain(placed.length);
        placed.forEach((m, i) => {
          expect(m.at - 30).toBeGreaterThanOrEqual(-40 - 1e-6);
          expect(m.at + 30).toBeLessThanOrEqual(700 + 1e-6);
          if (i > 0) expect(m.at - (placed[i - 1]?.at ?? 0)).toBeGreaterThanOrEqual(60 - 1e-6);
        });
      }),
    );
    expect(placeFigures([{ from: 0, to: 5, text: 'm' }], 60, [0, 40])).toEqual([]);
  });
});

test('the glass over a finger is never under it, and never off the drawing at its sides', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 390 }), fc.integer({ min: 0, max: 300 }), (x, y) => {
      const glass = glassAt([x, y], { width: 390 });
      expect(Math.hypot(glass.x - x, glass.y - y)).toBeGreaterThan(54);
      expect(glass.x).toBeGreaterThanOrEqual(54);
      expect(glass.x).toBeLessThanOrEqual(390 - 54);
    }),
  );
});
